import { say } from '@bright-sprout/words/say';
import { dayOfHead } from './dayHead';
import { measureOfHead, plainHead, ROLE_HEADS, unitOfHead } from './headWords';
import { isDateLike } from './readDate';
import { looksLikeNumber, stateOf } from './stateWords';

/** What stands on the lines of a file before it is a table with one heading: heads over two lines, blocks, tables that lie on their side. */

export interface GridLine {
  line: number;
  cells: readonly string[];
}

/** A grid with one head a column. */
export interface HeadedGrid {
  headings: string[];
  body: GridLine[];
}

/** Tables up to this length are looked at for lying on their side. */
const MOST_TURNED = 200;

/** A table whose heads stand down its side, turned; any other as it is. The lines of a turned one are its columns, the first being 1. */
export function turnedUpright(grid: readonly GridLine[]): { grid: readonly GridLine[]; turned: boolean } {
  const side = grid.map((r) => (r.cells[0] ?? '').trim());
  const asIs = { grid, turned: false };
  if (grid.length < 3 || grid.length > MOST_TURNED || new Set(side).size < side.length) return asIs;
  const kinds = side.map(kindOfHead);
  const named = kinds.filter((k) => k !== null).length;
  if (named < 3 || named < 0.6 * side.length || !kinds.includes('found') || !kinds.includes('names')) return asIs;
  if (grid[0]!.cells.slice(1).some((c) => kindOfHead(c.trim()) !== null)) return asIs;
  const width = Math.max(...grid.map((r) => lastFilled(r.cells) + 1));
  return {
    turned: true,
    grid: Array.from({ length: width }, (_, i) => ({ line: i + 1, cells: grid.map((r) => r.cells[i] ?? '') })),
  };
}

const NAMES = /^(treatments?|treat|trt|group|condition|variety|species)$/;

/** Whether a text is a head of something found or of a day, or of what names rows; null for neither. */
function kindOfHead(text: string): 'found' | 'names' | null {
  if (text === '' || looksLikeNumber(text)) return null;
  const plain = plainHead(text);
  const roles = ROLE_HEADS.filter(([, head]) => head.test(plain)).map(([role]) => role);
  if (NAMES.test(plain) || roles.includes('container') || roles.includes('plant') || roles.includes('team')) return 'names';
  const day = dayOfHead(text);
  if ((day && !day.bare) || measureOfHead(unitOfHead(text).rest) !== null) return 'found';
  return null;
}

/**
 * The table under its heading.
 * @param at where the heading stands
 */
export function headedGrid(filled: readonly GridLine[], at: number): HeadedGrid {
  const heading = filled[at]!;
  const first = trimmed(heading.cells);
  const plain: HeadedGrid = { headings: first, body: filled.slice(at + 1) };
  if (isData(plain)) return { headings: first.map(() => ''), body: filled.slice(at) };
  const above = filled[at - 1];
  const beside = above?.line === heading.line - 1 ? besideEachOther(plain, above) : null;
  if (beside) return beside;
  const spread = above?.line === heading.line - 1 ? spreadAbove(above.cells, first) : null;
  const joined = spread ? { ...plain, headings: spread } : joinedBelow(plain);
  const { body, repeated } = withoutRepeatedHeads(joined.body, heading.cells);
  const title = at > 0 ? onlyCell(filled[at - 1]!) : null;
  return measuresAcross(namedBlocks({ headings: joined.headings, body }, repeated ? title : null));
}

const trimmed = (cells: readonly string[]) => cells.map((c) => c.replace(/\s+/g, ' ').trim());
const filledIn = (cells: readonly string[]) => cells.filter((c) => c.trim() !== '').length;

export function lastFilled(cells: readonly string[]): number {
  let last = cells.length - 1;
  while (last >= 0 && cells[last]!.trim() === '') last--;
  return last;
}

const cellsBelow = (body: readonly GridLine[], i: number) =>
  body
    .slice(0, 50)
    .map((r) => (r.cells[i] ?? '').trim())
    .filter((c) => c !== '' && stateOf(c) === null);

const areNumbers = (texts: readonly string[]) =>
  texts.length > 0 && texts.filter((t) => looksLikeNumber(t) && !isDateLike(t)).length >= 0.8 * texts.length;

/** A file without heads: its first line has numbers over numbers, and a word that comes again below. */
function isData({ headings, body }: HeadedGrid): boolean {
  const columns = headings.map((head, i) => ({ head, below: cellsBelow(body, i) })).filter((c) => c.head !== '');
  const numbers = columns.filter((c) => areNumbers(c.below));
  const again = columns.some(
    ({ head, below }) => !looksLikeNumber(head) && below.some((c) => c.toLowerCase() === head.toLowerCase()),
  );
  return again && numbers.length > 0 && numbers.every((c) => looksLikeNumber(c.head));
}

