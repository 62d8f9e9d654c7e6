import { type LiveEvent } from '@bright-sprout/contracts/live';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** The change log from which every server process tells its listeners what happened. */
@Entity('change_log')
export class Change {
  @PrimaryColumn('uuid') id: string;
  @Column('varchar', { length: 30 }) kind: LiveEvent['kind'];
  @Column('uuid', { name: 'class_id' }) classId: string;
  @Column('uuid', { name: 'investigation_id', nullable: true }) investigationId: string | null;
  @Index('change_log_at') @Column('datetime', { precision: 3 }) at: Date;
}
