/** What a plant passes on its way, in this order. */
export const MILESTONES = ['first-root', 'first-shoot', 'seed-leaves', 'first-true-leaf', 'bud', 'flower', 'harvest'] as const;
export type Milestone = (typeof MILESTONES)[number];
