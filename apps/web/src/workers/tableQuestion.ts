import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { type HeadChoice } from '@bright-sprout/core/formats/table/headChoices';
import { type TableOutlook } from '@bright-sprout/core/formats/table/tableOutlook';

/** What the page asks of the worker that holds the table. */
export type TableQuestion =
  | { kind: 'open'; name: string; bytes: ArrayBuffer; sheet: string | null; today: string }
  | { kind: 'read'; number: number; reading: TableReading }
  | { kind: 'choices'; reading: TableReading; column: number }
  | { kind: 'pack'; reading: TableReading };

export interface OpenedTable {
  name: string;
  /** What stands above the table; empty for nothing. */
  title: string;
  headings: string[];
  rows: number;
  headsKey: string;
  /** Sheets of a workbook with the one that is open; none of a CSV. */
  sheets: string[];
  sheet: string | null;
  reading: TableReading;
}

export type TableAnswer =
  | { kind: 'opened'; table: OpenedTable }
  | { kind: 'refused'; reason: string }
  | { kind: 'read'; number: number; outlook: TableOutlook }
  | { kind: 'choices'; column: number; choices: HeadChoice[] }
  | { kind: 'packed'; text: string };
