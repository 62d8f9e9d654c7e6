import { type IsoDay } from '../../calendar/days';
import { newOwnMeasure, type OwnMeasure } from '../../measures/ownMeasure';
import { isSeedCount } from '../../measures/builtIn/counts';
import { measureOf } from '../../measures/registry';
import { columnCells, type ColumnCells } from './columnCells';
import { type ColumnMeaning, type MeasureColumn, type Role, type TableReading } from './columnMeaning';
import { dayOfHead, type FoundDay } from './dayHead';
import { isNewCount, measureOfHead, plainHead, ROLE_HEADS, unitOfHead } from './headWords';
import { ownMeasureOf, ownMeasuresIn } from './ownMeasures';
import { guessDateOrder, isDateLike, readDate } from './readDate';
import { type Sheet } from './sheet';
import { looksLikeNumber } from './stateWords';

/** No more treatments can be told apart on a wall. */
export const MOST_TREATMENTS = 6;

/**
 * A first reading of a table from its heads and cells; the person sees it and may change all of it. What nothing can be told of
 * stays open, and is left out.
 * @param today the nearest year to it is taken for dates without one
 */
export function guessReading(sheet: Sheet, today: IsoDay): TableReading {
  return new Guess(sheet, today).reading();
}

/** What every file of this product has among its heads. */
const OWN_FILE = ['unit', 'treatment', 'treatment_label', 'state', 'own_measures'];
const OWN_HEADS: Record<string, Role> = {
  unit: 'container',
  treatment: 'treatment',
  treatment_label: 'treatment-label',
  control: 'control',
  block: 'team',
  seeds: 'of-how-many',
  plant: 'plant',
  sown_on: 'sown-on',
  day: 'day',
  date: 'date',
  state: 'state',
  length_unit: 'length-unit',
  lost_because: 'lost-because',
  note: 'note',
  asked: 'asked',
  answered: 'answered',
  second_mm: 'second-mm',
  recorded_at: 'recorded-at',
  reading: 'reading',
  corrects: 'corrects',
  own_measures: 'own-measures',
};

/** Heads that say it themselves. */
const TREATMENT_ITSELF = /^(treatments?|treat|trt)$/;
/** What is worked out of other columns. */
const SUMMED = /^(average|mean|avg|total|sum|sd|st ?dev|se|sem|median|range|minimum|maximum|min|max)\b/;
const NUMBERED = /^(plant|pot|cup|seedling|rep|replicate|sample|seed|trial|no|nr)? ?\d{1,2}( |$)/;

const withUnit = (role: Role, heading: string, unit: string): ColumnMeaning =>
  role === 'dose'
    ? { is: role, unit }
    : role === 'day' && /\bw(ee)?ks?\b/.test(plainHead(heading))
      ? { is: role, unit: 'weeks' }
      : { is: role };

const OPEN: ColumnMeaning = { is: 'open' };

class Guess {
  private readonly columns: ColumnMeaning[];
  private readonly cells: ColumnCells[];
  private own: OwnMeasure[];

  constructor(
    private readonly sheet: Sheet,
    private readonly today: IsoDay,
  ) {
    this.columns = sheet.headings.map(() => OPEN);
    this.cells = sheet.headings.map((_, i) => columnCells(sheet, i));
    this.own = ownMeasuresIn(sheet);
  }

  reading(): TableReading {
    this.emptyColumns();
    this.days();
    if (this.daysDownTheSide()) this.oneColumnAContainer();
    this.roles();
    this.measures();
    this.fromCells();
    this.numberedPlants();
    this.counts();
    this.unknownNumbers();
    const texts = this.dateTexts();
    return {
      columns: this.columns,
      own: this.own.filter((m) => this.columns.some((c) => c.is === 'measure' && c.measure === m.code)),
      dateOrder: guessDateOrder(texts),
      year: this.year(texts),
      sownOn: null,
      control: null,
      seedsEach: null,
      zeros: 'not-up',
      mends: [],
    };
  }

