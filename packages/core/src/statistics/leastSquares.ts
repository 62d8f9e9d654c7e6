/**
 * Directions of a design at right angles and of length one, by modified Gram–Schmidt; columns that add nothing are left
 * out, so any coding of the factors serves.
 */
function orthonormalBasis(columns: readonly (readonly number[])[]): number[][] {
  const basis: number[][] = [];
  for (const column of columns) {
    const left = orthogonal(column, basis);
    const size = Math.sqrt(dot(left, left));
    if (size > 1e-9 * Math.sqrt(dot(column, column))) basis.push(left.map((v) => v / size));
  }
  return basis;
}

/** Residual sum of squares of an ordinary least-squares fit, and the number of columns that counted. */
export function residualSquares(columns: readonly (readonly number[])[], y: readonly number[]): { rss: number; rank: number } {
  const basis = orthonormalBasis(columns);
  const residual = orthogonal(y, basis);
  return { rss: dot(residual, residual), rank: basis.length };
}

function dot(a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
}

/** What of a vector no direction of the basis explains; twice over, so that rounding leaves nothing behind. */
function orthogonal(vector: readonly number[], basis: readonly (readonly number[])[]): number[] {
  let left = [...vector];
  for (let pass = 0; pass < 2; pass++)
    for (const direction of basis) {
      const share = dot(left, direction);
      left = left.map((v, i) => v - share * direction[i]!);
    }
  return left;
}

/** One column of 0 and 1 for each level of a factor, in order of appearance. */
export function indicators(levels: readonly string[]): number[][] {
  return [...new Set(levels)].map((level) => levels.map((l) => (l === level ? 1 : 0)));
}

/** Solves a small system by elimination with pivots; null when it is singular. */
export function solve(matrix: readonly (readonly number[])[], right: readonly number[]): number[] | null {
  return (
    eliminated(
      matrix.map((row, i) => [...row, right[i]!]),
      matrix.length,
    )?.map(([value]) => value!) ?? null
  );
}

/** The inverse of a small matrix; null when it is singular. */
export function invert(matrix: readonly (readonly number[])[]): number[][] | null {
  return eliminated(
    matrix.map((row, i) => [...row, ...matrix.map((_, j) => (i === j ? 1 : 0))]),
    matrix.length,
  );
}

/** Gauss and Jordan: the columns after the first `n`, multiplied by the inverse of those. */
function eliminated(rows: number[][], n: number): number[][] | null {
  for (let c = 0; c < n; c++) {
    let pivot = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(rows[r]![c]!) > Math.abs(rows[pivot]![c]!)) pivot = r;
    [rows[c], rows[pivot]] = [rows[pivot]!, rows[c]!];
    const head = rows[c]![c]!;
    if (Math.abs(head) < 1e-12) return null;
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const factor = rows[r]![c]! / head;
      for (let j = c; j < rows[r]!.length; j++) rows[r]![j]! -= factor * rows[c]![j]!;
    }
  }
  return rows.map((row, i) => row.slice(n).map((v) => v / row[i]!));
}
