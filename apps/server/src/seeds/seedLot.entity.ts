import { type LotTest } from '@bright-sprout/core/seeds/seedLot';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { School } from '../access/school.entity';

/** A packet or jar of seed that the school keeps. */
@Entity('seed_lot')
export class SeedLotEntity {
  @PrimaryColumn('uuid') id: string;
  @Index('seed_lot_school') @Column('uuid', { name: 'school_id' }) schoolId: string;
  @ManyToOne(() => School, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'school_id' }) school: Relation<School>;
  @Column({ name: 'species_id', length: 60 }) speciesId: string;
  @Column({ length: 60 }) name: string;
  @Column('int', { nullable: true }) year: number | null;
  @Column('int', { nullable: true }) count: number | null;
  @Column('simple-json', { name: 'depth_mm', nullable: true }) depthMm: [number, number] | null;
  @Column('double', { name: 'spacing_mm', nullable: true }) spacingMm: number | null;
  @Column('simple-json', { name: 'days_to_sprout', nullable: true }) daysToSprout: [number, number] | null;
  @Column('simple-json') tests: LotTest[];
}
