import { type LiveEvent } from '@bright-sprout/contracts/answers/live';
import { Column, Entity, Generated, Index, PrimaryColumn } from 'typeorm';

/** The change log from which every server process tells its listeners what happened. */
@Entity('change_log')
export class Change {
  @PrimaryColumn('uuid') id: string;
  /** Its place in the log, given by the database; rows of slower transactions come in between later. */
  @Index('change_log_seq', { unique: true }) @Column('bigint') @Generated('increment') seq: string;
  @Column('varchar', { length: 30 }) kind: LiveEvent['kind'];
  @Column('uuid', { name: 'class_id' }) classId: string;
  @Column('uuid', { name: 'investigation_id', nullable: true }) investigationId: string | null;
  @Column('uuid', { name: 'subject_id', nullable: true }) subjectId: string | null;
  /** The team whose container it is about; null where it is the class's, or about something else. */
  @Column('uuid', { name: 'team_id', nullable: true }) teamId: string | null;
  @Index('change_log_at') @Column('datetime', { precision: 3 }) at: Date;
}
