import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { formatLength, type RulerResolution } from '../quantities/length';
import { type Intent } from './doubtKinds';
import { type Doubt } from './plausibility';

/** The question a doubt asks at the bench: one sentence, no blame. */
export function doubtQuestion(
  { kind, expectedMm, insteadMm, neighbour }: Doubt,
  valueMm: number,
  resolution: RulerResolution,
  beforeMm: number | null,
): string {
  const length = (mm: number) => formatLength(mm, resolution);
  const value = length(valueMm);
  switch (kind) {
    case 'more-than-sown':
      return say('readings.moreSownWeedAmong');
    case 'before-sowing':
      return say('readings.dayBeforeSeedsSown');
    case 'in-the-future':
      return say('readings.dayComeYetDay');
    case 'sowing-day':
      return say('readings.sowingDayPerhapsDate', { value });
    case 'too-early':
      return say('readings.soonHardlySeedNow', { value });
    case 'decimal-point':
      return say('readings.aboutExpected', { value, expected: length(expectedMm!), meant: length(insteadMm!) });
    case 'inches':
      return say('readings.inchesFit', { value, length: length(insteadMm!) });
    case 'centimetres':
      return say('readings.centimetresFit', { value, length: length(insteadMm!) });
    case 'neighbour':
      return say('readings.fitsNextBetterMeasure', { value, neighbour });
    case 'shrank':
      return say('readings.lastTimeShrink', { length: length(beforeMm!), value });
    case 'grew-too-fast':
      if (beforeMm === null) return say('readings.alreadyLastLookRulers', { value });
      return say('readings.bigLeapRulersZero', { length: length(beforeMm!), value });
  }
}

/** What a button says. */
export const INTENT_WORDS: Record<Intent, string> = spoken({
  'decimal-point': 'readings.wrongPlacePoint',
  'other-unit': 'readings.otherSideRuler',
  neighbour: 'readings.itWasTheOne',
  'other-seedling': 'readings.anotherSeedling',
  'ruler-end': 'readings.readRulersEnd',
  wilted: 'readings.itHasWilted',
  broken: 'readings.itIsBroken',
  'wrong-day': 'readings.dayWrong',
  'measured-again': 'readings.measuredAgain',
  'really-so': 'readings.itReallyIsSo',
});
