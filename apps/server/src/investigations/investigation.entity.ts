import { type Phase } from '@bright-sprout/contracts/classes';
import { INVESTIGATION_SHAPE } from '@bright-sprout/core/kept/shapes';
import { type BenchProtocol } from '@bright-sprout/core/bench/benchProtocol';
import { type PlanEvent } from '@bright-sprout/core/plan/calendar/planEvents';
import { type KeptCaution } from '@bright-sprout/core/plan/fairTest/fairTest';
import { type SplitFact } from '@bright-sprout/core/plan/layout/splitWords';
import { type RunStep } from '@bright-sprout/core/plan/lists/runSheet';
import { type PlanOutlook } from '@bright-sprout/core/plan/calendar/planOutlook';
import { type AfterLoss, type BeforeSprouting, type Report } from '@bright-sprout/core/readings/policies';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { type Brought } from './brought';
import {
  AfterLoad,
  Column,
  DeleteDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  OneToMany,
  PrimaryColumn,
  type Relation,
} from 'typeorm';
import { inTodaysShape } from '../database/todaysShape';
import { ClassGroup } from '../classes/classGroup.entity';
import { Container } from './container.entity';
import { TreatmentEntity } from './treatment.entity';

/** A fact as JSON in a short text. */
const FACT = {
  to: (fact: SplitFact) => JSON.stringify(fact),
  from: (text: string) => JSON.parse(text) as SplitFact,
};

@Entity('investigation')
export class Investigation {
  @PrimaryColumn('uuid') id: string;
  @Index('investigation_class') @Column('uuid', { name: 'class_id' }) classId: string;
  @ManyToOne(() => ClassGroup, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'class_id' }) classGroup: Relation<ClassGroup>;
  @Column('int', { default: 1 }) version: number;
  /** In which shape its documents are kept. */
  @Column('int', { default: INVESTIGATION_SHAPE.now }) shape: number;
  @Column({ length: 200 }) question: string;
  @Column({ length: 130 }) factor: string;
  @Column('varchar', { length: 10 }) phase: Phase;
  @Column('varchar', { length: 10 }) origin: 'planned' | 'imported';
  @Column({ name: 'species_id', length: 60 }) speciesId: string;
  @Column('varchar', { name: 'method_id', length: 60, nullable: true }) methodId: string | null;
  @Column('date', { name: 'sown_on' }) sownOn: string;
  @Column('varchar', { length: 12 }) resolution: RulerResolution;
  @Column('varchar', { name: 'before_sprouting', length: 10 }) beforeSprouting: BeforeSprouting;
  @Column('varchar', { name: 'after_loss', length: 10, default: 'exclude' }) afterLoss: AfterLoss;
  @Column('varchar', { length: 16, default: 'container-mean' }) report: Report;
  @Column('int', { name: 'draw_seed' }) drawSeed: number;
  @Column('varchar', { length: 400, transformer: FACT }) split: SplitFact;
  /** What the fair-test check still said of the plan: comes back with the claim. */
  @Column('simple-json', { name: 'plan_cautions', default: '[]' }) planCautions: KeptCaution[];
  /** Steps of sowing day, as planned. */
  @Column('simple-json', { name: 'run_sheet', default: '[]' }) runSheet: RunStep[];
  /** What every look asks for; null for imported records. */
  @Column('simple-json', { nullable: true }) bench: BenchProtocol | null;
  @Column('simple-json', { default: '[]' }) schedule: PlanEvent[];
  @Column('simple-json', { nullable: true }) outlook: PlanOutlook | null;
  /** What was said of the table that it came as; null for what was planned here. */
  @Column('simple-json', { nullable: true }) brought: Brought | null;
  /** When it ended; null while it grows, and for records that came as a file. */
  @Column('datetime', { name: 'finished_at', precision: 3, nullable: true }) finishedAt: Date | null;
  @Column('datetime', { name: 'checking_closed_at', precision: 3, nullable: true }) checkingClosedAt: Date | null;
  @Column('boolean', { name: 'shared_with_teams', default: false }) sharedWithTeams: boolean;
  @Column('datetime', { name: 'removed_at', precision: 3, nullable: true }) removedAt: Date | null;
  /** SHA-256 of what it was made from: the same request may come twice. */
  @Column('char', { name: 'request_hash', length: 64 }) requestHash: string;
  @OneToMany(() => TreatmentEntity, (t) => t.investigation) treatments: Relation<TreatmentEntity>[];
  @OneToMany(() => Container, (c) => c.investigation) containers: Relation<Container>[];
  /** Deleted: it is left out wherever it is looked for, and goes then; until then it can be taken back. */
  @DeleteDateColumn({ type: 'datetime', name: 'goes_at', precision: 3, nullable: true }) goesAt: Date | null;

  @AfterLoad()
  bringUpToDate(): void {
    // What was loaded in part may not tell its shape.
    if (this.shape !== undefined) Object.assign(this, inTodaysShape(INVESTIGATION_SHAPE, this, this.shape));
    this.shape = INVESTIGATION_SHAPE.now;
  }
}
