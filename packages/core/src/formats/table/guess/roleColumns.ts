import { MOST_TREATMENTS } from '../../../plan/document/planDocument';
import { type ColumnMeaning, type Role } from '../columnMeaning';
import { measureOfHead, plainHead, ROLE_HEADS, unitOfHead } from '../headWords';
import { isDateLike } from '../readDate';
import { stateOf } from '../stateWords';
import { type Draft, headOfRole } from './draft';

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

/** How something was measured in a picture. */
const SEEN_HEADS = new Set(['seen_by', 'seen_in', 'seen_low', 'seen_high']);

/** Heads that say it themselves. */
const TREATMENT_ITSELF = /^(treatments?|treat|trt)$/;

/** What heads say a column is, beside what was found. */
export function rolesOfHeads(draft: Draft): void {
  if (!ownFile(draft)) {
    // A head that says “treatment” goes before those that name something that could be one.
    for (const [role, head] of [['treatment', TREATMENT_ITSELF] as [Role, RegExp], ...ROLE_HEADS])
      for (const [i, heading] of draft.sheet.headings.entries()) {
        const { rest, unit } = unitOfHead(heading);
        const named = head.test(draft.heads[i]!) || (rest !== '' && head.test(plainHead(rest)));
        if (!draft.has(role) && draft.isOpen(i) && named && fits(draft, role, i))
          draft.columns[i] = withUnit(draft, role, i, unit);
      }
  }
  typedColumns(draft);
}

/** Heads of this product's own files mean one thing each. */
function ownFile({ sheet, columns }: Draft): boolean {
  if (!OWN_FILE.every((h) => sheet.headings.includes(h))) return false;
  sheet.headings.forEach((heading, i) => {
    const role = OWN_HEADS[heading];
    if (role) columns[i] = { is: role };
    // The pictures themselves do not come with a table.
    if (SEEN_HEADS.has(heading)) columns[i] = { is: 'left-out' };
  });
  return true;
}

function typedColumns(draft: Draft): void {
  draft.sheet.headings.forEach((heading, i) => {
    const of = /^(.*) as typed$/.exec(heading)?.[1] ?? (draft.heads[i] === 'as typed' ? 'height' : null);
    if (of === null || !draft.isOpen(i)) return;
    const { rest } = unitOfHead(of);
    const measure =
      of === 'height'
        ? 'height'
        : (draft.own.find((m) => plainHead(m.name) === plainHead(rest) || m.name === of)?.code ?? measureOfHead(rest));
    if (measure !== null) draft.columns[i] = { is: 'typed', of: measure };
  });
}

function withUnit({ heads }: Draft, role: Role, i: number, unit: string): ColumnMeaning {
  if (role === 'dose') return { is: role, unit };
  if (role !== 'day') return { is: role };
  if (/\bw(ee)?ks?\b/.test(heads[i]!)) return { is: role, unit: 'weeks' };
  return /\b(h|hrs?|hours?)\b/.test(heads[i]!) ? { is: role, unit: 'hours' } : { is: role };
}

/** A head may promise what its cells do not keep. */
function fits(draft: Draft, role: Role, i: number): boolean {
  const { numeric, dates, distinct, filled, whole, least, most } = draft.cells[i]!;
  if (role === 'treatment')
    return (
      distinct.length <= Math.max(MOST_TREATMENTS * 2, filled.length / 2) &&
      !dates &&
      draft.repeats(i) &&
      !valueUnderAName(draft, i)
    );
  if (role === 'dose') {
    const container = draft.heads.findIndex((h) => headOfRole('container').test(h) || h === 'plant');
    return numeric && distinct.length <= MOST_TREATMENTS && draft.repeats(i) && draft.alikeWithin(container, i);
  }
  if (role === 'date' || role === 'sown-on') return dates || filled.some(isDateLike);
  if (role === 'state') return filled.filter((c) => stateOf(c) !== null).length * 2 >= filled.length;
  if (role === 'day') {
    if (dates && !draft.has('date')) draft.columns[i] = { is: 'date' };
    return numeric && !dates && draft.isOpen(i);
  }
  if (role === 'of-how-many') return numeric && whole && least >= 1 && most <= 10_000 && !countsRows(draft, i);
  if (role === 'length-unit') return distinct.every((c) => /^(mm|cm|m|in|inch|inches|ft|feet)$/i.test(c));
  if (role === 'control') return distinct.every((c) => /^(yes|no|true|false|0|1|y|n)$/i.test(c));
  if (role === 'plant') return plantFits(draft, i);
  return true;
}

/** `salt` over values with decimals that hardly come again is no group: something was measured under it. */
function valueUnderAName({ cells, heads }: Draft, i: number): boolean {
  const { numeric, whole, distinct, filled } = cells[i]!;
  return numeric && !whole && distinct.length * 2 > filled.length && !TREATMENT_ITSELF.test(heads[i]!);
}

/** 1, 2, 3 … down the column. */
export function countsRows({ cells }: Draft, i: number): boolean {
  const { whole, distinct, filled } = cells[i]!;
  const numbers = distinct.map(Number);
  return (
    whole &&
    filled.length > 1 &&
    distinct.length === filled.length &&
    numbers[0]! <= 1 &&
    numbers.every((n, k) => k === 0 || n === numbers[k - 1]! + 1)
  );
}

/** `plant` is a container where no other column is one. */
function plantFits(draft: Draft, i: number): boolean {
  if (draft.has('container')) return true;
  const { filled, distinct } = draft.cells[i]!;
  const again = draft.has('day') || draft.has('date') || draft.daysInHeads;
  if (draft.has('treatment') || again || distinct.length >= filled.length / 3) draft.columns[i] = { is: 'container' };
  return false;
}
