import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('school')
export class School {
  @PrimaryColumn('uuid') id: string;
  @Column({ length: 100 }) name: string;
}
