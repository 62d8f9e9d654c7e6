import { generatorFrom } from '../random/generator';
import { type Point } from './picture';
import { CLICK_PX, PERSPECTIVE, readLength } from './rulerOnPhoto';
import { axisOf, type PlantBesideRuler, seenFromTheSide } from './simulated/side';

const bent = (...along: Point[]) => ({ from: [0, 0] as Point, to: [0, 1000] as Point, lengthMm: 100, along });

test('by hand: a tenth of a millimetre to the pixel, straight and bent', () => {
  const straight = readLength(bent([50, 0], [50, 300]))!;
  expect(straight).toMatchObject({ mm: 30, mmPerPixel: 0.1 });
  expect(readLength(bent([0, 0], [30, 40], [30, 140]))!.mm).toBeCloseTo(15, 12);
  // Clicks at both ends: 1.6 × √2 × 0.1 mm; scale 30 mm × 1.6 × √2 / 1000; perspective 30 mm × 0.02.
  const expected = Math.hypot(0.16 * Math.SQRT2, (30 * 1.6 * Math.SQRT2) / 1000, 0.6);
  expect(straight.standardError).toBeCloseTo(expected, 12);
  expect(straight.high - straight.low).toBeCloseTo(2 * 1.959964 * expected, 6);
});

test('a scale that is too short, and a line of one place, say nothing', () => {
  expect(readLength({ ...bent([0, 0], [0, 9]), to: [0, 20] })).toBeNull();
  expect(readLength(bent([0, 0]))).toBeNull();
  expect(readLength({ ...bent([0, 0], [0, 9]), lengthMm: 0 })).toBeNull();
});

test('of 500 plants before the simulated camera, the interval holds the true height of 93 to 97 in a hundred', () => {
  const draw = generatorFrom(11);
  const size = { width: 1600, height: 1200 };
  const near = ([x, y]: Point): Point => [x + CLICK_PX * draw.normal(), y + CLICK_PX * draw.normal()];
  let held = 0;
  for (let i = 0; i < 500; i++) {
    const distanceMm = 350 + 250 * draw.uniform();
    const scene: PlantBesideRuler = {
      heightMm: 15 + 185 * draw.uniform(),
      lean: 0.35 * draw.normal(),
      // Beside the ruler, as good as a hand can put it there.
      behindMm: PERSPECTIVE * distanceMm * draw.normal(),
      distanceMm,
      lookingDown: 4 * draw.normal(),
      rulerMm: 200,
      seed: i,
    };
    const seen = (place: readonly [number, number, number]) => near(seenFromTheSide(scene, size, place));
    const read = readLength({ from: seen([0, 0, 0]), to: seen([0, 200, 0]), lengthMm: 200, along: axisOf(scene).map(seen) })!;
    if (read.low <= scene.heightMm && scene.heightMm <= read.high) held++;
  }
  expect(held).toBeGreaterThanOrEqual(465);
  expect(held).toBeLessThanOrEqual(485);
});
