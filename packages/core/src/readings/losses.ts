import { type LostReason } from './reading';
import { type Standing } from './standing';

/** What is written down of one plant when its container is lost. */
export interface Loss {
  plant: string;
  state: 'lost';
  lostReason: LostReason;
  note?: string;
  /** What the plant's look of the same day was: the loss takes its place. */
  supersedes?: string;
}

/** A loss of every plant of a container on a day, each in place of what was written of it that day. */
export function lossOfAll(plants: number, { looks }: Pick<Standing, 'looks'>, lostReason: LostReason, note: string): Loss[] {
  const tags = new Set([...Array.from({ length: plants }, (_, i) => String(i + 1)), ...looks.map((r) => r.plant)]);
  return [...tags].map((plant) => {
    const look = looks.find((r) => r.plant === plant);
    return {
      plant,
      state: 'lost',
      lostReason,
      ...(note.trim() ? { note: note.trim() } : {}),
      ...(look ? { supersedes: look.id } : {}),
    };
  });
}
