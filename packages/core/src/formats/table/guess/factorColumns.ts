import { MOST_TREATMENTS } from '../../../plan/document/planDocument';
import { isSummedHead, measureOfHead, nameStem, plainHead, unitOfHead } from '../headWords';
import { FACTOR_ROLES } from '../columnMeaning';
import { stateOf, yesOrNo } from '../stateWords';
import { type Draft, headOfRole, seedsInHeads } from './draft';
import { countsRows } from './roleColumns';

/** What heads leave open, told by the cells: dates, names of groups, numbers of containers. */
export function rolesOfCells(draft: Draft): void {
  for (const i of draft.openColumns()) {
    const { dates, numeric, distinct, filled } = draft.cells[i]!;
    if (dates && !draft.has('date') && !draft.daysInHeads) draft.columns[i] = { is: 'date' };
    else if (numeric || dates || filled.length < 2) continue;
    else if (!draft.has('treatment') && isGroup(draft, i) && distinct.length < filled.length)
      draft.columns[i] = { is: 'treatment' };
    else if (!draft.has('container') && mayNameContainers(draft, i)) draft.columns[i] = { is: 'container' };
  }
  fewNumbers(draft);
  furtherFactors(draft);
  onePotEach(draft);
  firstColumnNumbers(draft);
  treatmentInNames(draft);
}

const isGroup = ({ cells }: Draft, i: number) => cells[i]!.distinct.length >= 2 && cells[i]!.distinct.length <= MOST_TREATMENTS;

/** Few texts that come again and again cross the treatment more likely than they name containers. */
function mayNameContainers(draft: Draft, i: number): boolean {
  const { distinct, filled } = draft.cells[i]!;
  if (distinct.length <= filled.length / 20 || distinct.some((c) => c.length > 20)) return false;
  return !(isGroup(draft, i) && distinct.length * 2 <= filled.length) || !crossesFactors(draft, i);
}

/** The first column numbers the rows, or the containers. */
function firstColumnNumbers(draft: Draft): void {
  const first = draft.openColumns()[0] === 0 && !draft.has('container');
  if (first && draft.cells[0]!.whole && draft.sheet.headings.length > 2) draft.columns[0] = { is: 'container' };
}

/** Units of what is given to plants, or in which they are kept. */
const GIVEN = /^(°?[CF]|ml|l|drops?|tsp|tbsp|teaspoons?|g\/l|mg\/l|kg\/ha|ppm|%|mm|m|mol\/l|mmol\/l|lux|h|hours)$/i;

/** A few numbers that come again and again, and are alike within each container, are what was changed. */
function fewNumbers(draft: Draft): void {
  if (draft.has('treatment') || draft.has('dose')) return;
  const container = draft.at('container');
  const few = draft.openColumns().filter((i) => {
    const { numeric, distinct, filled } = draft.cells[i]!;
    const head = draft.heads[i]!;
    const { rest, unit } = unitOfHead(draft.sheet.headings[i]!);
    const setByHand = /^(temperature|temp|depth|sowing depth)\b/.test(plainHead(rest)) || GIVEN.test(unit);
    const often = distinct.length * 2 <= filled.length || (setByHand && draft.daysInHeads);
    return (
      numeric &&
      head !== '' &&
      distinct.length >= 2 &&
      distinct.length <= MOST_TREATMENTS &&
      often &&
      (measureOfHead(rest) === null || plainHead(rest) === 'ph') &&
      !/^(year|count|number|score|rating)/.test(head) &&
      draft.alikeWithin(container, i)
    );
  });
  if (few[0] !== undefined && (draft.measured || draft.openColumns().length > few.length))
    draft.columns[few[0]] = { is: 'treatment' };
  if (few[1] !== undefined && draft.has('treatment')) draft.columns[few[1]] = { is: 'second-factor' };
}

/** Columns whose few texts cross those of the treatment are a second and a third thing that were changed. */
function furtherFactors(draft: Draft): void {
  if (draft.has('dose')) return;
  for (const role of ['second-factor', 'third-factor'] as const) {
    const crosses = draft.has(role) ? undefined : draft.openColumns().find((i) => crossesFactors(draft, i));
    if (crosses !== undefined) draft.columns[crosses] = { is: role };
  }
}

/** Things that are done to plants, when they stand in a column beside the treatment. */
const DONE =
  /\b(water(ing)?|light(ing)?|soil|temperature|feed(ing)?|fertili[sz]er|food|shade|medium|mix|place|location|dose|depth)\b/;

