import { cornersOf, homography } from './homography';
import { type Picture, type Quad } from './picture';

/** How far a usual telephone sees, as a multiple of its picture's longer side: a lens of 26 to 28 mm on a small-picture camera. */
const FOCAL = 0.8;

/**
 * How far a camera leant away from straight down, degrees, from where the corners of a rectangle came to lie (the plane's normal from its
 * homography: Hartley & Zisserman 2004, section 8.1.1, with a usual lens). Good to a few degrees; null where the corners span nothing.
 * @param ratio depth over width of the rectangle
 */
export function tiltOf(corners: Quad, { width, height }: Pick<Picture, 'width' | 'height'>, ratio: number): number | null {
  const h = homography(cornersOf(1, ratio), corners);
  if (!h) return null;
  const f = FOCAL * Math.max(width, height);
  const column = (i: number): [number, number, number] => [
    (h[i]! - (width / 2) * h[i + 6]!) / f,
    (h[i + 3]! - (height / 2) * h[i + 6]!) / f,
    h[i + 6]!,
  ];
  const [a, b] = [column(0), column(1)];
  const normal = [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]] as const;
  const length = Math.hypot(...normal);
  return length === 0 ? null : (Math.acos(Math.min(1, Math.abs(normal[2]) / length)) * 180) / Math.PI;
}
