import { counted } from '../../words/plural';

/**
 * Who gets what, as it is kept: what it says is made from it when it is shown (`splitWords`). `moved`: so many containers stand where somebody put them instead of where the lot did; left
 * out where none does.
 */
export type SplitFact = { atHome?: boolean; moved?: number } & (
  | { code: 'no-teams' | 'team-one-treatment' | 'class-shares' | 'imported' }
  /** Every team has as many of each treatment. */
  | { code: 'complete'; each: number }
  /** Fewest and most containers of a team; teams that miss a treatment, of all. */
  | { code: 'uneven'; low: number; high: number; missing: number; teams: number }
);

const AT_HOME = 'Every student has one pot at home; within a team, lots say who gets which. ';

/** How the places came about, as the end of a sentence about them. */
export function placesWords(split: SplitFact, container: string): string {
  const moved = split.moved ?? 0;
  return `drawn by lot${moved === 0 ? '' : `, but ${counted(moved, container)} moved by hand`}`;
}

/** A sentence that says who gets what, and what is not even. */
export function splitWords(split: SplitFact): string {
  return `${split.atHome ? AT_HOME : ''}${sentence(split)}`;
}

function sentence(split: SplitFact): string {
  switch (split.code) {
    case 'no-teams':
      return 'No team has containers yet: the class looks after all of them.';
    case 'team-one-treatment':
      return 'Each team has one treatment only, so a team and its treatment cannot be told apart.';
    case 'class-shares':
      return 'The class looks after all containers together; any team measures any of them.';
    case 'imported':
      return 'These records came from a file; their places and teams are as the file says.';
    case 'complete':
      return `Every team has ${split.each === 1 ? 'one' : split.each} of each treatment, so a heavy hand falls on all of them alike.`;
    case 'uneven': {
      const { low, high, missing, teams } = split;
      const counts = low === high ? `${low} containers each` : `${low} or ${high} containers each`;
      const gap =
        missing === 0 ? 'each has every treatment, some more often than others' : `${missing} of ${teams} teams miss a treatment`;
      return `The numbers do not work out to one of each per team: teams have ${counts}, and ${gap}. This is the fairest split of these numbers.`;
    }
  }
}
