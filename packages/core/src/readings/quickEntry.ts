import { say } from '@bright-sprout/words/say';
import { type Finding } from '../measures/finding';
import { isNumeric, type Measure } from '../measures/measure';
import { parseFinding } from '../measures/parseFinding';
import { type RulerResolution } from '../quantities/length';
import { type LostReason, type ReadingState } from './reading';

/** A look written in one cell. */
export type QuickEntry =
  | { ok: true; state: Extract<ReadingState, 'measured'>; finding: Finding }
  | { ok: true; state: 'not-up' | 'not-checked' }
  | { ok: true; state: 'lost'; lostReason: LostReason }
  | { ok: false; reason: string };

/** What the letters mean, for the legend and the printed sheet. */
export function quickLetters({ code, name }: Measure): string {
  const what = code === 'height' ? say('readings.aHeight') : say('readings.theNamed', { name });
  return say('readings.nYetXLost', { what });
}

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

/** Reads a cell: a value of the measure in its usual unit unless another is written, or one of the letters. */
export function readQuickEntry(text: string, measure: Measure, resolution: RulerResolution): QuickEntry {
  const typed = text.trim();
  const letter = LETTERS[typed.toLowerCase()];
  if (letter) return letter;
  if (measure.code === 'height' && /^0+([.,]0+)?$/.test(typed)) return { ok: false, reason: say('readings.zeroHeightWriteN') };
  const read = parseFinding(measure, typed, { resolution });
  if (read.ok) return { ok: true, state: 'measured', finding: read.finding };
  return isNumeric(measure) && /^[a-z]+$/i.test(typed)
    ? { ok: false, reason: say('readings.isNotOneOf', { typed }) }
    : { ok: false, reason: read.reason };
}
