import { say } from '@bright-sprout/words/say';
import { type CareView } from '@bright-sprout/contracts/answers/care';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { investigationView } from '../../test/records';
import { RunSheet } from './RunSheet';

const investigation = investigationView({ runSheet: [{ code: 'dry' }, { code: 'paper-dry' }, { code: 'otherwise' }] });

const ticked = (teamId: string | null, step: number): CareView => ({
  id: `${teamId} ${step}`,
  teamId,
  kind: 'sowing-step',
  task: String(step),
  day: '2026-03-03',
  amountMl: null,
  skipped: false,
  note: null,
  recordedAt: '2026-03-03T10:00:00.000Z',
});

function show(care: CareView[], teamId: string | null) {
  const entering = { care, saveCare: jest.fn(), takeBackCare: jest.fn() };
  render(<RunSheet investigation={investigation} entering={entering} teamId={teamId} />);
  return entering;
}

test('a team ticks and takes back its own steps; another team’s are not its own', async () => {
  const entering = show([ticked('t1', 1), ticked('t2', 2)], 't1');
  expect(screen.getByRole('heading')).toHaveTextContent('1 of 3 done');
  await userEvent.click(screen.getByLabelText(say('lists.takeDrySeeds')));
  expect(entering.saveCare).toHaveBeenCalledWith({ kind: 'sowing-step', task: '0' });
  await userEvent.click(screen.getByLabelText(say('lists.leavePaperDry')));
  expect(entering.takeBackCare).toHaveBeenCalledWith('t1 1');
  expect(screen.getByLabelText(/Write down/)).not.toBeChecked();
});

test('what the teacher ticks counts for every team and stays', () => {
  show([ticked(null, 0)], 't2');
  expect(screen.getByLabelText(say('lists.takeDrySeeds'))).toBeChecked();
  expect(screen.getByLabelText(say('lists.takeDrySeeds'))).toBeDisabled();
  expect(screen.getByText(say('sowing.teacherTicked'))).toBeInTheDocument();
});

test('the teacher sees how many teams have done a step', () => {
  show([ticked('t1', 1), ticked('t2', 1)], null);
  expect(screen.getByRole('heading')).toHaveTextContent('0 of 3 done');
  expect(screen.getByText('2 of 2 teams')).toBeInTheDocument();
});
