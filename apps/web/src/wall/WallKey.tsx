import { Say } from '../words/Say';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type LineUpGroup } from './lineUpGroup';

/** What the lines, pegs and outlines of the wall mean; only of those that are there. */
export function WallKey({ groups, outlined }: { groups: LineUpGroup[]; outlined: IsoDay | null }) {
  return (
    <p className="wall-key">
      {groups.some((g) => g.peg) && (
        <>
          <Say it="wall.teamExpectedTallest" span={<span className="key-peg" />} />
        </>
      )}
      {outlined && (
        <>
          <span className="key-ghost" /> {formatDay(outlined)}
        </>
      )}
      {groups.some((g) => g.summary) && (
        <>
          <Say it="wall.meanIntervalPlants" span={<span className="key-mean" />} />
        </>
      )}
    </p>
  );
}
