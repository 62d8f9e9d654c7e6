import { say } from '@bright-sprout/words/say';
import { noAnswer, type Result } from '../result/result';
import { mean, standardDeviation } from './descriptives';
import { type MeanTest, meanTest } from './twoGroups';

/** Mean of the differences b − a of the same units looked at twice, with its t interval. */
export function paired(a: readonly number[], b: readonly number[], level = 0.95): Result<MeanTest> {
  if (a.length !== b.length) return noAnswer(say('statistics.valueNeedsPartner'));
  if (a.length < 2) return noAnswer(say('statistics.leastTwoPairsNeeded'));
  const differences = b.map((v, i) => v - a[i]!);
  return meanTest(mean(differences), standardDeviation(differences) / Math.sqrt(a.length), a.length - 1, level);
}