/** Names over several columns stand in the first of them. */
function spreadOver(names: readonly string[], over: readonly string[]): string[] {
  let last = '';
  return over.map((below, i) => {
    const name = (names[i] ?? '').trim();
    if (name !== '') last = name;
    return name !== '' ? name : below === '' ? '' : last;
  });
}

const join = (above: string, below: string) => [above, below].filter((t) => t !== '').join(' ');

/** A line right above the heading that says more of its columns; null where it is a title. */
function spreadAbove(above: readonly string[], headings: readonly string[]): string[] | null {
  const names = trimmed(above);
  if ((names[0] ?? '') !== '' || filledIn(names) === 0 || names.some((n) => n !== '' && looksLikeNumber(n))) return null;
  const spread = spreadOver(names, headings);
  return headings.map((head, i) => join(head === '' ? '' : spread[i]!, head));
}

/** A second line of heads under the first: words over numbers, or the numbers of pots under treatments that stand over several. */
function joinedBelow({ headings, body }: HeadedGrid): HeadedGrid {
  const [second, ...rest] = body;
  if (!second || rest.length === 0) return { headings, body };
  const below = trimmed(second.cells);
  const width = Math.max(headings.length, lastFilled(below) + 1);
  const wide = Array.from({ length: width }, (_, i) => headings[i] ?? '');
  const under = Array.from({ length: width }, (_, i) => below[i] ?? '');
  if (!wide.some((h, i) => h === '' && under[i] !== '') && new Set(wide).size === wide.length && !under.includes(''))
    return { headings, body };
  const isWord = (t: string) => t !== '' && !looksLikeNumber(t) && !isDateLike(t) && stateOf(t) === null;
  const said = under.flatMap((t, i) => (t === '' ? [] : [i]));
  const numbers = under.flatMap((_, i) => (areNumbers(cellsBelow(rest, i)) ? [i] : []));
  const overNumbers = numbers.filter((i) => said.includes(i)).length;
  const words = said.every((i) => isWord(under[i]!)) && overNumbers > 0 && overNumbers * 2 >= numbers.length;
  if (!words && !numbersGroups(wide, under)) return { headings, body };
  const spread = spreadOver(wide, under);
  const first = wide[0] !== '' && under[0] !== '' && !words ? sideHead(wide[0]!, under[0]!) : null;
  return { headings: spread.map((h, i) => (i === 0 && first !== null ? first : join(h, under[i]!))), body: rest };
}

/** Of two heads over the first column the one that says what stands in it. */
const sideHead = (above: string, below: string) =>
  ROLE_HEADS.some(([role, head]) => (role === 'day' || role === 'date') && head.test(plainHead(above))) ? above : below;

/** `Control, Control, Salt, Salt` over `1, 2, 1, 2`. */
function numbersGroups(names: readonly string[], numbers: readonly string[]): boolean {
  const spread = spreadOver(names, numbers).slice(1);
  const under = numbers.slice(1);
  const both = spread.map((n, i) => `${n} ${under[i]}`);
  return (
    under.length >= 4 &&
    under.every((t) => /^\d{1,2}$/.test(t)) &&
    !looksLikeNumber(numbers[0] || 'pot') &&
    spread.every((n) => n !== '' && !looksLikeNumber(n) && dayOfHead(n) === null) &&
    new Set(spread).size < spread.length &&
    new Set(spread).size > 1 &&
    new Set(both).size === both.length
  );
}

/** The same heads several times beside each other, each time under a name: the blocks are put below each other. */
function besideEachOther({ headings, body }: HeadedGrid, above: GridLine): HeadedGrid | null {
  const names = trimmed(above.cells);
  const starts = names.flatMap((n, i) => (n === '' ? [] : [i]));
  const blocks = starts.map((start, k) => headings.slice(start, starts[k + 1] ?? headings.length).filter((h) => h !== ''));
  const [first] = blocks;
  if (blocks.length < 2 || !first || first.length < 2 || starts[0] !== headings.findIndex((h) => h !== '')) return null;
  if (blocks.some((b) => b.length !== first.length || b.some((h, i) => h.toLowerCase() !== first[i]!.toLowerCase()))) return null;
  return {
    headings: [...first, say('tablesIn.group')],
    body: starts.flatMap((start) =>
      body
        .map(({ line, cells }) => ({ line, cells: first.map((_, i) => cells[start + i] ?? '') }))
        .filter(({ cells }) => cells.some((c) => c.trim() !== ''))
        .map(({ line, cells }) => ({ line, cells: [...cells, saidName(names[start]!).name] })),
    ),
  };
}

