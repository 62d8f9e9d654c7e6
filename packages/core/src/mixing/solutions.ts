import { say } from '@bright-sprout/words/say';
import { type Result } from '../result/result';

/** Molar masses in g/mol. */
export const MOLAR_MASS = { NaCl: 58.443, CaCO3: 100.087, NaHCO3: 84.007, aceticAcid: 60.052 } as const;

export function gramsPerLitre(mmolPerLitre: number, molarMass: number): number {
  return (mmolPerLitre * molarMass) / 1000;
}

export interface SerialStep {
  strength: number;
  /** From the mixture before. */
  carryMl: number;
  waterMl: number;
}

/**
 * Each mixture is made from the one before by the same factor, so that `finalMl` of each is left after the next has been
 * taken from it. The first step is the stock itself: `stockMl` of it are needed in all.
 * @param measurable rounds a volume in mL up to one that can be measured
 */
export function serialDilution(
  stock: number,
  factor: number,
  steps: number,
  finalMl: number,
  measurable: (ml: number) => number = (ml) => ml,
): Result<{ stockMl: number; steps: SerialStep[] }> {
  if (factor <= 1) return { ok: false, reason: say('mixing.factorAboveHalvesStrength') };
  if (!Number.isInteger(steps) || steps < 1) return { ok: false, reason: say('mixing.leastStepNeeded') };
  const made: SerialStep[] = [];
  let taken = 0;
  for (let step = steps; step >= 1; step--) {
    const volume = finalMl + taken;
    const carryMl = measurable(volume / factor);
    made.unshift({ strength: stock / factor ** step, carryMl, waterMl: carryMl * (factor - 1) });
    taken = carryMl;
  }
  return { ok: true, stockMl: finalMl + taken, steps: made };
}

/** R in L·MPa/(mol·K). */
const GAS = 0.0083145;

/** Osmotic potential in MPa of an ideal solution (van ’t Hoff): −i·C·R·T; i = 2 for table salt. */
export function osmoticPotential(mmolPerLitre: number, particles = 2, celsius = 20): number {
  return -particles * (mmolPerLitre / 1000) * GAS * (celsius + 273.15) || 0;
}

/** Molar conductivity of NaCl at 25 °C, S·cm²/mol, by mol/L (Kohlrausch’s measurements as tabled in physical chemistry). */
const NACL_CONDUCTIVITY: readonly (readonly [number, number])[] = [
  [0, 126.45],
  [0.0005, 124.5],
  [0.001, 123.7],
  [0.005, 120.6],
  [0.01, 118.5],
  [0.02, 115.7],
  [0.05, 111.0],
  [0.1, 106.7],
  [0.2, 101.6],
  [0.5, 93.6],
  [1, 85.8],
];

/** Electrical conductivity of table salt in pure water at 25 °C, mS/cm (= dS/m), between tabled values along √c. */
export function saltConductivity(mmolPerLitre: number): Result<{ mSPerCm: number }> {
  const c = mmolPerLitre / 1000;
  if (c < 0 || c > 1) return { ok: false, reason: say('mixing.estimateHoldsMolL') };
  const after = Math.max(
    1,
    NACL_CONDUCTIVITY.findIndex(([at]) => at >= c),
  );
  const [[c0, l0], [c1, l1]] = [NACL_CONDUCTIVITY[after - 1]!, NACL_CONDUCTIVITY[after]!];
  const share = (Math.sqrt(c) - Math.sqrt(c0)) / (Math.sqrt(c1) - Math.sqrt(c0));
  return { ok: true, mSPerCm: c * (l0 + share * (l1 - l0)) };
}

/** Milligrams of nitrogen in a litre of feed of `percentN`. */
export function nitrogenPerLitre(gramsOfFeedPerLitre: number, percentN: number): number {
  return gramsOfFeedPerLitre * percentN * 10;
}

/** What every estimate for water leaves out. */
export const mixBuffers = () => say('mixing.numbersHoldPlainWater');
