import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween } from '@bright-sprout/core/calendar/days';
import { type PredictedHeight, predictedHeights } from '@bright-sprout/core/compare/figures/predicted';
import { type GroupedRecords } from '@bright-sprout/core/compare/groups';
import { type Question } from '@bright-sprout/core/compare/question';
import { recordedDays } from '@bright-sprout/core/readings/standing';

/** What teams predicted beside what came on the day looked at, and the day for which they said it. */
export function predictedOf(
  { investigation, readings }: InvestigationRecords,
  compared: GroupedRecords,
  { when }: Question,
): { rows: PredictedHeight[]; askedDay: number | null; day: number } {
  const days = recordedDays(readings);
  const day = when.kind === 'day' ? when.day : (days[days.length - 1] ?? investigation.sownOn);
  const teams = new Map(investigation.teams.map((t) => [t.id, t.nickname]));
  const said = investigation.expected.map((e) => ({ team: teams.get(e.teamId) ?? '', heightMm: e.heightMm }));
  return {
    rows: predictedHeights(compared, said, day),
    askedDay: investigation.expected[0]?.dayNumber ?? null,
    day: daysBetween(investigation.sownOn, day),
  };
}
