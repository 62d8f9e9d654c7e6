import fc from 'fast-check';
import { generatorFrom } from '../random/generator';
import { visitArrangements, waysToLabel } from './arrangements';
import { twoWayAnova } from './factorialAnova';
import { differenceOfDifferences, meanContrast, permuteInteraction } from './interaction';
import { permuteTwoWithinBlocks } from './permutationWithinBlocks';
import { permuteOverall, permuteTrend } from './permuteSeveral';
import { welch } from './twoGroups';
import { type Unit } from './units';

/** Teams with one container of each treatment; team levels, noise, and an effect per treatment. */
function classOf(teams: number, effects: Record<string, number>, seed: number): Unit[] {
  const random = generatorFrom(seed);
  return Array.from({ length: teams }, (_, team) => 5 * random.normal() + 100 + team).flatMap((level, team) =>
    Object.entries(effects).map(([treatment, effect]) => ({
      treatment,
      block: `t${team}`,
      value: level + effect + 6 * random.normal(),
    })),
  );
}

const DOSE = { A: 0, B: 1, C: 2, D: 4 };
const NONE = { A: 0, B: 0, C: 0, D: 0 };

test('every arrangement is visited once', () => {
  const seen = new Set<string>();
  const blocks = [
    { values: [1, 2, 3], labels: [0, 1, 1] },
    { values: [4, 5], labels: [0, 1] },
  ];
  const done = visitArrangements(blocks, null, () => seen.add(JSON.stringify(blocks.map((b) => b.labels))));
  expect(done).toEqual({ ok: true, method: 'exact', arrangements: 6, draws: null });
  expect(seen.size).toBe(6);
  expect(waysToLabel([0, 0, 1, 1, 2])).toBe(30);
});

test('with two treatments the overall test is the two-treatment test', () => {
  const units = classOf(6, { A: 0, B: 9 }, 3);
  const [two, all] = [permuteTwoWithinBlocks(units, 'A', 'B', { seed: 1 }), permuteOverall(units, { seed: 1 })];
  if (!two.ok || !all.ok) throw new Error();
  expect(all.method).toBe('exact');
  expect(all.p).toBeCloseTo(two.pTwoSided, 12);
});

test('drawing gives what counting gives, within its own error', () => {
  const units = classOf(3, { A: 0, B: 4, C: 9 }, 5);
  const exact = permuteOverall(units, { seed: 1 });
  const many = permuteOverall(classOf(7, { A: 0, B: 4, C: 9, D: 3 }, 5), { seed: 1, draws: 2000 });
  expect(exact.ok && exact.method).toBe('exact');
  expect(exact.ok && exact.pError).toBe(0);
  expect(many.ok && many.method).toBe('random');
  expect(many.ok && Math.abs(many.pError - Math.sqrt((many.p * (1 - many.p)) / 2000))).toBeLessThan(1e-12);
});

test.each([
  ['overall', (u: Unit[], seed: number) => permuteOverall(u, { seed: seed, draws: 199 })],
  ['trend', (u: Unit[], seed: number) => permuteTrend(u, DOSE, { seed, draws: 199 })],
])('%s: p is uniform where nothing has an effect', (_, test) => {
  const ps = Array.from({ length: 400 }, (_, i) => test(classOf(7, NONE, 100 + i), i)).map((r) => (r.ok ? r.p : NaN));
  for (const level of [0.05, 0.2, 0.5])
    expect(Math.abs(ps.filter((p) => p <= level).length / 400 - level)).toBeLessThan(
      3 * Math.sqrt((level * (1 - level)) / 400) + 0.005,
    );
});

test('a falling series is found with its slope', () => {
  const found = permuteTrend(classOf(7, { A: 0, B: -6, C: -12, D: -24 }, 4), DOSE, { seed: 1 });
  if (!found.ok) throw new Error(found.reason);
  expect(found.p).toBeLessThan(0.001);
  expect(Math.abs(found.statistic + 6)).toBeLessThan(2.5);
});

