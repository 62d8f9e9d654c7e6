import { addDays, daysBetween } from '../../calendar/days';
import { isSchoolDay } from '../../calendar/schoolCalendar';
import { counted } from '../../words/plural';
import { benchProtocol } from '../../bench/benchOfPlan';
import { fairTest } from '../fairTest/fairTest';
import { layOut, moveTo } from '../layout/layOut';
import { mixingCards } from '../lists/mixingCards';
import { eventWords } from '../calendar/eventWords';
import { planCalendar } from '../calendar/planCalendar';
import { type PlanDocument } from './planDocument';
import { runSheet } from '../lists/runSheet';
import { runStepWords } from '../lists/runSheetWords';
import { recipesOf } from '../recipes/recipe';
import { planFrom, STARTING_POINTS } from './startingPoints';
import { workOut } from '../workedOut/workOut';
import { BEGUN_ON, startedPlan } from '../../../test/startedPlan';

const TEAMS = 7;
const benchOf = (start: string) => benchProtocol(startedPlan(start), recipesOf(startedPlan(start)));
const daysOf = (plan: PlanDocument) => planCalendar(plan, workOut(plan, TEAMS)).events.map((e) => ({ ...e, ...eventWords(e) }));
const note = (plan: PlanDocument, title: string) => daysOf(plan).find((e) => e.title === title)?.note;
const found = (plan: PlanDocument) => fairTest(plan, workOut(plan, TEAMS), TEAMS);

test.each(STARTING_POINTS.map((s) => s.id))('%s can be sown as it is, on whichever weekday it is begun', (id) => {
  for (let day = 0; day < 7; day++) {
    const plan = planFrom(id, { gradeBand: 'middle', teams: TEAMS, today: addDays(BEGUN_ON, day) }, 11);
    const grave = found(plan).filter((f) => f.severity !== 'mind');
    expect(grave.map((f) => f.what)).toEqual([]);
    for (const on of [plan.sowOn, plan.endOn]) expect(isSchoolDay(plan.calendar, on)).toBe(true);
  }
});

describe.each(STARTING_POINTS.map((s) => s.id))('%s, taken as it is', (id) => {
  const plan = startedPlan(id);
  const out = workOut(plan, TEAMS);
  const events = daysOf(plan);

  test('is no more soil than a teacher carries', () => expect(out.soil.totalMl).toBeLessThan(12_000));

  test('ends with the last check: nothing is watered, thinned or moved after it', () => {
    const end = events.find((e) => e.kind === 'end')!;
    expect(events.at(-1)).toBe(end);
    expect(events.filter((e) => e.day === end.day && e.kind === 'weekend')).toEqual([]);
    const [thin, moveOn] = ['thin', 'transplant'].map((kind) => events.find((e) => e.kind === kind)?.day);
    if (thin && moveOn) expect(daysBetween(thin, moveOn)).toBeGreaterThanOrEqual(0);
  });

  test('counts in words that can be read aloud', () => {
    const words = [...events.map((e) => `${e.title} ${e.note}`), ...runSheet(plan, out).map(runStepWords)].join(' ');
    expect(words).not.toMatch(/\b1 (days|cups|seeds in)\b|boxs\b/);
  });
});

describe('what is in a bag stays in it, what is kept dark stays dark', () => {
  test('covers come off pots; a bag on the window is only moved, a seed test is left alone', () => {
    const titles = (id: string) => daysOf(startedPlan(id)).map((e) => e.title);
    expect(titles('salt-steps')).toEqual(
      expect.arrayContaining(['Lift the covers and move into the light', 'Take the covers off']),
    );
    expect(titles('soaked-or-dry')).toContain('Move them into the light');
    for (const id of ['soaked-or-dry', 'is-it-alive']) expect(titles(id).join()).not.toMatch(/cover/i);
    expect(titles('is-it-alive')).not.toContain('Move them into the light');
    expect(note(startedPlan('is-it-alive'), 'Before the weekend')).toMatch(/^See that the paper is damp, and that all is shut:/);
    expect(benchOf('soaked-or-dry').care).toMatchObject({ closed: true, paper: true });
    expect(benchOf('light-and-dark').care).toMatchObject({ closed: false, paper: true });
  });

  test.each(['light-and-dark', 'patch-from-above'])('%s keeps what its label says', (id) => {
    expect(note(startedPlan(id), 'Lift the covers and move into the light')).toMatch(
      /What its label wants dark or covered stays so\.$/,
    );
    expect(note(startedPlan('salt-steps'), 'Lift the covers and move into the light')).not.toMatch(/label/);
  });

  test('crowding is thinned to what each label says', () => {
    expect(daysOf(startedPlan('crowded-pots')).find((e) => e.kind === 'thin')!.title).toBe('Thin to the number on the label');
    expect(daysOf(startedPlan('salt-steps')).find((e) => e.kind === 'thin')!.title).toBe('Thin to 1');
  });

  test('the day before a day off says for how long', () => {
    const plan = startedPlan('salt-steps');
    const calendar = { ...plan.calendar, holidays: [{ from: '2026-03-18', to: '2026-03-18', name: 'Fair' }] };
    expect(note({ ...plan, calendar }, 'Before Fair')).toContain(`alone for ${counted(1, 'day')}.`);
  });
});

