import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Team } from '../classes/team.entity';
import { Investigation } from './investigation.entity';
import { TreatmentEntity } from './treatment.entity';

@Entity('container')
@Index('container_code', ['investigationId', 'code'], { unique: true })
@Index('container_position', ['investigationId', 'position'], { unique: true })
export class Container {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'investigation_id' }) investigationId: string;
  @ManyToOne(() => Investigation, (i) => i.containers, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'investigation_id' })
  investigation: Relation<Investigation>;
  @Column('uuid', { name: 'treatment_id' }) treatmentId: string;
  @ManyToOne(() => TreatmentEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'treatment_id' })
  treatment: Relation<TreatmentEntity>;
  @Index('container_team') @Column('uuid', { name: 'team_id', nullable: true }) teamId: string | null;
  @ManyToOne(() => Team, { onDelete: 'RESTRICT' }) @JoinColumn({ name: 'team_id' }) team: Relation<Team> | null;
  /** Block of an imported table; a planned container's block is its team. */
  @Column('varchar', { length: 60, nullable: true }) block: string | null;
  /** Compared byte by byte: `a1` and `A1` are two containers. */
  @Column({ length: 40, collation: 'utf8mb4_bin' }) code: string;
  @Column('int') position: number;
  @Column('int', { name: 'seeds_sown' }) seedsSown: number;
  /** Sown and cared for beside the others, and compared with none of them until it takes the place of one. */
  @Column('boolean', { name: 'in_reserve', default: false }) inReserve: boolean;
  /** Whose it is, as a number beside the team's emblem, where everybody has a pot at home. */
  @Column('int', { name: 'child_number', nullable: true }) childNumber: number | null;
  /** Null where it was sown with the investigation. */
  @Column('date', { name: 'sown_on', nullable: true }) sownOn: string | null;
  /** A late sowing that was taken back: it is shown no more, and what belongs to it stays on record. */
  @Column('datetime', { name: 'taken_back_at', precision: 3, nullable: true }) takenBackAt: Date | null;
}
