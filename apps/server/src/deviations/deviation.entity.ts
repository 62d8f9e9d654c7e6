import { type DeviationKind } from '@bright-sprout/contracts/deviations';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Team } from '../classes/team.entity';
import { Container } from '../investigations/container.entity';

/** What went otherwise than planned with one container; taking it back keeps the row. */
@Entity('deviation')
export class Deviation {
  @PrimaryColumn('uuid') id: string;
  @Index('deviation_container') @Column('uuid', { name: 'container_id' }) containerId: string;
  @ManyToOne(() => Container, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'container_id' }) container: Relation<Container>;
  /** The team that wrote it down; null for the teacher. */
  @Column('uuid', { name: 'team_id', nullable: true }) teamId: string | null;
  @ManyToOne(() => Team, { onDelete: 'SET NULL' }) @JoinColumn({ name: 'team_id' }) team: Relation<Team> | null;
  @Column('varchar', { length: 20 }) kind: DeviationKind;
  @Column('varchar', { length: 200, nullable: true }) note: string | null;
  /** Seeds that were counted; null for what is no number. */
  @Column('int', { nullable: true }) seeds: number | null;
  @Column('datetime', { name: 'recorded_at', precision: 3 }) recordedAt: Date;
  @Column('datetime', { name: 'taken_back_at', precision: 3, nullable: true }) takenBackAt: Date | null;
}
