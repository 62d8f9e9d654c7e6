import { generatorFrom } from '@bright-sprout/core/random/generator';

const LEAVES = 48;

/** Where leaves lie on a patch, shares of its side; the same on every patch, so that more green is only more leaves. */
const PLACES = (() => {
  const draw = generatorFrom(5);
  return Array.from({ length: LEAVES }, () => ({
    x: 0.08 + 0.84 * draw.uniform(),
    y: 0.08 + 0.84 * draw.uniform(),
    turn: 180 * draw.uniform(),
  }));
})();

/** A section of a pan from above, as green as it was found; it stands on the origin. */
export function PatchDrawing({ percent, side }: { percent: number; side: number }) {
  const leaves = PLACES.slice(0, Math.round((LEAVES * percent) / 100));
  return (
    <g transform={`translate(${-side / 2} ${-side})`}>
      <rect width={side} height={side} fill="#EDE6E1" stroke="#2A1B2E" strokeWidth="1.200" />
      {leaves.map(({ x, y, turn }, i) => (
        <ellipse
          key={i}
          rx={side * 0.085}
          ry={side * 0.05}
          transform={`translate(${x * side} ${y * side}) rotate(${turn})`}
          fill="#8FBF57"
          stroke="#2A1B2E"
          strokeWidth="0.500"
        />
      ))}
    </g>
  );
}
