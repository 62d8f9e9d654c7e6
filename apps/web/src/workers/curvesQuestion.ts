import { type curveIntervals } from '@bright-sprout/core/growth/curveIntervals';
import { type CurveName } from '@bright-sprout/core/growth/curves';
import { type GrowthSeries } from '@bright-sprout/core/growth/rates';

export interface CurvesQuestion {
  number: number;
  curve: CurveName;
  series: { key: string; containers: GrowthSeries[] }[];
}

export interface CurvesAnswer {
  number: number;
  fits: { key: string; found: ReturnType<typeof curveIntervals> }[];
}
