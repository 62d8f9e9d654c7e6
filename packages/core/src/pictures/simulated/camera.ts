import { cornersOf, homography, straightenInto, through } from '../homography';
import { blankPicture, type Picture, type Point, type Quad } from '../picture';
import { quickDraws, type TopView } from './pan';

/** How a picture is taken. */
export interface Shot {
  width: number;
  height: number;
  /** How far the camera leans to the right and towards the far edge, degrees; 0 is straight down. */
  tilt: readonly [right: number, far: number];
  /** How far the pan is turned in the picture, degrees. */
  turn: number;
  /** 1 is good daylight; 0.25 a dim corner, 1.6 too much sun. */
  light: number;
  /** From −0.3, a blue sky, to 0.5, a lamp. */
  warmth: number;
  /** How much darker one side is than the other, 0 to 1. */
  uneven: number;
  /** Pixels over which everything is smeared; 0 for a steady hand. */
  blur: number;
  /** Share of the picture's width that a hand reaches in from the right, 0 without one. */
  hand: number;
  seed: number;
}

export const STEADY: Shot = {
  width: 800,
  height: 600,
  tilt: [0, 0],
  turn: 0,
  light: 1,
  warmth: 0,
  uneven: 0.1,
  blur: 0,
  hand: 0,
  seed: 1,
};

/** A picture of a pan, with where its corners really are. */
export interface TakenPicture {
  picture: Picture;
  corners: Quad;
}

/** How high the camera is held, as a multiple of the pan's width: a telephone sees as wide as it is away. */
const HIGH = 0.95;
/** Share of the picture's smaller side that the pan fills. */
const FILLS = 0.86;
const TABLE = [176, 160, 138] as const;
const SKIN = [214, 168, 138] as const;
/** Spread of the noise of the sensor in good light, of 255; it grows as light fades. */
const NOISE = 2.2;

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** Where the corners of a pan come to lie in the picture. */
export function cornersInShot({ width: w, height: h }: Pick<Picture, 'width' | 'height'>, shot: Shot): Quad {
  const [a, b, t] = [radians(shot.tilt[0]), radians(shot.tilt[1]), radians(shot.turn)];
  const distance = HIGH * w;
  const seen = cornersOf(w, h).map(([x, y]): Point => {
    const [px, py] = [x - w / 2, y - h / 2];
    const [rx, ry] = [px * Math.cos(t) - py * Math.sin(t), px * Math.sin(t) + py * Math.cos(t)];
    // The camera leans: the pan turns about its middle the other way.
    const [x1, z1] = [rx * Math.cos(a), rx * Math.sin(a)];
    const [y2, z2] = [ry * Math.cos(b) - z1 * Math.sin(b), ry * Math.sin(b) + z1 * Math.cos(b)];
    const depth = distance + z2;
    return [(x1 / depth) * distance, (y2 / depth) * distance];
  });
  const reach = Math.max(...seen.map(([x, y]) => Math.max((2 * Math.abs(x)) / shot.width, (2 * Math.abs(y)) / shot.height)));
  return seen.map(([x, y]): Point => [
    shot.width / 2 + (x / reach) * FILLS,
    shot.height / 2 + (y / reach) * FILLS,
  ]) as unknown as Quad;
}

/** Takes a picture of a pan: perspective, light that is not even, and the noise of a small sensor. */
export function takePicture(view: TopView, shot: Shot): TakenPicture {
  const corners = cornersInShot(view.picture, shot);
  const sharp = blankPicture(shot.width, shot.height);
  const back = homography(corners, cornersOf(view.picture.width, view.picture.height))!;
  straightenInto(view.picture, back, sharp, TABLE);
  if (shot.hand > 0) holdOver(sharp, shot.hand);
  const picture = shot.blur > 0 ? smeared(sharp, shot.blur) : sharp;
  const draw = quickDraws(shot.seed);
  const gains = [1 + 0.5 * shot.warmth, 1, 1 - 0.7 * shot.warmth];
  const noise = NOISE / Math.sqrt(Math.min(1, shot.light));
  for (let y = 0, i = 0; y < shot.height; y++)
    for (let x = 0; x < shot.width; x++, i += 4) {
      const level = shot.light * (1 - shot.uneven * (x / shot.width));
      for (let c = 0; c < 3; c++)
        picture.data[i + c] = picture.data[i + c]! * level * gains[c]! + noise * (draw() + draw() - 1) * 2.45;
    }
  return { picture, corners };
}

/** A hand that reaches in from the right at half height, with a round end. */
function holdOver({ width, height, data }: Picture, reach: number): void {
  const [tip, middle, radius] = [width * (1 - reach), height / 2, height / 6];
  for (let y = 0, p = 0; y < height; y++)
    for (let x = 0; x < width; x++, p++) {
      const away = x < tip + radius ? Math.hypot(x - tip - radius, y - middle) : Math.abs(y - middle);
      if (away < radius) for (let c = 0; c < 3; c++) data[p * 4 + c] = SKIN[c]! * (1 - 0.25 * (away / radius) ** 2);
    }
}

/** Each pixel as the mean of those around it, along the lines and then across them. */
function smeared(picture: Picture, radius: number): Picture {
  const { width, height } = picture;
  const once = (from: Picture, step: number, length: number, lines: number, between: number): Picture => {
    const made = blankPicture(width, height);
    for (let l = 0; l < lines; l++)
      for (let c = 0; c < 3; c++) {
        const at = (k: number) => (l * between + Math.min(length - 1, Math.max(0, k)) * step) * 4 + c;
        let sum = 0;
        for (let k = -radius; k <= radius; k++) sum += from.data[at(k)]!;
        for (let k = 0; k < length; k++) {
          made.data[at(k)] = sum / (2 * radius + 1);
          sum += from.data[at(k + radius + 1)]! - from.data[at(k - radius)]!;
        }
      }
    return made;
  };
  return once(once(picture, 1, width, height, width), width, height, width, 1);
}

/** Where a place of the pan, in cm, is seen in the picture. */
export function seenAt(view: TopView, corners: Quad, [x, y]: Point): Point {
  const map = homography(cornersOf(view.picture.width, view.picture.height), corners)!;
  return through(map, [x * view.pixelsPerCm, y * view.pixelsPerCm]);
}
