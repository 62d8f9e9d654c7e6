import { SEED_COUNTS } from '../measures/builtIn/counts';
import { valueOf } from '../measures/finding';
import { type Reading } from './reading';
import { foundOf, type Standing } from './standing';

/** Sprouted seeds that a look counted, by whichever sign; null where it counted none. */
export function seedsCounted(reading: Pick<Reading, 'findings'>): number | null {
  return SEED_COUNTS.map((code) => valueOf(reading, code)).find((n) => n !== null) ?? null;
}

type Counted = Pick<Standing, 'state' | 'looks'>;

/**
 * How many of a container's seeds have sprouted; null where nobody counted, or where it was lost.
 * @param measure code of the count: `seeds-up` or `seeds-with-root`
 */
export function countOf(standing: Counted, measure: string): number | null {
  if (standing.state === 'not-up') return 0;
  return standing.state === 'measured' ? (foundOf(standing, measure)[0]?.value ?? null) : null;
}

/** How many are up of all that were sown in those containers of a group that were counted; null where none was. */
export function countedUp(
  containers: readonly { id: string; seedsSown: number }[],
  standings: ReadonlyMap<string, Counted>,
  measure: string,
): { up: number; of: number } | null {
  const counted = containers.flatMap((c) => {
    const standing = standings.get(c.id);
    const up = standing ? countOf(standing, measure) : null;
    return up === null ? [] : [{ up, of: c.seedsSown }];
  });
  if (counted.length === 0) return null;
  return { up: counted.reduce((sum, c) => sum + c.up, 0), of: counted.reduce((sum, c) => sum + c.of, 0) };
}
