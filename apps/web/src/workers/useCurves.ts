import { wordsOfPage } from '../words/language';
import { type CurveName } from '@bright-sprout/core/growth/curves';
import { useEffect, useState } from 'react';
import { type CurvesAnswer, type CurvesQuestion } from './curvesQuestion';

/** Curves of every group with their intervals, worked out beside the page; null while that goes on. */
export function useCurves(curve: CurveName | null, series: CurvesQuestion['series']): CurvesAnswer['fits'] | null {
  const [fits, setFits] = useState<CurvesAnswer['fits'] | null>(null);
  useEffect(() => {
    setFits(null);
    if (curve === null) return;
    const worker = new Worker(new URL('./curves.worker.ts', import.meta.url), { type: 'module', name: wordsOfPage() });
    worker.onmessage = ({ data }: MessageEvent<CurvesAnswer>) => setFits(data.fits);
    worker.postMessage({ number: 0, curve, series } satisfies CurvesQuestion);
    return () => worker.terminate();
  }, [curve, series]);
  return fits;
}
