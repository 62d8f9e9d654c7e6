import { say } from '@bright-sprout/words/say';

/** Counts: rows are treatments, columns outcomes. */
export type CountTable = readonly (readonly number[])[];

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
