import { startedPlan } from '../../../test/startedPlan';
import { unitsOf } from '../recipes/additive';
import { FACTOR_SUBJECTS } from './planDocument';
import { planProblems } from './planProblems';
import { usualFactor } from './usualFactor';

test.each(FACTOR_SUBJECTS.filter((s) => s !== 'other'))('a plan about %s can be worked out as it begins', (subject) => {
  const factor = usualFactor(subject);
  const plan = { ...startedPlan('salt-steps'), factors: [factor], lessonOn: '2026-04-06' };
  expect(planProblems(plan)).toEqual([]);
  if (factor.unit) expect(unitsOf(subject)).toContain(factor.unit);
});

test('an idea of one’s own has to be named first', () => {
  const plan = { ...startedPlan('salt-steps'), factors: [usualFactor('other')] };
  expect(planProblems(plan).map((p) => p.field)).toEqual(['factors.0.name']);
});

test('ages 5 to 7 begin with names instead of units', () => {
  for (const subject of FACTOR_SUBJECTS) {
    const { unit, levels } = usualFactor(subject, true);
    if (['crowding', 'age', 'seed-age'].includes(subject)) continue;
    expect([subject, unit, levels.every((l) => l.amount === null)]).toEqual([subject, '', true]);
    expect(levels.length).toBeGreaterThan(1);
  }
});
