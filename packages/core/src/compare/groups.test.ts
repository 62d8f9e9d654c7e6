import { HEIGHT, heightsOn, reading, recordsOf } from '../../test/records';
import { choiceFound, numberFound } from '../measures/finding';
import { measureOf } from '../measures/registry';
import { type AfterLoss } from '../readings/policies';
import { type Reading } from '../readings/reading';
import { standingsOn } from '../readings/standing';
import { groupsOf } from './groups';
import { valuesOf } from './containerValues';
import { lookOn, looksByContainer } from '../readings/looks';
import { type Question } from './question';
import { type ComparedContainer, type ComparedRecords } from './records';

const DAY = '2026-03-19';
const records = recordsOf({ A: [140, 143, 144, 128, 146, 160, 117], D: [49, 78, null, 58, 52, 57, null] });
const groups = (r: ComparedRecords, part: Partial<Question> = {}) => groupsOf(r, HEIGHT, heightsOn(DAY, part));

test('one mark a container; who is not up is named and in no mean', () => {
  const [, d] = groups(records);
  expect(d!.dots).toHaveLength(5);
  expect(d!.notUp.map((c) => c.code)).toEqual(['D3', 'D7']);
  expect(d!.summary.ok && d!.summary.mean).toBeCloseTo(58.8);
});

test('counted as zero they are in the mean, if the class says so', () => {
  const [, d] = groups(records, { beforeSprouting: 'zero' });
  expect(d!.summary.ok && d!.summary.n).toBe(7);
  expect(d!.summary.ok && d!.summary.mean).toBeCloseTo(42);
});

test('a lost plant leaves the mean, stays as last seen or counts as zero; one taken out leaves it or stays', () => {
  const some = recordsOf({ A: [140, 150, 160], B: [100, 110, 120] });
  const ended = (state: 'lost' | 'thinned') => ({
    ...some,
    readings: [
      ...some.readings.map((r) => (r.containerId === 'B3' ? { ...r, day: '2026-03-17' } : r)),
      reading({ containerId: 'B3', id: 'gone', state, lostReason: state === 'lost' ? 'eaten' : null }),
    ],
  });
  const mean = (state: 'lost' | 'thinned', part: Partial<Question>) => {
    const [, b] = groups(ended(state), part);
    return [b!.summary.ok && b!.summary.mean, b!.lost.length, b!.removed.length];
  };
  const lost = (afterLoss: AfterLoss) => mean('lost', { afterLoss });
  expect([lost('exclude'), lost('carry'), lost('zero')]).toEqual([
    [105, 1, 0],
    [110, 1, 0],
    [70, 1, 0],
  ]);
  expect(mean('thinned', { afterLoss: 'zero' })).toEqual([105, 0, 1]);
  expect(mean('thinned', { afterRemoval: 'carry' })).toEqual([110, 0, 1]);
});

test('a seedling that was only counted is up, and in no mean of heights', () => {
  const some = recordsOf({ A: [140, 150, 160], B: [100, 110, 120] });
  const counted = {
    ...some,
    readings: some.readings.map((r) => (r.containerId === 'B1' ? { ...r, findings: [numberFound('seeds-up', 2)] } : r)),
  };
  const [, b] = groups(counted, { beforeSprouting: 'zero' });
  expect(b!.dots.map((d) => d.value)).toEqual([110, 120]);
  expect(b!.notMeasured.map((c) => c.code)).toEqual(['B1']);
});

test('a reading about which a question is open counts, or is left out to see what it would be', () => {
  const some = recordsOf({ A: [140, 150], B: [100, 300] });
  const asked = {
    ...some,
    readings: some.readings.map((r) =>
      r.containerId === 'B2' ? { ...r, doubt: { kind: 'jump' as never, answer: null, secondMm: null } } : r,
    ),
  };
  expect(groups(asked)[1]!.dots.map((d) => d.value)).toEqual([100, 300]);
  expect(groups(asked, { doubts: 'left-out' })[1]!.dots.map((d) => d.value)).toEqual([100]);
});

/** Two cups, looked at on days 3, 6, 9 and 13 after 3 March; heights in mm, null not up yet. */
function course(rows: Record<string, (number | null | 'lost' | 'nobody')[]>, seeds = 1): ComparedRecords {
  const days = ['2026-03-06', '2026-03-09', '2026-03-12', '2026-03-16'];
  const containers: ComparedContainer[] = Object.keys(rows).map((code, i) => ({
    id: code,
    code,
    treatment: code[0]!,
    block: `team ${i}`,
    seedsSown: seeds,
    sownOn: '2026-03-03',
  }));
  const readings = Object.entries(rows).flatMap(([id, values]) =>
    values.flatMap((v, i): Reading[] => {
      if (v === 'nobody') return [];
      const part = { id: `${id} ${i}`, containerId: id, day: days[i]!, recordedAt: `${days[i]!}T10:00:00Z` };
      return [v === 'lost' ? reading({ ...part, state: 'lost', lostReason: 'died' }) : reading({ ...part, heightMm: v })];
    }),
  );
  return {
    treatments: [...new Set(containers.map((c) => c.treatment))].map((code, i) => ({ code, label: code, control: i === 0 })),
    containers,
    readings,
  };
}

