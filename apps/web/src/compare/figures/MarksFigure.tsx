import { say } from '@bright-sprout/words/say';
import { type Group } from '@bright-sprout/core/compare/groups';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { plural } from '@bright-sprout/core/words/plural';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { MarkShape } from '../../marks/TreatmentMark';
import { treatmentLook } from '../../theme/treatments';
import { axisOver, beeswarm, countOf, type FigureProps, INK, LINE, linesOf, middleDot, reachOf, SOIL } from './figureKit';
import { MANY, ManyMarks } from './ManyMarks';
import { MarksInRows } from './MarksInRows';
import { ValueAxis } from './ValueAxis';
import { codeOfDot } from '../codeOfDot';

const TOP = 34;
const MARK = 15;
/** Narrower columns become rows. */
const NARROWEST = 74;

interface Props extends FigureProps {
  habitOf: (code: string) => Habit;
  /** Places of the groups along an amount or an age; side by side without them. */
  amounts?: readonly number[];
  /** What the amounts are: `salt, mmol/L`. */
  along?: string;
  /** Drawn over the marks, behind them: lines and bands, in pixels of both axes. */
  behind?: (x: (amount: number) => number, y: (inUnit: number) => number) => React.ReactNode;
}

/** A mark a container, mean and bracket of its interval, and the middle plant of each group drawn whole at the same scale. */
export function MarksFigure(props: Props) {
  const { width, groups } = props;
  const rows = props.amounts === undefined && (width - 60) / Math.max(1, groups.length) < NARROWEST;
  return rows ? <MarksInRows {...props} /> : <MarksInColumns {...props} />;
}

function MarksInColumns({ width, groups, shown, habitOf, amounts, along, behind, container }: Props) {
  const left = shown.ranks ? 118 : 62;
  const right = 10;
  const tall = Math.round(Math.max(300, Math.min(520, width * 0.46)));
  const bottom = TOP + tall;
  const { low, high } = reachOf(groups, shown);
  const axis = axisOver(low, high, bottom, TOP);
  const column = (width - left - right) / Math.max(1, groups.length);
  const [least, most] = amounts ? [Math.min(...amounts), Math.max(...amounts)] : [0, 1];
  const inner = width - left - right - column;
  const across = (amount: number) => left + column / 2 + ((amount - least) / (most - least || 1)) * inner;
  const middle = (i: number) => (amounts ? across(amounts[i]!) : left + column * (i + 0.5));
  const gap = amounts ? Math.min(...nearest(amounts).map((d) => (d / (most - least || 1)) * inner), column) : column;
  const signs = Math.max(6, Math.floor(gap / 8.2));
  const perMm = (bottom - TOP) / (high - low) / (1 / shown.inUnit(1));
  return (
    <svg width={width} height={bottom + 108} viewBox={`0 0 ${width} ${bottom + 108}`} aria-hidden="true" className="figure">
      <rect x={left} y={TOP} width={width - left - right} height={tall} fill="#fff" />
      <ValueAxis axis={axis} x={left} to={width - right} unit={shown.unit} top={TOP} bottom={bottom} ranks={shown.ranks} />
      {behind?.(across, axis.at)}
      {low < 0 && <path d={`M${left} ${axis.at(0)}H${width - right}`} stroke={INK} strokeDasharray="4 4" strokeWidth="1.2" />}
      {groups.map((g, i) => (
        <Column
          key={g.key}
          group={g}
          x={middle(i)}
          room={Math.min(gap, column)}
          y={(v) => axis.at(shown.inUnit(v))}
          soil={bottom}
          scale={shown.drawsPlants ? perMm : null}
          habit={habitOf(g.treatment.code)}
        />
      ))}
      {shown.fromZero && !shown.ranks ? (
        <rect x={left} y={bottom} width={width - left - right} height="6" fill={SOIL} />
      ) : (
        <path d={`M${left} ${bottom}H${width - right}`} stroke={LINE} strokeWidth="1.5" />
      )}
      {groups.map((g, i) => (
        <g key={g.key} transform={`translate(${middle(i)} ${bottom + 32})`}>
          <text textAnchor="middle" className="figure-mean">
            {g.summary.ok ? (shown.ranks ? '' : shown.number(g.summary.mean)) : '–'}
          </text>
          <GroupLabel group={g} label={amounts && gap < 96 ? String(amounts[i]) : g.label} signs={signs} />
        </g>
      ))}
      <text x={4} y={bottom + 28} className="figure-word second-ink">
        {shown.ranks ? '' : say('compare.meanAlone')}
      </text>
      {along && (
        <text x={width - right} y={bottom + 104} textAnchor="end" className="figure-word second-ink">
          {say('compare.toScale', { along })}
        </text>
      )}
      <text x={4} y={bottom + 88} className="figure-word second-ink">
        {plural(container)}
      </text>
    </svg>
  );
}

