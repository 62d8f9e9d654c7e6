import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('school')
export class School {
  @PrimaryColumn('uuid') id: string;
  @Column({ length: 100 }) name: string;
  /** For so many days a deletion can be undone. */
  @Column('int', { name: 'undo_days', default: 30 }) undoDays: number;
  /** Pictures go so many days after the end of their investigation; null where they stay. */
  @Column('int', { name: 'picture_days', nullable: true }) pictureDays: number | null;
}
