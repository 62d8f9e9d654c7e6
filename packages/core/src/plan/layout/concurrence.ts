import { type LaidContainer } from './layOut';

/**
 * Concurrence matrix of an incomplete block design: in how many teams two treatments stand together; on the diagonal, in how
 * many teams a treatment stands at all.
 */
export function concurrence(treatments: readonly string[], containers: readonly LaidContainer[]): number[][] {
  const teams = new Map<number, Set<string>>();
  for (const { team, treatment } of containers) if (team !== null) teams.set(team, (teams.get(team) ?? new Set()).add(treatment));
  const blocks = [...teams.values()];
  return treatments.map((a) => treatments.map((b) => blocks.filter((own) => own.has(a) && own.has(b)).length));
}
