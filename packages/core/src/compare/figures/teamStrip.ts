import { mean } from '../../statistics/descriptives';
import { containersOf, type Group } from '../groups';

/** Each team's own difference: the mean of its containers of a treatment less that of its control. */
export interface TeamDifference {
  team: string;
  difference: number;
}

/** Treatment by treatment, the teams that have both it and the control; in order of size. */
export function teamStrip(groups: readonly Group[]): { group: Group; teams: TeamDifference[] }[] {
  const control = groups.find((g) => g.treatment.control) ?? groups[0];
  if (!control) return [];
  const of = (g: Group) => {
    const teams = new Map<string, number[]>();
    for (const { container, value } of containersOf(g))
      if (container.block !== null) teams.set(container.block, [...(teams.get(container.block) ?? []), value]);
    return teams;
  };
  const held = of(control);
  return groups
    .filter((g) => g !== control)
    .map((group) => ({
      group,
      teams: [...of(group)]
        .flatMap(([team, values]) => {
          const own = held.get(team);
          return own ? [{ team, difference: mean(values) - mean(own) }] : [];
        })
        .sort((a, b) => a.difference - b.difference),
    }));
}
