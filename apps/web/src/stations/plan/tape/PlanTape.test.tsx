import { say } from '@bright-sprout/words/say';
import { planCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { fairTest } from '@bright-sprout/core/plan/fairTest/fairTest';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { planOf, TEAMS } from '../../../../test/plans';
import { PlanTape } from './PlanTape';

let plan: PlanDocument;

/** Sown on Monday 9 March 2026, a week after the plan is begun. */
function Tape({ begun, making = true }: { begun: PlanDocument; making?: boolean }) {
  const [now, change] = useState(begun);
  plan = now;
  const out = workOut(now, TEAMS);
  return (
    <PlanTape
      plan={now}
      out={out}
      calendar={planCalendar(now, out)}
      findings={fairTest(now, out, TEAMS)}
      today="2026-03-02"
      change={change}
      readOnly={false}
      making={making}
    />
  );
}

const show = (change: Partial<PlanDocument> = {}, start = 'salt-steps') => {
  render(<Tape begun={planOf(start, change)} />);
  return screen.getByRole('toolbar', { name: say('planDays.days') });
};
const day = (words: RegExp) => screen.getByRole('button', { name: words });

test('a day is pressed to look on it, and pressed again not to; a day before sowing does nothing', async () => {
  show();
  await userEvent.click(day(/^Tue 10 March, day 1/));
  expect(plan.checksAdded).toEqual(['2026-03-10']);
  expect(day(/^Tue 10 March, day 1: a check/)).toHaveAttribute('aria-pressed', 'true');
  await userEvent.click(day(/^Wed 11 March, day 2: a check/));
  expect(plan.checksSkipped).toEqual(['2026-03-11']);
  await userEvent.click(day(/^Tue 10 March/));
  await userEvent.click(day(/^Fri 6 March/));
  expect(plan).toMatchObject({ checksAdded: [], checksSkipped: ['2026-03-11'] });
});

test('arrows go along the days, Home and End to their ends', async () => {
  const tape = show();
  act(() => day(/^Mon 9 March, day 0: sow/).focus());
  await userEvent.keyboard('{ArrowRight}');
  expect(day(/^Tue 10 March/)).toHaveFocus();
  await userEvent.keyboard('{Home}');
  expect(within(tape).getAllByRole('button')[0]).toHaveFocus();
});

test('a peg is carried with the arrows to the next school day', async () => {
  show({ sowOn: '2026-03-13' });
  screen.getByRole('slider', { name: 'Day of: sow' }).focus();
  await userEvent.keyboard('{ArrowRight}');
  expect(plan.sowOn).toBe('2026-03-16');
  screen.getByRole('slider', { name: 'Day of: last check' }).focus();
  await userEvent.keyboard('{ArrowLeft}');
  expect(plan.endOn).toBe('2026-04-03');
});

test('days off are painted over, day by day or in one stroke, and school is painted back', async () => {
  show();
  await userEvent.click(screen.getByRole('button', { name: say('planDays.paintDaysOff') }));
  const [from, to] = [day(/^Mon 16 March/), day(/^Wed 18 March/)];
  from.releasePointerCapture = () => undefined;
  fireEvent.pointerDown(from);
  fireEvent.pointerEnter(to);
  fireEvent.pointerUp(to);
  expect(plan.calendar.holidays).toEqual([{ from: '2026-03-16', to: '2026-03-18', name: '' }]);
  act(() => day(/^Tue 17 March/).focus());
  await userEvent.keyboard('{Enter}');
  expect(plan.calendar.holidays.map((h) => [h.from, h.to])).toEqual([
    ['2026-03-16', '2026-03-16'],
    ['2026-03-18', '2026-03-18'],
  ]);
});

test('a break that is too long stands under the tape with its way out at one press', async () => {
  show({
    calendar: { ...planOf('salt-steps').calendar, holidays: [{ from: '2026-03-16', to: '2026-03-20', name: 'Trip' }] },
  });
  const collides = screen.getByRole('list', { name: say('planDays.collidesDays') });
  expect(collides).toHaveTextContent(/Trip from Sat 14 Mar: nobody waters for 9 days/);
  expect(day(/^Tue 17 March.*likely dry/)).toBeInTheDocument();
  await userEvent.click(within(collides).getByRole('button', { name: say('fairTest.somebodyComesWater') }));
  expect(plan.whileAway).toBe('somebody');
  expect(screen.queryByRole('list', { name: say('planDays.collidesDays') })).not.toBeInTheDocument();
});

test('soaking before a Monday is sown on another day with one press', async () => {
  show({}, 'soaked-or-dry');
  await userEvent.click(screen.getByRole('button', { name: 'Sow on Tue 10 Mar' }));
  expect(plan.sowOn).toBe('2026-03-10');
});

test('away from Days the tape is without its tools, and what is only moved is not called a collision', () => {
  render(<Tape begun={planOf('salt-steps')} making={false} />);
  expect(screen.queryByRole('button', { name: say('planDays.paintDaysOff') })).not.toBeInTheDocument();
  expect(screen.queryByRole('list', { name: say('planDays.collidesDays') })).not.toBeInTheDocument();
});
