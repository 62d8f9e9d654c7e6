import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DayRibbon } from './DayRibbon';

const recorded = ['2026-03-04', '2026-03-06', '2026-03-09'].map((day) => ({ day, share: 0.5 }));

function show(chosen: string | null) {
  const onChoose = jest.fn();
  render(<DayRibbon sownOn="2026-03-03" last="2026-03-12" recorded={recorded} chosen={chosen} onChoose={onChoose} />);
  screen.getByRole('slider').focus();
  return onChoose;
}

test('arrows move through recorded days only, and stop at both ends', async () => {
  const onChoose = show('2026-03-06');
  await userEvent.keyboard('{ArrowRight}{ArrowLeft}{Home}{End}');
  expect(onChoose.mock.calls.map(([day]) => day as string)).toEqual(['2026-03-09', '2026-03-04', '2026-03-04', '2026-03-09']);
});

test('says in words which day is looked at, and when there is none', () => {
  show('2026-03-06');
  expect(screen.getByRole('slider')).toHaveAttribute('aria-valuetext', 'day 3, Fri 6 March');
});

test('without a record it says so and nothing moves', async () => {
  const onChoose = jest.fn();
  render(<DayRibbon sownOn="2026-03-03" last="2026-03-12" recorded={[]} chosen={null} onChoose={onChoose} />);
  screen.getByRole('slider').focus();
  await userEvent.keyboard('{ArrowRight}');
  expect(screen.getByRole('slider')).toHaveAttribute('aria-valuetext', 'no day recorded yet');
  expect(onChoose).not.toHaveBeenCalled();
});
