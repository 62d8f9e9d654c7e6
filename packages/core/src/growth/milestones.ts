import { say } from '@bright-sprout/words/say';
import { type Result } from '../result/result';
import { type CheckInterval } from '../germination/turnbull';

/** What a plant passes on its way, in this order. */
export const MILESTONES = ['first-root', 'first-shoot', 'seed-leaves', 'first-true-leaf', 'bud', 'flower', 'harvest'] as const;
export type Milestone = (typeof MILESTONES)[number];

/** What was seen of a plant at a look: the furthest milestone, or null for none yet. */
export interface StageLook {
  day: number;
  stage: Milestone | null;
}

/**
 * When a plant reached a milestone, as the interval between two looks. A plant that was seen further on has passed it;
 * a later look that names an earlier stage does not take it back.
 */
export function milestoneInterval(looks: readonly StageLook[], milestone: Milestone): Result<{ interval: CheckInterval }> {
  if (looks.length === 0) return { ok: false, reason: say('growth.nobodyLookedYet') };
  const wanted = MILESTONES.indexOf(milestone);
  const inOrder = [...looks].sort((a, b) => a.day - b.day);
  const reached = inOrder.findIndex(({ stage }) => stage !== null && MILESTONES.indexOf(stage) >= wanted);
  if (reached < 0) return { ok: true, interval: { lower: inOrder[inOrder.length - 1]!.day, upper: null } };
  return { ok: true, interval: { lower: inOrder[reached - 1]?.day ?? 0, upper: inOrder[reached]!.day } };
}