  private readonly has = (role: Role) => this.columns.some((c) => c.is === role);
  private readonly isOpen = (i: number) => this.columns[i]!.is === 'open';
  private readonly openColumns = () => this.columns.flatMap((_, i) => (this.isOpen(i) ? [i] : []));

  private emptyColumns(): void {
    this.cells.forEach(({ filled }, i) => {
      if (filled.length === 0 && plainHead(this.sheet.headings[i]!) === '') this.columns[i] = { is: 'left-out' };
    });
  }

  /** One column a day: two heads or more that name one, over numbers. */
  private days(): void {
    const found = this.sheet.headings.map((h, i) => {
      const day = h === '' ? null : dayOfHead(h);
      return day && (this.cells[i]!.numeric || this.cells[i]!.filled.length === 0) ? day : null;
    });
    const days = found.filter((f) => f !== null);
    if (days.length < 2 || days.length === found.length) return;
    // Bare numbers are days where they rise; codes such as D1, D2 beside A1, A2 are containers.
    const bare = days.filter((d) => d.bare).map((d) => ('number' in d.on ? d.on.number : 0));
    if (bare.some((n, i) => i > 0 && n <= bare[i - 1]!)) return;
    if (this.areCodes(found)) return;
    const shares = found.every(
      (f, i) => f === null || this.cells[i]!.filled.every((c) => c.endsWith('%') || !looksLikeNumber(c)),
    );
    if (shares) this.own = [...this.own, { ...newOwnMeasure('column-share'), name: 'share', quantity: 'share', of: 'container' }];
    found.forEach((f, i) => {
      if (f === null) return;
      const named = shares
        ? { is: 'measure' as const, measure: 'column-share', unit: '' }
        : this.measureNamed(f.rest, i, 'height');
      this.columns[i] = { ...named, on: f.on };
    });
  }

  /** `A1 … D1`: heads in which one letter stands for a day are codes where other letters stand beside them. */
  private areCodes(found: (FoundDay | null)[]): boolean {
    const others = this.sheet.headings.filter((h, i) => found[i] === null && /^[A-Z]\d{1,2}$/.test(h.trim()));
    return others.length >= 2;
  }

  /** Heads of this product's own files mean one thing each. */
  private ownFile(): boolean {
    if (!OWN_FILE.every((h) => this.sheet.headings.includes(h))) return false;
    this.sheet.headings.forEach((heading, i) => {
      const role = OWN_HEADS[heading];
      if (role) this.columns[i] = { is: role };
    });
    return true;
  }

  private roles(): void {
    if (!this.ownFile()) this.rolesOfHeads();
    this.typedColumns();
  }

  private rolesOfHeads(): void {
    // A head that says “treatment” goes before those that name something that could be one.
    for (const [role, head] of [['treatment', TREATMENT_ITSELF] as [Role, RegExp], ...ROLE_HEADS])
      for (const [i, heading] of this.sheet.headings.entries()) {
        const { rest, unit } = unitOfHead(heading);
        if (this.has(role) || !this.isOpen(i) || !(head.test(plainHead(heading)) || (rest !== '' && head.test(plainHead(rest)))))
          continue;
        if (this.fits(role, i)) this.columns[i] = withUnit(role, heading, unit);
      }
  }

  private typedColumns(): void {
    this.sheet.headings.forEach((heading, i) => {
      const of = /^(.*) as typed$/.exec(heading)?.[1] ?? (plainHead(heading) === 'as typed' ? 'height' : null);
      if (of === null || !this.isOpen(i)) return;
      const measure = of === 'height' ? 'height' : this.knownMeasure(of);
      if (measure !== null) this.columns[i] = { is: 'typed', of: measure };
    });
  }

