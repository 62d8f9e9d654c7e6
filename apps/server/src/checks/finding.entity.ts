import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { type SeenInPicture } from '@bright-sprout/core/measures/finding';
import { ReadingEntity } from './reading.entity';

/** What a reading found of one measure: a number in the measure's stored unit, or a choice. */
@Entity('finding')
export class FindingEntity {
  @PrimaryColumn('uuid', { name: 'reading_id' }) readingId: string;
  @PrimaryColumn('varchar', { length: 40 }) measure: string;
  /** Only what was measured has findings: the key of both columns says so in the database too. */
  @Column('varchar', { name: 'reading_state', length: 12, default: 'measured' }) readingState: 'measured';
  @ManyToOne(() => ReadingEntity, (reading) => reading.findings, { onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'reading_id', referencedColumnName: 'id', foreignKeyConstraintName: 'finding_reading' },
    { name: 'reading_state', referencedColumnName: 'state', foreignKeyConstraintName: 'finding_reading' },
  ])
  reading: Relation<ReadingEntity>;
  @Column('double', { nullable: true }) value: number | null;
  @Column('varchar', { length: 60, nullable: true }) choice: string | null;
  @Column('varchar', { length: 60, nullable: true }) typed: string | null;
  /** How it was found in a picture; null where it was found at the plant itself. */
  @Column('simple-json', { nullable: true }) seen: SeenInPicture | null;
}
