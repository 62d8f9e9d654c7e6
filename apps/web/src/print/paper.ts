import { type PaperName, PAPERS } from '@bright-sprout/core/paper/labelGrid';

/** Units of a page's drawing in one millimetre. */
export const PER_MM = 4;

/** A length on paper, as units of its drawing. */
export const mm = (length: number): number => length * PER_MM;

/** Where nothing is printed on most printers, and a little more, mm. */
export const MARGIN = 12;

export interface Paper {
  name: PaperName;
  /** Units of the drawing. */
  width: number;
  height: number;
}

export const paperOf = (name: PaperName): Paper => ({ name, width: mm(PAPERS[name].width), height: mm(PAPERS[name].height) });

/** Points of a PDF (1/72 in) in a length of the drawing. */
export const points = (units: number): number => (units / PER_MM) * (72 / 25.4);
