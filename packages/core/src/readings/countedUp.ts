import { type Standing } from './standing';

/** How many of a container's seeds are up; null where nobody counted, or where it was lost. */
export function countOf({ state, more }: Pick<Standing, 'state' | 'more'>): number | null {
  if (state === 'not-up') return 0;
  return state === 'measured' ? (more?.countUp ?? null) : null;
}

/** How many are up of all that were sown in those containers of a group that were counted; null where none was. */
export function countedUp(
  containers: readonly { id: string; seedsSown: number }[],
  standings: ReadonlyMap<string, Pick<Standing, 'state' | 'more'>>,
): { up: number; of: number } | null {
  const counted = containers.flatMap((c) => {
    const standing = standings.get(c.id);
    const up = standing ? countOf(standing) : null;
    return up === null ? [] : [{ up, of: c.seedsSown }];
  });
  if (counted.length === 0) return null;
  return { up: counted.reduce((sum, c) => sum + c.up, 0), of: counted.reduce((sum, c) => sum + c.of, 0) };
}
