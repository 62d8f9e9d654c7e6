import { say } from '@bright-sprout/words/say';
import { type Result } from '../result/result';

/**
 * When a seed came up: after `lower` (the last look at which it was not up; 0 = never looked before) and by `upper` (the
 * first at which it was; null = not by the last look). Equal limits are an exactly known time. Days, any unit of time.
 */
export interface CheckInterval {
  lower: number;
  upper: number | null;
}

/** A stretch of time to which the estimate gives mass; the mass may lie anywhere within it. */
export interface Support {
  left: number;
  /** Null: beyond the last look. */
  right: number | null;
  mass: number;
  /** Share up by the right end. */
  cumulative: number;
}

export interface Turnbull {
  support: Support[];
  logLikelihood: number;
  /** The stretch in which half are up; null where that is beyond the last look. */
  medianInterval: [number, number] | null;
}

const MOST_ROUNDS = 100_000;
const DONE = 1e-14;
/** Masses below this are none. */
const NOTHING = 1e-9;

/** Something is wrong with intervals, in words; null when they can be used. */
export function intervalProblem(intervals: readonly CheckInterval[]): string | null {
  if (intervals.length === 0) return say('germination.seedLooked');
  if (intervals.some((i) => !(i.lower >= 0) || (i.upper !== null && i.upper < i.lower)))
    return say('germination.seedBeforeLooked');
  if (intervals.some((i) => i.upper !== null && i.upper <= 0)) return say('germination.seedCannotBeforeSown');
  return null;
}

/**
 * The nonparametric maximum-likelihood curve for times known only as intervals (Turnbull 1976), intervals open to the left
 * and closed to the right, by self-consistency.
 */
export function turnbull(intervals: readonly CheckInterval[]): Result<Turnbull> {
  const problem = intervalProblem(intervals);
  if (problem) return { ok: false, reason: problem };
  const cells = innermost(intervals);
  const groups = grouped(intervals).map(({ interval, count }) => ({
    count,
    cells: cells.flatMap((cell, c) => (within(cell, interval) ? [c] : [])),
  }));
  let mass = cells.map(() => 1 / cells.length);
  for (let round = 0, change = 1; round < MOST_ROUNDS && change > DONE; round++) {
    const next = new Array<number>(cells.length).fill(0);
    for (const { count, cells: own } of groups) {
      const sum = own.reduce((s, c) => s + mass[c]!, 0);
      for (const c of own) next[c]! += (count * mass[c]!) / sum / intervals.length;
    }
    change = next.reduce((most, m, c) => Math.max(most, Math.abs(m - mass[c]!)), 0);
    mass = next;
  }
  const logLikelihood = groups.reduce((sum, g) => sum + g.count * Math.log(g.cells.reduce((s, c) => s + mass[c]!, 0)), 0);
  let cumulative = 0;
  const support = cells.flatMap((cell, c): Support[] => {
    if (mass[c]! < NOTHING) return [];
    cumulative = Math.min(1, cumulative + mass[c]!);
    return [{ left: cell.left.at, right: cell.right, mass: mass[c]!, cumulative }];
  });
  const half = support.find((s) => s.cumulative >= 0.5 - NOTHING);
  const medianInterval: Turnbull['medianInterval'] = half && half.right !== null ? [half.left, half.right] : null;
  return { ok: true, support, logLikelihood, medianInterval };
}

/** An end of an interval on the time axis; an exact time begins just before itself, any other interval just after its left end. */
interface LeftEnd {
  at: number;
  exact: boolean;
}

interface Cell {
  left: LeftEnd;
  right: number | null;
}

/** Stretches between a left end and the next right end with no other end between: only there can mass lie. */
function innermost(intervals: readonly CheckInterval[]): Cell[] {
  const ends = [
    ...intervals.map((i) => ({ at: i.lower, rank: i.upper === i.lower ? -1 : 1 })),
    ...intervals.map((i) => ({ at: i.upper ?? Infinity, rank: 0 })),
  ].sort((a, b) => a.at - b.at || a.rank - b.rank);
  return ends.flatMap((end, i) => {
    const next = ends[i + 1];
    if (end.rank === 0 || !next || next.rank !== 0) return [];
    return [{ left: { at: end.at, exact: end.rank < 0 }, right: Number.isFinite(next.at) ? next.at : null }];
  });
}

function within({ left, right }: Cell, { lower, upper }: CheckInterval): boolean {
  const exact = upper === lower;
  const afterLower = exact ? left.exact && left.at === lower : left.at > lower || (left.at === lower && !left.exact);
  return afterLower && (upper === null || (right !== null && right <= upper));
}

/** Equal intervals once, with their number. */
export function grouped(intervals: readonly CheckInterval[]): { interval: CheckInterval; count: number }[] {
  const groups = new Map<string, { interval: CheckInterval; count: number }>();
  for (const interval of intervals) {
    const key = `${interval.lower}|${interval.upper}`;
    const group = groups.get(key);
    if (group) group.count++;
    else groups.set(key, { interval, count: 1 });
  }
  return [...groups.values()];
}

/** Cumulative counts of one container at its looks as one interval per seed; counts that fall (a seedling died) stay up. */
export function intervalsFromCounts(sown: number, looks: readonly { day: number; up: number }[]): CheckInterval[] {
  const intervals: CheckInterval[] = [];
  let [last, most] = [0, 0];
  for (const { day, up } of looks) {
    const ever = Math.min(sown, Math.max(most, up));
    for (let seed = most; seed < ever; seed++) intervals.push({ lower: last, upper: day });
    [last, most] = [day, ever];
  }
  for (let seed = most; seed < sown; seed++) intervals.push({ lower: last, upper: null });
  return intervals;
}
