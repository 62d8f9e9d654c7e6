import { say } from '@bright-sprout/words/say';
/** Sheets that can be made: PDF points (1/72 in), and units of their drawings. */
export interface Sheet {
  name: string;
  points: [number, number];
  /** Width and height of the drawing that fills it. */
  drawing: [number, number];
}

const mm = (n: number) => (n * 72) / 25.4;

export const CERTIFICATE_SHEETS = {
  a4: { name: 'A4', points: [mm(297), mm(210)], drawing: [1123, 794] },
  letter: {
    get name() {
      return say('conclude.letter');
    },
    points: [792, 612],
    drawing: [1056, 816],
  },
} as const satisfies Record<string, Sheet>;

export const POSTER_SHEETS = {
  a3: { name: 'A3', points: [mm(420), mm(297)], drawing: [1414, 1000] },
  a2: { name: 'A2', points: [mm(594), mm(420)], drawing: [1414, 1000] },
  slide: {
    get name() {
      return say('conclude.oneSlide');
    },
    points: [960, 540],
    drawing: [1600, 900],
  },
} as const satisfies Record<string, Sheet>;

export type CertificateSheetName = keyof typeof CERTIFICATE_SHEETS;
export type PosterSheetName = keyof typeof POSTER_SHEETS;
