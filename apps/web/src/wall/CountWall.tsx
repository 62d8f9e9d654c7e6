import { say } from '@bright-sprout/words/say';
import { type ContainerView, type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { countOf } from '@bright-sprout/core/readings/countedUp';
import { type Standing } from '@bright-sprout/core/readings/standing';
import { type LineUpGroup } from './lineUpGroup';
import { StickLabelShape } from '../labels/StickLabel';
import { PlaceInSoil, SeedOnPaper } from '../drawing/SproutDrawing';

interface Props {
  groups: readonly LineUpGroup[];
  standings: ReadonlyMap<string, Standing>;
  investigation: InvestigationView;
  /** The count that is shown. */
  measure: Measure;
  width: number;
  chosen: string | null;
  onChoose: (containerId: string) => void;
}

/** Side of a drawn seed's cell, in pixels: as large as the containers beside it leave room for. */
const CELL = { least: 14, most: 44 };
/** Left free beside a container, beside a group, and at the left as under the headings, in pixels. */
const FREE = { place: 34, group: 26, left: 36 };

/** Containers in which seeds are counted instead of measured: every seed drawn, those that have sprouted among them. */
export function CountWall({ groups, standings, investigation, measure, width, chosen, onChoose }: Props) {
  const columns = groups.map((g) => `${Math.max(1, g.containers.length)}fr`).join(' ');
  const standingHere = groups.reduce((sum, g) => sum + g.containers.length, 0);
  const room = (width - FREE.left - FREE.group * (groups.length - 1)) / Math.max(1, standingHere) - FREE.place;
  return (
    <div className="count-wall" style={{ gridTemplateColumns: columns, width }}>
      {groups.map((g) => (
        <div key={g.key} className="count-group">
          {g.containers.map((c) => (
            <CountPlace
              key={c.id}
              container={c}
              standing={standings.get(c.id)!}
              investigation={investigation}
              measure={measure}
              room={room}
              chosen={chosen === c.id}
              onChoose={onChoose}
            />
          ))}
        </div>
      ))}
    </div>
  );
}

function CountPlace({
  container,
  standing,
  measure,
  investigation: { treatments, bench },
  room,
  chosen,
  onChoose,
}: { container: ContainerView; standing: Standing; room: number; chosen: boolean } & Pick<
  Props,
  'investigation' | 'measure' | 'onChoose'
>) {
  const { code, seedsSown, id } = container;
  const treatment = treatments.find((t) => t.code === container.treatment)!;
  const up = countOf(standing, measure.code);
  const columns = Math.max(1, Math.ceil(Math.sqrt(seedsSown)));
  const cell = Math.max(CELL.least, Math.min(CELL.most, room / columns));
  const [wide, high] = [columns * cell + 8, Math.ceil(seedsSown / columns) * cell + 8];
  const words =
    up === null ? (standing.state === 'lost' ? 'lost' : say('wall.notCounted')) : say('wall.upOfSown', { up, sown: seedsSown });
  return (
    <button
      type="button"
      className={`count-place${chosen ? ' chosen' : ''}`}
      aria-pressed={chosen}
      aria-label={`${code}, ${treatment.label}: ${words}${up === null ? '' : ` ${measure.noun![1]}`}`}
      onClick={() => onChoose(id)}
    >
      <svg viewBox={`0 0 ${wide} ${high}`} width={wide} height={high} aria-hidden="true">
        <rect
          x="1"
          y="1"
          width={wide - 2}
          height={high - 2}
          fill={bench.care.paper ? '#FFFFFF' : '#6D5C63'}
          stroke="#2A1B2E"
          strokeWidth="1.5"
          strokeDasharray={standing.state === 'lost' ? '4 3' : undefined}
        />
        {standing.state !== 'lost' &&
          Array.from({ length: seedsSown }, (_, i) => (
            <g
              key={i}
              transform={`translate(${4 + ((i % columns) + 0.5) * cell} ${4 + (Math.floor(i / columns) + 0.5) * cell}) scale(${cell / 60})`}
            >
              {bench.care.paper ? (
                <SeedOnPaper radii={null} sprouted={i < (up ?? 0)} />
              ) : (
                <PlaceInSoil grass={treatment.habit === 'grass'} up={i < (up ?? 0)} />
              )}
            </g>
          ))}
      </svg>
      <svg viewBox="-18 0 36 44" width="36" height="44" aria-hidden="true">
        <StickLabelShape code={code} treatment={container.treatment} dashed={standing.state === 'lost'} />
      </svg>
      <b>{words}</b>
    </button>
  );
}
