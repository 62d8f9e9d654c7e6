import { type IsoDay } from '../../calendar/days';
import { isSeedCount } from '../../measures/builtIn/counts';
import { type TableReading } from './columnMeaning';
import { daysDownTheSide, daysInHeads } from './guess/dayColumns';
import { Draft, seedsInHeads } from './guess/draft';
import { numberedPlants, rolesOfCells, treatmentBesideNumbered, treatmentsInHeads } from './guess/factorColumns';
import { countsOfSeeds, measuresOfHeads, unknownNumbers, unknownWords } from './guess/measureColumns';
import { rolesOfHeads } from './guess/roleColumns';
import { guessDateOrder, isDateLike, readDate } from './readDate';
import { type Sheet } from './sheet';

/**
 * A first reading of a table from its heads and cells; the person sees it and may change all of it. What nothing can be told of
 * stays open, and is left out.
 * @param today the nearest year to it is taken for dates without one
 */
export function guessReading(sheet: Sheet, today: IsoDay): TableReading {
  const draft = new Draft(sheet);
  emptyColumns(draft);
  daysInHeads(draft);
  daysDownTheSide(draft);
  treatmentsInHeads(draft);
  rolesOfHeads(draft);
  measuresOfHeads(draft);
  treatmentBesideNumbered(draft);
  rolesOfCells(draft);
  numberedPlants(draft);
  unknownNumbers(draft);
  unknownWords(draft);
  countsOfSeeds(draft);
  const texts = dateTexts(draft);
  return {
    columns: draft.columns,
    own: draft.own.filter((m) => draft.columns.some((c) => c.is === 'measure' && c.measure === m.code)),
    dateOrder: guessDateOrder(texts),
    year: yearOf(texts, today),
    sownOn: null,
    control: null,
    seedsEach: countsSeeds(draft) && !draft.has('of-how-many') ? seedsInHeads([...sheet.headings, sheet.title ?? '']) : null,
    zeros: 'not-up',
    mends: [],
  };
}

const countsSeeds = ({ columns }: Draft) => columns.some((c) => c.is === 'measure' && isSeedCount(c.measure));

function emptyColumns({ cells, heads, columns }: Draft): void {
  cells.forEach(({ filled }, i) => {
    if (filled.length === 0 && heads[i] === '') columns[i] = { is: 'left-out' };
  });
}

function dateTexts({ columns, cells }: Draft): string[] {
  return columns.flatMap((c, i) => {
    if (c.is === 'date' || c.is === 'sown-on') return cells[i]!.distinct;
    return c.is === 'measure' && c.on && 'date' in c.on ? [c.on.date] : [];
  });
}

/** The latest year in which no date without one is still to come. */
function yearOf(texts: readonly string[], today: IsoDay): number | null {
  if (texts.every((t) => isDateLike(t) && readDate(t, 'year-month-day') !== null)) return null;
  const now = Number(today.slice(0, 4));
  const order = guessDateOrder(texts);
  const last = texts
    .flatMap((t) => readDate(t, order, now) ?? [])
    .sort()
    .pop();
  return last !== undefined && last > today ? now - 1 : now;
}
