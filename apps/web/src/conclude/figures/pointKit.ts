import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { type Shown, shownOf } from '@bright-sprout/core/compare/shown';

/** What every figure of a point is drawn with; a small one is a picture without words, beside what it shows in words. */
export interface PointProps {
  records: InvestigationRecords;
  measure: Measure;
  width: number;
  height: number;
  small: boolean;
}

export function shownIn({ investigation }: InvestigationRecords, measure: Measure): Shown {
  return shownOf({ follow: 'value', reach: '' }, measure, investigation.resolution, {
    container: investigation.containerName,
    seeds: false,
  });
}

/** Room around a figure, px. */
export function roomOf(small: boolean) {
  return small ? { left: 4, right: 4, top: 6, bottom: 6 } : { left: 58, right: 12, top: 30, bottom: 70 };
}
