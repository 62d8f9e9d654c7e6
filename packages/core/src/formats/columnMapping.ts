import { type IsoDay, isIsoDay } from '../calendar/days';
import { type LengthUnit } from '../quantities/length';
import { type OwnMeasure } from '../measures/ownMeasure';
import { guessMeasureColumns, type MeasureColumn } from './measureColumns';
import { ownMeasuresIn } from './ownMeasuresInTable';
import { type CsvTable } from './readCsv';

/** What a column can mean beside a measure. `date` or `day` is needed, `unit` and `treatment`, and something that was found. */
export const COLUMN_ROLES = [
  'unit',
  'treatment',
  'value',
  'date',
  'day',
  'block',
  'treatmentLabel',
  'control',
  'seeds',
  'plant',
  'sownOn',
  'state',
  'lengthUnit',
  'typed',
  'leaves',
  'lostReason',
  'note',
  'asked',
  'answered',
  'second',
  'recordedAt',
  'key',
  'corrects',
] as const;
export type ColumnRole = (typeof COLUMN_ROLES)[number];

export type DateOrder = 'year-month-day' | 'day-month-year' | 'month-day-year';

export interface ColumnMapping {
  /** Column heading per role. */
  columns: Partial<Record<ColumnRole, string>>;
  /** Columns of other measures than height and leaves. */
  measures: MeasureColumn[];
  /** Definitions of those that are not built in. */
  own: OwnMeasure[];
  /** Unit of values that carry none of their own and have no unit column. */
  lengthUnit: LengthUnit;
  dateOrder: DateOrder;
  /** Sowing day, for day 0; without it a sowing column or, with dates alone, the earliest date. */
  sownOn: IsoDay | null;
  /** The treatment that is the control, as written in the file; null takes the control column or the first one. */
  control: string | null;
}

const GUESSES: Record<ColumnRole, RegExp> = {
  unit: /^(unit|container|cup|pot|plot|jar|bag|cell|id|sample)$/i,
  treatment: /^(treatment|group|condition|level|dose|variety|salt|water|light)s?$/i,
  value: /^(value|height|length|measure(ment)?|size)([ _(].*)?$/i,
  date: /^(date|checked_on|when)$/i,
  day: /^(day|days|age|day_number|das)$/i,
  block: /^(block|team|table|row|replicate|rep)$/i,
  treatmentLabel: /^treatment_label$/i,
  control: /^control$/i,
  seeds: /^(seeds|sown|seeds_sown)$/i,
  plant: /^(plant|seedling|tag)$/i,
  sownOn: /^(sown_on|sowing_date|planted)$/i,
  state: /^(state|status)$/i,
  lengthUnit: /^(length_unit|unit_of_length|units)$/i,
  typed: /^as_typed$/i,
  leaves: /^(leaves|leaf_count)$/i,
  lostReason: /^lost_because$/i,
  asked: /^asked$/i,
  answered: /^answered$/i,
  second: /^second_mm$/i,
  note: /^(note|notes|remark|comment)s?$/i,
  recordedAt: /^recorded_at$/i,
  key: /^reading$/i,
  corrects: /^corrects$/i,
};

/** A first mapping from the headings and cells; the person sees it and may change all of it. */
export function guessMapping({ headings, rows }: CsvTable): ColumnMapping {
  const columns: ColumnMapping['columns'] = {};
  for (const role of COLUMN_ROLES) {
    const heading = headings.find((h) => GUESSES[role].test(h) && !Object.values(columns).includes(h));
    if (heading !== undefined) columns[role] = heading;
  }
  const named = /\b(mm|cm|in|inch(es)?)\b/i.exec((columns.value ?? '').replace(/_/g, ' '))?.[1]?.toLowerCase();
  const dates = columns.date ? rows.map((r) => r.cells[columns.date!]!.trim()).filter((d) => d !== '') : [];
  const own = ownMeasuresIn({ headings, rows });
  const measures = guessMeasureColumns(
    headings.filter((h) => !Object.values(columns).includes(h)),
    own,
  );
  return {
    columns,
    measures,
    own,
    lengthUnit: named === 'mm' ? 'mm' : named?.startsWith('in') ? 'in' : 'cm',
    dateOrder: guessDateOrder(dates),
    sownOn: null,
    control: null,
  };
}

/** In which order dates are written, by what would be no date otherwise. */
export function guessDateOrder(dates: readonly string[]): DateOrder {
  const parts = dates.map((d) => d.split(/[-/.]/).map(Number));
  if (dates.every((d) => /^\d{4}/.test(d))) return 'year-month-day';
  return parts.some((p) => (p[1] ?? 0) > 12) ? 'month-day-year' : 'day-month-year';
}

/** Reads a date in the given order (a four-digit year in front always means year-month-day); null where it is none. */
export function readDate(text: string, order: DateOrder): IsoDay | null {
  const parts = /^(\d{1,4})[-/.](\d{1,2})[-/.](\d{1,4})$/.exec(text.trim());
  if (!parts) return null;
  const numbers = parts.slice(1).map((p) => p.padStart(2, '0'));
  const yearFirst = parts[1]!.length === 4;
  const [year, month, day] = { 'year-month-day': [0, 1, 2], 'day-month-year': [2, 1, 0], 'month-day-year': [2, 0, 1] }[
    yearFirst ? 'year-month-day' : order
  ].map((i) => numbers[i]!);
  const iso = `${year!.length === 2 ? `20${year}` : year}-${month}-${day}`;
  return isIsoDay(iso) ? iso : null;
}
