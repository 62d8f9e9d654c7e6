/** Chances of sums over blocks, counted without listing every deal: sum of whole numbers → ways. */
export type Deals = ReadonlyMap<number, number>;

/** A block whose treated containers are chosen among its values. */
export interface DealtBlock {
  values: readonly number[];
  treated: number;
}

/** So much work is done at most; beyond it the caller lists or draws. */
const MOST_STEPS = 20_000_000;
/** Digits after the point up to which values can be made whole: rulers, counts and scales have fewer. */
const DIGITS = 4;
const LARGEST = 2 ** 50;

/**
 * The statistic of every deal, Σ over blocks of (mean of the treated − mean of the rest), as whole multiples of `step`, each
 * with its number of ways: sums within a block by counting up its containers one by one, sums over blocks by convolution
 * (Pagano and Tritchler 1983). Null where values are no decimals of a few digits, or where there would be too many sums.
 */
export function exactDeals(blocks: readonly DealtBlock[]): { deals: Deals; step: number } | null {
  const digits = digitsOf(blocks.flatMap((b) => b.values));
  if (digits === null) return null;
  const power = 10 ** digits;
  const spans = blocks.map((b) => b.treated * (b.values.length - b.treated));
  const common = spans.reduce(leastCommonMultiple, 1);
  if (common * power > LARGEST) return null;
  let deals: Deals = new Map([[0, 1]]);
  let steps = 0;
  for (const [i, { values, treated }] of blocks.entries()) {
    const whole = values.map((v) => Math.round(v * power));
    const total = whole.reduce((a, b) => a + b, 0);
    const chosen = sumsOfChosen(whole, treated, MOST_STEPS - steps);
    if (chosen === null) return null;
    const next = new Map<number, number>();
    steps += deals.size * chosen.size;
    if (steps > MOST_STEPS) return null;
    // (sum/treated − (total − sum)/rest) × treated × rest = sum × n − total × treated: a whole number.
    for (const [sum, ways] of chosen) {
      const difference = (sum * values.length - total * treated) * (common / spans[i]!);
      for (const [before, count] of deals) next.set(before + difference, (next.get(before + difference) ?? 0) + count * ways);
    }
    deals = next;
  }
  return { deals, step: 1 / (common * power) };
}

/** Sums of every choice of `k` among whole numbers, with their ways; null beyond the work allowed. */
function sumsOfChosen(values: readonly number[], k: number, most: number): Map<number, number> | null {
  const bySize = Array.from({ length: k + 1 }, () => new Map<number, number>());
  bySize[0]!.set(0, 1);
  let steps = 0;
  for (const value of values)
    for (let size = k - 1; size >= 0; size--) {
      steps += bySize[size]!.size;
      if (steps > most) return null;
      for (const [sum, ways] of bySize[size]!)
        bySize[size + 1]!.set(sum + value, (bySize[size + 1]!.get(sum + value) ?? 0) + ways);
    }
  return bySize[k]!;
}

/** Fewest digits after the point with which all values are exact; null where more than a few are needed. */
function digitsOf(values: readonly number[]): number | null {
  for (let digits = 0; digits <= DIGITS; digits++) {
    const power = 10 ** digits;
    if (values.every((v) => Math.abs(v * power - Math.round(v * power)) < 1e-6 * Math.max(1, Math.abs(v)))) return digits;
  }
  return null;
}

function leastCommonMultiple(a: number, b: number): number {
  let [x, y] = [a, b];
  while (y !== 0) [x, y] = [y, x % y];
  return (a / x) * b;
}
