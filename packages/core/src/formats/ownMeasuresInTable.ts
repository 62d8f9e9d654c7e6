import { newOwnMeasure, type OwnMeasure } from '../measures/ownMeasure';
import { QUANTITIES } from '../measures/measure';
import { type CsvTable } from './readCsv';

/** The definitions that a file of this product carries in its first row; none in other files. */
export function ownMeasuresIn({ headings, rows }: CsvTable): OwnMeasure[] {
  if (!headings.includes('own_measures')) return [];
  const text = rows[0]?.cells.own_measures ?? '';
  try {
    const read: unknown = JSON.parse(text || '[]');
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
const UNITS: Record<string, Pick<OwnMeasure, 'quantity' | 'unit'>> = {
  mm: { quantity: 'length', unit: '' },
  cm: { quantity: 'length', unit: '' },
  g: { quantity: 'mass', unit: '' },
  mg: { quantity: 'mass', unit: '' },
  '%': { quantity: 'share', unit: '' },
};

/**
 * A column that names no known measure as one of its own: numbers with the unit in its heading, or a choice among few words.
 * Null where its cells are neither.
 */
export function measureOfColumn(heading: string, { rows }: CsvTable): OwnMeasure | null {
  const cells = rows.map((r) => (r.cells[heading] ?? '').trim()).filter((c) => c !== '');
  if (cells.length === 0) return null;
  const named = /^(.*?)\s*[([]([^)\]]+)[)\]]$/.exec(heading.trim());
  const [name, unit] = [(named?.[1] ?? heading).trim().slice(0, 60), (named?.[2] ?? '').trim().slice(0, 20)];
  const own = { ...newOwnMeasure(`column-${slug(name)}`), name };
  if (cells.every((c) => /^[-−]?\d+([.,]\d+)?$/.test(c))) {
    const known = UNITS[unit.toLowerCase()];
    return known ? { ...own, ...known } : { ...own, quantity: 'number', unit };
  }
  const words = [...new Set(cells)];
  return words.length <= MOST_CHOICES && words.every((w) => w.length <= 40)
    ? { ...own, quantity: 'choice', choices: words }
    : null;
}

function slug(name: string): string {
  return name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 30);
}
