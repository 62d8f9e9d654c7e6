import { say } from '@bright-sprout/words/say';
import { type GroupedRecords } from '../../compare/groups';
import { firstUp, isNearAsked, tallestAround, tallestTreatment } from '../../readings/whatCame';
import { RESOLUTION_MM, type RulerResolution } from '../../quantities/length';
import { type Expectation } from '../points/lesson';

/** What one team, or the class, expected beside what came; null where nobody said, or nothing came. */
export interface ExpectedAndCame {
  team: string;
  first: { said: number | null; came: { after: number; by: number } | null; right: boolean | null };
  /** Its tallest plant, as one reading: within half a step of the ruler either way. */
  height: {
    said: number | null;
    /** Day for which it was said. */
    asked: number;
    came: { mm: number; low: number; high: number; dayNumber: number } | null;
    /** Null while no look was near that day. */
    off: number | null;
  };
  winner: { said: string | null; came: string | null; right: boolean | null };
}

/** Predictions of every team that said something, against its own containers; which treatment was tallest against the whole class. */
export function expectedAndCame(
  { containers, readings }: GroupedRecords,
  expected: readonly Expectation[],
  resolution: RulerResolution,
): ExpectedAndCame[] {
  const tallest = tallestTreatment(containers, readings);
  return expected.map(({ team, firstSproutDay, dayNumber, heightMm, winner }) => {
    const own = containers.filter((c) => c.block === team);
    const up = firstUp(own, readings);
    const tall = tallestAround(own, readings, dayNumber);
    const half = RESOLUTION_MM[resolution] / 2;
    return {
      team,
      first: {
        said: firstSproutDay,
        came: up,
        right: firstSproutDay === null || up === null ? null : firstSproutDay > up.after && firstSproutDay <= up.by,
      },
      height: {
        said: heightMm,
        asked: dayNumber,
        came: tall === null ? null : { ...tall, low: tall.mm - half, high: tall.mm + half },
        off: heightMm === null || tall === null || !isNearAsked(tall.dayNumber, dayNumber) ? null : tall.mm - heightMm,
      },
      winner: { said: winner, came: tallest, right: winner === null || tallest === null ? null : winner === tallest },
    };
  });
}

/** The class as a whole: how many were right about what, and which way heights were missed. */
export interface ClassExpected {
  teams: number;
  days: { said: number; right: number };
  heights: { said: number; more: number; less: number; nearest: { team: string; off: number } | null };
  winners: { said: number; right: number; most: string | null };
  /** Days between which the first of the class came up. */
  firstUp: { after: number; by: number } | null;
  came: string | null;
}

export function classExpected(rows: readonly ExpectedAndCame[], records: GroupedRecords): ClassExpected {
  const days = rows.filter((r) => r.first.right !== null);
  const heights = rows.filter((r) => r.height.off !== null);
  const winners = rows.filter((r) => r.winner.right !== null);
  const counts = new Map<string, number>();
  for (const { winner } of winners) counts.set(winner.said!, (counts.get(winner.said!) ?? 0) + 1);
  const most = [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
  const nearest = heights.reduce<(typeof heights)[number] | null>(
    (best, r) => (best === null || Math.abs(r.height.off!) < Math.abs(best.height.off!) ? r : best),
    null,
  );
  return {
    teams: rows.length,
    days: { said: days.length, right: days.filter((r) => r.first.right).length },
    heights: {
      said: heights.length,
      more: heights.filter((r) => r.height.off! < 0).length,
      less: heights.filter((r) => r.height.off! > 0).length,
      nearest: nearest && { team: nearest.team, off: nearest.height.off! },
    },
    winners: { said: winners.length, right: winners.filter((r) => r.winner.right).length, most },
    firstUp: firstUp(records.containers, records.readings),
    came: tallestTreatment(records.containers, records.readings),
  };
}

/** A span of days as it is said: `day 6`, `between day 3 and day 6`. */
export function spanWords({ after, by }: { after: number; by: number }): string {
  return by - after > 1 ? say('conclude.betweenDayDay', { after, by }) : say('conclude.onDayBy', { by });
}
