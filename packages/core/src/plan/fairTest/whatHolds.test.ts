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
    'Every team has one of each treatment, so a heavy hand falls on all of them alike.',
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
