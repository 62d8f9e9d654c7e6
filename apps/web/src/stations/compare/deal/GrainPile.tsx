import { say } from '@bright-sprout/words/say';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { useRef } from 'react';
import { useWidth } from '../../../page/useWidth';
import { axisOver, INK, INK_2 } from '../../../compare/figures/figureKit';
import { dealsAGrain, type Pile } from './pile';

const TALL = 132;
const TOP = 30;
const GRAIN = 7;

/** The pile of deals: one grain for each (or for so many), inked where the gap is at least as big as the real one. */
export function GrainPile({
  pile,
  gap,
  shown,
  more,
  less,
}: {
  pile: Pile;
  gap: number;
  shown: Shown;
  more: string;
  less: string;
}) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 820);
  const { width: bin } = pile;
  const half = (pile.outermost + 1.5) * bin;
  const axis = axisOver(shown.inUnit(-half), shown.inUnit(half), 6, width - 6, width < 520 ? 5 : 9);
  const x = (v: number) => axis.at(shown.inUnit(v));
  const step = x(bin) - x(0);
  const each = dealsAGrain(pile, Math.floor(TALL / GRAIN));
  const base = TOP + TALL;
  const real = x(gap);
  const flag = real > width - 150;
  return (
    <div ref={holder}>
      <svg
        width={width}
        height={base + 56}
        role="img"
        aria-label={say('compare.dealsGaveGapBig', { beyond: pile.beyond, dealt: pile.dealt, gap: shown.signed(gap) })}
        className="figure"
      >
        {[...pile.bins].flatMap(([index, count]) => {
          const left = index >= 0 ? index * bin : (index + 1) * bin - bin;
          const inked = index >= 0 ? left >= Math.abs(gap) * (1 - 1e-9) : -(left + bin) >= Math.abs(gap) * (1 - 1e-9);
          return Array.from({ length: Math.ceil(count / each) }, (_, i) => {
            // The last grain of a bin is as large as its share of deals.
            const share = Math.sqrt(Math.min(1, count / each - i));
            return (
              <ellipse
                key={`${index} ${i}`}
                cx={x(left) + step / 2}
                cy={base - 4 - i * GRAIN}
                rx={share * Math.max(1.5, Math.min(9, step * 0.44))}
                ry={3 * share}
                fill={inked ? INK : '#fff'}
                stroke={INK}
                strokeWidth="0.9"
                transform={`rotate(${((index * 7 + i * 5) % 13) - 6} ${x(left) + step / 2} ${base - 4 - i * GRAIN})`}
              />
            );
          });
        })}
        <path d={`M6 ${base}H${width - 6}`} stroke={INK} strokeWidth="2" />
        <path d={`M${real} ${TOP - 22}V${base}`} stroke={INK} strokeWidth="3" />
        <path d={`M${x(-gap)} ${TOP + 10}V${base}`} stroke={INK} strokeWidth="1.4" strokeDasharray="4 4" />
        <g transform={`translate(${real} ${TOP - 22})`}>
          <path d={flag ? 'M0 0H-124l8 12l-8 12H0Z' : 'M0 0H124l-8 12l8 12H0Z'} fill={INK} />
          <text x={flag ? -10 : 10} y="18" textAnchor={flag ? 'end' : 'start'} className="figure-number" fill="#fff">
            {say('compare.realGap', { gap: shown.signed(gap) })}
          </text>
        </g>
        {axis.major.map((v) => (
          <g key={v}>
            <path d={`M${axis.at(v)} ${base}v8`} stroke={INK} strokeWidth="1.2" />
            <text x={axis.at(v)} y={base + 26} textAnchor="middle" className="figure-number">
              {axis.label(v)}
            </text>
          </g>
        ))}
        <text x="6" y={base + 48} className="figure-word" fill={INK_2}>
          ← {less}
        </text>
        <text x={width - 6} y={base + 48} textAnchor="end" className="figure-word" fill={INK_2}>
          {more} →
        </text>
      </svg>
      <p className="second mb-0">{say('compare.grainDealGrainDeals', { each })}</p>
    </div>
  );
}
