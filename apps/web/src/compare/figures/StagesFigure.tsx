import { say } from '@bright-sprout/words/say';
import { type StageShares } from '@bright-sprout/core/compare/figures/stageShares';
import { MarkShape } from '../../marks/TreatmentMark';
import { INK, linesOf } from './figureKit';

/** From far back to far on: paler to darker ink, so that the order is seen without any colour. */
const tone = (i: number, n: number) => `rgba(42, 27, 46, ${(0.06 + (0.62 * i) / Math.max(1, n - 1)).toFixed(2)})`;
const ROW = 66;

/** Stages and grades as shares of a bar, in their order. */
export function StagesFigure({ width, rows }: { width: number; rows: readonly StageShares[] }) {
  const narrow = width < 560;
  const left = narrow ? 8 : 150;
  const n = rows[0]?.shares.length ?? 0;
  const keyRows = narrow ? n : Math.ceil(n / 3);
  const height = rows.length * ROW + 18 + keyRows * 24;
  const bar = width - left - 10;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true" className="figure">
      {rows.map(({ group, shares, total }, r) => {
        let from = 0;
        return (
          <g key={group.key} transform={`translate(0 ${r * ROW})`}>
            <g transform={`translate(${narrow ? 18 : 14} ${narrow ? 12 : 34})`}>
              <MarkShape code={group.treatment.code} size={15} />
              <text x="15" y="6" className="figure-word">
                {group.key.length === 1 && <tspan className="figure-code">{group.key} </tspan>}
                {linesOf(group.label, narrow ? 34 : 15, 1)[0]}
              </text>
            </g>
            {shares.map(({ words, count }, i) => {
              if (count === 0) return null;
              const [x, w] = [left + (from / total) * bar, (count / total) * bar];
              from += count;
              return (
                <g key={words}>
                  <rect x={x} y={22} width={w} height={30} fill="#fff" />
                  <rect x={x} y={22} width={w} height={30} fill={tone(i, n)} stroke={INK} strokeWidth="1.2" />
                  <text
                    x={x + w / 2}
                    y={43}
                    textAnchor="middle"
                    className="figure-number"
                    fill={i / Math.max(1, n - 1) > 0.6 ? '#fff' : INK}
                  >
                    {count}
                  </text>
                </g>
              );
            })}
            {total === 0 && (
              <text x={left} y={42} className="figure-word second-ink">
                {say('compare.noneSeen')}
              </text>
            )}
          </g>
        );
      })}
      {rows[0]?.shares.map(({ words }, i) => {
        const columns = narrow ? 1 : 3;
        return (
          <g
            key={words}
            transform={`translate(${left + (i % columns) * (bar / columns)} ${rows.length * ROW + 8 + Math.floor(i / columns) * 24})`}
          >
            <rect width="18" height="14" fill={tone(i, n)} stroke={INK} strokeWidth="1" />
            <text x="24" y="12" className="figure-word">
              {words}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
