import { placesWords } from './splitWords';
import fc from 'fast-check';
import { layOut, moveTo } from './layOut';
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
    expect(placesWords('Every team has one of each.', 'cup')).toBe('drawn by lot');
    expect([at(after, 'A1'), at(after, displaced)]).toEqual([5, at(before, 'A1')]);
    const others = (l: typeof before) =>
      l.containers.filter((c) => !['A1', displaced].includes(c.code)).map((c) => [c.code, c.place]);
    expect(new Map(others(after) as [string, number][])).toEqual(new Map(others(before) as [string, number][]));
  });
});
