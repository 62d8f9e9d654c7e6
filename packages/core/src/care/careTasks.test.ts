import { planCalendar } from '../plan/calendar/planCalendar';
import { planFrom } from '../plan/document/startingPoints';
import { workOut } from '../plan/workedOut/workOut';
import { type CareRule, careTasksOn } from './careTasks';

const SOIL: CareRule = { water: 'fixed-volume', doseMl: 30, paper: false, openBag: 'never' };
const plan = planFrom('crowded-pots', { gradeBand: 'middle', teams: 7, today: '2026-03-02' }, 11);
const { events } = planCalendar(plan, workOut(plan, 7));
const dayOf = (kind: string) => events.find((e) => e.kind === kind)!.day;

test('on check days the usual is done, by the protocol', () => {
  const day = dayOf('check');
  expect(careTasksOn(day, events, SOIL).map((t) => [t.id, t.amountMl])).toEqual(
    expect.arrayContaining([
      ['water', 30],
      ['turn', null],
    ]),
  );
  expect(careTasksOn(day, events, { ...SOIL, water: 'by-weight' })[0]!.note).toMatch(/weight/);
  const paper = careTasksOn(day, events, { ...SOIL, paper: true, openBag: 'mist' });
  expect(paper.map((t) => t.id)).toEqual(expect.arrayContaining(['water', 'vent']));
  expect(paper.map((t) => t.id)).not.toContain('turn');
});

test('what the plan has for its day is a task, and an ordinary day has none', () => {
  expect(careTasksOn(dayOf('thin'), events, SOIL).map((t) => t.kind)).toContain('thin');
  expect(careTasksOn(dayOf('weekend'), events, SOIL).map((t) => t.kind)).toContain('before-leaving');
  expect(careTasksOn('2026-03-01', events, SOIL)).toEqual([]);
});

test('a closed bag that is never opened is looked through, not watered', () => {
  const check = [{ day: '2026-03-16', kind: 'check' as const, code: 'check' as const }];
  const [look] = careTasksOn('2026-03-16', check, { ...SOIL, paper: true, closed: true });
  expect(look).toMatchObject({ title: 'Look through the side', amountMl: null });
  expect(look!.note).toMatch(/leave it shut/);
  const [opened] = careTasksOn('2026-03-16', check, { ...SOIL, paper: true, closed: true, openBag: 'mist' });
  expect(opened!.title).toBe('Look at the paper');
});
