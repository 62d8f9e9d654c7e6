import { HEIGHT, heightsOn, reading, recordsOf, seriesOf } from '../../../test/records';
import { choiceFound, numberFound } from '../../measures/finding';
import { measureOf } from '../../measures/registry';
import { groupsOf } from '../groups';
import { matched, pooledRecords, type Run } from '../pooled';
import { type ComparedRecords } from '../records';
import { honestAndNaive } from '../seedlings';
import { surenessOf } from '../sureness';
import { couldHaveShown, textbook } from '../textbook';
import { courseLines } from './courseLines';
import { doseLine } from './doseLine';
import { predictedHeights } from './predicted';
import { fitOfStair, sproutStairs } from './sproutSteps';
import { stageShares } from './stageShares';
import { teamStrip } from './teamStrip';

const DAY = '2026-03-19';
const at = (records: ComparedRecords) => groupsOf(records, HEIGHT, heightsOn(DAY));

test('each team’s own difference, from the least to the most; a team without a control is in none', () => {
  const records = recordsOf({ A: [100, 110, null, 120], B: [90, 130, 70, 115] });
  expect(teamStrip(at(records)).map((s) => [s.group.key, s.teams])).toEqual([
    [
      'B',
      [
        { team: 'team 1', difference: -10 },
        { team: 'team 4', difference: -5 },
        { team: 'team 2', difference: 20 },
      ],
    ],
  ]);
});

const SERIES = seriesOf(0, 50, 100);

test('a dose line, and a step only where one comes closer than the line', () => {
  const straight = doseLine(at(recordsOf({ A: [100, 102, 98], B: [80, 82, 78], C: [60, 62, 58] })), SERIES)!;
  expect(straight.line.ok && straight.line.slope).toBeCloseTo(-0.4, 9);
  expect(straight.step).toBeNull();
  const stepped = doseLine(at(recordsOf({ A: [100, 102, 98], B: [100, 101, 99], C: [60, 62, 58] })), SERIES)!;
  expect(stepped.step).toEqual({ below: 50, from: 100, low: 100, high: 60 });
  expect(doseLine(at(recordsOf({ A: [1], B: [2] })), null)).toBeNull();
});

test('lines over the days since sowing: gaps stay gaps, means say how many are behind them', () => {
  const records = recordsOf({ A: [0, 0], B: [0] });
  const look = (containerId: string, day: string, heightMm: number | null) =>
    reading({ id: `${containerId} ${day}`, containerId, day, heightMm });
  const readings = [
    look('A1', '2026-03-09', 10),
    look('A1', '2026-03-16', 30),
    look('A2', '2026-03-12', 20),
    look('A2', '2026-03-16', 40),
    look('B1', '2026-03-12', null),
  ];
  const [a, b] = courseLines({ ...records, readings }, HEIGHT, heightsOn(DAY));
  expect(a!.containers[0]).toEqual({ code: 'A1', x: [6, 9, 13], y: [10, null, 30] });
  expect([a!.mean, a!.counts]).toEqual([{ x: [6, 9, 13], y: [10, 20, 35] }, [1, 1, 2]]);
  expect(b!.mean).toEqual({ x: [], y: [] });
});

test('stairs of sprouting: steps between looks, never and half, by hand', () => {
  const records = recordsOf({ A: [0, 0, 0, 0] });
  const days = ['2026-03-06', '2026-03-09', '2026-03-12'];
  const up = { A1: 1, A2: 2, A3: 2, A4: 9 };
  const readings = Object.entries(up).flatMap(([id, from]) =>
    days.map((day, i) => reading({ id: `${id} ${day}`, containerId: id, day, heightMm: i >= from ? 10 : null })),
  );
  const {
    stairs,
    last,
    days: looked,
    seeds,
  } = sproutStairs({ ...records, readings }, HEIGHT, heightsOn(DAY, { follow: 'sprouted' }));
  expect(stairs[0]).toMatchObject({
    steps: [
      { from: 3, to: 6, count: 1 },
      { from: 6, to: 9, count: 2 },
    ],
    never: 1,
    total: 4,
    half: [6, 9],
  });
  expect([last, looked, seeds]).toEqual([9, [3, 6, 9], false]);
  // Who never came was waited for to the last check, not only to the last that came.
  expect(stairs[0]!.intervals).toContainEqual({ lower: 9, upper: null });
  const spans = [
    ...Array.from({ length: 20 }, () => ({ lower: 3, upper: 6 })),
    ...Array.from({ length: 22 }, () => ({ lower: 6, upper: 9 })),
    ...Array.from({ length: 6 }, () => ({ lower: 9, upper: 12 })),
    ...Array.from({ length: 4 }, () => ({ lower: 12, upper: null })),
  ];
  const fit = fitOfStair({ ...stairs[0]!, intervals: spans, never: 4, total: 52 });
  expect(fit.ok && fit.t50 > 5 && fit.t50 < 8).toBe(true);
});

test('a reading about which a question is open can be left out of every figure alike', () => {
  const records = recordsOf({ A: [100, 102], B: [80, 20] });
  const open = { kind: 'shrank' as const, answer: null, secondMm: null };
  const readings = records.readings.map((r) => (r.containerId === 'B2' ? { ...r, doubt: open } : r));
  const both = (doubts: 'kept' | 'left-out') => {
    const asked = heightsOn(DAY, { doubts, mark: 'plant' });
    const seen = { ...records, readings };
    return [
      groupsOf(seen, HEIGHT, asked)[1]!.dots.length,
      courseLines(seen, HEIGHT, asked)[1]!.counts[0],
      sproutStairs(seen, HEIGHT, { ...asked, follow: 'sprouted' }).stairs[1]!.total,
    ];
  };
  expect(both('kept')).toEqual([2, 2, 2]);
  expect(both('left-out')).toEqual([1, 1, 1]);
});

