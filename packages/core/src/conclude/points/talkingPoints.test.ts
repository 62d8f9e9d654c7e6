import { type Class, grownClass, simulatedLesson, SOWN, steady } from '../../../test/grownClass';
import { addDays } from '../../calendar/days';
import { numberFound } from '../../measures/finding';
import { generatorFrom } from '../../random/generator';
import { HEIGHT } from '../../../test/records';
import { GRADE_BANDS } from '../../words/gradeBand';
import { atLeast, drawnAtLeast } from './chances';
import { type LessonFacts, lessonOf } from './lesson';
import { type PointCode } from './point';
import { classesWords, grainsOf, pointWords } from './pointWords';
import { found, POINT_CODES, talkingPoints } from './talkingPoints';

const RUNS = 100;

/** Mon, Wed and Fri of three weeks from the day of sowing, a Tuesday. */
const DAYS = [6, 8, 10, 13, 15, 17, 20];
const plain: Class = { treatments: 4, teams: 7, days: DAYS, grows: steady() };

type Make = (seed: number) => LessonFacts;
const of =
  (part: Partial<Class>): Make =>
  (seed) =>
    grownClass({ ...plain, ...part }, seed);

/** What a class says before sowing: one number and one winner a team. */
function expecting(
  make: Make,
  say: (team: number, random: ReturnType<typeof generatorFrom>) => [number | null, string | null],
): Make {
  return (seed) => {
    const facts = make(seed);
    const random = generatorFrom(seed + 5000);
    const teams = [...new Set(facts.records.containers.map((c) => c.block!))];
    return {
      ...facts,
      expected: teams.map((team, i) => {
        const [heightMm, winner] = say(i, random);
        return { team, firstSproutDay: null, dayNumber: 20, heightMm, winner };
      }),
    };
  };
}

const waking =
  (up: (team: number, treatment: number) => number): Class['grows'] =>
  (c, day) => {
    const from = up(c.team, c.treatment);
    return day <= from ? null : 4 * (day - from);
  };

/** For every detector a class in which its thing is there, and one in which it is not. */
const CASES: Record<PointCode, { there: Make; absent: Make }> = {
  'first-and-last-up': { there: of({ grows: waking((_, t) => (t === 1 ? 9 : 4)) }), absent: of({}) },
  'unlike-twins': {
    there: of({ grows: (c, day) => (steady()(c, day) as number) * (c.treatment === 1 && c.team === 3 ? 0.55 : 1) }),
    absent: of({}),
  },
  'lines-crossed': {
    there: of({ grows: (c, day) => (day <= 4 ? null : c.treatment === 1 ? 22 + 2 * (day - 4) : 4.5 * (day - 4)) }),
    absent: of({}),
  },
  'fastest-stretch': {
    there: of({ grows: (_, day) => (day <= 4 ? null : 3 * (day - 4) + (day > 13 ? 5 * Math.min(2, day - 13) : 0)) }),
    absent: of({}),
  },
  'dip-over-days-off': {
    there: of({ grows: (_, day) => (day <= 4 ? null : 4 * (day - 4) - (day > 10 ? 4 * Math.min(3, day - 10) : 0)) }),
    absent: of({}),
  },
  'prediction-nearest': { there: expecting(of({}), (i) => [60 + 5 * i, null]), absent: of({}) },
  'prediction-farthest': { there: expecting(of({}), (i) => [60 + 5 * i, null]), absent: of({}) },
  'slip-mended': {
    there: (seed) => {
      const facts = of({})(seed);
      const old = facts.records.readings.find((r) => r.findings.length > 0)!;
      const slip = { ...old, id: 'slip', findings: [numberFound('height', 254)], recordedAt: `${old.day}T09:00:00.000Z` };
      const mended = facts.records.readings.map((r) => (r === old ? { ...r, supersedes: 'slip' } : r));
      return { ...facts, records: { ...facts.records, readings: [slip, ...mended] } };
    },
    absent: of({}),
  },
  'more-losses': {
    there: of({ grows: (c, day) => (c.treatment === 3 && c.team < 5 && day > 12 ? 'lost' : steady()(c, day)) }),
    absent: (seed) => {
      const random = generatorFrom(seed + 900);
      const gone = new Set(Array.from({ length: 5 }, () => `${random.below(4)} ${random.below(7)}`));
      return of({ grows: (c, day) => (gone.has(`${c.treatment} ${c.team}`) && day > 12 ? 'lost' : steady()(c, day)) })(seed);
    },
  },
  'place-on-tray': {
    there: of({ grows: (c, day) => (steady()(c, day) as number) * (c.place < 2 ? 1.12 : 0.88) }),
    absent: of({}),
  },
  'team-reads-high': {
    there: of({ grows: (c, day) => (day <= 4 ? null : 4 * (day - 4) + (c.team === 2 ? 10 : 0)) }),
    absent: of({}),
  },
  'within-reading-error': {
    there: (seed) => ({ ...of({})(seed), readingError: 3 }),
    absent: (seed) => ({
      ...of({ grows: (c, day) => (steady()(c, day) as number) * (1 - 0.25 * c.treatment) })(seed),
      readingError: 1,
    }),
  },
  'never-came': {
    there: of({ grows: (c, day) => (c.treatment === 2 && c.team < 4 ? null : steady()(c, day)) }),
    absent: of({}),
  },
  'growth-slowing': {
    there: of({ grows: (_, day) => (day <= 4 ? null : 4 * (Math.min(day, 15) - 4) + 0.5 * Math.max(0, day - 15)) }),
    absent: of({}),
  },
  'expected-and-came': {
    there: expecting(of({ grows: (c, day) => (steady()(c, day) as number) * (c.treatment === 0 ? 1.4 : 1) }), () => [null, 'A']),
    absent: expecting(of({}), (_, random) => [null, 'ABCD'[random.below(4)]!]),
  },
  'age-ladder': {
    there: (seed) => {
      const facts = of({})(seed);
      const containers = facts.records.containers.map((c) => ({
        ...c,
        sownOn: addDays(SOWN, -3 * (c.treatment.charCodeAt(0) - 65)),
      }));
      return { ...facts, records: { ...facts.records, containers } };
    },
    absent: of({}),
  },
};

