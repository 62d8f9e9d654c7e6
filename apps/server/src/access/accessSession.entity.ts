import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Team } from '../classes/team.entity';
import { Teacher } from './teacher.entity';

/** A signed-in teacher or a joined team; the cookie holds a random token, the table only its SHA-256. */
@Entity('access_session')
export class AccessSession {
  @PrimaryColumn('char', { name: 'token_hash', length: 64 }) tokenHash: string;
  @Column('uuid', { name: 'teacher_id', nullable: true }) teacherId: string | null;
  @ManyToOne(() => Teacher, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'teacher_id' }) teacher: Relation<Teacher> | null;
  @Column('uuid', { name: 'team_id', nullable: true }) teamId: string | null;
  @ManyToOne(() => Team, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'team_id' }) team: Relation<Team> | null;
  @Index('access_session_expires') @Column('datetime', { name: 'expires_at', precision: 3 }) expiresAt: Date;
}
