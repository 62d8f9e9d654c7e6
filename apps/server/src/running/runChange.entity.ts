import { type RunChangeKind } from '@bright-sprout/contracts/running';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Container } from '../investigations/container.entity';

/** The trace of a change while an investigation grows; undoing it keeps the row. */
@Entity('run_change')
export class RunChange {
  @PrimaryColumn('uuid') id: string;
  @Index('run_change_container') @Column('uuid', { name: 'container_id' }) containerId: string;
  @ManyToOne(() => Container, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'container_id' }) container: Relation<Container>;
  @Column('varchar', { length: 20 }) kind: RunChangeKind;
  @Column('uuid', { name: 'from_team', nullable: true }) fromTeam: string | null;
  @Column('uuid', { name: 'to_team', nullable: true }) toTeam: string | null;
  /** Code of the container whose place one from the reserve has taken. */
  @Column('varchar', { length: 40, nullable: true }) replaces: string | null;
  @Column('varchar', { length: 200, nullable: true }) note: string | null;
  @Column('datetime', { name: 'recorded_at', precision: 3 }) recordedAt: Date;
  @Column('datetime', { name: 'undone_at', precision: 3, nullable: true }) undoneAt: Date | null;
}