function crossesFactors(draft: Draft, i: number): boolean {
  const { distinct, numeric, filled } = draft.cells[i]!;
  const first = draft.at('treatment');
  const head = draft.heads[i]!;
  if (first < 0 || !isGroup(draft, i) || filled.length < draft.cells[first]!.filled.length) return false;
  const said = headOfRole('treatment').test(head) || DONE.test(head);
  if (!said && (numeric || !isLaidOut(draft, first, i))) return false;
  const factors = FACTOR_ROLES.map((role) => draft.at(role)).filter((c) => c >= 0);
  const combined = (columns: readonly number[]) =>
    new Set(draft.sheet.rows.map((r) => columns.map((c) => r.cells[c]!.trim()).join('\u0001'))).size;
  const all = combined([...factors, i]);
  return all > Math.max(combined(factors), distinct.length) && all <= MOST_TREATMENTS && (!numeric || draft.repeats(i));
}

/** Who looked, and where on the tray: told evenly too, and nothing that was done. */
const WHO_OR_WHERE =
  /^(side|position|place|edge|corner|half|observer|measurer|student|name|initials|batch|(measured|recorded|checked) by|recorder)$/;

/** So many rows at least tell whether texts were dealt out evenly. */
const FEWEST_ROWS = 6;

/** Each text of a column comes with each treatment, about as often as the others: it was laid out so, and is nothing that happened. */
function isLaidOut(draft: Draft, first: number, i: number): boolean {
  const { rows } = draft.sheet;
  const text = draft.heads[i]!;
  if (
    text === '' ||
    WHO_OR_WHERE.test(text) ||
    headOfRole('note').test(text) ||
    draft.cells[i]!.distinct.some((c) => c.length > 25)
  )
    return false;
  const times = new Map<string, number>();
  for (const { cells } of rows) {
    const pair = `${cells[first]!.trim()}\u0001${cells[i]!.trim()}`;
    times.set(pair, (times.get(pair) ?? 0) + 1);
  }
  const [least, most] = [Math.min(...times.values()), Math.max(...times.values())];
  const whole = times.size === draft.cells[first]!.distinct.length * draft.cells[i]!.distinct.length;
  return rows.length >= FEWEST_ROWS && whole && most <= 1.5 * least + 1 && draft.alikeWithin(draft.at('container'), i);
}

/** Every container in a row of its own, and beside it a name that no other has: each is a treatment. */
function onePotEach(draft: Draft): void {
  if (FACTOR_ROLES.some((role) => draft.has(role)) || !draft.has('container') || groupsInNames(namesOfContainers(draft))) return;
  const named = draft.openColumns().find((i) => {
    const { distinct, numeric } = draft.cells[i]!;
    const head = draft.heads[i]!;
    const named = distinct.filter((c) => stateOf(c) === null && yesOrNo(c) === null).length;
    const short = distinct.every((c) => c.length <= 30) && named * 2 >= distinct.length;
    return isGroup(draft, i) && !numeric && short && head !== '' && measureOfHead(head) === null;
  });
  if (named !== undefined && draft.measured) draft.columns[named] = { is: 'treatment' };
}

const namesOfContainers = (draft: Draft) => draft.cells[draft.at('container')]!.distinct;

/** `Control 1`, `Control 2`, `Salt 1` … with no column that tells the treatment: it is told by their names. */
function treatmentInNames(draft: Draft): void {
  const container = draft.at('container');
  if (container < 0 || [...FACTOR_ROLES, 'treatment-label' as const].some((r) => draft.has(r))) return;
  if (groupsInNames(namesOfContainers(draft))) draft.columns[container] = { is: 'container', names: 'treatment' };
}

/** Names that are a few words with a number behind each of them, most of them more than once. */
function groupsInNames(names: readonly string[]): boolean {
  const times = new Map<string, number>();
  for (const name of names) {
    const stem = nameStem(name).toLowerCase();
    if (stem === name.toLowerCase()) return false;
    times.set(stem, (times.get(stem) ?? 0) + 1);
  }
  const several = [...times.values()].filter((n) => n >= 2).length;
  return times.size >= 2 && times.size <= MOST_TREATMENTS && several === times.size;
}

const NUMBERED =
  /^(plant|pot|cup|seedling|rep|replicate|sample|seed|trial|no|nr|group|team|dish|petri dish|bag|jar|tray|box|class|block|run)? ?\d{1,2}( |$)/;

