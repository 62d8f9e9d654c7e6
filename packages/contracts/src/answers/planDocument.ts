import {
  SEED_LOOKS,
  type Goal as GoalType,
  PLAN_KINDS,
  FACTOR_SUBJECTS,
  type Level as LevelType,
  type Factor as FactorType,
  type KeptSame as KeptSameType,
  type SeedLesson as SeedLessonType,
  type Protocol as ProtocolType,
  ASSIGNMENTS,
  type OwnCarrier as OwnCarrierType,
  WHILE_AWAY,
  PREDICTIONS,
  type DeclaredException as DeclaredExceptionType,
  type PlanDocument as PlanDocumentType,
} from '@bright-sprout/core/plan/document/planDocument';
import { type Cadence as CadenceType } from '@bright-sprout/core/calendar/schoolCalendar';
import { type RoomTemperature as RoomTemperatureType } from '@bright-sprout/core/calendar/roomTemperature';
import { LEARNED_CODES, type Learned as LearnedType } from '@bright-sprout/core/plan/document/learned';
import { Type } from '@sinclair/typebox';
import { calendar, ownMeasure } from './keptShapes';
import { SproutedRule, BeforeSprouting, AfterLoss, RulerResolution, DepthSchool, Report } from './terms';
import { shape, oneOf, orNull, like } from './shape';

export const SeedLook = oneOf(SEED_LOOKS);

/** An everyday thing that plants are held against: as tall as … */
export const Goal = like<GoalType>()(
  shape({
    name: Type.String(),
    mm: Type.Number(),
  }),
);

export const PlanKind = oneOf(PLAN_KINDS);

export const FactorSubject = oneOf(FACTOR_SUBJECTS);

export const Level = like<LevelType>()(
  shape({
    label: Type.String(),
    amount: orNull(Type.Number()),
    speciesId: Type.Optional(Type.String()),
    seeds: Type.Optional(Type.Number()),
  }),
);

export const Factor = like<FactorType>()(
  shape({
    name: Type.String(),
    subject: FactorSubject,
    unit: Type.String(),
    levels: Type.Array(Level),
    control: orNull(Type.Number()),
    noControlReason: Type.String(),
  }),
);

/** Something that has to be alike for all containers. */
export const KeptSame = like<KeptSameType>()(
  shape({
    id: Type.String(),
    text: Type.String(),
    kept: Type.Boolean(),
  }),
);

/** A lesson about the seeds before anything is sown. */
export const SeedLesson = like<SeedLessonType>()(
  shape({
    on: Type.String(),
    looks: Type.Array(SeedLook),
  }),
);

/** Choices on which practitioners differ, each with its consequence in `protocolWords`. */
export const Protocol = like<ProtocolType>()(
  shape({
    sprouted: SproutedRule,
    height: oneOf(['growing-tip', 'highest-point', 'longest-leaf']),
    beforeSprouting: BeforeSprouting,
    afterLoss: AfterLoss,
    seedlings: oneOf(['tagged', 'tallest', 'all']),
    resolution: RulerResolution,
    depth: DepthSchool,
    seedsToHole: oneOf(['one', 'few', 'nineteen-of-twenty']),
    firm: oneOf(['press', 'loose']),
    water: oneOf(['damp-before', 'by-touch', 'fixed-volume', 'by-weight']),
    lightBefore: oneOf(['warm-covered', 'bright-window']),
    openBag: oneOf(['never', 'mist']),
    report: Report,
  }),
);

export const Assignment = oneOf(ASSIGNMENTS);

/** A tray, flat or carton of one's own: so many places, each so large, mm. */
export const OwnCarrier = like<OwnCarrierType>()(
  shape({
    columns: Type.Number(),
    rows: Type.Number(),
    wideMm: Type.Number(),
    deepMm: Type.Number(),
  }),
);

/** Temperatures at the seed, °C. */
export const RoomTemperature = like<RoomTemperatureType>()(
  shape({
    day: Type.Number(),
    night: Type.Number(),
    weekend: orNull(shape({ day: Type.Number(), night: Type.Number() })),
    dayHours: Type.Tuple([Type.Number(), Type.Number()]),
  }),
);

/** How often teams look. `every` counts calendar days and waits for the next school day. */
export const Cadence = like<CadenceType>()(
  Type.Union([
    shape({ kind: Type.Literal('school-days') }),
    shape({ kind: Type.Literal('weekdays'), weekdays: Type.Array(Type.Number()) }),
    shape({ kind: Type.Literal('every'), days: Type.Number() }),
  ]),
);

export const WhileAway = oneOf(WHILE_AWAY);

export const PredictionKind = oneOf(PREDICTIONS);

/** A rule of the fair-test check that is broken knowingly. */
export const DeclaredException = like<DeclaredExceptionType>()(
  shape({
    rule: Type.String(),
    reason: Type.String(),
  }),
);

export const LearnedCode = oneOf(LEARNED_CODES);

export const Learned = like<LearnedType>()(
  shape({
    code: LearnedCode,
    was: orNull(Type.Number()),
    now: orNull(Type.Number()),
    about: Type.String(),
  }),
);

/** A plan under construction: one document, validated where it arrives, kept with a version. */
export const PlanDocument = like<PlanDocumentType>()(
  shape({
    question: Type.String(),
    startedFrom: Type.String(),
    kind: PlanKind,
    factors: Type.Array(Factor),
    keptSame: Type.Array(KeptSame),
    speciesId: Type.String(),
    methodId: Type.String(),
    seedLotId: Type.String(),
    containersEach: Type.Number(),
    reserveEach: Type.Number(),
    seedsEach: Type.Number(),
    seedsCounted: Type.Boolean(),
    seedLesson: orNull(SeedLesson),
    keep: Type.Number(),
    fillMl: Type.Number(),
    doseMl: Type.Number(),
    measures: Type.Array(Type.String()),
    ownMeasures: Type.Array(ownMeasure),
    protocol: Protocol,
    assignment: Assignment,
    trays: Type.Number(),
    ownCarrier: orNull(OwnCarrier),
    drawSeed: Type.Number(),
    moved: Type.Record(Type.String(), Type.Number()),
    room: RoomTemperature,
    calendar,
    period: Type.String(),
    sowOn: Type.String(),
    lessonOn: Type.String(),
    endOn: Type.String(),
    thinOn: Type.String(),
    goesOutside: Type.Boolean(),
    harvested: Type.Boolean(),
    goal: orNull(Goal),
    lastFrost: Type.String(),
    cadence: Cadence,
    checksAdded: Type.Array(Type.String()),
    checksSkipped: Type.Array(Type.String()),
    whileAway: WhileAway,
    sparePercent: Type.Number(),
    packetSeeds: Type.Number(),
    predictions: Type.Array(PredictionKind),
    askTeams: Type.Boolean(),
    exceptions: Type.Array(DeclaredException),
    learned: Type.Array(Learned),
  }),
);
