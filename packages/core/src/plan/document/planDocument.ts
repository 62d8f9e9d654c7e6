import { type Learned } from './learned';
import { type IsoDay } from '../../calendar/days';
import { type RoomTemperature } from '../../calendar/roomTemperature';
import { type Cadence, type SchoolCalendar } from '../../calendar/schoolCalendar';
import { type AfterLoss, type BeforeSprouting, type Report } from '../../readings/policies';
import { type RulerResolution } from '../../quantities/length';
import { type SproutedRule } from '../../measures/measure';
import { type OwnMeasure } from '../../measures/ownMeasure';
import { type DepthSchool } from '../../seeds/sowingDepth';

/** What shape an experiment has; decides which rules and which comparison suit it. */
export const PLAN_KINDS = [
  'one-factor',
  'dose-series',
  'two-factors',
  'crowding',
  'side-by-side',
  'age-ladder',
  'patch',
  'viability',
  'looking',
] as const;
export type PlanKind = (typeof PLAN_KINDS)[number];

/** One lot is tested, or everybody looks at the same: all containers are alike. */
export const comparesNothing = (kind: PlanKind): boolean => kind === 'viability' || kind === 'looking';

/** What a factor changes; tells rules and shopping what has to be mixed, warmed or covered. */
export const FACTOR_SUBJECTS = [
  'salt',
  'acid',
  'chalk',
  'feed',
  'water',
  'light',
  'temperature',
  'place',
  'depth',
  'soaking',
  'seed-age',
  'crowding',
  'kind',
  'age',
  'soil',
  'cover',
  'other',
] as const;
export type FactorSubject = (typeof FACTOR_SUBJECTS)[number];

export interface Level {
  label: string;
  /** Amount in the factor's unit; null where the level is only named. */
  amount: number | null;
  /** Its own kind of seed, where kinds stand side by side; the plan's without it. */
  speciesId?: string;
  /** Its own number of seeds in each container; the plan's without it. */
  seeds?: number;
}

export interface Factor {
  name: string;
  subject: FactorSubject;
  /** `mmol/L`, `mL`, `mm`, `plants`; empty where levels are only named. */
  unit: string;
  levels: Level[];
  /** Place of the control among the levels; null where there is none, with the reason. */
  control: number | null;
  noControlReason: string;
}

/** Something that has to be alike for all containers. */
export interface KeptSame {
  id: string;
  text: string;
  kept: boolean;
}

/** Choices on which practitioners differ, each with its consequence in `protocolWords`. */
export interface Protocol {
  sprouted: SproutedRule;
  height: 'growing-tip' | 'highest-point' | 'longest-leaf';
  beforeSprouting: BeforeSprouting;
  afterLoss: AfterLoss;
  seedlings: 'tagged' | 'tallest' | 'all';
  resolution: RulerResolution;
  depth: DepthSchool;
  seedsToHole: 'one' | 'few' | 'nineteen-of-twenty';
  firm: 'press' | 'loose';
  water: 'damp-before' | 'by-touch' | 'fixed-volume' | 'by-weight';
  lightBefore: 'warm-covered' | 'bright-window';
  openBag: 'never' | 'mist';
  report: Report;
}

export const ASSIGNMENTS = ['one-of-each', 'team-one-treatment', 'class-shares', 'own-pot'] as const;
export type Assignment = (typeof ASSIGNMENTS)[number];

/** Nothing but what the container holds, a wick or saucer that holds more, or somebody who comes in. */
export const WHILE_AWAY = ['nothing', 'reservoir', 'somebody'] as const;
export type WhileAway = (typeof WHILE_AWAY)[number];

export const PREDICTIONS = ['first-sprout-day', 'height-on-day', 'which-wins'] as const;
export type PredictionKind = (typeof PREDICTIONS)[number];

/** An everyday thing that plants are held against: as tall as … */
export interface Goal {
  name: string;
  mm: number;
}

/** What is done with the seeds themselves in a lesson before they are sown. */
export const SEED_LOOKS = ['count', 'sort', 'measure', 'weigh', 'guess'] as const;
export type SeedLook = (typeof SEED_LOOKS)[number];

/** A lesson about the seeds before anything is sown. */
export interface SeedLesson {
  on: IsoDay;
  looks: SeedLook[];
}

/** A tray, flat or carton of one's own: so many places, each so large, mm. */
export interface OwnCarrier {
  columns: number;
  rows: number;
  wideMm: number;
  deepMm: number;
}

/** A rule of the fair-test check that is broken knowingly. */
export interface DeclaredException {
  rule: string;
  reason: string;
}

/** A plan under construction: one document, validated where it arrives, kept with a version. */
export interface PlanDocument {
  question: string;
  startedFrom: string;
  kind: PlanKind;
  factors: Factor[];
  keptSame: KeptSame[];
  speciesId: string;
  methodId: string;
  /** Id of a seed lot on the shelf, or empty. */
  seedLotId: string;
  containersEach: number;
  /** Pots of each treatment that are sown and cared for beside them, to take the place of one that is lost. */
  reserveEach: number;
  seedsEach: number;
  /** `seedsEach` is about: the seeds of each container are counted when it is sown, and what comes up is a share of them. */
  seedsCounted: boolean;
  /** A lesson about the seeds before they are sown; null where there is none. */
  seedLesson: SeedLesson | null;
  /** Seedlings left in a container after thinning. */
  keep: number;
  fillMl: number;
  /** Watering with a solution: mL for each container each time. */
  doseMl: number;
  /** Codes of built-in measures. */
  measures: string[];
  /** Measures that the teacher defined. */
  ownMeasures: OwnMeasure[];
  protocol: Protocol;
  assignment: Assignment;
  trays: number;
  /** What carries the containers, where it is not as is usual for the way of growing. */
  ownCarrier: OwnCarrier | null;
  drawSeed: number;
  /** Containers moved by hand: code to place; places count from 0 over all trays. */
  moved: Record<string, number>;
  room: RoomTemperature;
  calendar: SchoolCalendar;
  /** As `10:15–11:00`. */
  period: string;
  sowOn: IsoDay;
  /** Lesson for which half should be up; empty for planning forward. */
  lessonOn: string;
  endOn: IsoDay;
  /** Day of thinning as chosen; empty for as soon as the first true leaves open. */
  thinOn: string;
  /** Plants move into the open once they are ready. */
  goesOutside: boolean;
  /** In the end the plants are harvested and weighed. */
  harvested: boolean;
  /** A line on the wall that plants grow towards; null where there is none. */
  goal: Goal | null;
  /** Last frost to be expected, as typed; empty where nobody said. */
  lastFrost: string;
  cadence: Cadence;
  /** Days looked at besides, chosen one by one; also at home on days without school. */
  checksAdded: IsoDay[];
  /** Days of the cadence on which nobody looks. */
  checksSkipped: IsoDay[];
  /** Who or what waters while nobody is at school. */
  whileAway: WhileAway;
  sparePercent: number;
  /** Seeds in a packet; 0 where nobody knows. */
  packetSeeds: number;
  predictions: PredictionKind[];
  /** Teams are asked for their predictions now. */
  askTeams: boolean;
  exceptions: DeclaredException[];
  /** What an earlier class learned, where the plan goes on from its records. */
  learned: Learned[];
}

/** More containers than one class can look after in a lesson. */
export const MOST_CONTAINERS = 120;
/** More cannot be told apart by their marks. */
export const MOST_TREATMENTS = 8;