const values = (r: ComparedRecords, part: Partial<Question>, measure = HEIGHT) =>
  Object.fromEntries([...valuesOf(r, measure, heightsOn('2026-03-16', part))].map(([id, v]) => [id, v.value]));

const BETWEEN = { kind: 'between', from: '2026-03-09', to: '2026-03-16' } as const;

test('change, change a day and relative rate between two days: worked by hand', () => {
  const some = course({ A1: [null, 20, 45, 90], A2: [null, null, 10, 40], B1: [5, 10, 'nobody', 20] });
  expect(values(some, { follow: 'change', when: BETWEEN })).toEqual({ A1: 70, A2: null, B1: 10 });
  expect(values(some, { follow: 'change', when: BETWEEN, beforeSprouting: 'zero' })).toEqual({ A1: 70, A2: 40, B1: 10 });
  expect(values(some, { follow: 'per-day', when: BETWEEN })).toEqual({ A1: 10, A2: null, B1: 10 / 7 });
  const rates = values(some, { follow: 'relative-rate', when: BETWEEN });
  expect(rates.A1).toBeCloseTo(Math.log(4.5) / 7, 12);
  expect(rates.B1).toBeCloseTo(Math.log(2) / 7, 12);
});

test('area under the line and highest of the run: worked by hand', () => {
  const some = course({ A1: [null, 20, 45, 90], B1: [10, 20, 30, 'lost'] });
  // A1: days 3 to 6, 6 to 9 and 9 to 13 of 0, 20, 45 and 90 mm: 30 + 97.5 + 270.
  expect(values(some, { follow: 'area', when: { kind: 'course' } })).toEqual({ A1: 397.5, B1: null });
  // Carried on: 45 + 75 + 120.
  expect(values(some, { follow: 'area', when: { kind: 'course' }, afterLoss: 'carry' }).B1).toBe(240);
  // A plant that fell to nothing: 45 + 75 + 60.
  expect(values(some, { follow: 'area', when: { kind: 'course' }, afterLoss: 'zero' }).B1).toBe(180);
  expect(values(some, { follow: 'highest', when: { kind: 'course' } })).toEqual({ A1: 90, B1: null });
  expect(values(some, { follow: 'highest', when: { kind: 'course' }, afterLoss: 'carry' }).B1).toBe(30);
});

test('at equal age: the look of that day, or the line between two near ones; never past a loss', () => {
  const some = course({ A1: [null, 20, 44, 92], B1: [10, 20, 'lost', 'lost'], C1: [null, null, 12, 40] });
  const late = { ...some, containers: some.containers.map((c) => (c.id === 'C1' ? { ...c, sownOn: '2026-03-06' } : c)) };
  expect(values(late, { when: { kind: 'age', age: 6 } })).toEqual({ A1: 20, B1: 20, C1: 12 });
  // Day 7 lies a third of the way from day 6 to day 9.
  const found = valuesOf(late, HEIGHT, heightsOn('', { when: { kind: 'age', age: 7 } }));
  expect(found.get('A1')).toMatchObject({ value: 28, between: true });
  expect(found.get('B1')).toMatchObject({ value: null });
  expect(found.get('C1')).toMatchObject({ value: 19, between: true });
});

test('a day of sprouting is a span between looks: cups by their first sign, never is the last check, lost before is left out', () => {
  const some = course({
    A1: [null, null, 12, 30],
    A2: [5, 9, 20, 40],
    B1: [null, null, null, null],
    B2: [null, 'lost', 'lost', 'lost'],
  });
  const found = valuesOf(some, HEIGHT, heightsOn('', { follow: 'sprouted', when: { kind: 'course' } }));
  expect(found.get('A1')).toMatchObject({ state: 'measured', value: 7.5, span: { low: 6, high: 9 } });
  expect(found.get('A2')).toMatchObject({ value: 1.5, span: { low: 0, high: 3 } });
  expect(found.get('B1')).toMatchObject({ state: 'not-up', value: 13, plants: 0 });
  expect(found.get('B2')).toMatchObject({ state: 'lost', value: null });
});

