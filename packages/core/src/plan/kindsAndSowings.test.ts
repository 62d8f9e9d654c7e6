import { benchProtocol } from '../bench/benchOfPlan';
import { addDays, daysBetween } from '../calendar/days';
import { cautionsFor } from './cautions/cautions';
import { concurrence } from './layout/concurrence';
import { fairTest } from './fairTest/fairTest';
import { layOut } from './layout/layOut';
import { eventWords } from './calendar/eventWords';
import { planCalendar } from './calendar/planCalendar';
import { type PlanDocument } from './document/planDocument';
import { planLike } from './document/planLike';
import { planProblems } from './document/planProblems';
import { planTreatments } from './document/planTreatments';
import { shoppingList } from './lists/prepare';
import { runSheet } from './lists/runSheet';
import { runStepWords } from './lists/runSheetWords';
import { sowingDayOfTreatment, sowingDays, speciesIn } from './document/treatmentSowing';
import { workOut } from './workedOut/workOut';
import { BEGUN_ON, rulesOf, startedPlan } from '../../test/startedPlan';

describe('kinds side by side', () => {
  const plan = startedPlan('kinds-side-by-side');
  const out = workOut(plan, 7);

  test('each kind has its own numbers, depth and packet', () => {
    expect(out.kinds.map((k) => [k.species.id, k.treatments, k.containers])).toEqual([
      ['wheat', ['A'], 7],
      ['white_mustard', ['B'], 7],
      ['nasturtium', ['C'], 7],
    ]);
    const seeds = shoppingList(plan, out, 7, 'metric').filter((l) => l.what.startsWith('Seeds'));
    expect(seeds.map((l) => l.what)).toEqual([
      'Seeds of wheat, untreated',
      'Seeds of white mustard, untreated',
      'Seeds of nasturtium, untreated',
    ]);
    expect(new Set(out.kinds.map((k) => k.depth.mm[1])).size).toBe(3);
    expect(runSheet(plan, out).filter((s) => s.code === 'holes')).toHaveLength(3);
  });

  test('the forecast is that of the slowest, the empty cups those of all, the cautions everybody’s', () => {
    const halves = out.kinds.map((k) => (k.forecast.ok ? k.forecast.half.likely! : ''));
    expect(out.forecast).toMatchObject({ half: { likely: [...halves].sort()[2] } });
    expect(out.blanks.expected).toBeCloseTo(
      out.kinds.reduce((sum, k) => sum + k.blanks.expected, 0),
      10,
    );
    expect(cautionsFor(plan).map((c) => c.from)).toEqual(expect.arrayContaining(['wheat: A', 'white mustard: B']));
  });

  test('a kind that does badly there is found among them', () => {
    const levels = plan.factors[0]!.levels.map((l, i) => (i === 2 ? { ...l, speciesId: 'petunia' } : l));
    const withPetunia = {
      ...plan,
      methodId: 'bag_pocket',
      measures: ['seeds-up' as const],
      factors: [{ ...plan.factors[0]!, levels }],
    };
    const found = fairTest(withPetunia, workOut(withPetunia, 7), 7).find((f) => f.rule === 'kind-and-method')!;
    expect(found.what).toMatch(/^Petunia does badly/);
  });

  test('two varieties of one kind need no kind of their own, and an unknown kind is refused at its level', () => {
    const factor = plan.factors[0]!;
    const varieties = {
      ...plan,
      factors: [
        {
          ...factor,
          levels: [
            { label: 'tall', amount: null },
            { label: 'dwarf', amount: null },
          ],
        },
      ],
    };
    expect(speciesIn(varieties).map((s) => s.id)).toEqual(['wheat']);
    const unknown = {
      ...plan,
      factors: [{ ...factor, levels: [{ label: 'x', amount: null, speciesId: 'triffid' }, ...factor.levels] }],
    };
    expect(planProblems(unknown)).toContainEqual({ field: 'factors.0.levels.0', sentence: 'Choose a kind of seed.' });
  });
});

