import fc from 'fast-check';
import { dealContainers } from './dealContainers';
import { splitWords } from './splitWords';

test('seven teams and seven of each: every team has one of each, named after the team', () => {
  const deal = dealContainers(['A', 'B', 'C', 'D'], 7, 7, 11);
  expect(deal.split.code).toBe('complete');
  for (let team = 0; team < 7; team++) {
    const own = deal.containers.filter((c) => c.team === team);
    expect(own.map((c) => c.code).sort()).toEqual(['A', 'B', 'C', 'D'].map((t) => `${t}${team + 1}`));
    const places = own.map((c) => c.position);
    expect(Math.max(...places) - Math.min(...places)).toBe(3);
  }
});

test('a stored seed deals the same again, another seed other places', () => {
  const codes = (seed: number) => dealContainers(['A', 'B', 'C', 'D'], 7, 7, seed).containers.map((c) => c.code);
  expect(codes(5)).toEqual(codes(5));
  expect(codes(5)).not.toEqual(codes(6));
});

test('lots are fair: each treatment comes first in its set about equally often', () => {
  const first = new Map<string, number>();
  for (let seed = 0; seed < 800; seed++) {
    const code = dealContainers(['A', 'B', 'C', 'D'], 1, 1, seed).containers[0]!.treatment;
    first.set(code, (first.get(code) ?? 0) + 1);
  }
  for (const count of first.values()) expect(Math.abs(count - 200)).toBeLessThan(50);
});

test('any numbers: right counts, unique codes, sizes within one, full sets first', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 6 }),
      fc.integer({ min: 1, max: 15 }),
      fc.integer({ min: 0, max: 12 }),
      fc.integer(),
      (levels, replicates, teams, seed) => {
        const treatments = 'ABCDEF'.slice(0, levels).split('');
        const { containers, split, pairsTogether } = dealContainers(treatments, replicates, teams, seed);
        expect(new Set(containers.map((c) => c.code)).size).toBe(levels * replicates);
        expect(containers.map((c) => c.position)).toEqual(containers.map((_, i) => i));
        for (const t of treatments) expect(containers.filter((c) => c.treatment === t)).toHaveLength(replicates);
        if (teams === 0) return expect(split.code).toBe('no-teams');
        const sizes = Array.from({ length: teams }, (_, team) => containers.filter((c) => c.team === team).length);
        expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
        for (const t of treatments) {
          const per = Array.from(
            { length: teams },
            (_, team) => containers.filter((c) => c.team === team && c.treatment === t).length,
          );
          expect(Math.max(...per) - Math.min(...per)).toBeLessThanOrEqual(1);
        }
        expect(split.code === 'complete').toBe(replicates % teams === 0);
        expect(pairsTogether === null).toBe(split.code === 'complete');
      },
    ),
    { numRuns: 60 },
  );
});

test('says that an uneven split is uneven, with the numbers', () => {
  const deal = dealContainers(['A', 'B', 'C', 'D'], 5, 7, 3);
  expect(splitWords(deal.split)).toMatch(/2 or 3 containers each/);
  expect(splitWords(deal.split)).toMatch(/7 of 7 teams miss a treatment/);
  expect(deal.pairsTogether!.most - deal.pairsTogether!.fewest).toBeLessThanOrEqual(2);
});
