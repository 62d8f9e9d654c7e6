import fc from 'fast-check';
import { addDays } from '../../calendar/days';
import { METHODS, SPECIES } from '../../seeds/catalogue';
import { startedPlan } from '../../../test/startedPlan';
import { ASSIGNMENTS, type PlanDocument, WHILE_AWAY } from '../document/planDocument';
import { planProblems } from '../document/planProblems';
import { STARTING_POINTS } from '../document/startingPoints';
import { workOut } from '../workedOut/workOut';
import { fairTest } from './fairTest';

const found = (plan: PlanDocument, teams: number) => fairTest(plan, workOut(plan, teams), teams);

/** A plan as somebody leaves it in the middle of trying things out. */
const tried = fc.record({
  start: fc.constantFrom(...STARTING_POINTS.map((s) => s.id)),
  teams: fc.integer({ min: 1, max: 9 }),
  change: fc.record(
    {
      methodId: fc.constantFrom(...METHODS.map((m) => m.id)),
      speciesId: fc.constantFrom(...SPECIES.map((s) => s.id)),
      containersEach: fc.integer({ min: 1, max: 9 }),
      seedsEach: fc.integer({ min: 1, max: 40 }),
      keep: fc.integer({ min: 1, max: 12 }),
      fillMl: fc.integer({ min: 5, max: 400 }),
      trays: fc.integer({ min: 1, max: 3 }),
      measures: fc.subarray(['height', 'leaves', 'seeds-up', 'seeds-with-root', 'root-length', 'percent-green']),
      assignment: fc.constantFrom(...ASSIGNMENTS),
      whileAway: fc.constantFrom(...WHILE_AWAY),
      cadence: fc.oneof(
        fc.record({ kind: fc.constant('every' as const), days: fc.integer({ min: 1, max: 14 }) }),
        fc.constant({ kind: 'school-days' as const }),
      ),
    },
    { requiredKeys: [] },
  ),
  days: fc.option(fc.integer({ min: 2, max: 60 }), { nil: null }),
  sowsLater: fc.integer({ min: 0, max: 9 }),
});

const GRAVITY = { stop: 0, mend: 1, mind: 2 };

test('every fix mends what it is offered for, leaves a plan that works out, and brings nothing graver', () => {
  let offered = 0;
  fc.assert(
    fc.property(tried, ({ start, teams, change, days, sowsLater }) => {
      const begun = startedPlan(start, change, teams);
      const sowOn = addDays(begun.sowOn, sowsLater);
      const plan = { ...begun, sowOn, ...(days === null ? {} : { endOn: addDays(sowOn, days) }) };
      fc.pre(planProblems(plan).length === 0);
      const before = found(plan, teams);
      const known = new Set(before.map((f) => f.rule));
      for (const { rule, severity, fix } of before) {
        if (!fix) continue;
        offered += 1;
        const mended = fix.apply(plan);
        expect([rule, planProblems(mended)]).toEqual([rule, []]);
        const after = found(mended, teams);
        expect([rule, after.some((f) => f.rule === rule)]).toEqual([rule, false]);
        const graver = after.filter((f) => !known.has(f.rule) && GRAVITY[f.severity] < GRAVITY[severity]);
        expect([rule, graver.map((f) => f.rule)]).toEqual([rule, []]);
      }
    }),
    { seed: 20261127, numRuns: Number(process.env.FIX_RUNS ?? 150) },
  );
  // Fixes are really offered, several for a plan.
  expect(offered).toBeGreaterThan(150);
});
