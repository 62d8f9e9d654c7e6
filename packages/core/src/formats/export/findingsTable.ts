import { daysBetween, isDated, type IsoDay, ONE_LOOK_SOWING } from '../../calendar/days';
import { findingOf } from '../../measures/finding';
import { choiceWords } from '../../measures/findingWords';
import { type Measure } from '../../measures/measure';
import { columnMeasures, headingOf, typedHeadingOf } from '../measureColumns';
import { type TidyReading, type TidyTable } from '../tidyTable';
import { column, csvOf, type ExportCell, type ExportColumn, type ExportTable } from './exportTable';

/** What is written of a table; how its days are known is told by the days themselves. */
export type ExportedTable = Omit<TidyTable, 'days' | 'factor' | 'design'>;

/** The columns that come before what was found, in order: one row a reading, corrections and what they replaced included. */
const BEFORE: ExportColumn[] = [
  column('unit', 'string', 'Code of the container, as on its stick.'),
  column('treatment', 'string', 'Letter of the treatment; the first is the control where there is one.'),
  column('treatment_label', 'string', 'What the treatment gets, in words.'),
  column('control', 'yes-no', 'Whether the treatment is the control.'),
  column('block', 'string', 'Team that looks after the container, or the block that it belongs to.'),
  column('seeds', 'integer', 'Seeds that were sown in the container.'),
  column('plant', 'string', 'Tag of the plant in its container.'),
  column('sown_on', 'date', 'Day on which the container was sown; empty where nobody wrote it.'),
  column('day', 'integer', 'Days since the container was sown; sowing day is 0.', 'd'),
  column('date', 'date', 'Day of the look; empty where nobody wrote it.'),
  column('state', 'string', 'measured, not-up, lost, thinned, moved or not-checked: they are different facts.'),
];

/** The columns that come after it. */
const AFTER: ExportColumn[] = [
  column('lost_because', 'string', 'Why the plant was lost.'),
  column('note', 'string', 'What the team wrote.'),
  column('asked', 'string', 'What the bench asked about the value.'),
  column('answered', 'string', 'What was answered; empty while the question is open.'),
  column('second_mm', 'number', 'Height that a second student measured.', 'mm'),
  column('recorded_at', 'datetime', 'When it was written down, on the clock of the class.'),
  column('reading', 'string', 'Key of the reading.'),
  column('corrects', 'string', 'Key of the reading that this one corrects; both stay.'),
  column('own_measures', 'string', 'Definitions of measures that are not built in, once, in the first row.'),
];

/** Only where something was measured in pictures. */
const SEEN: ExportColumn[] = [
  column('seen_by', 'string', 'How it was measured in a picture: method and version.'),
  column('seen_in', 'string', 'Key of that picture.'),
  column('seen_low', 'number', 'Lower end of the 95 % interval, in the unit of what was measured.'),
  column('seen_high', 'number', 'Upper end of the 95 % interval, in the unit of what was measured.'),
];

function seenCells({ findings }: TidyReading): ExportCell[] {
  const seen = findings.find((f) => f.seen)?.seen;
  return seen ? [seen.method, seen.picture, seen.low ?? '', seen.high ?? ''] : SEEN.map(() => '');
}

const LEAVES = column('leaves', 'integer', 'Number of leaves.');
const OF_HEIGHT: ExportColumn[] = [
  column('height', 'number', 'Height of the plant.', 'mm'),
  column('length_unit', 'string', 'Unit of the height in this row.'),
  column('as_typed', 'string', 'The height as it was typed.'),
];

/**
 * Everything that was found, one row a reading: every measure has its column, in its stored unit, and one that says how it was typed;
 * days count from the container's own sowing.
 * @param clock how a moment is written; as a UTC instant where it is not said
 */
