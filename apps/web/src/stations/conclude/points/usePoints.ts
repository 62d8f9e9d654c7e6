import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { NO_LESSON } from '@bright-sprout/contracts/noLesson';
import { type ArrangedPoint, arranged } from '@bright-sprout/core/conclude/points/arranged';
import { pointWords, type PointWords } from '@bright-sprout/core/conclude/points/pointWords';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { useMemo } from 'react';
import { useLesson } from '../../../api/queries';
import { lessonMeasure, pointSubject } from '../../../conclude/lessonFacts';
import { useReadingError } from '../../../records/useReadingError';
import { useTalkingPoints } from '../../../workers/useTalkingPoints';

export interface ShownPoint extends ArrangedPoint, PointWords {
  /** From 1, in the lesson's order; hidden ones have none. */
  number: number | null;
}

/** Talking points in the lesson's order with their words; null while they are looked for. */
export function usePoints(records: InvestigationRecords): { points: ShownPoint[] | null; measure: Measure; error: unknown } {
  const lesson = useLesson(records.investigation.id);
  const readingError = useReadingError(records.investigation.id);
  const found = useTalkingPoints(records, readingError);
  const measure = useMemo(() => lessonMeasure(records), [records]);
  const points = useMemo(() => {
    if (found === null || (lesson.data === undefined && !lesson.error)) return null;
    const subject = pointSubject(records, measure);
    let number = 0;
    return arranged(found, lesson.data?.document ?? NO_LESSON).map((p): ShownPoint => {
      const words = p.found ? pointWords(p.found, subject) : { title: p.own!.title, asks: p.own!.asks, luck: null };
      return { ...p, ...words, number: p.hidden ? null : ++number };
    });
  }, [found, lesson.data, lesson.error, records, measure]);
  return { points, measure, error: lesson.error };
}
