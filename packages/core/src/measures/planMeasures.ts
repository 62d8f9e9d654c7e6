export const MEASURES = ['height', 'count-up', 'leaves', 'stage', 'colour', 'root-length', 'percent-green'] as const;
export type PlannedMeasure = (typeof MEASURES)[number];
