import { type Picture } from './picture';

/** A stroke of the brush over a straightened picture, in shares of its width: so it fits whatever size it is counted at. */
export interface BrushStroke {
  /** What is under it is green, or is not. */
  green: boolean;
  radius: number;
  points: readonly (readonly [x: number, y: number])[];
}

/** What was counted with strokes laid over it, the later over the earlier; the mask itself stays. */
export function mended(
  mask: Uint8Array,
  { width, height }: Pick<Picture, 'width' | 'height'>,
  strokes: readonly BrushStroke[],
): Uint8Array {
  if (strokes.length === 0) return mask;
  const made = mask.slice();
  for (const { green, radius, points } of strokes) {
    const r = Math.max(0.5, radius * width);
    points.forEach(([x, y], i) => {
      const [fromX, fromY] = points[Math.max(0, i - 1)]!;
      paint(made, width, height, { ax: fromX * width, ay: fromY * width, bx: x * width, by: y * width, r, value: green ? 1 : 0 });
    });
  }
  return made;
}

interface Capsule {
  ax: number;
  ay: number;
  bx: number;
  by: number;
  r: number;
  value: 0 | 1;
}

/** Every pixel whose middle is within a radius of a line. */
function paint(mask: Uint8Array, width: number, height: number, { ax, ay, bx, by, r, value }: Capsule): void {
  const [dx, dy] = [bx - ax, by - ay];
  const length2 = dx * dx + dy * dy;
  const [left, right] = [Math.max(0, Math.floor(Math.min(ax, bx) - r)), Math.min(width - 1, Math.ceil(Math.max(ax, bx) + r))];
  const [top, bottom] = [Math.max(0, Math.floor(Math.min(ay, by) - r)), Math.min(height - 1, Math.ceil(Math.max(ay, by) + r))];
  for (let y = top; y <= bottom; y++)
    for (let x = left; x <= right; x++) {
      const [px, py] = [x + 0.5 - ax, y + 0.5 - ay];
      const t = length2 === 0 ? 0 : Math.min(1, Math.max(0, (px * dx + py * dy) / length2));
      if ((px - t * dx) ** 2 + (py - t * dy) ** 2 <= r * r) mask[y * width + x] = value;
    }
}
