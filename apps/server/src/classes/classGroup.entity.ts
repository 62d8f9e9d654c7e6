import { type SchoolCalendar } from '@bright-sprout/core/calendar/schoolCalendar';
import { type GradeBand } from '@bright-sprout/contracts/classes';
import { Column, DeleteDateColumn, Entity, Index, JoinColumn, ManyToOne, OneToMany, PrimaryColumn, type Relation } from 'typeorm';
import { School } from '../access/school.entity';
import { Teacher } from '../access/teacher.entity';
import { Team } from './team.entity';

@Entity('class_group')
export class ClassGroup {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'school_id' }) schoolId: string;
  @ManyToOne(() => School, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'school_id' }) school: Relation<School>;
  @Column('uuid', { name: 'teacher_id' }) teacherId: string;
  @ManyToOne(() => Teacher, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'teacher_id' }) teacher: Relation<Teacher>;
  @Column({ length: 40 }) name: string;
  @Column('varchar', { name: 'grade_band', length: 10 }) gradeBand: GradeBand;
  @Column({ name: 'time_zone', length: 60 }) timeZone: string;
  @Index('class_group_join_code', { unique: true }) @Column('char', { name: 'join_code', length: 6 }) joinCode: string;
  @OneToMany(() => Team, (team) => team.classGroup) teams: Relation<Team>[];
  /** School days and holidays for all its plans; null until they are typed. */
  @Column('simple-json', { name: 'school_year', nullable: true }) schoolYear: SchoolCalendar | null;
  /** It listens to the sensor box of the room. */
  @Column('boolean', { name: 'sensor_on', default: false }) sensorOn: boolean;
  /** Deleted: it is left out wherever it is looked for, and goes then; until then it can be taken back. */
  @DeleteDateColumn({ type: 'datetime', name: 'goes_at', precision: 3, nullable: true }) goesAt: Date | null;
}
