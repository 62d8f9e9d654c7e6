import { type Group } from '@bright-sprout/core/compare/groups';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { MarkShape } from '../../marks/TreatmentMark';
import { INK, linesOf, SOIL } from './figureKit';

/** For the youngest: the plants themselves, group by group on one soil, smallest to tallest, with whole numbers. No axis. */
export function EarlyPlants({
  width,
  groups,
  shown,
  habitOf,
}: {
  width: number;
  groups: readonly Group[];
  shown: Shown;
  habitOf: (code: string) => Habit;
}) {
  const perRow = width < 560 ? 1 : Math.min(groups.length, 4);
  const rows = Math.ceil(groups.length / perRow);
  const room = width / perRow;
  const tallest = Math.max(10, ...groups.flatMap((g) => g.dots.map((d) => d.value)));
  const tall = perRow === 1 ? 150 : 240;
  const scale = (tall - 14) / tallest;
  const rowHeight = tall + 92;
  return (
    <svg
      width={width}
      height={rows * rowHeight}
      viewBox={`0 0 ${width} ${rows * rowHeight}`}
      aria-hidden="true"
      className="figure"
    >
      {groups.map((g, i) => {
        const dots = [...g.dots].sort((a, b) => a.value - b.value);
        const shownDots = dots.length > 9 ? dots.filter((_, k) => k % Math.ceil(dots.length / 9) === 0) : dots;
        const slot = (room - 24) / Math.max(1, shownDots.length);
        return (
          <g key={g.key} transform={`translate(${(i % perRow) * room} ${Math.floor(i / perRow) * rowHeight})`}>
            {shownDots.map((d, k) => (
              <g key={d.container.id} transform={`translate(${12 + slot * (k + 0.5)} ${tall})`}>
                {d.value > 0 ? (
                  <PlantDrawing
                    habit={habitOf(g.treatment.code)}
                    heightMm={d.value}
                    leaves={null}
                    face={d.container.code}
                    scale={scale}
                  />
                ) : (
                  <path d="M-8 0q1-6 8-6t8 6z" fill={SOIL} />
                )}
              </g>
            ))}
            <rect x="6" y={tall} width={room - 12} height="7" fill={SOIL} />
            <g transform={`translate(24 ${tall + 32})`}>
              <MarkShape code={g.treatment.code} size={24} />
              <text x="20" y="8" className="figure-early">
                {linesOf(g.label, Math.max(8, Math.floor(room / 13)), 1)[0]}
              </text>
            </g>
            <text x="12" y={tall + 74} className="figure-early-number">
              {g.summary.ok
                ? `about ${shown.words(g.summary.mean).replace(/(\d+)\.\d+/, (_, whole: string) => String(Math.round(Number(whole))))}`
                : 'none yet'}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

/** For the youngest: every seed of a treatment stacked, those that came up in green. */
export function SeedStacks({ width, groups }: { width: number; groups: readonly Group[] }) {
  const seeds = groups.map((g) => {
    const all = g.dots.reduce((sum, d) => sum + Math.max(1, d.container.seedsSown), 0);
    const up = g.dots.reduce((sum, d) => sum + Math.round((d.value / 100) * Math.max(1, d.container.seedsSown)), 0);
    return { group: g, all, up };
  });
  const most = Math.max(1, ...seeds.map((s) => s.all));
  const room = width / Math.max(1, groups.length);
  const across = Math.max(3, Math.min(10, Math.floor((room - 20) / 26)));
  const size = Math.min(26, (room - 16) / across);
  const tall = Math.ceil(most / across) * size + 10;
  return (
    <svg width={width} height={tall + 96} viewBox={`0 0 ${width} ${tall + 96}`} aria-hidden="true" className="figure">
      {seeds.map(({ group, all, up }, i) => (
        <g key={group.key} transform={`translate(${i * room + 8} 0)`}>
          {Array.from({ length: all }, (_, s) => {
            const [cx, cy] = [(s % across) * size + size / 2, tall - Math.floor(s / across) * size - size / 2];
            return s < up ? (
              <path
                key={s}
                d={`M${cx} ${cy + size * 0.4}V${cy}q${-size * 0.4} ${-size * 0.3} ${-size * 0.36} ${size * 0.05}q${size * 0.2} ${size * 0.12} ${size * 0.36} 0q${size * 0.06} ${-size * 0.4} ${size * 0.4} ${-size * 0.25}q${-size * 0.1} ${size * 0.28} ${-size * 0.4} ${size * 0.25}`}
                fill="#8FBF57"
                stroke={INK}
                strokeWidth="1.1"
              />
            ) : (
              <ellipse key={s} cx={cx} cy={cy} rx={size * 0.3} ry={size * 0.2} fill="#F1E8D6" stroke={INK} strokeWidth="1.1" />
            );
          })}
          <rect x="0" y={tall} width={room - 16} height="6" fill={SOIL} />
          <g transform={`translate(14 ${tall + 28})`}>
            <MarkShape code={group.treatment.code} size={22} />
            <text x="18" y="8" className="figure-early">
              {linesOf(group.label, Math.max(6, Math.floor(room / 13)), 1)[0]}
            </text>
          </g>
          <text x="0" y={tall + 78} className="figure-early-number">
            {up} of {all}
          </text>
        </g>
      ))}
    </svg>
  );
}