const numberedColumns = (draft: Draft) =>
  draft
    .openColumns()
    .filter((i) => NUMBERED.test(draft.heads[i]!) && draft.cells[i]!.numeric && !isAmount(draft.sheet.headings[i]!));

/** `NaCl (mM)`, and then `Rep 1`, `Rep 2` …: what stands before them, once in each row, is what was changed. */
export function treatmentBesideNumbered(draft: Draft): void {
  if (draft.has('treatment') || draft.has('team') || draft.measured || numberedColumns(draft).length < 2) return;
  const { distinct, filled } = draft.cells[0]!;
  const container = draft.columns[0]!.is === 'container';
  if ((draft.isOpen(0) || container) && distinct.length === filled.length && isGroup(draft, 0) && !countsRows(draft, 0))
    draft.columns[0] = { is: 'treatment' };
}

/** A row a treatment or team, and `Plant 1`, `Plant 2` … in the heads: each is a plant of that row. */
export function numberedPlants(draft: Draft): void {
  if (!draft.has('treatment') && !draft.has('team')) return;
  const { sheet, heads } = draft;
  const numbered = numberedColumns(draft);
  if (numbered.length < 2 || draft.measured) return;
  const seeds = seedsInHeads(sheet.headings);
  const counts = seeds !== null && numbered.every((i) => draft.cells[i]!.whole && draft.cells[i]!.most <= seeds);
  for (const i of numbered) {
    const name = sheet.headings[i]!.replace(/\s*[([].*$/, '').trim();
    draft.columns[i] = {
      ...draft.measureColumn(counts ? 'seeds-up' : draft.usual, unitOfHead(sheet.headings[i]!).unit, i),
      at: { container: name, treatment: '' },
    };
  }
  for (const i of draft.openColumns()) if (isSummedHead(heads[i]!)) draft.columns[i] = { is: 'left-out' };
}

/** `5 g/L`, `10%`. */
const isAmount = (heading: string) =>
  /^\d+([.,]\d+)?\s*(%|[a-zµ°]+(\/[a-z]+)?)$/i.test(heading.trim()) && !/^\d+ ?(d|days?)$/i.test(heading);

/**
 * A treatment in each head, and under it what was measured in one container after the other: nothing else tells what was done, and
 * no head names a measure.
 */
export function treatmentsInHeads(draft: Draft): void {
  const { sheet, heads, cells } = draft;
  if (draft.measured || draft.has('treatment') || draft.has('day') || draft.has('date')) return;
  const columns = heads.flatMap((h, i) => (h !== '' && cells[i]!.filled.length > 0 && draft.isOpen(i) ? [i] : []));
  const groups = columns.filter((i) => cells[i]!.numeric && !isSummedHead(heads[i]!) && !numbersThings(draft, i));
  const rest = columns.filter((i) => !groups.includes(i) && !isSummedHead(heads[i]!));
  const strange = groups.some((i) => {
    const { rest: name } = unitOfHead(sheet.headings[i]!);
    return measureOfHead(name === '' ? heads[i]! : name) !== null || OTHER_ROLES.some((role) => headOfRole(role).test(heads[i]!));
  });
  const spoken = groups.some(
    (i) =>
      headOfRole('treatment').test(heads[i]!) ||
      headOfRole('control').test(heads[i]!) ||
      isAmount(sheet.headings[i]!) ||
      /^(control|ctrl|no |without|with )/.test(heads[i]!),
  );
  if (groups.length < 2 || groups.length > MOST_TREATMENTS || rest.some((i) => !numbersThings(draft, i)) || strange || !spoken)
    return;
  for (const i of groups) {
    const name = sheet.headings[i]!.trim();
    draft.columns[i] = { ...draft.measureColumn(draft.usual, '', i), at: { container: '', treatment: name } };
  }
  for (const i of columns) if (isSummedHead(heads[i]!)) draft.columns[i] = { is: 'left-out' };
  const numbers = rest[0];
  if (numbers !== undefined) draft.columns[numbers] = { is: 'container' };
}

const OTHER_ROLES = ['container', 'plant', 'team', 'of-how-many', 'day', 'date', 'note', 'state', 'class'] as const;

/** The column says which one it is, not what was found. */
function numbersThings({ heads, cells }: Draft, i: number): boolean {
  const named = (['container', 'plant', 'team'] as const).some((role) => headOfRole(role).test(heads[i]!));
  const { distinct, filled } = cells[i]!;
  return (named || /^(no|nr|number|seed|trial)$/.test(heads[i]!)) && distinct.length === filled.length;
}
