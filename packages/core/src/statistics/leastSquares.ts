/**
 * Directions of a design at right angles and of length one, by modified Gram–Schmidt; columns that add nothing are left
 * out, so any coding of the factors serves.
 */
export function orthonormalBasis(columns: readonly (readonly number[])[]): number[][] {
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

/** Squared length of a vector's part along a basis, and what is left of it. */
export function partAlong(vector: readonly number[], basis: readonly (readonly number[])[]): { length2: number; rest: number[] } {
  const rest = [...vector];
  let length2 = 0;
  for (const direction of basis) {
    const share = dot(vector, direction);
    length2 += share * share;
    for (let i = 0; i < rest.length; i++) rest[i]! -= share * direction[i]!;
  }
  return { length2, rest };
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
