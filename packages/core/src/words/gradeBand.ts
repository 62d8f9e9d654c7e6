/** How deep words and views go; the data are the same underneath. Ages 5–7, 8–10, 11–13, 14 and up. */
export const GRADE_BANDS = ['early', 'primary', 'middle', 'upper'] as const;
export type GradeBand = (typeof GRADE_BANDS)[number];
