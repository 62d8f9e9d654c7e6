import { say } from '@bright-sprout/words/say';
import gammaln from '@stdlib/math-base-special-gammaln';
import { columnSums, type CountTable, rowSums, tableProblem } from './contingency';
import { type Result } from '../result/result';

/** So many partial results are kept at once at most. */
const MOST_KEPT = 1_000_000;
/** Work beyond this would keep a page waiting. */
const MOST_DEALS = 100_000_000;
/** Tables whose log chances differ by less than this count as equally likely. */
const EQUAL = 1e-7;
/** Partial results whose logs agree to this are one. */
const SAME = 1e9;

const TOO_LARGE = {
  ok: false,
  get reason() {
    return say('statistics.tableTooLargeCount');
  },
} as const;

/** Least and greatest Σ ln x! that the cells still to be dealt can come to. */
interface Rest {
  least: number;
  most: number;
}

/**
 * Exact p of an r × c table with its margins fixed (Freeman and Halton 1951): the chances of all tables no likelier than the
 * one seen. Columns are dealt one after the other; equal remainders are kept once, and a remainder all or none of whose
 * completions count is settled at once (the network algorithm of Mehta and Patel 1983).
 */
export function fisherFreemanHalton(given: CountTable): Result<{ p: number }> {
  const problem = tableProblem(given);
  if (problem) return { ok: false, reason: problem };
  const table = given.length <= given[0]!.length ? given : given[0]!.map((_, j) => given.map((row) => row[j]!));
  const rows = rowSums(table).sort((a, b) => a - b);
  const columns = columnSums(table).sort((a, b) => b - a);
  const n = rows.reduce((a, b) => a + b, 0);
  const logFactorial = Array.from({ length: n + 1 }, (_, k) => gammaln(k + 1));
  const logs = (values: readonly number[]) => values.reduce((sum, v) => sum + logFactorial[v]!, 0);
  const constant = logs(rows) + logs(columns) - logFactorial[n]!;
  const seen = constant - logs(table.flat());
  const rest = restOf(columns, logFactorial);
  let states = new Map<string, { left: number[]; ways: Map<number, { log: number; count: number }> }>();
  states.set(rows.join(), { left: rows, ways: new Map([[0, { log: 0, count: 1 }]]) });
  let p = 0;
  for (let stage = 0; stage < columns.length; stage++) {
    const next: typeof states = new Map();
    let kept = 0;
    const later = columns.slice(stage + 1);
    for (const { left, ways } of states.values()) {
      let tooMany = false;
      dealColumn(columns[stage]!, left, (part) => {
        if (tooMany) return;
        const cost = logs(part);
        const remaining = left.map((v, i) => v - part[i]!).sort((a, b) => a - b);
        const bounds = rest(stage + 1, remaining);
        if (!bounds) return void (tooMany = true);
        const all = logFactorial[remaining.reduce((a, b) => a + b, 0)]! - logs(remaining) - logs(later);
        const key = remaining.join();
        let state = next.get(key);
        for (const { log, count } of ways.values()) {
          const total = log + cost;
          if (constant - total - bounds.most > seen + EQUAL) continue;
          if (constant - total - bounds.least <= seen + EQUAL) {
            p += count * Math.exp(constant - total + all);
            continue;
          }
          if (!state) next.set(key, (state = { left: remaining, ways: new Map() }));
          const step = Math.round(total * SAME);
          const same = state.ways.get(step);
          if (same) same.count += count;
          else {
            state.ways.set(step, { log: total, count });
            kept++;
          }
        }
      });
      if (tooMany || kept > MOST_KEPT) return TOO_LARGE;
    }
    states = next;
  }
  return { ok: true, p: Math.min(1, p) };
}

/** Bounds of what is left after a stage, each remainder worked out once; null when there is too much of it. */
function restOf(
  columns: readonly number[],
  logFactorial: readonly number[],
): (stage: number, left: readonly number[]) => Rest | null {
  const known = columns.map(() => new Map<string, Rest>());
  let deals = 0;
  const rest = (stage: number, left: readonly number[]): Rest | null => {
    if (stage === columns.length) return { least: 0, most: 0 };
    if (stage === columns.length - 1) {
      const last = left.reduce((sum, v) => sum + logFactorial[v]!, 0);
      return { least: last, most: last };
    }
    const key = left.join();
    const before = known[stage]!.get(key);
    if (before) return before;
    let [least, most] = [Infinity, -Infinity];
    dealColumn(columns[stage]!, left, (part) => {
      if (++deals > MOST_DEALS) return;
      const cost = part.reduce((sum, v) => sum + logFactorial[v]!, 0);
      const after = rest(
        stage + 1,
        left.map((v, i) => v - part[i]!).sort((a, b) => a - b),
      );
      if (!after) return;
      least = Math.min(least, cost + after.least);
      most = Math.max(most, cost + after.most);
    });
    if (deals > MOST_DEALS) return null;
    const found = { least, most };
    known[stage]!.set(key, found);
    return found;
  };
  return rest;
}

/** Every way to take `count` from rows that hold `left`; the array handed out is used again. */
function dealColumn(count: number, left: readonly number[], visit: (part: readonly number[]) => void): void {
  const room = left.map((_, i) => left.slice(i + 1).reduce((a, b) => a + b, 0));
  const part = left.map(() => 0);
  const take = (row: number, rest: number): void => {
    if (row === left.length) return visit(part);
    for (let v = Math.max(0, rest - room[row]!); v <= Math.min(left[row]!, rest); v++) {
      part[row] = v;
      take(row + 1, rest - v);
    }
  };
  take(0, count);
}
