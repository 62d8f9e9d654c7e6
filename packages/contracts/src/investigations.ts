import 'reflect-metadata';
import { type ComparedTreatment } from '@bright-sprout/core/compare/compareOnDay';
import { type Reading } from '@bright-sprout/core/measure/reading';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { type DeviationView } from './deviations';
import { type GradeBand, PHASES, type Phase, type TeamView } from './classes';

const ISO_DAY = /^\d{4}-\d{2}-\d{2}$/;

export const RESOLUTIONS = ['cm', 'half-cm', 'mm', 'quarter-in'] as const;
export const BEFORE_SPROUTING = ['exclude', 'zero'] as const;

export class LevelRequest {
  @IsString({ message: 'Name each thing you compare.' })
  @Length(1, 60, { message: 'Name each thing you compare, in at most 60 characters.' })
  label: string;
}

/** The short set-up: one factor, its levels, seed, method, numbers, day. */
export class PlanInvestigationRequest {
  @IsUUID(undefined, { message: 'A plan belongs to a class.' })
  classId: string;

  @IsString({ message: 'Write the question you want to answer.' })
  @Length(5, 200, { message: 'Write the question you want to answer, in 5 to 200 characters.' })
  question: string;

  @IsString({ message: 'Name what you change.' })
  @Length(2, 60, { message: 'Name what you change, in 2 to 60 characters.' })
  factor: string;

  @IsArray({ message: 'List what you compare.' })
  @ArrayMinSize(2, { message: 'Compare at least two things: one of them is the control.' })
  @ArrayMaxSize(6, { message: 'Compare at most six things.' })
  @ValidateNested({ each: true })
  @Type(() => LevelRequest)
  levels: LevelRequest[];

  @IsInt({ message: 'Choose the control: the one where nothing is changed.' })
  @Min(0, { message: 'Choose the control: the one where nothing is changed.' })
  @Max(5, { message: 'Choose the control: the one where nothing is changed.' })
  controlIndex: number;

  @IsString({ message: 'Choose the kind of seed.' })
  @Length(1, 60, { message: 'Choose the kind of seed.' })
  speciesId: string;

  @IsString({ message: 'Choose how you grow it.' })
  @Length(1, 60, { message: 'Choose how you grow it.' })
  methodId: string;

  @IsInt({ message: 'How many containers for each thing you compare?' })
  @Min(1, { message: 'Each thing you compare needs at least one container.' })
  @Max(30, { message: 'At most 30 containers for each thing you compare.' })
  replicates: number;

  @IsInt({ message: 'How many seeds in each container?' })
  @Min(1, { message: 'Sow at least one seed in each container.' })
  @Max(100, { message: 'At most 100 seeds in a container.' })
  seedsPerContainer: number;

  @Matches(ISO_DAY, { message: 'Choose the day of sowing.' })
  sownOn: string;

  @IsIn(RESOLUTIONS, { message: 'Choose how fine you read the ruler.' })
  resolution: RulerResolution;

  @IsIn(BEFORE_SPROUTING, { message: 'Choose what a plant that is not up yet counts as.' })
  beforeSprouting: (typeof BEFORE_SPROUTING)[number];

  @IsInt({ message: 'The seed of the draw is a whole number.' })
  @Min(0, { message: 'The seed of the draw is a whole number.' })
  @Max(2147483647, { message: 'The seed of the draw is too large.' })
  drawSeed: number;

  @IsArray({ message: 'List the teams that take part.' })
  @ArrayMaxSize(12, { message: 'A class has at most twelve teams.' })
  @IsUUID(undefined, { each: true, message: 'A team is unknown.' })
  teamIds: string[];
}

/** Changes that are allowed after sowing; `version` is the one the change was made on. */
export class ChangeInvestigationRequest {
  @IsInt({ message: 'Say which version you changed.' })
  version: number;

  @IsOptional()
  @IsString({ message: 'Write the question.' })
  @Length(5, 200, { message: 'Write the question in 5 to 200 characters.' })
  question?: string;

  @IsOptional()
  @IsIn(PHASES, { message: 'It is growing or finished.' })
  phase?: Phase;

  @IsOptional()
  @IsBoolean({ message: 'Share with the teams: yes or no.' })
  sharedWithTeams?: boolean;

  @IsOptional()
  @IsBoolean({ message: 'Put away: yes or no.' })
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
}

export interface InvestigationView {
  id: string;
  version: number;
  question: string;
  factor: string;
  phase: Phase;
  origin: 'planned' | 'imported';
  speciesName: string;
  habit: Habit;
  methodName: string;
  /** What one pot, bag or cell is called. */
  containerName: string;
  sownOn: string;
  resolution: RulerResolution;
  beforeSprouting: (typeof BEFORE_SPROUTING)[number];
  drawSeed: number;
  splitSentence: string;
  /** What the fair-test check still said of the plan when it was sown. */
  planCautions: string[];
  /** Steps of sowing day, as planned; empty for imported records. */
  runSheet: string[];
  /** What went otherwise when it was sown. */
  deviations: DeviationView[];
  sharedWithTeams: boolean;
  removed: boolean;
  class: { id: string; name: string; gradeBand: GradeBand; timeZone: string };
  teams: TeamView[];
  treatments: ComparedTreatment[];
  containers: ContainerView[];
}

/** An investigation with everything that was recorded, corrections included. */
export interface InvestigationRecords {
  investigation: InvestigationView;
  readings: ReadingView[];
}

export interface ReadingView extends Reading {
  source: 'bench' | 'import' | 'simulated';
}
