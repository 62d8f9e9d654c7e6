import { generatorFrom } from '../random/generator';

/**
 * Places (1 is beside the label, then around) of the seedlings that stay when a container is thinned: by lot, or those in the
 * middle of the row. With no more seedlings than wanted, all stay.
 */
export function stayByLot(up: number, keep: number, rule: 'lot' | 'middle', seed: number): number[] {
  const places = Array.from({ length: up }, (_, i) => i + 1);
  if (up <= keep) return places;
  if (rule === 'middle') {
    const first = Math.floor((up - keep) / 2);
    return places.slice(first, first + keep);
  }
  return generatorFrom(seed)
    .shuffle(places)
    .slice(0, keep)
    .sort((a, b) => a - b);
}
