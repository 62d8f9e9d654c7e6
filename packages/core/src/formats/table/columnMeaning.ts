import { say } from '@bright-sprout/words/say';
import { type IsoDay } from '../../calendar/days';
import { type OwnMeasure } from '../../measures/ownMeasure';
import { type DateOrder } from './readDate';

/** What a column tells beside what was found. Each but `typed`, `left-out` and `open` belongs to one column at most. */
export const ROLES = [
  'treatment',
  'second-factor',
  'third-factor',
  'dose',
  'container',
  'plant',
  'team',
  'class',
  'day',
  'date',
  'sown-on',
  'of-how-many',
  'state',
  'note',
  // Columns of this product's own files.
  'treatment-label',
  'control',
  'length-unit',
  'lost-because',
  'asked',
  'answered',
  'second-mm',
  'recorded-at',
  'reading',
  'corrects',
  'own-measures',
] as const;
export type Role = (typeof ROLES)[number];

/** What was changed on purpose. */
export const FACTOR_ROLES = ['treatment', 'second-factor', 'third-factor', 'dose'] as const satisfies readonly Role[];

/** The day that stands in a head: a number of days since sowing, or a date. */
export type HeadDay = { number: number } | { date: string };

/** What one column means. */
export type ColumnMeaning =
  /** Containers whose names say what was done: `Salt 2` is one of `Salt`. */
  | { is: Role; unit?: string; names?: 'treatment' }
  | { is: 'left-out' | 'open' }
  /** How a finding was typed; `of` names its measure. */
  | { is: 'typed'; of: string }
  | {
      is: 'measure';
      measure: string;
      /** Unit of cells that carry none of their own; empty for counts and choices. */
      unit: string;
      /**
       * Counts of seeds: each look tells how many there are by then, or how many have come since the look before. `share-of` is a count
       * of something else out of what the column “of how many” says.
       */
      counting?: 'by-then' | 'new' | 'share-of';
      /** The day is in the head: one column a day. */
      on?: HeadDay;
      /** The container is in the head: one column a container; an empty one is another in each row. */
      at?: { container: string; treatment: string };
    };

export type MeasureColumn = Extract<ColumnMeaning, { is: 'measure' }>;

/** How a table is read: what its columns mean, and what cannot be seen in it. */
export interface TableReading {
  columns: ColumnMeaning[];
  /** Measures that are not built in. */
  own: OwnMeasure[];
  dateOrder: DateOrder;
  /** Year of dates that say none. */
  year: number | null;
  /** Sowing day, for day 0; null where nobody knows it. */
  sownOn: IsoDay | null;
  /** What the control is called; null takes what the file says, what sounds like one, or the first. */
  control: string | null;
  /** Seeds in each container, where a count is out of them and no column says how many; null while nobody has said it. */
  seedsEach: number | null;
  /** A height of 0 before anything was measured: a seed that is not up yet, or an empty cell. */
  zeros: 'not-up' | 'left-out';
  /** What was put right in it. */
  mends: TableMend[];
}

/** One thing put right in a table before it comes in; the file itself stays as it is. */
export type TableMend =
  | { kind: 'cell'; line: number; column: number; text: string }
  | { kind: 'leave-out'; line: number }
  /** A name that looks like a slip of another is a treatment of its own. */
  | { kind: 'accept'; treatment: string };

/** Something in a table that cannot be used as it stands. */
export interface TableProblem {
  line: number;
  /** The column it stands in; null where it is the whole line. */
  column: number | null;
  sentence: string;
  /** Ways to put it right, the likeliest first. */
  ways: { words: string; mend: TableMend }[];
  /** Problems of one kind can be put right together; empty for one that stands alone. */
  alike: string;
}

/** Unit of shares that are written between 0 and 1. */
export const partsOfOne = () => say('tablesIn.partsOf');

export const measuresIn = (reading: Pick<TableReading, 'columns'>): MeasureColumn[] =>
  reading.columns.filter((c): c is MeasureColumn => c.is === 'measure');

export const columnOf = (reading: Pick<TableReading, 'columns'>, role: Role): number =>
  reading.columns.findIndex((c) => c.is === role);

/** Something wrong with the table as a whole, or with all of a column. */
export const wholeTableProblem = (column: number | null, sentence: string): TableProblem => ({
  line: 1,
  column: column !== null && column >= 0 ? column : null,
  sentence,
  ways: [],
  alike: '',
});

/** Something wrong with a line, which can always be left out. */
export const lineProblem = (
  line: number,
  column: number | null,
  sentence: string,
  part: Partial<TableProblem> = {},
): TableProblem => ({
  line,
  column: column !== null && column >= 0 ? column : null,
  sentence,
  alike: '',
  ...part,
  ways: [...(part.ways ?? []), { words: say('tablesIn.leaveLine'), mend: { kind: 'leave-out', line } }],
});
