import { say } from '@bright-sprout/words/say';
import { SEED_COUNTS } from '../../measures/builtIn/counts';
import { type SproutedRule } from '../../measures/measure';
import { seedCountOf } from '../../measures/registry';
import { addDays, type IsoDay } from '../../calendar/days';
import { DAY_HOURS } from '../../calendar/roomTemperature';
import { MONDAY_TO_FRIDAY, type SchoolCalendar, schoolDayFrom } from '../../calendar/schoolCalendar';
import { type GradeBand } from '../../words/gradeBand';
import { methodById, speciesById, usualFillMl } from '../../seeds/catalogue';
import { seedsToSow } from '../../seeds/sowingNumbers';
import { type Factor, type FactorSubject, type KeptSame, type PlanDocument } from './planDocument';
import { READY_PLANS, type StartingPoint } from './startingPlans';

export const STARTING_POINTS: readonly StartingPoint[] = READY_PLANS;

/** The starting points that suit an age, in its words. */
export function startingPointsFor(gradeBand: GradeBand): StartingPoint[] {
  if (gradeBand !== 'early') return READY_PLANS.filter((r) => !r.earlyOnly);
  return READY_PLANS.flatMap(({ id, early }) => (early ? [{ id, name: early.name, about: early.about }] : []));
}

/** Ages 5 to 7 look, count and measure in whole centimetres. */
const EARLY_MEASURES = ['height', 'leaves', 'seeds-up', 'seeds-with-root', 'percent-green'];

const same = (): readonly [string, string, readonly FactorSubject[]][] => [
  ['seed', say('planning.seedSamePacket'), ['kind', 'seed-age']],
  ['number', say('planning.sameNumberSeeds'), ['crowding']],
  ['soil', say('planning.sameSoilFilledSame'), ['soil']],
  ['depth', say('planning.sameDepth'), ['depth']],
  ['water', say('planning.sameAmountWaterSame'), ['water']],
  ['light', say('planning.sameLightTurnedAlike'), ['light', 'place']],
  ['warmth', say('planning.sameWarmth'), ['temperature', 'place']],
  ['day', say('planning.sownSameDay'), ['age']],
  ['container', say('planning.sameContainer'), []],
];

/** The checklist of what stays alike: everything but what the factors change. */
export function keptSameFor(factors: readonly Factor[], before: readonly KeptSame[] = []): KeptSame[] {
  const subjects = factors.map((f) => f.subject);
  return same()
    .filter(([, , changed]) => !changed.some((c) => subjects.includes(c)))
    .map(([id, text]) => ({
      id,
      text,
      kept: before.find((k) => k.id === id)?.kept ?? true,
    }));
}

export interface ClassFacts {
  gradeBand: GradeBand;
  teams: number;
  today: IsoDay;
  /** School days and holidays of the class, where they were typed. */
  schoolYear?: SchoolCalendar | null;
}

/** School as it is usually held. */
const SCHOOL: SchoolCalendar = { weekdays: MONDAY_TO_FRIDAY, holidays: [] };

/** A whole plan from a starting point (or from the first, for an unknown one), fitted to a class. */
export function planFrom(startId: string, { gradeBand, teams, today, schoolYear }: ClassFacts, drawSeed: number): PlanDocument {
  const ready = READY_PLANS.find((r) => r.id === startId) ?? READY_PLANS[0]!;
  const young = gradeBand === 'early' || gradeBand === 'primary';
  const method = methodById(ready.methodId)!;
  const species = speciesById(ready.speciesId)!;
  const calendar = schoolYear ?? SCHOOL;
  const sowOn = schoolDayFrom(calendar, addDays(today, 7)) ?? addDays(today, 7);
  const seedsEach = seedsToSow(species.germination * POTS_LOSE) ?? 3;
  const plan: PlanDocument = {
    question: (gradeBand === 'early' && ready.early?.question) || ready.question,
    startedFrom: ready.id,
    kind: 'one-factor',
    factors: ready.factors.map((f) => ({ ...f, levels: f.levels.map((l) => ({ ...l })) })),
    keptSame: keptSameFor(ready.factors),
    speciesId: ready.speciesId,
    methodId: ready.methodId,
    seedLotId: '',
    containersEach: Math.max(3, teams),
    reserveEach: 0,
    seedsEach,
    seedsCounted: false,
    seedLesson: null,
    keep: 1,
    fillMl: usualFillMl(method),
    doseMl: 30,
    measures: ['height', 'leaves'],
    ownMeasures: [],
    protocol: {
      sprouted: method.paper ? 'root-2mm' : 'shoot',
      height: species.habit === 'grass' ? 'longest-leaf' : 'growing-tip',
      beforeSprouting: young ? 'zero' : 'exclude',
      afterLoss: 'exclude',
      seedlings: 'tagged',
      resolution: gradeBand === 'early' ? 'cm' : gradeBand === 'primary' ? 'half-cm' : 'mm',
      depth: 'packet',
      seedsToHole: 'nineteen-of-twenty',
      firm: 'press',
      water: 'damp-before',
      lightBefore: 'warm-covered',
      openBag: 'never',
      report: 'container-mean',
    },
    assignment: 'one-of-each',
    trays: 1,
    ownCarrier: null,
    drawSeed,
    moved: {},
    room: { day: 20, night: 16, weekend: null, dayHours: DAY_HOURS },
    calendar,
    period: '',
    sowOn,
    lessonOn: '',
    endOn: schoolDayFrom(calendar, addDays(sowOn, ready.days)) ?? addDays(sowOn, ready.days),
    thinOn: '',
    goesOutside: false,
    harvested: false,
    goal: null,
    lastFrost: '',
    cadence: { kind: 'weekdays', weekdays: [1, 3, 5] },
    checksAdded: [],
    checksSkipped: [],
    whileAway: 'nothing',
    sparePercent: 10,
    packetSeeds: 0,
    predictions: young ? ['first-sprout-day', 'which-wins'] : ['first-sprout-day', 'height-on-day', 'which-wins'],
    askTeams: false,
    exceptions: [],
    learned: [],
  };
  // Nobody thins in a closed bag or box: what sprouts there stays.
  const changed = { ...plan, ...ready.change?.(plan) };
  const kept = method.cover === 'stays' ? { ...changed, keep: changed.seedsEach } : changed;
  const measures = kept.measures.filter((m) => gradeBand !== 'early' || EARLY_MEASURES.includes(m));
  return countingBy({ ...kept, measures }, kept.protocol.sprouted);
}

/** The plan with sprouted seeds counted by the sign that tells them: a root, or what stands above the soil. */
export function countingBy(plan: PlanDocument, sprouted: SproutedRule): PlanDocument {
  const counted = SEED_COUNTS.filter((m) => plan.measures.includes(m));
  const protocol = { ...plan.protocol, sprouted };
  if (counted.length !== 1) return { ...plan, protocol };
  return { ...plan, protocol, measures: plan.measures.map((m) => (m === counted[0] ? seedCountOf(sprouted) : m)) };
}

/** Fewer come up in class pots than in a seed test: this share of them. */
export const POTS_LOSE = 0.85;
