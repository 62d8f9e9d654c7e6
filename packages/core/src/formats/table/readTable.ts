import { say } from '@bright-sprout/words/say';
import { type Finding, numberFound } from '../../measures/finding';
import { type Measure } from '../../measures/measure';
import { measureOf } from '../../measures/registry';
import { MOST_TREATMENTS } from '../../plan/document/planDocument';
import { DOUBT_KINDS, INTENTS } from '../../readings/doubtKinds';
import { LOST_REASONS, type LostReason, type ReadingDoubt, type ReadingState } from '../../readings/reading';
import { type TidyReading, type TidyTable, type TidyUnit } from '../tidyTable';
import { lineProblem, measuresIn, type Role, type TableProblem, type TableReading, wholeTableProblem } from './columnMeaning';
import { isSummed } from './headWords';
import { readCell } from './lookFindings';
import { ReadRows, type Slot } from './rowFacts';
import { headName, type Sheet, type SheetRow } from './sheet';
import { type Look, SettledLooks } from './settledLooks';
import { stateOf, yesOrNo } from './stateWords';
import { TableDays } from './tableDays';
import { Treatments } from './treatmentsIn';
import { Units } from './unitsIn';

/** What a table becomes: everything in it that can be used, and everything that cannot, with its reason. */
export interface TableResult {
  table: TidyTable;
  /** In the order of their lines; nothing comes in while there are any. */
  problems: TableProblem[];
}

const LONGEST = { note: 500, plant: 20 };
/** So many containers can stand beside each other on a wall. */
export const MOST_CONTAINERS = 5000;

/**
 * Reads a whole table, tidy or wide, as it was said to be read. A row that cannot be used is told with its reason and with ways to put it
 * right; the others stand in the result, so that it can be seen what it will become.
 */
export function readTable(sheet: Sheet, reading: TableReading): TableResult {
  return new TableReader(sheet, reading).result();
}

class TableReader {
  private readonly problems: TableProblem[] = [];
  private readonly rows: ReadRows;
  private readonly treatments: Treatments;
  private readonly units: Units;
  private readonly measures = new Map<string, Measure>();
  private readonly days: TableDays;
  /** Columns whose cells each tell whether one seed came up. */
  private readonly oneSeed: ReadonlySet<number>;
  /** Columns in which nobody can know whether a comma stands for decimals or for thousands. */
  private readonly commas: ReadonlySet<number>;
  private readonly read: Look[] = [];
  private readonly settled: SettledLooks;

  constructor(
    private readonly sheet: Sheet,
    private readonly reading: TableReading,
  ) {
    this.rows = new ReadRows(sheet, reading);
    for (const { measure } of measuresIn(reading)) {
      const known = measureOf(measure, reading.own);
      if (known) this.measures.set(measure, known);
    }
    this.treatments = new Treatments(sheet, reading, this.rows);
    this.days = new TableDays(this.rows, reading);
    this.oneSeed = new Set(reading.columns.flatMap((_, i) => (this.tellsOneSeed(i) ? [i] : [])));
    this.commas = new Set(reading.columns.flatMap((c, i) => (c.is === 'measure' && hasOpenCommas(this.rows.rows, i) ? [i] : [])));
    this.wholeTable();
    this.toldTwice();
    this.units = new Units(this.reading, this.rows, this.treatments);
    this.readRows();
    this.settled = new SettledLooks(this.read, reading, this.rows, this.units, this.days.known);
  }

  result(): TableResult {
    const { treatments } = this;
    if (treatments.count > MOST_TREATMENTS)
      this.problems.push(
        wholeTableProblem(
          this.rows.at.treatment,
          say('tablesIn.treatmentsToldApartRight', { count: treatments.count, mostTreatments: MOST_TREATMENTS }),
        ),
      );
    const { looks } = this.settled;
    const problems = [
      ...this.problems,
      ...this.days.problems,
      ...treatments.problems,
      ...this.units.problems,
      ...this.settled.problems,
    ].sort((a, b) => a.line - b.line);
    const used = new Set(looks.flatMap((l) => l.findings.map((f) => f.measure)));
    const units = treatments.count > MOST_TREATMENTS ? [] : this.units.all(this.days.sownOn);
    return {
      problems,
      table: {
        sownOn: units.reduce(
          (first, u) => (u.sownOn < first ? u.sownOn : first),
          units.length > 0 ? units[0]!.sownOn : this.days.sownOn,
        ),
        days: this.days.known,
        treatments: treatments.all(),
        design: treatments.design(),
        factor: treatments.factorName(),
        own: this.reading.own.filter((m) => used.has(m.code)),
        units,
        readings:
          units.length === 0
            ? []
            : looks.map(({ line: _l, column: _c, zero: _z, fresh: _f, oneSeed: _o, ...reading }) => reading),
      },
    };
  }

