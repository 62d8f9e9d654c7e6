import { say } from '@bright-sprout/words/say';
import { type SchoolCalendar } from '@bright-sprout/core/calendar/schoolCalendar';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { fakeServer, renderPage } from '../../../../test/fakeServer';
import { classView, partOf, planOf } from '../../../../test/plans';
import { openWord } from '../../../../test/words';
import { DaysPart } from './DaysPart';

type Readings = { id: string; at: string; kind: 'temperature'; value: number; source: 'hand' }[];

let writes: ReturnType<typeof fakeServer>;

function show(plan = planOf('salt-steps'), readings: Readings = [], schoolYear: SchoolCalendar | null = null) {
  writes = fakeServer({
    'GET /classes/c1/room': { readings, sensor: { there: false, on: false } },
    'PUT /classes/c1/school-year': {},
  });
  const { props, now } = partOf(plan, { group: classView({ schoolYear }) });
  renderPage(<DaysPart {...props} />);
  return now;
}

test('a lesson for which half should be up says by when to sow, and does it with one press', async () => {
  const now = show(planOf('salt-steps', { lessonOn: '2026-03-27' }));
  await openWord(/^Sowing/);
  expect(screen.getByText(/the chance of being late is \d+ in 100/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('planner.sowDay') }));
  expect(now().sowOn < '2026-03-27').toBe(true);
  expect(new Date(now().sowOn).getUTCDay()).toBeGreaterThan(0);
});

test('holidays are added with their name and taken away; the calendar then avoids them', async () => {
  const now = show();
  await openWord(/^School days/);
  expect(screen.getByRole('button', { name: say('planner.addDaysOff') })).toBeDisabled();
  await userEvent.type(screen.getByLabelText(say('planner.nameHoliday')), 'Harvest days');
  fireEvent.change(screen.getByLabelText(say('planner.firstDayOff')), { target: { value: '2026-03-16' } });
  fireEvent.change(screen.getByLabelText(say('planner.lastDayOff')), { target: { value: '2026-03-18' } });
  await userEvent.click(screen.getByRole('button', { name: say('planner.addDaysOff') }));
  expect(now().calendar.holidays).toEqual([{ name: 'Harvest days', from: '2026-03-16', to: '2026-03-18' }]);
  expect(screen.getByLabelText(say('planner.nameHoliday'))).toHaveValue('');
});

test('a holiday that is planned can be removed', async () => {
  const plan = planOf('salt-steps');
  const now = show({
    ...plan,
    calendar: { ...plan.calendar, holidays: [{ name: 'Trip', from: '2026-03-16', to: '2026-03-16' }] },
  });
  await openWord(/^School days/);
  await userEvent.click(within(screen.getByText(/^Trip: Mon 16 March/)).getByRole('button', { name: say('common.remove') }));
  expect(now().calendar.holidays).toEqual([]);
});

test('checks follow the chosen weekdays, or come every few days', async () => {
  const now = show();
  await openWord(/^Days of checks/);
  await userEvent.click(screen.getByRole('checkbox', { name: say('calendar.wed') }));
  expect(now().cadence).toEqual({ kind: 'weekdays', weekdays: [1, 5] });
  await userEvent.click(screen.getByRole('radio', { name: say('planner.everyFewDays') }));
  expect(now().cadence).toEqual({ kind: 'every', days: 3 });
});

test('what falls on a day off is moved, and told with its way out', () => {
  const plan = planOf('salt-steps');
  show({ ...plan, calendar: { ...plan.calendar, holidays: [{ name: 'Trip', from: plan.sowOn, to: plan.sowOn }] } });
  expect(screen.getByText(/^Sow would fall on .*, a day without school\. It is moved to/)).toBeInTheDocument();
});

test('a room that was measured offers its own temperatures', async () => {
  const at = (day: number, hour: number, value: number) => ({
    id: `${day} ${hour}`,
    at: `2026-02-${20 + day}T${String(hour).padStart(2, '0')}:00:00Z`,
    kind: 'temperature' as const,
    value,
    source: 'hand' as const,
  });
  const now = show(
    planOf('salt-steps'),
    [3, 4, 5].flatMap((d) => [at(d, 12, 22), at(d, 13, 22), at(d, 2, 14), at(d, 3, 14)]),
  );
  await openWord(/^Warmth/);
  await userEvent.click(await screen.findByRole('button', { name: say('planner.planWithThat') }));
  expect(now().room).toMatchObject({ day: 22, night: 14 });
});

test('while nobody is at school somebody may come in', async () => {
  const now = show();
  await openWord(/^While nobody/);
  await userEvent.click(screen.getByRole('radio', { name: /^somebody comes in to water/ }));
  expect(now().whileAway).toBe('somebody');
});

test('school days are kept for all plans of the class, and those of the class taken instead', async () => {
  const plan = planOf('salt-steps');
  const year = { ...plan.calendar, holidays: [{ name: 'Spring break', from: '2026-04-03', to: '2026-04-17' }] };
  const now = show(plan, [], year);
  await openWord(/^School days/);
  await userEvent.click(screen.getByRole('button', { name: 'Take the days of 7 Copper instead' }));
  expect(now().calendar).toEqual(year);
  await userEvent.click(screen.getByRole('button', { name: 'Keep these days for all plans of 7 Copper' }));
  expect(writes[0]).toMatchObject({ method: 'PUT', body: plan.calendar });
});

test('a plan with the school year of its class says so', async () => {
  const plan = planOf('salt-steps');
  show(plan, [], plan.calendar);
  await openWord(/^School days/);
  expect(screen.getByText('These are the school days of 7 Copper: new plans begin with them.')).toBeInTheDocument();
});
