import { addDays } from '../src/calendar/days';
import { MONDAY_TO_FRIDAY } from '../src/calendar/schoolCalendar';
import { type LessonFacts } from '../src/conclude/points/lesson';
import { type Reading } from '../src/readings/reading';
import { generatorFrom } from '../src/random/generator';
import { speciesById } from '../src/seeds/catalogue';
import { NO_TROUBLE, simulateInvestigation, type TreatmentEffect } from '../src/simulate/simulateInvestigation';
import { HEIGHT, reading } from './records';

export const SOWN = '2026-03-03';

/** How one container grows: its height on a day, mm; null while it is not up, 'lost' once it is. */
export type Growth = (container: { treatment: number; team: number; place: number }, day: number) => number | null | 'lost';

export interface Class {
  treatments: number;
  teams: number;
  /** Day numbers on which everybody looks. */
  days: number[];
  grows: Growth;
  /** Spread between containers, as a standard deviation of logarithms; of the ruler, mm. */
  spread?: number;
  rulerMm?: number;
}

/** A plant that grows by so much a day from a day on. */
export const steady =
  (perDay = 4, up = 4): Growth =>
  (_, day) =>
    day <= up ? null : perDay * (day - up);

/** A class in which nothing differs but by luck, except what `grows` writes into it; one of each treatment for every team. */
export function grownClass({ treatments, teams, days, grows, spread = 0.1, rulerMm = 1 }: Class, seed: number): LessonFacts {
  const random = generatorFrom(seed);
  const codes = Array.from({ length: treatments }, (_, t) => String.fromCharCode(65 + t));
  const places = Array.from({ length: teams }, () => random.shuffle(codes.map((_, i) => i)));
  const containers = Array.from({ length: teams }, (_, team) =>
    codes.map((treatment, t) => ({
      id: `${treatment}${team + 1}`,
      code: `${treatment}${team + 1}`,
      treatment,
      block: `team ${team + 1}`,
      seedsSown: 1,
      sownOn: SOWN,
      about: { treatment: t, team, place: places[team]![t]! },
    })),
  ).flat();
  const readings = containers.flatMap(({ id, about }): Reading[] => {
    const size = Math.exp(spread * random.normal());
    return days.map((n) => {
      const day = addDays(SOWN, n);
      const found = grows(about, n);
      const own = { id: `${id} ${day}`, containerId: id, day, recordedAt: `${day}T10:00:00.000Z` };
      if (found === 'lost') return reading({ ...own, state: 'lost', lostReason: 'died' });
      if (found === null) return reading(own);
      return reading({ ...own, heightMm: Math.max(1, Math.round(found * size + rulerMm * random.normal())) });
    });
  });
  return {
    records: {
      treatments: codes.map((code, i) => ({ code, label: i === 0 ? 'no salt' : `salt ${code}`, control: i === 0 })),
      containers,
      readings,
    },
    design: null,
    measure: HEIGHT,
    positions: new Map(containers.map((c) => [c.id, c.about.team * treatments + c.about.place])),
    expected: [],
    calendar: { weekdays: MONDAY_TO_FRIDAY, holidays: [] },
    readingError: null,
    germination: new Map(codes.map((c) => [c, 0.85])),
    allUpBy: 12,
  };
}

/** The simulator's barley with nothing that differs between treatments, places or teams but its own dice. */
export function simulatedLesson(seed: number, effects: Record<string, TreatmentEffect> = {}): LessonFacts {
  const plain = grownClass({ treatments: 4, teams: 7, days: [3, 6, 8, 10, 13, 15, 17, 20, 22, 24], grows: steady() }, seed);
  const { containers, treatments } = plain.records;
  const teams = [...new Set(containers.map((c) => c.block))];
  const grown = simulateInvestigation({
    species: speciesById('barley')!,
    containers: containers.map((c) => ({ code: c.code, treatment: c.treatment, team: teams.indexOf(c.block), seeds: 3 })),
    effects: Object.fromEntries(treatments.map((t) => [t.code, effects[t.code] ?? { germination: 1, delay: 1, height: 1 }])),
    checkDays: [3, 6, 8, 10, 13, 15, 17, 20, 22, 24],
    temperature: 19,
    sownOn: SOWN,
    resolution: 'mm',
    trouble: NO_TROUBLE,
    seed,
  });
  const readings = grown.map((r) =>
    reading({
      id: `${r.code} ${r.day}`,
      containerId: r.code,
      day: r.day,
      recordedAt: `${r.day}T10:00:00.000Z`,
      state: r.state,
      lostReason: r.lostReason,
      heightMm: r.valueMm,
    }),
  );
  return {
    ...plain,
    records: { ...plain.records, containers: containers.map((c) => ({ ...c, seedsSown: 3 })), readings },
  };
}
