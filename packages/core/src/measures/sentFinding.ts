import { say } from '@bright-sprout/words/say';
import { type RulerResolution } from '../quantities/length';
import { noAnswer, type Result } from '../result/result';
import { choiceFound, type Finding, numberFound, type SeenInPicture } from './finding';
import { type OwnMeasure } from './ownMeasure';
import { parseFinding, valueProblem } from './parseFinding';
import { measureOf } from './registry';

/** A finding as a device sends it: typed with its unit, tapped as a number in the stored unit, or chosen. */
export interface SentFinding {
  measure: string;
  typed?: string;
  value?: number;
  choice?: string;
  seen?: SeenInPicture | null;
}

interface Measuring {
  own: readonly OwnMeasure[];
  resolution: RulerResolution;
}

/** What a device sent, as it is kept; refused with a sentence where it cannot be one of its measure. */
export function readSent(sent: SentFinding, measuring: Measuring): Result<{ finding: Finding }> {
  const read = readFound(sent, measuring);
  if (!read.ok || !sent.seen) return read;
  const { picture, method, low, high } = sent.seen;
  return { ok: true, finding: { ...read.finding, seen: { picture, method, low: low ?? null, high: high ?? null } } };
}

function readFound(
  { measure: code, typed, value, choice }: SentFinding,
  { own, resolution }: Measuring,
): Result<{ finding: Finding }> {
  const measure = measureOf(code, own);
  if (!measure) return noAnswer(say('measures.nobodyKnowsMeasure', { code }));
  // A device may send null for what it has not.
  if (typeof typed === 'string') return parseFinding(measure, typed, { resolution, unit: null });
  if (measure.choices.length > 0) {
    const known = measure.choices.some((c) => c.code === choice);
    return known ? { ok: true, finding: choiceFound(code, choice!) } : parseFinding(measure, choice ?? '', { resolution });
  }
  if (typeof value !== 'number') return noAnswer(say('common.nothingTypedYet'));
  const problem = valueProblem(measure, value);
  return problem === null ? { ok: true, finding: numberFound(code, value) } : noAnswer(problem);
}

/** Findings as they are sent again: what was typed with a unit as typed, the rest as it is kept. */
export function sentOf(findings: readonly Finding[]): SentFinding[] {
  return findings.map(({ measure, value, choice, typed, seen }) => ({
    measure,
    ...(value === null ? { choice: choice! } : typed !== null && /[^\d\s.,]/.test(typed) ? { typed } : { value }),
    ...(seen ? { seen } : {}),
  }));
}
