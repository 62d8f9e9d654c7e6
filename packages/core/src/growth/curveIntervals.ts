import { say } from '@bright-sprout/words/say';
import { type Interval } from '../statistics/descriptives';
import { quantile } from '../statistics/quantile';
import { type Result } from '../result/result';
import { fitLeastSquares } from '../optimise/fitLeastSquares';
import { generatorFrom } from '../random/generator';
import { type CurveName, CURVES, inOrder } from './curves';
import { type CurveFit, fitCurve } from './fitCurve';
import { type GrowthSeries } from './rates';

export interface CurveIntervals {
  fit: CurveFit;
  /** 95 % percentile intervals from containers drawn again; null where the curve has no such thing. */
  asymptote: Interval | null;
  greatestRate: Interval | null;
  inflectionTime: Interval | null;
  resamples: number;
  /** Share of draws for which the curve had no finite answer; they are in no interval. */
  failed: number;
}

const FEWEST_CONTAINERS = 4;
/** With more failures than this the intervals would speak of the draws that happened to work. */
const MOST_FAILED = 0.1;

/**
 * Intervals of a curve through several containers' heights: whole containers are drawn again with replacement, so that the
 * heights of one container stay together (Efron and Tibshirani 1993, chapter 9).
 */
export function curveIntervals(
  name: CurveName,
  containers: readonly GrowthSeries[],
  seed: number,
  resamples = 1000,
): Result<CurveIntervals> {
  if (containers.length < FEWEST_CONTAINERS)
    return { ok: false, reason: say('growth.intervalsNeedLeastContainers', { fewestContainers: FEWEST_CONTAINERS }) };
  const pooled = (list: readonly GrowthSeries[]) => ({ t: list.flatMap((c) => [...c.t]), y: list.flatMap((c) => [...c.h]) });
  const fit = fitCurve(name, pooled(containers));
  if (!fit.ok) return fit;
  const curve = CURVES[name];
  const random = generatorFrom(seed);
  const found: { asymptote: number | null; rate: number | null; time: number | null }[] = [];
  for (let draw = 0; draw < resamples; draw++) {
    const drawn = pooled(containers.map(() => containers[random.below(containers.length)]!));
    const again = fitLeastSquares(curve.value, drawn.t, drawn.y, inOrder(curve, fit.parameters));
    if (!again.converged || !curve.allowed(again.parameters)) continue;
    const fastest = curve.inflection(again.parameters);
    found.push({
      asymptote: curve.asymptote(again.parameters),
      rate: fastest?.rate ?? null,
      time: fastest?.t ?? null,
    });
  }
  const failed = 1 - found.length / resamples;
  if (failed > MOST_FAILED) return { ok: false, reason: say('growth.curveHangsSingleContainers') };
  const interval = (pick: (f: (typeof found)[number]) => number | null): Interval | null => {
    const values = found.map(pick).filter((v) => v !== null);
    return values.length === 0 ? null : { low: quantile(values, 0.025), high: quantile(values, 0.975) };
  };
  return {
    ok: true,
    fit,
    asymptote: interval((f) => f.asymptote),
    greatestRate: interval((f) => f.rate),
    inflectionTime: interval((f) => f.time),
    resamples,
    failed,
  };
}