  private readonly has = (role: Role) => this.rows.at[role] >= 0;

  /** What is wrong with the table as a whole. */
  private wholeTable(): void {
    const { reading, rows } = this;
    if (measuresIn(reading).length === 0 && !this.has('state'))
      this.problems.push(wholeTableProblem(null, say('tablesIn.nothingFoundStandsYet')));
    const heads = rows.slots.some((s) => s.on !== null);
    if (heads && (this.has('day') || this.has('date')))
      this.problems.push(wholeTableProblem(this.has('day') ? rows.at.day : rows.at.date, say('tablesIn.daysStandHeadsColumn')));
    for (const column of [...measuresIn(reading)].filter((c) => !this.measures.has(c.measure)))
      this.problems.push(wholeTableProblem(reading.columns.indexOf(column), say('tablesIn.nobodyKnowsColumnMeasures')));
    const seedCount = reading.columns.findIndex(
      (c) => c.is === 'measure' && this.measures.get(c.measure)?.quantity === 'count-of',
    );
    const said = this.has('of-how-many') || reading.seedsEach !== null || this.oneSeed.has(seedCount);
    if (seedCount >= 0 && !said && !this.sayOutOf(seedCount))
      this.problems.push(
        wholeTableProblem(seedCount, say('tablesIn.countManySeedsContainer', { headName: headName(this.sheet, seedCount) })),
      );
  }

  /** Of one look each measure is told once. */
  private toldTwice(): void {
    for (const slot of this.rows.slots) {
      const first = new Map<string, number>();
      for (const { column, meaning } of slot.columns) {
        const before = first.get(meaning.measure);
        if (before === undefined) first.set(meaning.measure, column);
        else
          this.problems.push(
            wholeTableProblem(
              column,
              say('tablesIn.tellSameLookLeave', {
                first: headName(this.sheet, before),
                second: headName(this.sheet, column),
              }),
            ),
          );
      }
    }
  }

  /** Its cells say out of how many, or its head does. */
  private sayOutOf(column: number): boolean {
    const filled = this.rows.rows.filter((r) => r.cells[column]!.trim() !== '');
    return filled.length > 0 && filled.every((r) => /\/|of/i.test(r.cells[column]!) || stateOf(r.cells[column]!.trim()) !== null);
  }

  /** Its cells say of one seed each whether it came up: `yes`, `no`, 1 or 0. */
  private tellsOneSeed(column: number): boolean {
    const meaning = this.reading.columns[column]!;
    if (meaning.is !== 'measure' || this.measures.get(meaning.measure)?.quantity !== 'count-of') return false;
    if (this.has('of-how-many') || this.reading.seedsEach !== null || meaning.counting === 'new') return false;
    const texts = this.rows.rows
      .map((r) => r.cells[column]!.trim())
      .filter((t) => t !== '' && (stateOf(t) === null || yesOrNo(t) !== null));
    return texts.length > 1 && texts.every((t) => yesOrNo(t) !== null || t === '0' || t === '1');
  }

  private wrong(line: number, column: number | null, sentence: string, part: Partial<TableProblem> = {}): void {
    this.problems.push(lineProblem(line, column, sentence, part));
  }

  private readRows(): void {
    const filled = new Set(this.reading.mends.flatMap((m) => (m.kind === 'cell' ? [m.line] : [])));
    for (const row of this.rows.rows) {
      if (row.short !== undefined && !filled.has(row.line)) {
        this.tooShort(row, row.short);
        continue;
      }
      if (this.sumsUp(row)) continue;
      for (const slot of this.rows.slots) {
        if (slot.at !== null && slot.columns.every((c) => row.cells[c.column]!.trim() === '')) continue;
        const unit = this.units.of(row, slot.at);
        if (unit === null) continue;
        this.readLook(row, slot, unit);
      }
    }
  }

