import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Team } from '../classes/team.entity';
import { Investigation } from '../investigations/investigation.entity';

/** One part of a team's conclusion as it was written at one sitting; the newest of each part counts, the others stay. */
@Entity('claim_entry')
@Index('claim_entry_of', ['investigationId', 'teamId'])
export class ClaimEntryEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'investigation_id' }) investigationId: string;
  @ManyToOne(() => Investigation, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'investigation_id' })
  investigation: Relation<Investigation>;
  @Column('uuid', { name: 'team_id' }) teamId: string;
  @ManyToOne(() => Team, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'team_id' }) team: Relation<Team>;
  @Column('varchar', { length: 100 }) part: string;
  @Column('text') text: string;
  @Column('datetime', { name: 'recorded_at', precision: 3 }) recordedAt: Date;
}
