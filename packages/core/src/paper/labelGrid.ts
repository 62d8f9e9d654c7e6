import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { type Result } from '../result/result';

/** Paper that labels and sheets are printed on, mm. */
export const PAPERS = {
  a4: { name: 'A4', width: 210, height: 297 },
  letter: {
    get name() {
      return say('paper.letter');
    },
    width: 215.9,
    height: 279.4,
  },
} as const;
export type PaperName = keyof typeof PAPERS;

/** How labels lie on their sheet: so many across and down, with margins at the edges and gaps between them, mm. */
export interface LabelGrid {
  columns: number;
  rows: number;
  /** At the left and right edge, and at the top and bottom one. */
  side: number;
  end: number;
  gapAcross: number;
  gapDown: number;
  /** The first label of the first sheet that is still there, counted along the rows from 1. */
  startAt: number;
}

export interface LabelPlace {
  /** Which of the labels lies here. */
  index: number;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A label smaller than this holds no square that can be scanned beside its code, mm. */
export const SMALLEST_LABEL = { width: 30, height: 18 };

/** Usual sheets, as they are sold and as they are cut by hand; every number can be changed. */
export const LABEL_GRIDS: Readonly<Record<string, { name: string; grid: LabelGrid }>> = {
  cut: {
    get name() {
      return say('paper.plainPaperCutHand');
    },
    grid: { columns: 3, rows: 10, side: 10, end: 12, gapAcross: 0, gapDown: 0, startAt: 1 },
  },
  large: {
    get name() {
      return say('paper.labelsBy');
    },
    grid: { columns: 3, rows: 8, side: 0, end: 0, gapAcross: 0, gapDown: 0, startAt: 1 },
  },
  spaced: {
    get name() {
      return say('paper.labelsThreeBySeven');
    },
    grid: { columns: 3, rows: 7, side: 7, end: 15, gapAcross: 2.5, gapDown: 0, startAt: 1 },
  },
  small: {
    get name() {
      return say('paper.labelsFourByTen');
    },
    grid: { columns: 4, rows: 10, side: 8, end: 13, gapAcross: 2.5, gapDown: 0, startAt: 1 },
  },
};

/** Where labels lie, sheet by sheet; refused where they would not fit or be too small. */
export function labelPlaces(paper: PaperName, grid: LabelGrid, count: number): Result<{ sheets: LabelPlace[][] }> {
  const { columns, rows, side, end, gapAcross, gapDown, startAt } = grid;
  const whole = (n: number, most: number) => Number.isInteger(n) && n >= 1 && n <= most;
  if (!whole(columns, 12) || !whole(rows, 30)) return { ok: false, reason: say('paper.sheetLabelsAcrossDown') };
  if ([side, end, gapAcross, gapDown].some((mm) => !(mm >= 0 && mm <= 60)))
    return { ok: false, reason: say('paper.marginsGapsMm') };
  if (!whole(startAt, columns * rows)) return { ok: false, reason: say('paper.firstLabelSheet', { columns: columns * rows }) };
  const { width: across, height: down } = PAPERS[paper];
  const width = (across - 2 * side - (columns - 1) * gapAcross) / columns;
  const height = (down - 2 * end - (rows - 1) * gapDown) / rows;
  if (width < SMALLEST_LABEL.width || height < SMALLEST_LABEL.height)
    return {
      ok: false,
      reason: say('paper.labelMmNeedsMm', {
        wide: decimal(Math.max(0, width), 0),
        high: decimal(Math.max(0, height), 0),
        width: SMALLEST_LABEL.width,
        height: SMALLEST_LABEL.height,
      }),
    };
  const perSheet = columns * rows;
  const sheets: LabelPlace[][] = [];
  for (let index = 0; index < count; index++) {
    const at = index + startAt - 1;
    const [sheet, place] = [Math.floor(at / perSheet), at % perSheet];
    (sheets[sheet] ??= []).push({
      index,
      x: side + (place % columns) * (width + gapAcross),
      y: end + Math.floor(place / columns) * (height + gapDown),
      width,
      height,
    });
  }
  return { ok: true, sheets };
}