test('where seeds are counted each seed waits: the mean over the seeds of a bag', () => {
  const some = course({ A1: [null, null, null, null] }, 4);
  const counts = [0, 1, 3, 3];
  const readings = some.readings.map((r, i) => ({
    ...r,
    state: counts[i]! > 0 ? ('measured' as const) : ('not-up' as const),
    findings: counts[i]! > 0 ? [numberFound('seeds-up', counts[i]!)] : [],
  }));
  const bag = { ...some, readings };
  // One between days 3 and 6, two between 6 and 9, one not by day 13.
  expect(valuesOf(bag, HEIGHT, heightsOn('', { follow: 'sprouted', when: { kind: 'course' } })).get('A1')).toMatchObject({
    value: (4.5 + 7.5 + 7.5 + 13) / 4,
    plants: 3,
    span: { low: (3 + 6 + 6 + 13) / 4, high: (6 + 9 + 9 + 13) / 4 },
  });
  expect(values(bag, { follow: 'share-up', when: { kind: 'end' } })).toEqual({ A1: 75 });
  expect(values(bag, { follow: 'share-up', when: { kind: 'day', day: '2026-03-09' } })).toEqual({ A1: 25 });
});

test('the day a height or a stage was reached', () => {
  const some = course({ A1: [null, 20, 45, 90], B1: [5, 10, 30, 35] });
  expect(values(some, { follow: 'reached', reach: '40', when: { kind: 'course' } })).toEqual({ A1: 7.5, B1: 13 });
  const stages = course({ A1: [1, 1, 1, 1] });
  const seen = ['hook', 'hook', 'seed-leaves', 'true-leaves'];
  const readings = stages.readings.map((r, i) => ({ ...r, findings: [choiceFound('stage', seen[i]!)] }));
  const stage = measureOf('stage')!;
  expect(values({ ...stages, readings }, { follow: 'reached', reach: 'seed-leaves', when: { kind: 'course' } }, stage)).toEqual({
    A1: 7.5,
  });
});

test('several plants in a cup: their mean, the tallest, all together, or each its own mark', () => {
  const some = course({ A1: [null, null, null, 90] });
  const two = {
    ...some,
    readings: [...some.readings, { ...some.readings[3]!, id: 'second', plant: '2', findings: [numberFound('height', 50)] }],
  };
  expect([values(two, {}).A1, values(two, { report: 'tallest' }).A1, values(two, { report: 'total' }).A1]).toEqual([70, 90, 140]);
  const [a] = groupsOf(two, HEIGHT, heightsOn('2026-03-16', { mark: 'plant' }));
  expect(a!.dots.map((d) => [d.plant, d.value])).toEqual([
    ['1', 90],
    ['2', 50],
  ]);
});

test('teams, kinds and ages are groups too, and a team can have one mark', () => {
  const some = course({ A1: [1, 2, 3, 90], B1: [1, 2, 3, 40], B2: [1, 2, 3, 60] });
  const by = (part: Partial<Question>) =>
    groupsOf(
      { ...some, treatments: some.treatments.map((t) => ({ ...t, kind: t.code === 'A' ? 'Barley' : 'Cress' })) },
      HEIGHT,
      heightsOn('2026-03-16', part),
    ).map((g) => [g.label, g.dots.map((d) => d.value)]);
  expect(by({ between: 'teams' })).toEqual([
    ['team 0', [90]],
    ['team 1', [40]],
    ['team 2', [60]],
  ]);
  expect(by({ between: 'kinds' })).toEqual([
    ['Barley', [90]],
    ['Cress', [40, 60]],
  ]);
  const older = { ...some, containers: some.containers.map((c) => (c.treatment === 'A' ? { ...c, sownOn: '2026-02-20' } : c)) };
  expect(groupsOf(older, HEIGHT, heightsOn('2026-03-16', { between: 'ages' })).map((g) => [g.key, g.dots.length])).toEqual([
    ['2026-03-03', 2],
    ['2026-02-20', 1],
  ]);
});

test('looks stand as standings do, day by day, for whatever was recorded', () => {
  const states = ['measured', 'not-up', 'lost', 'thinned', 'not-checked'] as const;
  const readings = Array.from({ length: 60 }, (_, i) =>
    reading({
      id: `r${i}`,
      containerId: `C${i % 3}`,
      plant: String((i >> 2) % 2),
      day: `2026-03-${String(4 + ((i * 7) % 12)).padStart(2, '0')}`,
      state: states[(i * i + 1) % 5]!,
      recordedAt: `2026-03-20T10:00:${String(i).padStart(2, '0')}Z`,
      findings: states[(i * i + 1) % 5] === 'measured' ? [numberFound('height', i)] : [],
    }),
  );
  const looks = looksByContainer(readings);
  for (let d = 1; d < 20; d++) {
    const day = `2026-03-${String(d).padStart(2, '0')}`;
    for (const [id, standing] of standingsOn(['C0', 'C1', 'C2'], readings, day))
      expect([id, day, lookOn(looks.get(id) ?? [], day).state]).toEqual([id, day, standing.state]);
  }
});
