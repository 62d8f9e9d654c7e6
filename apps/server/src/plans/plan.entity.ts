import { PLAN_SHAPE } from '@bright-sprout/core/kept/shapes';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { AfterLoad, Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { inTodaysShape } from '../database/todaysShape';
import { ClassGroup } from '../classes/classGroup.entity';

/** A plan under construction; once sown, the investigation under the same id was made from it. */
@Entity('plan')
export class Plan {
  @PrimaryColumn('uuid') id: string;
  @Index('plan_class') @Column('uuid', { name: 'class_id' }) classId: string;
  @ManyToOne(() => ClassGroup, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'class_id' }) classGroup: Relation<ClassGroup>;
  @Column('int') version: number;
  /** In which shape the document is kept. */
  @Column('int', { default: PLAN_SHAPE.now }) shape: number;
  @Column('simple-json') document: PlanDocument;
  /** SHA-256 of the document of this version: the same save may come twice. */
  @Column('char', { name: 'request_hash', length: 64 }) requestHash: string;
  @Column('datetime', { name: 'changed_at', precision: 3 }) changedAt: Date;
  @Column('boolean', { default: false }) sown: boolean;

  @AfterLoad()
  bringUpToDate(): void {
    if (this.shape !== undefined) this.document = inTodaysShape(PLAN_SHAPE, this.document, this.shape);
    this.shape = PLAN_SHAPE.now;
  }
}
