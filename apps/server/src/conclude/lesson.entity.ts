import { type LessonDocument } from '@bright-sprout/contracts/conclude';
import { AfterLoad, Column, Entity, JoinColumn, OneToOne, PrimaryColumn, type Relation } from 'typeorm';
import { LESSON_SHAPE } from '@bright-sprout/core/kept/shapes';
import { inTodaysShape } from '../database/todaysShape';
import { Investigation } from '../investigations/investigation.entity';

/** What the teacher settled for the lesson at the end of an investigation. */
@Entity('lesson')
export class Lesson {
  @PrimaryColumn('uuid', { name: 'investigation_id' }) investigationId: string;
  @OneToOne(() => Investigation, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'investigation_id' })
  investigation: Relation<Investigation>;
  @Column('int') version: number;
  /** In which shape the document is kept. */
  @Column('int', { default: LESSON_SHAPE.now }) shape: number;
  @Column('simple-json') document: LessonDocument;
  /** SHA-256 of the document: the same change may come twice. */
  @Column('char', { name: 'request_hash', length: 64 }) requestHash: string;

  @AfterLoad()
  bringUpToDate(): void {
    if (this.shape !== undefined) this.document = inTodaysShape<LessonDocument>(LESSON_SHAPE, this.document, this.shape);
    this.shape = LESSON_SHAPE.now;
  }
}
