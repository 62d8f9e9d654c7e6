import { type LessonFacts } from '@bright-sprout/core/conclude/points/lesson';
import { type Point } from '@bright-sprout/core/conclude/points/point';
import { type OwnMeasure } from '@bright-sprout/core/measures/ownMeasure';

/** A measure crosses by its code: its words are functions. */
export interface PointsQuestion {
  number: number;
  facts: Omit<LessonFacts, 'measure'>;
  measure: string;
  own: readonly OwnMeasure[];
}

export interface PointsAnswer {
  number: number;
  points: Point[];
}
