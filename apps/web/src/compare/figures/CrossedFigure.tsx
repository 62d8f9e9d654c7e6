import { Say } from '../../words/Say';
import { type Group } from '@bright-sprout/core/compare/groups';
import { type ComparedDesign } from '@bright-sprout/core/compare/records';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { MarkShape } from '../../marks/TreatmentMark';
import { axisOver, beeswarm, type FigureProps, GONE, INK, INK_2, linesOf, middleDot, reachOf, SOIL } from './figureKit';
import { ValueAxis } from './ValueAxis';

const TOP = 30;

/**
 * Two crossed things as lines: each level of the first is a line over the levels of the second, with the parallel that would be
 * there if the first did as much everywhere.
 */
export function CrossedFigure({
  width,
  groups,
  shown,
  design,
  habitOf,
  within,
}: FigureProps & {
  design: ComparedDesign;
  habitOf: (code: string) => Habit;
  /** What the first does at each level of the second, compared within teams; null while that is worked out. */
  within: readonly [number, number] | null;
}) {
  const [first, second] = design.factors as [ComparedDesign['factors'][number], ComparedDesign['factors'][number]];
  const narrow = width < 620;
  const panels = second.levels.length;
  const left = shown.ranks ? 110 : 58;
  const tall = Math.round(Math.max(280, Math.min(500, width * 0.42)));
  const bottom = TOP + tall;
  const { low, high } = reachOf(groups, shown);
  const axis = axisOver(low, high, bottom, TOP);
  const y = (v: number) => axis.at(shown.inUnit(v));
  const room = (width - left - 8) / panels;
  const cell = (a: number, b: number) => groups.find((g) => design.levels[g.key]?.[0] === a && design.levels[g.key]?.[1] === b);
  const mean = (g: Group | undefined) => (g?.summary.ok ? g.summary.mean : null);
  const height = bottom + 58 + 22 * first.levels.length * (narrow ? panels : 1);
  const perMm = (bottom - TOP) / (high - low) / (1 / shown.inUnit(1));
  const twoByTwo = first.levels.length === 2 && panels === 2;
  // The lines run in the middle, between the marks of the first panel and those of the last.
  const mark = (b: number) => left + room * b + (panels === 2 ? (b === 0 ? room * 0.26 : room * 0.74) : room / 2);
  const lineAt = (b: number) => (panels === 2 ? (b === 0 ? left + room * 0.66 : left + room * 1.34) : mark(b));
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true" className="figure">
      {second.levels.map((level, b) => (
        <rect key={level.label} x={left + room * b} y={TOP} width={room} height={tall} fill={b % 2 ? GONE : '#fff'} />
      ))}
      <ValueAxis axis={axis} x={left} to={width - 8} unit={shown.unit} top={TOP} bottom={bottom} ranks={shown.ranks} />
      <Lines first={first} panels={panels} cell={cell} mean={mean} y={y} lineAt={lineAt} />
      {twoByTwo && (
        <Gaps cell={cell} mean={mean} y={y} lineAt={lineAt} shown={shown} factor={first} narrow={narrow} within={within} />
      )}
      {second.levels.map((_level, b) =>
        first.levels.map((_, a) => {
          const group = cell(a, b);
          if (!group) return null;
          const spread = narrow ? 20 : 34;
          const x = mark(b) + (a - (first.levels.length - 1) / 2) * spread * 1.6;
          return <CellMarks key={group.key} group={group} x={x} y={y} small={narrow} />;
        }),
      )}
      {shown.drawsPlants &&
        !narrow &&
        second.levels.map((_level, b) =>
          first.levels.map((_, a) => {
            const group = cell(a, b);
            const middle = group && middleDot(group.dots);
            if (!group || !middle || middle.value <= 0 || panels !== 2) return null;
            const x = left + room * b + (b === 0 ? room * (0.44 + 0.1 * a) : room * (0.42 + 0.1 * a));
            return (
              <g key={group.key} transform={`translate(${x} ${bottom})`} opacity="0.95">
                <PlantDrawing
                  habit={habitOf(group.treatment.code)}
                  heightMm={middle.value}
                  leaves={null}
                  face={middle.container.code}
                  scale={perMm}
                />
              </g>
            );
          }),
        )}
      <rect x={left} y={bottom} width={width - left - 8} height="6" fill={SOIL} />
      {second.levels.map((level, b) => (
        <g key={level.label}>
          <text x={left + room * (b + 0.5)} y={bottom + 30} textAnchor="middle" className="figure-code">
            {linesOf(level.label, Math.floor(room / 9), 1)[0]}
          </text>
          {first.levels.map((l, a) => {
            const group = cell(a, b);
            if (!group) return null;
            // On a phone the key has the whole width: one line for each.
            const [x, line] = narrow ? [14, b * first.levels.length + a] : [left + room * b + 14, a];
            const words = narrow ? `${l.label}, ${level.label}` : l.label;
            return (
              <g key={l.label} transform={`translate(${x} ${bottom + 54 + 22 * line})`}>
                <MarkShape code={group.treatment.code} size={13} />
                <text x="13" y="5" className="figure-word">
                  <tspan className="figure-code">{group.key} </tspan>
                  {linesOf(words, Math.floor(((narrow ? width : room) - 60) / 8), 1)[0]}
                </text>
              </g>
            );
          })}
        </g>
      ))}
    </svg>
  );
}

