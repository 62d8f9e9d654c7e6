import { say } from '@bright-sprout/words/say';
import { type Emblem } from '@bright-sprout/contracts/access';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type Dot, type Group } from '@bright-sprout/core/compare/groups';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type EvidenceRef, refText } from '@bright-sprout/core/conclude/claim/evidence';
import { type KeyboardEvent, type PointerEvent } from 'react';
import { axisOver, beeswarm, INK, linesOf, reachOf, SOIL } from '../../compare/figures/figureKit';
import { ValueAxis } from '../../compare/figures/ValueAxis';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { MarkShape } from '../../marks/TreatmentMark';
import { habitOf } from '../../records/habitOf';
import { EMBLEM_PATHS } from '../../theme/emblems';
import { treatmentLook } from '../../theme/treatments';
import '../../compare/figures/compareFigure.scss';

const TOP = 26;
/** A finger picks the nearest within so many pixels. */
const NEAR = 34;

interface Place {
  ref: EvidenceRef;
  x: number;
  y: number;
  words: string;
}

interface FigureProps {
  width: number;
  /** Height of its field; as suits its width without it. */
  tall?: number;
  groups: readonly Group[];
  shown: Shown;
  investigation: InvestigationView;
  team: { id: string; emblem: Emblem } | null;
  picked: readonly string[];
  /** Null where it can only be looked at. */
  onPick: ((ref: EvidenceRef) => void) | null;
}

/** The question's marks and means, each of which can be picked; the team's own plants stand whole beside them with its emblem. */
export function ClaimFigure(props: FigureProps) {
  const { width, groups, shown, investigation, team, picked, onPick } = props;
  const field = fieldOf(props);
  const { left, tall, bottom, axis } = field;
  const columns = groups.map((group, i) => columnOf(group, i, field, props));
  const places = columns.flatMap((c) => placesIn(c, shown));
  const pickNearest = (event: PointerEvent<SVGSVGElement>) => {
    if (!onPick) return;
    const box = event.currentTarget.getBoundingClientRect();
    const [px, py] = [((event.clientX - box.left) / box.width) * width, event.clientY - box.top];
    const nearest = places
      .map((p) => ({ p, far: Math.hypot(p.x - px, p.y - py) }))
      .reduce<{ p: Place; far: number } | null>((a, b) => (a === null || b.far < a.far ? b : a), null);
    if (nearest && nearest.far <= NEAR) onPick(nearest.p.ref);
  };
  return (
    <svg
      width={width}
      height={bottom + 54}
      viewBox={`0 0 ${width} ${bottom + 54}`}
      className={`figure claim-figure${onPick ? ' pickable' : ''}`}
      onPointerUp={pickNearest}
      role="group"
      aria-label={say('conclude.nameByGroups', { name: shown.name, groups: groups.map((g) => g.label).join(', ') })}
    >
      <rect x={left} y={TOP} width={width - left - 4} height={tall} fill="#fff" />
      <ValueAxis axis={axis} x={left} to={width - 4} unit={shown.unit} top={TOP} bottom={bottom} ranks={shown.ranks} />
      {columns.map((c) => (
        <Column key={c.group.key} column={c} field={field} investigation={investigation} emblem={team?.emblem ?? null} />
      ))}
      {!shown.ranks && shown.fromZero && <rect x={left} y={bottom} width={width - left - 4} height="6" fill={SOIL} />}
      <Picks places={places} picked={picked} onPick={onPick} />
    </svg>
  );
}

/** Where its field lies and how values are put into it. */
function fieldOf({ width, tall: wanted, groups, shown }: FigureProps) {
  const left = shown.ranks ? 96 : 44;
  const tall = wanted ?? Math.round(Math.max(190, Math.min(300, width * 0.3)));
  const bottom = TOP + tall;
  const { low, high } = reachOf(groups, shown);
  const axis = axisOver(low, high, bottom, TOP, 5);
  const column = (width - left - 4) / Math.max(1, groups.length);
  const perMm = (tall / (high - low)) * shown.inUnit(1);
  return { left, tall, bottom, axis, column, narrow: column < 110, perMm, y: (v: number) => axis.at(shown.inUnit(v)) };
}

type Field = ReturnType<typeof fieldOf>;

/** Where everything of a group stands: its marks about the middle, the team's own plants at the right, its mean as a bar. */
function columnOf(group: Group, i: number, { left, column, y }: Field, { shown, investigation, team }: FigureProps) {
  const teams = team && shown.drawsPlants ? ownContainers(investigation, team.id) : new Set<string>();
  const isOwn = (d: Dot) => d.behind.some((c) => teams.has(c.id));
  const middle = left + column * (i + 0.5);
  const others = group.dots.filter((d) => !isOwn(d));
  const own = group.dots.filter(isOwn);
  const at = own.length > 0 ? middle - column * 0.14 : middle;
  const size = column < 90 ? 12 : 15;
  const swarm = beeswarm(
    others.map((d) => -y(d.value)),
    size,
    3,
  );
  const step = Math.min(size + 1, (column * 0.26) / 3);
  const mean = group.summary.ok ? (shown.ranks ? group.summary.median : group.summary.mean) : null;
  return {
    group,
    middle,
    size,
    marks: others.map((d, k) => ({ d, x: at + swarm[k]! * step, y: y(d.value) })),
    plants: own.map((d, k) => ({ d, x: middle + column * (0.24 + 0.14 * k), y: y(d.value) })),
    bar: mean === null ? null : { from: middle - column * 0.42, to: at + column * 0.24, y: y(mean), value: mean },
  };
}

