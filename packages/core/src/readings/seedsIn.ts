/** What went otherwise with the seeds of one container, in the order in which it was written down. */
export interface SeedsOtherwise {
  kind: string;
  /** Seeds that were counted; null where nobody counted. */
  count: number | null;
}

/** Seeds that really are in a container: as planned or as counted, and those too many or too few since. */
export function seedsIn(planned: number, otherwise: readonly SeedsOtherwise[]): number {
  const seeds = otherwise.reduce((now, { kind, count }) => {
    if (kind === 'counted') return count ?? now;
    if (kind === 'extra-seed') return now + 1;
    return kind === 'seed-missing' ? now - 1 : now;
  }, planned);
  return Math.max(0, seeds);
}