  /** A line of averages or totals is no container; it is told, since a container may be called so. */
  private sumsUp(row: SheetRow): boolean {
    const { at } = this.rows;
    if (this.has('own-measures')) return false;
    const column = [at.container, at.plant, at.team, 0].find((c) => c >= 0 && isSummed(row.cells[c]!.trim()));
    const text = column === undefined ? '' : row.cells[column]!.trim();
    const accepted = this.reading.mends.some((m) => m.kind === 'accept' && m.treatment === text);
    if (column === undefined || accepted || (column === at.treatment && this.rows.rows.length < 4)) return false;
    const told = lineProblem(row.line, column, say('tablesIn.workedOtherLinesName', { text }), {
      alike: 'worked out',
    });
    const keep = { words: say('tablesIn.itIsAContainer'), mend: { kind: 'accept' as const, treatment: text } };
    this.problems.push({ ...told, ways: [...told.ways, keep] });
    return true;
  }

  private tooShort({ line, cells }: SheetRow, short: number): void {
    this.wrong(line, null, say('tablesIn.lineCellsWhereHeading', { short, countCells: cells.length }), {
      alike: 'short',
      ways: [{ words: say('tablesIn.lastOnesEmpty'), mend: { kind: 'cell', line, column: cells.length - 1, text: '' } }],
    });
  }

  private readLook(row: SheetRow, slot: Slot, unit: TidyUnit): void {
    const { line } = row;
    const found = this.readCells(row, slot, unit);
    if (found === null) return;
    const stateText = this.rows.cell(row, 'state');
    // One column a day: an empty cell tells nothing of that day.
    const silent = found.findings.length === 0 && found.state === null && found.zero === null && stateText === '';
    if (silent && (slot.on !== null || slot.at !== null)) return;
    const saysDay = this.has('day') || this.has('date');
    if (silent && saysDay && this.rows.cell(row, 'day') === '' && this.rows.cell(row, 'date') === '') return;
    if (silent && this.has('state') && this.has('reading') && this.rows.cell(row, 'reading') === '') return;
    const on = this.days.of(row, slot, unit.sownOn === '' ? this.days.sownOn : unit.sownOn);
    if (!on.ok) return this.wrong(line, on.column, on.sentence, { alike: 'day' });
    const state = this.stateOfLook(row, found, stateText);
    if (state === null) return;
    const plant = this.rows.cell(row, 'plant') || '1';
    if (plant.length > LONGEST.plant)
      return this.wrong(line, this.rows.at.plant, say('tablesIn.namePlantLongerCharacters', { plant: LONGEST.plant }));
    const note = this.has('note') ? row.cells[this.rows.at.note]! : '';
    if (note.length > LONGEST.note)
      return this.wrong(line, this.rows.at.note, say('tablesIn.noteLongerCharacters', { note: LONGEST.note }));
    const recordedAt = this.rows.cell(row, 'recorded-at');
    if (recordedAt !== '' && Number.isNaN(Date.parse(recordedAt)))
      return this.wrong(line, this.rows.at['recorded-at'], say('tablesIn.momentTime', { recordedAt }));
    this.read.push({
      line,
      column: slot.columns[0]?.column ?? null,
      unit: unit.code,
      plant,
      day: on.day,
      ...state,
      fresh: found.fresh,
      oneSeed: found.oneSeed,
      zero: stateText !== '' || state.findings.length > 0 ? null : found.zero,
      doubt: this.readDoubt(row),
      note: note === '' ? null : note,
      recordedAt: recordedAt === '' ? null : new Date(recordedAt).toISOString(),
      key: this.rows.cell(row, 'reading') || null,
      corrects: this.rows.cell(row, 'corrects') || null,
    });
  }

  private readCells(row: SheetRow, slot: Slot, unit: TidyUnit) {
    const findings: Finding[] = [];
    let state: ReadingState | null = null;
    let zero: { column: number } | null = null;
    let fresh: Finding | null = null;
    let oneSeed = false;
    const outOfText = this.rows.cell(row, 'of-how-many');
    const outOf = /^\d+$/.test(outOfText) ? Number(outOfText) : null;
    for (const { column, meaning } of slot.columns) {
      const measure = this.measures.get(meaning.measure);
      if (!measure) continue;
      const text = row.cells[column]!.trim();
      const came =
        this.oneSeed.has(column) && text !== '' ? (yesOrNo(text) ?? (text === '1' || (text === '0' ? false : null))) : null;
      if (came !== null) {
        findings.push(numberFound(measure.code, Number(came)));
        oneSeed = true;
        continue;
      }
      const unitOfRow = meaning.measure === 'height' ? this.rows.cell(row, 'length-unit') : '';
      const read = readCell(text, {
        meaning: unitOfRow === '' ? meaning : { ...meaning, unit: unitOfRow },
        measure,
        line: row.line,
        column,
        heading: headName(this.sheet, column),
        outOf,
      });
      if (read.kind === 'problem') {
        this.problems.push(read.problem);
        return null;
      }
      if (read.kind === 'finding' && this.commas.has(column) && text.includes(',')) {
        this.problems.push(commaProblem(text, row.line, column));
        return null;
      }
      if (read.kind === 'state') state ??= read.state;
      if (read.kind === 'zero') zero = { column };
      if (read.kind !== 'finding') continue;
      if (read.seeds !== null) this.units.seedsSaid(unit, read.seeds, row.line, column);
      const finding = this.asTyped(read.finding, row);
      if (meaning.counting === 'new') fresh = finding;
      findings.push(finding);
    }
    return { findings, state, zero, fresh, oneSeed };
  }

