import { rounded } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { parseAmount, type TypedResult, type UnitTable } from './typedNumber';

/**
 * Volumes in millilitres. Spoons and cups differ between countries, so they are read by the class's kitchen: US customary
 * (international inch, 1959), metric (5, 15, 250 mL) or Australian (the metric one with a 20 mL tablespoon).
 */
export type Kitchen = 'metric' | 'us' | 'australian';

export type VolumeUnit = 'ml' | 'l' | 'tsp' | 'tbsp' | 'cup' | 'fl-oz' | 'pint' | 'quart' | 'gallon' | 'cubic-foot';

const US_GALLON = 231 * 16.387064;
const IMPERIAL_GALLON = 4546.09;

/** Millilitres in one of each unit; exact. */
export const ML_PER: Record<Kitchen, Record<VolumeUnit, number>> = {
  us: spoons(US_GALLON / 768, US_GALLON / 256, US_GALLON / 16, US_GALLON, 128),
  metric: spoons(5, 15, 250, IMPERIAL_GALLON, 160),
  australian: spoons(5, 20, 250, IMPERIAL_GALLON, 160),
};

function spoons(tsp: number, tbsp: number, cup: number, gallon: number, ounces: number): Record<VolumeUnit, number> {
  return {
    ml: 1,
    l: 1000,
    tsp,
    tbsp,
    cup,
    'fl-oz': gallon / ounces,
    pint: gallon / 8,
    quart: gallon / 4,
    gallon,
    'cubic-foot': 304.8 ** 3 / 1000,
  };
}

const WORDS: Record<string, VolumeUnit> = {
  ml: 'ml',
  cm3: 'ml',
  'cm³': 'ml',
  millilitre: 'ml',
  millilitres: 'ml',
  milliliter: 'ml',
  milliliters: 'ml',
  l: 'l',
  litre: 'l',
  litres: 'l',
  liter: 'l',
  liters: 'l',
  tsp: 'tsp',
  teaspoon: 'tsp',
  teaspoons: 'tsp',
  tbsp: 'tbsp',
  tablespoon: 'tbsp',
  tablespoons: 'tbsp',
  cup: 'cup',
  cups: 'cup',
  'fl oz': 'fl-oz',
  'fl. oz': 'fl-oz',
  'fluid ounce': 'fl-oz',
  'fluid ounces': 'fl-oz',
  pt: 'pint',
  pint: 'pint',
  pints: 'pint',
  qt: 'quart',
  quart: 'quart',
  quarts: 'quart',
  gal: 'gallon',
  gallon: 'gallon',
  gallons: 'gallon',
  'cu ft': 'cubic-foot',
  ft3: 'cubic-foot',
  'ft³': 'cubic-foot',
  'cubic foot': 'cubic-foot',
  'cubic feet': 'cubic-foot',
};

/** Reads a volume as typed, in mL: `250 mL`, `1 1/2 cups`, `¼ tsp`, `1 cup + 2 tbsp`. Pinches, dashes and drops are refused. */
export function parseVolume(text: string, kitchen: Kitchen = 'metric', assumed?: VolumeUnit): TypedResult<VolumeUnit> {
  if (/\b(pinch|pinches|dash|dashes|drops?|splash|handful)\b/i.test(text))
    return { ok: false, reason: say('quantities.pinchesDashesDropsDiffer') };
  const table: UnitTable<VolumeUnit> = {
    noun: say('quantities.volume'),
    per: ML_PER[kitchen],
    words: WORDS,
    example: say('quantities.sampleVolume'),
  };
  return parseAmount(text, table, assumed);
}

/** Below 10 mL to a tenth, below 100 mL to 1, to 1 L to 5 mL, above in litres: `7.5 mL`, `85 mL`, `640 mL`, `2.4 L`. */
export function formatVolume(ml: number): string {
  if (ml < 9.95) return say('quantities.millilitres', { amount: rounded(ml, 1) });
  if (ml < 99.5) return say('quantities.millilitres', { amount: Math.round(ml) });
  if (ml < 997.5) return say('quantities.millilitres', { amount: Math.round(ml / 5) * 5 });
  return `${rounded(ml / 1000, ml < 9950 ? 2 : 1)} L`;
}
