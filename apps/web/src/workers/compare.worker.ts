import { compareOnDay } from '@bright-sprout/core/compare/compareOnDay';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { type CompareAnswer, type CompareQuestion } from './compareQuestion';

/** Answers one question at a time; the number ties the answer to its question. */
addEventListener('message', ({ data }: MessageEvent<{ number: number; question: CompareQuestion }>) => {
  const { records, measure: code, own, seed, ...question } = data.question;
  const begun = performance.now();
  const { measure: _measure, ...comparison } = compareOnDay(records, { ...question, measure: measureOf(code, own)! }, seed);
  postMessage({ number: data.number, comparison: comparison satisfies CompareAnswer, milliseconds: performance.now() - begun });
});
