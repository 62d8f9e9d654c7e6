import { say } from '@bright-sprout/words/say';
import { type IsoDay } from '../../calendar/days';
import { type TidyUnit } from '../tidyTable';
import { FACTOR_ROLES, measuresIn, type TableProblem, type TableReading } from './columnMeaning';
import { nameStem } from './headWords';
import { readDate } from './readDate';
import { type ReadRows } from './rowFacts';
import { type SheetRow } from './sheet';
import { type Treatments } from './treatmentsIn';

interface Found extends TidyUnit {
  line: number;
  /** Key of its treatment. */
  id: string;
  seedsLine: number | null;
}

/** By what a container is told from another: its name alone, or its name within something. */
type Scope = 'name' | 'treatment' | 'team' | 'both' | 'row' | 'treatment-itself';

/** A share of names that contradict themselves up to this is slips. */
const FEW = 1 / 3;

const LONGEST_NAME = 40;
const LONGEST_BLOCK = 60;

/** The containers of a table. */
export class Units {
  readonly problems: TableProblem[] = [];
  private readonly units = new Map<string, Found>();
  private readonly byCode = new Map<string, Found>();
  private readonly scope: Scope;

  constructor(
    private readonly reading: TableReading,
    private readonly table: ReadRows,
    private readonly treatments: Treatments,
  ) {
    this.scope = this.settleScope();
  }

  /** Teams, classes and blocks: what containers are compared within. */
  private block(row: SheetRow): string | null {
    const parts = [this.table.cell(row, 'class'), this.table.cell(row, 'team')].filter((p) => p !== '');
    return parts.length === 0 ? null : parts.join(' · ');
  }

  /** Pots are numbered anew in each treatment, or by each team, in many tables. */
  private settleScope(): Scope {
    const { rows, at } = this.table;
    const texts = (row: SheetRow) =>
      FACTOR_ROLES.map((role) => at[role])
        .filter((c) => c >= 0)
        .map((c) => row.cells[c]!.trim().toLowerCase())
        .join('\u0001');
    const block = (row: SheetRow) => (this.block(row) ?? '').toLowerCase();
    if (at.container < 0) {
      if (at.plant >= 0) return 'both';
      const days = [at.day, at.date].filter((c) => c >= 0);
      const places = new Set(rows.map((r) => [texts(r), block(r), ...days.map((c) => r.cells[c]!.trim())].join('\u0002')));
      return places.size === rows.length && this.table.slots.every((s) => s.at === null) && days.length > 0
        ? 'treatment-itself'
        : 'row';
    }
    const name = (row: SheetRow) => row.cells[at.container]!.trim();
    const scopes: [Scope, (row: SheetRow) => string][] = [
      ['name', name],
      ['team', (r) => `${block(r)}\u0001${name(r)}`],
      ['treatment', (r) => `${texts(r)}\u0001${name(r)}`],
      ['both', (r) => `${texts(r)}\u0001${block(r)}\u0001${name(r)}`],
    ];
    const conflicting = ([, keyOf]: (typeof scopes)[number]) => {
      const first = new Map<string, string>();
      const wrong = new Set<string>();
      for (const row of rows) {
        const facts = `${texts(row)}\u0001${block(row)}`;
        const before = first.get(keyOf(row));
        if (before === undefined) first.set(keyOf(row), facts);
        else if (before !== facts) wrong.add(keyOf(row));
      }
      return wrong.size / Math.max(1, first.size);
    };
    // A few that contradict each other are slips; many say how pots are numbered.
    return (scopes.find((s) => conflicting(s) <= FEW) ?? scopes[3]!)[0];
  }

  /** The container of a row; null where the row cannot be one of it, which is told. */
  of(row: SheetRow, at: { container: string; treatment: string } | null): TidyUnit | null {
    const id = this.treatments.of(row, at?.treatment ?? this.treatmentInName(row));
    if (id === null) return null;
    const block = this.block(row);
    const named = this.nameOf(row, at, id, block);
    if (named === null) return null;
    const { key, code } = named;
    const known = this.units.get(key);
    if (!known) return this.note(row, key, code, id, block);
    if (known.id !== id)
      return this.wrong(
        row,
        this.table.at.treatment,
        say('tablesIn.treatmentLineContainerTreatment', {
          code,
          there: this.treatments.labelOf(known.id),
          line: known.line,
          here: this.treatments.labelOf(id),
        }),
        [this.cellWay(row, this.table.at.treatment, known.line)],
      );
    if (known.block !== block)
      return this.wrong(
        row,
        this.table.at.team,
        say('tablesIn.isInOnLine', { code, there: known.block ?? '', line: known.line, here: block ?? '' }),
        [this.cellWay(row, this.table.at.team, known.line)],
      );
    this.seedsInRow(known, row);
    return known;
  }

  /** What the name of its container says was done to it; null where names say nothing. */
  private treatmentInName(row: SheetRow): string | null {
    const meaning = this.reading.columns[this.table.at.container];
    return meaning && 'names' in meaning && meaning.names === 'treatment' ? nameStem(this.table.cell(row, 'container')) : null;
  }

  /** Takes the text that stands on another line. */
  private cellWay(row: SheetRow, column: number, line: number): TableProblem['ways'][number] {
    const text = this.table.rows.find((r) => r.line === line)?.cells[column] ?? '';
    return { words: say('tablesIn.itIsText', { text: text.trim() }), mend: { kind: 'cell', line: row.line, column, text } };
  }

