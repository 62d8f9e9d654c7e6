import { startedPlan } from '../../../test/startedPlan';
import { planCalendar } from '../calendar/planCalendar';
import { SEED_LOOKS } from '../document/planDocument';
import { planProblems } from '../document/planProblems';
import { workOut } from '../workedOut/workOut';
import { shoppingList } from './prepare';
import { seedLessonSteps } from './seedLesson';

const lesson = { on: '2026-03-05', looks: [...SEED_LOOKS] };

test('the lesson about the seeds has its day, its steps with what to expect, and what it takes', () => {
  const plan = startedPlan('kinds-side-by-side', { seedLesson: lesson });
  const out = workOut(plan, 7);
  expect(planCalendar(plan, out).events.find((e) => 'code' in e && e.code === 'seed-lesson')).toMatchObject({
    day: '2026-03-05',
    kind: 'lesson',
  });
  const [wheat] = out.kinds;
  const steps = seedLessonSteps(plan).join('\n');
  // Ten of a kind end to end, fifty of it weighed.
  expect(steps).toContain(`wheat makes ${10 * wheat!.species.seedMm.length[0]} to ${10 * wheat!.species.seedMm.length[1]} mm`);
  expect(steps).toContain('Guess which kind is up first');
  expect(shoppingList(plan, out, 7, 'metric').map((l) => l.what)).toEqual(
    expect.arrayContaining(['White and squared paper for sorting seeds', 'A scale that shows a tenth of a gram']),
  );
});

test('without it nothing is asked, and it comes before sowing', () => {
  expect(seedLessonSteps(startedPlan('salt-steps'))).toEqual([]);
  const late = startedPlan('salt-steps', { seedLesson: { ...lesson, on: '2026-03-10' } });
  expect(planProblems(late)).toEqual([
    { field: 'seedLesson', sentence: 'The lesson about the seeds comes before they are sown.' },
  ]);
});
