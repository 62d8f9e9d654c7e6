import { addDays, daysBetween, type IsoDay, isIsoDay, ONE_LOOK_SOWING, UNDATED_SOWING } from '../../calendar/days';
import { isSeedCount } from '../../measures/builtIn/counts';
import { type Finding, numberFound } from '../../measures/finding';
import { type Measure } from '../../measures/measure';
import { measureOf } from '../../measures/registry';
import { DOUBT_KINDS, INTENTS } from '../../readings/doubtKinds';
import { LOST_REASONS, type LostReason, type ReadingDoubt, type ReadingState } from '../../readings/reading';
import { type TidyReading, type TidyTable, type TidyUnit } from '../tidyTable';
import { measuresIn, type Role, type TableProblem, type TableReading } from './columnMeaning';
import { readCell } from './lookFindings';
import { ORDER_WORDS, readDate } from './readDate';
import { ReadRows, type Slot } from './rowFacts';
import { headName, type Sheet, type SheetRow } from './sheet';
import { stateOf } from './stateWords';
import { Treatments } from './treatmentsIn';
import { MOST_TREATMENTS } from './guessReading';
import { Units } from './unitsIn';

/** What a table becomes: everything in it that can be used, and everything that cannot, with its reason. */
export interface TableResult {
  table: TidyTable;
  /** In the order of their lines; nothing comes in while there are any. */
  problems: TableProblem[];
}

/** Seeds of records were sown between these days. */
const [EARLIEST, LATEST] = ['1800-01-01', '2200-12-31'];
const LONGEST_RECORD_DAYS = 3650;
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

/** A look as it was read, before those of one container are seen together. */
interface Look extends TidyReading {
  line: number;
  column: number | null;
  /** A height of 0 that still has to be told. */
  zero: { column: number } | null;
  /** Something has come up since the look before. */
  fresh: Finding | null;
}

type Days = TidyTable['days'];

