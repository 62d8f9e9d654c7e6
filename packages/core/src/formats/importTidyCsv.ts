import { addDays, daysBetween, isIsoDay, type IsoDay } from '../calendar/days';
import { type Finding, numberFound } from '../measures/finding';
import { parseFinding, valueProblem } from '../measures/parseFinding';
import { measureOf } from '../measures/registry';
import { DOUBT_KINDS, INTENTS } from '../readings/doubtKinds';
import { LOST_REASONS, type LostReason, type ReadingDoubt, type ReadingState } from '../readings/reading';
import { parseLength } from '../quantities/length';
import { type ColumnMapping, type ColumnRole, readDate } from './columnMapping';
import { type CsvTable } from './readCsv';
import { type TidyReading, type TidyTable, type TidyUnit } from './tidyTable';

export interface RowProblem {
  /** Line in the file, the heading being line 1. */
  line: number;
  sentence: string;
}

export type ImportResult = { ok: true; table: TidyTable } | { ok: false; problems: RowProblem[] };

/** No more than this many problems are listed; the first ones usually explain the rest. */
export const MAX_PROBLEMS = 200;

/** Seeds of records were sown between these days. */
const [EARLIEST, LATEST] = ['1800-01-01', '2200-12-31'];

const STATE_WORDS: [RegExp, ReadingState][] = [
  [/^(measured|alive|up|ok)$/i, 'measured'],
  [/^(not[- ]up|not up yet|not yet|0 up|none)$/i, 'not-up'],
  [/^(lost|dead|died|gone|eaten)$/i, 'lost'],
  [/^(thinned|thinned out|taken out)$/i, 'thinned'],
  [/^(moved|moved elsewhere)$/i, 'moved'],
  [/^(not[- ]checked|missing|na|n\/a|absent|could not check|)$/i, 'not-checked'],
];

/**
 * Reads a whole tidy table, or refuses it with every wrong row's line number and reason: nothing is taken half.
 * Treatments that are not one letter get codes in order of their names (numbers by size), the control first.
 */
export function importTidyCsv(csv: CsvTable, mapping: ColumnMapping): ImportResult {
  const { columns, measures } = mapping;
  const missing: string[] = (['unit', 'treatment'] as const).filter((role) => !columns[role]);
  if (!columns.value && !columns.leaves && measures.length === 0) missing.push('value');
  if (missing.length > 0) return refuse([{ line: 1, sentence: `Choose the column for ${missing.join(', ')}.` }]);
  if (!columns.day && !columns.date)
    return refuse([{ line: 1, sentence: 'Choose a column with the date or with the day since sowing.' }]);
  const used = [
    ...Object.values(columns),
    ...measures.flatMap((m) => [m.heading, ...(m.typedHeading === null ? [] : [m.typedHeading])]),
  ];
  const unused = used.find((heading) => !csv.headings.includes(heading));
  if (unused !== undefined) return refuse([{ line: 1, sentence: `There is no column “${unused}”.` }]);
  const reader = new RowReader(csv, mapping);
  if (reader.problems.length > 0) return refuse(reader.problems);
  return reader.result();
}

function refuse(problems: RowProblem[]): ImportResult {
  return { ok: false, problems: [...problems].sort((a, b) => a.line - b.line).slice(0, MAX_PROBLEMS) };
}

type Row = CsvTable['rows'][number];

/** The unit that a heading names in brackets, `root (cm)`. */
const unitIn = (heading: string) => /[([](mm|cm|m|in|g|mg|kg)[)\]]$/i.exec(heading.trim())?.[1]?.toLowerCase();

class RowReader {
  readonly problems: RowProblem[] = [];
  private readonly sownOn: IsoDay | null;
  private readonly readings: (TidyReading & { line: number })[] = [];
  private readonly units = new Map<string, TidyUnit & { line: number }>();
  private readonly treatments = new Map<string, { label: string; control: boolean }>();

  constructor(
    private readonly csv: CsvTable,
    private readonly mapping: ColumnMapping,
  ) {
    const said = mapping.sownOn ?? this.sowingDayFromFile();
    this.sownOn = said !== null && isIsoDay(said) && said >= EARLIEST && said <= LATEST ? said : null;
    if (this.sownOn === null)
      this.problems.push({ line: 1, sentence: 'Say on which day the seeds were sown, so that days can be counted.' });
    else for (const row of csv.rows) this.readRow(row);
    this.checkRepeats();
    this.checkCorrections();
  }

