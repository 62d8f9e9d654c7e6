import { say } from '@bright-sprout/words/say';
import studentizedRangeCdf from '@stdlib/stats-base-dists-studentized-range-cdf';
import studentizedRangeQuantile from '@stdlib/stats-base-dists-studentized-range-quantile';
import { type Interval, mean } from './descriptives';
import { noAnswer, type Result } from '../result/result';
import { oneWay } from './severalGroups';

/** Two of several groups, by their places in the list; differences are second − first. */
export interface PairDifference {
  first: number;
  second: number;
  difference: number;
  interval: Interval;
  /** Adjusted for all pairs. */
  p: number;
}

/** All pairs, first before second. */
function pairsOf(count: number): [number, number][] {
  return Array.from({ length: count }, (_, i) => i).flatMap((i) =>
    Array.from({ length: count - i - 1 }, (_, j) => [i, i + j + 1] as [number, number]),
  );
}

/** Honest differences of all pairs of means (Tukey 1949; Kramer 1956 where numbers differ), 95 % together. */
export function tukey(groups: readonly (readonly number[])[], level = 0.95): Result<{ pairs: PairDifference[] }> {
  const table = oneWay(groups);
  if (!table.ok) return table;
  // The studentized range has no such quantile.
  if (table.dfWithin < 2) return noAnswer(say('statistics.tooFewContainersJudge'));
  const spread = table.ssWithin / table.dfWithin;
  const critical = studentizedRangeQuantile(level, groups.length, table.dfWithin);
  return {
    ok: true,
    pairs: pairsOf(groups.length).map(([first, second]) => {
      const [a, b] = [groups[first]!, groups[second]!];
      const difference = mean(b) - mean(a);
      const se = Math.sqrt((spread / 2) * (1 / a.length + 1 / b.length));
      return {
        first,
        second,
        difference,
        interval: { low: difference - critical * se, high: difference + critical * se },
        p: Math.max(0, 1 - studentizedRangeCdf(Math.abs(difference) / se, groups.length, table.dfWithin)),
      };
    }),
  };
}
