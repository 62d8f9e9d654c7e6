import { ALIKE, alignCorners, edgeRatio } from './align';
import { cornersOf } from './homography';
import { type Quad } from './picture';
import { type Shot, STEADY, takePicture } from './simulated/camera';
import { type Soil, SOILS } from './simulated/pan';
import { sixSections, viewsOf } from './simulated/series';

const apart = (a: Quad, b: Quad) => Math.max(...a.map(([x, y], i) => Math.hypot(x - b[i]![0], y - b[i]![1])));

test.each(SOILS)('on %s soil the corners are found again, however the camera was held', (soil: Soil) => {
  const size = { ...STEADY, width: 640, height: 480 };
  const [first, ...later] = viewsOf(sixSections(soil, 1), [0, 3, 6, 9, 12, 16]);
  const known = takePicture(first!.view, { ...size, seed: 50, tilt: [3, -2] });
  for (const { day, view } of later) {
    const shot: Shot = {
      ...size,
      seed: day,
      tilt: [14 * Math.sin(day), 14 * Math.cos(2 * day)],
      turn: 5 * Math.sin(3 * day),
      light: [0.4, 1, 1.4][day % 3]!,
      uneven: 0.1 + 0.2 * (day % 2),
    };
    const taken = takePicture(view, shot);
    const found = alignCorners(known, taken.picture, known.corners)!;
    expect(apart(known.corners, taken.corners)).toBeGreaterThan(30);
    expect([day, apart(found.corners, taken.corners) < 3, found.likeness > ALIKE]).toEqual([day, true, true]);
  }
});

test('a picture of something else is not alike', () => {
  const [one] = viewsOf(sixSections('brown', 1), [5]);
  const known = takePicture(one!.view, { ...STEADY, width: 320, height: 240 });
  const stripes = { ...known.picture, data: known.picture.data.slice() };
  for (let p = 0; p < 320 * 240; p++) stripes.data.fill(Math.floor(p / 23) % 2 === 0 ? 220 : 90, p * 4, p * 4 + 3);
  expect(alignCorners(known, stripes, known.corners)?.likeness ?? 0).toBeLessThan(ALIKE);
  const flat = { ...stripes, data: new Uint8ClampedArray(stripes.data.length).fill(255) };
  expect(alignCorners(known, flat, known.corners)).toBeNull();
});

test('the ratio of a pan seen straight is that of its edges', () => {
  expect(edgeRatio(cornersOf(300, 200))).toBeCloseTo(2 / 3, 12);
});
