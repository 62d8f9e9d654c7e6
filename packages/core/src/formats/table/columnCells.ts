import { isDateLike } from './readDate';
import { type Sheet } from './sheet';
import { looksLikeNumber, stateOf } from './stateWords';

/** What stands in a column, as far as it tells what the column is. */
export interface ColumnCells {
  /** Cells that are not empty, trimmed. */
  filled: string[];
  /** Each text once, in the order in which they come. */
  distinct: string[];
  /** Most of the cells, or all that say something, are numbers. */
  numeric: boolean;
  /** Numbers stand in it, perhaps among other things. */
  someNumbers: boolean;
  whole: boolean;
  dates: boolean;
  least: number;
  most: number;
}

/** So many rows tell what a column is. */
const LOOKED_AT = 3000;
const MOST = 0.8;
const SOME = 0.3;

export function columnCells({ rows }: Sheet, column: number): ColumnCells {
  const filled = rows
    .slice(0, LOOKED_AT)
    .map((r) => r.cells[column]!.trim())
    .filter((c) => c !== '');
  const said = filled.filter((c) => stateOf(c) === null);
  const numbers = said.filter(looksLikeNumber);
  const values = numbers.map((n) => Number.parseFloat(n.replace(/^[~<>≈+]\s*/, '').replace(',', '.'))).filter(Number.isFinite);
  const dates = filled.filter(isDateLike).length;
  return {
    filled,
    distinct: [...new Set(filled)],
    numeric: said.length > 0 && numbers.length >= MOST * said.length && dates < MOST * filled.length,
    someNumbers: numbers.length >= SOME * said.length && numbers.length > 0,
    whole: values.length > 0 && values.every(Number.isInteger) && numbers.every((n) => /^\d+$/.test(n)),
    dates: filled.length > 0 && dates >= MOST * filled.length,
    least: values.reduce((a, b) => Math.min(a, b), Infinity),
    most: values.reduce((a, b) => Math.max(a, b), -Infinity),
  };
}
