import { type IsoDay } from '../../calendar/days';
import { lookOn, looksByContainer } from '../../readings/looks';
import { type ComparedRecords } from '../records';
import { foundIn } from '../values';

/** What a team said before sowing, and what came of it, mm. */
export interface PredictedHeight {
  team: string;
  predicted: number;
  /** Its tallest plant on that day; null where it has none, or nobody looked. */
  came: number | null;
}

/** Each team's prediction of its tallest plant beside its tallest plant. */
export function predictedHeights(
  { containers, readings }: ComparedRecords,
  expected: readonly { team: string; heightMm: number | null }[],
  day: IsoDay,
): PredictedHeight[] {
  const looks = looksByContainer(readings);
  return expected.flatMap(({ team, heightMm }) => {
    if (heightMm === null) return [];
    const heights = containers
      .filter((c) => c.block === team)
      .flatMap((c) => foundIn(lookOn(looks.get(c.id) ?? [], day), { code: 'height' }).flatMap((f) => f.value ?? []));
    return [{ team, predicted: heightMm, came: heights.length > 0 ? Math.max(...heights) : null }];
  });
}
