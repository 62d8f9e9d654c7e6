import { rounded } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { parseAmount, type TypedResult } from './typedNumber';

export type MassUnit = 'mg' | 'g' | 'kg' | 'oz' | 'lb';

/** Grams in one of each unit; exact (international pound, 1959). */
export const GRAMS_PER: Record<MassUnit, number> = { mg: 0.001, g: 1, kg: 1000, oz: 453.59237 / 16, lb: 453.59237 };

const WORDS: Record<string, MassUnit> = {
  mg: 'mg',
  milligram: 'mg',
  milligrams: 'mg',
  g: 'g',
  gram: 'g',
  grams: 'g',
  kg: 'kg',
  kilogram: 'kg',
  kilograms: 'kg',
  oz: 'oz',
  ounce: 'oz',
  ounces: 'oz',
  lb: 'lb',
  lbs: 'lb',
  pound: 'lb',
  pounds: 'lb',
};

/** Reads a mass as typed, in grams: `2,5 g`, `1 lb + 4 oz`, `500mg`. */
export function parseMass(text: string, assumed?: MassUnit): TypedResult<MassUnit> {
  return parseAmount(
    text,
    { noun: say('quantities.mass'), per: GRAMS_PER, words: WORDS, example: say('quantities.sampleMass') },
    assumed,
  );
}

/** `420 mg`, `2.9 g`, `29 g`, `1.2 kg`. */
export function formatMass(grams: number): string {
  if (grams < 1) return say('quantities.milligrams', { amount: Math.round(grams * 1000) });
  if (grams < 10) return `${rounded(grams, 1)} g`;
  return grams < 999.5 ? `${Math.round(grams)} g` : say('quantities.kilograms', { amount: rounded(grams / 1000, 2) });
}
