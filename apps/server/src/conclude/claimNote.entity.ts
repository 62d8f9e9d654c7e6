import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Team } from '../classes/team.entity';
import { Investigation } from '../investigations/investigation.entity';

/** What the teacher says to one team's conclusion. */
@Entity('claim_note')
@Index('claim_note_of', ['investigationId', 'teamId'])
export class ClaimNote {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'investigation_id' }) investigationId: string;
  @ManyToOne(() => Investigation, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'investigation_id' })
  investigation: Relation<Investigation>;
  @Column('uuid', { name: 'team_id' }) teamId: string;
  @ManyToOne(() => Team, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'team_id' }) team: Relation<Team>;
  @Column('varchar', { length: 10 }) kind: 'comment' | 'question';
  @Column('varchar', { length: 500 }) text: string;
  @Column('datetime', { name: 'written_at', precision: 3 }) writtenAt: Date;
  @Column('datetime', { name: 'removed_at', precision: 3, nullable: true }) removedAt: Date | null;
}
