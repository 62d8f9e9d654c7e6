import { type LabelledBlock } from './arrangements';
import { mean, squaresAboutMean } from './descriptives';

/** One container's value with its treatment and its block (team). */
export interface Unit {
  treatment: string;
  block: string;
  value: number;
}

/** Values about their block's mean, with the number of their treatment as label. */
export function centredBlocks(units: readonly Unit[], codes: readonly string[]): LabelledBlock[] {
  return [...new Set(units.map((u) => u.block))].map((name) => {
    const own = units.filter((u) => u.block === name);
    const values = own.map((u) => u.value);
    const centre = mean(values);
    // Where a block's values are equal nothing is left of them, not the rounding of their mean.
    const level = squaresAboutMean(values) === 0;
    return { values: values.map((v) => (level ? 0 : v - centre)), labels: own.map((u) => codes.indexOf(u.treatment)) };
  });
}