const nearest = (amounts: readonly number[]) => {
  const sorted = [...new Set(amounts)].sort((a, b) => a - b);
  return sorted.slice(1).map((a, i) => a - sorted[i]!);
};

function GroupLabel({ group, label, signs }: { group: Group; label: string; signs: number }) {
  const coded = group.key.length === 1;
  return (
    <>
      {linesOf(label, signs).map((line, i) => (
        <text key={line} textAnchor="middle" y={22 + 17 * i} className="figure-word">
          {i === 0 && coded && <tspan className="figure-code">{group.key} </tspan>}
          {line}
        </text>
      ))}
      <text textAnchor="middle" y={56} className="figure-word second-ink">
        {countOf(group)}
      </text>
    </>
  );
}

/** A bracket upright between two heights; an end beyond the figure has no foot. */
function bracketOf(x: number, high: number, low: number, bottom: number): string {
  const [from, to] = [Math.max(TOP, high), Math.min(bottom, low)];
  return `M${from > high ? x : x + 8} ${from}H${x}V${to}${to < low ? '' : 'h8'}`;
}

function Column({
  group,
  x,
  room,
  y,
  soil,
  scale,
  habit,
}: {
  group: Group;
  x: number;
  room: number;
  y: (value: number) => number;
  soil: number;
  /** Pixels a millimetre, where plants are drawn. */
  scale: number | null;
  habit: Habit;
}) {
  const look = treatmentLook(group.treatment.code);
  const middle = scale === null ? null : middleDot(group.dots);
  const plantAt = x + Math.min(room * 0.3, 70);
  const marksAt = middle ? x - Math.min(room * 0.12, 26) : x;
  const step = Math.max(5, Math.min(16, (room * 0.26) / 3));
  const size = group.dots.length > 60 ? 8 : room < 90 ? 11 : MARK;
  const places = beeswarm(
    group.dots.map((d) => -y(d.value)),
    size,
  );
  const many = group.dots.length > MANY;
  const { summary } = group;
  const bracket = marksAt - Math.min(room * 0.3, 62);
  return (
    <g>
      {summary.ok && (
        <path
          d={`M${bracket} ${y(summary.mean)}H${marksAt + Math.min(room * 0.26, 58)}`}
          stroke={INK}
          strokeWidth="5"
          opacity="0.14"
        />
      )}
      {summary.ok && (
        <path
          d={`M${bracket} ${y(summary.mean)}H${marksAt + Math.min(room * 0.26, 58)}`}
          stroke={look.colour}
          strokeWidth="3.2"
        />
      )}
      {summary.ok && summary.interval && (
        <path
          d={bracketOf(bracket, y(summary.interval.high), y(summary.interval.low), soil)}
          fill="none"
          stroke={look.colour}
          strokeWidth="2.6"
        />
      )}
      {middle && middle.value > 0 && (
        <g transform={`translate(${plantAt} ${soil})`}>
          <PlantDrawing habit={habit} heightMm={middle.value} leaves={null} face={middle.container.code} scale={scale!} />
          <text y="22" textAnchor="middle" className="figure-small">
            {room > 146 && middle.container.code.length < 6 ? middle.container.code : ''}
          </text>
        </g>
      )}
      {many && <ManyMarks points={group.dots.map((d, i) => [marksAt + places[i]! * step, y(d.value)])} colour={look.colour} />}
      {(many ? [] : group.dots).map((d, i) => (
        <g key={`${d.container.id} ${d.plant ?? ''}`} transform={`translate(${marksAt + places[i]! * step} ${y(d.value)})`}>
          <title>{`${codeOfDot(d)}${d.container.block ? `, ${d.container.block}` : ''}`}</title>
          {d.span && room > 100 && (
            <path d={`M0 ${y(d.span.low) - y(d.value)}V${y(d.span.high) - y(d.value)}`} stroke={look.colour} strokeWidth="1.2" />
          )}
          <MarkShape code={group.treatment.code} size={size} />
        </g>
      ))}
    </g>
  );
}
