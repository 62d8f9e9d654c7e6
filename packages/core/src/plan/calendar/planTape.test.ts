import { startedPlan } from '../../../test/startedPlan';
import { addDays } from '../../calendar/days';
import { type PlanDocument } from '../document/planDocument';
import { workOut } from '../workedOut/workOut';
import { planCalendar } from './planCalendar';
import { planChecks, withCheckTurned } from '../document/planChecks';
import { planTape } from './planTape';
import { dryDays, leftAt, wateringDays } from '../document/waterings';

// Begun on Monday 2 March 2026, sown on Monday 9 March, looked at on Mon Wed Fri, in cups that last three days alone.
const SOWN = '2026-03-09';

function tape(plan: PlanDocument, today = '2026-03-02') {
  const out = workOut(plan, 7);
  return planTape(plan, out, planCalendar(plan, out), today);
}
const checks = (plan: PlanDocument) => {
  const found = planChecks(plan);
  return found.ok ? found.days : [];
};

test('runs from today to the day after the end, with checks, days off and pegs', () => {
  const plan = startedPlan('salt-steps');
  const { days, pegs } = tape(plan);
  expect([days[0]!.day, days.at(-1)!.day]).toEqual(['2026-03-02', addDays(plan.endOn, 1)]);
  const on = (day: string) => days.find((d) => d.day === day)!;
  expect(on(SOWN)).toMatchObject({ number: 0, check: false, off: false, left: { before: 0, after: 1 } });
  expect(on('2026-03-11').left).toEqual({ before: 0.5, after: 1 });
  expect([on('2026-03-11').check, on('2026-03-12').check, on('2026-03-14').off]).toEqual([true, false, true]);
  expect(pegs).toEqual([
    { peg: 'sowOn', day: SOWN, words: 'sow' },
    { peg: 'endOn', day: plan.endOn, words: 'last check' },
  ]);
});

test('soaking lies before sowing as a span, the kind comes up after it', () => {
  const plan = startedPlan('soaked-or-dry', { sowOn: '2026-03-10', endOn: '2026-03-20' });
  const { spans } = tape(plan);
  expect(spans.find((s) => s.what === 'soak')).toMatchObject({ from: '2026-03-09', to: '2026-03-10' });
  expect(spans.find((s) => s.what === 'up')!.from > '2026-03-10').toBe(true);
  expect(tape(startedPlan('sour-water-and-chalk')).spans[0]).toMatchObject({ what: 'soil', from: '2026-03-06', to: SOWN });
});

test('an age ladder is moved by its lesson, and has no peg for sowing', () => {
  expect(tape(startedPlan('age-ladder')).pegs.map((p) => p.peg)).toEqual(['lessonOn', 'endOn']);
});

test('what is left in a cup falls from watering to watering; a weekend is bridged', () => {
  const plan = startedPlan('salt-steps');
  const waterings = wateringDays(plan, checks(plan));
  expect(['2026-03-08', SOWN, '2026-03-10', '2026-03-11', '2026-03-15'].map((d) => leftAt(plan, waterings, d))).toEqual([
    null,
    1,
    0.75,
    1,
    0.5,
  ]);
  expect(dryDays(plan, checks(plan))).toEqual([]);
});

test('cups run dry in a long break, and with looks a fortnight apart; a reservoir or somebody bridges it', () => {
  const plan = startedPlan('salt-steps');
  const off = { ...plan.calendar, holidays: [{ from: '2026-03-16', to: '2026-03-20', name: 'Break' }] };
  const broken = { ...plan, calendar: off };
  // Watered on Friday 13, dry from Tuesday 17, back on Monday 23: nine days alone.
  expect(dryDays(broken, checks(broken))).toEqual([{ from: '2026-03-17', to: '2026-03-22', alone: 9 }]);
  expect(tape(broken).days.filter((d) => d.dry)).toHaveLength(6);
  const seldom: PlanDocument = { ...plan, cadence: { kind: 'every', days: 14 } };
  expect(dryDays(seldom, checks(seldom)).length).toBeGreaterThan(0);
  for (const whileAway of ['reservoir', 'somebody'] as const) {
    const bridged = { ...plan, whileAway, calendar: { ...off, holidays: [{ from: '2026-03-16', to: '2026-03-17', name: '' }] } };
    expect(dryDays(bridged, checks(bridged))).toEqual([]);
  }
});

test('what is shut is not watered, and does not run dry', () => {
  const plan = startedPlan('soaked-or-dry');
  expect(dryDays(plan, [])).toEqual([]);
  expect(tape(plan).days.every((d) => d.left === null)).toBe(true);
});

test('a check is added or left out by hand, also at home on a weekend, and turning it twice leaves nothing behind', () => {
  const plan = startedPlan('salt-steps');
  for (const day of ['2026-03-11', '2026-03-12', '2026-03-14']) {
    const turned = withCheckTurned(plan, day);
    expect(checks(turned).includes(day)).toBe(!checks(plan).includes(day));
    expect(withCheckTurned(turned, day)).toEqual(plan);
  }
  const added = withCheckTurned(plan, '2026-03-14');
  expect(checks({ ...added, sowOn: '2026-03-16' })).not.toContain('2026-03-14');
});
