import { nounOf } from '../../words/plural';
import { listInWords } from '../../words/listInWords';
import { say } from '@bright-sprout/words/say';
import { type ComparedDesign, type ComparedFactor } from '../../compare/records';
import { MOST_TREATMENTS } from '../../plan/document/planDocument';
import { FACTOR_ROLES, type TableProblem, type TableReading } from './columnMeaning';
import { unitOfHead } from './headWords';
import { type ReadRows } from './rowFacts';
import { type Sheet, type SheetRow } from './sheet';
import { slipOf } from './slips';

/** A treatment as a table tells it. */
export interface FoundTreatment {
  code: string;
  label: string;
  control: boolean;
}

interface Factor {
  column: number;
  name: string;
  unit: string;
  /** Writing in the table, in small letters, to the level. */
  levels: Map<string, Level>;
  amounts: boolean;
}

interface Level {
  label: string;
  amount: number | null;
  times: number;
}

/** What stands for all containers of a table that names no treatment. */
export const allAlike = () => say('tablesIn.allAlike');
const LONGEST_LABEL = 60;

const plain = (text: string) => text.replace(/\s+/g, ' ').trim();
const key = (text: string) => plain(text).toLowerCase();

/** `25 mmol/L`, `2.5`, `0,5 g`. */
const AMOUNT = /^([-−]?\d+(?:[.,]\d+)?)\s*([^\d\s].*)?$/;
const amountOf = (text: string) => {
  const found = AMOUNT.exec(plain(text));
  return found ? { amount: Number(found[1]!.replace('−', '-').replace(',', '.')), unit: (found[2] ?? '').trim() } : null;
};

/** Heads that say that something was changed, not what. */
const GENERAL = /^(treatments?|treat|trt|grp|groups?|condition|levels?|variable|type|supp|experiment group|test group)$/i;

/** What sounds like nothing having been done. */
const CONTROL =
  /^(control|controls|ctrl|ctl|con|ck|check|none|nothing|no|no .+|without .*|untreated|plain( water)?|tap water|water|normal|0|standard)$/i;

/** The things that were changed, their levels, and the treatments that they make. */
export class Treatments {
  private readonly factors: Factor[];
  readonly problems: TableProblem[] = [];
  private readonly keys = new Map<string, { label: string; levels: string[]; control: boolean; times: number }>();
  private codes: Map<string, string> | null = null;
  private readonly accepted: Set<string>;

  constructor(
    private readonly sheet: Sheet,
    private readonly reading: TableReading,
    private readonly table: ReadRows,
  ) {
    this.accepted = new Set(reading.mends.flatMap((m) => (m.kind === 'accept' ? [key(m.treatment)] : [])));
    const columns = FACTOR_ROLES.map((role) => table.at[role]).filter((c) => c >= 0);
    const heads = table.slots.flatMap((s) => (s.at && s.at.treatment !== '' ? [plain(s.at.treatment)] : []));
    this.factors =
      columns.length === 0 && heads.length > 0
        ? [factorOf({ column: -1, heading: say('tablesIn.roleTreatment'), texts: heads, said: '' })]
        : this.joinedDose(columns.map((c) => this.columnFactor(c)));
  }

  /** The treatment of a row by a key of its own; null where the row says none or one that is in question. */
  of(row: SheetRow, named: string | null): string | null {
    if (named !== null && named !== '')
      return this.note([key(this.factors[0]?.levels.get(key(named))?.label ?? named)], plain(named), row);
    if (this.factors.length === 0) return this.note([''], allAlike(), row);
    const levels = this.factors.map((f) => this.levelAt(f, row));
    if (levels.some((l) => l === null)) return null;
    const label = this.table.cell(row, 'treatment-label') || levels.map((l) => l!.label).join(' · ');
    if (label.length > LONGEST_LABEL * 2) {
      this.problem(
        row,
        this.factors[0]!.column,
        say('tablesIn.nameTreatmentLongerCharacters', { longestLabel: LONGEST_LABEL * 2 }),
      );
      return null;
    }
    return this.note(
      levels.map((l) => key(l!.label)),
      label,
      row,
    );
  }

  private note(levels: string[], label: string, row: SheetRow): string {
    const id = levels.join('\u0001');
    const known = this.keys.get(id);
    if (known) known.times++;
    else this.keys.set(id, { label, levels, control: /^(yes|true|1|y)$/i.test(this.table.cell(row, 'control')), times: 1 });
    return id;
  }

  private problem(row: SheetRow, column: number, sentence: string, part: Partial<TableProblem> = {}): void {
    const leaveOut = { words: say('tablesIn.leaveLine'), mend: { kind: 'leave-out' as const, line: row.line } };
    this.problems.push({ line: row.line, column, sentence, alike: '', ...part, ways: [...(part.ways ?? []), leaveOut] });
  }

