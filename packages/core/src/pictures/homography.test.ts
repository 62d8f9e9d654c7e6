import fc from 'fast-check';
import { cornersOf, homography, isConvex, straighten, through } from './homography';
import { blankPicture, type Quad } from './picture';
import { tiltOf } from './tilt';
import { cornersInShot, STEADY } from './simulated/camera';
import { panFromAbove } from './simulated/pan';
import { sixSections } from './simulated/series';

const quad: fc.Arbitrary<Quad> = fc
  .array(fc.double({ min: -0.2, max: 0.2, noNaN: true }), { minLength: 8, maxLength: 8 })
  .map((d) => cornersOf(100, 60).map(([x, y], i) => [x + 100 * d[2 * i]!, y + 60 * d[2 * i + 1]!]) as unknown as Quad);

test('takes each corner to its place, and back', () => {
  fc.assert(
    fc.property(quad, (corners) => {
      fc.pre(isConvex(corners));
      const there = homography(cornersOf(100, 60), corners)!;
      const back = homography(corners, cornersOf(100, 60))!;
      cornersOf(100, 60).forEach((c, i) => {
        const [x, y] = through(there, c);
        expect(x).toBeCloseTo(corners[i]![0], 6);
        expect(y).toBeCloseTo(corners[i]![1], 6);
      });
      const [x, y] = through(back, through(there, [31, 17]));
      expect(x).toBeCloseTo(31, 6);
      expect(y).toBeCloseTo(17, 6);
    }),
  );
});

test('corners that span no area make nothing', () => {
  const onALine: Quad = [
    [0, 0],
    [1, 1],
    [2, 2],
    [3, 3],
  ];
  const crossed: Quad = [
    [0, 0],
    [3, 3],
    [3, 0],
    [0, 3],
  ];
  expect(homography(cornersOf(10, 10), onALine)).toBeNull();
  expect(straighten(blankPicture(4, 4), crossed, { width: 8, height: 8 })).toBeNull();
  expect(tiltOf(onALine, { width: 8, height: 8 }, 1)).toBeNull();
});

test('a picture that is straight already stays as it is', () => {
  const { picture } = panFromAbove(sixSections('brown', 3), 8, 3);
  const same = straighten(picture, cornersOf(picture.width, picture.height), picture)!;
  expect(Buffer.from(same.data).equals(Buffer.from(picture.data))).toBe(true);
});

test.each([
  [0, 0],
  [10, 0],
  [0, -14],
  [12, 12],
])('a camera that leans %p and %p degrees is told so, to three degrees', (right, far) => {
  const corners = cornersInShot({ width: 420, height: 280 }, { ...STEADY, tilt: [right, far], turn: 4 });
  const truth = (Math.acos(Math.cos((right * Math.PI) / 180) * Math.cos((far * Math.PI) / 180)) * 180) / Math.PI;
  expect(Math.abs(tiltOf(corners, STEADY, 280 / 420)! - truth)).toBeLessThan(3);
});