test('stages as counts in their order; what nobody shows is left out', () => {
  const stage = measureOf('stage')!;
  const records = recordsOf({ A: [1, 1, 1], B: [1, 1] });
  const seen = ['hook', 'hook', 'true-leaves', 'seed-leaves', 'true-leaves'];
  const readings = records.readings.map((r, i) => ({ ...r, findings: [choiceFound('stage', seen[i]!)] }));
  const groups = groupsOf({ ...records, readings }, stage, heightsOn(DAY, { measure: 'stage' }));
  expect(stageShares(groups, stage).map((s) => s.shares.map((x) => [x.words, x.count]))).toEqual([
    [
      ['a bent hook', 2],
      ['seed leaves open', 0],
      ['true leaves', 1],
    ],
    [
      ['a bent hook', 0],
      ['seed leaves open', 1],
      ['true leaves', 1],
    ],
  ]);
});

test('predictions beside the tallest plant of each team', () => {
  const records = recordsOf({ A: [100, 120], B: [150, null] });
  expect(
    predictedHeights(
      records,
      [
        { team: 'team 1', heightMm: 130 },
        { team: 'team 2', heightMm: 90 },
        { team: 'team 3', heightMm: null },
      ],
      DAY,
    ),
  ).toEqual([
    { team: 'team 1', predicted: 130, came: 150 },
    { team: 'team 2', predicted: 90, came: 120 },
  ]);
});

test('seedlings as if they were cups promise more than the cups have seen', () => {
  const records = recordsOf({ A: [100, 120, 90, 110], B: [80, 70, 95, 75] });
  const many = records.readings.flatMap((r) =>
    [0, 1, 2, 3].map((n) => ({
      ...r,
      id: `${r.id} ${n}`,
      plant: String(n + 1),
      findings: [numberFound('height', r.findings[0]!.value! + 2 * n - 3)],
    })),
  );
  const [b] = honestAndNaive(groupsOf({ ...records, readings: many }, HEIGHT, heightsOn(DAY, { mark: 'plant' })));
  if (!b?.honest.ok || !b.naive.ok) throw new Error('not computed');
  const width = ({ low, high }: { low: number; high: number }) => high - low;
  expect(width(b.naive.interval)).toBeLessThan(0.6 * width(b.honest.interval));
  expect([b.plants, b.containers]).toEqual([32, 8]);
  expect(b.designEffect).toBeGreaterThan(2);
});

test('the textbook’s tests stand side by side, each with its own name; seeds of one container are no replicates', () => {
  const records = recordsOf({ A: [100, 120, 90, 110, 105], B: [80, 70, 95, 75, 88] });
  const names = textbook(at(records), { between: 'treatments', follow: 'value' }, null).map((l) => l.name);
  expect(names).toEqual(
    expect.arrayContaining([
      'Welch',
      'Student',
      'paired by team',
      'ranks (Mann and Whitney)',
      'analysis of variance',
      'with teams as blocks',
      'Tukey',
    ]),
  );
  const seeds = { ...records, containers: records.containers.map((c) => ({ ...c, seedsSown: 5 })) };
  const line = textbook(at(seeds), { between: 'treatments', follow: 'share-up' }, null).find(
    (l) => l.name === 'Fisher’s exact test',
  )!;
  expect(line).toMatchObject({ p: null, reason: expect.stringContaining('not replicates') as string });
});

test('what could have been shown: the smallest difference from the class’s own spread', () => {
  const groups = at(recordsOf({ A: [100, 120, 90, 110, 105, 99, 93], B: [80, 70, 95, 75, 88, 90, 61] }));
  const sureness = surenessOf(groups, heightsOn(DAY), null);
  const found = sureness.ok && couldHaveShown(sureness, groups);
  expect(found && found.ok && found.containers).toBe(7);
  expect(found && found.ok && found.difference / (sureness.ok ? sureness.spread : 1)).toBeCloseTo(1.63, 1);
});

test('classes that ran the same are pooled with their own teams as blocks, matched by what treatments are called', () => {
  const own = recordsOf({ A: [100, 110], B: [80, 85] });
  const turned: ComparedRecords = {
    treatments: [
      { code: 'A', label: 'Salt B', control: false },
      { code: 'B', label: 'no salt', control: true },
    ],
    containers: own.containers.map((c) => ({ ...c, id: `x${c.id}` })),
    readings: own.readings.map((r) => ({ ...r, id: `x${r.id}`, containerId: `x${r.containerId}` })),
  };
  const run = (id: string, name: string, records: ComparedRecords): Run => ({ id, name, sownOn: '2026-03-03', records });
  expect([...matched(own, turned)!]).toEqual([
    ['A', 'B'],
    ['B', 'A'],
  ]);
  const all = pooledRecords([run('1', 'Copper', own), run('2', 'Slate', turned)]);
  expect(at(all).map((g) => g.dots.map((d) => d.value))).toEqual([
    [100, 110, 80, 85],
    [80, 85, 100, 110],
  ]);
  expect(new Set(all.containers.map((c) => c.block))).toEqual(
    new Set(['Copper · team 1', 'Copper · team 2', 'Slate · team 1', 'Slate · team 2']),
  );
  expect(matched(own, recordsOf({ A: [1], B: [2], C: [3] }))).toBeNull();
});
