import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Investigation } from '../investigations/investigation.entity';

/** A question to the records that a teacher keeps; it is the same question for whoever opens it. */
@Entity('saved_question')
export class SavedQuestionEntity {
  @PrimaryColumn('uuid') id: string;
  @Index('saved_question_investigation') @Column('uuid', { name: 'investigation_id' }) investigationId: string;
  @ManyToOne(() => Investigation, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'investigation_id' })
  investigation: Relation<Investigation>;
  @Column({ length: 160 }) name: string;
  /** The question as the part of an address that says it. */
  @Column({ length: 800 }) address: string;
  @Column('datetime', { name: 'saved_at', precision: 3 }) savedAt: Date;
  @Column('datetime', { name: 'removed_at', precision: 3, nullable: true }) removedAt: Date | null;
}