type ColumnOfGroup = ReturnType<typeof columnOf>;

/** What of a column can be picked. */
function placesIn({ group, marks, plants, bar }: ColumnOfGroup, shown: Shown): Place[] {
  const placed = (own: boolean) => (m: ColumnOfGroup['marks'][number]) => ({
    ref: { kind: 'mark' as const, containerId: m.d.container.id, plant: m.d.plant },
    x: m.x,
    y: m.y,
    words: say('conclude.ours', { code: m.d.container.code, shown: shown.words(m.d.value), own }),
  });
  const mean = bar && {
    ref: { kind: 'mean' as const, key: group.key },
    x: bar.from + 8,
    y: bar.y,
    words: say('conclude.meanOf', { label: group.label, count: shown.words(bar.value) }),
  };
  return [...marks.map(placed(false)), ...plants.map(placed(true)), ...(mean ? [mean] : [])];
}

function Column({
  column: { group, middle, marks, plants, bar, size },
  field: { bottom, column, narrow, perMm },
  investigation,
  emblem,
}: {
  column: ColumnOfGroup;
  field: Field;
  investigation: InvestigationView;
  emblem: Emblem | null;
}) {
  const { code } = group.treatment;
  return (
    <g>
      {bar && (
        <g>
          <path d={`M${bar.from} ${bar.y}H${bar.to}`} stroke={INK} strokeWidth="7" />
          <path d={`M${bar.from + 1} ${bar.y}H${bar.to - 1}`} stroke={treatmentLook(code).colour} strokeWidth="4" />
        </g>
      )}
      {marks.map((m) => (
        <g key={`${m.d.container.id} ${m.d.plant ?? ''}`} transform={`translate(${m.x} ${m.y})`}>
          <circle r={size * 0.62} fill="#fff" />
          <MarkShape code={code} size={size} />
        </g>
      ))}
      {plants.map(({ d, x, y }) => (
        <g key={d.container.id}>
          <g transform={`translate(${x} ${bottom})`}>
            <PlantDrawing
              habit={habitOf(investigation, d.container)}
              heightMm={d.value}
              leaves={null}
              face={d.container.code}
              scale={perMm}
            />
          </g>
          {!narrow && <path d={`M${x} ${y}h12`} stroke={INK} strokeWidth="1.5" />}
          {emblem && (
            <path
              d={EMBLEM_PATHS[emblem]}
              transform={narrow ? `translate(${x - 8} ${y - 19}) scale(0.66)` : `translate(${x + 13} ${y - 9}) scale(0.75)`}
              fillRule="evenodd"
              fill={INK}
            />
          )}
        </g>
      ))}
      <g transform={`translate(${middle} ${bottom + 26})`}>
        {!narrow && (
          <g transform={`translate(${-Math.min(column / 2 - 12, 4 + 4 * Math.min(group.label.length, column / 9))} -5)`}>
            <MarkShape code={code} size={15} />
          </g>
        )}
        {linesOf(group.label, Math.max(4, Math.floor((column - (narrow ? 2 : 26)) / (narrow ? 9.4 : 8))), 2).map((line, k) => (
          <text key={line} textAnchor="middle" x={narrow ? 0 : 8} y={17 * k} className="figure-word">
            {line}
          </text>
        ))}
      </g>
    </g>
  );
}

/** Rings about what is picked, and what a keyboard can reach. */
function Picks({ places, picked, onPick }: { places: readonly Place[] } & Pick<FigureProps, 'picked' | 'onPick'>) {
  const isPicked = (ref: EvidenceRef) => picked.includes(refText(ref));
  return (
    <>
      {places.map((p) =>
        isPicked(p.ref) ? (
          <circle key={refText(p.ref)} cx={p.x} cy={p.y} r="14" fill="none" stroke={INK} strokeWidth="3" />
        ) : null,
      )}
      {onPick &&
        places.map((p) => (
          <circle
            key={refText(p.ref)}
            cx={p.x}
            cy={p.y}
            r="13"
            fill="transparent"
            tabIndex={0}
            role="button"
            aria-pressed={isPicked(p.ref)}
            aria-label={p.words}
            onKeyDown={(event: KeyboardEvent) => {
              if (event.key !== 'Enter' && event.key !== ' ') return;
              event.preventDefault();
              onPick(p.ref);
            }}
          />
        ))}
    </>
  );
}

const ownContainers = (investigation: InvestigationView, teamId: string) =>
  new Set(investigation.containers.filter((c) => c.teamId === teamId).map((c) => c.id));
