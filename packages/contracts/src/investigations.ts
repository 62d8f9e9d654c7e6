import { fault } from '@bright-sprout/words/say';
import 'reflect-metadata';
import { type ComparedDesign, type ComparedTreatment } from '@bright-sprout/core/compare/records';
import { type TidyTable } from '@bright-sprout/core/formats/tidyTable';
import { type AfterLoss, type BeforeSprouting, type Report } from '@bright-sprout/core/readings/policies';
import { type Reading } from '@bright-sprout/core/readings/reading';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { Transform } from 'class-transformer';
import { ArrayMaxSize, IsBoolean, IsIn, IsInt, IsOptional, IsString, IsUUID, Length } from 'class-validator';
import { type BenchProtocol } from '@bright-sprout/core/bench/benchProtocol';
import { type PlanEvent } from '@bright-sprout/core/plan/calendar/planEvents';
import { type KeptCaution } from '@bright-sprout/core/plan/fairTest/fairTest';
import { type SplitFact } from '@bright-sprout/core/plan/layout/splitWords';
import { type RunStep } from '@bright-sprout/core/plan/lists/runSheet';
import { type PlanOutlook } from '@bright-sprout/core/plan/calendar/planOutlook';
import { type CareView } from './care';
import { type DayCode } from './dayCodes';
import { MOST_NEWS } from './live';
import { type DeviationView } from './deviations';
import { type PhotoView } from './photos';
import { type GradeBand, PHASES, type Phase, type TeamView } from './classes';

export const RESOLUTIONS = ['cm', 'half-cm', 'mm', 'quarter-in'] as const;

/** Changes that are allowed after sowing; `version` is the one the change was made on. */
export class ChangeInvestigationRequest {
  @IsInt({ message: fault('refusals.sayVersionChanged') })
  version: number;

  @IsOptional()
  @IsString({ message: fault('refusals.writeQuestion') })
  @Length(5, 200, { message: fault('refusals.writeQuestionCharacters') })
  question?: string;

  @IsOptional()
  @IsIn(PHASES, { message: fault('refusals.growingFinished') })
  phase?: Phase;

  @IsOptional()
  @IsBoolean({ message: fault('refusals.shareTeamsYes') })
  sharedWithTeams?: boolean;

  @IsOptional()
  @IsBoolean({ message: fault('refusals.openChecksYes') })
  checkingOpen?: boolean;

  @IsOptional()
  @IsBoolean({ message: fault('refusals.putAwayYes') })
  removed?: boolean;
}

export interface ContainerView {
  id: string;
  code: string;
  treatment: string;
  teamId: string | null;
  /** What it is compared within: its team, or the block of an imported table. */
  block: string | null;
  position: number;
  seedsSown: number;
  /** Its own sowing day: staggered sowings differ. */
  sownOn: string;
  /** Whose it is, as a number beside the team's emblem, where everybody has a pot at home. */
  childNumber: number | null;
}

/** A treatment with the kind of seed that is sown with it. */
export interface TreatmentView extends ComparedTreatment {
  speciesId: string;
  speciesName: string;
  habit: Habit;
}

/** What a team expected before sowing: of its tallest plant on a day, and of the treatments. */
export interface ExpectedView {
  teamId: string;
  firstSproutDay: number | null;
  dayNumber: number;
  heightMm: number | null;
  winner: string | null;
}

export interface InvestigationView {
  id: string;
  version: number;
  question: string;
  factor: string;
  phase: Phase;
  origin: 'planned' | 'imported';
  /** The plan's own kind; where kinds stand side by side each treatment has its own. */
  speciesId: string;
  speciesName: string;
  habit: Habit;
  /** Null for imported records. */
  methodId: string | null;
  methodName: string;
  /** What one pot, bag or cell is called. */
  containerName: string;
  sownOn: string;
  resolution: RulerResolution;
  beforeSprouting: BeforeSprouting;
  afterLoss: AfterLoss;
  report: Report;
  drawSeed: number;
  /** Who got what. */
  split: SplitFact;
  /** What the fair-test check still said of the plan when it was sown. */
  planCautions: KeptCaution[];
  /** Steps of sowing day, as planned; empty for imported records. */
  runSheet: RunStep[];
  /** What every look asks for, and how. */
  bench: BenchProtocol;
  /** What has its day, from the plan; empty for imported records. */
  schedule: PlanEvent[];
  /** What the plan lets expect of the days to come; null for imported records. */
  outlook: PlanOutlook | null;
  /** Since when teams cannot enter anything; null while checking is open. */
  checkingClosedAt: string | null;
  /** Checks that came in after the end, or after checking was closed, and were made before. */
  cameLate: number;
  /** What went otherwise when it was sown. */
  deviations: DeviationView[];
  /** What teams expected; on a team's device its own. */
  expected: ExpectedView[];
  /** What was done for the plants; on a team's device its own and the teacher's. */
  care: CareView[];
  sharedWithTeams: boolean;
  removed: boolean;
  class: { id: string; name: string; gradeBand: GradeBand; timeZone: string };
  teams: TeamView[];
  treatments: TreatmentView[];
  /** How treatments are made of factors; null where their names alone tell it. */
  design: ComparedDesign | null;
  /** Of the table that it came as; null for what was planned here. */
  brought: { fileName: string; days: TidyTable['days']; leftOut: number } | null;
  containers: ContainerView[];
  /** Sown and cared for beside them, and compared with none of them. */
  reserve: ContainerView[];
}

/** An investigation with everything that was recorded, corrections included. */
export interface InvestigationRecords {
  investigation: InvestigationView;
  readings: ReadingView[];
  /** Pictures of its containers, oldest first. */
  photos: PhotoView[];
}

/** Another investigation that sowed the same treatments of the same kinds. */
export interface AlikeView {
  id: string;
  className: string;
  question: string;
  phase: Phase;
  sownOn: string;
}

/** Checks and pictures that a listener was told of: `?checks=id,id&photos=id`; `about=1` where something beside them changed. */
export class NewsQuery {
  @IsOptional()
  @Transform(({ value }) => listed(value))
  @ArrayMaxSize(MOST_NEWS, { message: fault('refusals.askMostChecksTime', { mostNews: MOST_NEWS }) })
  @IsUUID('all', { each: true, message: fault('refusals.nameChecksIds') })
  checks?: string[];

  @IsOptional()
  @Transform(({ value }) => listed(value))
  @ArrayMaxSize(MOST_NEWS, { message: fault('refusals.askMostPicturesTime', { mostNews: MOST_NEWS }) })
  @IsUUID('all', { each: true, message: fault('refusals.namePicturesIds') })
  photos?: string[];

  @IsOptional()
  @IsIn(['1'], { message: fault('refusals.askInvestigationAbout') })
  about?: string;
}

function listed(value: unknown): unknown {
  return typeof value === 'string' ? value.split(',') : value;
}

/** The readings of the checks and the pictures that were asked for, and the investigation as it is now where that was. */
export interface InvestigationNews extends Pick<InvestigationRecords, 'readings' | 'photos'> {
  investigation: InvestigationView | null;
}

/** Where a check came from: a team's device, the teacher, a file, what was counted in a picture, or the simulator of the demo. */
export const CHECK_SOURCES = ['bench', 'teacher', 'together', 'import', 'picture', 'simulated'] as const;
export type CheckSource = (typeof CHECK_SOURCES)[number];

export interface ReadingView extends Reading {
  source: CheckSource;
  /** Why it was entered for another day than that of the device. */
  dayReason: string | null;
  dayCode: DayCode | null;
}
