import { spoken } from '@bright-sprout/words/spoken';
import { namedFinding } from '../measures/findingWords';
import { type OwnMeasure } from '../measures/ownMeasure';
import { BUILT_IN_CODES, measureOf } from '../measures/registry';
import { type RulerResolution } from '../quantities/length';
import { LOST_WORDS, type Reading } from './reading';

/** What a look without a finding says. */
export const STATE_WORDS = spoken({
  'not-up': 'common.notUpYet',
  'not-checked': 'readings.couldNotCheck',
  thinned: 'readings.thinnedOut',
  moved: 'readings.movedElsewhere',
});

/** A reading in words: `14.2 cm, 3 leaves, pale or limp`; what was not asked is left out. */
export function readingWords(
  reading: Pick<Reading, 'state' | 'findings' | 'lostReason'>,
  { resolution, own = [], sown }: { resolution: RulerResolution; own?: readonly OwnMeasure[]; sown?: number },
): string {
  const { state, findings, lostReason } = reading;
  if (state === 'lost') return LOST_WORDS[lostReason ?? 'other'];
  if (state !== 'measured') return STATE_WORDS[state];
  const shown = { resolution, ...(sown === undefined ? {} : { sown }) };
  return inOrder(findings, own)
    .map((f) => {
      const measure = measureOf(f.measure, own);
      return measure ? namedFinding(measure, f, shown) : `${f.measure} ${f.choice ?? f.value}`;
    })
    .join(', ');
}

/** Findings in the order in which they are asked. */
function inOrder<F extends { measure: string }>(findings: readonly F[], own: readonly OwnMeasure[]): F[] {
  const codes = [...BUILT_IN_CODES, ...own.map((m) => m.code)];
  const place = ({ measure }: F) => (codes.includes(measure) ? codes.indexOf(measure) : codes.length);
  return [...findings].sort((a, b) => place(a) - place(b));
}
