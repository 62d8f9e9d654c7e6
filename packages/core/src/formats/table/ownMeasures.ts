import { QUANTITIES } from '../../measures/measure';
import { newOwnMeasure, type OwnMeasure } from '../../measures/ownMeasure';
import { columnCells } from './columnCells';
import { unitOfHead } from './headWords';
import { type Sheet } from './sheet';
import { stateOf } from './stateWords';

/** The definitions that a file of this product carries in its first row; none in other files. */
export function ownMeasuresIn({ headings, rows }: Sheet): OwnMeasure[] {
  const at = headings.indexOf('own_measures');
  if (at < 0) return [];
  try {
    const read: unknown = JSON.parse(rows[0]?.cells[at] || '[]');
    return Array.isArray(read) ? read.filter(isOwnMeasure) : [];
  } catch {
    return [];
  }
}

function isOwnMeasure(value: unknown): value is OwnMeasure {
  const { code, name, quantity, of, unit, least, most, choices, more, less } = (value ?? {}) as Partial<OwnMeasure>;
  const texts = [code, name, unit, more, less].every((t) => typeof t === 'string' && t.length <= 60);
  const ends = [least, most].every((n) => n === null || Number.isFinite(n));
  const chosen = Array.isArray(choices) && choices.length <= 20 && choices.every((c) => typeof c === 'string' && c.length <= 60);
  return texts && ends && chosen && QUANTITIES.includes(quantity!) && (of === 'plant' || of === 'container');
}

const MOST_CHOICES = 8;
const KNOWN: Record<string, Pick<OwnMeasure, 'quantity' | 'unit'>> = {
  ...Object.fromEntries(['mm', 'cm', 'm', 'in', 'ft'].map((u) => [u, { quantity: 'length', unit: '' }] as const)),
  ...Object.fromEntries(['mg', 'g', 'kg', 'oz', 'lb'].map((u) => [u, { quantity: 'mass', unit: '' }] as const)),
  '%': { quantity: 'share', unit: '' },
};

/**
 * A column that names no known measure as one of its own: numbers with the unit in its head, or a choice among few words.
 * Null where its cells are neither.
 */
export function ownMeasureOf(heading: string, sheet: Sheet, column: number): OwnMeasure | null {
  const { filled, distinct, numeric } = columnCells(sheet, column);
  if (filled.length === 0) return null;
  if (numeric) return ownMeasureNamed(heading, filled);
  const choices = distinct.filter((w) => stateOf(w) === null);
  return choices.length > 0 && choices.length <= MOST_CHOICES && choices.every((w) => w.length <= 40)
    ? { ...named(heading), quantity: 'choice', choices }
    : null;
}

/** A measure of one's own over cells that are numbers. */
export function ownMeasureNamed(heading: string, filled: readonly string[]): OwnMeasure {
  const own = named(heading);
  const { unit } = unitOfHead(heading);
  // What can be less than nothing is no length and no share.
  const signed = filled.some((c) => /^[-−–]\s*\d/.test(c));
  const known = signed
    ? undefined
    : (KNOWN[unit] ?? (filled.length > 0 && filled.every((c) => c.endsWith('%')) ? KNOWN['%'] : undefined));
  if (known) return { ...own, ...known };
  const whole = filled.every((c) => /^\d+$/.test(c) || stateOf(c) !== null);
  return whole && unit === '' ? { ...own, quantity: 'count' } : { ...own, quantity: 'number', unit: unit.slice(0, 20) };
}

function named(heading: string): OwnMeasure {
  const { rest, unit } = unitOfHead(heading);
  const without = /[([]/.test(heading) ? rest : heading.replace(/_/g, ' ').replace(unit === '' ? /$^/ : /[\s,/]+(in )?\S+$/i, '');
  const name = (without || heading).trim().slice(0, 60);
  return { ...newOwnMeasure(`column-${slug(name)}`), name };
}

function slug(name: string): string {
  const plain = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 30);
  return plain.replace(/-/g, '') === ''
    ? [...name]
        .map((c) => c.codePointAt(0)!.toString(36))
        .join('')
        .slice(0, 30)
    : plain;
}
