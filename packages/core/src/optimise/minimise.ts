import { inverse, Matrix } from 'ml-matrix';

/** The lowest point found of a smooth function, with the curvature there. */
export interface Minimum {
  at: number[];
  value: number;
  /** True where the gradient vanished and the curvature is that of a valley in every direction. */
  converged: boolean;
  /** Inverse of the matrix of second derivatives; null where it cannot be inverted. */
  inverseCurvature: number[][] | null;
}

const MOST_STEPS = 200;
const GRADIENT_DONE = 1e-7;

/**
 * Newton's method with Marquardt's damping for a few parameters, derivatives by central differences. Steps that do not go
 * down are not taken.
 * @param scale about how far each parameter has to move to matter; gives the size of the differences
 */
export function minimise(f: (at: readonly number[]) => number, start: readonly number[], scale: readonly number[]): Minimum {
  let at = [...start];
  let value = f(at);
  let damping = 1e-3;
  for (let step = 0; step < MOST_STEPS && Number.isFinite(value); step++) {
    const g = gradient(f, at, scale);
    if (Math.max(...g.map((v, i) => Math.abs(v * scale[i]!))) < GRADIENT_DONE) break;
    const curvature = secondDerivatives(f, at, scale);
    let moved = false;
    while (!moved && damping < 1e12) {
      const move = solveDamped(curvature, g, damping);
      const tried = move && at.map((v, i) => v - move[i]!);
      const there = tried ? f(tried) : Infinity;
      if (there <= value) {
        moved = there < value || damping <= 1e-9;
        at = tried!;
        value = there;
        damping = Math.max(damping / 10, 1e-10);
        if (!moved) damping = 1e12;
      } else damping *= 10;
    }
    if (!moved) break;
  }
  const g = gradient(f, at, scale);
  const inverseCurvature = positiveInverse(secondDerivatives(f, at, scale));
  const flat = Math.max(...g.map((v, i) => Math.abs(v * scale[i]!))) < 1e-4;
  return { at, value, converged: Number.isFinite(value) && flat && inverseCurvature !== null, inverseCurvature };
}

function gradient(f: (at: readonly number[]) => number, at: readonly number[], scale: readonly number[]): number[] {
  return at.map((_, i) => {
    const h = 1e-4 * scale[i]!;
    const slope = (k: number) => (f(moved(at, i, k * h)) - f(moved(at, i, -k * h))) / (2 * k * h);
    return (4 * slope(1) - slope(2)) / 3;
  });
}

/** Central differences at two widths, extrapolated (Richardson 1911). */
function secondDerivatives(f: (at: readonly number[]) => number, at: readonly number[], scale: readonly number[]): number[][] {
  const middle = f(at);
  const second = (i: number, j: number, width: number) => {
    const [hi, hj] = [width * scale[i]!, width * scale[j]!];
    if (i === j) return (f(moved(at, i, hi)) - 2 * middle + f(moved(at, i, -hi))) / hi ** 2;
    const corner = (a: number, b: number) => f(moved(moved(at, i, a * hi), j, b * hj));
    return (corner(1, 1) - corner(1, -1) - corner(-1, 1) + corner(-1, -1)) / (4 * hi * hj);
  };
  return at.map((_, i) => at.map((_, j) => (4 * second(i, j, 0.005) - second(i, j, 0.01)) / 3));
}

function moved(at: readonly number[], i: number, by: number): number[] {
  return at.map((v, k) => (k === i ? v + by : v));
}

function solveDamped(curvature: number[][], g: readonly number[], damping: number): number[] | null {
  const damped = curvature.map((row, i) =>
    row.map((v, j) => (i === j ? Math.abs(v) * (1 + damping) + (damping > 1e-3 ? damping * 1e-6 : 0) : v)),
  );
  return positiveInverse(damped)?.map((row) => row.reduce((sum, v, j) => sum + v * g[j]!, 0)) ?? null;
}

/** The inverse of a symmetric matrix whose diagonal stays positive on the way; null for any other. */
function positiveInverse(matrix: number[][]): number[][] | null {
  if (matrix.flat().some((v) => !Number.isFinite(v))) return null;
  try {
    const inverted = inverse(new Matrix(matrix)).to2DArray();
    const good = inverted.every((row, i) => row.every(Number.isFinite) && row[i]! > 0) && matrix.every((row, i) => row[i]! > 0);
    return good ? inverted : null;
  } catch {
    return null;
  }
}
