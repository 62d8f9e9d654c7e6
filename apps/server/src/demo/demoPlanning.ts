import { addDays, daysBetween, type IsoDay } from '@bright-sprout/core/calendar/days';
import { hourlyTemperatures } from '@bright-sprout/core/calendar/roomTemperature';
import { type GradeBand } from '@bright-sprout/core/words/gradeBand';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { countingBy, planFrom } from '@bright-sprout/core/plan/document/startingPoints';
import { methodById, usualFillMl } from '@bright-sprout/core/seeds/catalogue';
import { generatorFrom } from '@bright-sprout/core/random/generator';
import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { type DemoInvestigation } from './demoScenario';

/** The next step of the hedge: does food help plants through the salt? Being planned, with a winter break in it. */
export function demoPlan(today: IsoDay, teams: number): PlanDocument {
  const plan = planFrom('feed-and-light', { gradeBand: 'middle', teams, today }, 311);
  return {
    ...plan,
    question: 'Does plant food help barley through road salt?',
    speciesId: 'barley',
    protocol: { ...plan.protocol, height: 'longest-leaf' },
    factors: [
      {
        name: 'salt in the water',
        subject: 'salt',
        unit: 'mmol/L',
        control: 0,
        noControlReason: '',
        levels: [
          { label: 'no salt', amount: 0 },
          { label: '50 mmol/L', amount: 50 },
        ],
      },
      {
        name: 'plant food',
        subject: 'feed',
        unit: 'mg N/L',
        control: 0,
        noControlReason: '',
        levels: [
          { label: 'plain', amount: 0 },
          { label: 'fed', amount: 75 },
        ],
      },
    ],
    period: '10:15–11:00',
    packetSeeds: 50,
    calendar: {
      ...plan.calendar,
      holidays: [{ from: addDays(plan.sowOn, 11), to: addDays(plan.sowOn, 14), name: 'Exhibition days' }],
    },
  };
}

/** Three packets of the science room: fresh, tested, and past its best. */
export function demoSeedLots(today: IsoDay): Omit<SeedLot, 'id'>[] {
  const year = Number(today.slice(0, 4));
  const lot = { count: null, depthMm: null, spacingMm: null, daysToSprout: null, tests: [] };
  return [
    { ...lot, speciesId: 'barley', name: 'sack by the door', year, count: 2000, depthMm: [20, 30], spacingMm: 25 },
    {
      ...lot,
      speciesId: 'garden_cress',
      name: 'round tin',
      year: year - 2,
      daysToSprout: [2, 4],
      tests: [
        { kind: 'paper', up: 17, of: 20, on: addDays(today, -40) },
        { kind: 'float', up: 5, of: 20, on: addDays(today, -40) },
      ],
    },
    { ...lot, speciesId: 'onion', name: 'from the old cupboard', year: year - 6, count: 80 },
  ];
}

/** The plan by which a demo class sowed. */
export function demoSownPlan(sown: DemoInvestigation, gradeBand: GradeBand, sownOn: IsoDay, teams: number): PlanDocument {
  const start = sown.start ?? 'salt-steps';
  const plan = planFrom(start, { gradeBand, teams, today: addDays(sownOn, -7) }, sown.seed);
  const last = addDays(sownOn, sown.checkDays[sown.checkDays.length - 1]!);
  const document: PlanDocument = {
    ...plan,
    question: sown.question,
    speciesId: sown.speciesId,
    methodId: sown.methodId,
    seedsEach: sown.seeds,
    fillMl: usualFillMl(methodById(sown.methodId)!),
    endOn: last,
    room: { ...plan.room, day: sown.temperature + 1, night: sown.temperature - 1 },
    protocol: { ...plan.protocol, resolution: sown.resolution, beforeSprouting: sown.beforeSprouting },
    // The lesson of an age ladder is its last look.
    ...(plan.kind === 'age-ladder' ? { lessonOn: last } : {}),
  };
  return sown.countsOnly ? countingBy({ ...document, measures: ['seeds-up'] }, 'root-2mm') : document;
}

/** Water on check days, by the teacher for all; not on the day before the weekend that dried out. */
export function demoWatering(sown: DemoInvestigation, sownOn: IsoDay, today: IsoDay) {
  return sown.checkDays
    .map((d) => addDays(sownOn, d))
    .filter((day) => day < today && day !== addDays(sownOn, (sown.trouble.drought?.day ?? 0) - 3))
    .map((day) => ({
      teamId: null,
      kind: 'water' as const,
      task: 'water',
      day,
      amountMl: 30,
      skipped: false,
      note: null,
      recordedAt: new Date(`${day}T10:55:00Z`),
      takenBackAt: null,
    }));
}

/** The run sheet of sowing day, ticked by the teacher step by step. */
export function demoSowing(steps: number, sownOn: IsoDay) {
  return Array.from({ length: steps }, (_, step) => ({
    teamId: null,
    kind: 'sowing-step' as const,
    task: String(step),
    day: sownOn,
    amountMl: null,
    skipped: false,
    note: null,
    recordedAt: new Date(`${sownOn}T10:${String(20 + 3 * step).padStart(2, '0')}:00Z`),
    takenBackAt: null,
  }));
}

const HOURS = [1, 5, 9, 13, 17, 21];

/** What the sensor box read since sowing: the planned room with a little weather in it. */
export function demoRoom(plan: PlanDocument, sownOn: IsoDay, today: IsoDay) {
  const random = generatorFrom(plan.drawSeed);
  const days = Array.from({ length: Math.max(0, daysBetween(sownOn, today)) }, (_, i) => addDays(sownOn, i));
  return days.flatMap((day) => {
    const weather = random.normal();
    const hourly = hourlyTemperatures(plan.room, plan.calendar, day);
    return HOURS.map((hour) => ({
      at: new Date(`${day}T${String(hour).padStart(2, '0')}:00:00Z`),
      kind: 'temperature' as const,
      value: Number((hourly[hour]! + weather + 0.3 * random.normal()).toFixed(1)),
      source: 'sensor' as const,
    }));
  });
}

/** What the demo's teams expected before sowing: more or less informed guesses, drawn with the plan's own number. */
export function demoPredictions(plan: PlanDocument, teamIds: readonly string[], sownOn: IsoDay) {
  const random = generatorFrom(plan.drawSeed + 3);
  return teamIds.map((teamId) => ({
    teamId,
    firstSproutDay: 3 + random.below(6),
    heightMm: 10 * (12 + random.below(12)),
    winner: random.uniform() < 0.7 ? 'A' : 'B',
    recordedAt: new Date(`${addDays(sownOn, -1)}T10:30:00Z`),
  }));
}
