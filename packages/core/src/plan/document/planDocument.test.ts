import fc from 'fast-check';
import { addDays } from '../../calendar/days';
import { METHODS, SPECIES } from '../../seeds/catalogue';
import { fairTest } from '../fairTest/fairTest';
import { eventWords } from '../calendar/eventWords';
import { planCalendar } from '../calendar/planCalendar';
import { kindLevel, kindsBeside } from './kindsCompared';
import { type PlanDocument } from './planDocument';
import { planProblems } from './planProblems';
import { planTreatments } from './planTreatments';
import { labelLines } from '../lists/labelLines';
import { recipesOf } from '../recipes/recipe';
import { shoppingList } from '../lists/prepare';
import { runSheet } from '../lists/runSheet';
import { runStepWords } from '../lists/runSheetWords';
import { keptSameFor, planFrom, STARTING_POINTS } from './startingPoints';
import { workOut } from '../workedOut/workOut';
import { BEGUN_ON, startedPlan } from '../../../test/startedPlan';

test('there are a dozen starting points or more, each a plan that works out and says no “stop”', () => {
  expect(STARTING_POINTS.length).toBeGreaterThanOrEqual(12);
  for (const { id } of STARTING_POINTS)
    for (const gradeBand of ['early', 'primary', 'middle', 'upper'] as const) {
      const plan = planFrom(id, { gradeBand, teams: 7, today: BEGUN_ON }, 11);
      expect([id, planProblems(plan)]).toEqual([id, []]);
      const stops = fairTest(plan, workOut(plan, 7), 7).filter((f) => f.severity === 'stop');
      expect([id, stops.map((s) => s.what)]).toEqual([id, []]);
    }
});

test('two factors are crossed fully, controls first', () => {
  const treatments = planTreatments(startedPlan('feed-and-light'));
  expect(treatments.map((t) => [t.code, t.label, t.control])).toEqual([
    ['A', 'plain water · bright sill', true],
    ['B', 'plain water · behind a curtain', false],
    ['C', '50 mg N/L · bright sill', false],
    ['D', '50 mg N/L · behind a curtain', false],
  ]);
});

test('what stays the same leaves out what is changed, and remembers what was ticked', () => {
  const plan = startedPlan('how-deep');
  expect(plan.keptSame.map((k) => k.id)).not.toContain('depth');
  const loose = plan.keptSame.map((k) => ({ ...k, kept: k.id !== 'water' }));
  expect(keptSameFor(plan.factors, loose).find((k) => k.id === 'water')!.kept).toBe(false);
});

test('whatever is typed, the plan works out or says at which field it cannot', () => {
  const number = fc.oneof(fc.integer({ min: -5, max: 600 }), fc.constant(NaN), fc.double({ min: -1, max: 3 }));
  fc.assert(
    fc.property(
      fc.constantFrom(...STARTING_POINTS.map((s) => s.id)),
      fc.constantFrom(...SPECIES.map((s) => s.id)),
      fc.constantFrom(...METHODS.map((m) => m.id)),
      number,
      number,
      fc.integer({ min: -20, max: 400 }),
      fc.integer({ min: 0, max: 8 }),
      (id, speciesId, methodId, containersEach, seedsEach, days, teams) => {
        const plan = startedPlan(id, { speciesId, methodId, containersEach, seedsEach, endOn: addDays(BEGUN_ON, days) });
        const problems = planProblems(plan);
        if (problems.length > 0) return expect(problems.every((p) => p.field !== '' && /\.$/.test(p.sentence))).toBe(true);
        const out = workOut(plan, teams);
        const words = [
          ...fairTest(plan, out, teams).flatMap((f) => [f.what, f.why, f.fix?.label ?? '']),
          ...shoppingList(plan, out, teams, 'us').flatMap((l) => [l.what, l.perTeam, l.total]),
          ...runSheet(plan, out).map(runStepWords),
          ...planCalendar(plan, out).events.map((e) => Object.values(eventWords(e)).join(' ')),
        ].join(' ');
        expect(words).not.toMatch(/NaN|undefined|Infinity|null/);
      },
    ),
    { numRuns: 120 },
  );
});

test.each([
  ['', true],
  ['10:15–11:00', true],
  ['9.05 - 9.50', true],
  ['11:00–10:15', false],
  ['after lunch', false],
  ['25:00–26:00', false],
])('a period of “%s” is taken: %s', (period, fits) => {
  expect(planProblems(startedPlan('salt-steps', { period })).some((p) => p.field === 'period')).toBe(!fits);
});

test('two things are crossed over kinds of seed, and a third thing of another sort is refused with its reason', () => {
  const [acid, chalk] = startedPlan('sour-water-and-chalk').factors;
  const three = startedPlan('sour-water-and-chalk', { factors: [acid!, chalk!, kindsBeside('kale_cabbage')] });
  expect(planProblems(three)).toEqual([]);
  expect(planTreatments(three).map((t) => t.code)).toEqual([...'ABCDEFGH']);
  const light = startedPlan('light-and-dark').factors[0]!;
  expect(planProblems({ ...three, factors: [acid!, chalk!, light] })[0]!.sentence).toMatch(
    /a third can only be the kind of seed/,
  );
  const more = { ...kindsBeside('wheat'), levels: [...kindsBeside('wheat').levels, kindLevel('lettuce')] };
  expect(planProblems({ ...three, factors: [acid!, chalk!, more] })[0]!.sentence).toMatch(/^12 combinations are too many/);
});

test('what stands on a label besides its code is what somebody at the bench has to know', () => {
  const lines = (start: string, part: Partial<PlanDocument> = {}) => {
    const plan = startedPlan(start, part);
    const recipes = recipesOf(plan);
    return recipes.map((r) => labelLines(plan, r, recipes));
  };
  expect(lines('salt-steps')[1]).toEqual(['25 mmol/L']);
  expect(lines('age-ladder')[4]).toEqual(['21 days', 'sown Mon 9 Mar']);
  const [crowded] = startedPlan('crowded-pots').factors;
  const named = { ...crowded!, levels: crowded!.levels.map((l, i) => ({ ...l, label: ['alone', 'a few', 'a crowd'][i]! })) };
  expect(lines('crowded-pots', { factors: [named] })[2]).toEqual(['a crowd', 'thin to 10']);
  const weighed = { ...startedPlan('salt-steps').protocol, water: 'by-weight' as const };
  expect(lines('salt-steps', { protocol: weighed })[0]).toEqual(['no salt', 'water up to ____ g']);
});
