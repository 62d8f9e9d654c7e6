import { type ContainerView, type InvestigationView, type ReadingView } from '@bright-sprout/contracts/investigations';
import { daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Group } from '@bright-sprout/core/compare/compareOnDay';
import { LOST_WORDS } from '@bright-sprout/core/measure/reading';
import { type Standing } from '@bright-sprout/core/measure/standing';
import { formatLengthNumber } from '@bright-sprout/core/quantities/length';
import { PlantDrawing } from '../drawing/PlantDrawing';
import { treatmentLook } from '../theme/treatments';
import { StickLabelShape } from './StickLabel';
import './lineUp.scss';

export interface LineUpGroup {
  group: Group;
  containers: ContainerView[];
}

interface Props {
  investigation: InvestigationView;
  groups: LineUpGroup[];
  standings: Map<string, Standing>;
  earlier: Map<string, Standing> | null;
  day: IsoDay;
  beforeDay: IsoDay | null;
  width: number;
  /** Millimetres that the wall measures; the same for every day, so that moving through days is growing. */
  topMm: number;
  plantHeight: number;
  chosen: string | null;
  onChoose: (containerId: string) => void;
}

const AXIS = 36;
const GAP = 26;
const POT = 54;
const FOOT = 46;

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
  const starts = groups.map((_, i) => AXIS + i * GAP + slot * groups.slice(0, i).reduce((n, g) => n + g.containers.length, 0));
  const showNumbers = slot >= 33;
  return (
    <svg
      className="line-up"
      width={width}
      height={soil + POT + (showNumbers ? FOOT : 8)}
      role="group"
      aria-label="The plants side by side, drawn to scale"
    >
      <Wall width={width} top={top} topMm={topMm} scale={scale} inches={investigation.resolution === 'quarter-in'} />
      {groups.map(({ group }, i) => (
        <MeanSpan
          key={group.treatment.code}
          group={group}
          top={top - 6}
          from={starts[i]!}
          to={starts[i]! + slot * groups[i]!.containers.length}
          soil={soil}
          scale={scale}
        />
      ))}
      <rect x={AXIS - 4} y={soil} width={width - AXIS + 4} height={7} fill="#6D5C63" />
      <path d={`M${AXIS - 4} ${soil}H${width}`} stroke="#2A1B2E" strokeWidth="2.2" />
      {groups.flatMap(({ containers, group }, i) =>
        containers.map((container, j) => (
          <g key={container.id} transform={`translate(${starts[i]! + slot * (j + 0.5)} ${soil})`}>
            <Place
              container={container}
              treatment={group.treatment.label}
              investigation={investigation}
              standing={standings.get(container.id)!}
              earlier={earlier?.get(container.id) ?? null}
              day={day}
              beforeDay={beforeDay}
              scale={scale}
              slot={slot}
              showNumbers={showNumbers}
              chosen={chosen === container.id}
              onChoose={() => onChoose(container.id)}
            />
          </g>
        )),
      )}
    </svg>
  );
}

function Wall({
  width,
  top,
  topMm,
  scale,
  inches,
}: {
  width: number;
  top: number;
  topMm: number;
  scale: number;
  inches: boolean;
}) {
  const unit = inches ? 25.4 : 10;
  const soil = top + topMm * scale;
  const marks = Array.from({ length: Math.floor(topMm / unit) + 1 }, (_, i) => i);
  const big = topMm / unit > 12 ? 5 : topMm / unit > 4 ? (inches ? 2 : 5) : 1;
  return (
    <g aria-hidden="true">
      <rect x={AXIS - 4} y={top - 6} width={width - AXIS + 4} height={soil - top + 6} fill="#fff" />
      {marks.map((n) => {
        const y = soil - n * unit * scale;
        return (
          <g key={n}>
            <path d={`M${AXIS}  ${y}H${width}`} stroke={n % big ? '#E3E2EA' : '#C9C5D1'} strokeWidth={n % big ? 0.9 : 1.4} />
            <path d={`M${AXIS - 4} ${y}h${n % big ? -7 : -13}`} stroke="#2A1B2E" strokeWidth={n % big ? 1 : 1.6} />
            {n > 0 && n % big === 0 && (
              <text x={AXIS - 20} y={y + 6} textAnchor="end" className="wall-number">
                {n}
              </text>
            )}
          </g>
        );
      })}
      <path d={`M${AXIS - 4} ${top - 6}V${soil}`} stroke="#2A1B2E" strokeWidth="1.5" />
      <text x={AXIS - 8} y={soil + 16} textAnchor="end" className="wall-unit">
        {inches ? 'in' : 'cm'}
      </text>
    </g>
  );
}

/** Mean line and the span of its 95 % interval behind a group. */
function MeanSpan({
  group,
  top,
  from,
  to,
  soil,
  scale,
}: {
  group: Group;
  top: number;
  from: number;
  to: number;
  soil: number;
  scale: number;
}) {
  if (!group.summary.ok) return null;
  const { mean, interval } = group.summary;
  const look = treatmentLook(group.treatment.code);
  const y = (mm: number) => Math.max(top, soil - Math.max(0, mm) * scale);
  return (
    <g aria-hidden="true">
      {interval && (
        <rect
          x={from}
          y={y(interval.high)}
          width={to - from}
          height={Math.max(1, y(interval.low) - y(interval.high))}
          fill={look.tint}
        />
      )}
      {interval && (
        <path
          d={`M${from} ${y(interval.high)}V${y(interval.low)}M${to} ${y(interval.high)}V${y(interval.low)}`}
          stroke={look.colour}
          strokeWidth="2"
        />
      )}
      <path d={`M${from} ${y(mean)}H${to}`} stroke="#2A1B2E" strokeWidth="5" />
      <path d={`M${from} ${y(mean)}H${to}`} stroke={look.colour} strokeWidth="3" />
    </g>
  );
}

