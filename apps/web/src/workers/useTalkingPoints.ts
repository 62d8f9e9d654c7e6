import { wordsOfPage } from '../words/language';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type Point } from '@bright-sprout/core/conclude/points/point';
import { useEffect, useState } from 'react';
import { lessonFacts, lessonMeasure } from '../conclude/lessonFacts';
import { type PointsAnswer, type PointsQuestion } from './pointsQuestion';

/** What is worth talking about in these records, found beside the page; null while it is looked for. */
export function useTalkingPoints(records: InvestigationRecords, readingError: number | null): Point[] | null {
  const [points, setPoints] = useState<Point[] | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('./points.worker.ts', import.meta.url), { type: 'module', name: wordsOfPage() });
    worker.onmessage = ({ data }: MessageEvent<PointsAnswer>) => setPoints(data.points);
    worker.postMessage({
      number: 0,
      facts: lessonFacts(records, readingError),
      measure: lessonMeasure(records).code,
      own: records.investigation.bench.own,
    } satisfies PointsQuestion);
    return () => worker.terminate();
  }, [records, readingError]);
  return points;
}
