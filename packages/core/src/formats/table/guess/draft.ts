import { isSeedCount } from '../../../measures/builtIn/counts';
import { newOwnMeasure, type OwnMeasure } from '../../../measures/ownMeasure';
import { measureOf } from '../../../measures/registry';
import { MOST_TREATMENTS } from '../../../plan/document/planDocument';
import { columnCells, type ColumnCells } from '../columnCells';
import { type ColumnMeaning, type MeasureColumn, partsOfOne, type Role } from '../columnMeaning';
import { measureOfHead, plainHead, ROLE_HEADS, unitOfHead } from '../headWords';
import { ownMeasureNamed, ownMeasuresIn } from '../ownMeasures';
import { type Sheet } from '../sheet';

const OPEN: ColumnMeaning = { is: 'open' };

/** A first reading of a table while it is made: what is known of each column so far. Nothing that is settled is settled again. */
export class Draft {
  readonly columns: ColumnMeaning[];
  readonly cells: readonly ColumnCells[];
  /** Heads in small letters, words apart. */
  readonly heads: readonly string[];
  own: OwnMeasure[];

  constructor(readonly sheet: Sheet) {
    this.columns = sheet.headings.map(() => OPEN);
    this.cells = sheet.headings.map((_, i) => columnCells(sheet, i));
    this.heads = sheet.headings.map(plainHead);
    this.own = ownMeasuresIn(sheet);
  }

  /** What is measured where no head says it: what the title says, or heights. */
  get usual(): string {
    const { title } = this.sheet;
    if (title === undefined) return 'height';
    const code = measureOfHead(unitOfHead(title).rest) ?? 'height';
    return isSeedCount(code)
      ? /%|per ?cent/i.test(title)
        ? this.share()
        : seedsInHeads([title]) !== null
          ? code
          : 'height'
      : code;
  }

  /** Shares of something that has no name but that. */
  share(): string {
    const code = 'column-share';
    if (!this.own.some((m) => m.code === code))
      this.own = [...this.own, { ...newOwnMeasure(code), name: 'share', quantity: 'share', of: 'container' }];
    return code;
  }

  at(role: Role): number {
    return this.columns.findIndex((c) => c.is === role);
  }

  has(role: Role): boolean {
    return this.at(role) >= 0;
  }

  isOpen(i: number): boolean {
    return this.columns[i]!.is === 'open';
  }

  openColumns(): number[] {
    return this.columns.flatMap((_, i) => (this.isOpen(i) ? [i] : []));
  }

  get measured(): boolean {
    return this.columns.some((c) => c.is === 'measure');
  }

  /** One column a day. */
  get daysInHeads(): boolean {
    return this.columns.some((c) => c.is === 'measure' && c.on);
  }

  /** Its texts stand more than once on the whole: a name of a group does. */
  repeats(i: number): boolean {
    const { filled, distinct } = this.cells[i]!;
    return distinct.length >= 1 && (distinct.length < filled.length || filled.length <= MOST_TREATMENTS);
  }

  /** Each container has one text of a column; true too where no column is the container. */
  alikeWithin(container: number, column: number): boolean {
    if (container < 0) return true;
    const first = new Map<string, string>();
    return this.sheet.rows.every(({ cells }) => {
      const [name, text] = [cells[container]!.trim(), cells[column]!.trim()];
      const before = first.get(name);
      if (before === undefined) first.set(name, text);
      return before === undefined || before === text;
    });
  }

  /** A meaning of cells that hold a measure, with the unit that their head names or that their size suggests. */
  measureColumn(code: string, unit: string, i: number): MeasureColumn {
    const { quantity } = measureOf(code, this.own)!;
    if (quantity === 'length') return { is: 'measure', measure: code, unit: isLength(unit) ? unit : this.lengthUnit(i) };
    if (quantity === 'mass') return { is: 'measure', measure: code, unit: isMass(unit) ? unit : 'g' };
    return { is: 'measure', measure: code, unit: quantity === 'share' && this.partsOfOne(i) ? partsOfOne() : '' };
  }

