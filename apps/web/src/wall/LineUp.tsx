import { say } from '@bright-sprout/words/say';
import { heightOf } from '@bright-sprout/core/measures/finding';
import { type InvestigationView, type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { useMemo } from 'react';
import { habitOf } from '../records/habitOf';
import { AXIS, FOOT, GAP, type LineUpGroup, POT } from './lineUpGroup';
import { type LookedAt, type PlaceOnWall, Places } from './LineUpPlaces';
import { LineUpPlants } from './LineUpPlants';
import { Behind, Wall } from './LineUpWall';
import { useRested } from '../page/useRested';
import './lineUp.scss';

interface Props extends LookedAt {
  investigation: InvestigationView;
  groups: LineUpGroup[];
  width: number;
  /** Millimetres that the wall measures; the same for every day, so that moving through days is growing. */
  topMm: number;
  plantHeight: number;
  chosen: string | null;
  onChoose: (containerId: string) => void;
}

const REST_MS = 120;

/** Plants side by side against a measured wall, drawn to scale from their records; pots are not to scale. */
export function LineUp({
  investigation,
  groups,
  standings,
  earlier,
  day,
  beforeDay,
  width,
  topMm,
  plantHeight,
  chosen,
  onChoose,
}: Props) {
  const scale = plantHeight / topMm;
  const count = groups.reduce((n, g) => n + g.containers.length, 0);
  const slot = (width - AXIS - GAP * (groups.length - 1)) / Math.max(1, count);
  const top = 14;
  const soil = top + plantHeight;
  const showNumbers = slot >= 33;
  const height = soil + POT + (showNumbers ? FOOT : 8);
  const order = groups.map((g) => g.containers.map((c) => c.id).join()).join(';');
  // eslint-disable-next-line react-hooks/exhaustive-deps -- groups are new on every day; only who stands where matters here
  const { starts, places } = useMemo(() => placesOf(groups, investigation, slot), [order, investigation, slot]);
  const now = useMemo(() => ({ standings, earlier, day, beforeDay }), [standings, earlier, day, beforeDay]);
  // Plants and numbers follow the hand at once; labels and words a moment later.
  const calm = useRested(now, REST_MS);
  return (
    <div className="line-up" role="group" aria-label={say('wall.plantsSideSideDrawn')} style={{ width, height }}>
      <svg width={width} height={height} aria-hidden="true" className="line-up-wall">
        <Wall
          width={width}
          top={top}
          topMm={topMm}
          scale={scale}
          inches={investigation.resolution === 'quarter-in'}
          goal={investigation.outlook?.goal ?? null}
        />
        {groups.map((group, i) => (
          <Behind
            key={group.key}
            group={group}
            top={top - 6}
            from={starts[i]!}
            to={starts[i]! + slot * group.containers.length}
            soil={soil}
            scale={scale}
          />
        ))}
      </svg>
      <LineUpPlants
        plants={places}
        standings={standings}
        earlier={earlier}
        width={width}
        height={height}
        soil={soil}
        scale={scale}
        resolution={investigation.resolution}
        numbersAt={showNumbers ? soil + POT + 16 : null}
      />
      <Places
        places={places}
        looked={calm}
        resolution={investigation.resolution}
        width={width}
        height={height}
        soil={soil}
        scale={scale}
        slot={slot}
        chosen={chosen}
        onChoose={onChoose}
      />
    </div>
  );
}

/** Where each container stands. The outermost plants lean their old leaf inwards, so that none runs over the wall's end. */
function placesOf(
  groups: readonly LineUpGroup[],
  investigation: InvestigationView,
  slot: number,
): { starts: number[]; places: PlaceOnWall[] } {
  const before = (i: number) => groups.slice(0, i).reduce((n, g) => n + g.containers.length, 0);
  const starts = groups.map((_, i) => AXIS + i * GAP + slot * before(i));
  const places = groups.flatMap(({ containers }, i) =>
    containers.map((container, j) => ({
      id: container.id,
      container,
      treatment: investigation.treatments.find((t) => t.code === container.treatment)!.label,
      habit: habitOf(investigation, container),
      face: container.code,
      towards: undefined,
      x: starts[i]! + slot * (j + 0.5),
    })),
  );
  const last = places.length - 1;
  return { starts, places: places.map((p, i) => ({ ...p, towards: i === 0 ? 1 : i === last ? -1 : undefined })) };
}

/** The top of the wall: the tallest plant ever recorded or expected, rounded up to whole steps of the ruler. */
export function wallTop(readings: readonly ReadingView[], expectedMm: readonly number[], inches: boolean): number {
  const step = inches ? 50.8 : 50;
  const tallest = readings.reduce((most, r) => Math.max(most, heightOf(r) ?? 0), Math.max(0, ...expectedMm));
  return Math.max(step, Math.ceil((tallest * 1.02) / step) * step);
}
