import { Column, Entity, Index, JoinColumn, ManyToOne, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { Team } from '../classes/team.entity';
import { Container } from '../investigations/container.entity';

/** One plant that the whole class reads at once. */
@Entity('together')
export class Together {
  @PrimaryColumn('uuid') id: string;
  @Index('together_container') @Column('uuid', { name: 'container_id' }) containerId: string;
  @ManyToOne(() => Container, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'container_id' }) container: Relation<Container>;
  @Column('datetime', { name: 'opened_at', precision: 3 }) openedAt: Date;
  @Column('datetime', { name: 'closed_at', precision: 3, nullable: true }) closedAt: Date | null;
  @Column('double', { name: 'settled_mm', nullable: true }) settledMm: number | null;
  @OneToMany(() => TogetherReading, (r) => r.together) readings: Relation<TogetherReading>[];
}

/** What one team read; sent again it replaces what it sent before. */
@Entity('together_reading')
export class TogetherReading {
  @PrimaryColumn('uuid', { name: 'together_id' }) togetherId: string;
  @ManyToOne(() => Together, (t) => t.readings, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'together_id' })
  together: Relation<Together>;
  @PrimaryColumn('uuid', { name: 'team_id' }) teamId: string;
  @ManyToOne(() => Team, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'team_id' }) team: Relation<Team>;
  @Column('double', { name: 'value_mm' }) valueMm: number;
  @Column('varchar', { length: 40 }) typed: string;
}
