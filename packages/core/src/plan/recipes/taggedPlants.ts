import { type PlanDocument } from '../document/planDocument';

/** More would not be measured in a lesson. */
export const MOST_TAGGED = 6;

/** Plants of one container that are measured one after another, where so many may stay in it. */
export function taggedPlants({ kind, protocol, measures }: PlanDocument, stay: number): number {
  const several = kind !== 'patch' && kind !== 'viability' && protocol.seedlings !== 'tallest' && measures.includes('height');
  return several ? Math.max(1, Math.min(MOST_TAGGED, stay)) : 1;
}
