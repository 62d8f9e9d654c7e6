import { type ColumnMeaning } from '../columnMeaning';
import { dayOfHead, type FoundDay } from '../dayHead';
import { isSummedHead, measureOfHead, nameStem, plainHead, unitOfHead } from '../headWords';
import { numberMeant } from '../slips';
import { looksLikeNumber, stateOf, yesOrNo } from '../stateWords';
import { type Draft, headOfRole, seedsInHeads } from './draft';

/** Days in the heads, one column each: two heads or more that name one, over numbers. */
export function daysInHeads(draft: Draft): void {
  const { sheet, cells } = draft;
  const found = sheet.headings.map((h, i) => {
    const day = h === '' ? null : dayOfHead(h);
    return day && (cells[i]!.numeric || cells[i]!.filled.length === 0 || (!day.bare && saysWhatWasFound(draft, i, day)))
      ? day
      : null;
  });
  const days = found.filter((f) => f !== null);
  if (days.length < 2 || days.length === found.length) return;
  // Bare numbers are days where they rise; codes such as D1, D2 beside A1, A2 are containers.
  const bare = days.filter((d) => d.bare).map((d) => ('number' in d.on ? d.on.number : 0));
  if (bare.some((n, i) => i > 0 && n <= bare[i - 1]!)) return;
  // `Height 1, 2, 3` are as likely three plants as three days.
  const counted = days.every((d) => d.bare && d.rest !== '') && bare.every((n, i) => n === i + 1);
  if (counted) return;
  if (areCodes(draft, found)) return;
  const inPercent = found.some((f, i) => f !== null && cells[i]!.filled.some((c) => c.endsWith('%')));
  const shares =
    inPercent && found.every((f, i) => f === null || cells[i]!.filled.every((c) => c.endsWith('%') || !looksLikeNumber(c)));
  const usual = areCounts(draft, found) ? 'seeds-up' : soonTooHigh(draft, found) ? draft.share() : draft.usual;
  const named = found.flatMap((f, i) => (f === null ? [] : [{ i, rest: f.rest }]));
  found.forEach((f, i) => {
    if (f === null) return;
    const together = named.filter((n) => n.rest === f.rest).map((n) => n.i);
    const meaning = shares ? draft.measureColumn(draft.share(), '', i) : draft.measureNamed(f.rest, i, { usual, together });
    draft.columns[i] = { ...meaning, on: f.on };
  });
}

/** Not numbers for the most part, yet what is written instead of them, or a number with words behind it. */
function saysWhatWasFound({ cells }: Draft, i: number, { rest }: FoundDay): boolean {
  if (headOfRole('note').test(plainHead(rest))) return false;
  return cells[i]!.filled.every(
    (c) => looksLikeNumber(c) || stateOf(c) !== null || yesOrNo(c) !== null || numberMeant(c) !== null,
  );
}

/** `A1 … D1`: heads in which one letter stands for a day are codes where other letters stand beside them. */
function areCodes({ sheet }: Draft, found: (FoundDay | null)[]): boolean {
  const others = sheet.headings.filter((h, i) => found[i] === null && /^[A-Z]\d{1,2}$/.test(h.trim()));
  return others.length >= 2;
}

/** No seedling grows faster, cm a day. */
const FASTEST_CM = 8;

/** Whole numbers up to a hundred, higher than any seedling could be by then: per cent of something. */
function soonTooHigh({ cells, usual }: Draft, found: (FoundDay | null)[]): boolean {
  if (usual !== 'height') return false;
  return (
    found.every(
      (f, i) => f === null || (f.rest === '' && (cells[i]!.filled.length === 0 || (cells[i]!.whole && cells[i]!.most <= 100))),
    ) && found.some((f, i) => f !== null && 'number' in f.on && cells[i]!.most > FASTEST_CM * (f.on.number + 1))
  );
}

/** Whole numbers beside a column of seeds, none of them more than those: seeds that came up. */
function areCounts({ heads, cells, sheet }: Draft, found: (FoundDay | null)[]): boolean {
  const outOf = heads.findIndex((h, i) => found[i] === null && headOfRole('of-how-many').test(h) && cells[i]!.whole);
  const bare = found.every((f) => f === null || f.rest === '');
  const each = seedsInHeads([...sheet.headings, sheet.title ?? '']);
  if ((outOf < 0 && each === null) || !bare) return false;
  return sheet.rows.every((row) =>
    found.every((f, i) => {
      const text = row.cells[i]!.trim();
      return f === null || !looksLikeNumber(text) || (/^\d+$/.test(text) && Number(text) <= (each ?? Number(row.cells[outOf])));
    }),
  );
}

/** `Day 3` in each cell. */
const DAY_CELL = /^(day|d|week|wk)\s*\d{1,3}$/i;

/**
 * Days down the side, each once, and beside them nothing but numbers under heads that name no measure: a container or a treatment
 * stands in each head.
 */
export function daysDownTheSide(draft: Draft): void {
  const { sheet, cells } = draft;
  const heads = sheet.headings.map((h) => (h === '' ? '' : plainHead(unitOfHead(h).rest) || plainHead(h)));
  if (draft.measured) return;
  const dayCells = (i: number) => cells[i]!.filled.length > 0 && cells[i]!.filled.every((c) => DAY_CELL.test(c));
  const side = heads.findIndex(
    (h, i) => ((headOfRole('day').test(h) || headOfRole('date').test(h) || cells[i]!.dates) && h !== '') || dayCells(i),
  );
  if (side < 0) return;
  const { filled, distinct, dates } = cells[side]!;
  const others = heads.flatMap((h, i) => (i === side || h === '' || cells[i]!.filled.length === 0 ? [] : [i]));
  const alone = others.every((i) => {
    const { rest } = unitOfHead(sheet.headings[i]!);
    const known =
      measureOfHead(rest) !== null ||
      (['container', 'note', 'of-how-many'] as const).some((role) => headOfRole(role).test(heads[i]!));
    return cells[i]!.numeric && !known;
  });
  if (distinct.length < filled.length || filled.length < 2 || others.length < 2 || !alone) return;
  const weeks = /\bw(ee)?ks?\b/.test(draft.heads[side]!) || filled.every((c) => /^w/i.test(c));
  const hours = /\b(h|hrs?|hours?)\b/.test(draft.heads[side]!);
  draft.columns[side] = dates ? { is: 'date' } : weeks || hours ? { is: 'day', unit: weeks ? 'weeks' : 'hours' } : { is: 'day' };
  const told = others.filter((i) => !isSummedHead(heads[i]!));
  // `pH 4`, `pH 6`: where all begin alike, it is the number that tells them apart.
  const stems = new Set(told.map((i) => nameStem(sheet.headings[i]!).toLowerCase()));
  for (const i of told) draft.columns[i] = containerInHead(draft, i, stems.size > 1);
}

function containerInHead(draft: Draft, i: number, numbered: boolean): ColumnMeaning {
  const heading = draft.sheet.headings[i]!;
  const { rest, unit } = unitOfHead(heading);
  const name = (unit === '' ? heading : rest).replace(/\s+(mean|average|avg)$/i, '').trim();
  return { ...draft.measureColumn(draft.usual, unit, i), at: { container: name, treatment: numbered ? nameStem(name) : name } };
}
