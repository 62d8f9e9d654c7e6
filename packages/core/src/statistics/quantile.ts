/** Quantile by linear interpolation at 1 + (n − 1)p: R's type 7 (Hyndman and Fan 1996). */
export function quantile(values: readonly number[], p: number): number {
  return quantileOfSorted(
    [...values].sort((a, b) => a - b),
    p,
  );
}

/** The same for values that are in ascending order already. */
export function quantileOfSorted(sorted: ArrayLike<number>, p: number): number {
  const at = (sorted.length - 1) * p;
  const below = Math.floor(at);
  const next = sorted[Math.min(below + 1, sorted.length - 1)]!;
  return sorted[below]! + (at - below) * (next - sorted[below]!);
}
