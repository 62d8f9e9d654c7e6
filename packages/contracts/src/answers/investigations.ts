import { PHASES } from '../classes';
import { CHECK_SOURCES } from '../investigations';
import { DAY_CODES } from '../dayCodes';
import { type Static, Type } from '@sinclair/typebox';
import { Habit } from './species';
import { RulerResolution, BeforeSprouting, AfterLoss, Report, GradeBand } from './terms';
import { bench, brought, caution, design, outlook, schedule, split, step } from './keptShapes';
import { DeviationView } from './deviations';
import { CareView } from './care';
import { TeamView } from './classes';
import { Reading } from './readings';
import { PhotoView } from './photos';
import { shape, orNull, oneOf } from './shape';

/** What a team expected before sowing: of its tallest plant on a day, and of the treatments. */
export const ExpectedView = shape({
  teamId: Type.String(),
  firstSproutDay: orNull(Type.Number()),
  dayNumber: Type.Number(),
  heightMm: orNull(Type.Number()),
  winner: orNull(Type.String()),
});
export type ExpectedView = Static<typeof ExpectedView>;

/** A treatment with the kind of seed that is sown with it. */
export const TreatmentView = shape({
  code: Type.String(),
  label: Type.String(),
  control: Type.Boolean(),
  speciesId: Type.String(),
  speciesName: Type.String(),
  habit: Habit,
});
export type TreatmentView = Static<typeof TreatmentView>;

export const ContainerView = shape({
  id: Type.String(),
  code: Type.String(),
  treatment: Type.String(),
  teamId: orNull(Type.String()),
  /** What it is compared within: its team, or the block of an imported table. */
  block: orNull(Type.String()),
  position: Type.Number(),
  seedsSown: Type.Number(),
  /** Its own sowing day: staggered sowings differ. */
  sownOn: Type.String(),
  /** Whose it is, as a number beside the team's emblem, where everybody has a pot at home. */
  childNumber: orNull(Type.Number()),
});
export type ContainerView = Static<typeof ContainerView>;

export const InvestigationView = shape({
  id: Type.String(),
  version: Type.Number(),
  question: Type.String(),
  factor: Type.String(),
  phase: oneOf(PHASES),
  origin: oneOf(['planned', 'imported']),
  /** The plan's own kind; where kinds stand side by side each treatment has its own. */
  speciesId: Type.String(),
  speciesName: Type.String(),
  habit: Habit,
  /** Null for imported records. */
  methodId: orNull(Type.String()),
  methodName: Type.String(),
  /** What one pot, bag or cell is called. */
  containerName: Type.String(),
  sownOn: Type.String(),
  resolution: RulerResolution,
  beforeSprouting: BeforeSprouting,
  afterLoss: AfterLoss,
  report: Report,
  drawSeed: Type.Number(),
  /** Who got what. */
  split,
  /** What the fair-test check still said of the plan when it was sown. */
  planCautions: Type.Array(caution),
  /** Steps of sowing day, as planned; empty for imported records. */
  runSheet: Type.Array(step),
  /** What every look asks for, and how. */
  bench,
  /** What has its day, from the plan; empty for imported records. */
  schedule,
  /** What the plan lets expect of the days to come; null for imported records. */
  outlook: orNull(outlook),
  /** Since when teams cannot enter anything; null while checking is open. */
  checkingClosedAt: orNull(Type.String()),
  /** Checks that came in after the end, or after checking was closed, and were made before. */
  cameLate: Type.Number(),
  /** What went otherwise when it was sown. */
  deviations: Type.Array(DeviationView),
  /** What teams expected; on a team's device its own. */
  expected: Type.Array(ExpectedView),
  /** What was done for the plants; on a team's device its own and the teacher's. */
  care: Type.Array(CareView),
  sharedWithTeams: Type.Boolean(),
  removed: Type.Boolean(),
  class: shape({ id: Type.String(), name: Type.String(), gradeBand: GradeBand, timeZone: Type.String() }),
  teams: Type.Array(TeamView),
  treatments: Type.Array(TreatmentView),
  /** How treatments are made of factors; null where their names alone tell it. */
  design: orNull(design),
  /** Of the table that it came as; null for what was planned here. */
  brought: orNull(Type.Pick(brought, ['fileName', 'days', 'leftOut'])),
  containers: Type.Array(ContainerView),
  /** Sown and cared for beside them, and compared with none of them. */
  reserve: Type.Array(ContainerView),
});
export type InvestigationView = Static<typeof InvestigationView>;

export const ReadingView = shape({
  ...Reading.properties,
  source: oneOf(CHECK_SOURCES),
  /** Why it was entered for another day than that of the device. */
  dayReason: orNull(Type.String()),
  dayCode: orNull(oneOf(DAY_CODES)),
});
export type ReadingView = Static<typeof ReadingView>;

/** An investigation with everything that was recorded, corrections included. */
export const InvestigationRecords = shape({
  investigation: InvestigationView,
  readings: Type.Array(ReadingView),
  /** Pictures of its containers, oldest first. */
  photos: Type.Array(PhotoView),
});
export type InvestigationRecords = Static<typeof InvestigationRecords>;

/** Another investigation that sowed the same treatments of the same kinds. */
export const AlikeView = shape({
  id: Type.String(),
  className: Type.String(),
  question: Type.String(),
  phase: oneOf(PHASES),
  sownOn: Type.String(),
});
export type AlikeView = Static<typeof AlikeView>;

/** The readings of the checks and the pictures that were asked for, and the investigation as it is now where that was. */
export const InvestigationNews = shape({
  readings: InvestigationRecords.properties.readings,
  photos: InvestigationRecords.properties.photos,
  investigation: orNull(InvestigationView),
});
export type InvestigationNews = Static<typeof InvestigationNews>;
