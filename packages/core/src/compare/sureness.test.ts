import { HEIGHT, heightsOn, recordsOf, crossedOf, seriesOf } from '../../test/records';
import { groupsOf } from './groups';
import { type Question } from './question';
import { type ComparedDesign, type ComparedRecords } from './records';
import { isClear, surenessOf } from './sureness';

const DAY = '2026-03-19';
const sure = (records: ComparedRecords, part: Partial<Question> = {}, design: ComparedDesign | null = null) => {
  const question = heightsOn(DAY, part);
  return surenessOf(groupsOf(records, HEIGHT, question), question, design);
};

test('a clear difference is clear, and asked again the numbers are the same', () => {
  const records = recordsOf({ A: [140, 143, 144, 128, 146, 160, 117], D: [49, 78, null, 58, 52, 57, null] });
  const once = sure(records);
  if (!once.ok) throw new Error(once.reason);
  const [d] = once.contrasts;
  expect(d!.asked).toEqual({ kind: 'difference', of: 'salt D', against: 'no salt', code: 'D' });
  // Teams 1, 2, 4, 5 and 6 have both: the mean of their own differences.
  expect(d!.estimate).toBeCloseTo((49 - 140 + 78 - 143 + 58 - 128 + 52 - 146 + 57 - 160) / 5, 9);
  expect(d!.plain).toBeCloseTo(58.8 - 139.714, 2);
  expect(once).toMatchObject({ method: 'exact', arrangements: 32, tooFew: true });
  expect(sure(records)).toEqual(once);
});

test.each([
  [{ A: [null, null], B: [10, 20] }, /No control container has a value/],
  [{ A: [10, 20], B: [null] }, /Only the control/],
])('says why there is nothing to compare', (heights, reason) => {
  const found = sure(recordsOf(heights as Record<string, (number | null)[]>));
  expect(found).toMatchObject({ ok: false, reason: expect.stringMatching(reason) as string });
});

test('one container, equal heights, nobody looked: never NaN, never an error', () => {
  for (const heights of [
    { A: [10], B: [12] },
    { A: [10, 10, 10], B: [10, 10, 10] },
    { A: [null], B: [null] },
  ])
    expect(JSON.stringify(sure(recordsOf(heights as Record<string, (number | null)[]>)))).not.toMatch(/NaN|Infinity|null,"t"/);
});

const SERIES = seriesOf(0, 25, 50, 100);

test('a series of amounts has one slope, told for its smallest step', () => {
  const row = (start: number) => [0, 1, 2, 3, 4, 5, 6].map((i) => start + 7 * Math.sin(2.1 * i + start));
  const found = sure(recordsOf({ A: row(140), B: row(130), C: row(120), D: row(100) }), { between: 'doses' }, SERIES);
  if (!found.ok) throw new Error(found.reason);
  expect(found.contrasts).toHaveLength(1);
  expect(found.contrasts[0]).toMatchObject({ asked: { kind: 'slope', factor: 'salt', unit: 'mmol/L', step: 25 } });
  expect(found.contrasts[0]!.estimate).toBeCloseTo(-0.4, 1);
  expect(isClear(found.contrasts[0]!)).toBe(true);
});

const CROSSED = crossedOf(['food', 'no food', 'food'], ['light', 'no light', 'light']);

test('two factors: what each does on average, what the first does at each level of the second, and their difference', () => {
  const row = (start: number) => [0, 1, 2, 3, 4, 5].map((i) => start + 3 * Math.sin(1.7 * i + start));
  const found = sure(recordsOf({ A: row(100), B: row(120), C: row(110), D: row(170) }), { between: 'factors' }, CROSSED);
  if (!found.ok) throw new Error(found.reason);
  const by = Object.fromEntries(found.contrasts.map((c) => [c.key, c.estimate]));
  const mean = (start: number) => row(start).reduce((a, b) => a + b, 0) / 6;
  const [a, b, c, d] = [100, 120, 110, 170].map(mean) as [number, number, number, number];
  expect(by['0:1']).toBeCloseTo((c + d - a - b) / 2, 9);
  expect(by['1:1']).toBeCloseTo((b + d - a - c) / 2, 9);
  expect(by['1×1']).toBeCloseTo(d - b - (c - a), 9);
  expect(by['1@0']).toBeCloseTo(c - a, 9);
  expect(by['1@1']).toBeCloseTo(d - b, 9);
});

test('teams are compared with the other teams, treatments taken into account', () => {
  const high = [0, 0, 0, 12, 0, 0];
  const row = (start: number) => high.map((h, i) => start + h + Math.sin(5 * i + start));
  const found = sure(recordsOf({ A: row(140), B: row(120), C: row(100), D: row(70) }), { between: 'teams' });
  if (!found.ok) throw new Error(found.reason);
  const apart = found.contrasts.filter(isClear);
  expect(apart.map((c) => c.key)).toContain('team 4');
  expect(apart.find((c) => c.key === 'team 4')!.estimate).toBeGreaterThan(10);
});

test('without a control every pair is asked about, the greater first', () => {
  const records = recordsOf({ A: [10, 12, 11, 10, 13, 12], B: [30, 33, 31, 30, 32, 31], C: [11, 12, 10, 13, 12, 11] });
  const none = { ...records, treatments: records.treatments.map((t) => ({ ...t, control: false })) };
  const found = sure(none);
  expect(found.ok && found.contrasts.map((c) => c.key)).toEqual(['B−A', 'C−A', 'B−C']);
});