  /** How it was typed, where a column says so. */
  private asTyped(finding: Finding, row: SheetRow): Finding {
    const own = this.has('own-measures');
    const at = this.reading.columns.findIndex((c) => c.is === 'typed' && c.of === finding.measure);
    if (at < 0) return own && finding.measure !== 'height' ? { ...finding, typed: null } : finding;
    const typed = row.cells[at]!.trim().slice(0, 60);
    return { ...finding, typed: typed || (finding.measure === 'height' ? finding.typed : null) };
  }

  private stateOfLook(
    row: SheetRow,
    found: { findings: Finding[]; state: ReadingState | null; zero: { column: number } | null },
    stateText: string,
  ): Pick<TidyReading, 'state' | 'findings' | 'lostReason'> | null {
    const named = stateText === '' ? null : stateOf(stateText);
    const at = this.rows.at.state;
    if (stateText !== '' && named === null) {
      this.wrong(row.line, at, say('tablesIn.stateUseMeasuredLost', { stateText }), {
        alike: `state ${stateText.toLowerCase()}`,
      });
      return null;
    }
    const reasonText = this.rows.cell(row, 'lost-because');
    const reason = LOST_REASONS.find((r) => r === reasonText) ?? null;
    if (reasonText !== '' && reason === null) {
      this.wrong(
        row.line,
        this.rows.at['lost-because'],
        say('tablesIn.reasonLossUse', { reasonText, lostReasons: LOST_REASONS.join(', ') }),
      );
      return null;
    }
    // None of something shows no plant: `0 leaves` beside “not up” is no contradiction.
    const seen = found.findings.find((f) => f.value !== 0);
    const findings = found.zero !== null && !seen ? [] : found.findings;
    const state = named ?? (findings.length > 0 ? 'measured' : (found.state ?? 'not-checked'));
    if (state !== 'measured') {
      if (seen) {
        this.wrong(row.line, at, say('tablesIn.stateYetValueLeave', { state, typed: seen.typed ?? seen.value ?? seen.choice }));
        return null;
      }
      return { state, findings: [], lostReason: state === 'lost' ? ((reason ?? 'other') as LostReason) : null };
    }
    if (findings.length === 0 && found.zero === null) {
      this.wrong(row.line, at, say('tablesIn.stateSaysSomethingMeasured'));
      return null;
    }
    return { state, findings, lostReason: null };
  }

  private readDoubt(row: SheetRow): ReadingDoubt | null {
    const kind = DOUBT_KINDS.find((k) => k === this.rows.cell(row, 'asked'));
    if (!kind) return null;
    const second = Number(this.rows.cell(row, 'second-mm'));
    return {
      kind,
      answer: INTENTS.find((i) => i === this.rows.cell(row, 'answered')) ?? null,
      secondMm: second > 0 ? second : null,
    };
  }
}

/** `1,250` in each cell that has a comma: one and a quarter, or more than a thousand. */
const OPEN_COMMA = /^[1-9]\d{0,2}(,\d{3})+$/;

function hasOpenCommas(rows: readonly SheetRow[], column: number): boolean {
  const texts = rows.map((r) => r.cells[column]!.trim()).filter((t) => t.includes(','));
  return texts.length > 0 && texts.every((t) => OPEN_COMMA.test(t));
}

function commaProblem(text: string, line: number, column: number): TableProblem {
  const way = (as: string) => ({
    words: say('tablesIn.itIsMeantAs', { meaning: as }),
    mend: { kind: 'cell' as const, line, column, text: as },
  });
  const decimal = text.split(',').length === 2 ? [way(text.replace(',', '.'))] : [];
  return lineProblem(line, column, say('tablesIn.moreThousandNumberDecimals', { text }), {
    ways: [way(text.replaceAll(',', '')), ...decimal],
    alike: `comma ${column}`,
  });
}
