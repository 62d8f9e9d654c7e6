import { type ColumnMapping } from '@bright-sprout/core/formats/columnMapping';
import { type CsvTable } from '@bright-sprout/core/formats/readCsv';

/** A table, what its columns are taken for, and the way to say otherwise. */
export interface MappingProps {
  csv: CsvTable;
  mapping: ColumnMapping;
  onChange: (mapping: ColumnMapping) => void;
}
