import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { planProblems } from '@bright-sprout/core/plan/document/planProblems';
import { planFrom } from '@bright-sprout/core/plan/document/startingPoints';
import { workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { type PartProps } from '../src/stations/plan/partProps';

export const TEAMS = 4;

/** Nothing goes with a team that has not done anything yet. */
export const NOTHING_LEAVES = { devices: 0, predictions: 0, waiting: 0 };

export function classView(change: Partial<ClassView> = {}): ClassView {
  const emblems = (['kite', 'bell', 'boat', 'moon'] as const).slice(0, TEAMS);
  return {
    id: 'c1',
    name: '7 Copper',
    gradeBand: 'middle',
    timeZone: 'UTC',
    joinCode: 'COPPR7',
    schoolYear: null,
    waiting: 0,
    teams: emblems.map((emblem, i) => ({ id: `t${i + 1}`, emblem, nickname: emblem, pin: `000${i}`, leaves: NOTHING_LEAVES })),
    investigations: [],
    ...change,
  };
}

/** A plan of four teams from one of the starting points, as on Monday 2 March 2026. */
export function planOf(start: string, change: Partial<PlanDocument> = {}): PlanDocument {
  return { ...planFrom(start, { gradeBand: 'middle', teams: TEAMS, today: '2026-03-02' }, 11), ...change };
}

/** What a part of the planner is given, and the plan as the part has changed it. */
export function partOf(plan: PlanDocument, change: Partial<PartProps> = {}): { props: PartProps; now: () => PlanDocument } {
  let now = plan;
  const problems = planProblems(plan);
  const props: PartProps = {
    planId: 'p1',
    group: classView(),
    plan,
    change: (by) => (now = by(now)),
    problems,
    out: problems.length > 0 ? null : workOut(plan, TEAMS),
    readOnly: false,
    ...change,
  };
  return { props, now: () => now };
}
