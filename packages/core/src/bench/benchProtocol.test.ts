import { benchProtocol as benchOf } from './benchOfPlan';
import { planFrom } from '../plan/document/startingPoints';
import { newOwnMeasure } from '../measures/ownMeasure';
import { MOST_TAGGED } from '../plan/recipes/taggedPlants';
import { recipesOf } from '../plan/recipes/recipe';
import { type PlanDocument } from '../plan/document/planDocument';
import { startedPlan } from '../../test/startedPlan';
import { careTasksOn } from '../care/careTasks';
import { benchFor } from './benchProtocol';

const mould = { ...newOwnMeasure('m'), name: 'Mould', unit: '%' };
const plan = planFrom('salt-steps', { gradeBand: 'middle', teams: 7, today: '2026-03-02' }, 11);

const benchProtocol = (p: PlanDocument) => benchOf(p, recipesOf(p));

describe('what a plan asks for at the bench', () => {
  test('tagged plants are as many as are kept, up to what a lesson can measure', () => {
    const tagged = (keep: number) =>
      benchProtocol({ ...plan, protocol: { ...plan.protocol, seedlings: 'tagged' }, seedsEach: 50, keep }).plants;
    expect([1, 3, 40].map(tagged)).toEqual([1, 3, MOST_TAGGED]);
  });

  test('the tallest is one, and so is a patch or a count without heights', () => {
    const three = { ...plan, seedsEach: 5, keep: 3 };
    expect(benchProtocol({ ...three, protocol: { ...plan.protocol, seedlings: 'tallest' } }).plants).toBe(1);
    expect(benchProtocol({ ...three, kind: 'patch' }).plants).toBe(1);
    expect(benchProtocol({ ...three, measures: ['seeds-up'] }).plants).toBe(1);
  });

  test('own measures need a name, and a pot at home is known as one', () => {
    const own = benchProtocol({ ...plan, ownMeasures: [mould, { ...mould, code: 'n', name: '  ' }], assignment: 'own-pot' });
    expect(own.own.map((m) => m.code)).toEqual(['m']);
    expect(own.atHome).toBe(true);
    expect(benchProtocol(plan).atHome).toBe(false);
  });

  test('crowded pots have as many plants to measure as stay in each, and a grass is measured beside a broad leaf by its own rule', () => {
    const crowded = benchProtocol(startedPlan('crowded-pots'));
    expect(['A', 'B', 'C'].map((code) => benchFor(crowded, code).plants)).toEqual([1, 4, 6]);
    const kinds = benchProtocol(startedPlan('kinds-side-by-side'));
    expect(['A', 'B', 'C'].map((code) => benchFor(kinds, code).heightRule)).toEqual([
      'longest-leaf',
      'growing-tip',
      'growing-tip',
    ]);
    expect(benchProtocol(plan).byTreatment).toBeUndefined();
  });

  test('watering names what each treatment gets: amounts that differ, or liquids', () => {
    const [factor] = plan.factors;
    const levels = [30, 15].map((ml) => ({ label: `${ml} mL`, amount: ml }));
    const check = [{ day: '2026-03-11', kind: 'check' as const, code: 'check' as const }];
    const note = (p: PlanDocument) => careTasksOn('2026-03-11', check, benchProtocol(p).care)[0]!;
    const fixed = { ...plan, protocol: { ...plan.protocol, water: 'fixed-volume' as const } };
    expect(note({ ...fixed, factors: [{ ...factor!, subject: 'water', unit: 'mL', levels }] })).toMatchObject({
      note: 'A: 30 mL of plain water; B: 15 mL of plain water.',
      amountMl: null,
    });
    expect(note(fixed)).toMatchObject({
      note: '30 mL for each, the same for all. A: plain water; B: 25 mmol/L (salt in the water); C: 50 mmol/L (salt in the water); D: 100 mmol/L (salt in the water).',
      amountMl: 30,
    });
    expect(note(startedPlan('light-and-dark')).note).not.toMatch(/A:/);
  });
});
