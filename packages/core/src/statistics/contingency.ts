import { say } from '@bright-sprout/words/say';
import { type Result } from '../result/result';
import { chiTail } from './tails';

/** Counts: rows are treatments, columns outcomes. */
export type CountTable = readonly (readonly number[])[];

export interface ChiSquared {
  chi2: number;
  df: number;
  p: number;
  smallestExpected: number;
  /** √(χ²/(N·(min(r, c) − 1))), 0 to 1. */
  cramersV: number;
}

export const rowSums = (table: CountTable) => table.map((row) => row.reduce((a, b) => a + b, 0));
export const columnSums = (table: CountTable) => table[0]!.map((_, j) => table.reduce((sum, row) => sum + row[j]!, 0));

export function tableProblem(table: CountTable): string | null {
  if (table.length < 2 || table[0]!.length < 2) return say('statistics.comparisonSharesNeedsLeast');
  if (table.some((row) => row.length !== table[0]!.length || row.some((v) => !Number.isInteger(v) || v < 0)))
    return say('statistics.countsWholeNumbersSame');
  if (rowSums(table).some((n) => n === 0)) return say('statistics.groupSeed');
  if (columnSums(table).some((n) => n === 0)) return say('statistics.outcomeHappenedNobodyNothing');
  return null;
}

/** Pearson's test of shares in a table, without correction (Pearson 1900). */
export function chiSquared(table: CountTable): Result<ChiSquared> {
  const problem = tableProblem(table);
  if (problem) return { ok: false, reason: problem };
  const [rows, columns] = [rowSums(table), columnSums(table)];
  const n = rows.reduce((a, b) => a + b, 0);
  const expected = rows.map((r) => columns.map((c) => (r * c) / n));
  const chi2 = table.reduce((sum, row, i) => row.reduce((s, v, j) => s + (v - expected[i]![j]!) ** 2 / expected[i]![j]!, sum), 0);
  const df = (rows.length - 1) * (columns.length - 1);
  return {
    ok: true,
    chi2,
    df,
    p: chiTail(chi2, df),
    smallestExpected: Math.min(...expected.flat()),
    cramersV: Math.sqrt(chi2 / (n * (Math.min(rows.length, columns.length) - 1))),
  };
}
