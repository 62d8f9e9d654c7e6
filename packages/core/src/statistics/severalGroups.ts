import { say } from '@bright-sprout/words/say';
import { mean, squaresAboutMean, standardDeviation } from './descriptives';
import { type Result } from '../result/result';
import { fTail } from './tails';

export interface OneWay {
  ssBetween: number;
  ssWithin: number;
  dfBetween: number;
  dfWithin: number;
  f: number;
  p: number;
  /** Share of the whole sum of squares that lies between groups. */
  eta2: number;
}

/** One-way analysis of variance (Fisher 1925). */
export function oneWay(groups: readonly (readonly number[])[]): Result<OneWay> {
  const n = groups.reduce((sum, g) => sum + g.length, 0);
  if (groups.length < 2 || groups.some((g) => g.length === 0))
    return { ok: false, reason: say('statistics.leastTwoGroupsValue') };
  const dfBetween = groups.length - 1;
  const dfWithin = n - groups.length;
  if (dfWithin < 1) return { ok: false, reason: say('statistics.containerGroupSpreadJudge') };
  const ssWithin = groups.reduce((sum, g) => sum + squaresAboutMean(g), 0);
  const ssBetween = Math.max(0, squaresAboutMean(groups.flat()) - ssWithin);
  if (ssWithin === 0) return { ok: false, reason: say('statistics.valuesGroupEqualSpread') };
  const f = ssBetween / dfBetween / (ssWithin / dfWithin);
  return {
    ok: true,
    ssBetween,
    ssWithin,
    dfBetween,
    dfWithin,
    f,
    p: fTail(f, dfBetween, dfWithin),
    eta2: ssBetween / (ssBetween + ssWithin),
  };
}

/** One-way comparison of means without assuming equal spread (Welch 1951). */
export function welchOneWay(
  groups: readonly (readonly number[])[],
): Result<{ f: number; dfNumerator: number; dfDenominator: number; p: number }> {
  if (groups.length < 2 || groups.some((g) => g.length < 2)) return { ok: false, reason: say('statistics.leastTwoGroupsTwo') };
  const weights = groups.map((g) => g.length / standardDeviation(g) ** 2);
  if (weights.some((w) => !Number.isFinite(w))) return { ok: false, reason: say('statistics.valuesOfAGroupEqual') };
  const k = groups.length;
  const total = weights.reduce((sum, w) => sum + w, 0);
  const centre = groups.reduce((sum, g, i) => sum + weights[i]! * mean(g), 0) / total;
  const lack = groups.reduce((sum, g, i) => sum + (1 - weights[i]! / total) ** 2 / (g.length - 1), 0);
  const between = groups.reduce((sum, g, i) => sum + weights[i]! * (mean(g) - centre) ** 2, 0) / (k - 1);
  const f = between / (1 + (2 * (k - 2) * lack) / (k ** 2 - 1));
  const dfDenominator = (k ** 2 - 1) / (3 * lack);
  return { ok: true, f, dfNumerator: k - 1, dfDenominator, p: fTail(f, k - 1, dfDenominator) };
}
