import { drawGhost, drawPlant, INK, type PlantFacts, type Shape } from './plant';

interface Painted {
  path: Path2D;
  fill: string;
  stroke: string;
  width: number;
}

/** Plants as they were painted before: moving back and forth through days paints the same ones again. */
const known = new Map<string, Painted[]>();
const MOST_KNOWN = 8000;

function pathOf(outline: Shape['outline']): Path2D {
  if (typeof outline === 'string') return new Path2D(outline);
  const path = new Path2D();
  for (const [x, y] of outline) path.lineTo(x, y);
  path.closePath();
  return path;
}

function paths(facts: PlantFacts, scale: number, ghost: boolean): Painted[] {
  const { habit, heightMm, leaves, face, vigour = '', towards = '' } = facts;
  const key = `${habit} ${heightMm} ${leaves ?? ''} ${face} ${vigour} ${towards} ${scale.toFixed(4)} ${ghost ? 'g' : ''}`;
  let painted = known.get(key);
  if (!painted) {
    const shapes = ghost ? drawGhost(facts, scale) : drawPlant(facts, scale);
    painted = shapes.map(({ outline, fill, stroke, width }) => ({ path: pathOf(outline), fill, stroke, width }));
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(key, painted);
  }
  return painted;
}

/**
 * Paints a plant standing at (x, y): the same drawing as the one in SVG, for walls that have to follow a moving hand.
 * @param edge colour of the outlines; ink would swallow the tips of blades at night
 */
export function paintPlant(
  context: CanvasRenderingContext2D,
  facts: PlantFacts,
  { scale, x, y, ghost = false, edge = INK }: { scale: number; x: number; y: number; ghost?: boolean; edge?: string },
): void {
  context.translate(x, y);
  for (const { path, fill, stroke, width } of paths(facts, scale, ghost)) {
    if (fill !== 'none') {
      context.fillStyle = fill;
      context.fill(path);
    }
    if (stroke !== 'none') {
      context.strokeStyle = stroke === INK ? edge : stroke;
      context.lineWidth = width;
      context.stroke(path);
    }
  }
  context.translate(-x, -y);
}
