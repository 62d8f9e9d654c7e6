import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Investigation } from './investigation.entity';

@Entity('treatment')
@Index('treatment_code', ['investigationId', 'code'], { unique: true })
export class TreatmentEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'investigation_id' }) investigationId: string;
  @ManyToOne(() => Investigation, (i) => i.treatments, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'investigation_id' })
  investigation: Relation<Investigation>;
  @Column('char', { length: 1 }) code: string;
  @Column({ length: 130 }) label: string;
  @Column('boolean', { name: 'is_control' }) control: boolean;
  /** Its own kind of seed; null where it is the investigation's. */
  @Column('varchar', { name: 'species_id', length: 60, nullable: true }) speciesId: string | null;
}