  private wrong(row: SheetRow, column: number, sentence: string, ways: TableProblem['ways'] = []): null {
    this.problems.push({
      line: row.line,
      column: column < 0 ? null : column,
      sentence,
      alike: '',
      ways: [...ways, { words: say('tablesIn.leaveLine'), mend: { kind: 'leave-out', line: row.line } }],
    });
    return null;
  }

  private nameOf(row: SheetRow, at: { container: string; treatment: string } | null, id: string, block: string | null) {
    const label = this.treatments.labelOf(id);
    const within = (...parts: (string | null)[]) => parts.filter((p) => p !== null && p !== '').join(' ');
    // Another container in each row, of the treatment in the head.
    if (at !== null && at.container === '')
      return this.checked(row, `${id}\u0001${this.rowName(row)}`, within(label, this.rowName(row)));
    if (at !== null && at.treatment !== '') return this.checked(row, at.container.trim(), at.container);
    // The head counts the plants of the row.
    if (at !== null)
      return this.checked(row, `${id}\u0001${block ?? ''}\u0001${at.container}`, within(label, block, at.container));
    if (this.scope === 'row') return { key: `line ${row.line}`, code: String(row.line) };
    if (this.scope === 'treatment-itself') return this.checked(row, `${id}\u0001${block ?? ''}`, within(label, block));
    const name = this.table.at.container < 0 ? this.table.cell(row, 'plant') || '1' : this.table.cell(row, 'container');
    if (name === '') return this.wrong(row, this.table.at.container, say('tablesIn.containerCellEmpty'));
    switch (this.scope) {
      case 'name':
        return this.checked(row, name, name);
      case 'team':
        return this.checked(row, `${block ?? ''}\u0001${name}`, within(block, name));
      case 'treatment':
        return this.checked(row, `${id}\u0001${name}`, within(label, name));
      default:
        return this.checked(row, `${id}\u0001${block ?? ''}\u0001${name}`, within(label, block, name));
    }
  }

  private rowName(row: SheetRow): string {
    return this.table.cell(row, 'container') || String(row.line - this.table.rows[0]!.line + 1);
  }

  private checked(row: SheetRow, key: string, code: string) {
    if (code.length <= LONGEST_NAME) return { key, code };
    return this.wrong(
      row,
      this.table.at.container,
      say('tablesIn.nameContainerLongerCharacters', { code, longestName: LONGEST_NAME }),
    );
  }

  private note(row: SheetRow, key: string, code: string, id: string, block: string | null): TidyUnit | null {
    if (block !== null && block.length > LONGEST_BLOCK)
      return this.wrong(row, this.table.at.team, say('tablesIn.nameBlockLongerCharacters', { longestBlock: LONGEST_BLOCK }));
    const { dateOrder, year } = this.reading;
    const sownOn = readDate(this.table.cell(row, 'sown-on'), dateOrder, year) ?? '';
    const seeds = this.reading.seedsEach ?? 1;
    const made: Found = { code, treatment: '', block, seeds, sownOn, line: row.line, id, seedsLine: null };
    if (this.seedsInRow(made, row) === null) return null;
    this.units.set(key, made);
    this.byCode.set(code, made);
    return made;
  }

  /** What the row says of the seeds; counts of other things are out of something else. */
  private seedsInRow(unit: Found, row: SheetRow): TidyUnit | null {
    const text = this.table.cell(row, 'of-how-many');
    if (text === '' || !this.saysSeeds()) return unit;
    if (!/^\d+$/.test(text) || Number(text) > 1000)
      return this.wrong(row, this.table.at['of-how-many'], say('tablesIn.numberSeeds', { text }));
    return this.seedsSaid(unit, Number(text), row.line, this.table.at['of-how-many']);
  }

  private seedWord: boolean | null = null;
  private saysSeeds(): boolean {
    return (this.seedWord ??= !measuresIn(this.reading).some((c) => c.counting === 'share-of'));
  }

  seedsSaid(unit: TidyUnit, seeds: number, line: number, column: number): TidyUnit | null {
    const found = unit as Found;
    if (found.seedsLine !== null && found.seeds !== seeds) {
      this.problems.push({
        line,
        column,
        sentence: say('tablesIn.seedsLine', { code: found.code, there: found.seeds, seedsLine: found.seedsLine, here: seeds }),
        alike: 'seeds',
        ways: [{ words: say('tablesIn.leaveLine'), mend: { kind: 'leave-out', line } }],
      });
      return null;
    }
    found.seeds = seeds;
    found.seedsLine ??= line;
    return found;
  }

  private readonly oneByOne = new Map<string, Map<IsoDay, number>>();

  /** A row tells of one seed of a container: so many were sown as were looked at on one day. */
  oneSeedMore(code: string, day: IsoDay): void {
    const days = this.oneByOne.get(code) ?? new Map<IsoDay, number>();
    days.set(day, (days.get(day) ?? 0) + 1);
    this.oneByOne.set(code, days);
    const found = this.byCode.get(code)!;
    found.seeds = Math.max(...days.values());
    found.seedsLine ??= found.line;
  }

  /** Null where nobody has said it. */
  seedsOf(code: string): number | null {
    const { seeds, seedsLine } = this.byCode.get(code)!;
    return seedsLine === null && this.reading.seedsEach === null ? null : seeds;
  }

  /** @param sownOn of those that do not say their own */
  all(sownOn: IsoDay): TidyUnit[] {
    return [...this.units.values()].map(({ line: _line, id, seedsLine: _seeds, ...unit }) => ({
      ...unit,
      treatment: this.treatments.codeOf(id),
      sownOn: unit.sownOn || sownOn,
    }));
  }
}
