import { TIE } from './arrangements';
import { type Interval } from './descriptives';

/** Below this an interval leaves zero out. */
export const LEVEL = 0.05;

/** What is known of a question before any label is dealt again. */
interface Estimate {
  estimate: number;
  se: number;
  t: number;
}

/** Counts deals against what was seen. */
export function countDeals(seen: readonly Estimate[], f: number, deals: number) {
  const reach = seen.map(({ t }) => Math.abs(t) * (1 - TIE));
  const [alone, among] = [seen.map(() => 0), seen.map(() => 0)];
  const each = seen.map(() => new Float64Array(deals + 1));
  const greatest = new Float64Array(deals + 1);
  let [dealt, overall] = [0, 0];
  const add = (t: Float64Array, fNow: number) => {
    let most = 0;
    for (let q = 0; q < reach.length; q++) {
      const size = Math.abs(t[q]!);
      each[q]![dealt] = size;
      if (size > most) most = size;
      if (size >= reach[q]!) alone[q]!++;
    }
    for (let q = 0; q < reach.length; q++) if (most >= reach[q]!) among[q]!++;
    if (fNow >= f * (1 - TIE)) overall++;
    greatest[dealt] = most;
    dealt++;
  };
  return {
    add,
    /** Counts, the statistics of each question and the greatest ones; where deals were drawn the one seen is one more of them. */
    counted: (drawn: boolean) => {
      const most = Math.max(...seen.map(({ t }) => Math.abs(t)));
      const n = dealt + (drawn ? 1 : 0);
      if (drawn) {
        greatest[dealt] = most;
        seen.forEach(({ t }, q) => (each[q]![dealt] = Math.abs(t)));
      }
      const add1 = (count: number) => (count + (drawn ? 1 : 0)) / n;
      return {
        n,
        alone: alone.map(add1),
        among: among.map(add1),
        overall: add1(overall),
        each: each.map((values) => values.subarray(0, n).sort()),
        greatest: greatest.subarray(0, n).sort(),
        f,
      };
    },
  };
}

/** The largest size that at least one deal in twenty reaches: beyond it p is below 0.05, up to it it is not. */
export function criticalSize(ascending: Float64Array): number {
  const n = ascending.length;
  return ascending[n - Math.max(1, Math.ceil(LEVEL * n - 1e-9))]!;
}

/** estimate ± critical × se, held to the side of zero that its p says where rounding would not. */
export function intervalOf({ estimate, se }: Estimate, critical: number, clear: boolean): Interval {
  const half = critical * se;
  const [low, high] = [estimate - half, estimate + half];
  if (clear) return { low, high };
  return { low: Math.min(low, 0), high: Math.max(high, 0) };
}
