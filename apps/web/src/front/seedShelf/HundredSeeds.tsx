import { type Species } from '@bright-sprout/core/seeds/catalogue';
import { useId } from 'react';
import { seedPath, seedRadii } from '../../drawing/seed';

const IN_ROW = 20;
const CELL = 17;
/** A seed fills its cell whatever its size, but keeps its shape: a barley grain stays longer than a cress seed is. */
const LONGEST = 7;

/**
 * A hundred seeds of a lot: those that come up even in the worst case are full, those that may come up are hatched, the
 * rest are empty.
 * @param sure how many of a hundred come up at least
 * @param perhaps how many of a hundred come up at most
 */
export function HundredSeeds({ species, sure, perhaps }: { species: Species; sure: number; perhaps: number }) {
  const hatch = useId();
  const { rx, ry } = seedRadii(species);
  const scale = LONGEST / Math.max(rx, ry);
  return (
    <svg viewBox={`0 0 ${IN_ROW * CELL} ${5 * CELL}`} className="hundred-seeds" aria-hidden="true">
      <defs>
        <pattern id={hatch} width="3" height="3" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="3" height="3" fill="#fff" />
          <rect width="1.3" height="3" fill="#2C9A96" />
        </pattern>
      </defs>
      {Array.from({ length: 100 }, (_, i) => (
        <path
          key={i}
          d={seedPath((i % IN_ROW) * CELL + CELL / 2, Math.floor(i / IN_ROW) * CELL + CELL / 2, rx * scale, ry * scale)}
          fill={i < sure ? '#2C9A96' : i < perhaps ? `url(#${hatch})` : '#fff'}
          stroke={i < perhaps ? '#2A1B2E' : '#C9C5D1'}
          strokeWidth="1"
        />
      ))}
    </svg>
  );
}
