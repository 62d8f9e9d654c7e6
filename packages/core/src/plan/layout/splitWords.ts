import { say } from '@bright-sprout/words/say';
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

/** How the places came about, as the end of a sentence about them. */
export function placesWords(split: SplitFact, container: string): string {
  const moved = split.moved ?? 0;
  return say('layOut.drawnByLotWithMoved', { moved: counted(moved, container), noneMoved: moved === 0 });
}

/** A sentence that says who gets what, and what is not even. */
export function splitWords(split: SplitFact): string {
  return split.atHome ? `${say('layOut.everyStudentPotHome')} ${sentence(split)}` : sentence(split);
}

function sentence(split: SplitFact): string {
  switch (split.code) {
    case 'no-teams':
      return say('layOut.teamContainersYetClass');
    case 'team-one-treatment':
      return say('layOut.teamTreatmentOnlyTeam');
    case 'class-shares':
      return say('layOut.classLooksAfterContainers');
    case 'imported':
      return say('layOut.recordsCameFilePlaces');
    case 'complete':
      return say('layOut.everyTeamTreatmentHeavy', { count: split.each === 1 ? say('layOut.one') : split.each });
    case 'uneven': {
      const { low, high, missing, teams } = split;
      const counts = low === high ? say('layOut.containersEach', { low }) : say('layOut.orContainersEach', { low, high });
      const gap = missing === 0 ? say('layOut.everyTreatmentSomeMore') : say('layOut.teamsMissTreatment', { missing, teams });
      return say('layOut.numbersWorkPerTeam', { counts, gap });
    }
  }
}