  /** Shares as workbooks keep them: 0.4 for 40 %. */
  private partsOfOne(i: number): boolean {
    const { filled, numeric, whole, most } = this.cells[i]!;
    // Files of this product write per cent.
    return !this.has('own-measures') && numeric && !whole && most <= 1 && !filled.some((c) => c.endsWith('%'));
  }

  /** Where nobody says it: inches where fractions of them stand, millimetres where numbers are whole and high, else centimetres. */
  private lengthUnit(i: number): string {
    const titled = unitOfHead(this.sheet.title ?? '').unit;
    if (isLength(titled)) return titled;
    const { filled, whole, most } = this.cells[i]!;
    if (filled.some((c) => /\d\s*(["″”]|in(ch(es)?)?)$|[¼½¾⅛⅜⅝⅞]|\d\/\d/.test(c))) return 'in';
    return whole && most > 150 ? 'mm' : 'cm';
  }

  /**
   * The measure that the rest of a head names, beside its day.
   * @param usual where it names none
   * @param together columns whose heads say the same but for the day
   */
  measureNamed(text: string, i: number, { usual, together }: { usual: string; together: readonly number[] }): MeasureColumn {
    const { rest, unit } = unitOfHead(text);
    const known =
      rest === '' ? (measureOfUnit(unit) ?? usual) : (measureOfHead(rest) ?? (SAYS_NOTHING.test(rest) ? usual : null));
    if (known !== null) return this.measureColumn(known, unit, i);
    const numbers = together.flatMap((k) => this.cells[k]!.filled);
    const own = ownMeasureNamed(text, numbers);
    if (!this.own.some((m) => m.code === own.code)) this.own = [...this.own, own];
    return { is: 'measure', measure: own.code, unit: isLength(unit) || isMass(unit) ? unit : '' };
  }

  /** A head that stands twice names two measures. */
  setOwn(i: number, measure: OwnMeasure): void {
    const again = this.columns.filter((c) => c.is === 'measure' && c.measure.replace(/-\d+$/, '') === measure.code).length;
    const own =
      again === 0 ? measure : { ...measure, code: `${measure.code}-${again + 1}`, name: `${measure.name} ${again + 1}` };
    this.own = [...this.own.filter((m) => m.code !== own.code), own];
    const { unit } = unitOfHead(this.sheet.headings[i]!);
    this.columns[i] =
      own.quantity === 'share'
        ? this.measureColumn(own.code, '', i)
        : { is: 'measure', measure: own.code, unit: isLength(unit) || isMass(unit) ? unit : '' };
  }
}

/** `10 seeds each`, `out of 20` in one of the heads: so many were sown in each container; null where none says it. */
export function seedsInHeads(headings: readonly string[]): number | null {
  const said = headings.map((h) => /\b(\d{1,3}) seeds\b|\bout of (\d{1,3})\b/i.exec(h)).find((f) => f !== null);
  return said ? Number(said[1] ?? said[2]) : null;
}

/** Words beside a day that name no measure. */
const SAYS_NOTHING =
  /^(the |at |on |after |by )*(checks?|obs|observations?|looks?|data|results?|readings?|no|end|start|plants?|pots?|after|by|on|at)?$/;

export const headOfRole = (role: Role): RegExp => ROLE_HEADS.find(([of]) => of === role)![1];

const isLength = (unit: string) => ['mm', 'cm', 'm', 'in', 'ft'].includes(unit);
const isMass = (unit: string) => ['mg', 'g', 'kg', 'oz', 'lb'].includes(unit);

/** What a head that is nothing but a unit measures. */
export function measureOfUnit(unit: string): string | null {
  return isLength(unit) ? 'height' : isMass(unit) ? 'fresh-mass' : null;
}