  private columnFactor(column: number): Factor {
    const said = this.reading.columns[column]!;
    return factorOf({
      column,
      heading: this.sheet.headings[column]!,
      texts: this.table.rows.map(({ cells }) => plain(cells[column]!)),
      said: said.is === 'dose' ? (said.unit ?? '') : '',
    });
  }

  /** A dose that goes with the treatment one to one is what the treatment is: one thing was changed. */
  private joinedDose(factors: Factor[]): Factor[] {
    const [first, second] = factors;
    if (factors.length !== 2 || !first || !second) return factors;
    const partners = new Map<string, string>();
    const back = new Map<string, string>();
    for (const { cells } of this.table.rows) {
      const [a, b] = [key(cells[first.column]!), key(cells[second.column]!)];
      if (a === '' || b === '') continue;
      if ((partners.get(a) ?? b) !== b || (back.get(b) ?? a) !== a) return factors;
      partners.set(a, b);
      back.set(b, a);
    }
    if (partners.size === 0) return factors;
    if (second.amounts)
      for (const [text, level] of first.levels) level.amount = second.levels.get(partners.get(text) ?? '')?.amount ?? null;
    return [
      { ...first, unit: second.unit, amounts: second.amounts && [...first.levels.values()].every((l) => l.amount !== null) },
    ];
  }

  private levelAt(factor: Factor, row: SheetRow): Level | null {
    const text = plain(row.cells[factor.column]!);
    if (text === '') {
      this.problem(row, factor.column, say('tablesIn.theIsEmpty', { name: factor.name }));
      return null;
    }
    const level = factor.levels.get(key(text))!;
    if (factor.amounts || this.accepted.has(key(text))) return level;
    const times = this.timesOf(factor);
    const meant = slipOf(level.label, times);
    if (meant === null) return level;
    const known = [...times.keys()].filter((t) => slipOf(t, times) === null).length;
    this.problem(
      row,
      factor.column,
      say('tablesIn.standsHereTimes', { text, times: level.times, meant, meantTimes: times.get(meant) }),
      {
        alike: `slip ${key(text)}`,
        ways: [
          {
            words: say('tablesIn.itIsMeant', { meant }),
            mend: { kind: 'cell', line: row.line, column: factor.column, text: meant },
          },
          ...(known < MOST_TREATMENTS
            ? [
                {
                  words: say('tablesIn.oneMoreTreatment', { n: known + 1, level: this.factors.length > 1 }),
                  mend: { kind: 'accept' as const, treatment: text },
                },
              ]
            : []),
        ],
      },
    );
    return null;
  }

  private readonly counted = new Map<Factor, Map<string, number>>();
  private timesOf(factor: Factor): Map<string, number> {
    const before = this.counted.get(factor);
    if (before) return before;
    const times = new Map([...factor.levels.values()].map((l) => [l.label, l.times]));
    this.counted.set(factor, times);
    return times;
  }

  get count(): number {
    return this.keys.size;
  }

  labelOf(id: string): string {
    return this.keys.get(id)!.label;
  }

  codeOf(id: string): string {
    this.codes ??= new Map(this.ordered().map(([key], i) => [key, codeAt(i)]));
    return this.codes.get(id)!;
  }

  /** The treatments, the control first, then by amount, and by name where there are none. */
  all(): FoundTreatment[] {
    return this.ordered().map(([id, { label }], i) => ({ code: this.codeOf(id), label, control: i === 0 && this.keys.size > 1 }));
  }

  private order: [string, { label: string; levels: string[]; control: boolean; times: number }][] | null = null;
  private ordered() {
    if (this.order) return this.order;
    const all = [...this.keys];
    const wanted = this.reading.control === null ? null : key(this.reading.control);
    const quiet = (levels: string[]) =>
      levels.every((l, f) => CONTROL.test(l) || (this.factors[f]?.amounts && this.amountAt(f, l) === 0));
    const control =
      all.find(([, t]) => wanted !== null && (key(t.label) === wanted || t.levels.join(' · ') === wanted)) ??
      all.find(([, t]) => t.control) ??
      all.find(([, t]) => quiet(t.levels)) ??
      // With amounts of something else beside it there may be none of nought.
      all.find(([, t]) => t.levels.some((l, f) => !this.factors[f]?.amounts && CONTROL.test(l))) ??
      all[0];
    const names = new Intl.Collator('en', { numeric: true });
    const rank = (levels: string[]) => levels.map((l, f) => (this.factors[f]?.amounts ? this.amountAt(f, l) : null));
    this.order = [
      ...(control ? [control] : []),
      ...all
        .filter((t) => t !== control)
        .sort(([a, x], [b, y]) => {
          const [p, q] = [rank(x.levels), rank(y.levels)];
          for (let f = 0; f < p.length; f++) if (p[f] !== null && q[f] !== null && p[f] !== q[f]) return p[f]! - q[f]!;
          return names.compare(this.ownFile() ? a : x.label, this.ownFile() ? b : y.label);
        }),
    ];
    return this.order;
  }