  private cell(row: Row, role: ColumnRole): string {
    const heading = this.mapping.columns[role];
    return heading === undefined ? '' : (row.cells[heading] ?? '').trim();
  }

  private sowingDayFromFile(): IsoDay | null {
    const days = this.csv.rows.map((r) => readDate(this.cell(r, 'sownOn'), this.mapping.dateOrder)).filter((d) => d !== null);
    if (days.length > 0) return days[0]!;
    const { date, day } = this.mapping.columns;
    const first = this.csv.rows.find((r) => date && readDate(r.cells[date] ?? '', this.mapping.dateOrder));
    if (first && day && /^\d+$/.test(this.cell(first, 'day')))
      return addDays(readDate(this.cell(first, 'date'), this.mapping.dateOrder)!, -Number(this.cell(first, 'day')));
    return null;
  }

  private readRow(row: Row): void {
    const wrong = (sentence: string) => void this.problems.push({ line: row.line, sentence });
    const unit = this.cell(row, 'unit');
    const treatment = this.cell(row, 'treatment');
    const width = this.csv.headings.length;
    if (row.width !== undefined && row.width !== width)
      return wrong(
        `This line has ${row.width} cells where the heading has ${width}${row.width > width ? ': does a number have a comma in it, without quotation marks around it?' : '.'}`,
      );
    if (unit === '') return wrong('The unit is empty: which container is this?');
    if (unit.length > 40) return wrong('The name of the unit is longer than 40 characters.');
    if (treatment === '') return wrong(`The treatment of ${unit} is empty.`);
    const label = this.cell(row, 'treatmentLabel') || treatment;
    if (label.length > 60) return wrong('The name of the treatment is longer than 60 characters.');
    const plant = this.cell(row, 'plant') || '1';
    if (plant.length > 20) return wrong('The name of the plant is longer than 20 characters.');
    const noted = this.noteUnit(row, unit, treatment, label);
    if (!noted) return;
    if (!this.cell(row, 'date') && !this.cell(row, 'day') && !this.cell(row, 'state') && !this.cell(row, 'value')) return;
    const day = this.readDay(row, noted.sownOn, wrong);
    if (day === null) return;
    const findings = this.readOthers(row, wrong);
    if (findings === null) return;
    const reading = this.readState(row, findings, wrong);
    if (reading === null) return;
    const note = this.mapping.columns.note ? (row.cells[this.mapping.columns.note] ?? '') : '';
    if (note.length > 500) return wrong('The note is longer than 500 characters.');
    const recordedAt = this.cell(row, 'recordedAt');
    if (recordedAt !== '' && Number.isNaN(Date.parse(recordedAt))) return wrong(`“${recordedAt}” is not a moment in time.`);
    this.readings.push({
      line: row.line,
      unit,
      plant,
      day,
      ...reading,
      doubt: this.readDoubt(row),
      note: note === '' ? null : note,
      recordedAt: recordedAt === '' ? null : new Date(recordedAt).toISOString(),
      key: this.cell(row, 'key') || null,
      corrects: this.cell(row, 'corrects') || null,
    });
  }

  /** The container of a row; null where the row cannot be one of it. */
  private noteUnit(row: Row, code: string, treatment: string, label: string): TidyUnit | null {
    const wrong = (sentence: string) => (this.problems.push({ line: row.line, sentence }), null);
    const block = this.cell(row, 'block') || null;
    if (block !== null && block.length > 60) return wrong('The name of the block is longer than 60 characters.');
    const seedsText = this.cell(row, 'seeds');
    if (seedsText !== '' && !(/^\d+$/.test(seedsText) && Number(seedsText) <= 1000))
      return wrong(`“${seedsText}” is not a number of seeds.`);
    const known = this.units.get(code);
    if (!known) {
      const sownOn = readDate(this.cell(row, 'sownOn'), this.mapping.dateOrder) ?? this.sownOn!;
      const seeds = seedsText === '' ? 1 : Number(seedsText);
      const made = { code, treatment, block, seeds, sownOn, line: row.line };
      this.units.set(code, made);
      const named = this.mapping.control;
      const control = named === null ? /^(yes|true|1|y)$/i.test(this.cell(row, 'control')) : named === treatment;
      if (!this.treatments.has(treatment)) this.treatments.set(treatment, { label, control });
      return made;
    }
    if (known.treatment !== treatment)
      return wrong(
        `${code} has treatment “${known.treatment}” on line ${known.line} and “${treatment}” here. A container has one treatment.`,
      );
    if (known.block !== block)
      return wrong(`${code} is in block “${known.block ?? ''}” on line ${known.line} and “${block ?? ''}” here.`);
    return known;
  }