/** The heading again, over a second part of the table. */
function withoutRepeatedHeads(body: readonly GridLine[], heading: readonly string[]): { body: GridLine[]; repeated: boolean } {
  const key = (cells: readonly string[]) =>
    cells
      .map((c) => c.trim().toLowerCase())
      .join('\u0001')
      .replace(/\u0001+$/, '');
  const head = key(heading);
  const kept = body.filter((r) => key(r.cells) !== head);
  return { body: kept, repeated: kept.length < body.length };
}

const LONGEST_NAME = 40;

/** The text of a line that has nothing but its first cell. */
export function onlyCell({ cells }: GridLine, longest = LONGEST_NAME): string | null {
  const [first = '', ...others] = cells;
  const text = first.trim();
  return text !== '' && text.length <= longest && !looksLikeNumber(text) && filledIn(others) === 0 ? text : null;
}

/**
 * Blocks one below the other, each under a line that is nothing but its name: the name becomes a column.
 * @param title of the first block, where it stands above the heading
 */
function namedBlocks({ headings, body }: HeadedGrid, title: string | null): HeadedGrid {
  const names = body.map((row) => onlyCell(row));
  const starts = names.flatMap((n, i) => (n === null ? [] : [i]));
  const blocks = starts.length + (title !== null ? 1 : 0);
  const fromTheStart = title !== null || names[0] !== null;
  const wellFilled = starts.every((i) => (body[i + 1]?.cells[0] ?? '').trim() !== '' && names[i + 1] === null && body[i + 2]);
  if (blocks < 2 || !fromTheStart || !wellFilled || starts.length === 0 || starts.length * 3 > body.length)
    return { headings, body };
  const width = Math.max(headings.length, ...body.map((r) => lastFilled(r.cells) + 1));
  const all = [...(title === null ? [] : [title]), ...names.flatMap((n) => n ?? [])].map(saidName);
  const head = all.every((n) => n.head === all[0]!.head) ? all[0]!.head : say('tablesIn.group');
  let block = all[0]!.name;
  const rows = body.flatMap((row, i): GridLine[] => {
    if (names[i] !== null) {
      block = saidName(names[i]!).name;
      return [];
    }
    return [{ ...row, cells: [...Array.from({ length: width }, (_, k) => row.cells[k] ?? ''), block] }];
  });
  return { headings: [...Array.from({ length: width }, (_, k) => headings[k] ?? ''), head], body: rows };
}

/** `Treatment: Control`. */
function saidName(text: string): { head: string; name: string } {
  const said = /^([a-z ]{3,20}?)\s*[:–-]\s+(.+)$/i.exec(text);
  return said ? { head: said[1]!, name: said[2]! } : { head: say('tablesIn.group'), name: text };
}

const VARIABLE = /^(variable|measure|measured|measurement|trait|parameter|what|quantity)$/;
const VALUE = /^(value|result|reading|amount|measurement|number)$/;
const MOST_VARIABLES = 20;

/** What was measured in one column, and how much in another: each of them becomes a column, and rows that are alike but for it one row. */
function measuresAcross({ headings, body }: HeadedGrid): HeadedGrid {
  const heads = headings.map(plainHead);
  const variable = heads.findIndex((h) => VARIABLE.test(h));
  const value = heads.findIndex((h, i) => i !== variable && VALUE.test(h));
  const textAt = (row: GridLine, i: number) => (row.cells[i] ?? '').trim();
  const names = [...new Set(body.map((r) => textAt(r, variable)))];
  const words = names.every((n) => n !== '' && !looksLikeNumber(n));
  if (variable < 0 || value < 0 || !words || names.length < 2 || names.length > MOST_VARIABLES) return { headings, body };
  const others = headings.flatMap((_, i) => (i === variable || i === value ? [] : [i]));
  const rows = new Map<string, GridLine & { cells: string[] }>();
  for (const row of body) {
    const name = names.indexOf(textAt(row, variable));
    const facts = others.map((i) => row.cells[i] ?? '');
    let times = 0;
    const keyOf = () => [...facts, String(times)].join('\u0001');
    while ((rows.get(keyOf())?.cells[others.length + name] ?? '') !== '') times++;
    const wide = rows.get(keyOf()) ?? { line: row.line, cells: [...facts, ...names.map(() => '')] };
    wide.cells[others.length + name] = textAt(row, value);
    rows.set(keyOf(), wide);
  }
  return { headings: [...others.map((i) => headings[i]!), ...names], body: [...rows.values()].sort((a, b) => a.line - b.line) };
}
