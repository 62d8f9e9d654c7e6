import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { hasTwoDecimalMarks, NUMBER, readNumber, spellFractions } from './typedNumber';

/**
 * Lengths as people write them. Everything is kept in millimetres; what was typed stays beside the value.
 * One inch is exactly 25.4 mm (international yard and pound agreement, 1959).
 */

export type LengthUnit = 'mm' | 'cm' | 'm' | 'in' | 'ft';

/** The four ways a class reads its ruler. */
export type RulerResolution = 'cm' | 'half-cm' | 'mm' | 'quarter-in';

export interface TypedLength {
  mm: number;
  /** Exactly what was typed. */
  text: string;
  unit: LengthUnit;
}

export type LengthResult = ({ ok: true } & TypedLength) | { ok: false; reason: string };

const MM_PER: Record<LengthUnit, number> = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 };

const UNIT_WORDS: Record<string, LengthUnit> = {
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
  cm: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  centimeter: 'cm',
  centimeters: 'cm',
  m: 'm',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '″': 'in',
  '”': 'in',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  "'": 'ft',
  '′': 'ft',
  '’': 'ft',
};

const TERM = new RegExp(
  String.raw`^(${NUMBER})\s*(${Object.keys(UNIT_WORDS)
    .sort((a, b) => b.length - a.length)
    .join('|')})?\.?`,
  'i',
);

/**
 * Reads a length as typed: `6 1/4 in`, `6¼"`, `2,5 cm`, `15mm`, `1 ft 6 1/2 in`, and sums such as `12 + 6.5 in` for a
 * plant taller than its ruler (a part without a unit takes the unit of the part after it, the last one `assumed`).
 * @param assumed unit where none is typed; without it a bare number is refused as ambiguous.
 */
export function parseLength(text: string, assumed?: LengthUnit): LengthResult {
  const refuse = (reason: string): LengthResult => ({ ok: false, reason });
  let rest = spellFractions(text.trim());
  if (rest === '') return refuse(say('common.nothingTypedYet'));
  if (/^[-−–]/.test(rest)) return refuse(say('quantities.lengthCannotBelowZero'));
  if (hasTwoDecimalMarks(rest)) return refuse(say('quantities.moreDecimalMark', { text }));
  const parts: { value: number; unit?: LengthUnit }[] = [];
  while (rest !== '') {
    const term = TERM.exec(rest);
    if (!term) return refuse(say('quantities.lengthWriteLikeCm', { text }));
    const value = readNumber(term[1]!);
    if (value === undefined) return refuse(say('quantities.dividesZero', { text }));
    parts.push({ value, unit: term[2] ? UNIT_WORDS[term[2].toLowerCase()] : undefined });
    rest = rest.slice(term[0].length).trim();
    const plus = rest.startsWith('+');
    if (plus) rest = rest.slice(1).trim();
    const joined = parts.length > 0 && parts[parts.length - 1]!.unit === 'ft';
    if (rest !== '' && !plus && !joined) return refuse(say('quantities.lengthPutBetweenParts', { text }));
    if (rest === '' && plus) return refuse(say('quantities.somethingMissingAfter', { text }));
  }
  let unit: LengthUnit | undefined = assumed;
  let mm = 0;
  for (const part of [...parts].reverse()) {
    unit = part.unit ?? unit;
    if (!unit) return refuse(say('quantities.centimetresMillimetresInches', { text }));
    mm += part.value * MM_PER[unit];
  }
  const last = parts[parts.length - 1]!.unit ?? assumed!;
  return { ok: true, mm: roundTo(mm, 1e-6), text: text.trim(), unit: last };
}

/** Steps of a ruler resolution in millimetres; half of it is the reading's own uncertainty, uniform. */
export const RESOLUTION_MM: Record<RulerResolution, number> = { cm: 10, 'half-cm': 5, mm: 1, 'quarter-in': 6.35 };

/** The unit in which a resolution is typed and shown. */
export const RESOLUTION_UNIT: Record<RulerResolution, LengthUnit> = { cm: 'cm', 'half-cm': 'cm', mm: 'cm', 'quarter-in': 'in' };

/** Rounds millimetres to the nearest mark of the ruler, halves away from zero. */
export function roundToResolution(mm: number, resolution: RulerResolution): number {
  return roundTo(mm, RESOLUTION_MM[resolution]);
}

function roundTo(value: number, step: number): number {
  return Number((Math.sign(value) * Math.floor(Math.abs(value) / step + 0.5 + 1e-9) * step).toFixed(6));
}

const QUARTERS = ['', '¼', '½', '¾'];

/** The number alone, as the class writes it: `16`, `16.5`, `16.0` (one millimetre), `6¼`. */
export function formatLengthNumber(mm: number, resolution: RulerResolution): string {
  const rounded = roundToResolution(mm, resolution);
  if (resolution === 'quarter-in') {
    const quarters = Math.round(Math.abs(rounded) / RESOLUTION_MM['quarter-in']);
    const whole = Math.floor(quarters / 4);
    const sign = rounded < 0 ? '−' : '';
    return `${sign}${whole === 0 && quarters % 4 ? '' : whole}${QUARTERS[quarters % 4]}`;
  }
  const digits = resolution === 'cm' ? 0 : 1;
  return decimal(rounded / 10, digits);
}

/** Number and unit: `16.0 cm`, `6¼ in`. */
export function formatLength(mm: number, resolution: RulerResolution): string {
  return `${formatLengthNumber(mm, resolution)} ${RESOLUTION_UNIT[resolution]}`;
}

/** Millimetres in a unit, for export. */
export function lengthIn(mm: number, unit: LengthUnit): number {
  return Number((mm / MM_PER[unit]).toFixed(6));
}
