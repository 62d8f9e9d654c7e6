import { type SchoolCalendar } from '@bright-sprout/core/calendar/schoolCalendar';
import { type SplitFact } from '@bright-sprout/core/plan/layout/splitWords';
import { type KeptCaution } from '@bright-sprout/core/plan/fairTest/fairTest';
import { type OwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { type BenchProtocol } from '@bright-sprout/core/bench/benchProtocol';
import { type PlanOutlook } from '@bright-sprout/core/plan/calendar/planOutlook';
import { type ComparedDesign } from '@bright-sprout/core/compare/records';
import { type RunStep } from '@bright-sprout/core/plan/lists/runSheet';
import { QUANTITIES, SPROUTED_RULES } from '@bright-sprout/core/measures/measure';
import { EVENT_KINDS, type PlanEvent } from '@bright-sprout/core/plan/calendar/planEvents';
import { FACTOR_SUBJECTS, PLAN_KINDS, SEED_LOOKS } from '@bright-sprout/core/plan/document/planDocument';
import { type TSchema, Type } from '@sinclair/typebox';
import { TypeCompiler } from '@sinclair/typebox/compiler';
import { like, oneOf, orNull, shape as object } from './shape';

/**
 * What an investigation keeps as documents, field by field: answers are written by it, and a package is held against it before it comes
 * in. The plans of every kind and way of growing are held against it in its test.
 */

const text = (most = 200) => Type.String({ maxLength: most });
const day = Type.String({ pattern: '^\\d{4}-\\d{2}-\\d{2}$' });
const number = Type.Number({ minimum: -1e6, maximum: 1e6 });
const amount = Type.Number({ minimum: 0, maximum: 1e6 });
const whole = (most: number, least = 0) => Type.Integer({ minimum: least, maximum: most });
const list = <T extends TSchema>(of: T, most = 60) => Type.Array(of, { maxItems: most });
const range = Type.Tuple([amount, amount]);
const codes = list(Type.String({ pattern: '^[A-H]$' }), 8);

export const calendar = like<SchoolCalendar>()(
  object({
    weekdays: Type.Array(Type.Boolean(), { minItems: 7, maxItems: 7 }),
    holidays: list(object({ from: text(10), to: text(10), name: text(60) }), 40),
    halfDays: Type.Optional(list(text(10), 40)),
  }),
);

const leaving = object({
  how: oneOf(['short', 'somebody', 'reservoir', 'too-long'] as const),
  cover: oneOf(['lifted', 'stays', 'none'] as const),
});

const eventFacts = [
  object({ code: oneOf(['get-together', 'soil-stands', 'first-look', 'check', 'lesson', 'end'] as const) }),
  object({ code: Type.Literal('into-soil'), species: Type.Optional(text()) }),
  object({ code: Type.Literal('seed-lesson'), looks: list(oneOf(SEED_LOOKS), 5) }),
  object({ code: oneOf(['cold-spell', 'harden-off', 'plant-out', 'harvest'] as const), species: text() }),
  object({ code: Type.Literal('harden-step'), species: text(), hours: amount, night: Type.Boolean() }),
  object({
    code: Type.Literal('soak'),
    species: text(),
    chosen: Type.Boolean(),
    leastHours: Type.Optional(amount),
    mostHours: amount,
    hour: Type.Optional(number),
    home: Type.Optional(Type.Boolean()),
  }),
  object({ code: Type.Literal('sow'), treatments: codes }),
  object({
    code: oneOf(['lift-covers', 'into-light', 'covers-off'] as const),
    kept: Type.Boolean(),
    species: Type.Optional(text()),
  }),
  object({ code: Type.Literal('thin'), keep: orNull(amount), species: Type.Optional(text()) }),
  object({ code: Type.Literal('before-gap'), gap: orNull(text()), weekend: Type.Boolean(), days: amount, leaving }),
  object({ code: Type.Literal('come-in'), gap: orNull(text()), weekend: Type.Boolean(), every: amount }),
] as const;

const dated = object({ day, kind: oneOf(EVENT_KINDS) });
const event = Type.Union(eventFacts.map((fact) => Type.Composite([dated, fact], { additionalProperties: false })));
export const schedule = list(Type.Unsafe<PlanEvent>(event), 600);

const forSome = { treatments: Type.Optional(codes) };
const groups = list(object({ treatments: codes, label: text(400) }), 8);
const container = text(60);
export const step = like<RunStep>()(
  Type.Union([
    object({
      code: Type.Literal('turns'),
      turns: list(object({ day, treatments: codes, age: Type.Optional(number) }), 8),
    }),
    object({ code: Type.Literal('own-seeds'), groups }),
    object({ code: Type.Literal('soaked'), hours: range, ...forSome }),
    object({ code: oneOf(['dry', 'paper-dry', 'large-on-side'] as const), ...forSome }),
    object({ code: oneOf(['count-sets', 'count-each'] as const), seeds: amount, container, ...forSome }),
    object({ code: Type.Literal('water'), waterMl: range }),
    object({
      code: Type.Literal('wet-paper'),
      waterMl: range,
      liquid: Type.Optional(text()),
      sponge: Type.Optional(Type.Boolean()),
      ...forSome,
    }),
    object({
      code: Type.Literal('fill'),
      container,
      fillMl: amount,
      damp: Type.Boolean(),
      mix: Type.Optional(text(2000)),
      ...forSome,
    }),
    object({ code: Type.Literal('lay-sets'), container }),
    object({ code: Type.Literal('otherwise') }),
    object({ code: Type.Literal('holes'), kind: orNull(text()), depthMm: range, treatments: codes }),
    object({ code: oneOf(['pressed', 'put-sets'] as const), container, ...forSome }),
    object({ code: Type.Literal('scattered'), container, depthMm: range, ...forSome }),
    object({ code: Type.Literal('as-named'), label: text(400), ...forSome }),
    object({ code: Type.Literal('close'), press: Type.Boolean(), ...forSome }),
    object({ code: Type.Literal('gets'), liquid: text(400), doseMl: amount, ...forSome }),
    object({ code: Type.Literal('label'), container, onIt: Type.Optional(Type.Boolean()) }),
    object({ code: Type.Literal('stands'), factor: text(), groups }),
    object({ code: Type.Literal('place'), carrier: text() }),
  ]),
);

const moved = { atHome: Type.Optional(Type.Boolean()), moved: Type.Optional(whole(1000)) };
export const split = like<SplitFact>()(
  Type.Union([
    object({ code: oneOf(['no-teams', 'team-one-treatment', 'class-shares', 'imported'] as const), ...moved }),
    object({ code: Type.Literal('complete'), each: whole(1000), ...moved }),
    object({
      code: Type.Literal('uneven'),
      low: whole(1000),
      high: whole(1000),
      missing: whole(100),
      teams: whole(100),
      ...moved,
    }),
  ]),
);

export const caution = like<KeptCaution>()(
  object({
    code: text(60),
    params: Type.Record(Type.String({ maxLength: 40 }), orNull(Type.Union([text(600), number, Type.Boolean()]))),
    declared: orNull(text(400)),
  }),
);

export const ownMeasure = like<OwnMeasure>()(
  object({
    code: Type.String({ minLength: 1, maxLength: 40 }),
    name: text(60),
    quantity: oneOf(QUANTITIES),
    of: oneOf(['plant', 'container'] as const),
    unit: text(20),
    least: orNull(Type.Number()),
    most: orNull(Type.Number()),
    choices: list(text(40), 8),
    more: text(40),
    less: text(40),
  }),
);

const heightRule = oneOf(['growing-tip', 'highest-point', 'longest-leaf'] as const);
const plants = whole(20, 1);
export const bench = like<BenchProtocol>()(
  object({
    measures: list(text(40), 40),
    own: list(ownMeasure, 40),
    heightRule,
    sprouted: oneOf(SPROUTED_RULES),
    plants,
    care: object({
      water: oneOf(['damp-before', 'by-touch', 'fixed-volume', 'by-weight'] as const),
      doseMl: amount,
      paper: Type.Boolean(),
      openBag: oneOf(['never', 'mist'] as const),
      closed: Type.Optional(Type.Boolean()),
      gets: Type.Optional(list(object({ treatments: codes, doseMl: amount, liquid: text(400) }), 8)),
    }),
    atHome: Type.Optional(Type.Boolean()),
    byTreatment: Type.Optional(
      Type.Record(
        Type.String({ pattern: '^[A-H]$' }),
        object({ plants: Type.Optional(plants), heightRule: Type.Optional(heightRule) }),
      ),
    ),
  }),
);

export const outlook = like<PlanOutlook>()(
  object({
    calendar,
    sprouting: orNull(object({ from: day, to: day })),
    goal: orNull(object({ name: text(60), mm: amount })),
  }),
);

export const design = like<ComparedDesign>()(
  object({
    kind: oneOf(PLAN_KINDS),
    factors: list(
      object({
        name: text(),
        subject: oneOf(FACTOR_SUBJECTS),
        unit: text(40),
        levels: list(object({ label: text(), amount: orNull(number) }), 12),
        controlled: Type.Boolean(),
      }),
      4,
    ),
    levels: Type.Record(Type.String({ pattern: '^[A-H]$' }), list(whole(20), 4)),
  }),
);

/** Of the table that it came as; how that was read is held against `isTableReading`. */
export const brought = object({
  fileName: text(),
  headsKey: text(),
  reading: Type.Record(Type.String({ maxLength: 40 }), Type.Unknown()),
  days: oneOf(['dates', 'from-first-look', 'days-only', 'one-look'] as const),
  design: orNull(design),
  leftOut: whole(1_000_000),
});

const DOCUMENTS = {
  split,
  planCautions: list(caution, 100),
  runSheet: list(step, 60),
  bench: orNull(bench),
  schedule,
  outlook: orNull(outlook),
  brought: orNull(brought),
};
const compiled = Object.entries(DOCUMENTS).map(([field, shape]) => ({ field, holds: TypeCompiler.Compile(shape) }));

/** The first document of an investigation that has not the shape of its kind; null where all have. */
export function misshapen(row: Readonly<Record<string, unknown>>): string | null {
  return compiled.find(({ field, holds }) => !holds.Check(row[field] ?? null))?.field ?? null;
}
