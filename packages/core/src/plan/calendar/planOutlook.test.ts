import { planOutlook } from './planOutlook';
import { planFrom } from '../document/startingPoints';
import { workOut } from '../workedOut/workOut';

const CLASS = { gradeBand: 'middle' as const, teams: 7, today: '2026-03-02' };
const outlookOf = (plan: ReturnType<typeof planFrom>) => planOutlook(plan, workOut(plan, CLASS.teams));

test('plants are expected between the earliest first and the latest nine tenths of all kinds', () => {
  const plan = planFrom('kinds-side-by-side', CLASS, 11);
  const out = workOut(plan, CLASS.teams);
  expect(out.kinds.length).toBeGreaterThan(1);
  const { sprouting, calendar } = planOutlook(plan, out);
  expect(calendar).toBe(plan.calendar);
  for (const { forecast } of out.kinds) {
    if (!forecast.ok) throw new Error('every kind of the starting point comes up in its room');
    expect(sprouting!.from <= forecast.first.likely!).toBe(true);
    expect(sprouting!.to >= forecast.ninety.likely!).toBe(true);
  }
  expect(sprouting!.from > plan.sowOn).toBe(true);
});

test('a warmer room brings them up sooner, and in a cold one nobody can say', () => {
  const plan = planFrom('salt-steps', CLASS, 11);
  const at = (day: number) => outlookOf({ ...plan, room: { ...plan.room, day, night: day, weekend: null } }).sprouting;
  expect(at(24)!.from <= at(16)!.from && at(24)!.to < at(16)!.to).toBe(true);
  expect(at(0)).toBeNull();
});
