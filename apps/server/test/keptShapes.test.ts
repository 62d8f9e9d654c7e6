import { METHODS } from '@bright-sprout/core/seeds/catalogue';
import { planFrom, STARTING_POINTS } from '@bright-sprout/core/plan/document/startingPoints';
import { workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { misshapen } from '@bright-sprout/contracts/answers/keptShapes';
import { investigationOf } from '../src/sowing/investigationOfPlan';

const TEAMS = 7;
const teamIds = Array.from({ length: TEAMS }, (_, i) => `t${i}`);

test.each(STARTING_POINTS.map((s) => s.id))(
  'what a plan of “%s” keeps when it is sown has its shape, in every way of growing',
  (id) => {
    let sown = 0;
    for (const method of METHODS) {
      const plan = { ...planFrom(id, { gradeBand: 'middle', teams: TEAMS, today: '2026-03-02' }, 7), methodId: method.id };
      const { investigation } = investigationOf(plan, workOut(plan, TEAMS), {
        id: 'i',
        classId: 'c',
        teamIds,
        requestHash: '',
        today: null,
      });
      // As it is kept: through JSON.
      const row = JSON.parse(JSON.stringify({ ...investigation, brought: null })) as Record<string, unknown>;
      expect([method.id, misshapen(row)]).toEqual([method.id, null]);
      sown += 1;
    }
    expect(sown).toBe(METHODS.length);
  },
);

test.each<[string, object]>([
  ['split', { split: { code: 'complete' } }],
  ['schedule', { schedule: [{ day: '2026-03-03', kind: 'check', code: 'dance' }] }],
  ['runSheet', { runSheet: [{ code: 'holes', kind: null, depthMm: [10, '20'], treatments: ['A'] }] }],
  ['bench', { bench: { measures: ['height'] } }],
  ['outlook', { outlook: { calendar: { weekdays: [true], holidays: [] }, sprouting: null } }],
])('%s that has another shape is told', (field, change) => {
  const row = {
    split: { code: 'imported' },
    planCautions: [],
    runSheet: [],
    bench: null,
    schedule: [],
    outlook: null,
    brought: null,
  };
  expect(misshapen(row)).toBeNull();
  expect(misshapen({ ...row, ...change })).toBe(field);
});
