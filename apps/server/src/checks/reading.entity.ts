import { type LostReason, type ReadingDoubt, type ReadingState } from '@bright-sprout/core/readings/reading';
import { Column, Entity, Index, JoinColumn, ManyToOne, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { FindingEntity } from './finding.entity';
import { PlantCheck } from './plantCheck.entity';

/** Append-only: a correction is a new row that names the one it replaces. */
@Entity('reading')
@Index('reading_id_state', ['id', 'state'], { unique: true })
export class ReadingEntity {
  @PrimaryColumn('uuid') id: string;
  @Index('reading_check') @Column('uuid', { name: 'check_id' }) checkId: string;
  @ManyToOne(() => PlantCheck, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'check_id' }) check: Relation<PlantCheck>;
  @Column({ length: 20 }) plant: string;
  @Column('varchar', { length: 12 }) state: ReadingState;
  /** What was found: rows for `measured` only. */
  @OneToMany(() => FindingEntity, (finding) => finding.reading) findings: Relation<FindingEntity>[];
  @Column('simple-json', { nullable: true }) doubt: ReadingDoubt | null;
  @Column('varchar', { name: 'lost_reason', length: 20, nullable: true }) lostReason: LostReason | null;
  @Column('varchar', { length: 500, nullable: true }) note: string | null;
  @Column('uuid', { name: 'supersedes_id', nullable: true }) supersedesId: string | null;
  @ManyToOne(() => ReadingEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'supersedes_id' })
  supersedes: Relation<ReadingEntity> | null;
}
