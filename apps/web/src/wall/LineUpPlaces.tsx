import { say } from '@bright-sprout/words/say';
import { type ContainerView } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { LOST_WORDS } from '@bright-sprout/core/readings/reading';
import { type Standing } from '@bright-sprout/core/readings/standing';
import { formatLength, formatLengthNumber, type RulerResolution } from '@bright-sprout/core/quantities/length';
import { memo } from 'react';
import { AXIS, POT } from './lineUpGroup';
import { type StandingPlant } from './LineUpPlants';
import { StickLabelShape } from '../labels/StickLabel';
import { Doubt, NotUp, LostPot } from './PlaceMarks';

export interface PlaceOnWall extends StandingPlant {
  container: ContainerView;
  treatment: string;
}

/** How the plants stand on the day looked at, and how they stood before it. */
export interface LookedAt {
  standings: Map<string, Standing>;
  earlier: Map<string, Standing> | null;
  day: IsoDay;
  beforeDay: IsoDay | null;
}

/** Pots, labels and what stands there instead of a plant; each place says in words what is seen. */
export const Places = memo(function Places({
  places,
  looked: { standings, earlier, day, beforeDay },
  width,
  height,
  soil,
  scale,
  chosen,
  ...shared
}: {
  places: readonly PlaceOnWall[];
  looked: LookedAt;
  width: number;
  height: number;
  soil: number;
  scale: number;
  chosen: string | null;
} & Pick<PlaceProps, 'resolution' | 'slot' | 'onChoose'>) {
  return (
    <svg width={width} height={height} className="line-up-places">
      <rect x={AXIS - 4} y={soil} width={width - AXIS + 4} height={7} fill="#6D5C63" />
      <path d={`M${AXIS - 4} ${soil}H${width}`} stroke="#2A1B2E" strokeWidth="2.2" />
      {places.map((place) => {
        const standing = standings.get(place.id);
        return (
          standing && (
            <g key={place.id} transform={`translate(${place.x} ${soil})`}>
              <Place
                container={place.container}
                treatment={place.treatment}
                standing={standing}
                earlier={earlier?.get(place.id) ?? null}
                day={day}
                beforeDay={beforeDay}
                reach={soil}
                tall={scale * Math.max(30, standing.heightMm ?? 0)}
                chosen={chosen === place.id}
                {...shared}
              />
            </g>
          )
        );
      })}
    </svg>
  );
});

interface PlaceProps {
  container: ContainerView;
  treatment: string;
  resolution: RulerResolution;
  standing: Standing;
  earlier: Standing | null;
  day: IsoDay;
  beforeDay: IsoDay | null;
  /** A finger finds the plant anywhere along the wall. */
  reach: number;
  /** Height of the plant, in pixels. */
  tall: number;
  slot: number;
  chosen: boolean;
  onChoose: (containerId: string) => void;
}

/** One container where it stands: pot and label, what is there instead of a plant, today's value and the change. */
function Place({
  container,
  treatment,
  resolution,
  standing,
  earlier,
  day,
  beforeDay,
  reach,
  tall,
  slot,
  chosen,
  onChoose,
}: PlaceProps) {
  const height = standing.heightMm;
  const change =
    height !== null && earlier?.heightMm !== null && earlier?.heightMm !== undefined ? height - earlier.heightMm : null;
  const choose = () => onChoose(container.id);
  return (
    <g
      className={`place${chosen ? ' chosen' : ''}`}
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={say('wall.inDoubt', {
        code: container.code,
        treatment,
        standingInWords: standingInWords(standing, resolution, container, day),
        doubtful: standing.doubtful,
        hasChange: beforeDay !== null && change !== null,
        change: change !== null && formatLengthNumber(change, resolution),
        beforeDay: beforeDay !== null && formatDay(beforeDay),
      })}
      onClick={choose}
      onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), choose())}
    >
      <rect x={-slot / 2} y={-reach} width={slot} height={reach + POT} fill="transparent" />
      {standing.doubtful && <Doubt y={-tall} />}
      {standing.state === 'not-up' && <NotUp days={daysBetween(container.sownOn, day)} slot={slot} />}
      {standing.state === 'lost' && <LostPot />}
      {standing.state === 'not-checked' && <path d="M-9 -16v8M9 -16v8M-4 -12h8" className="unlooked" />}
      {standing.disputed && <path d="M-7 14l7-7l7 7l-7 7z" fill="#B93A12" />}
      <PotAndLabel code={container.code} treatment={container.treatment} state={standing.state} width={Math.min(30, slot - 4)} />
    </g>
  );
}

/** The same from day to day, unless the plant is lost. */
const PotAndLabel = memo(function PotAndLabel({
  code,
  treatment,
  state,
  width,
}: {
  code: string;
  treatment: string;
  state: Standing['state'];
  width: number;
}) {
  return (
    <>
      <path d={`M${-width / 2 - 3} 6h${width + 6}l-3 42h${-width}z`} className={`pot ${state}`} />
      <g transform="translate(0 10)">
        <StickLabelShape code={code} treatment={treatment} width={width - 2} height={36} dashed={state === 'lost'} />
      </g>
    </>
  );
});

/** `14.0 cm`, `not up after 16 days`, `knocked over on Fri 13 March`. */
function standingInWords(standing: Standing, resolution: RulerResolution, { sownOn }: ContainerView, day: IsoDay): string {
  if (standing.heightMm !== null) return formatLength(standing.heightMm, resolution);
  if (standing.state === 'not-up')
    return sownOn > day
      ? say('wall.toBeSownOn', { sownOn: formatDay(sownOn) })
      : say('wall.afterDays', { daysBetween: daysBetween(sownOn, day) });
  if (standing.state === 'lost')
    return say('wall.seenOn', { lostWords: LOST_WORDS[standing.lostReason ?? 'other'], lostOn: formatDay(standing.lostOn!) });
  return say('wall.nobodyLookedDay');
}
