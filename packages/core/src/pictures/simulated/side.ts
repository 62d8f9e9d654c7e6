import { blankPicture, type Picture, type Point } from '../picture';
import { quickDraws } from './pan';

/** A plant that stands beside a ruler, seen from the side. */
export interface PlantBesideRuler {
  heightMm: number;
  /** How far its tip hangs over to the right, as a share of its height. */
  lean: number;
  /** How far behind the ruler it stands (before it, where negative), mm. */
  behindMm: number;
  /** How far the camera stands from the ruler, mm, and how far it looks down, degrees. */
  distanceMm: number;
  lookingDown: number;
  /** Length of the ruler, mm. */
  rulerMm: number;
  seed: number;
}

type Space = readonly [right: number, up: number, behind: number];

/** As wide as it is far away, a little more: a usual telephone. */
const FOCAL = 0.8;

/**
 * Where a place is seen, px: a camera before the middle of the ruler that looks down a little.
 * @param place from the foot of the ruler, mm
 */
export function seenFromTheSide(
  { distanceMm, lookingDown, rulerMm }: PlantBesideRuler,
  { width, height }: Pick<Picture, 'width' | 'height'>,
  [right, up, behind]: Space,
): Point {
  const angle = (lookingDown * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  // The camera stands higher than the ruler's middle so that the middle stays in the middle.
  const [y, z] = [up - rulerMm / 2, behind];
  const depth = distanceMm + z * cos - y * sin;
  const f = FOCAL * Math.max(width, height);
  return [width / 2 + (f * right) / depth, height / 2 - (f * (y * cos + z * sin)) / depth];
}

/** Its axis from foot to tip: places along it, mm; the length along them is its height. */
export function axisOf({ heightMm, lean, behindMm }: PlantBesideRuler, parts = 3): Space[] {
  const places: Space[] = [[45, 0, behindMm]];
  for (let i = 1; i <= parts; i++) {
    const turn = lean * (i / parts);
    const [x, y] = places[i - 1]!;
    places.push([x + (heightMm / parts) * Math.sin(turn), y + (heightMm / parts) * Math.cos(turn), behindMm]);
  }
  return places;
}

/** The picture that is taken of it: a pot's rim, a stem with two blades, a ruler with a mark every centimetre. */
export function sidePicture(scene: PlantBesideRuler, size: { width: number; height: number }): Picture {
  const picture = blankPicture(size.width, size.height);
  const draw = quickDraws(scene.seed);
  for (let p = 0; p < size.width * size.height; p++) {
    const grey = 205 + 22 * draw();
    picture.data.set([grey, grey - 3, grey - 12, 255], p * 4);
  }
  const at = (place: Space) => seenFromTheSide(scene, size, place);
  const perMm = (FOCAL * Math.max(size.width, size.height)) / scene.distanceMm;
  const line = (from: Space, to: Space, wideMm: number, colour: readonly number[]) =>
    stroke(picture, at(from), at(to), (wideMm * perMm) / 2, colour);
  line([-12, 0, 0], [-12, scene.rulerMm, 0], 24, [238, 222, 168]);
  for (let mm = 0; mm <= scene.rulerMm; mm += 10) line([0, mm, 0], [mm % 50 === 0 ? -14 : -7, mm, 0], 1, [40, 34, 44]);
  line([15, -14, scene.behindMm], [75, -14, scene.behindMm], 28, [150, 92, 64]);
  const axis = axisOf(scene, 12);
  axis.slice(1).forEach((to, i) => line(axis[i]!, to, 2.6 - (1.6 * i) / axis.length, [98, 148, 66]));
  const [low, upper] = [axis[4]!, axis[7]!];
  line(low, [low[0] + 16, low[1] + 14, low[2]], 3, [86, 138, 58]);
  line(upper, [upper[0] - 14, upper[1] + 12, upper[2]], 3, [86, 138, 58]);
  return picture;
}

/** A line with round ends. */
function stroke(
  { width, height, data }: Picture,
  [ax, ay]: Point,
  [bx, by]: Point,
  radius: number,
  colour: readonly number[],
): void {
  const r = Math.max(0.7, radius);
  const [dx, dy] = [bx - ax, by - ay];
  const length2 = dx * dx + dy * dy || 1;
  for (let y = Math.max(0, Math.floor(Math.min(ay, by) - r)); y <= Math.min(height - 1, Math.max(ay, by) + r); y++)
    for (let x = Math.max(0, Math.floor(Math.min(ax, bx) - r)); x <= Math.min(width - 1, Math.max(ax, bx) + r); x++) {
      const t = Math.min(1, Math.max(0, ((x + 0.5 - ax) * dx + (y + 0.5 - ay) * dy) / length2));
      if ((x + 0.5 - ax - t * dx) ** 2 + (y + 0.5 - ay - t * dy) ** 2 <= r * r) data.set(colour, (y * width + x) * 4);
    }
}
