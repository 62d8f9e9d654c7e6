import { type Quad } from '@bright-sprout/core/pictures/picture';
import { cornersInPlace, lightScale, middleLuma } from './guides';

const before: Quad = [
  [0.1, 0.1],
  [0.9, 0.1],
  [0.9, 0.9],
  [0.1, 0.9],
];

test('each corner is told apart', () => {
  const now: Quad = [
    [0.11, 0.1],
    [0.9, 0.13],
    [0.8, 0.9],
    [0.1, 0.9],
  ];
  expect(cornersInPlace(now, before)).toEqual([true, true, false, true]);
  expect(cornersInPlace(null, before)).toEqual([false, false, false, false]);
});

test('light is judged beside the other pictures, and beside daylight where there are none', () => {
  const others = [90, 100, 110];
  expect(lightScale(100, others).word).toBe('fine');
  expect(lightScale(50, others).word).toBe('dark');
  expect(lightScale(190, others).word).toBe('bright');
  expect(lightScale(110, []).word).toBe('fine');
  const { fine, now } = lightScale(100, others);
  expect(fine[0] < now && now < fine[1]).toBe(true);
});

test('brightness is that of the middle', () => {
  const data = new Uint8ClampedArray(8 * 8 * 4).fill(0);
  for (let y = 2; y < 6; y++) for (let x = 2; x < 6; x++) data.fill(200, (y * 8 + x) * 4, (y * 8 + x) * 4 + 3);
  expect(middleLuma({ width: 8, height: 8, data })).toBeCloseTo(200, 6);
});
