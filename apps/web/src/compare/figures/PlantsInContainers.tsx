import { type Group } from '@bright-sprout/core/compare/groups';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { MarkShape } from '../../marks/TreatmentMark';
import { axisOver, INK, LINE, linesOf, reachOf, SOIL } from './figureKit';
import { ValueAxis } from './ValueAxis';

const TOP = 30;

/** A mark a plant, standing in the column of its container; containers stand by treatment. */
export function PlantsInContainers({ width, groups, shown }: { width: number; groups: readonly Group[]; shown: Shown }) {
  const left = 58;
  const tall = Math.round(Math.max(240, Math.min(420, width * 0.36)));
  const bottom = TOP + tall;
  const { low, high } = reachOf(groups, shown);
  const axis = axisOver(low, high, bottom, TOP);
  const containers = groups.map((g) => [...new Set(g.dots.map((d) => d.container.id))]);
  const total = Math.max(
    1,
    containers.reduce((sum, c) => sum + c.length, 0),
  );
  const gap = 14;
  const slot = (width - left - 8 - gap * groups.length) / total;
  let x = left + gap / 2;
  return (
    <svg width={width} height={bottom + 62} viewBox={`0 0 ${width} ${bottom + 62}`} aria-hidden="true" className="figure">
      <rect x={left} y={TOP} width={width - left - 8} height={tall} fill="#fff" />
      <ValueAxis axis={axis} x={left} to={width - 8} unit={shown.unit} top={TOP} bottom={bottom} ranks={shown.ranks} />
      {groups.map((g, i) => {
        const from = x;
        const own = containers[i]!;
        x += own.length * slot + gap;
        return (
          <g key={g.key}>
            {own.map((id, k) => {
              const dots = g.dots.filter((d) => d.container.id === id);
              const at = from + slot * (k + 0.5);
              const mean = dots.reduce((sum, d) => sum + d.value, 0) / dots.length;
              return (
                <g key={id}>
                  <path d={`M${at} ${TOP}V${bottom}`} stroke={LINE} strokeWidth="0.8" />
                  {dots.map((d) => (
                    <g key={d.plant ?? ''} transform={`translate(${at} ${axis.at(shown.inUnit(d.value))})`} opacity="0.8">
                      <MarkShape code={g.treatment.code} size={Math.min(12, slot * 0.7)} />
                    </g>
                  ))}
                  <path d={`M${at - slot * 0.4} ${axis.at(shown.inUnit(mean))}h${slot * 0.8}`} stroke={INK} strokeWidth="3" />
                </g>
              );
            })}
            <path d={`M${from} ${bottom + 10}v6H${from + own.length * slot}v-6`} fill="none" stroke={INK} strokeWidth="1.2" />
            <text x={from + (own.length * slot) / 2} y={bottom + 36} textAnchor="middle" className="figure-word">
              {g.key.length === 1 && <tspan className="figure-code">{g.key} </tspan>}
              {linesOf(g.label, Math.max(4, Math.floor((own.length * slot) / 8.5)), 1)[0]}
            </text>
          </g>
        );
      })}
      <rect x={left} y={bottom} width={width - left - 8} height="6" fill={SOIL} />
    </svg>
  );
}
