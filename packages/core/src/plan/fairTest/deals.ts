import { type PlanDocument } from '../document/planDocument';
import { type LaidContainer } from '../layout/layOut';

/** Deals places anew and forgets what was moved by hand. */
export const dealAgain = (plan: PlanDocument): PlanDocument => ({ ...plan, moved: {}, drawSeed: plan.drawSeed + 1 });

/** Whole sets: one container of each treatment for every team. */
export const inSets = (plan: PlanDocument): PlanDocument => ({ ...plan, assignment: 'one-of-each', moved: {} });

/** Containers of each treatment, counted by team, tray or whatever else. */
export function countsBy<K>(containers: readonly LaidContainer[], key: (c: LaidContainer) => K): Map<K, Map<string, number>> {
  const counts = new Map<K, Map<string, number>>();
  for (const c of containers) {
    const own = counts.get(key(c)) ?? new Map<string, number>();
    own.set(c.treatment, (own.get(c.treatment) ?? 0) + 1);
    counts.set(key(c), own);
  }
  return counts;
}
