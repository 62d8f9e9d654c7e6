import { curveIntervals } from '@bright-sprout/core/growth/curveIntervals';
import { type CurvesAnswer, type CurvesQuestion } from './curvesQuestion';
import { onceWorded } from '../words/wordsInWorker';

const SEED = 7;
const RESAMPLES = 400;

onmessage = onceWorded(({ data }: MessageEvent<CurvesQuestion>) => {
  const fits = data.series.map(({ key, containers }) => ({
    key,
    found: curveIntervals(
      data.curve,
      containers.filter((c) => c.t.length > 0),
      SEED,
      RESAMPLES,
    ),
  }));
  postMessage({ number: data.number, fits } satisfies CurvesAnswer);
});
