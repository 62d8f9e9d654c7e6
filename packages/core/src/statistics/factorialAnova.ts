import { say } from '@bright-sprout/words/say';
import { type Result } from '../result/result';
import { isRounding } from './descriptives';
import { indicators, residualSquares } from './leastSquares';
import { fTail } from './tails';

/** One line of an analysis-of-variance table. */
export interface AnovaLine {
  ss: number;
  df: number;
  f: number;
  p: number;
}

export interface Residual {
  ss: number;
  df: number;
}

function line(reduced: { rss: number; rank: number }, full: { rss: number; rank: number }, error: Residual): AnovaLine {
  const ss = Math.max(0, reduced.rss - full.rss);
  const df = full.rank - reduced.rank;
  const f = ss / df / (error.ss / error.df);
  return { ss, df, f, p: fTail(f, df, error.df) };
}

const NO_ERROR = {
  ok: false,
  get reason() {
    return say('statistics.moreContainersCombinationsSpread');
  },
} as const;

const TOLD_APART = {
  ok: false,
  get reason() {
    return say('statistics.comparedGoesSomethingElse');
  },
} as const;

export interface TwoWayRow {
  a: string;
  b: string;
  y: number;
}

/**
 * Two crossed factors with their interaction, sums of squares of type II: each main effect adjusted for the other but not
 * for the interaction, the error of the full model (Yates 1934; Langsrud 2003).
 */
export function twoWayAnova(
  rows: readonly TwoWayRow[],
): Result<{ a: AnovaLine; b: AnovaLine; interaction: AnovaLine; residual: Residual }> {
  const y = rows.map((r) => r.y);
  const one = [rows.map(() => 1)];
  const [a, b] = [indicators(rows.map((r) => r.a)), indicators(rows.map((r) => r.b))];
  if (a.length < 2 || b.length < 2) return { ok: false, reason: say('statistics.factorNeedsLeastTwo') };
  const cells = indicators(rows.map((r) => JSON.stringify([r.a, r.b])));
  const [onlyA, onlyB] = [residualSquares([...one, ...a], y), residualSquares([...one, ...b], y)];
  const both = residualSquares([...one, ...a, ...b], y);
  const full = residualSquares(cells, y);
  const residual = { ss: full.rss, df: rows.length - full.rank };
  if (residual.df < 1 || full.rank === both.rank || isRounding(residual.ss, y)) return NO_ERROR;
  if (both.rank === onlyA.rank || both.rank === onlyB.rank) return TOLD_APART;
  return {
    ok: true,
    a: line(onlyB, both, residual),
    b: line(onlyA, both, residual),
    interaction: line(both, full, residual),
    residual,
  };
}

export interface BlockRow {
  treatment: string;
  block: string;
  y: number;
}

/** Randomised blocks without interaction: blocks first, treatments adjusted for them (Fisher 1935). */
export function blockAnova(rows: readonly BlockRow[]): Result<{ block: AnovaLine; treatment: AnovaLine; residual: Residual }> {
  const y = rows.map((r) => r.y);
  const one = [rows.map(() => 1)];
  const [blocks, treatments] = [indicators(rows.map((r) => r.block)), indicators(rows.map((r) => r.treatment))];
  if (treatments.length < 2) return { ok: false, reason: say('statistics.leastTwoTreatmentsNeeded') };
  const mean = residualSquares(one, y);
  const blocked = residualSquares([...one, ...blocks], y);
  const full = residualSquares([...one, ...blocks, ...treatments], y);
  const residual = { ss: full.rss, df: rows.length - full.rank };
  if (residual.df < 1 || isRounding(residual.ss, y)) return NO_ERROR;
  if (full.rank === blocked.rank) return TOLD_APART;
  if (blocked.rank === mean.rank) return { ok: false, reason: say('statistics.leastTwoBlocksNeeded') };
  return { ok: true, block: line(mean, blocked, residual), treatment: line(blocked, full, residual), residual };
}
