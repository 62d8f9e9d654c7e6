import { type Told } from '@bright-sprout/words/say';
import { type HeldBody } from '@bright-sprout/contracts/held';
import { type HeldKind } from '@bright-sprout/contracts/heldKinds';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { ClassGroup } from '../classes/classGroup.entity';
import { Team } from '../classes/team.entity';

/** What a team entered and could not be taken: it waits until the teacher has decided. */
@Entity('held_entry')
export class HeldEntry {
  @PrimaryColumn('uuid') id: string;
  @Index('held_entry_class') @Column('uuid', { name: 'class_id' }) classId: string;
  @ManyToOne(() => ClassGroup, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'class_id', foreignKeyConstraintName: 'FK_held_entry_class' })
  classGroup: Relation<ClassGroup>;
  @Column('uuid', { name: 'team_id' }) teamId: string;
  @ManyToOne(() => Team, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'team_id', foreignKeyConstraintName: 'FK_held_entry_team' })
  team: Relation<Team>;
  @Column('uuid', { name: 'investigation_id', nullable: true }) investigationId: string | null;
  @Column('varchar', { length: 12 }) kind: HeldKind;
  @Column('simple-json') body: HeldBody['body'];
  @Column('simple-json') reason: Told;
  @Column('datetime', { name: 'received_at', precision: 3 }) receivedAt: Date;
  @Column('datetime', { name: 'decided_at', precision: 3, nullable: true }) decidedAt: Date | null;
  /** The teacher took it in; else it was left out. */
  @Column('boolean', { default: false }) taken: boolean;
}
