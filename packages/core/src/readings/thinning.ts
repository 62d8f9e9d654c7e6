import { stayByLot } from './stayByLot';
import { seedsCounted } from './countedUp';
import { currentReadings, type Reading } from './reading';

/** Seedlings that stand in a container: as last counted, or all that were sown where nobody counted yet. */
export function seedlingsIn(container: { id: string; seedsSown: number }, readings: readonly Reading[]): number {
  const counts = currentReadings(readings).flatMap((r) => (r.containerId === container.id ? (seedsCounted(r) ?? []) : []));
  return counts[counts.length - 1] ?? container.seedsSown;
}

/** Which of a container's seedlings stay: their places, counted from the label. */
export interface Staying<C> {
  container: C;
  up: number;
  stay: number[];
}

/**
 * Draws for every container which seedlings stay, so that nobody keeps the strongest of one treatment only.
 * @param keep seedlings that stay in each, 1 or more
 * @param lot number that the draw follows from: the same one draws the same
 */
export function drawStaying<C>(
  containers: readonly { container: C; up: number }[],
  { keep, rule, lot }: { keep: number; rule: 'lot' | 'middle'; lot: number },
): Staying<C>[] {
  return containers.map(({ container, up }, i) => ({ container, up, stay: stayByLot(up, keep, rule, lot + i) }));
}
