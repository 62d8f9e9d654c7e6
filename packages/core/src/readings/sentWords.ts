import { namedFinding } from '../measures/findingWords';
import { measureOf } from '../measures/registry';
import { readSent, type SentFinding } from '../measures/sentFinding';
import { type LostReason, type ReadingState } from './reading';
import { readingWords } from './readingWords';

/** A look that has not arrived yet, in words: what was typed as typed, the rest as it would be said. */
export function sentWords(reading: { findings?: SentFinding[]; state: ReadingState; lostReason?: LostReason | null }): string {
  const { state, findings = [], lostReason = null } = reading;
  if (state !== 'measured') return readingWords({ state, findings: [], lostReason }, { resolution: 'mm' });
  return findings
    .map((sent) => {
      if (sent.typed !== undefined) return sent.typed;
      const read = readSent(sent, { own: [], resolution: 'mm' });
      return read.ok
        ? namedFinding(measureOf(sent.measure)!, read.finding, { resolution: 'mm' })
        : String(sent.value ?? sent.choice ?? '');
    })
    .join(', ');
}
