import fc from 'fast-check';
import { GREEN_INDICES, greenIndex, greenThreshold, indexHistogram, otsuSplit, percentGreen } from './greenness';
import { whitePatchGains, withGains } from './light';
import { blankPicture, type Picture } from './picture';
import { countSeries } from './countSeries';
import { panFromAbove } from './simulated/pan';
import { SIX_SECTIONS, sixSections } from './simulated/series';

/** Four by three pixels of a colour. */
const plain = (colour: readonly number[]): Picture => {
  const made = blankPicture(4, 3);
  for (let i = 0; i < made.data.length; i += 4) made.data.set(colour, i);
  return made;
};

test('the indices by hand', () => {
  // Chromatic coordinates 0.3, 0.5, 0.2: 2 × 0.5 − 0.3 − 0.2 = 0.5; excess red 1.4 × 0.3 − 0.5 = −0.08.
  expect(greenIndex('excess-green', 60, 100, 40)).toBeCloseTo(0.5, 12);
  expect(greenIndex('excess-green-minus-red', 60, 100, 40)).toBeCloseTo(0.58, 12);
  expect(greenIndex('excess-green', 80, 80, 80)).toBeCloseTo(0, 12);
  expect(greenIndex('excess-green', 0, 3, 0)).toBe(-1);
});

test('light that is only stronger changes neither', () => {
  const channel = fc.integer({ min: 20, max: 120 });
  fc.assert(
    fc.property(channel, channel, channel, (r, g, b) => {
      for (const index of GREEN_INDICES)
        expect(greenIndex(index, 2 * r, 2 * g, 2 * b)).toBeCloseTo(greenIndex(index, r, g, b), 12);
    }),
  );
});

test('the split is between two groups and holds all of the spread between them', () => {
  const two = blankPicture(10, 10);
  for (let p = 0; p < 100; p++) two.data.set(p < 30 ? [60, 110, 40] : [90, 80, 70], p * 4);
  const split = otsuSplit([indexHistogram(two, 'excess-green')])!;
  expect(split.below).toBeCloseTo(greenIndex('excess-green', 90, 80, 70), 2);
  expect(split.above).toBeCloseTo(greenIndex('excess-green', 60, 110, 40), 2);
  expect(split.between).toBeCloseTo(1, 6);
  expect(split.threshold).toBeGreaterThan(split.below);
  expect(split.threshold).toBeLessThanOrEqual(split.above + 0.01);
});

test('each picture of a series weighs alike, however many pixels it has', () => {
  const soil = indexHistogram(plain([90, 80, 70, 255]), 'excess-green');
  const leaf = indexHistogram(plain([60, 110, 40, 255]), 'excess-green');
  const tenfold = { counts: leaf.counts.map((n) => 10 * n), pixels: 10 * leaf.pixels };
  expect(otsuSplit([soil, tenfold])).toEqual(otsuSplit([soil, leaf]));
  expect(otsuSplit([])).toBeNull();
});

test.each(['brown', 'mossy', 'yellowish'] as const)(
  'where nothing has come up on %s soil the usual value is taken, and nothing is green',
  (soil) => {
    const bare = panFromAbove(sixSections(soil, 5), 0, 5).picture;
    for (const index of GREEN_INDICES) {
      expect(greenThreshold(index, [indexHistogram(bare, index)]).usual).toBe(true);
      expect(Math.max(...countSeries([bare], SIX_SECTIONS, index).counted[0]!.green.map(Number))).toBeLessThan(2);
    }
  },
);

test('of what is not counted no share is told', () => {
  expect(percentGreen(Uint8Array.of(1, 0, 1, 0), Uint8Array.of(1, 1, 1, 0))).toBeCloseTo(200 / 3, 12);
  expect(percentGreen(Uint8Array.of(1), Uint8Array.of(0))).toBeNull();
});

test('a white patch takes a lamp’s colour away; a dark or burnt one says nothing', () => {
  const all = new Uint8Array(12).fill(1);
  const shown = plain([220, 170, 110, 255]);
  const [r, g, b] = withGains(shown, whitePatchGains(shown, all)!).data;
  expect(Math.max(r!, g!, b!) - Math.min(r!, g!, b!)).toBeLessThanOrEqual(1);
  expect(whitePatchGains(plain([255, 255, 255, 255]), all)).toBeNull();
  expect(whitePatchGains(plain([20, 20, 20, 255]), all)).toBeNull();
  expect(whitePatchGains(shown, new Uint8Array(12))).toBeNull();
});
