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
  const say = (mm: number) => formatLength(mm, resolution);
  const value = say(valueMm);
  switch (kind) {
    case 'more-than-sown':
      return 'That is more than were sown. Is a weed among them?';
    case 'before-sowing':
      return 'That day is before the seeds were sown. Which day did you look?';
    case 'in-the-future':
      return 'That day has not come yet. Which day did you look?';
    case 'sowing-day':
      return `${value} on sowing day? Perhaps the date is that of sowing.`;
    case 'too-early':
      return `${value} so soon? Hardly any seed is up by now. Is the date right, and is it the plant you sowed?`;
    case 'decimal-point':
      return `${value}? About ${say(expectedMm!)} was to be expected. Was it ${say(insteadMm!)}?`;
    case 'inches':
      return `${value}? If those were inches it would be ${say(insteadMm!)}, which would fit.`;
    case 'centimetres':
      return `${value}? If those were centimetres it would be ${say(insteadMm!)}, which would fit.`;
    case 'neighbour':
      return `${value} fits ${neighbour} next to it better. Which one did you measure?`;
    case 'shrank':
      return `It was ${say(beforeMm!)} last time. Did it shrink to ${value}?`;
    case 'grew-too-fast':
      if (beforeMm === null) return `${value} already? It was not up at the last look. Is the ruler’s zero at the soil?`;
      return `From ${say(beforeMm!)} to ${value} is a big leap. Is the ruler’s zero at the soil?`;
  }
}

/** What a button says. */
export const INTENT_WORDS: Record<Intent, string> = {
  'decimal-point': 'Wrong place for the point',
  'other-unit': 'The other side of the ruler',
  neighbour: 'It was the one next to it',
  'other-seedling': 'It is another seedling',
  'ruler-end': 'We read from the ruler’s end',
  wilted: 'It has wilted',
  broken: 'It is broken',
  'wrong-day': 'The day is wrong',
  'measured-again': 'We measured again',
  'really-so': 'It really is so',
};
