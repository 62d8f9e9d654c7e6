import { say } from '@bright-sprout/words/say';
import { fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { investigationView } from '../../../test/records';
import { type ChosenDay, DayChoice } from './DayChoice';

const TODAY = '2026-03-19';

function show(chosen: ChosenDay | null = null, open = true) {
  const [onChoose, onClose] = [jest.fn(), jest.fn()];
  render(
    <DayChoice
      sure
      investigation={investigationView()}
      today={TODAY}
      chosen={chosen}
      onChoose={onChoose}
      open={open}
      onClose={onClose}
    />,
  );
  return {
    onChoose,
    onClose,
    type: (day: string) => fireEvent.change(screen.getByLabelText('Which day did you check?'), { target: { value: day } }),
  };
}

test.each([
  ['2026-03-20', 'That day has not come yet.'],
  ['2026-03-01', 'That day is before the seeds were sown.'],
  ['2026-03-03', 'That is the day of sowing. Which day did you check?'],
])('%s is refused: %s', (day, sentence) => {
  const { type } = show();
  type(day);
  expect(screen.getByRole('alert')).toHaveTextContent(sentence);
  for (const reason of within(screen.getByRole('group', { name: say('bench.whyAnotherDay') }))
    .getAllByRole('button')
    .slice(0, 3))
    expect(reason).toBeDisabled();
});

test('another day takes a reason, and stays in sight until it is today again', async () => {
  const { type, onChoose, onClose } = show();
  type('2026-03-17');
  await userEvent.click(screen.getByRole('button', { name: say('bench.lookedDay') }));
  expect(onChoose).toHaveBeenCalledWith({ day: '2026-03-17', reason: 'checked-then' });
  expect(onClose).toHaveBeenCalled();
});

test('the last weekdays are there to tap, none of them before the seeds were in', async () => {
  const { onChoose } = show();
  const days = within(screen.getByRole('group', { name: say('bench.lastDays') })).getAllByRole('button');
  expect(days.map((d) => d.textContent)).toEqual(['Wed 18 Mar', 'Tue 17 Mar', 'Mon 16 Mar', 'Fri 13 Mar']);
  await userEvent.click(days[3]!);
  expect(days[3]).toHaveAttribute('aria-pressed', 'true');
  expect(screen.getByText('Why Fri 13 March, and not today?')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('bench.copiedPaper') }));
  expect(onChoose).toHaveBeenCalledWith({ day: '2026-03-13', reason: 'from-paper' });
});

test('today with a reason is simply today', async () => {
  const { type, onChoose } = show();
  type(TODAY);
  await userEvent.click(screen.getByRole('button', { name: say('bench.copiedPaper') }));
  expect(onChoose).toHaveBeenCalledWith(null);
});

test('the chosen day is shown, and given back with one tap', async () => {
  const { onChoose } = show({ day: '2026-03-17', reason: 'from-paper' }, false);
  expect(screen.getByRole('status')).toHaveTextContent('You are writing for Tue 17 March (copied from paper).');
  await userEvent.click(screen.getByRole('button', { name: say('bench.backToday') }));
  expect(onChoose).toHaveBeenCalledWith(null);
});
