import { say } from '@bright-sprout/words/say';
import { type ToFix } from '@bright-sprout/core/plan/fairTest/fairRule';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { planFrom } from '@bright-sprout/core/plan/document/startingPoints';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { FairTestList } from './FairTestList';

const plan = planFrom('salt-steps', { gradeBand: 'middle', teams: 7, today: '2026-03-02' }, 1);
const finding = (part: Partial<ToFix>): ToFix => ({
  rule: 'too-few-containers',
  severity: 'mend',
  params: { containers: 2 },
  what: 'Only 2 containers of each.',
  why: 'The container counts once.',
  fix: { label: 'Have 3 of each', apply: (p) => ({ ...p, containersEach: 3 }) },
  declared: null,
  ...part,
});

function shown(findings: ToFix[], readOnly = false) {
  let now: PlanDocument = plan;
  render(
    <FairTestList holds={[]} findings={findings} plan={plan} readOnly={readOnly} change={(change) => (now = change(now))} />,
  );
  return () => now;
}

test('the fix is one press', async () => {
  const now = shown([finding({})]);
  await userEvent.click(screen.getByRole('button', { name: 'Have 3 of each' }));
  expect(now().containersEach).toBe(3);
});

test('an exception needs its reason, and is kept under its rule once', async () => {
  const now = shown([finding({})]);
  await userEvent.click(screen.getByRole('button', { name: say('planner.weDoItKnowingly') }));
  expect(screen.getByRole('button', { name: say('planner.keepRecord') })).toBeDisabled();
  await userEvent.type(screen.getByLabelText(say('planner.whyDoneKnowingly')), '  The sill is short ');
  await userEvent.click(screen.getByRole('button', { name: say('planner.keepRecord') }));
  expect(now().exceptions).toEqual([{ rule: 'too-few-containers', reason: 'The sill is short' }]);
});

test('a declared exception stands apart and can be taken back', async () => {
  shown([finding({ declared: 'The sill is short' })]);
  expect(screen.getByText(say('planner.nothingElseSpeaksAgainst'))).toBeVisible();
  expect(screen.getByText('The sill is short')).toBeVisible();
  expect(screen.getByRole('button', { name: say('common.takeBackLower') })).toBeVisible();
});

test('once sown nothing can be pressed', () => {
  shown([finding({}), finding({ rule: 'x', declared: 'So it was' })], true);
  expect(screen.queryAllByRole('button')).toEqual([]);
});

test('what is only worth knowing asks for no exception', () => {
  shown([finding({ severity: 'mind', fix: null })]);
  expect(screen.queryByRole('button', { name: say('planner.weDoItKnowingly') })).toBeNull();
});
