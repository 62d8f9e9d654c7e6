import { MOLAR_MASS } from './solutions';

/** Ka of acetic acid at 25 °C, pKa 4.756; ion product of water. */
const KA = 10 ** -4.756;
const KW = 1e-14;

/** Millimoles of acetic acid in so many mL of vinegar of p g per 100 mL. */
export function aceticAcidIn(vinegarMl: number, percent = 5): number {
  return (vinegarMl * (percent / 100) * 1000) / MOLAR_MASS.aceticAcid;
}

/** Milligrams of calcium carbonate that take up so many millimoles of acid: CaCO₃ + 2 CH₃COOH. */
export function chalkToNeutralise(acidMmol: number): number {
  return (acidMmol / 2) * MOLAR_MASS.CaCO3;
}

export type LeftOver = { what: 'acid'; mmol: number } | { what: 'chalk'; mg: number } | { what: 'nothing' };

/** What is left when all that can react has reacted; half a percent either way counts as nothing. */
export function leftOver(vinegarMl: number, chalkMg: number, percent = 5): LeftOver {
  const acid = aceticAcidIn(vinegarMl, percent);
  const base = (2 * chalkMg) / MOLAR_MASS.CaCO3;
  const difference = acid - base;
  if (Math.abs(difference) <= 0.005 * Math.max(acid, base)) return { what: 'nothing' };
  return difference > 0 ? { what: 'acid', mmol: difference } : { what: 'chalk', mg: chalkToNeutralise(-difference) };
}

/**
 * pH of acetic acid in pure water at 25 °C of which a share has been neutralised, by charge balance (carbon dioxide driven
 * off, no activity corrections).
 * @param totalMolar acid and acetate together, mol/L
 */
export function aceticPh(totalMolar: number, neutralised = 0): number {
  const cations = totalMolar * neutralised;
  const balance = (ph: number) => {
    const h = 10 ** -ph;
    return h + cations - KW / h - (totalMolar * KA) / (KA + h);
  };
  let [low, high] = [0, 14];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (balance(middle) > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