/** Detectors that speak only where luck is rare; growth itself (a fastest stretch, slowing) is always there in the simulator. */
const ASK_LUCK: PointCode[] = [
  'unlike-twins',
  'lines-crossed',
  'dip-over-days-off',
  'more-losses',
  'place-on-tray',
  'team-reads-high',
];

const shareFound = (code: PointCode, make: Make) => {
  let n = 0;
  for (let seed = 1; seed <= RUNS; seed++) if (found(code, lessonOf(make(seed))!).length > 0) n++;
  return n / RUNS;
};

test('every detector finds its thing where it is clear, and seldom where it is absent', () => {
  const rates = POINT_CODES.map((code) => ({
    code,
    there: shareFound(code, CASES[code].there),
    absent: shareFound(code, CASES[code].absent),
  }));
  process.stdout.write(
    `\nTalking points in ${RUNS} simulated classes each: found where it is there, found where it is not\n${rates
      .map(
        (r) => `  ${r.code.padEnd(22)} ${(100 * r.there).toFixed(1).padStart(6)} % ${(100 * r.absent).toFixed(1).padStart(6)} %`,
      )
      .join('\n')}\n`,
  );
  expect(rates.filter((r) => r.there < 0.9).map((r) => r.code)).toEqual([]);
  expect(rates.filter((r) => r.absent > 0.05).map((r) => r.code)).toEqual([]);
});

test('a class grown by the simulator in which nothing differs seldom makes luck look like more', () => {
  let said = 0;
  for (let seed = 1; seed <= RUNS; seed++)
    said += talkingPoints(simulatedLesson(seed)).filter((p) => ASK_LUCK.includes(p.code)).length;
  process.stdout.write(`  points that ask luck, in a class without any: ${(said / RUNS).toFixed(2)}\n`);
  expect(said / RUNS).toBeLessThan(0.5);
});

test('every point says what is there, asks one thing and names its luck, in every band; nobody is named who is wrong', () => {
  for (const code of POINT_CODES) {
    const points = found(code, lessonOf(CASES[code].there(2))!);
    expect(points.map((p) => p.code)).toEqual([code]);
    for (const band of GRADE_BANDS) {
      const words = pointWords(points[0]!, { measure: HEIGHT, resolution: 'mm', container: 'cup', sownOn: SOWN, band });
      expect(words.title).toMatch(/^[A-Z0-9].*\.$/);
      expect(words.title).not.toMatch(/undefined|NaN|null|Infinity/);
      expect(words.asks).toMatch(/\?$|\.$/);
      expect(words.luck === null).toBe(points[0]!.chance === null);
      if (code === 'prediction-farthest' || code === 'team-reads-high') expect(words.title).not.toMatch(/team \d/);
    }
  }
});

test('what luck does most seldom comes first; what luck has no part in stands at one in twenty', () => {
  const facts = CASES['slip-mended'].there(3);
  const points = talkingPoints({ ...facts, expected: CASES['prediction-nearest'].there(3).expected });
  const surprise = points.map((p) => p.chance ?? 0.05);
  expect(surprise).toEqual([...surprise].sort((a, b) => a - b));
  expect(points.map((p) => p.code)).toContain('slip-mended');
  expect(new Set(points.map((p) => p.key)).size).toBe(points.length);
  expect(talkingPoints({ ...facts, records: { ...facts.records, readings: [] } })).toEqual([]);
});

test('by hand: of the chances of these, and how they are said', () => {
  expect(drawnAtLeast(3, 4, 4, 8)).toBeCloseTo(17 / 70, 12);
  expect(atLeast(2, [0.5, 0.5, 0.5])).toBeCloseTo(0.5, 12);
  expect(atLeast(1, [0.1, 0.2])).toBeCloseTo(0.28, 12);
  expect([0.0004, 0.04, 0.11, 0.63, 0.99].map(classesWords)).toEqual([
    'in fewer than 1 of 1,000 classes',
    'in 1 of 25 classes',
    'in 1 of 9 classes',
    'in 6 of 10 classes',
    'in nearly every class',
  ]);
  expect([null, 0.01, 0.11, 0.63].map(grainsOf)).toEqual([null, null, { inked: 1, of: 9 }, { inked: 6, of: 10 }]);
});

test('the plant unlike its twins is told, its numbers, and the band of the others', () => {
  const [point] = found('unlike-twins', lessonOf(CASES['unlike-twins'].there(2))!);
  if (point?.code !== 'unlike-twins' || point.figure.kind !== 'plants') throw new Error('not found');
  const values = point.figure.plants.filter((p) => !p.marked).map((p) => p.value!);
  expect([point.container, point.twins, point.behind]).toEqual(['B4', 6, true]);
  expect([point.low, point.high]).toEqual([Math.min(...values), Math.max(...values)]);
  expect(point.figure.plants.find((p) => p.marked)?.value).toBe(point.value);
});
