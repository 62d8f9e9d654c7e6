import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { School } from './school.entity';

@Entity('teacher')
export class Teacher {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'school_id' }) schoolId: string;
  @ManyToOne(() => School, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'school_id' }) school: Relation<School>;
  @Index('teacher_email', { unique: true }) @Column({ length: 200 }) email: string;
  @Column({ length: 100 }) name: string;
  @Column({ name: 'password_hash', length: 200 }) passwordHash: string;
  /** All that the teacher has goes then. */
  @Column('datetime', { name: 'goes_at', precision: 3, nullable: true }) goesAt: Date | null;
}
