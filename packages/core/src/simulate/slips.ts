import { roundToResolution, type RulerResolution } from '../quantities/length';
import { type Generator } from '../random/generator';

/** Slips as they happen at a bench, for measuring which of them are caught. */
export const SLIPS = ['inches', 'ten times', 'a tenth', 'neighbour', 'ruler end', 'one mark off', 'sowing date'] as const;
export type Slip = (typeof SLIPS)[number];

export interface SlippedHeight {
  valueMm: number;
  dayNumber: number;
}

/** The blank end of a school ruler, mm. */
const BLANK_END_MM = 5;

/** What is written down in place of a true height; null where the slip cannot happen (no neighbour). */
export function slip(
  kind: Slip,
  truth: SlippedHeight,
  around: { neighboursMm: readonly number[]; resolution: RulerResolution },
  random: Generator,
): SlippedHeight | null {
  const written = (mm: number, dayNumber = truth.dayNumber) => ({ valueMm: roundToResolution(mm, around.resolution), dayNumber });
  const { neighboursMm } = around;
  switch (kind) {
    case 'inches':
      return written(truth.valueMm / 2.54);
    case 'ten times':
      return written(truth.valueMm * 10);
    case 'a tenth':
      return written(Math.max(1, truth.valueMm / 10));
    case 'neighbour':
      return neighboursMm.length === 0 ? null : written(neighboursMm[random.below(neighboursMm.length)]!);
    case 'ruler end':
      return written(truth.valueMm + BLANK_END_MM);
    case 'one mark off':
      return written(Math.max(1, truth.valueMm + (random.uniform() < 0.5 ? -10 : 10)));
    case 'sowing date':
      return written(truth.valueMm, 0);
  }
}
