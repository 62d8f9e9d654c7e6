import { type DayCode } from '@bright-sprout/contracts/dayCodes';
import { type CheckSource } from '@bright-sprout/contracts/investigations';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Team } from '../classes/team.entity';
import { Container } from '../investigations/container.entity';

/** One look at one container, under the id its device made. Never changed after it was saved. */
@Entity('plant_check')
@Index('plant_check_container_day', ['containerId', 'day'])
export class PlantCheck {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'container_id' }) containerId: string;
  @ManyToOne(() => Container, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'container_id' }) container: Relation<Container>;
  @Column('uuid', { name: 'team_id', nullable: true }) teamId: string | null;
  @ManyToOne(() => Team, { onDelete: 'SET NULL' }) @JoinColumn({ name: 'team_id' }) team: Relation<Team> | null;
  @Column('date') day: string;
  @Column('datetime', { name: 'recorded_at', precision: 3 }) recordedAt: Date;
  @Column('datetime', { name: 'received_at', precision: 3 }) receivedAt: Date;
  @Column('varchar', { length: 10 }) source: CheckSource;
  /** Why it stands on another day than the device showed: in somebody's words, or a reason that is known. */
  @Column('varchar', { name: 'day_reason', length: 200, nullable: true }) dayReason: string | null;
  @Column('varchar', { name: 'day_code', length: 12, nullable: true }) dayCode: DayCode | null;
  @Column('char', { name: 'request_hash', length: 64 }) requestHash: string;
}
