import { say } from '@bright-sprout/words/say';
import { type Group } from '@bright-sprout/core/compare/groups';
import { type SproutStair } from '@bright-sprout/core/compare/figures/sproutSteps';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { MarkShape } from '../../marks/TreatmentMark';
import { INK, linesOf, SOIL } from './figureKit';

/** Whole numbers only: `about 8 cm`. */
const wholeWords = (words: string) => words.replace(/\d+\.\d+/, (number) => String(Math.round(Number(number))));

function Named({ group, x, y, room }: { group: Pick<Group, 'label' | 'treatment'>; x: number; y: number; room: number }) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <MarkShape code={group.treatment.code} size={23} />
      <text x="19" y="8" className="figure-early">
        {linesOf(group.label, Math.max(7, Math.floor(room / 13)), 1)[0]}
      </text>
    </g>
  );
}

/** A seed as it was sown, or with its first leaves. */
function Seed({ up, cx, cy, size }: { up: boolean; cx: number; cy: number; size: number }) {
  return up ? (
    <path
      d={`M${cx} ${cy + size * 0.4}V${cy}q${-size * 0.4} ${-size * 0.3} ${-size * 0.36} ${size * 0.05}q${size * 0.2} ${size * 0.12} ${size * 0.36} 0q${size * 0.06} ${-size * 0.4} ${size * 0.4} ${-size * 0.25}q${-size * 0.1} ${size * 0.28} ${-size * 0.4} ${size * 0.25}`}
      fill="#8FBF57"
      stroke={INK}
      strokeWidth="1.1"
    />
  ) : (
    <ellipse cx={cx} cy={cy} rx={size * 0.3} ry={size * 0.2} fill="#F1E8D6" stroke={INK} strokeWidth="1.1" />
  );
}

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
            <Named group={g} x={24} y={tall + 32} room={room} />
            <text x="12" y={tall + 74} className="figure-early-number">
              {g.summary.ok
                ? say('compare.aboutWhole', { wholeWords: wholeWords(shown.words(g.summary.mean)) })
                : say('compare.noneYet')}
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
            return <Seed key={s} up={s < up} cx={cx} cy={cy} size={size} />;
          })}
          <rect x="0" y={tall} width={room - 16} height="6" fill={SOIL} />
          <Named group={group} x={14} y={tall + 28} room={room} />
          <text x="0" y={tall + 78} className="figure-early-number">
            {say('compare.upOfAll', { up, all })}
          </text>
        </g>
      ))}
    </svg>
  );
}

const DAYS_TOP = 44;

/** For the youngest: under each look day the seeds that were first seen up then, stacked, and at the end those that were not. */
export function SproutDays({ width, stairs }: { width: number; stairs: readonly SproutStair[] }) {
  const days = [...new Set(stairs.flatMap((s) => s.steps.map((step) => step.to)))].sort((a, b) => a - b);
  const counts = stairs.map((s) => [
    ...days.map((day) => s.steps.reduce((sum, step) => sum + (step.to === day ? step.count : 0), 0)),
    s.never,
  ]);
  const column = (width - 8) / (days.length + 1);
  const across = Math.max(1, Math.min(6, Math.floor(column / 20)));
  const size = Math.min(24, (column - 8) / across);
  const tall = Math.ceil(Math.max(1, ...counts.flat()) / across) * size + 6;
  const rowHeight = DAYS_TOP + tall + 30;
  return (
    <svg
      width={width}
      height={stairs.length * rowHeight}
      viewBox={`0 0 ${width} ${stairs.length * rowHeight}`}
      aria-hidden="true"
      className="figure"
    >
      {stairs.map((stair, r) => (
        <g key={stair.key} transform={`translate(4 ${r * rowHeight})`}>
          <Named group={stair} x={14} y={20} room={width} />
          {counts[r]!.map((count, i) => (
            <g key={i} transform={`translate(${i * column} ${DAYS_TOP})`}>
              {Array.from({ length: count }, (_, s) => (
                <Seed
                  key={s}
                  up={i < days.length}
                  cx={(s % across) * size + size / 2}
                  cy={tall - Math.floor(s / across) * size - size / 2}
                  size={size}
                />
              ))}
              <rect x="0" y={tall} width={column - 8} height="6" fill={SOIL} />
              <text x="0" y={tall + 25} className="figure-word">
                {i < days.length ? say('compare.dayCount', { days: days[i] }) : say('compare.notUp')}
              </text>
            </g>
          ))}
        </g>
      ))}
    </svg>
  );
}