describe('an age ladder', () => {
  const plan = startedPlan('age-ladder');

  test('every treatment has its own sowing day, and its age on the lesson day', () => {
    const ages = planTreatments(plan).map((t) => daysBetween(sowingDayOfTreatment(plan, t), plan.lessonOn));
    for (const [i, wanted] of [3, 7, 11, 15, 21].entries()) expect(Math.abs(ages[i]! - wanted)).toBeLessThanOrEqual(1);
    expect(sowingDays(plan)).toHaveLength(new Set(ages).size);
    expect(runSheet(plan, workOut(plan, 7)).map(runStepWords)[0]).toMatch(
      /^Sow only what has its turn: .* E \(21 days old at the lesson\); .* A \(\d days old at the lesson\)\.$/,
    );
  });

  test('needs its lesson day', () => {
    expect(planProblems({ ...plan, lessonOn: '' })).toContainEqual(expect.objectContaining({ field: 'lessonOn' }));
    expect(sowingDays(startedPlan('salt-steps'))).toEqual([startedPlan('salt-steps').sowOn]);
  });
});

describe('containers stand as their method does', () => {
  const shape = (methodId: string, containersEach: number, trays = 1) => {
    const { form, trays: laid } = layOut(startedPlan('salt-steps', { methodId, containersEach, trays }), 7);
    return [form.id, laid.length, laid[0]!.columns, laid[0]!.rows];
  };

  test.each([
    ['cups on a sill', 'cup_mix', 7, ['sill', 1, 14, 2]],
    ['bags on a window', 'bag_pocket', 5, ['pane', 1, 7, 3]],
    ['jars in a row', 'paper_jar', 2, ['jars', 1, 8, 1]],
    ['cells of a tray', 'cell_tray', 7, ['cells', 1, 5, 6]],
    ['sections of as many pans as it takes', 'flat_divided', 7, ['sections', 5, 3, 2]],
    ['rows of a box, one behind the other', 'planter_box', 3, ['rows', 2, 1, 6]],
  ])('%s', (_, method, each, expected) => expect(shape(method as string, each as number)).toEqual(expected));

  test('more carriers than are needed may be asked for', () => expect(shape('cup_mix', 7, 3)).toEqual(['sill', 3, 5, 2]));
});

test('the concurrence matrix counts teams: on the diagonal those that have a treatment, beside it those that have both', () => {
  const plan = startedPlan('salt-steps', { containersEach: 4 });
  const layout = layOut(plan, 7);
  const matrix = concurrence(['A', 'B', 'C', 'D'], layout.containers);
  const off = matrix.flatMap((row, i) => row.filter((_, j) => j !== i));
  expect(matrix.map((row, i) => row[i])).toEqual([4, 4, 4, 4]);
  expect([Math.min(...off), Math.max(...off)]).toEqual([layout.pairsTogether!.fewest, layout.pairsTogether!.most]);
  expect(matrix[0]![2]).toBe(matrix[2]![0]);
});

describe('the days', () => {
  const titles = (plan: PlanDocument) => planCalendar(plan, workOut(plan, 7)).events.map((e) => eventWords(e).title);

  test('paper runs out, covers come off in two steps', () => {
    const paper = startedPlan('soaked-or-dry', { endOn: addDays(BEGUN_ON, 40) });
    expect(titles(paper)).toContain('Move them on into soil');
    const all = titles(startedPlan('salt-steps'));
    expect(all.indexOf('Lift the covers and move into the light')).toBeLessThan(all.indexOf('Take the covers off'));
    expect(all.indexOf('Lift the covers and move into the light')).toBeGreaterThan(-1);
  });

  test('what goes outside waits for age and frost, is hardened off first, or is told to come too late', () => {
    const out = startedPlan('salt-steps', { goesOutside: true, endOn: addDays(BEGUN_ON, 80), lastFrost: '2026-04-20' });
    const days = planCalendar(out, workOut(out, 7));
    const plantOut = days.events.find((e) => eventWords(e).title === 'Plant out the barley')!;
    const harden = days.events.find((e) => eventWords(e).title === 'Begin to harden off the barley')!;
    expect(daysBetween(harden.day, plantOut.day)).toBeGreaterThanOrEqual(6);
    const late = { ...out, lastFrost: '2026-07-20' };
    expect(
      planCalendar(late, workOut(late, 7))
        .conflicts.map((c) => c.what)
        .join(),
    ).toMatch(/Barley could go outside from .* after the plan ends/);
  });

  test('a half day has no afternoon lesson, and keeps its morning', () => {
    const { calendar } = startedPlan('salt-steps');
    const half = { ...calendar, halfDays: ['2026-03-18'] };
    const checks = (period: string) => {
      const plan = startedPlan('salt-steps', { calendar: half, period });
      return planCalendar(plan, workOut(plan, 7))
        .events.filter((e) => e.kind === 'check')
        .map((e) => e.day);
    };
    expect(checks('10:15–11:00')).toContain('2026-03-18');
    expect(checks('13:15–14:00')).not.toContain('2026-03-18');
    const sown = startedPlan('salt-steps', { calendar: half, period: '13:15–14:00', sowOn: '2026-03-18' });
    expect(planCalendar(sown, workOut(sown, 7)).conflicts[0]!.what).toContain('a half day without our period');
  });
});

