import { say } from '@bright-sprout/words/say';
/** More marks than this are one drawing of small dots: each on its own would make the page stand still. */
export const MANY = 90;

/** Small dots of one group as a single path. */
export function ManyMarks({ points, colour }: { points: readonly (readonly [number, number])[]; colour: string }) {
  const dots = points.map(([x, y]) => say('compare.mXYA2', { x: (x - 2.6).toFixed(1), y: y.toFixed(1) }));
  return <path d={dots.join('')} fill={colour} fillOpacity="0.6" />;
}
