import { type CurveName, type GrowthCurve } from './curves';

/** The curves whose shape has to be searched for. */
type Shaped = Exclude<CurveName, 'linear'>;

/** Parameters that enter the curve as they are; the level (and the start of the monomolecular curve) follows by least squares. */
type Shape = readonly number[];

const BEST = 4;

/**
 * Starting values from the heights themselves: a grid of shapes, for each of which the levels are a linear least-squares
 * problem; the few shapes that leave the least are handed on.
 */
export function curveStarts(curve: GrowthCurve, t: readonly number[], y: readonly number[]): number[][] {
  if (curve.name === 'linear') return [straightLine(t, y)];
  const { name } = curve;
  const first = Math.min(...t);
  const span = Math.max(...t) - first;
  return GRID[name](first, span)
    .map((shape) => withLevels(name, shape, t, y))
    .filter((p) => p.every(Number.isFinite) && curve.allowed(p))
    .map((p) => ({ p, rss: y.reduce((sum, v, i) => sum + (v - curve.value(p, t[i]!)) ** 2, 0) }))
    .filter(({ rss }) => Number.isFinite(rss))
    .sort((a, b) => a.rss - b.rss)
    .slice(0, BEST)
    .map(({ p }) => p);
}

const crossed = (a: readonly number[], b: readonly number[]): Shape[] => a.flatMap((x) => b.map((y) => [x, y]));

const MIDDLES = Array.from({ length: 15 }, (_, i) => -0.2 + i * 0.12);
const RATES = [1, 2, 4, 7, 12, 20, 40];

const GRID: Record<Shaped, (first: number, span: number) => Shape[]> = {
  monomolecular: (_, span) => [0.05, 0.2, 0.5, 1, 2, 4, 8, 16, 32].map((k) => [k / span]),
  logistic: (first, span) =>
    crossed(
      MIDDLES.map((m) => first + m * span),
      RATES.map((r) => span / r),
    ),
  gompertz: (first, span) =>
    crossed(
      MIDDLES.map((m) => first + m * span),
      RATES.map((r) => r / span),
    ),
  richards: (first, span) =>
    crossed(
      MIDDLES.map((m) => first + m * span),
      RATES.map((r) => r / span),
    ).flatMap((s) => [0.2, 0.7, 1.5, 4].map((b4) => [...s, b4])),
};

/** Full parameters of a shape with the levels that suit the heights best. */
function withLevels(name: Shaped, shape: Shape, t: readonly number[], y: readonly number[]): number[] {
  if (name === 'monomolecular') {
    const falling = t.map((at) => Math.exp(-shape[0]! * at));
    const [level, drop] = straightLine(falling, y);
    return [level, level + drop, Math.log(shape[0]!)];
  }
  const [middle, rate, b4] = shape as [number, number, number];
  const parameters: Record<Exclude<Shaped, 'monomolecular'>, (level: number) => number[]> = {
    logistic: (level) => [level, middle, rate],
    gompertz: (level) => [level, Math.exp(rate * middle), Math.exp(-rate)],
    richards: (level) => [level, rate * middle + Math.log(b4), rate, b4],
  };
  const unit = t.map((at) => UNIT[name](shape, at));
  const scale = unit.reduce((sum, u, i) => sum + u * y[i]!, 0) / unit.reduce((sum, u) => sum + u * u, 0);
  return parameters[name](scale);
}

/** The curves with a level of one. */
const UNIT: Record<Exclude<Shaped, 'monomolecular'>, (shape: Shape, t: number) => number> = {
  logistic: ([middle, scale], t) => 1 / (1 + Math.exp((middle! - t) / scale!)),
  gompertz: ([middle, rate], t) => Math.exp(-Math.exp(-rate! * (t - middle!))),
  richards: ([middle, rate, b4], t) => (1 + Math.exp(-rate! * (t - middle!)) * b4!) ** (-1 / b4!),
};

/** Intercept and slope of y on x. */
function straightLine(x: readonly number[], y: readonly number[]): [number, number] {
  const n = x.length;
  const [mx, my] = [x.reduce((a, b) => a + b, 0) / n, y.reduce((a, b) => a + b, 0) / n];
  const sxx = x.reduce((sum, v) => sum + (v - mx) ** 2, 0);
  const slope = x.reduce((sum, v, i) => sum + (v - mx) * (y[i]! - my), 0) / sxx;
  return [my - slope * mx, slope];
}
