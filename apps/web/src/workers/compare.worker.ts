import { compareOnDay } from '@bright-sprout/core/compare/compareOnDay';
import { type CompareQuestion } from './compareQuestion';

/** Answers one question at a time; the number ties the answer to its question. */
addEventListener('message', ({ data }: MessageEvent<{ number: number; question: CompareQuestion }>) => {
  const { records, day, beforeSprouting, seed } = data.question;
  const begun = performance.now();
  const comparison = compareOnDay(records, day, beforeSprouting, seed);
  postMessage({ number: data.number, comparison, milliseconds: performance.now() - begun });
});
