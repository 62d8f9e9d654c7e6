import gammaln from '@stdlib/math-base-special-gammaln';
import { noAnswer, type Result } from '../result/result';
import { shareProblem } from './proportions';

export interface FisherTwoByTwo {
  /** Sum of the probabilities of all tables no likelier than the one seen, with a relative slack of 1e-7 for equal ones. */
  p: number;
  /** That the odds of the second group are greater, and that they are less. */
  pGreater: number;
  pLess: number;
  /** Odds of the second group over those of the first as they stand; null where a count of 0 leaves them without a value. */
  oddsRatio: number | null;
  /** The conditional maximum-likelihood estimate of it; null where it is 0 divided by 0 or without an end. */
  conditionalOddsRatio: number | null;
  /** Its exact interval; a null end is open. */
  interval: { low: number; high: number | null };
}

/** Two groups of seeds with both margins fixed (Fisher 1935): x1 of n1 against x2 of n2. */
export function fisherTwoByTwo(x1: number, n1: number, x2: number, n2: number, level = 0.95): Result<FisherTwoByTwo> {
  const problem = shareProblem(x1, n1) ?? shareProblem(x2, n2);
  if (problem) return noAnswer(problem);
  const up = x1 + x2;
  const [least, most] = [Math.max(0, up - n1), Math.min(n2, up)];
  const logChoose = (n: number, k: number) => gammaln(n + 1) - gammaln(k + 1) - gammaln(n - k + 1);
  const counts = Array.from({ length: most - least + 1 }, (_, i) => least + i);
  const logs = counts.map((k) => logChoose(n2, k) + logChoose(n1, up - k));
  const central = logs.map((l) => l - logChoose(n1 + n2, up));
  const seen = central[x2 - least]!;
  const p = central.reduce((sum, l) => (l <= seen + 1e-7 ? sum + Math.exp(l) : sum), 0);
  /** Distribution of the second group's count where its log odds are so much greater. */
  const at = (logOdds: number) => {
    const terms = logs.map((l, i) => l + logOdds * counts[i]!);
    const top = Math.max(...terms);
    const weights = terms.map((t) => Math.exp(t - top));
    const all = weights.reduce((a, b) => a + b, 0);
    return weights.map((w) => w / all);
  };
  const tail = (logOdds: number, fits: (k: number) => boolean) =>
    at(logOdds).reduce((sum, w, i) => (fits(counts[i]!) ? sum + w : sum), 0);
  const meanAt = (logOdds: number) => at(logOdds).reduce((sum, w, i) => sum + w * counts[i]!, 0);
  const beyond = (1 - level) / 2;
  const only = least === most;
  return {
    ok: true,
    p: Math.min(1, p),
    pGreater: Math.min(
      1,
      tail(0, (k) => k >= x2),
    ),
    pLess: Math.min(
      1,
      tail(0, (k) => k <= x2),
    ),
    oddsRatio: sampleOddsRatio(x1, n1, x2, n2),
    conditionalOddsRatio: only || x2 === most ? null : x2 === least ? 0 : rising((l) => meanAt(l) - x2),
    interval: {
      low: only || x2 === least ? 0 : rising((l) => tail(l, (k) => k >= x2) - beyond),
      high: only || x2 === most ? null : rising((l) => beyond - tail(l, (k) => k <= x2)),
    },
  };
}

function sampleOddsRatio(x1: number, n1: number, x2: number, n2: number): number | null {
  const below = (n2 - x2) * x1;
  return below === 0 ? null : (x2 * (n1 - x1)) / below;
}

/** The ratio at whose logarithm a rising function is 0, by halving. */
function rising(f: (logRatio: number) => number): number {
  let [low, high] = [-60, 60];
  for (let i = 0; i < 200; i++) {
    const middle = (low + high) / 2;
    if (f(middle) < 0) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}
