import { grainsOf } from '@bright-sprout/core/conclude/points/pointWords';

const WIDE = 11;
const TALL = 8;
const MOST_IN_ROW = 20;

/** Barley grains, a class each: the inked ones are those in which luck alone did it. Words stand beside it. */
export function Grains({ chance }: { chance: number | null }) {
  const grains = grainsOf(chance);
  if (grains === null) return null;
  const columns = Math.min(MOST_IN_ROW, grains.of);
  const rows = Math.ceil(grains.of / columns);
  return (
    <svg
      width={columns * WIDE}
      height={rows * TALL}
      viewBox={`0 0 ${columns * WIDE} ${rows * TALL}`}
      aria-hidden="true"
      className="grains"
    >
      {Array.from({ length: grains.of }, (_, i) => (
        <ellipse
          key={i}
          cx={WIDE * (i % columns) + WIDE / 2}
          cy={TALL * Math.floor(i / columns) + TALL / 2}
          rx="4.6"
          ry="2.4"
          transform={`rotate(-16 ${WIDE * (i % columns) + WIDE / 2} ${TALL * Math.floor(i / columns) + TALL / 2})`}
          fill={i < grains.inked ? 'currentColor' : 'none'}
          stroke="currentColor"
          strokeWidth="1"
        />
      ))}
    </svg>
  );
}
