import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type LineUpGroup } from './lineUpGroup';

/** What the lines, pegs and outlines of the wall mean; only of those that are there. */
export function WallKey({ groups, outlined }: { groups: LineUpGroup[]; outlined: IsoDay | null }) {
  return (
    <p className="wall-key">
      {groups.some((g) => g.peg) && (
        <>
          <span className="key-peg" /> what the team expected of its tallest
        </>
      )}
      {outlined && (
        <>
          <span className="key-ghost" /> {formatDay(outlined)}
        </>
      )}
      {groups.some((g) => g.summary) && (
        <>
          <span className="key-mean" /> mean and 95% interval of the plants that are up
        </>
      )}
    </p>
  );
}
