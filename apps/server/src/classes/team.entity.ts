import { type Emblem } from '@bright-sprout/contracts/access';
import { Column, DeleteDateColumn, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { ClassGroup } from './classGroup.entity';

@Entity('team')
@Index('team_class_emblem', ['classId', 'emblem'], { unique: true })
export class Team {
  @PrimaryColumn('uuid') id: string;
  @Column('uuid', { name: 'class_id' }) classId: string;
  @ManyToOne(() => ClassGroup, (c) => c.teams, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'class_id' })
  classGroup: Relation<ClassGroup>;
  @Column('varchar', { length: 12 }) emblem: Emblem;
  @Column({ length: 40 }) nickname: string;
  /** The PIN under AES-256-GCM: the teacher reads it out, so it cannot be a one-way hash. */
  @Column({ name: 'sealed_pin', length: 120 }) sealedPin: string;
  /** Taken away by the teacher: left out wherever teams are read, until it is brought back. */
  @DeleteDateColumn({ type: 'datetime', name: 'removed_at', precision: 3, nullable: true }) removedAt: Date | null;
}
