/** Deals by their gap, in bins outward from the real gap, so that no bin straddles it. */
export interface Pile {
  /** Width of a bin, in the unit of the gap. */
  width: number;
  bins: ReadonlyMap<number, number>;
  dealt: number;
  /** The outermost bins: what lies beyond is put there. */
  outermost: number;
  /** Deals whose gap is at least as big as the real one, in either direction. */
  beyond: number;
}

/** Bins on each side of zero up to the real gap, and the least there are. */
const TO_GAP = 12;
const FINEST = 40;

export function emptyPile(gap: number, reach: number): Pile {
  const size = Math.abs(gap);
  const steps = Math.max(1, Math.min(TO_GAP, Math.round((FINEST / 2) * (size / Math.max(reach, size, 1e-300)))));
  const width = size > reach / FINEST ? size / steps : reach / (FINEST / 2) || 1;
  const outermost = Math.ceil((Math.max(reach, size) * 1.08) / width);
  return { width, outermost, bins: new Map(), dealt: 0, beyond: 0 };
}

/** Floating point must not push a deal as big as the real one below it. */
const TIE = 1e-9;

export function binOf(value: number, width: number): number {
  const steps = Math.floor(Math.abs(value) / width + TIE);
  return value >= 0 ? steps : -steps - 1;
}

export function withDeals(pile: Pile, values: readonly number[], gap: number): Pile {
  const bins = new Map(pile.bins);
  let beyond = pile.beyond;
  for (const value of values) {
    const bin = Math.max(-pile.outermost - 1, Math.min(pile.outermost, binOf(value, pile.width)));
    bins.set(bin, (bins.get(bin) ?? 0) + 1);
    if (Math.abs(value) >= Math.abs(gap) * (1 - TIE)) beyond++;
  }
  return { ...pile, bins, beyond, dealt: pile.dealt + values.length };
}

/** Deals that one grain stands for, so that the highest pile fits into so many grains. */
export function dealsAGrain({ bins }: Pick<Pile, 'bins'>, most: number): number {
  const highest = Math.max(0, ...bins.values());
  return [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10_000].find((n) => highest / n <= most) ?? 20_000;
}
