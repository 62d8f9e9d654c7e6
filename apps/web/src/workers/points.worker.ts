import { talkingPoints } from '@bright-sprout/core/conclude/points/talkingPoints';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { type PointsAnswer, type PointsQuestion } from './pointsQuestion';
import { onceWorded } from '../words/wordsInWorker';

onmessage = onceWorded(({ data: { number, facts, measure, own } }: MessageEvent<PointsQuestion>) => {
  const points = talkingPoints({ ...facts, measure: measureOf(measure, own) ?? measureOf('height')! });
  postMessage({ number, points } satisfies PointsAnswer);
});
