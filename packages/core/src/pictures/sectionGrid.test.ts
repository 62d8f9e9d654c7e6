import { countedPicture, outlineOf } from './countedPicture';
import { countingMethod, methodWords } from './countingWords';
import { blankPicture } from './picture';
import { countedMask, type SectionGrid, sectionMask, workSize } from './sectionGrid';

const GRID: SectionGrid = { columns: 2, rows: 1, cells: ['A1', null] };
const sum = (mask: Uint8Array) => mask.reduce((a, b) => a + b, 0);

test('sections lie beside each other without their margins, by hand', () => {
  // 100 × 50: each 50 wide, less 4 % of its width and height on every edge: 46 × 46.
  const size = { width: 100, height: 50 };
  const left = sectionMask(size, GRID, 0);
  expect(sum(left)).toBe(46 * 46);
  expect([left[2 * 100 + 2], left[1 * 100 + 2], left[2 * 100 + 1]]).toEqual([1, 0, 0]);
  const right = sectionMask(size, GRID, 1);
  expect(left.some((l, p) => l === 1 && right[p] === 1)).toBe(false);
  // Where nothing grows nothing is counted.
  expect(sum(countedMask(size, GRID))).toBe(46 * 46);
});

test('pictures are made in the proportions of what is in them', () => {
  const grid = { columns: 3, rows: 2 };
  expect(workSize({ ...grid, wideMm: 420, deepMm: 280 })).toEqual({ width: 720, height: 480 });
  expect(workSize({ ...grid, wideMm: null, deepMm: null })).toEqual({ width: 720, height: 480 });
  expect(workSize({ columns: 1, rows: 1, wideMm: 100, deepMm: 200 })).toEqual({ width: 360, height: 720 });
});

test('what was counted is outlined in ink, the rest is pale', () => {
  const soil = blankPicture(5, 5);
  for (let i = 0; i < soil.data.length; i += 4) soil.data.set([90, 70, 60, 255], i);
  const mask = new Uint8Array(25);
  for (const p of [6, 7, 8, 11, 12, 13, 16, 17, 18]) mask[p] = 1;
  const { data } = countedPicture(soil, mask);
  expect([...data.subarray(6 * 4, 6 * 4 + 3)]).toEqual([32, 52, 26]);
  expect(data[12 * 4 + 1]!).toBeGreaterThan(data[12 * 4]! + 40);
  expect(Math.min(...data.subarray(0, 3))).toBeGreaterThan(200);
  expect(outlineOf(mask, soil)).toHaveLength(8);
  expect(outlineOf(mask, soil)[0]).toEqual([0.3, 0.3]);
});

test('how it was counted is told with its version, and that a hand was in it', () => {
  expect(methodWords(countingMethod('excess-green', 1))).toBe('excess green, version 1');
  expect(methodWords(countingMethod('excess-green-minus-red', 1, true))).toBe(
    'excess green minus excess red, version 1, corrected by hand',
  );
  expect([methodWords('ruler/1'), methodWords('by eye')]).toEqual(['ruler on a picture, version 1', 'by eye']);
});
