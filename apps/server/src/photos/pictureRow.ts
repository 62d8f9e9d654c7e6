import { Column, DeleteDateColumn, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Team } from '../classes/team.entity';

/** What every picture has, whatever it is of; its files lie in the blob store. */
export abstract class PictureRow {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'team_id', nullable: true }) teamId: string | null;
  @ManyToOne(() => Team, { onDelete: 'SET NULL' }) @JoinColumn({ name: 'team_id' }) team: Relation<Team> | null;
  @Column('date') day: string;
  /** Hash of the picture, and of its small version. */
  @Column('char', { length: 64 }) hash: string;
  @Column('char', { length: 64, name: 'small_hash' }) smallHash: string;
  @Column('int') width: number;
  @Column('int') height: number;
  @Column('datetime', { name: 'recorded_at', precision: 3 }) recordedAt: Date;
  /** When the teacher looked at it: before that no other team sees it. */
  @Column('datetime', { name: 'seen_at', precision: 3, nullable: true }) seenAt: Date | null;
  @Column('datetime', { name: 'taken_back_at', precision: 3, nullable: true }) takenBackAt: Date | null;
  /** Deleted: it is left out wherever it is looked for, and goes then; until then it can be taken back. */
  @DeleteDateColumn({ type: 'datetime', name: 'goes_at', precision: 3, nullable: true }) goesAt: Date | null;
}