  /** Files of this product name treatments by their codes. */
  private readonly ownFile = () => this.table.at['treatment-label'] >= 0;

  private amountAt(factor: number, level: string): number | null {
    const found = [...this.factors[factor]!.levels.values()].find((l) => key(l.label) === level);
    return found?.amount ?? null;
  }

  /** How they are made of what was changed; null where that is told by their names alone. */
  design(): ComparedDesign | null {
    const { factors } = this;
    if (factors.length === 0 || this.keys.size === 0 || this.ownFile()) return null;
    const [control] = this.ordered();
    // A treatment that was read from somewhere else than the columns of what was changed has no level of it.
    const known = factors.map((f) => new Map([...f.levels.values()].map((l) => [key(l.label), l])));
    if (this.ordered().some(([, t]) => known.some((levels, f) => !levels.has(t.levels[f]!)))) return null;
    const levels = factors.map((factor, f) => {
      const used = [...new Set(this.ordered().map(([, t]) => t.levels[f]!))];
      const first = control![1].levels[f]!;
      const rest = used.filter((l) => l !== first);
      return factor.amounts ? [first, ...rest.sort((a, b) => this.amountAt(f, a)! - this.amountAt(f, b)!)] : [first, ...rest];
    });
    const crossed = factors.length === 2;
    if (factors.length > 2 || (crossed && levels.reduce((n, l) => n * l.length, 1) !== this.keys.size)) return null;
    if (!crossed && !factors[0]!.amounts) return null;
    return {
      kind: crossed ? 'two-factors' : 'dose-series',
      factors: factors.map(({ name, unit }, f): ComparedFactor => ({
        name,
        subject: 'other',
        unit,
        controlled: true,
        levels: levels[f]!.map((l) => {
          const { label, amount } = known[f]!.get(l)!;
          return { label, amount };
        }),
      })),
      levels: Object.fromEntries(
        this.ordered().map(([id, t]) => [this.codeOf(id), t.levels.map((l, f) => levels[f]!.indexOf(l))]),
      ),
    };
  }

  /** What was changed, in words. */
  factorName(): string {
    return listInWords(this.factors.map((f) => (GENERAL.test(f.name) ? nounOf('treatment') : f.name)));
  }
}

/**
 * One thing that was changed, from all that stands of it.
 * @param said unit that was chosen for its amounts
 */
function factorOf({
  column,
  heading,
  texts,
  said,
}: {
  column: number;
  heading: string;
  texts: readonly string[];
  said: string;
}): Factor {
  const { rest, unit } = unitOfHead(heading);
  const times = new Map<string, number>();
  for (const text of texts) if (text !== '') times.set(text, (times.get(text) ?? 0) + 1);
  const writings = [...times].sort((a, b) => b[1] - a[1]);
  const read = writings.map(([text]) => amountOf(text));
  const units = new Set(read.flatMap((r) => (r && r.amount !== 0 && r.unit !== '' ? [r.unit.toLowerCase()] : [])));
  // 1, 2, 3 under “group” are names.
  const numbers = read.map((r) => r?.amount ?? NaN).sort((a, b) => a - b);
  const counted =
    GENERAL.test(plain(rest) || plain(heading)) &&
    unit === '' &&
    units.size === 0 &&
    (numbers[0] === 0 || numbers[0] === 1) &&
    numbers.every((n, i) => n === numbers[0]! + i);
  const amounts = writings.length > 0 && units.size <= 1 && !counted && read.every((r) => r !== null);
  const saidUnit = said || unit || (amounts ? (read.find((r) => r!.unit !== '')?.unit ?? '') : '');
  const levels = new Map<string, Level>();
  writings.forEach(([text, n], i) => {
    const known = levels.get(key(text));
    if (known) known.times += n;
    else {
      const amount = amounts ? read[i]!.amount : null;
      const label = amount !== null && read[i]!.unit === '' && saidUnit !== '' ? `${text} ${saidUnit}` : text;
      levels.set(key(text), { label: label.slice(0, LONGEST_LABEL), amount, times: n });
    }
  });
  return {
    column,
    name: plain(rest) || plain(heading) || say('tablesIn.roleTreatment'),
    unit: amounts ? saidUnit : '',
    levels,
    amounts,
  };
}

const codeAt = (i: number) => String.fromCharCode(65 + i);