export function findingsTable(table: ExportedTable, clock: (instant: string) => string = (instant) => instant): ExportTable {
  const treatments = new Map(table.treatments.map((t) => [t.code, t]));
  const units = new Map(table.units.map((u) => [u.code, u]));
  const found = new Set(table.readings.flatMap((r) => r.findings.map((f) => f.measure)));
  const typedOf = new Set(table.readings.flatMap((r) => r.findings.flatMap((f) => (f.typed === null ? [] : [f.measure]))));
  const seenOf = new Set(table.readings.flatMap((r) => r.findings.flatMap((f) => (f.seen ? [f.measure] : []))));
  const measured = columnMeasures(found, table.own).flatMap((m) => [
    { measure: m, typed: false },
    ...(typedOf.has(m.code) ? [{ measure: m, typed: true }] : []),
  ]);
  const seenIn = seenOf.size > 0 ? SEEN : [];
  const columns = [
    ...BEFORE,
    ...OF_HEIGHT,
    LEAVES,
    ...measured.map((c) => measureColumn(c.measure, c.typed)),
    ...seenIn,
    ...AFTER,
  ];
  const unitCells = (code: string): ExportCell[] => {
    const unit = units.get(code)!;
    const treatment = treatments.get(unit.treatment)!;
    return [unit.code, treatment.code, treatment.label, treatment.control ? 'yes' : 'no', unit.block ?? '', unit.seeds];
  };
  const rows = table.readings.map((r): ExportCell[] => {
    const { sownOn } = units.get(r.unit)!;
    const height = findingOf(r, 'height');
    return [
      ...unitCells(r.unit),
      r.plant,
      written(sownOn),
      sownOn === ONE_LOOK_SOWING ? '' : daysBetween(sownOn, r.day),
      written(r.day),
      r.state,
      height?.value ?? '',
      height === null ? '' : 'mm',
      height?.typed ?? '',
      findingOf(r, 'leaves')?.value ?? '',
      ...measured.map((c) => foundCell(r, c.measure, c.typed)),
      ...(seenIn.length > 0 ? seenCells(r) : []),
      r.lostReason ?? '',
      r.note ?? '',
      r.doubt?.kind ?? '',
      r.doubt?.answer ?? '',
      r.doubt?.secondMm ?? '',
      r.recordedAt === null ? '' : clock(r.recordedAt),
      r.key ?? '',
      r.corrects ?? '',
      '',
    ];
  });
  // A unit nobody has read yet still belongs to the experiment: a row without a state keeps it.
  const read = new Set(table.readings.map((r) => r.unit));
  const blank = table.units
    .filter((u) => !read.has(u.code))
    .map((u): ExportCell[] => [...unitCells(u.code), '', written(u.sownOn), ...Array<ExportCell>(columns.length - 8).fill('')]);
  const all = [...rows, ...blank];
  // What a teacher defined stands once, in the first row, so that it can be read back as the same measures.
  if (table.own.length > 0 && all[0]) all[0][columns.length - 1] = JSON.stringify(table.own);
  return { name: 'findings', title: 'Findings', columns, rows: all };
}

/** The findings as CSV. */
export const exportTidyCsv = (table: ExportedTable): string => csvOf(findingsTable(table));

function measureColumn(measure: Measure, typed: boolean): ExportColumn {
  if (typed) return column(typedHeadingOf(measure), 'string', `${measure.name}, as it was typed.`);
  const { choices, quantity, unit, name, of } = measure;
  if (choices.length > 0)
    return column(headingOf(measure), 'string', `${name} of the ${of}: ${choices.map((c) => c.words).join(', ')}.`);
  return column(
    headingOf(measure),
    quantity === 'count' || quantity === 'count-of' ? 'integer' : 'number',
    `${name} of the ${of}.`,
    unit,
  );
}

/** A day that nobody wrote is left empty. */
const written = (day: IsoDay) => (isDated(day) ? day : '');

function foundCell(reading: TidyReading, measure: Measure, typed: boolean): ExportCell {
  const found = findingOf(reading, measure.code);
  if (found === null) return '';
  if (typed) return found.typed ?? '';
  return found.value ?? choiceWords(measure, found.choice ?? '');
}
