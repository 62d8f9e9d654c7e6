import { type Factor, type PlanKind } from './planDocument';

/** The experiment that a single factor makes. */
export function kindFor({ subject, levels }: Factor): PlanKind {
  if (subject === 'crowding') return 'crowding';
  if (subject === 'kind') return 'side-by-side';
  if (subject === 'age') return 'age-ladder';
  return levels.filter((l) => l.amount !== null).length > 2 ? 'dose-series' : 'one-factor';
}
