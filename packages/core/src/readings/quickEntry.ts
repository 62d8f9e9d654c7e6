import { parseLength, RESOLUTION_UNIT, type RulerResolution } from '../quantities/length';
import { type LostReason, type ReadingState } from './reading';

/** A look written in one cell. */
export type QuickEntry =
  | { ok: true; state: Extract<ReadingState, 'measured'>; typed: string; mm: number }
  | { ok: true; state: 'not-up' | 'not-checked' }
  | { ok: true; state: 'lost'; lostReason: LostReason }
  | { ok: false; reason: string };

/** What the letters mean, for the legend and the printed sheet. */
export const QUICK_LETTERS = 'a height · n not up yet · x lost (xe eaten, xk knocked over, xd dried out) · – could not check';

const LETTERS: Record<string, QuickEntry> = {
  n: { ok: true, state: 'not-up' },
  '–': { ok: true, state: 'not-checked' },
  '-': { ok: true, state: 'not-checked' },
  '?': { ok: true, state: 'not-checked' },
  x: { ok: true, state: 'lost', lostReason: 'died' },
  xe: { ok: true, state: 'lost', lostReason: 'eaten' },
  xk: { ok: true, state: 'lost', lostReason: 'knocked-over' },
  xd: { ok: true, state: 'lost', lostReason: 'dried-out' },
  xo: { ok: true, state: 'lost', lostReason: 'other' },
};

const TALLEST_MM = 10_000;

/** Reads a cell: a height in the ruler's unit unless another is written, or one of the letters. */
export function readQuickEntry(text: string, resolution: RulerResolution): QuickEntry {
  const typed = text.trim();
  const letter = LETTERS[typed.toLowerCase()];
  if (letter) return letter;
  if (/^0+([.,]0+)?$/.test(typed)) return { ok: false, reason: 'Zero is no height: write n if nothing is up yet.' };
  const length = parseLength(typed, RESOLUTION_UNIT[resolution]);
  if (!length.ok) return { ok: false, reason: /^[a-z]+$/i.test(typed) ? `“${typed}” is not one of the letters.` : length.reason };
  if (length.mm <= 0 || length.mm > TALLEST_MM) return { ok: false, reason: 'A height is more than 0 and at most 10 metres.' };
  return {
    ok: true,
    state: 'measured',
    typed: /[a-z"″′']/i.test(typed) ? typed : `${typed} ${RESOLUTION_UNIT[resolution]}`,
    mm: length.mm,
  };
}
