/** Means of equal readings can differ in their last digits: for a rank they are the same. */
const asRanked = (values: readonly number[]) => values.map((v) => Number(v.toPrecision(12)));

/** Ranks from 1, equal values sharing the middle of their ranks. */
export function midranks(unrounded: readonly number[]): number[] {
  const values = asRanked(unrounded);
  const order = values.map((_, i) => i).sort((i, j) => values[i]! - values[j]!);
  const ranks = new Array<number>(values.length);
  for (let from = 0; from < order.length;) {
    let to = from;
    while (to < order.length && values[order[to]!] === values[order[from]!]) to++;
    for (let k = from; k < to; k++) ranks[order[k]!] = (from + 1 + to) / 2;
    from = to;
  }
  return ranks;
}

/** Σ(t³ − t) over groups of equal values: what ties take from the spread of ranks. */
export function tieSum(values: readonly number[]): number {
  const counts = new Map<number, number>();
  for (const v of asRanked(values)) counts.set(v, (counts.get(v) ?? 0) + 1);
  return [...counts.values()].reduce((sum, t) => sum + t ** 3 - t, 0);
}
