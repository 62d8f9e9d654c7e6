import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { guessReading } from '@bright-sprout/core/formats/table/guessReading';
import { readCsvSheet } from '@bright-sprout/core/formats/table/readCsvSheet';
import { packSheet } from '@bright-sprout/core/formats/table/sheet';

/** What a device sends for a table, with what it guessed; null where the text is no table. */
export function importBodyOf(classId: string, text: string, change: Partial<TableReading> = {}) {
  const read = readCsvSheet(text);
  if (!read.ok) return null;
  const { own, ...reading } = { ...guessReading(read.sheet, '2026-03-20'), ...change };
  return {
    classId,
    question: 'What did the old class find?',
    factor: 'salt',
    speciesId: 'barley',
    fileName: 'old.csv',
    table: packSheet(read.sheet),
    reading,
    own,
  };
}
