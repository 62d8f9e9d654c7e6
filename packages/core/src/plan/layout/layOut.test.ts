import { placesWords } from './splitWords';
import fc from 'fast-check';
import { allOf, layOut, moveTo } from './layOut';
import { shoppingList } from '../lists/prepare';
import { workOut } from '../workedOut/workOut';
import { type PlanDocument } from '../document/planDocument';
import { startedPlan } from '../../../test/startedPlan';

describe('layout', () => {
  test('is a function of plan and seed, uses every place once, and shares trays evenly', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 0, max: 9 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 0, max: 9999 }),
        fc.constantFrom('one-of-each', 'team-one-treatment', 'class-shares', 'own-pot'),
        (containersEach, teams, trays, drawSeed, assignment) => {
          const plan = startedPlan('salt-steps', {
            containersEach,
            trays,
            drawSeed,
            assignment: assignment as PlanDocument['assignment'],
          });
          const layout = layOut(plan, teams);
          expect(layOut(plan, teams)).toEqual(layout);
          expect(layout.containers).toHaveLength(4 * containersEach);
          expect(new Set(layout.containers.map((c) => c.place)).size).toBe(4 * containersEach);
          expect(new Set(layout.containers.map((c) => c.code)).size).toBe(4 * containersEach);
          for (const c of layout.containers) expect(c.column).toBeLessThan(layout.trays[c.tray]!.columns);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('a container that is moved changes places with the one that stood there', () => {
    const plan = startedPlan('salt-steps');
    const before = layOut(plan, 7);
    const moved = moveTo(before, plan.moved, 'A1', 5);
    const after = layOut({ ...plan, moved }, 7);
    const at = (layout: typeof before, code: string) => layout.containers.find((c) => c.code === code)!.place;
    const displaced = before.containers.find((c) => c.place === 5)!.code;
    expect(placesWords(before.split, 'cup')).toBe('drawn by lot');
    expect(placesWords(after.split, 'cup')).toBe('drawn by lot, but 2 cups moved by hand');
    expect([at(after, 'A1'), at(after, displaced)]).toEqual([5, at(before, 'A1')]);
    const others = (l: typeof before) =>
      l.containers.filter((c) => !['A1', displaced].includes(c.code)).map((c) => [c.code, c.place]);
    expect(new Map(others(after) as [string, number][])).toEqual(new Map(others(before) as [string, number][]));
  });
});

describe('pots in reserve, trays of one’s own, pots of children', () => {
  test('the reserve goes on with the numbers of its treatment, stands on places of its own, and is counted in lists only', () => {
    for (const containersEach of [5, 7, 10]) {
      const plan = startedPlan('salt-steps', { containersEach, reserveEach: 2 });
      const { containers, reserve, trays } = layOut(plan, 7);
      const codes = allOf({ containers, reserve }).map((c) => c.code);
      expect(reserve).toHaveLength(8);
      expect(new Set(codes).size).toBe(codes.length);
      expect(reserve.every((c) => c.team === null)).toBe(true);
      const places = allOf({ containers, reserve }).map((c) => c.place);
      expect(new Set(places).size).toBe(places.length);
      expect(Math.max(...places)).toBeLessThan(trays.reduce((sum, t) => sum + t.columns * t.rows, 0));
    }
    const plan = startedPlan('salt-steps', { reserveEach: 1 });
    const out = workOut(plan, 7);
    expect([out.containers, out.reserve, out.seedsSown]).toEqual([28, 4, 64]);
    // 32 cups and a tenth more; what is empty is expected of the 28.
    expect(shoppingList(plan, out, 7, 'metric').find((l) => l.what === 'Cups')!.total).toBe('36');
    expect(out.blanks.expected).toBe(workOut({ ...plan, reserveEach: 0 }, 7).blanks.expected);
  });

  test('a carrier of one’s own has its places, however many stand on it', () => {
    const own = { columns: 3, rows: 2, wideMm: 50, deepMm: 60 };
    const { trays } = layOut(startedPlan('salt-steps', { ownCarrier: own, trays: 1 }), 7);
    expect(trays).toHaveLength(5);
    expect(trays.every((t) => t.columns === 3 && t.rows === 2 && t.wideMm === 150 && t.deepMm === 120)).toBe(true);
  });

  test('children of a team are numbered from 1, each once', () => {
    const { containers } = layOut(startedPlan('own-pot-at-home', { containersEach: 15 }), 7);
    expect(containers).toHaveLength(30);
    for (let team = 0; team < 7; team++) {
      const numbers = containers.filter((c) => c.team === team).map((c) => c.child!);
      expect(numbers.sort((a, b) => a - b)).toEqual(numbers.map((_, i) => i + 1));
    }
    expect(layOut(startedPlan('salt-steps'), 7).containers.every((c) => c.child === null)).toBe(true);
  });
});
