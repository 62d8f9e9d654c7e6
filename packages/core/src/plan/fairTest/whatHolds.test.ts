import { startedPlan } from '../../../test/startedPlan';
import { type PlanDocument } from '../document/planDocument';
import { workOut } from '../workedOut/workOut';
import { fairTest } from './fairTest';
import { whatHolds } from './whatHolds';

function holds(plan: PlanDocument, teams = 7) {
  const out = workOut(plan, teams);
  return whatHolds(plan, out, fairTest(plan, out, teams));
}

test('a fair series says that one thing differs, what it is compared with, and how teams and places were dealt', () => {
  expect(holds(startedPlan('salt-steps'))).toEqual([
    'Only salt in the water differs.',
    '7 cups “no salt”: there is something to compare with.',
    'Every team has one of each treatment, so whatever a team does differently, it does to all of them alike.',
    'Places are drawn by lot.',
  ]);
});

test('what a finding is about is never said to hold, also where it is declared', () => {
  const plan = startedPlan('salt-steps');
  const loose = {
    ...plan,
    keptSame: plan.keptSame.map((k) => ({ ...k, kept: k.id !== 'soil' })),
    exceptions: [{ rule: 'more-than-one-thing', reason: 'We have two sacks' }],
  };
  expect(holds(loose).join()).not.toContain('Only');
  expect(holds({ ...plan, factors: [{ ...plan.factors[0]!, control: null }] }).join()).not.toContain('compare with');
  expect(holds({ ...plan, moved: { A1: 3 } }).join()).not.toContain('by lot');
});

test('a comparison of kinds does not say that one thing differs', () => {
  expect(holds(startedPlan('kinds-side-by-side')).join()).not.toContain('Only');
});

test('where a place brings more with it, at home, and where there is no soil to change, nothing is said to differ alone', () => {
  const bag = { ...startedPlan('sour-water-and-chalk'), methodId: 'bag_pocket', fillMl: 30 };
  for (const plan of [startedPlan('warm-and-cool'), startedPlan('own-pot-at-home'), bag])
    expect(holds(plan).join()).not.toContain('Only');
  expect(holds(startedPlan('own-pot-at-home')).join()).not.toContain('Places');
  expect(holds(startedPlan('feed-and-light'))[0]).toBe('Only plant food and light differ, in every combination.');
});
