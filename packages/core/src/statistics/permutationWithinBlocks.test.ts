import fc from 'fast-check';
import { checking, expectReference, referenceCases } from '../../test/reference';
import { generatorFrom } from '../random/generator';
import { permuteTwoWithinBlocks } from './permutationWithinBlocks';
import { type Unit } from './units';

type Rows = { treatment: string; block: string; y: number }[];

describe('against R', () => {
  test.each(referenceCases('03-stratperm').map((c) => [c.case, c] as const))('%s', (_, { input, expected, tolerance }) => {
    const units: Unit[] = (input.rows as Rows).map((r) => ({ treatment: r.treatment, block: r.block, value: r.y }));
    const result = permuteTwoWithinBlocks(units, '0', '1', { seed: 1 });
    if (!result.ok) throw new Error(result.reason);
    expect(result.method).toBe('exact');
    checking('permuteTwoWithinBlocks');
    expectReference(result.arrangements, expected.assignments);
    expectReference(result.statistic, expected.statistic, tolerance.default);
    expectReference(result.pTwoSided, expected.p_two_sided, tolerance.default);
  });

  const small = referenceCases('02-two').filter(
    (c) => c.expected.permutation && typeof (c.expected.permutation as { p_two_sided?: number }).p_two_sided === 'number',
  );
  test.each(small.map((c) => [c.case, c] as const))('one block: %s', (_, { input, expected }) => {
    const unit = (treatment: string) => (value: number) => ({ treatment, block: '', value });
    const units = [...(input.a as number[]).map(unit('a')), ...(input.b as number[]).map(unit('b'))];
    const result = permuteTwoWithinBlocks(units, 'a', 'b', { seed: 1 });
    if (!result.ok) throw new Error(result.reason);
    checking('permuteTwoWithinBlocks');
    const r = expected.permutation as { splits: number; p_two_sided: number; p_greater: number; p_less: number };
    expectReference(result.arrangements, r.splits);
    expectReference(result.pTwoSided, r.p_two_sided);
    expectReference(result.pGreater, r.p_greater);
    expectReference(result.pLess, r.p_less);
  });
});

/** Seven teams with one of each of four treatments; nothing but team and chance in the values. */
function nullUnits(seed: number, blocks = 7): Unit[] {
  const random = generatorFrom(seed);
  return Array.from({ length: blocks }, (_, b) => {
    const team = random.normal() * 3;
    return ['A', 'B', 'C', 'D'].map((treatment) => ({ treatment, block: String(b), value: team + random.normal() }));
  }).flat();
}

test('counting and drawing agree', () => {
  const units = nullUnits(4, 20);
  const drawn = permuteTwoWithinBlocks(units, 'A', 'B', { seed: 9, draws: 20_000 });
  const counted = permuteTwoWithinBlocks(units.slice(0, 68), 'A', 'B', { seed: 9 });
  const drawnSame = permuteTwoWithinBlocks(
    [...units.slice(0, 68), ...nullUnits(5, 2).map((u) => ({ ...u, block: `x${u.block}`, value: 0 }))],
    'A',
    'B',
    { seed: 9, draws: 20_000 },
  );
  if (!drawn.ok || !counted.ok || !drawnSame.ok) throw new Error('not computed');
  expect([drawn.method, counted.method, drawnSame.method]).toEqual(['random', 'exact', 'random']);
  expect(drawnSame.pTwoSided).toBeCloseTo(counted.pTwoSided, 1);
});

test('neither the order of the containers nor a shift or scale of the values matters', () => {
  fc.assert(
    fc.property(
      fc.integer(),
      fc.double({ min: 0.1, max: 50, noNaN: true }),
      fc.integer({ min: -500, max: 500 }),
      (seed, scale, shift) => {
        const units = nullUnits(seed);
        const moved = generatorFrom(seed)
          .shuffle([...units])
          .map((u) => ({ ...u, value: u.value * scale + shift }));
        const [a, b] = [
          permuteTwoWithinBlocks(units, 'A', 'C', { seed: 1 }),
          permuteTwoWithinBlocks(moved, 'A', 'C', { seed: 2 }),
        ];
        expect(a.ok && b.ok && a.pTwoSided === b.pTwoSided).toBe(true);
      },
    ),
    { numRuns: 40 },
  );
});

