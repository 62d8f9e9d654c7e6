import { type ComparedDesign } from '@bright-sprout/core/compare/records';
import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { type TidyTable } from '@bright-sprout/core/formats/tidyTable';

/** What was said of a table when it came in, as it is kept with its investigation. */
export interface Brought {
  fileName: string;
  /** Says that another table has the same heads. */
  headsKey: string;
  /** How it was read, for the next one with these heads; what was put right in this one is not kept. */
  reading: Omit<TableReading, 'mends'>;
  days: TidyTable['days'];
  design: ComparedDesign | null;
  /** Lines that were left out. */
  leftOut: number;
}