interface Between {
  cell: (a: number, b: number) => Group | undefined;
  mean: (g: Group | undefined) => number | null;
  y: (value: number) => number;
  lineAt: (b: number) => number;
}

function Lines({ first, panels, cell, mean, y, lineAt }: Between & { first: ComparedDesign['factors'][number]; panels: number }) {
  return (
    <g>
      {first.levels.map((level, a) => {
        const points = Array.from({ length: panels }, (_, b) => mean(cell(a, b)));
        const d = points
          .flatMap((m, b) => (m === null ? [] : [`${lineAt(b)} ${y(m)}`]))
          .map((p, i) => `${i ? 'L' : 'M'}${p}`)
          .join('');
        return <path key={level.label} d={d} fill="none" stroke={INK} strokeWidth={a === 0 ? 1.6 : 3.6} />;
      })}
      {first.levels.slice(1).map((level, i) => {
        const start = mean(cell(i + 1, 0));
        const base = Array.from({ length: panels }, (_, b) => mean(cell(0, b)));
        if (start === null || base[0] === null || base[0] === undefined) return null;
        const d = base
          .flatMap((m, b) => (m === null ? [] : [`${lineAt(b)} ${y(start + m - base[0]!)}`]))
          .map((p, k) => `${k ? 'L' : 'M'}${p}`)
          .join('');
        return <path key={level.label} d={d} fill="none" stroke={INK} strokeWidth="1.4" strokeDasharray="6 5" />;
      })}
    </g>
  );
}

/** The gap at each end, and the one that would be there if the first did as much. */
function Gaps({
  cell,
  mean,
  y,
  lineAt,
  shown,
  factor,
  narrow,
  within,
}: Between & {
  shown: FigureProps['shown'];
  factor: ComparedDesign['factors'][number];
  narrow: boolean;
  within: readonly [number, number] | null;
}) {
  const gaps = [0, 1].map((b) => {
    const [low, high] = [mean(cell(0, b)), mean(cell(1, b))];
    return low === null || high === null ? null : { low, high };
  });
  const names = factor.levels.map((l) => l.label);
  const [here] = gaps;
  return (
    <g>
      {gaps.map((g, b) => {
        if (!g) return null;
        const x = lineAt(b);
        const out = b === 0 ? -1 : 1;
        return (
          <g key={b}>
            <path d={`M${x} ${y(g.low)}H${x + out * 8}V${y(g.high)}H${x}`} fill="none" stroke={INK} strokeWidth="2.2" />
            {!narrow && (
              <text
                x={x - out * 12}
                y={(y(g.low) + y(g.high)) / 2 + 8}
                textAnchor={b === 0 ? 'start' : 'end'}
                className="figure-mean figure-halo"
              >
                {shown.signed(within?.[b] ?? g.high - g.low).replace(` ${shown.unit}`, '')}
              </text>
            )}
          </g>
        );
      })}
      {here && !narrow && (
        <>
          <text
            x={(lineAt(0) + lineAt(1)) / 2}
            y={Math.min(y(here.high), y(here.low)) - 14}
            textAnchor="middle"
            className="figure-word figure-halo"
            fill={INK_2}
          >
            <Say it="compare.dashedMuch" names={names[1]} />
          </text>
        </>
      )}
    </g>
  );
}

function CellMarks({ group, x, y, small }: { group: Group; x: number; y: (v: number) => number; small: boolean }) {
  const size = small ? 10 : 14;
  const places = beeswarm(
    group.dots.map((d) => -y(d.value)),
    size,
    2,
  );
  return (
    <g>
      {group.summary.ok && <path d={`M${x - size * 1.5} ${y(group.summary.mean)}h${size * 3}`} stroke={INK} strokeWidth="3" />}
      {group.dots.map((d, i) => (
        <g key={d.container.id} transform={`translate(${x + places[i]! * size * 0.8} ${y(d.value)})`}>
          <title>{d.container.code}</title>
          <MarkShape code={group.treatment.code} size={size} />
        </g>
      ))}
    </g>
  );
}
