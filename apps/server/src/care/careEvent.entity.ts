import { type CareKind } from '@bright-sprout/core/care/careTasks';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Team } from '../classes/team.entity';
import { Investigation } from '../investigations/investigation.entity';

/** Something done, or knowingly left out, for the plants; taking it back keeps the row. */
@Entity('care_event')
export class CareEvent {
  @PrimaryColumn('uuid') id: string;
  @Index('care_event_investigation') @Column('uuid', { name: 'investigation_id' }) investigationId: string;
  @ManyToOne(() => Investigation, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'investigation_id' })
  investigation: Relation<Investigation>;
  /** Null for the teacher, who does it for everybody. */
  @Column('uuid', { name: 'team_id', nullable: true }) teamId: string | null;
  @ManyToOne(() => Team, { onDelete: 'SET NULL' }) @JoinColumn({ name: 'team_id' }) team: Relation<Team> | null;
  @Column('varchar', { length: 20 }) kind: CareKind;
  @Column('varchar', { length: 60 }) task: string;
  @Column('date') day: string;
  @Column('double', { name: 'amount_ml', nullable: true }) amountMl: number | null;
  @Column('boolean', { default: false }) skipped: boolean;
  @Column('varchar', { length: 200, nullable: true }) note: string | null;
  @Column('datetime', { name: 'recorded_at', precision: 3 }) recordedAt: Date;
  @Column('datetime', { name: 'taken_back_at', precision: 3, nullable: true }) takenBackAt: Date | null;
}