test('without an effect p is uniform', () => {
  const runs = 400;
  let single = 0;
  for (let seed = 0; seed < runs; seed++) {
    const p = permuteTwoWithinBlocks(nullUnits(1000 + seed), 'A', 'B', { seed: seed });
    if (p.ok && p.pTwoSided <= 0.2) single++;
  }
  expect(Math.abs(single / runs - 0.2)).toBeLessThan(0.06);
});

test('says why where labels cannot be shuffled', () => {
  const apart: Unit[] = [
    { treatment: 'A', block: '1', value: 1 },
    { treatment: 'B', block: '2', value: 2 },
  ];
  expect(permuteTwoWithinBlocks(apart, 'A', 'B', { seed: 1 })).toEqual({
    ok: false,
    reason: expect.stringContaining('No team has both'),
  });
});

test('values of a ruler are counted by convolution however many teams there are, and no seed is asked for', () => {
  const teams = 40;
  const random = generatorFrom(3);
  const whole = Array.from({ length: teams }, (_, b) =>
    ['A', 'B'].map((treatment, i) => ({ treatment, block: String(b), value: Math.round(100 + 20 * random.normal() + 4 * i) })),
  ).flat();
  const found = permuteTwoWithinBlocks(whole, 'A', 'B');
  if (!found.ok) throw new Error(found.reason);
  expect(found).toMatchObject({ method: 'exact', arrangements: 2 ** teams, draws: null });
  const drawn = permuteTwoWithinBlocks(
    whole.map((u) => ({ ...u, value: u.value + Math.PI * 1e-7 * Number(u.block) })),
    'A',
    'B',
    { seed: 1, draws: 20_000 },
  );
  expect(drawn.ok && Math.abs(drawn.pTwoSided - found.pTwoSided)).toBeLessThan(0.015);
  expect(found.pGreater + found.pLess).toBeGreaterThan(1);
  expect(found.pTwoSided).toBeCloseTo(2 * Math.min(found.pGreater, found.pLess), 9);
});

test('convolution counts what listing every deal counts', () => {
  const random = generatorFrom(8);
  for (const sizes of [
    [3, 2],
    [2, 4],
    [3, 3, 2],
  ]) {
    const units = sizes.flatMap((n, b) =>
      Array.from({ length: 2 * n }, (_, i) => ({ treatment: 'AB'[i % 2]!, block: String(b), value: random.below(30) / 4 })),
    );
    const whole = permuteTwoWithinBlocks(units, 'A', 'B');
    // A shift that no decimals carry changes no difference, but has every deal listed.
    const listed = permuteTwoWithinBlocks(
      units.map((u) => ({ ...u, value: u.value + Math.SQRT2 })),
      'A',
      'B',
    );
    if (!whole.ok || !listed.ok) throw new Error('not computed');
    expect([listed.method, whole.method]).toEqual(['exact', 'exact']);
    expect(whole.pTwoSided).toBeCloseTo(listed.pTwoSided, 12);
    expect(whole.pGreater).toBeCloseTo(listed.pGreater, 12);
    expect(whole.smallestP).toBeCloseTo(listed.smallestP, 12);
  }
});

test('where too many deals can only be drawn, a seed is asked for in words, and the true number of deals is told', () => {
  const units = nullUnits(4, 40);
  expect(permuteTwoWithinBlocks(units, 'A', 'B')).toEqual({
    ok: false,
    reason: expect.stringContaining('give a seed') as string,
  });
  const drawn = permuteTwoWithinBlocks(units, 'A', 'B', { seed: 2, draws: 500 });
  expect(drawn).toMatchObject({ method: 'random', arrangements: 2 ** 40, draws: 500 });
});