class TableReader {
  private readonly problems: TableProblem[] = [];
  private readonly rows: ReadRows;
  private readonly treatments: Treatments;
  private readonly units: Units;
  private readonly measures = new Map<string, Measure>();
  private readonly days: Days;
  private sownOn: IsoDay = UNDATED_SOWING;
  private looks: Look[] = [];

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
    this.days = this.settleDays();
    this.wholeTable();
    this.units = new Units(this.reading, this.rows, this.treatments);
    this.readRows();
    this.cumulate();
    this.settleZeros();
    this.settleRepeats();
    this.checkCorrections();
    this.checkSeeds();
  }

  result(): TableResult {
    const { treatments } = this;
    if (treatments.count > MOST_TREATMENTS)
      this.problems.push(
        atTop(
          this.rows.at.treatment,
          `There are ${treatments.count} treatments; ${MOST_TREATMENTS} can be told apart. Is this the right column? A column that is left out joins what it kept apart.`,
        ),
      );
    const problems = [...this.problems, ...treatments.problems, ...this.units.problems].sort((a, b) => a.line - b.line);
    const used = new Set(this.looks.flatMap((l) => l.findings.map((f) => f.measure)));
    const units = treatments.count > MOST_TREATMENTS ? [] : this.units.all(this.sownOn);
    return {
      problems,
      table: {
        sownOn: units.reduce(
          (first, u) => (u.sownOn < first ? u.sownOn : first),
          units.length > 0 ? units[0]!.sownOn : this.sownOn,
        ),
        days: this.days,
        treatments: treatments.all(),
        design: treatments.design(),
        factor: treatments.factorName(),
        own: this.reading.own.filter((m) => used.has(m.code)),
        units,
        readings:
          units.length === 0 ? [] : this.looks.map(({ line: _l, column: _c, zero: _z, fresh: _f, ...reading }) => reading),
      },
    };
  }

  private readonly has = (role: Role) => this.rows.at[role] >= 0;

  /** What is known of the days, and which one is day 0. */
  private settleDays(): Days {
    const { slots, at } = this.rows;
    const heads = slots.flatMap((s) => (s.on === null ? [] : [s.on]));
    const filled = (role: Role) => this.has(role) && this.rows.rows.some((r) => this.rows.cell(r, role) !== '');
    const dated = filled('date') || heads.some((h) => 'date' in h);
    const numbered = filled('day') || heads.some((h) => 'number' in h);
    const said = this.reading.sownOn ?? this.sowingDayInFile();
    const sownOn = said !== null && isIsoDay(said) && said >= EARLIEST && said <= LATEST ? said : null;
    if (dated) {
      const first = sownOn ?? this.firstDate();
      this.sownOn = first ?? UNDATED_SOWING;
      if (first === null)
        this.problems.push(
          atTop(at.date, `No cell is a date written as ${ORDER_WORDS[this.reading.dateOrder]}. Is this the right column?`),
        );
      return sownOn === null ? 'from-first-look' : 'dates';
    }
    const awaited = sownOn !== null && (this.has('date') || this.has('day'));
    if (!numbered && !awaited) {
      this.sownOn = ONE_LOOK_SOWING;
      return 'one-look';
    }
    this.sownOn = sownOn ?? UNDATED_SOWING;
    return sownOn === null ? 'days-only' : 'dates';
  }

  private readonly date = (text: string) => {
    const day = readDate(text, this.reading.dateOrder, this.reading.year);
    return day !== null && day >= EARLIEST && day <= LATEST ? day : null;
  };

  private sowingDayInFile(): IsoDay | null {
    const { rows } = this.rows;
    const days = this.has('sown-on') ? rows.flatMap((r) => this.date(this.rows.cell(r, 'sown-on')) ?? []) : [];
    if (days.length > 0) return days[0]!;
    const both =
      this.has('date') && this.has('day')
        ? rows.find((r) => this.date(this.rows.cell(r, 'date')) !== null && /^\d+$/.test(this.rows.cell(r, 'day')))
        : undefined;
    return both ? addDays(this.date(this.rows.cell(both, 'date'))!, -Number(this.rows.cell(both, 'day'))) : null;
  }

  private firstDate(): IsoDay | null {
    const texts = [
      ...this.rows.slots.flatMap((s) => (s.on && 'date' in s.on ? [s.on.date] : [])),
      ...(this.has('date') ? this.rows.rows.map((r) => this.rows.cell(r, 'date')) : []),
    ];
    return texts.reduce<IsoDay | null>((first, text) => {
      const day = this.date(text);
      return day !== null && (first === null || day < first) ? day : first;
    }, null);
  }

  /** What is wrong with the table as a whole. */
  private wholeTable(): void {
    const { reading, rows } = this;
    if (measuresIn(reading).length === 0 && !this.has('state'))
      this.problems.push(
        atTop(null, 'Nothing that was found stands in it yet: tap the head of the column that was measured, and say what it is.'),
      );
    const heads = rows.slots.some((s) => s.on !== null);
    if (heads && (this.has('day') || this.has('date')))
      this.problems.push(
        atTop(
          this.has('day') ? rows.at.day : rows.at.date,
          'The days stand in the heads and in a column of their own: leave one of them out.',
        ),
      );
    for (const column of [...measuresIn(reading)].filter((c) => !this.measures.has(c.measure)))
      this.problems.push(
        atTop(reading.columns.indexOf(column), 'Nobody knows what this column measures: choose it in its head.'),
      );
    const seedCount = reading.columns.findIndex(
      (c) => c.is === 'measure' && this.measures.get(c.measure)?.quantity === 'count-of',
    );
    if (seedCount >= 0 && !this.has('of-how-many') && reading.seedsEach === null && !this.sayOutOf(seedCount))
      this.problems.push(
        atTop(
          seedCount,
          `“${headName(this.sheet, seedCount)}” is a count: of how many seeds in each container? Say it in the sentence beside the table.`,
        ),
      );
  }

  /** Its cells say out of how many, or its head does. */
  private sayOutOf(column: number): boolean {
    const filled = this.rows.rows.filter((r) => r.cells[column]!.trim() !== '');
    return filled.length > 0 && filled.every((r) => /\/|of/i.test(r.cells[column]!) || stateOf(r.cells[column]!.trim()) !== null);
  }

  private wrong(line: number, column: number | null, sentence: string, part: Partial<TableProblem> = {}): void {
    const leaveOut = { words: 'Leave line out', mend: { kind: 'leave-out' as const, line } };
    this.problems.push({ line, column, sentence, alike: '', ...part, ways: [...(part.ways ?? []), leaveOut] });
  }

  private readRows(): void {
    const filled = new Set(this.reading.mends.flatMap((m) => (m.kind === 'cell' ? [m.line] : [])));
    for (const row of this.rows.rows) {
      if (row.short !== undefined && !filled.has(row.line)) {
        this.tooShort(row, row.short);
        continue;
      }
      for (const slot of this.rows.slots) {
        const unit = this.units.of(row, slot.at);
        if (unit === null) continue;
        this.readLook(row, slot, unit);
      }
    }
  }

  private tooShort({ line, cells }: SheetRow, short: number): void {
    this.wrong(line, null, `This line has ${short} cells where the heading has ${cells.length}.`, {
      alike: 'short',
      ways: [{ words: 'The last ones are empty', mend: { kind: 'cell', line, column: cells.length - 1, text: '' } }],
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
    const day = this.readDay(row, slot, unit.sownOn === '' ? this.sownOn : unit.sownOn);
    if (day === null) return;
    const state = this.stateOfLook(row, found, stateText);
    if (state === null) return;
    const plant = this.rows.cell(row, 'plant') || '1';
    if (plant.length > LONGEST.plant)
      return this.wrong(line, this.rows.at.plant, `The name of the plant is longer than ${LONGEST.plant} characters.`);
    const note = this.has('note') ? row.cells[this.rows.at.note]! : '';
    if (note.length > LONGEST.note)
      return this.wrong(line, this.rows.at.note, `The note is longer than ${LONGEST.note} characters.`);
    const recordedAt = this.rows.cell(row, 'recorded-at');
    if (recordedAt !== '' && Number.isNaN(Date.parse(recordedAt)))
      return this.wrong(line, this.rows.at['recorded-at'], `“${recordedAt}” is not a moment in time.`);
    this.looks.push({
      line,
      column: slot.columns[0]?.column ?? null,
      unit: unit.code,
      plant,
      day,
      ...state,
      fresh: found.fresh,
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
    const outOfText = this.rows.cell(row, 'of-how-many');
    const outOf = /^\d+$/.test(outOfText) ? Number(outOfText) : null;
    for (const { column, meaning } of slot.columns) {
      const measure = this.measures.get(meaning.measure);
      if (!measure) continue;
      const text = row.cells[column]!.trim();
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
      if (read.kind === 'state') state ??= read.state;
      if (read.kind === 'zero') zero = { column };
      if (read.kind !== 'finding') continue;
      if (read.seeds !== null) this.units.seedsSaid(unit, read.seeds, row.line, column);
      const finding = this.asTyped(read.finding, row);
      if (meaning.counting === 'new') fresh = finding;
      findings.push(finding);
    }
    return { findings, state, zero, fresh };
  }

  /** How it was typed, where a column says so. */
  private asTyped(finding: Finding, row: SheetRow): Finding {
    const own = this.has('own-measures');
    const at = this.reading.columns.findIndex((c) => c.is === 'typed' && c.of === finding.measure);
    if (at < 0) return own && finding.measure !== 'height' ? { ...finding, typed: null } : finding;
    const typed = row.cells[at]!.trim().slice(0, 60);
    return { ...finding, typed: typed || (finding.measure === 'height' ? finding.typed : null) };
  }

  private readDay(row: SheetRow, slot: Slot, sownOn: IsoDay): IsoDay | null {
    const { at } = this.rows;
    if (this.days === 'one-look') return addDays(sownOn, 1);
    const dateText = slot.on && 'date' in slot.on ? slot.on.date : this.rows.cell(row, 'date');
    const dayText = slot.on && 'number' in slot.on ? String(slot.on.number) : this.rows.cell(row, 'day');
    const no = (column: number, sentence: string) => (
      this.wrong(row.line, column < 0 ? null : column, sentence, { alike: 'day' }),
      null
    );
    if (dateText === '' && dayText === '') return no(at.date >= 0 ? at.date : at.day, 'There is no date and no day.');
    const counted = dayText === '' ? null : this.dayNumber(dayText);
    if (dayText !== '' && counted === null) return no(at.day, `“${dayText}” is not a whole number of days since sowing.`);
    const byCount = counted === null ? null : addDays(sownOn, counted);
    if (dateText === '') return byCount;
    const date = this.date(dateText);
    if (date === null) return no(at.date, `“${dateText}” is not a date written as ${ORDER_WORDS[this.reading.dateOrder]}.`);
    if (date < sownOn) return no(at.date, `${date} is before the sowing day, ${sownOn}.`);
    if (daysBetween(sownOn, date) > LONGEST_RECORD_DAYS) return no(at.date, `${date} is more than ten years after sowing.`);
    if (byCount !== null && byCount !== date)
      return no(at.day, `Day ${dayText} after sowing on ${sownOn} is ${byCount}, but the date says ${date}.`);
    return date;
  }

  private dayNumber(text: string): number | null {
    const plain = /^(?:day\s*|d\s*)?(\d{1,4})(?:[.,]0+)?$/i.exec(text);
    const meaning = this.reading.columns[this.rows.at.day];
    const weeks = meaning?.is === 'day' && meaning.unit === 'weeks' ? 7 : 1;
    const number = plain ? Number(plain[1]) * weeks : null;
    return number !== null && number <= LONGEST_RECORD_DAYS ? number : null;
  }

  private stateOfLook(
    row: SheetRow,
    found: { findings: Finding[]; state: ReadingState | null; zero: { column: number } | null },
    stateText: string,
  ): Pick<TidyReading, 'state' | 'findings' | 'lostReason'> | null {
    const named = stateText === '' ? null : stateOf(stateText);
    const at = this.rows.at.state;
    if (stateText !== '' && named === null) {
      this.wrong(row.line, at, `“${stateText}” is not a state: use measured, not-up, lost, thinned, moved or not-checked.`, {
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
        `“${reasonText}” is not a reason for a loss: use ${LOST_REASONS.join(', ')}.`,
      );
      return null;
    }
    // None of something shows no plant: `0 leaves` beside “not up” is no contradiction.
    const seen = found.findings.find((f) => f.value !== 0);
    const findings = found.zero !== null && !seen ? [] : found.findings;
    const state = named ?? (findings.length > 0 ? 'measured' : (found.state ?? 'not-checked'));
    if (state !== 'measured') {
      if (seen) {
        this.wrong(
          row.line,
          at,
          `The state is “${state}”, yet there is a value, ${seen.typed ?? seen.value ?? seen.choice}. Leave one of them out.`,
        );
        return null;
      }
      return { state, findings: [], lostReason: state === 'lost' ? ((reason ?? 'other') as LostReason) : null };
    }
    if (findings.length === 0 && found.zero === null) {
      this.wrong(row.line, at, 'The state says that something was measured, yet there is no value.');
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

  /** Looks of one plant, oldest first. */
  private ofPlants(): Look[][] {
    const byPlant = new Map<string, Look[]>();
    for (const look of this.looks) {
      const key = `${look.unit}\u0001${look.plant}`;
      const before = byPlant.get(key);
      if (before) before.push(look);
      else byPlant.set(key, [look]);
    }
    return [...byPlant.values()].map((looks) => [...looks].sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0)));
  }

  /** Seeds that have come since the look before are added up: a count says how many there are by then. */
  private cumulate(): void {
    if (!measuresIn(this.reading).some((c) => c.counting === 'new')) return;
    for (const looks of this.ofPlants()) {
      const sums = new Map<string, number>();
      for (const look of looks) {
        if (look.fresh === null) continue;
        const { measure, value } = look.fresh;
        const sum = (sums.get(measure) ?? 0) + value!;
        sums.set(measure, sum);
        look.findings = look.findings.map((f) => (f.measure === measure ? numberFound(measure, sum) : f));
      }
    }
  }

  /** A height of 0 before anything was measured is a seed that is not up; behind a height nobody can know what it says. */
  private settleZeros(): void {
    if (!this.looks.some((l) => l.zero !== null)) return;
    const gone = new Set<Look>();
    for (const looks of this.ofPlants()) {
      let up = false;
      for (const look of looks) {
        if (look.zero === null) {
          up ||= look.state === 'measured';
          continue;
        }
        if (!up) {
          if (this.reading.zeros === 'left-out') gone.add(look);
          else look.state = 'not-up';
          continue;
        }
        gone.add(look);
        const { line } = look;
        const { column } = look.zero;
        const cell = (words: string, text: string) => ({ words, mend: { kind: 'cell' as const, line, column, text } });
        this.problems.push({
          line,
          column,
          sentence: `${look.unit} has a height of 0 after it was up: was it lost, or did nobody look?`,
          ways: [
            cell('It was lost', 'lost'),
            cell('Nobody looked', ''),
            { words: 'Leave line out', mend: { kind: 'leave-out', line } },
          ],
          alike: 'zero after a height',
        });
      }
    }
    this.looks = this.looks.filter((l) => !gone.has(l));
  }

  /**
   * Several rows of one container on one day are its plants where most containers have several; otherwise one of them is a slip, or a
   * correction that says so.
   */
  private settleRepeats(): void {
    const seen = new Map<string, Look[]>();
    for (const look of this.looks) {
      if (look.corrects !== null) continue;
      const key = `${look.unit}\u0001${look.plant}\u0001${look.day}`;
      const before = seen.get(key);
      if (before) before.push(look);
      else seen.set(key, [look]);
    }
    const groups = [...seen.values()];
    const several = groups.filter((g) => g.length > 1);
    if (several.length === 0) return;
    if (!this.has('plant') && several.length * 2 >= groups.length) {
      for (const group of groups) group.forEach((look, i) => (look.plant = String(i + 1)));
      return;
    }
    const gone = new Set<Look>();
    for (const [first, ...others] of several)
      for (const look of others) {
        gone.add(look);
        this.wrong(
          look.line,
          this.rows.at.container >= 0 ? this.rows.at.container : null,
          `${look.unit} already has a look${this.days === 'one-look' ? '' : ' of this day'} on line ${first!.line}. If several plants grow in one container, say which column names the plant.`,
          { alike: 'twice', ways: [{ words: `Leave line ${first!.line} out`, mend: { kind: 'leave-out', line: first!.line } }] },
        );
      }
    this.looks = this.looks.filter((l) => !gone.has(l));
  }

  private checkCorrections(): void {
    if (!this.has('reading') && !this.has('corrects')) return;
    const keys = new Map<string, number>();
    for (const { key, corrects, line } of this.looks) {
      if (key !== null && keys.has(key))
        this.wrong(line, this.rows.at.reading, `The reading “${key}” is on line ${keys.get(key)} too.`);
      if (corrects !== null && !keys.has(corrects))
        this.wrong(line, this.rows.at.corrects, `It corrects “${corrects}”, which is on no line above it.`);
      if (key !== null) keys.set(key, line);
    }
  }

  /** No more can come up than was sown. */
  private checkSeeds(): void {
    const counts = measuresIn(this.reading).filter((c) => isSeedCount(c.measure));
    if (counts.length === 0 || this.has('own-measures')) return;
    for (const look of this.looks)
      for (const { measure, value } of look.findings) {
        if (value === null || !isSeedCount(measure)) continue;
        const seeds = this.units.seedsOf(look.unit);
        if (seeds !== null && value > seeds)
          this.wrong(look.line, look.column, `${look.unit} would have ${value} up of ${seeds} seeds.`, {
            alike: 'more than were sown',
          });
      }
  }
}

const atTop = (column: number | null, sentence: string): TableProblem => ({
  line: 1,
  column: column !== null && column >= 0 ? column : null,
  sentence,
  ways: [],
  alike: '',
});