  private readDay(row: Row, sownOn: IsoDay, wrong: (sentence: string) => void): IsoDay | null {
    const dateText = this.cell(row, 'date');
    const dayText = this.cell(row, 'day');
    const problem = (sentence: string) => (wrong(sentence), null);
    if (dateText === '' && dayText === '') return problem('There is no date and no day.');
    if (dayText !== '' && !/^\d{1,4}$/.test(dayText)) return problem(`“${dayText}” is not a whole number of days since sowing.`);
    const counted = dayText === '' ? null : addDays(sownOn, Number(dayText));
    if (dateText === '') return counted;
    const date = readDate(dateText, this.mapping.dateOrder);
    if (date === null) return problem(`“${dateText}” is not a date written as ${this.mapping.dateOrder.replace(/-/g, ', ')}.`);
    if (date < sownOn) return problem(`${date} is before the sowing day, ${sownOn}.`);
    if (daysBetween(sownOn, date) > 3650) return problem(`${date} is more than ten years after sowing.`);
    if (counted !== null && counted !== date)
      return problem(`Day ${dayText} after sowing on ${sownOn} is ${counted}, but the date says ${date}.`);
    return date;
  }

  private readState(
    row: Row,
    all: readonly Finding[],
    wrong: (sentence: string) => void,
  ): Pick<TidyReading, 'state' | 'findings' | 'lostReason'> | null {
    const problem = (sentence: string) => (wrong(sentence), null);
    const value = this.cell(row, 'value');
    // None of something shows no plant: `0 leaves` beside “not up” is no contradiction.
    const others = all.filter((f) => f.value !== 0);
    const stateText = this.cell(row, 'state');
    const inValue = value !== '' && STATE_WORDS.find(([words]) => words.test(value));
    const named = STATE_WORDS.find(([words]) => words.test(stateText) && stateText !== '');
    if (stateText !== '' && !named)
      return problem(`“${stateText}” is not a state: use measured, not-up, lost, thinned, moved or not-checked.`);
    const state = named?.[1] ?? (inValue ? inValue[1] : value === '' && others.length === 0 ? 'not-checked' : 'measured');
    const reasonText = this.cell(row, 'lostReason');
    const lostReason = LOST_REASONS.find((r) => r === reasonText) ?? null;
    if (reasonText !== '' && lostReason === null)
      return problem(`“${reasonText}” is not a reason for a loss: use ${LOST_REASONS.join(', ')}.`);
    if (state !== 'measured') {
      if ((value !== '' && !inValue) || others.length > 0)
        return problem(
          `The state is “${state}”, yet there is a value, ${value || others[0]!.typed || others[0]!.value}. Leave one of them out.`,
        );
      return { state, findings: [], lostReason: state === 'lost' ? ((lostReason ?? 'other') as LostReason) : null };
    }
    if (value === '' && all.length > 0) return { state, findings: [...all], lostReason: null };
    const height = this.readHeight(row, value, problem);
    return height && { state, findings: [height, ...all], lostReason: null };
  }

  /** What was found of every other measure; null where a cell cannot be read. */
  private readOthers(row: Row, wrong: (sentence: string) => void): Finding[] | null {
    const found: Finding[] = [];
    const { columns, measures, own } = this.mapping;
    const all = [...(columns.leaves ? [{ heading: columns.leaves, measure: 'leaves', typedHeading: null }] : []), ...measures];
    for (const { heading, measure: code, typedHeading } of all) {
      const text = (row.cells[heading] ?? '').trim();
      const measure = measureOf(code, own);
      if (text === '' || measure === null) continue;
      const read = parseFinding(measure, text, { resolution: 'mm', unit: unitIn(heading) ?? measure.unit });
      if (!read.ok) return (wrong(`${heading}: ${read.reason}`), null);
      const typed = typedHeading === null ? null : (row.cells[typedHeading] ?? '').trim() || null;
      found.push({ ...read.finding, typed: typed?.slice(0, 60) ?? null });
    }
    return found;
  }

