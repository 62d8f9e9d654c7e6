import { isSeedCount } from '../../../measures/builtIn/counts';
import { measureOf } from '../../../measures/registry';
import { isNewCount, isSummedHead, measureOfHead, plainHead, unitOfHead } from '../headWords';
import { ownMeasureOf } from '../ownMeasures';
import { yesOrNo } from '../stateWords';
import { type Draft, measureOfUnit } from './draft';
import { countsRows } from './roleColumns';

/** Of two columns of one measure, the one that says that it came last is what was found in the end. */
const AT_THE_END = /\b(final|finish|end|last|after)\b/;

/** Columns whose heads name a measure. */
export function measuresOfHeads(draft: Draft): void {
  const { sheet, cells } = draft;
  const order = sheet.headings.map((_, i) => i).sort((a, b) => Number(isLast(draft, b)) - Number(isLast(draft, a)) || a - b);
  for (const i of order) {
    const heading = sheet.headings[i]!;
    if (!draft.isOpen(i) || heading === '' || cells[i]!.filled.length === 0) continue;
    const { rest, unit } = unitOfHead(heading);
    const measure = measureOf(namedBy(draft, i) ?? '', draft.own);
    // A count of seeds in per cent is a share.
    const share = measure !== null && isSeedCount(measure.code) && inPerCent(draft, i) ? ownMeasureOf(heading, sheet, i) : null;
    if (share) draft.setOwn(i, { ...share, name: rest.replace(/^%\s*/, '') || share.name, quantity: 'share', unit: '' });
    if (measure === null || share || isTaken(draft, measure.code)) continue;
    const suits =
      measure.choices.length > 0
        ? !cells[i]!.numeric && areChoices(draft, i, measure.choices)
        : cells[i]!.someNumbers || isOutOf(draft, i) || (isSeedCount(measure.code) && isYesOrNo(draft, i));
    if (suits) draft.columns[i] = draft.measureColumn(measure.code, unit, i);
  }
  derivedShares(draft);
}

const isLast = ({ heads }: Draft, i: number) => AT_THE_END.test(heads[i]!);

function namedBy(draft: Draft, i: number): string | null {
  const heading = draft.sheet.headings[i]!;
  const { rest, unit } = unitOfHead(heading);
  const defined = draft.own.find((m) => plainHead(m.name) === draft.heads[i] || plainHead(m.name) === plainHead(rest));
  if (defined) return defined.code;
  // A head that is nothing but `pH` may be what was changed.
  if (plainHead(rest) === 'ph' && !draft.has('treatment')) return null;
  return measureOfHead(rest) ?? measureOfHead(heading) ?? (rest === '' && unit !== '' ? measureOfUnit(unit) : null);
}

const inPerCent = ({ sheet, cells }: Draft, i: number) =>
  /%|per ?cent/i.test(sheet.headings[i]!) || cells[i]!.filled.some((c) => c.endsWith('%'));

function isTaken({ columns }: Draft, code: string): boolean {
  return columns.some((c) => c.is === 'measure' && c.measure === code && !c.on && !c.at);
}

function areChoices({ cells }: Draft, i: number, choices: readonly { code: string; words: string }[]): boolean {
  const known = new Set(choices.flatMap((c) => [c.code.toLowerCase(), c.words.toLowerCase()]));
  return cells[i]!.distinct.every((c) => known.has(c.toLowerCase()));
}

/** Cells such as `18/25` or `18 of 25`. */
function isOutOf({ cells }: Draft, i: number): boolean {
  const { filled } = cells[i]!;
  return filled.length > 0 && filled.filter((c) => /^\d+\s*(\/|of|out of)\s*\d+$/i.test(c)).length >= filled.length * 0.8;
}

/** One seed a row: it came up, or it did not. */
function isYesOrNo({ cells }: Draft, i: number): boolean {
  const { filled } = cells[i]!;
  return filled.length > 1 && filled.every((c) => yesOrNo(c) !== null);
}

/** Shares that were worked out of a count beside them say nothing that the count does not. */
function derivedShares(draft: Draft): void {
  const count = draft.columns.findIndex((c) => c.is === 'measure' && isSeedCount(c.measure) && !c.on);
  const outOf = draft.at('of-how-many');
  if (count < 0 || outOf < 0) return;
  draft.columns.forEach((c, i) => {
    if (c.is !== 'measure' || draft.own.find((m) => m.code === c.measure)?.quantity !== 'share') return;
    const same = draft.sheet.rows.every(({ cells }) => {
      const [part, whole, share] = [count, outOf, i].map((k) => Number(cells[k]!.replace('%', '').replace(',', '.')));
      return !Number.isFinite(share! + part! + whole!) || whole === 0 || Math.abs((100 * part!) / whole! - share!) < 1;
    });
    if (same) draft.columns[i] = { is: 'left-out' };
  });
}

/** Counts of seeds: a column whose counts fall tells what has come since the look before. */
export function countsOfSeeds(draft: Draft): void {
  const container = draft.at('container');
  draft.columns.forEach((c, i) => {
    if (c.is !== 'measure' || !isSeedCount(c.measure)) return;
    const falls = container >= 0 && !c.on && countsFall(draft, container, i);
    draft.columns[i] = { ...c, counting: isNewCount(draft.sheet.headings[i]!) || falls ? 'new' : 'by-then' };
  });
}

function countsFall({ sheet }: Draft, container: number, column: number): boolean {
  const last = new Map<string, number>();
  let [pairs, down] = [0, 0];
  for (const { cells } of sheet.rows.slice(0, 3000)) {
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

/** Where nothing else was found, a column of a few words is what was found. */
export function unknownWords(draft: Draft): void {
  if (draft.measured || draft.has('state')) return;
  const i = draft.openColumns().find((c) => draft.heads[c] !== '' && !draft.cells[c]!.numeric && !draft.cells[c]!.dates);
  const own = i === undefined ? null : ownMeasureOf(draft.sheet.headings[i]!, draft.sheet, i);
  if (i !== undefined && own) draft.setOwn(i, own);
}

/** Numbers that no known measure is called after become measures of their own; words and numberings stay open. */
export function unknownNumbers(draft: Draft): void {
  for (const i of draft.openColumns()) {
    const heading = draft.sheet.headings[i]!;
    const { numeric, filled } = draft.cells[i]!;
    if (!numeric || heading === '' || filled.length === 0 || /^year/.test(draft.heads[i]!)) continue;
    if (countsRows(draft, i) || (isSummedHead(draft.heads[i]!) && draft.measured)) continue;
    const own = ownMeasureOf(heading, draft.sheet, i);
    if (own) draft.setOwn(i, own);
  }
}
