import { say } from '@bright-sprout/words/say';
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
const before = (): ExportColumn[] => [
  column('unit', 'string', say('exports.codeContainerStick')),
  column('treatment', 'string', say('exports.letterTreatmentFirstControl')),
  column('treatment_label', 'string', say('exports.treatmentGetsWords')),
  column('control', 'yes-no', say('exports.whetherTreatmentControl')),
  column('block', 'string', say('exports.teamLooksAfterContainer')),
  column('seeds', 'integer', say('exports.seedsSownContainer')),
  column('plant', 'string', say('exports.tagPlantContainer')),
  column('sown_on', 'date', say('exports.dayContainerSownEmpty')),
  column('day', 'integer', say('exports.daysSinceContainerSown'), 'd'),
  column('date', 'date', say('exports.dayLookEmptyWhere')),
  column('state', 'string', say('exports.measuredLostThinnedMoved')),
];

/** The columns that come after it. */
const after = (): ExportColumn[] => [
  column('lost_because', 'string', say('exports.whyPlantLost')),
  column('note', 'string', say('exports.teamWrote')),
  column('asked', 'string', say('exports.benchAskedAboutValue')),
  column('answered', 'string', say('exports.answeredEmptyWhileQuestion')),
  column('second_mm', 'number', say('exports.heightSecondStudentMeasured'), 'mm'),
  column('recorded_at', 'datetime', say('exports.whenWrittenDownClock')),
  column('reading', 'string', say('exports.keyReading')),
  column('corrects', 'string', say('exports.keyReadingCorrectsBoth')),
  column('own_measures', 'string', say('exports.definitionsMeasuresBuiltOnce')),
];

/** Only where something was measured in pictures. */
const seenWords = (): ExportColumn[] => [
  column('seen_by', 'string', say('exports.measuredPictureMethodVersion')),
  column('seen_in', 'string', say('exports.keyPicture')),
  column('seen_low', 'number', say('exports.lowerEndIntervalUnit')),
  column('seen_high', 'number', say('exports.upperEndIntervalUnit')),
];

function seenCells({ findings }: TidyReading): ExportCell[] {
  const seen = findings.find((f) => f.seen)?.seen;
  return seen ? [seen.method, seen.picture, seen.low ?? '', seen.high ?? ''] : seenWords().map(() => '');
}

const leaves = () => column('leaves', 'integer', say('exports.numberLeaves'));
const ofHeight = (): ExportColumn[] => [
  column('height', 'number', say('exports.heightPlant'), 'mm'),
  column('length_unit', 'string', say('exports.unitHeightRow')),
  column('as_typed', 'string', say('exports.heightTyped')),
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
  const seenIn = seenOf.size > 0 ? seenWords() : [];
  const columns = [
    ...before(),
    ...ofHeight(),
    leaves(),
    ...measured.map((c) => measureColumn(c.measure, c.typed)),
    ...seenIn,
    ...after(),
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
  return { name: 'findings', title: say('exports.findings'), columns, rows: all };
}

/** The findings as CSV. */
export const exportTidyCsv = (table: ExportedTable): string => csvOf(findingsTable(table));

function measureColumn(measure: Measure, typed: boolean): ExportColumn {
  if (typed) return column(typedHeadingOf(measure), 'string', say('exports.asItWasTyped', { name: measure.name }));
  const { choices, quantity, unit, name, of } = measure;
  if (choices.length > 0)
    return column(
      headingOf(measure),
      'string',
      say('exports.ofThe', { name, of, choices: choices.map((c) => c.words).join(', ') }),
    );
  return column(
    headingOf(measure),
    quantity === 'count' || quantity === 'count-of' ? 'integer' : 'number',
    say('exports.nameOfThe', { name, of }),
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
