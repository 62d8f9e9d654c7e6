import { decimal } from '@bright-sprout/words/numbers';
import { merged } from '@bright-sprout/words/merged';
import { say } from '@bright-sprout/words/say';
import { aceticAcidIn, aceticPh } from '../../mixing/acidAndChalk';
import { gramsPerLitre, MOLAR_MASS, nitrogenPerLitre, osmoticPotential, saltConductivity } from '../../mixing/solutions';
import { type FactorSubject } from '../document/planDocument';

/** Something that is added to water or mix, as it is measured out. */
export interface Additive {
  /** On a card: `table salt`. */
  what: string;
  /** In the shop: `Table salt without additives`. */
  bought: string;
  unit: 'g' | 'mL';
  /** Dissolved in the water that is poured; stirred into the mix of all; or given to each container by itself. */
  into: 'water' | 'mix' | 'each';
  /** Grams or millilitres for an amount in the factor's unit: in a litre of water, in a litre of settled mix, or in one container. */
  measured: (amount: number, fillMl: number) => number;
  /** What tells that it is right, or what to expect; a sentence with a space before it, or empty. */
  check: (amount: number) => string;
}

/** Plant food as usually sold: percent nitrogen. */
const FEED_NITROGEN = 10;
/** Vinegar as usually sold: grams of acetic acid in 100 mL. */
export const VINEGAR = 5;
/** Chalk is sold as tablets of so many grams of calcium carbonate. */
export const TABLET_GRAMS = 0.5;

const asTyped = (amount: number) => amount;
const nothing = () => '';
const metered = (mmol: number): string => {
  const ec = saltConductivity(mmol);
  return ec.ok
    ? say('recipes.meterShowsAboutMs', {
        mSPerCm: decimal(ec.mSPerCm, 1),
        pull: decimal(osmoticPotential(mmol), 2),
      })
    : '';
};

const SALT = {
  get what() {
    return say('recipes.tableSalt');
  },
  get bought() {
    return say('recipes.tableSaltWithoutAdditives');
  },
  unit: 'g',
} as const;
const ACID = {
  get what() {
    return say('recipes.vinegarOf', { vinegar: VINEGAR });
  },
  get bought() {
    return say('recipes.vinegarOfPercent', { vinegar: VINEGAR });
  },
  unit: 'mL',
} as const;
const CHALK = {
  get what() {
    return say('recipes.powderedCalciumCarbonate');
  },
  get bought() {
    return say('recipes.calciumCarbonatePowdered');
  },
  unit: 'g',
  check: nothing,
} as const;
const FOOD = {
  get what() {
    return say('recipes.foodNitrogen', { feedNitrogen: FEED_NITROGEN });
  },
  get bought() {
    return say('recipes.plantFoodNitrogen', { feedNitrogen: FEED_NITROGEN });
  },
  check: nothing,
} as const;
const SAND = {
  get what() {
    return say('recipes.washedSand');
  },
  get bought() {
    return say('recipes.washedSandTitle');
  },
  unit: 'mL',
  into: 'each' as const,
  check: nothing,
} as const;

const salty = (gramsOf: (amount: number) => number): Additive =>
  merged(SALT, {
    into: 'water' as const,
    measured: gramsOf,
    check: (amount: number) => metered((gramsOf(amount) * 1000) / MOLAR_MASS.NaCl),
  });
const sour = (millilitresOf: (amount: number) => number): Additive =>
  merged(ACID, {
    into: 'water' as const,
    measured: millilitresOf,
    check: (amount: number) =>
      say('recipes.pureWaterAboutPh', { aceticPh: decimal(aceticPh(aceticAcidIn(millilitresOf(amount), VINEGAR) / 1000), 1) }),
  });

/** What is known of subjects and their units, the usual unit first; of others nothing is worked out. */
const ADDITIVES: Partial<Record<FactorSubject, Record<string, Additive>>> = {
  salt: {
    'mmol/L': salty((mmol) => gramsPerLitre(mmol, MOLAR_MASS.NaCl)),
    'g/L': salty(asTyped),
    '%': salty((percent) => 10 * percent),
    g: merged(SALT, { into: 'each' as const, measured: asTyped, check: nothing }),
  },
  acid: {
    'mL/L': sour(asTyped),
    'mmol/L': sour((mmol) => mmol / aceticAcidIn(1, VINEGAR)),
    mL: merged(ACID, { into: 'each' as const, measured: asTyped, check: nothing }),
  },
  chalk: {
    'g/L': merged(CHALK, { into: 'mix' as const, measured: asTyped }),
    g: merged(CHALK, { into: 'each' as const, measured: asTyped }),
    tablets: merged(CHALK, { into: 'each' as const, measured: (tablets: number) => TABLET_GRAMS * tablets }),
  },
  feed: {
    'mg N/L': merged(FOOD, {
      unit: 'g' as const,
      into: 'water' as const,
      measured: (mg: number) => mg / nitrogenPerLitre(1, FEED_NITROGEN),
    }),
    g: merged(FOOD, { unit: 'g' as const, into: 'each' as const, measured: asTyped }),
  },
  soil: {
    '%': merged(SAND, { measured: (percent: number, fillMl: number) => (percent / 100) * fillMl }),
    mL: merged(SAND, { measured: asTyped }),
  },
};

/** What an amount of a subject in a unit is made with; null where nothing is known of it. */
export function additiveOf({ subject, unit }: { subject: FactorSubject; unit: string }): Additive | null {
  return ADDITIVES[subject]?.[unit] ?? null;
}

const OTHER_UNITS: Partial<Record<FactorSubject, string[]>> = {
  water: ['mL'],
  depth: ['mm'],
  soaking: ['h'],
  temperature: ['°C'],
  crowding: ['plants'],
  age: ['days'],
  'seed-age': ['years'],
};

/** Units in which amounts of a subject are worked out, the usual one first. */
export function unitsOf(subject: FactorSubject): string[] {
  const added = ADDITIVES[subject];
  return added ? Object.keys(added) : (OTHER_UNITS[subject] ?? []);
}
