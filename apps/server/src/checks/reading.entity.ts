import { type MoreFound } from '@bright-sprout/core/bench/benchProtocol';
import { type LostReason, type ReadingDoubt, type ReadingState } from '@bright-sprout/core/readings/reading';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PlantCheck } from './plantCheck.entity';

/** Append-only: a correction is a new row that names the one it replaces. */
@Entity('reading')
export class ReadingEntity {
  @PrimaryColumn('uuid') id: string;
  @Index('reading_check') @Column('uuid', { name: 'check_id' }) checkId: string;
  @ManyToOne(() => PlantCheck, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'check_id' }) check: Relation<PlantCheck>;
  @Column({ length: 20 }) plant: string;
  @Column('varchar', { length: 12 }) state: ReadingState;
  @Column('double', { name: 'value_mm', nullable: true }) valueMm: number | null;
  @Column('varchar', { length: 40, nullable: true }) typed: string | null;
  @Column('int', { nullable: true }) leaves: number | null;
  @Column('simple-json', { nullable: true }) more: MoreFound | null;
  @Column('simple-json', { nullable: true }) doubt: ReadingDoubt | null;
  @Column('varchar', { name: 'lost_reason', length: 20, nullable: true }) lostReason: LostReason | null;
  @Column('varchar', { length: 500, nullable: true }) note: string | null;
  @Column('uuid', { name: 'supersedes_id', nullable: true }) supersedesId: string | null;
  @ManyToOne(() => ReadingEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'supersedes_id' })
  supersedes: Relation<ReadingEntity> | null;
}
