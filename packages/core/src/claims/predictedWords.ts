import { say } from '@bright-sprout/words/say';
import { type PredictedHeight } from '../compare/figures/predicted';
import { type Shown } from '../compare/shown';
import { type Claim } from './claimSentence';

/** What teams said, what came on a day, and the day for which they said it. */
export interface PredictedAndCame {
  rows: readonly PredictedHeight[];
  askedDay: number | null;
  day: number;
}

/** How well teams predicted their tallest plant; nobody is ranked, and a day that is still to come is said. */
export function predictedClaim({ rows, askedDay, day }: PredictedAndCame, shown: Shown): Claim {
  return { finding: predictedFinding({ rows, askedDay, day }, shown), tooFew: null, evidence: '', limits: [] };
}

function predictedFinding({ rows, askedDay, day }: PredictedAndCame, shown: Shown): string {
  const came = rows.flatMap((r) => (r.came === null ? [] : [{ ...r, off: r.came - r.predicted }]));
  if (came.length === 0) return say('claims.plantTeamsMeasuredDay');
  const nearest = came.reduce((best, r) => (Math.abs(r.off) < Math.abs(best.off) ? r : best));
  const more = came.filter((r) => r.off < 0).length;
  const off = shown.size(nearest.off);
  return say('claims.cameNearestOffTeams', {
    team: nearest.team,
    off,
    more,
    countCame: came.length,
    otherDay: askedDay !== null && askedDay !== day,
    askedDay,
    day,
  });
}
