/** What a plant that is not up yet counts as: nothing, or zero. */
export type BeforeSprouting = 'exclude' | 'zero';

/** What a lost plant counts as from then on: nothing, what was last found of it, or zero. */
export type AfterLoss = 'exclude' | 'carry' | 'zero';

/** What a container with several plants reports: them all together, or the one that is ahead. */
export type Report = 'container-mean' | 'tallest';

/** How a class counts: settled with the plan. */
export interface CountingPolicies {
  beforeSprouting: BeforeSprouting;
  afterLoss: AfterLoss;
  report: Report;
}