test('records without a plan become a plan that works out and asks the same', () => {
  const earlier = {
    question: 'Does shade keep radishes small?',
    factor: 'shade',
    treatments: [
      { label: 'sun', control: true },
      { label: 'shade', control: false },
    ],
    speciesId: 'not of the catalogue',
    methodId: null,
    containersEach: 5,
    seedsEach: 0,
    resolution: 'mm' as const,
    beforeSprouting: 'zero' as const,
    days: 3,
  };
  const plan = planLike(earlier, { gradeBand: 'middle', teams: 5, today: BEGUN_ON }, 3);
  expect(planProblems(plan)).toEqual([]);
  expect(planTreatments(plan).map((t) => [t.code, t.label, t.control])).toEqual([
    ['A', 'sun', true],
    ['B', 'shade', false],
  ]);
  expect(workOut(plan, 5).containers).toBe(10);
  expect(daysBetween(plan.sowOn, plan.endOn)).toBe(7);
});

describe('kinds that are crossed with light, each with seeds of its own', () => {
  const kinds = startedPlan('kinds-side-by-side').factors[0]!;
  const light = startedPlan('light-and-dark').factors[0]!;
  const plan = startedPlan('kinds-side-by-side', {
    kind: 'two-factors',
    containersEach: 7,
    seedsEach: 4,
    factors: [{ ...kinds, levels: [kinds.levels[0]!, { ...kinds.levels[2]!, seeds: 2 }] }, light],
  });
  const out = workOut(plan, 7);

  test('every container has the seeds of its kind, and all add up', () => {
    expect(out.recipes.map((r) => [r.treatment.code, r.species.id, r.seeds])).toEqual([
      ['A', 'wheat', 4],
      ['B', 'wheat', 4],
      ['C', 'nasturtium', 2],
      ['D', 'nasturtium', 2],
    ]);
    // 14 cups of 4 and 14 of 2.
    expect(out.seedsSown).toBe(84);
    expect(out.kinds.map((k) => [k.species.id, k.containers, k.sown])).toEqual([
      ['wheat', 14, 56],
      ['nasturtium', 14, 28],
    ]);
  });

  test('lists, run sheet and depth speak of each kind', () => {
    const lists = shoppingList(plan, out, 7, 'metric').filter((l) => l.what.startsWith('Seeds'));
    // Two cups of each kind for a team; a tenth more in all.
    expect(lists.map((l) => [l.what, l.perTeam, l.total.split(',')[0]])).toEqual([
      ['Seeds of wheat, untreated', '8', '62'],
      ['Seeds of nasturtium, untreated', '4', '31'],
    ]);
    const sheet = runSheet(plan, out).map(runStepWords);
    expect(sheet).toContain('A, B: count the seeds into sets of 4, one set for each cup.');
    expect(sheet).toContain('C, D: count the seeds into sets of 2, one set for each cup.');
    expect(sheet.filter((s) => /Make holes/.test(s))).toHaveLength(2);
  });

  test('it is said that kinds are no test of a cause', () => {
    expect(rulesOf(plan)).toContain('kinds-are-no-test');
  });

  test('a number of seeds that cannot be is told at its level', () => {
    const wrong = {
      ...plan,
      factors: [{ ...plan.factors[0]!, levels: [{ ...kinds.levels[0]!, seeds: 0 }, kinds.levels[1]!] }, light],
    };
    expect(planProblems(wrong)).toEqual([
      { field: 'factors.0.levels.0', sentence: 'Seeds in each: a whole number from 1 to 500.' },
    ]);
  });
});

test('the plants of one pot are looked at by the whole class: nothing stops it, and each is measured', () => {
  const plan = startedPlan('watch-and-wonder', {
    containersEach: 1,
    seedsEach: 9,
    keep: 5,
    assignment: 'class-shares',
    fillMl: 900,
  });
  const out = workOut(plan, 7);
  expect(planProblems(plan)).toEqual([]);
  expect(out.containers).toBe(1);
  expect(fairTest(plan, out, 7).filter((f) => f.severity === 'stop')).toEqual([]);
  expect(benchProtocol(plan, out.recipes).plants).toBe(5);
});