describe('places that are compared', () => {
  const plan = startedPlan('warm-and-cool');
  const layout = layOut(plan, TEAMS);
  const at = (code: string, { containers, trays } = layout) => trays[containers.find((c) => c.code === code)!.tray]!.at;

  test('each have their own tray', () => {
    expect(layout.trays.map((t) => t.at)).toEqual(['the classroom', 'the cool corridor']);
    for (const c of layout.containers) expect(at(c.code)).toBe(c.treatment === 'A' ? 'the classroom' : 'the cool corridor');
    const rules = found(plan).map((f) => f.rule);
    expect(rules).toContain('places-stand-apart');
    expect(rules.filter((r) => ['tray-is-treatment', 'place-is-treatment', 'stands-elsewhere'].includes(r))).toEqual([]);
  });

  test('a container that strays is seen, and put back', () => {
    const there = layout.containers.find((c) => c.treatment === 'B')!.place;
    const strayed = { ...plan, moved: moveTo(layout, plan.moved, 'A1', there) };
    expect(at('A1', layOut(strayed, TEAMS))).toBe('the cool corridor');
    const rule = found(strayed).find((f) => f.rule === 'stands-elsewhere')!;
    expect(rule.what).toMatch(/A1/);
    expect(found(rule.fix!.apply(strayed)).map((f) => f.rule)).not.toContain('stands-elsewhere');
  });

  test('asked for more trays, each place has its share; crossed with another thing, all of a place stand there', () => {
    expect(layOut({ ...plan, trays: 4 }, TEAMS).trays.map((t) => t.at)).toEqual([
      'the classroom',
      'the classroom',
      'the cool corridor',
      'the cool corridor',
    ]);
    const crossed = { ...plan, kind: 'two-factors' as const, factors: [startedPlan('salt-steps').factors[0]!, ...plan.factors] };
    const { trays, containers } = layOut(crossed, TEAMS);
    expect(new Set(trays.map((t) => t.at)).size).toBe(2);
    for (const t of [0, 1]) expect(new Set(containers.filter((c) => c.tray === t).map((c) => c.treatment)).size).toBe(4);
  });

  test('at home every pot has a sill of its own', () => {
    expect(layOut(startedPlan('own-pot-at-home'), TEAMS).trays.map((t) => t.at)).toEqual([null]);
  });
});

test('a pan is filled by its sections, and holes have depths that a stick can be marked with', () => {
  const patch = startedPlan('patch-from-above');
  expect(patch.fillMl * 6).toBeGreaterThan(2500);
  expect(patch.fillMl * 6).toBeLessThan(7000);
  const plan = startedPlan('salt-steps');
  expect(runSheet(plan, workOut(plan, TEAMS)).map(runStepWords).join()).toMatch(/Make holes \d*[05] mm deep/);
});

test('a chain of dilutions is measured in steps of 5 mL, and enough of every strength is left', () => {
  const plan = startedPlan('salt-steps');
  const [card] = mixingCards(plan, workOut(plan, TEAMS));
  const wanted = Number(/, (\d+) mL of each/.exec(card!.title)![1]);
  const chain = [...card!.steps.find((s) => s.startsWith('Or weigh once'))!.matchAll(/from (\d+) mL of .*? and (\d+) mL/g)].map(
    (m) => [Number(m[1]), Number(m[2])] as const,
  );
  expect(chain).toHaveLength(2);
  chain.forEach(([carry, water], i) => {
    expect(carry % 5).toBe(0);
    expect(carry + water - (chain[i + 1]?.[0] ?? 0)).toBeGreaterThanOrEqual(wanted);
  });
});

test.each(STARTING_POINTS.map((s) => s.id))('nothing has to be mended in %s, whatever the class', (id) => {
  for (const teams of [5, 6, 7])
    for (const gradeBand of ['primary', 'middle', 'upper'] as const) {
      const plan = planFrom(id, { gradeBand, teams, today: '2026-03-02' }, 11);
      const grave = fairTest(plan, workOut(plan, teams), teams).filter((f) => f.severity !== 'mind');
      expect([teams, gradeBand, ...grave.map((f) => f.what)]).toEqual([teams, gradeBand]);
    }
});