  private readDoubt(row: Row): ReadingDoubt | null {
    const kind = DOUBT_KINDS.find((k) => k === this.cell(row, 'asked'));
    if (!kind) return null;
    const second = Number(this.cell(row, 'second'));
    return {
      kind,
      answer: INTENTS.find((i) => i === this.cell(row, 'answered')) ?? null,
      secondMm: second > 0 ? second : null,
    };
  }

  private readHeight(row: Row, value: string, problem: (sentence: string) => null): Finding | null {
    const unitText = this.cell(row, 'lengthUnit');
    const unitOf = unitText === '' ? null : parseLength(`1 ${unitText}`);
    if (unitOf && !unitOf.ok) return problem(`“${unitText}” is not a unit of length: use mm, cm or in.`);
    const length = parseLength(value, unitOf?.ok ? unitOf.unit : this.mapping.lengthUnit);
    if (!length.ok) return problem(length.reason);
    if (length.mm === 0)
      return problem('A height of 0 is not taken: write not-up, lost or not-checked, they are three different facts.');
    const beyond = valueProblem(measureOf('height')!, length.mm);
    if (beyond !== null) return problem(beyond);
    return numberFound('height', length.mm, (this.cell(row, 'typed') || value).slice(0, 60));
  }

  /** Two readings of one plant on one day need a correction between them, or plants to tell apart. */
  private checkRepeats(): void {
    const seen = new Map<string, number>();
    for (const reading of this.readings) {
      if (reading.corrects !== null) continue;
      const place = JSON.stringify([reading.unit, reading.plant, reading.day]);
      const line = seen.get(place);
      if (line !== undefined)
        this.problems.push({
          line: reading.line,
          sentence: `${reading.unit} already has a reading for ${reading.day} on line ${line}. Choose a plant column if several plants grow in one container.`,
        });
      else seen.set(place, reading.line);
    }
  }

  private checkCorrections(): void {
    const keys = new Map<string, TidyReading & { line: number }>();
    for (const reading of this.readings) {
      if (reading.key !== null && keys.has(reading.key))
        this.problems.push({
          line: reading.line,
          sentence: `The reading “${reading.key}” is on line ${keys.get(reading.key)!.line} too.`,
        });
      if (reading.corrects !== null && !keys.has(reading.corrects))
        this.problems.push({ line: reading.line, sentence: `It corrects “${reading.corrects}”, which is on no line above it.` });
      if (reading.key !== null) keys.set(reading.key, reading);
    }
  }

  result(): ImportResult {
    const names = [...this.treatments.keys()];
    const control = names.find((n) => this.treatments.get(n)!.control) ?? names[0]!;
    if (names.length < 2) return refuse([{ line: 2, sentence: 'There is only one treatment, so nothing can be compared.' }]);
    if (names.length > 6)
      return refuse([
        { line: 2, sentence: `There are ${names.length} treatments; six can be compared. Is this the right column?` },
      ]);
    const byName = new Intl.Collator('en', { numeric: true });
    const ordered = [control, ...names.filter((n) => n !== control).sort(byName.compare)];
    const codes = new Map(ordered.map((name, i) => [name, String.fromCharCode(65 + i)]));
    return {
      ok: true,
      table: {
        sownOn: [...this.units.values()].reduce((first, u) => (u.sownOn < first ? u.sownOn : first), this.sownOn!),
        treatments: ordered.map((name) => ({
          code: codes.get(name)!,
          label: this.treatments.get(name)!.label,
          control: name === control,
        })),
        own: this.mapping.own.filter((m) => this.mapping.measures.some((c) => c.measure === m.code)),
        units: [...this.units.values()].map(({ line: _line, ...unit }) => ({ ...unit, treatment: codes.get(unit.treatment)! })),
        readings: this.readings.map(({ line: _line, ...reading }) => reading),
      },
    };
  }
}