  /** A head may promise what its cells do not keep. */
  private fits(role: Role, i: number): boolean {
    const { numeric, dates, distinct, filled, whole, least, most } = this.cells[i]!;
    if (role === 'treatment')
      return distinct.length <= Math.max(MOST_TREATMENTS * 2, filled.length / 2) && !dates && this.repeats(i);
    if (role === 'dose') {
      const container = this.sheet.headings.findIndex(
        (h) => ROLE_HEADS.find(([r]) => r === 'container')![1].test(plainHead(h)) || plainHead(h) === 'plant',
      );
      return numeric && distinct.length <= MOST_TREATMENTS && this.repeats(i) && this.alikeWithin(container, i);
    }
    if (role === 'date' || role === 'sown-on') return dates || !numeric;
    if (role === 'day') {
      if (dates && !this.has('date')) this.columns[i] = { is: 'date' };
      return numeric && !dates && this.isOpen(i);
    }
    if (role === 'of-how-many') return numeric && whole && least >= 1 && most <= 10_000;
    if (role === 'control') return distinct.every((c) => /^(yes|no|true|false|0|1|y|n)$/i.test(c));
    if (role === 'plant') return this.plantFits(i);
    return true;
  }

  /** `plant` is a container where no other column is one. */
  private plantFits(i: number): boolean {
    if (this.has('container')) return true;
    const { filled, distinct } = this.cells[i]!;
    const treatment = this.columns.findIndex((c) => c.is === 'treatment');
    if (treatment >= 0 || distinct.length >= filled.length / 3) this.columns[i] = { is: 'container' };
    return false;
  }

  /** Its texts stand more than once on the whole: a name of a group does. */
  private repeats(i: number): boolean {
    const { filled, distinct } = this.cells[i]!;
    return distinct.length >= 1 && (distinct.length < filled.length || filled.length <= MOST_TREATMENTS);
  }

  private measures(): void {
    this.sheet.headings.forEach((heading, i) => {
      if (!this.isOpen(i) || heading === '' || this.cells[i]!.filled.length === 0) return;
      const { rest, unit } = unitOfHead(heading);
      const defined = this.own.find((m) => plainHead(m.name) === plainHead(heading) || plainHead(m.name) === plainHead(rest));
      const code =
        defined?.code ?? measureOfHead(rest) ?? measureOfHead(heading) ?? (rest === '' && unit !== '' ? ofUnit(unit) : null);
      const measure = code === null ? null : measureOf(code, this.own);
      if (measure === null || this.taken(measure.code)) return;
      const choices = measure.choices.length > 0;
      if (
        choices ? this.cells[i]!.numeric || !this.areChoices(i, measure.choices) : !this.cells[i]!.someNumbers && !this.isOutOf(i)
      )
        return;
      // A count of seeds in per cent is a share.
      if (isSeedCount(measure.code) && (unit === '%' || this.cells[i]!.filled.some((c) => c.endsWith('%')))) {
        const share = ownMeasureOf(heading, this.sheet, i);
        if (share) this.setOwn(i, { ...share, quantity: 'share', unit: '' });
        return;
      }
      this.columns[i] = this.measureColumn(measure.code, unit, i);
    });
  }

  private areChoices(i: number, choices: readonly { code: string; words: string }[]): boolean {
    const known = new Set(choices.flatMap((c) => [c.code.toLowerCase(), c.words.toLowerCase()]));
    return this.cells[i]!.distinct.every((c) => known.has(c.toLowerCase()));
  }

  /** Cells such as `18/25` or `18 of 25`. */
  private isOutOf(i: number): boolean {
    const { filled } = this.cells[i]!;
    return filled.length > 0 && filled.filter((c) => /^\d+\s*(\/|of|out of)\s*\d+$/i.test(c)).length >= filled.length * 0.8;
  }

  private taken(code: string): boolean {
    return this.columns.some((c) => c.is === 'measure' && c.measure === code && !c.on && !c.at);
  }

