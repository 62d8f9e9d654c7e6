import { daysBetween, type IsoDay } from '../../calendar/days';
import { type CheckInterval, turnbull } from '../../germination/turnbull';
import { fitTimeToSprout } from '../../germination/timeToSprout';
import { type Measure } from '../../measures/measure';
import { recordedDays } from '../../readings/standing';
import { readingsCounted } from '../containerValues';
import { type Group, groupings, type GroupedRecords } from '../groups';
import { looksByContainer } from '../../readings/looks';
import { type Question } from '../question';
import { longestWait, waitingToReach, waitingToSprout } from '../times';

/** Seeds (or containers) that came up between the same two looks, as one step of a treatment's stair. */
export interface SproutStep {
  /** Last look at which they were not up, and first at which they were; days since sowing. */
  from: number;
  to: number;
  count: number;
}

export interface SproutStair {
  key: string;
  label: string;
  treatment: Group['treatment'];
  /** One a seed, or one a container. */
  intervals: CheckInterval[];
  steps: SproutStep[];
  never: number;
  total: number;
  /** The stretch in which half were up (Turnbull 1976); null where half never were. */
  half: [number, number] | null;
}

/** When each treatment's seeds came up, as stairs between looks. Containers lost before are in none. */
export function sproutStairs(
  records: GroupedRecords,
  measure: Measure,
  question: Question,
): { stairs: SproutStair[]; last: number; days: number[]; seeds: boolean } {
  const looks = looksByContainer(readingsCounted(records, question));
  let seeds = false;
  const stairs = groupings(records, question).map(({ key, label, treatment, holds }): SproutStair => {
    const intervals = records.containers.filter(holds).flatMap((c): CheckInterval[] => {
      const own = looks.get(c.id) ?? [];
      const waiting =
        question.follow === 'reached'
          ? waitingToReach(measure, question.reach, c, own, question.report)
          : waitingToSprout(c, own);
      seeds ||= waiting.seeds;
      return waiting.intervals;
    });
    const counted = new Map<string, SproutStep>();
    for (const { lower, upper } of intervals) {
      if (upper === null) continue;
      const step = counted.get(`${lower} ${upper}`);
      if (step) step.count++;
      else counted.set(`${lower} ${upper}`, { from: lower, to: upper, count: 1 });
    }
    const curve = intervals.length > 0 ? turnbull(intervals) : null;
    return {
      key,
      label,
      treatment,
      intervals,
      steps: [...counted.values()].sort((a, b) => a.to - b.to || a.from - b.from),
      never: intervals.filter((i) => i.upper === null).length,
      total: intervals.length,
      half: curve?.ok ? curve.medianInterval : null,
    };
  });
  return { stairs, last: longestWait(records.containers, recordedDays(records.readings)), days: lookDays(records), seeds };
}

/** Days since sowing on which anybody looked, by the containers' own sowing days. */
function lookDays({ readings, containers }: GroupedRecords): number[] {
  const sown = new Set(containers.map((c) => c.sownOn));
  const days = recordedDays(readings).flatMap((day: IsoDay) => [...sown].map((s) => daysBetween(s, day)));
  return [...new Set(days)].filter((d) => d > 0).sort((a, b) => a - b);
}

/** The fitted curve of a stair, for those who want t50 with its interval. */
export function fitOfStair({ intervals, never, total }: SproutStair): ReturnType<typeof fitTimeToSprout> {
  return fitTimeToSprout(intervals, 'log-logistic', never > 0 && never < total);
}
