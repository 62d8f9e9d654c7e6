/** More marks than this are one drawing of small dots: each on its own would make the page stand still. */
export const MANY = 90;

/** Small dots of one group as a single path. */
export function ManyMarks({ points, colour }: { points: readonly (readonly [number, number])[]; colour: string }) {
  const dots = points.map(([x, y]) => `M${(x - 2.6).toFixed(1)} ${y.toFixed(1)}a2.6 2.6 0 1 0 5.2 0a2.6 2.6 0 1 0-5.2 0`);
  return <path d={dots.join('')} fill={colour} fillOpacity="0.6" />;
}
