import {
  type Arrangements,
  type Drawing,
  errorOfShare,
  type LabelledBlock,
  shareAsExtreme,
  TIE,
  visitArrangements,
} from './arrangements';
import { mean } from './descriptives';
import { type Result } from '../result/result';
import { centredBlocks, type Unit } from './units';

export interface SeveralTest extends Arrangements {
  /** The statistic seen: an F ratio, or a slope in the unit of the values per unit of dose. */
  statistic: number;
  p: number;
  /** Monte Carlo error of p. */
  pError: number;
}

function permuted(
  blocks: LabelledBlock[],
  statistic: () => number,
  size: (s: number) => number,
  drawing: Drawing | null,
): Result<SeveralTest> {
  const seen = statistic();
  let count = 0;
  const done = visitArrangements(blocks, drawing, () => {
    if (size(statistic()) >= size(seen) * (1 - TIE)) count++;
  });
  if (!done.ok) return done;
  const p = shareAsExtreme(count, done);
  return { statistic: seen, p, pError: errorOfShare(p, done), ...done };
}

/**
 * Whether treatments differ at all: F of the values about their block means, labels shuffled within blocks. No curve of F is
 * needed; the arrangements are the yardstick (Fisher 1935).
 */
export function permuteOverall(units: readonly Unit[], drawing: Drawing | null = null): Result<SeveralTest> {
  const codes = [...new Set(units.map((u) => u.treatment))];
  if (codes.length < 2) return { ok: false, reason: 'At least two treatments are needed.' };
  const blocks = centredBlocks(units, codes);
  if (blocks.every((b) => new Set(b.labels).size < 2))
    return { ok: false, reason: 'No team has two treatments, so labels cannot be shuffled within teams.' };
  const total = blocks.reduce((sum, b) => b.values.reduce((s, v) => s + v * v, sum), 0);
  if (total === 0) return { ok: false, reason: 'All values of each team are equal, so there is no spread to judge by.' };
  const counts = codes.map((code) => units.filter((u) => u.treatment === code).length);
  const dfWithin = units.length - blocks.length - codes.length + 1;
  if (dfWithin < 1) return { ok: false, reason: 'There are too few containers to judge the spread by.' };
  const sums = new Float64Array(codes.length);
  const f = () => {
    sums.fill(0);
    for (const { values, labels } of blocks) for (let i = 0; i < values.length; i++) sums[labels[i]!]! += values[i]!;
    const between = sums.reduce((sum, s, c) => sum + (s * s) / counts[c]!, 0);
    return between / (codes.length - 1) / (Math.max(total - between, TIE * total) / dfWithin);
  };
  return permuted(blocks, f, (s) => s, drawing);
}

/**
 * Whether values rise or fall with the dose: the slope of the values about their block means on the doses about theirs,
 * labels shuffled within blocks.
 * @param dose of each treatment, any unit
 */
export function permuteTrend(
  units: readonly Unit[],
  dose: Readonly<Record<string, number>>,
  drawing: Drawing | null = null,
): Result<SeveralTest> {
  const codes = [...new Set(units.map((u) => u.treatment))];
  if (codes.some((c) => !Number.isFinite(dose[c]))) return { ok: false, reason: 'Every treatment of a series needs its amount.' };
  if (new Set(codes.map((c) => dose[c])).size < 3)
    return { ok: false, reason: 'A series needs at least three different amounts.' };
  const blocks = centredBlocks(units, codes);
  const doses = codes.map((c) => dose[c]!);
  const sxx = blocks.reduce((sum, { labels }) => {
    const own = labels.map((l) => doses[l]!);
    const centre = mean(own);
    return sum + own.reduce((s, x) => s + (x - centre) ** 2, 0);
  }, 0);
  if (sxx === 0) return { ok: false, reason: 'No team has two amounts, so labels cannot be shuffled within teams.' };
  const slope = () => {
    let sxy = 0;
    for (const { values, labels } of blocks) for (let i = 0; i < values.length; i++) sxy += doses[labels[i]!]! * values[i]!;
    return sxy / sxx;
  };
  return permuted(blocks, slope, Math.abs, drawing);
}
