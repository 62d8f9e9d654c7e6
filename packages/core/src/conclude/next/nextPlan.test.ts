import { heightsOn, HEIGHT, recordsOf } from '../../../test/records';
import { groupsOf } from '../../compare/groups';
import { surenessOf } from '../../compare/sureness';
import { learnedWords } from '../../plan/document/learned';
import { planAgain } from '../../plan/document/planAgain';
import { type PlanDocument } from '../../plan/document/planDocument';
import { planProblems } from '../../plan/document/planProblems';
import { planFrom } from '../../plan/document/startingPoints';
import { containersNeeded } from '../../power/tPower';
import { type Point } from '../points/point';
import { type NextFacts, nextSteps, planWith } from './nextPlan';

const plan: PlanDocument = planFrom('salt-steps', { gradeBand: 'middle', teams: 7, today: '2026-03-02' }, 1);
const heights = (a: number[], b: number[]) => {
  const question = heightsOn('2026-03-19');
  return surenessOf(groupsOf(recordsOf({ A: a, B: b }), HEIGHT, question), question, null);
};

const facts = (part: Partial<NextFacts> = {}): NextFacts => ({
  plan: { ...plan, containersEach: 4 },
  teams: 7,
  sureness: { ok: false, reason: '' },
  size: (d) => `${(Math.abs(d) / 10).toFixed(1)} cm`,
  points: [],
  lost: [],
  sprouting: null,
  ...part,
});

const codes = (f: NextFacts) => nextSteps(f).map((s) => s.learned.code);
const point = (code: Point['code'], part: object): Point =>
  ({ code, key: code, day: '2026-03-20', chance: 0.01, figure: { kind: 'counts', rows: [] }, ...part }) as unknown as Point;

test('what is not clear asks for as many containers as would show it in 8 of 10 classes, or as many as fit', () => {
  const sureness = heights([100, 110, 95, 104], [96, 99, 92, 103]);
  if (!sureness.ok) throw new Error(sureness.reason);
  const needed = containersNeeded(sureness.contrasts[0]!.estimate, sureness.spread);
  if (!needed.ok) throw new Error(needed.reason);
  const step = nextSteps(facts({ sureness })).find((s) => s.learned.code !== 'fair');
  const next = planWith(facts().plan, [step!]);
  expect(next.containersEach).toBe(Math.min(needed.n, 30));
  expect(step!.learned.code).toBe(needed.n <= 30 ? 'more-containers' : 'as-many-as-fit');
  expect(planProblems(next)).toEqual([]);
  // What is clear already asks for none.
  expect(codes(facts({ sureness: heights([100, 101, 99, 102, 100, 101], [60, 61, 59, 60, 62, 58]) }))).not.toContain(
    'more-containers',
  );
});

test('a dip over days off, empty pots, losses and looks far apart each change their own part of the plan', () => {
  const f = facts({
    plan: { ...plan, containersEach: 4, cadence: { kind: 'weekdays', weekdays: [1, 5] } },
    points: [
      point('dip-over-days-off', {}),
      point('never-came', { label: '100 mmol/L', containers: ['D1', 'D2'], never: 3, of: 7, expected: 0.1, seeds: false }),
      point('place-on-tray', {}),
    ],
    lost: [{ words: '2 dried out', count: 2 }],
    sprouting: { widest: 4, containers: 6 },
  });
  expect(codes(f).filter((c) => c !== 'fair')).toEqual([
    'looks-while-sprouting',
    'care-over-days-off',
    'more-seeds',
    'reserve',
    'new-lots',
  ]);
  const next = planWith(f.plan, nextSteps(f));
  expect(next.whileAway).toBe('somebody');
  expect(next.seedsEach).toBeGreaterThan(f.plan.seedsEach);
  expect(next.reserveEach).toBe(1);
  expect(next.checksAdded.length).toBeGreaterThan(2);
  expect(planProblems(next)).toEqual([]);
  expect(next.learned.map((l) => l.code)).toEqual(codes(f));
  for (const l of next.learned) {
    const { what, why } = learnedWords(l, 'cup');
    expect(`${what} ${why}`).not.toMatch(/undefined|NaN|null/);
  }
});

test('exceptions that were declared are mended where a press mends them, and a class without trouble changes nothing', () => {
  const broken = { ...plan, containersEach: 2, exceptions: [{ rule: 'too-few-containers', reason: 'No room.' }] };
  const f = facts({ plan: broken });
  const fair = nextSteps(f).filter((s) => s.learned.code === 'fair');
  expect(fair.length).toBeGreaterThan(0);
  const next = planWith(broken, fair);
  expect(next.exceptions).toEqual([]);
  expect(next.containersEach).toBeGreaterThan(2);
});

test('the same plan for another time: every day moves, lots are drawn anew, nothing of before hangs on', () => {
  const before = { ...plan, lessonOn: plan.endOn, moved: { A1: 3 }, checksAdded: [plan.endOn], learned: [] };
  const again = planAgain(before, { today: '2026-09-07', schoolYear: null }, 99);
  expect(again).toMatchObject({
    sowOn: '2026-09-14',
    drawSeed: 99,
    moved: {},
    checksAdded: [],
    checksSkipped: [],
    askTeams: false,
  });
  expect(again.lessonOn > again.sowOn).toBe(true);
  expect(planProblems(again)).toEqual([]);
});

test('what no longer fits beside the steps before it is neither done nor said to be', () => {
  const f = facts({
    plan: { ...plan, containersEach: 4 },
    sureness: heights([100, 118, 85, 104], [99, 117, 86, 105]),
    lost: [{ words: '2 dried out', count: 2 }],
  });
  const next = planWith(f.plan, nextSteps(f));
  expect([next.containersEach, next.reserveEach]).toEqual([30, 0]);
  expect(next.learned.map((l) => l.code)).toEqual(expect.arrayContaining(['as-many-as-fit']));
  expect(next.learned.map((l) => l.code)).not.toContain('reserve');
  expect(planProblems(next)).toEqual([]);
});
