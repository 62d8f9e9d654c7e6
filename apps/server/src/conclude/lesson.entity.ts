import { type LessonDocument } from '@bright-sprout/contracts/conclude';
import { Column, Entity, JoinColumn, OneToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Investigation } from '../investigations/investigation.entity';

/** What the teacher settled for the lesson at the end of an investigation. */
@Entity('lesson')
export class Lesson {
  @PrimaryColumn('uuid', { name: 'investigation_id' }) investigationId: string;
  @OneToOne(() => Investigation, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'investigation_id' })
  investigation: Relation<Investigation>;
  @Column('int') version: number;
  @Column('simple-json') document: LessonDocument;
  /** SHA-256 of the document: the same change may come twice. */
  @Column('char', { name: 'request_hash', length: 64 }) requestHash: string;
}
