import { say } from '@bright-sprout/words/say';
import { lightProblemWords } from '@bright-sprout/core/pictures/light';
import { type FrameCounted } from '../../../workers/filmQuestion';

/** Why a picture is not counted, in a sentence; null where it is. */
export function notCounted({ broken, lined, problem, whiteUnread }: FrameCounted): string | null {
  if (broken) return say('pictures.fileCannotOpened');
  if (lined === 'unknown') return say('pictures.nobodySaidYetWhere');
  if (lined === 'unsure') return say('pictures.lookLikeOthersCorners');
  if (!problem) return null;
  const words = lightProblemWords(problem);
  return whiteUnread ? say('pictures.saidWhiteTooDark', { words }) : words;
}
