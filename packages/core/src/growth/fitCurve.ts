import { say } from '@bright-sprout/words/say';
import { noAnswer, type Result } from '../result/result';
import { fitLeastSquares, type LeastSquaresFit } from '../optimise/fitLeastSquares';
import { type CurveName, CURVES, type FastestGrowth, type GrowthCurve, named } from './curves';
import { curveStarts } from './curveStarts';

export interface CurveFit {
  curve: CurveName;
  /** By the names of the curve's parameters. */
  parameters: Record<string, number>;
  /** Standard errors by the same names, n − p degrees of freedom. */
  se: Record<string, number>;
  n: number;
  rss: number;
  residualSd: number;
  r2: number;
  /** n(ln 2π + ln(rss/n) + 1) + 2(p + 1), and its small-sample form; null where they are not defined. */
  aic: number | null;
  aicc: number | null;
  bic: number | null;
  /** Null for a straight line. */
  asymptote: number | null;
  /** Null for a curve that only ever slows down. */
  inflection: FastestGrowth | null;
  /** The asymptote lies beyond everything measured: a guess about the future, to be said as such. */
  beyondTheData: boolean;
}

export interface GrowthPoints {
  t: readonly number[];
  y: readonly number[];
}

/** A level so far above the tallest plant is no level. */
const NO_LEVEL = 100;
/** An asymptote this much above the tallest plant is a guess. */
const GUESS = 1.15;

/**
 * Fits one growth curve by least squares, from its own starting values or from one given.
 * Refuses with the reason where least squares has no finite answer, as with plants that have not slowed down yet.
 */
export function fitCurve(name: CurveName, { t, y }: GrowthPoints, start?: readonly number[]): Result<CurveFit> {
  const curve = CURVES[name];
  const p = curve.parameters.length;
  if (new Set(t).size <= p)
    return { ok: false, reason: say('growth.curveUnknownsNeedsHeights', { name, unknowns: p, days: p + 1 }) };
  if (Math.max(...y) - Math.min(...y) === 0) return { ok: false, reason: say('growth.heightsEqualNothingGrown') };
  const starts = start ? [start] : curveStarts(curve, t, y);
  const found = starts.map((s) => fitLeastSquares(curve.value, t, y, s)).filter((fit) => fit.converged && fit.se !== null);
  const best = found
    .filter((fit) => sensible(curve, fit, t, y))
    .reduce<LeastSquaresFit | null>((a, b) => (a === null || b.rss < a.rss ? b : a), null);
  if (best === null)
    return noAnswer(
      found.length > 0 ? say('growth.curveFitsBestHeights', { name }) : say('growth.curveComesRestHeights', { name, p }),
    );
  return { ok: true, ...summary(curve, best, y) };
}

function sensible(curve: GrowthCurve, { parameters }: LeastSquaresFit, t: readonly number[], y: readonly number[]): boolean {
  const span = Math.max(...t) - Math.min(...t);
  const straight = curve.name === 'monomolecular' && Math.exp(parameters[2]!) * span < 1e-3;
  const level = curve.asymptote(parameters) ?? 0;
  return curve.allowed(parameters) && !straight && Math.abs(level) <= NO_LEVEL * Math.max(...y.map(Math.abs));
}

function summary(curve: GrowthCurve, { parameters, se, rss }: LeastSquaresFit, y: readonly number[]): CurveFit {
  const n = y.length;
  const p = parameters.length;
  const centre = y.reduce((sum, v) => sum + v, 0) / n;
  const total = y.reduce((sum, v) => sum + (v - centre) ** 2, 0);
  const exact = rss <= 1e-24 * total;
  const base = n * (Math.log(2 * Math.PI) + Math.log(rss / n) + 1);
  const k = p + 1;
  const aic = exact ? null : base + 2 * k;
  const asymptote = curve.asymptote(parameters);
  return {
    curve: curve.name,
    parameters: named(curve, parameters),
    se: named(curve, se!),
    n,
    rss,
    residualSd: Math.sqrt(rss / (n - p)),
    r2: 1 - rss / total,
    aic,
    aicc: aic === null || n - k - 1 <= 0 ? null : aic + (2 * k * (k + 1)) / (n - k - 1),
    bic: exact ? null : base + k * Math.log(n),
    asymptote,
    inflection: curve.inflection(parameters),
    beyondTheData: asymptote !== null && asymptote > GUESS * Math.max(...y),
  };
}
