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

/** The question's marks and means, each of which can be picked; the team's own plants stand whole beside them with its emblem. */
export function ClaimFigure({
  width,
  groups,
  shown,
  investigation,
  team,
  picked,
  onPick,
  tall: wanted,
}: {
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
}) {
  const left = shown.ranks ? 96 : 44;
  const tall = wanted ?? Math.round(Math.max(190, Math.min(300, width * 0.3)));
  const bottom = TOP + tall;
  const { low, high } = reachOf(groups, shown);
  const axis = axisOver(low, high, bottom, TOP, 5);
  const column = (width - left - 4) / Math.max(1, groups.length);
  const narrow = column < 110;
  const y = (v: number) => axis.at(shown.inUnit(v));
  const perMm = ((bottom - TOP) / (high - low)) * shown.inUnit(1);
  const isOwn = (d: Dot) =>
    team !== null && shown.drawsPlants && d.behind.some((c) => ownContainers(investigation, team.id).has(c.id));
  const places: Place[] = [];
  const columns = groups.map((group, i) => {
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
    const marks = others.map((d, k) => ({ d, x: at + swarm[k]! * step, y: y(d.value) }));
    const plants = own.map((d, k) => ({ d, x: middle + column * (0.24 + 0.14 * k), y: y(d.value) }));
    for (const m of [...marks, ...plants])
      places.push({
        ref: { kind: 'mark', containerId: m.d.container.id, plant: m.d.plant },
        x: m.x,
        y: m.y,
        words: say('conclude.ours', { code: m.d.container.code, shown: shown.words(m.d.value), own: isOwn(m.d) }),
      });
    const mean = group.summary.ok ? (shown.ranks ? group.summary.median : group.summary.mean) : null;
    const bar = mean === null ? null : { from: middle - column * 0.42, to: at + column * 0.24, y: y(mean), value: mean };
    if (bar)
      places.push({
        ref: { kind: 'mean', key: group.key },
        x: bar.from + 8,
        y: bar.y,
        words: say('conclude.meanOf', { label: group.label, count: shown.words(bar.value) }),
      });
    return { group, middle, marks, plants, bar, size };
  });
  const pickNearest = (event: PointerEvent<SVGSVGElement>) => {
    if (!onPick) return;
    const box = event.currentTarget.getBoundingClientRect();
    const [px, py] = [((event.clientX - box.left) / box.width) * width, event.clientY - box.top];
    const nearest = places
      .map((p) => ({ p, far: Math.hypot(p.x - px, p.y - py) }))
      .reduce<{ p: Place; far: number } | null>((a, b) => (a === null || b.far < a.far ? b : a), null);
    if (nearest && nearest.far <= NEAR) onPick(nearest.p.ref);
  };
  const isPicked = (ref: EvidenceRef) => picked.includes(refText(ref));
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
      {columns.map(({ group, middle, marks, plants, bar, size }) => {
        const look = treatmentLook(group.treatment.code);
        return (
          <g key={group.key}>
            {bar && (
              <g>
                <path d={`M${bar.from} ${bar.y}H${bar.to}`} stroke={INK} strokeWidth="7" />
                <path d={`M${bar.from + 1} ${bar.y}H${bar.to - 1}`} stroke={look.colour} strokeWidth="4" />
              </g>
            )}
            {marks.map((m) => (
              <g key={`${m.d.container.id} ${m.d.plant ?? ''}`} transform={`translate(${m.x} ${m.y})`}>
                <circle r={size * 0.62} fill="#fff" />
                <MarkShape code={group.treatment.code} size={size} />
              </g>
            ))}
            {plants.map(({ d, x }) => (
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
                {!narrow && <path d={`M${x} ${y(d.value)}h12`} stroke={INK} strokeWidth="1.5" />}
                <path
                  d={EMBLEM_PATHS[team!.emblem]}
                  transform={
                    narrow
                      ? `translate(${x - 8} ${y(d.value) - 19}) scale(0.66)`
                      : `translate(${x + 13} ${y(d.value) - 9}) scale(0.75)`
                  }
                  fillRule="evenodd"
                  fill={INK}
                />
              </g>
            ))}
            <g transform={`translate(${middle} ${bottom + 26})`}>
              {!narrow && (
                <g transform={`translate(${-Math.min(column / 2 - 12, 4 + 4 * Math.min(group.label.length, column / 9))} -5)`}>
                  <MarkShape code={group.treatment.code} size={15} />
                </g>
              )}
              {linesOf(group.label, Math.max(4, Math.floor((column - (narrow ? 2 : 26)) / (narrow ? 9.4 : 8))), 2).map(
                (line, k) => (
                  <text key={line} textAnchor="middle" x={narrow ? 0 : 8} y={17 * k} className="figure-word">
                    {line}
                  </text>
                ),
              )}
            </g>
          </g>
        );
      })}
      {!shown.ranks && shown.fromZero && <rect x={left} y={bottom} width={width - left - 4} height="6" fill={SOIL} />}
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
    </svg>
  );
}

const ownContainers = (investigation: InvestigationView, teamId: string) =>
  new Set(investigation.containers.filter((c) => c.teamId === teamId).map((c) => c.id));
