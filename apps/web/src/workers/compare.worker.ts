import { compareOnDay } from '@bright-sprout/core/compare/compareOnDay';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { type CompareAnswer, type CompareQuestion } from './compareQuestion';

/** Answers one question at a time; the number ties the answer to its question. */
addEventListener('message', ({ data }: MessageEvent<{ number: number; question: CompareQuestion }>) => {
  const { records, measure: code, own, seed, ...question } = data.question;
  const begun = performance.now();
  const { day, beforeSprouting, afterLoss, report, groups, contrasts, reason } = compareOnDay(
    records,
    { ...question, measure: measureOf(code, own)! },
    seed,
  );
  const comparison: CompareAnswer = { day, beforeSprouting, afterLoss, report, groups, contrasts, reason };
  postMessage({ number: data.number, comparison, milliseconds: performance.now() - begun });
});
