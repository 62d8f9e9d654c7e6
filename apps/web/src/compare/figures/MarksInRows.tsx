import { MarkShape } from '../../marks/TreatmentMark';
import { treatmentLook } from '../../theme/treatments';
import { axisOver, beeswarm, countOf, type FigureProps, INK, LINE, linesOf, reachOf } from './figureKit';
import { MANY, ManyMarks } from './ManyMarks';

const ROW = 74;
const LABEL = 24;

/** The same lying down, where columns would be too narrow for their words. */
export function MarksInRows({ width, groups, shown }: Pick<FigureProps, 'width' | 'groups' | 'shown'>) {
  const left = 14;
  const right = 16;
  const { low, high } = reachOf(groups, shown);
  const axis = axisOver(low, high, left, width - right, 5);
  const height = groups.length * ROW + 44;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true" className="figure">
      <rect x={left} y="0" width={width - left - right} height={groups.length * ROW} fill="#fff" />
      {groups.map((g, i) => {
        const look = treatmentLook(g.treatment.code);
        const y = i * ROW;
        const at = (v: number) => axis.at(shown.inUnit(v));
        const size = 11;
        const places = beeswarm(
          g.dots.map((d) => at(d.value)),
          size,
          2,
        );
        return (
          <g key={g.key} transform={`translate(0 ${y})`}>
            <path d={`M${left} ${ROW}H${width - right}`} stroke={LINE} />
            <text x={left + 4} y={LABEL - 7} className="figure-word">
              {g.key.length === 1 && <tspan className="figure-code">{g.key} </tspan>}
              {linesOf(g.label, Math.floor((width - 130) / 8), 1)[0]}
            </text>
            <text x={width - right - 4} y={LABEL - 7} textAnchor="end" className="figure-word">
              {g.summary.ok && !shown.ranks ? shown.words(g.summary.mean) : ''}
              <tspan className="second-ink"> {countOf(g)}</tspan>
            </text>
            {g.summary.ok && <path d={`M${at(g.summary.mean)} ${LABEL}V${ROW - 4}`} stroke={look.colour} strokeWidth="3.2" />}
            {g.summary.ok && g.summary.interval && (
              <path
                d={`M${Math.max(left, at(g.summary.interval.low))} ${ROW - 10}v6H${Math.min(width - right, at(g.summary.interval.high))}v-6`}
                fill="none"
                stroke={look.colour}
                strokeWidth="2.4"
              />
            )}
            {g.dots.length > MANY && (
              <ManyMarks
                points={g.dots.map((d, j) => [at(d.value), (LABEL + ROW) / 2 - 4 + places[j]! * 8])}
                colour={look.colour}
              />
            )}
            {(g.dots.length > MANY ? [] : g.dots).map((d, j) => (
              <g
                key={`${d.container.id} ${d.plant ?? ''}`}
                transform={`translate(${at(d.value)} ${(LABEL + ROW) / 2 - 4 + places[j]! * 8})`}
              >
                <MarkShape code={g.treatment.code} size={size} />
              </g>
            ))}
          </g>
        );
      })}
      <path d={`M${left} ${groups.length * ROW}H${width - right}`} stroke={INK} strokeWidth="1.5" />
      {axis.major.map((v, i) => (
        <g key={v}>
          <path d={`M${axis.at(v)} ${groups.length * ROW}v8`} stroke={INK} strokeWidth="1.2" />
          <text
            x={axis.at(v)}
            y={groups.length * ROW + 26}
            textAnchor={i === 0 ? 'start' : i === axis.major.length - 1 ? 'end' : 'middle'}
            className="figure-number"
          >
            {shown.ranks ? (shown.ranks[v - 1] ?? '') : axis.label(v)}
          </text>
        </g>
      ))}
      <text x={width - right} y={groups.length * ROW + 42} textAnchor="end" className="figure-word second-ink">
        {shown.unit}
      </text>
    </svg>
  );
}
