import { lightProblemWords } from '@bright-sprout/core/pictures/light';
import { type FrameCounted } from '../../../workers/filmQuestion';

/** Why a picture is not counted, in a sentence; null where it is. */
export function notCounted({ broken, lined, problem, whiteUnread }: FrameCounted): string | null {
  if (broken) return 'Its file cannot be opened here.';
  if (lined === 'unknown') return 'Nobody has said yet where its corners lie.';
  if (lined === 'unsure') return 'It does not look like the others: its corners were not found.';
  if (!problem) return null;
  const words = lightProblemWords(problem);
  return whiteUnread ? `${words} What was said to be white is too dark or burnt out to say more.` : words;
}
