import { quantile } from '../statistics/quantile';

/** A plant that the whole class read at once: what each team read, in millimetres. */
export interface ReadTogether {
  valuesMm: readonly number[];
}

export interface TogetherSummary {
  n: number;
  medianMm: number;
  lowMm: number;
  highMm: number;
}

export function summaryOf(valuesMm: readonly number[]): TogetherSummary | null {
  if (valuesMm.length === 0) return null;
  return { n: valuesMm.length, medianMm: quantile(valuesMm, 0.5), lowMm: Math.min(...valuesMm), highMm: Math.max(...valuesMm) };
}

/** So few readings beside each other say nothing about the class. */
const FEWEST = 4;

/**
 * Reading error of the class: the standard deviation of one reading about its plant's mean, pooled over all plants that were
 * read together, in millimetres (the within-subject standard deviation of Bland and Altman 1986). Null while fewer than four
 * readings can be compared.
 */
export function readingError(plants: readonly ReadTogether[]): { sdMm: number; plants: number; readings: number } | null {
  const several = plants.filter((p) => p.valuesMm.length >= 2);
  const readings = several.reduce((sum, p) => sum + p.valuesMm.length, 0);
  if (readings < FEWEST) return null;
  const squares = several.reduce((sum, { valuesMm }) => {
    const mean = valuesMm.reduce((a, b) => a + b, 0) / valuesMm.length;
    return sum + valuesMm.reduce((a, v) => a + (v - mean) ** 2, 0);
  }, 0);
  return { sdMm: Math.sqrt(squares / (readings - several.length)), plants: several.length, readings };
}