test('order of containers, names of teams and a common shift change nothing', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 500 }), (seed) => {
      const units = classOf(3, { A: 0, B: 3, C: 5 }, seed);
      const other = [...units].reverse().map((u) => ({ ...u, block: `x${u.block}`, value: u.value + 40 }));
      const [a, b] = [permuteOverall(units, { seed: 1 }), permuteOverall(other, { seed: 2 })];
      expect(a.ok && b.ok && Math.abs(a.p - b.p)).toBeLessThan(1e-9);
    }),
    { numRuns: 20 },
  );
});

test('what cannot be shuffled says so', () => {
  const alone = ['A', 'B', 'C'].map((treatment) => ({ treatment, block: treatment, value: 3 }));
  expect(permuteOverall(alone, { seed: 1 })).toMatchObject({ ok: false, reason: expect.stringContaining('No team') as string });
  expect(permuteTrend(alone, DOSE, { seed: 1 })).toMatchObject({ ok: false });
  expect(permuteTrend(classOf(4, { A: 0, B: 1 }, 1), DOSE, { seed: 1 })).toMatchObject({
    ok: false,
    reason: expect.stringContaining('three') as string,
  });
  expect(permuteTrend(classOf(4, { A: 0, B: 1, X: 1 }, 1), DOSE, { seed: 1 })).toMatchObject({ ok: false });
  const level = classOf(3, NONE, 1).map((u) => ({ ...u, value: 7 }));
  expect(permuteOverall(level, { seed: 1 })).toMatchObject({ ok: false });
});

/** Two factors of two levels in every team. */
function crossed(teams: number, extra: number, seed: number) {
  const random = generatorFrom(seed);
  return Array.from({ length: teams }, () => 5 * random.normal()).flatMap((level, team) =>
    ['dry', 'wet'].flatMap((a) =>
      ['dark', 'light'].map((b) => ({
        a,
        b,
        block: `t${team}`,
        y:
          100 +
          level +
          (a === 'wet' ? 12 : 0) +
          (b === 'light' ? 8 : 0) +
          (a === 'wet' && b === 'light' ? extra : 0) +
          4 * random.normal(),
      })),
    ),
  );
}

test('an interaction is a difference of differences', () => {
  const rows = crossed(7, 15, 2);
  const found = differenceOfDifferences(rows);
  if (!found.ok) throw new Error(found.reason);
  expect(found.interval.low).toBeGreaterThan(0);
  expect(Math.abs(found.estimate - 15)).toBeLessThan(8);
  const p = permuteInteraction(rows, { seed: 1, draws: 2000 });
  expect(p.ok && p.p).toBeLessThan(0.01);
});

test('without teams its F is that of the table', () => {
  const rows = crossed(6, 5, 3).map((r) => ({ ...r, block: '' }));
  const [table, found] = [twoWayAnova(rows), permuteInteraction(rows, { seed: 1, draws: 500 })];
  if (!table.ok || !found.ok) throw new Error();
  expect(found.f).toBeCloseTo(table.interaction.f, 9);
  expect(Math.abs(found.p - table.interaction.p)).toBeLessThan(0.08);
});

test('its p keeps its level where the factors only add', () => {
  const ps = Array.from({ length: 300 }, (_, i) => permuteInteraction(crossed(6, 0, i), { seed: i, draws: 199 })).map((r) =>
    r.ok ? r.p : NaN,
  );
  expect(ps.filter((p) => p <= 0.1).length / 300).toBeLessThan(0.155);
  expect(ps.filter((p) => p <= 0.1).length / 300).toBeGreaterThan(0.05);
});

test('a contrast of two groups is Welch’s difference; missing corners have a reason', () => {
  const [a, b] = [
    [3, 4, 6, 5],
    [7, 9, 8],
  ];
  const [contrast, test] = [meanContrast([a, b], [-1, 1]), welch(a, b)];
  if (!contrast.ok || !test.ok) throw new Error();
  expect(contrast.interval.low).toBeCloseTo(test.interval.low, 12);
  expect(contrast.df).toBeCloseTo(test.df, 12);
  const rows = crossed(5, 0, 1);
  expect(
    permuteInteraction(
      rows.filter((r) => r.a === 'dry' || r.b === 'dark'),
      { seed: 1, draws: 50 },
    ),
  ).toMatchObject({ ok: false });
  expect(differenceOfDifferences(rows.filter((r) => r.a === 'dry'))).toMatchObject({ ok: false });
});
