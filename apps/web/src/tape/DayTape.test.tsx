import { say } from '@bright-sprout/words/say';
import { MONDAY_TO_FRIDAY } from '@bright-sprout/core/calendar/schoolCalendar';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { investigationView, readingView } from '../../test/records';
import { DayTape } from './DayTape';
import { dayTapeOf } from '@bright-sprout/core/tape/dayTape';

const LOOKED = ['2026-03-04', '2026-03-06', '2026-03-09'];
const schedule = (['sow', 'check', 'check', 'thin', 'end'] as const).map((kind, i) => ({
  kind,
  day: ['2026-03-03', '2026-03-09', '2026-03-16', '2026-03-12', '2026-03-31'][i]!,
  code: 'check' as const,
}));
const outlook = {
  calendar: { weekdays: MONDAY_TO_FRIDAY, holidays: [{ from: '2026-03-19', to: '2026-03-20', name: 'Trip' }] },
  sprouting: { from: '2026-03-07', to: '2026-03-11' },
  goal: null,
};

function show(chosen: string | null, looked: string[] = LOOKED) {
  const onChoose = jest.fn();
  const records = {
    investigation: investigationView({ schedule, outlook }),
    readings: looked.map((day) => readingView('A1', day, { heightMm: 40 })),
    photos: [],
  };
  const tape = dayTapeOf(records, '2026-03-10');
  const { container } = render(<DayTape tape={tape} sownOn="2026-03-03" chosen={chosen} onChoose={onChoose} />);
  screen.getByRole('slider').focus();
  return { onChoose, container };
}

test('arrows move through recorded days only, and stop at both ends', async () => {
  const { onChoose } = show('2026-03-06');
  await userEvent.keyboard('{ArrowRight}{ArrowLeft}{Home}{End}');
  expect(onChoose.mock.calls.map(([day]) => day as string)).toEqual(['2026-03-09', '2026-03-04', '2026-03-04', '2026-03-09']);
});

test('says in words which day is looked at, and when there is none', () => {
  show('2026-03-06');
  expect(screen.getByRole('slider')).toHaveAttribute('aria-valuetext', 'day 3, Fri 6 March');
});

test('without a record it says so and nothing moves', async () => {
  const { onChoose } = show(null, []);
  await userEvent.keyboard('{ArrowRight}');
  expect(screen.getByRole('slider')).toHaveAttribute('aria-valuetext', 'no day recorded yet');
  expect(onChoose).not.toHaveBeenCalled();
});

test('planned checks wait as empty boxes, and the end is on the tape', () => {
  const { container } = show('2026-03-09');
  expect(container.querySelectorAll('.due .fill')).toHaveLength(1);
  expect(screen.getByText(say('tape.last'), { selector: 'text' })).toBeInTheDocument();
});
