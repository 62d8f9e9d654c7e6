import { type LabelledBlock } from './arrangements';
import { mean } from './descriptives';

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
    const centre = mean(own.map((u) => u.value));
    return { values: own.map((u) => u.value - centre), labels: own.map((u) => codes.indexOf(u.treatment)) };
  });
}
