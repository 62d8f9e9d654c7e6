import { isIsoDay } from '../../calendar/days';
import { type ColumnMeaning, ROLES, type TableMend, type TableReading } from './columnMeaning';
import { DATE_ORDERS } from './readDate';
import { MOST_COLUMNS, MOST_ROWS } from './sheet';

const LONGEST = 200;
const isText = (value: unknown, most = LONGEST): value is string => typeof value === 'string' && value.length <= most;
const isWhole = (value: unknown, least: number, most: number): value is number =>
  typeof value === 'number' && Number.isInteger(value) && value >= least && value <= most;
const isOptional = (value: unknown, test: (value: unknown) => boolean) => value === undefined || test(value);

type Bare = Record<string, unknown>;
const isBare = (value: unknown): value is Bare => typeof value === 'object' && value !== null && !Array.isArray(value);

function isHeadDay(value: unknown): boolean {
  return isBare(value) && Object.keys(value).length === 1 && (isWhole(value.number, 0, 10_000) || isText(value.date, 40));
}

function isMeaning(value: unknown): value is ColumnMeaning {
  if (!isBare(value)) return false;
  const { is } = value;
  if (is === 'left-out' || is === 'open') return true;
  if (is === 'typed') return isText(value.of, 60);
  if (is !== 'measure')
    return (
      ROLES.some((r) => r === is) &&
      isOptional(value.unit, (u) => isText(u, 40)) &&
      isOptional(value.names, (n) => n === 'treatment' && is === 'container')
    );
  const { measure, unit, counting, on, at } = value;
  return (
    isText(measure, 60) &&
    isText(unit, 40) &&
    isOptional(counting, (c) => c === 'by-then' || c === 'new' || c === 'share-of') &&
    isOptional(on, isHeadDay) &&
    isOptional(at, (a) => isBare(a) && isText(a.container) && isText(a.treatment))
  );
}

function isMend(value: unknown): value is TableMend {
  if (!isBare(value)) return false;
  if (value.kind === 'accept') return isText(value.treatment);
  if (!isWhole(value.line, 1, 10_000_000)) return false;
  return (
    value.kind === 'leave-out' || (value.kind === 'cell' && isWhole(value.column, 0, MOST_COLUMNS - 1) && isText(value.text, 500))
  );
}

/** True for a reading that fits a table of so many columns; the definitions of its own measures are checked elsewhere. */
export function isTableReading(value: unknown, columns: number): value is TableReading {
  if (!isBare(value)) return false;
  const { dateOrder, year, sownOn, control, seedsEach, zeros, mends } = value;
  return (
    Array.isArray(value.columns) &&
    value.columns.length === columns &&
    value.columns.every(isMeaning) &&
    DATE_ORDERS.some((o) => o === dateOrder) &&
    (year === null || isWhole(year, 1800, 2200)) &&
    (sownOn === null || (isText(sownOn, 10) && isIsoDay(sownOn))) &&
    (control === null || isText(control)) &&
    (seedsEach === null || isWhole(seedsEach, 1, 1000)) &&
    (zeros === 'not-up' || zeros === 'left-out') &&
    Array.isArray(mends) &&
    mends.length <= MOST_ROWS &&
    mends.every(isMend)
  );
}
