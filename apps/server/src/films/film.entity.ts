import { type FilmKind } from '@bright-sprout/contracts/filmKinds';
import { type GreenIndex } from '@bright-sprout/core/pictures/greenness';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Investigation } from '../investigations/investigation.entity';

/** What is photographed day after day, and how it is parted. */
@Entity('film')
export class Film {
  @PrimaryColumn('uuid') id: string;
  @Index('film_investigation') @Column('uuid', { name: 'investigation_id' }) investigationId: string;
  @ManyToOne(() => Investigation, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'investigation_id' })
  investigation: Relation<Investigation>;
  @Column('int', { default: 1 }) version: number;
  @Column({ length: 60 }) name: string;
  @Column('varchar', { length: 12 }) kind: FilmKind;
  @Column('int', { name: 'across' }) columns: number;
  @Column('int', { name: 'behind' }) rows: number;
  /** Id of the container in each section, row by row; null where nothing is counted. */
  @Column('simple-json') cells: (string | null)[];
  @Column('int', { name: 'wide_mm', nullable: true }) wideMm: number | null;
  @Column('int', { name: 'deep_mm', nullable: true }) deepMm: number | null;
  @Column('varchar', { name: 'green_index', length: 24 }) index: GreenIndex;
  @Column('datetime', { name: 'removed_at', precision: 3, nullable: true }) removedAt: Date | null;
}
