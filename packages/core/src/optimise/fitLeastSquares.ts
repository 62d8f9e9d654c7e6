import { inverse, Matrix } from 'ml-matrix';

export interface LeastSquaresFit {
  parameters: number[];
  rss: number;
  /** True where the residuals are at right angles to every direction in which the curve can move. */
  converged: boolean;
  /** Standard errors from the linearised curve, n − p degrees of freedom; null where they cannot be had. */
  se: number[] | null;
}

const MOST_STEPS = 150;
/** The search gives up after so many steps that hardly lower the sum of squares: the best lies at infinity. */
const MOST_IDLE = 10;
const IDLE = 1e-7;
/** Relative offset at which the search ends (Bates and Watts 1981), and at which it counts as ended. */
const OFFSET_DONE = 1e-9;
const OFFSET_GOOD = 1e-5;

/**
 * Unweighted nonlinear least squares by Levenberg and Marquardt (Marquardt 1963): a step is taken only when the residual sum
 * of squares falls, and directions are scaled by the curve's own sensitivity.
 */
export function fitLeastSquares(
  curve: (parameters: readonly number[], t: number) => number,
  t: readonly number[],
  y: readonly number[],
  start: readonly number[],
): LeastSquaresFit {
  const residuals = (p: readonly number[]) => y.map((v, i) => v - curve(p, t[i]!));
  const squares = (r: readonly number[]) => r.reduce((sum, v) => sum + v * v, 0);
  let parameters = [...start];
  let r = residuals(parameters);
  let rss = squares(r);
  let damping = 1e-3;
  const total = squares(y);
  let idle = 0;
  for (let step = 0; step < MOST_STEPS && Number.isFinite(rss); step++) {
    const { normal, gradient } = linearise(curve, t, parameters, r);
    if (offset(normal, gradient, rss, t.length) < OFFSET_DONE || rss <= 1e-28 * total) break;
    let taken = false;
    for (; !taken && damping < 1e15; damping *= taken ? 1 : 10) {
      const move = solve(normal, gradient, damping);
      if (!move) continue;
      const tried = parameters.map((v, i) => v + move[i]!);
      const there = residuals(tried);
      const less = squares(there);
      if (less < rss) {
        idle = rss - less < IDLE * rss ? idle + 1 : 0;
        [parameters, r, rss, taken] = [tried, there, less, true];
        damping = Math.max(damping / 20, 1e-12);
      }
    }
    if (!taken || idle > MOST_IDLE) break;
  }
  const { normal, gradient } = linearise(curve, t, parameters, r);
  const covariance = invert(normal);
  const spare = t.length - parameters.length;
  const converged = Number.isFinite(rss) && (rss <= 1e-24 * total || offset(normal, gradient, rss, t.length) < OFFSET_GOOD);
  return {
    parameters,
    rss,
    converged: converged && covariance !== null,
    se: covariance && spare > 0 ? covariance.map((row, i) => Math.sqrt((row[i]! * rss) / spare)) : null,
  };
}

/** Normal matrix JᵀJ and Jᵀr, derivatives by central differences. */
function linearise(
  curve: (parameters: readonly number[], t: number) => number,
  t: readonly number[],
  parameters: readonly number[],
  r: readonly number[],
): { normal: number[][]; gradient: number[] } {
  const columns = parameters.map((value, i) => {
    const h = 6e-6 * Math.max(Math.abs(value), 1e-4);
    const up = parameters.map((v, k) => (k === i ? v + h : v));
    const down = parameters.map((v, k) => (k === i ? v - h : v));
    return t.map((at) => (curve(up, at) - curve(down, at)) / (2 * h));
  });
  const dot = (a: readonly number[], b: readonly number[]) => a.reduce((sum, v, i) => sum + v * b[i]!, 0);
  return { normal: columns.map((a) => columns.map((b) => dot(a, b))), gradient: columns.map((c) => dot(c, r)) };
}

/** Length of the residuals' part that the curve could still take up, against the part it cannot. */
function offset(normal: number[][], gradient: readonly number[], rss: number, n: number): number {
  const covariance = invert(normal);
  if (!covariance) return Infinity;
  const p = gradient.length;
  const inTangent = gradient.reduce((sum, g, i) => sum + g * covariance[i]!.reduce((s, v, j) => s + v * gradient[j]!, 0), 0);
  const outside = Math.max(rss - inTangent, 1e-30 * rss);
  return Math.sqrt(Math.max(0, inTangent) / p / (outside / Math.max(1, n - p)));
}

function solve(normal: number[][], gradient: readonly number[], damping: number): number[] | null {
  const damped = normal.map((row, i) => row.map((v, j) => (i === j ? v * (1 + damping) : v)));
  return invert(damped)?.map((row) => row.reduce((sum, v, j) => sum + v * gradient[j]!, 0)) ?? null;
}

/** Inverse after scaling the diagonal to one; null where two directions cannot be told apart. */
function invert(matrix: number[][]): number[][] | null {
  const size = matrix.map((row, i) => Math.sqrt(row[i]!));
  if (size.some((s) => !(s > 0) || !Number.isFinite(s))) return null;
  const scaled = matrix.map((row, i) => row.map((v, j) => v / (size[i]! * size[j]!)));
  try {
    const inverted = inverse(new Matrix(scaled)).to2DArray();
    if (inverted.some((row, i) => row.some((v) => !Number.isFinite(v)) || row[i]! < 0 || row[i]! > 1e13)) return null;
    return inverted.map((row, i) => row.map((v, j) => v / (size[i]! * size[j]!)));
  } catch {
    return null;
  }
}
