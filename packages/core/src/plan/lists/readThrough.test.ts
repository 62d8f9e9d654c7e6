import { formatDay } from '../../calendar/days';
import { startedPlan } from '../../../test/startedPlan';
import { eventWords } from '../calendar/eventWords';
import { planCalendar } from '../calendar/planCalendar';
import { STARTING_POINTS } from '../document/startingPoints';
import { workOut } from '../workedOut/workOut';
import { mixingCards } from './mixingCards';
import { shoppingList } from './prepare';

const TEAMS = 7;

test.each(STARTING_POINTS.map((s) => s.id))('lists and days of %s, as they were read line by line', (id) => {
  const plan = startedPlan(id);
  const out = workOut(plan, TEAMS);
  const { events, conflicts } = planCalendar(plan, out);
  const lines = [
    ...shoppingList(plan, out, TEAMS, 'metric').map((l) => `${l.what}: ${l.perTeam} | ${l.total}`),
    ...mixingCards(plan, out).flatMap((c) => [c.title, ...c.steps]),
    ...events
      .filter((e) => e.kind !== 'check')
      .map((e) => `${formatDay(e.day, 'short')}: ${eventWords(e).title}. ${eventWords(e).note}`),
    ...conflicts.map((c) => `! ${c.what} ${c.wayOut}`),
  ];
  expect(lines.join('\n')).toMatchSnapshot();
});