  private measureColumn(code: string, unit: string, i: number): MeasureColumn {
    const { quantity } = measureOf(code, this.own)!;
    if (quantity === 'length') return { is: 'measure', measure: code, unit: isLength(unit) ? unit : this.lengthUnit(i) };
    if (quantity === 'mass') return { is: 'measure', measure: code, unit: isMass(unit) ? unit : 'g' };
    return { is: 'measure', measure: code, unit: '' };
  }

  /** Where nobody says it: inches where fractions of them stand, millimetres where numbers are whole and high, else centimetres. */
  private lengthUnit(i: number): string {
    const { filled, whole, most } = this.cells[i]!;
    if (filled.some((c) => /\d\s*(["″”]|in(ch(es)?)?)$|[¼½¾⅛⅜⅝⅞]|\d\/\d/.test(c))) return 'in';
    return whole && most > 150 ? 'mm' : 'cm';
  }

  private knownMeasure(head: string): string | null {
    const { rest } = unitOfHead(head);
    return this.own.find((m) => plainHead(m.name) === plainHead(rest) || m.name === head)?.code ?? measureOfHead(rest);
  }

  /** The measure that the rest of a head names, beside its day or its container. */
  private measureNamed(text: string, i: number, usual: string): MeasureColumn {
    const { rest, unit } = unitOfHead(text);
    const code = rest === '' && unit !== '' ? (ofUnit(unit) ?? usual) : (measureOfHead(rest) ?? usual);
    return this.measureColumn(code, unit, i);
  }

  /** What heads leave open, told by the cells: dates, names of groups, numbers of containers. */
  private fromCells(): void {
    const wide = this.columns.some((c) => c.is === 'measure' && c.on);
    for (const i of this.openColumns()) {
      const { dates, numeric, distinct, filled } = this.cells[i]!;
      if (dates && !this.has('date') && !wide) this.columns[i] = { is: 'date' };
      else if (numeric || dates || filled.length < 2) continue;
      else if (
        !this.has('treatment') &&
        distinct.length >= 2 &&
        distinct.length <= MOST_TREATMENTS &&
        distinct.length < filled.length
      )
        this.columns[i] = { is: 'treatment' };
      else if (!this.has('container') && distinct.length > filled.length / 20 && distinct.every((c) => c.length <= 20))
        this.columns[i] = { is: 'container' };
    }
    this.fewNumbers();
    this.moreFactors();
    const first = this.openColumns()[0];
    // The first column numbers the rows, or the containers.
    if (first === 0 && !this.has('container') && this.cells[0]!.whole && this.sheet.headings.length > 2)
      this.columns[0] = { is: 'container' };
  }

  /** A few numbers that come again and again, and are alike within each container, are what was changed. */
  private fewNumbers(): void {
    if (this.has('treatment') || this.has('dose')) return;
    const container = this.columns.findIndex((c) => c.is === 'container');
    const few = this.openColumns().filter((i) => {
      const { numeric, distinct, filled } = this.cells[i]!;
      const head = plainHead(this.sheet.headings[i]!);
      if (
        !numeric ||
        head === '' ||
        distinct.length < 2 ||
        distinct.length > MOST_TREATMENTS ||
        distinct.length * 2 > filled.length
      )
        return false;
      return (
        measureOfHead(unitOfHead(this.sheet.headings[i]!).rest) === null &&
        !/^(year|count|number|score|rating)/.test(head) &&
        this.alikeWithin(container, i)
      );
    });
    const measured = this.columns.some((c) => c.is === 'measure');
    if (few[0] !== undefined && (measured || this.openColumns().length > few.length)) this.columns[few[0]] = { is: 'treatment' };
    if (few[1] !== undefined && this.has('treatment')) this.columns[few[1]] = { is: 'second-factor' };
  }

  /** Each container has one text of a column. */
  private alikeWithin(container: number, column: number): boolean {
    if (container < 0) return true;
    const first = new Map<string, string>();
    return this.sheet.rows.every(({ cells }) => {
      const [name, text] = [cells[container]!.trim(), cells[column]!.trim()];
      const before = first.get(name);
      if (before === undefined) first.set(name, text);
      return before === undefined || before === text;
    });
  }

  /** A column whose few texts cross those of the treatment is a second thing that was changed. */
  private moreFactors(): void {
    const first = this.columns.findIndex((c) => c.is === 'treatment');
    const dose = this.columns.findIndex((c) => c.is === 'dose');
    if (first < 0 || dose >= 0 || this.has('second-factor')) return;
    const named = (i: number) => ROLE_HEADS.find(([role]) => role === 'treatment')![1].test(plainHead(this.sheet.headings[i]!));
    const crosses = this.openColumns().find((i) => {
      const { distinct, numeric, filled } = this.cells[i]!;
      if (distinct.length < 2 || distinct.length > MOST_TREATMENTS || filled.length < this.cells[first]!.filled.length)
        return false;
      if (!named(i)) return false;
      const pairs = new Set(this.sheet.rows.map((r) => `${r.cells[first]!.trim()}\u0001${r.cells[i]!.trim()}`));
      const groups = this.cells[first]!.distinct.length;
      return pairs.size > Math.max(groups, distinct.length) && pairs.size <= MOST_TREATMENTS && (!numeric || this.repeats(i));
    });
    if (crosses !== undefined) this.columns[crosses] = { is: 'second-factor' };
  }

  /** Days down the side, each once, and beside them nothing but numbers under heads that name no measure. */
  private daysDownTheSide(): boolean {
    if (this.columns.some((c) => c.is === 'measure')) return false;
    const role = (r: Role) => ROLE_HEADS.find(([of]) => of === r)![1];
    const heads = this.sheet.headings.map(plainHead);
    const side = heads.findIndex((h, i) => (role('day').test(h) || role('date').test(h) || this.cells[i]!.dates) && h !== '');
    if (side < 0) return false;
    const { filled, distinct } = this.cells[side]!;
    const others = heads.flatMap((h, i) => (i === side || h === '' || this.cells[i]!.filled.length === 0 ? [] : [i]));
    const alone = others.every((i) => {
      const { rest } = unitOfHead(this.sheet.headings[i]!);
      const known =
        measureOfHead(rest) !== null ||
        role('container').test(heads[i]!) ||
        role('note').test(heads[i]!) ||
        role('of-how-many').test(heads[i]!);
      return this.cells[i]!.numeric && !known;
    });
    if (distinct.length < filled.length || filled.length < 2 || others.length < 2 || !alone) return false;
    this.columns[side] = this.cells[side]!.dates ? { is: 'date' } : withUnit('day', this.sheet.headings[side]!, '');
    return true;
  }

  /** A container or a treatment in each head. */
  private oneColumnAContainer(): void {
    const heads = this.openColumns().filter((i) => this.cells[i]!.numeric && !SUMMED.test(plainHead(this.sheet.headings[i]!)));
    for (const i of heads) {
      const { rest, unit } = unitOfHead(this.sheet.headings[i]!);
      const name = (unit === '' ? this.sheet.headings[i]! : rest).trim();
      const column = this.measureColumn('height', unit, i);
      this.columns[i] = { ...column, at: { container: name, treatment: withoutNumber(name) } };
    }
  }

  /** A row a treatment or team, and `Plant 1`, `Plant 2` … in the heads: each is a plant of that row. */
  private numberedPlants(): void {
    if (!this.has('treatment') && !this.has('team')) return;
    const numbered = this.openColumns().filter(
      (i) => NUMBERED.test(plainHead(this.sheet.headings[i]!)) && this.cells[i]!.numeric,
    );
    if (numbered.length < 2 || this.columns.some((c) => c.is === 'measure')) return;
    for (const i of numbered) {
      const name = this.sheet.headings[i]!.replace(/\s*[([].*$/, '').trim();
      this.columns[i] = {
        ...this.measureColumn('height', unitOfHead(this.sheet.headings[i]!).unit, i),
        at: { container: name, treatment: '' },
      };
    }
    for (const i of this.openColumns()) if (SUMMED.test(plainHead(this.sheet.headings[i]!))) this.columns[i] = { is: 'left-out' };
  }

  /** Counts of seeds: a column whose counts fall tells what has come since the look before. */
  private counts(): void {
    const container = this.columns.findIndex((c) => c.is === 'container');
    this.columns.forEach((c, i) => {
      if (c.is !== 'measure' || !isSeedCount(c.measure)) return;
      const falls = container >= 0 && !c.on && this.falls(container, i);
      this.columns[i] = { ...c, counting: isNewCount(this.sheet.headings[i]!) || falls ? 'new' : 'by-then' };
    });
  }

  private falls(container: number, column: number): boolean {
    const last = new Map<string, number>();
    let [pairs, down] = [0, 0];
    for (const { cells } of this.sheet.rows.slice(0, 3000)) {
      const value = Number(cells[column]);
      if (cells[column]!.trim() === '' || !Number.isFinite(value)) continue;
      const before = last.get(cells[container]!);
      if (before !== undefined) {
        pairs++;
        if (value < before) down++;
      }
      last.set(cells[container]!, value);
    }
    return pairs >= 3 && down > pairs / 4;
  }

  /** Numbers that no known measure is called after become measures of their own; words and numberings stay open. */
  private unknownNumbers(): void {
    for (const i of this.openColumns()) {
      const { numeric, whole, distinct, filled } = this.cells[i]!;
      const heading = this.sheet.headings[i]!;
      if (!numeric || heading === '' || filled.length === 0 || /^year/.test(plainHead(heading))) continue;
      const numbers = distinct.map(Number);
      const numbering =
        whole &&
        distinct.length === filled.length &&
        numbers[0]! <= 1 &&
        numbers.every((n, k) => k === 0 || n === numbers[k - 1]! + 1);
      const own = numbering ? null : ownMeasureOf(heading, this.sheet, i);
      if (own) this.setOwn(i, own);
    }
  }

  private setOwn(i: number, own: OwnMeasure): void {
    this.own = [...this.own.filter((m) => m.code !== own.code), own];
    const { unit } = unitOfHead(this.sheet.headings[i]!);
    this.columns[i] = { is: 'measure', measure: own.code, unit: isLength(unit) || isMass(unit) ? unit : '' };
  }

  private dateTexts(): string[] {
    return this.columns.flatMap((c, i) => {
      if (c.is === 'date' || c.is === 'sown-on') return this.cells[i]!.distinct;
      return c.is === 'measure' && c.on && 'date' in c.on ? [c.on.date] : [];
    });
  }

  /** The latest year in which no date without one is still to come. */
  private year(texts: readonly string[]): number | null {
    if (texts.every((t) => isDateLike(t) && readDate(t, 'year-month-day') !== null)) return null;
    const now = Number(this.today.slice(0, 4));
    const order = guessDateOrder(texts);
    const last = texts
      .flatMap((t) => readDate(t, order, now) ?? [])
      .sort()
      .pop();
    return last !== undefined && last > this.today ? now - 1 : now;
  }
}

const isLength = (unit: string) => ['mm', 'cm', 'm', 'in', 'ft'].includes(unit);
const isMass = (unit: string) => ['mg', 'g', 'kg', 'oz', 'lb'].includes(unit);

/** What a head that is nothing but a unit measures. */
function ofUnit(unit: string): string | null {
  return isLength(unit) ? 'height' : isMass(unit) ? 'fresh-mass' : null;
}

/** `Salt 2` and `Salt B` are pots of `Salt`; `A1` is one of `A`. */
function withoutNumber(name: string): string {
  const plain = name.replace(/[\s_-]*(\d+|\s[a-f])$/i, '').trim();
  return plain === '' ? name : plain;
}
