import { MONDAY_TO_FRIDAY } from '@bright-sprout/core/calendar/schoolCalendar';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { investigationView, readingView } from '../../test/records';
import { DayRibbon } from './DayRibbon';
import { ribbonOf } from '@bright-sprout/core/ribbon/ribbon';

const LOOKED = ['2026-03-04', '2026-03-06', '2026-03-09'];
const schedule = (['sow', 'check', 'check', 'thin', 'end'] as const).map((kind, i) => ({
  kind,
  day: ['2026-03-03', '2026-03-09', '2026-03-16', '2026-03-12', '2026-03-31'][i]!,
  title: kind,
  note: '',
}));
const outlook = {
  calendar: { weekdays: MONDAY_TO_FRIDAY, holidays: [{ from: '2026-03-19', to: '2026-03-20', name: 'Trip' }] },
  sprouting: { from: '2026-03-07', to: '2026-03-11' },
};

function show(chosen: string | null, looked: string[] = LOOKED, states: 'not-up' | 'measured' = 'measured') {
  const onChoose = jest.fn();
  const records = {
    investigation: investigationView({ schedule, outlook }),
    readings: looked.map((day) => readingView('A1', day, { state: states, heightMm: states === 'measured' ? 40 : null })),
    photos: [],
  };
  const ribbon = ribbonOf(records, '2026-03-10');
  const { container } = render(<DayRibbon ribbon={ribbon} sownOn="2026-03-03" chosen={chosen} onChoose={onChoose} />);
  screen.getByRole('slider').focus();
  return { onChoose, container, ribbon };
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

test('holidays are off and named once, planned checks wait as empty boxes, and the end is on the tape', () => {
  const { ribbon, container } = show('2026-03-09');
  const on = (day: string) => ribbon.days.find((d) => d.day === day)!;
  expect([on('2026-03-19').holiday, on('2026-03-20').holiday, on('2026-03-20').off]).toEqual(['Trip', null, true]);
  expect([on('2026-03-09').share, on('2026-03-16').due, on('2026-03-16').share]).toEqual([0.25, true, null]);
  expect(ribbon.marks.map((m) => m.word)).toEqual(['sown', 'thin', 'last']);
  expect(container.querySelectorAll('.due .fill')).toHaveLength(1);
  expect(screen.getByText('last', { selector: 'text' })).toBeInTheDocument();
});

test('the forecast stands until something is up; then what was seen takes its place', () => {
  const span = (state: 'not-up' | 'measured') =>
    ribbonOf(
      {
        investigation: investigationView({ outlook }),
        readings: [readingView('A1', '2026-03-06', { state, heightMm: null })],
      },
      '2026-03-10',
    ).sprouting;
  expect(span('not-up')).toEqual({ ...outlook.sprouting, words: 'likely to come up', seen: false });
  expect(span('measured')).toMatchObject({ words: '1 of 4 came up, day 3', seen: true });
});