interface PlaceProps {
  container: ContainerView;
  treatment: string;
  investigation: InvestigationView;
  standing: Standing;
  earlier: Standing | null;
  day: IsoDay;
  beforeDay: IsoDay | null;
  scale: number;
  slot: number;
  showNumbers: boolean;
  chosen: boolean;
  onChoose: () => void;
}

/** One container where it stands: plant, mound, or what is left of it; its label, today's value and the change. */
function Place({
  container,
  treatment,
  investigation,
  standing,
  earlier,
  day,
  beforeDay,
  scale,
  slot,
  showNumbers,
  chosen,
  onChoose,
}: PlaceProps) {
  const facts = { habit: investigation.habit, face: container.code };
  const { resolution } = investigation;
  const height = standing.heightMm;
  const change =
    height !== null && earlier?.heightMm !== null && earlier?.heightMm !== undefined ? height - earlier.heightMm : null;
  const labelWidth = Math.min(30, slot - 4);
  /** A finger finds the plant anywhere along its height. */
  const reach = scale * Math.max(30, height ?? 0);
  return (
    <g
      className={`place${chosen ? ' chosen' : ''}`}
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${container.code}, ${treatment}: ${standingInWords(standing, investigation, day)}${beforeDay && change !== null ? `, ${formatLengthNumber(change, resolution)} since ${formatDay(beforeDay)}` : ''}`}
      onClick={onChoose}
      onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), onChoose())}
    >
      <rect x={-slot / 2} y={-reach} width={slot} height={reach + POT} fill="transparent" />
      {height !== null && earlier?.heightMm ? (
        <g transform="translate(-7 0)">
          <PlantDrawing {...facts} heightMm={earlier.heightMm} leaves={null} scale={scale} ghost />
        </g>
      ) : null}
      {height !== null && <PlantDrawing {...facts} heightMm={height} leaves={standing.leaves} scale={scale} />}
      {standing.state === 'not-up' && <NotUp days={daysBetween(investigation.sownOn, day)} slot={slot} />}
      {standing.state === 'lost' && <LostPot />}
      {standing.state === 'not-checked' && <path d="M-9 -16v8M9 -16v8M-4 -12h8" className="unlooked" />}
      {standing.disputed && <path d="M-7 14l7-7l7 7l-7 7z" fill="#B93A12" />}
      <path d={`M${-labelWidth / 2 - 3} 6h${labelWidth + 6}l-3 42h${-labelWidth}z`} className={`pot ${standing.state}`} />
      <g transform="translate(0 10)">
        <StickLabelShape
          code={container.code}
          treatment={container.treatment}
          width={labelWidth - 2}
          height={36}
          dashed={standing.state === 'lost'}
        />
      </g>
      {showNumbers && (
        <g transform={`translate(0 ${POT + 16})`} textAnchor="middle" aria-hidden="true">
          <text className="today-number">{height === null ? '—' : formatLengthNumber(height, resolution)}</text>
          {change !== null && (
            <text y="18" className="change-number">
              {change >= 0 ? '+' : ''}
              {formatLengthNumber(change, resolution)}
            </text>
          )}
        </g>
      )}
    </g>
  );
}

function NotUp({ days, slot }: { days: number; slot: number }) {
  return (
    <>
      <path d="M-11 0q3-7 11-7t11 7z" fill="#6D5C63" stroke="#2A1B2E" strokeWidth="1.2" />
      {slot >= 33 && (
        <g textAnchor="middle">
          <text y={-32} className="wait-number">
            {days}
          </text>
          <text y={-16} className="wait-words">
            days
          </text>
        </g>
      )}
    </>
  );
}

/** The pot on its side: what was there is lost. */
function LostPot() {
  return <path d="M-15 -3l1-18l22-4l3 24zM8 -25q7 10 3 24" className="lost-pot" />;
}

/** `14.0 cm`, `not up after 16 days`, `knocked over on Fri 13 March`. */
function standingInWords(standing: Standing, investigation: InvestigationView, day: IsoDay): string {
  if (standing.heightMm !== null)
    return `${formatLengthNumber(standing.heightMm, investigation.resolution)} ${investigation.resolution === 'quarter-in' ? 'in' : 'cm'}`;
  if (standing.state === 'not-up') return `not up after ${daysBetween(investigation.sownOn, day)} days`;
  if (standing.state === 'lost') return `${LOST_WORDS[standing.lostReason ?? 'other']}, seen on ${formatDay(standing.lostOn!)}`;
  return 'nobody looked on this day';
}

/** The top of the wall: the tallest plant ever recorded, rounded up to whole steps of the ruler. */
export function wallTop(readings: readonly ReadingView[], inches: boolean): number {
  const step = inches ? 50.8 : 50;
  return Math.max(step, Math.ceil((Math.max(0, ...readings.map((r) => r.valueMm ?? 0)) * 1.02) / step) * step);
}
