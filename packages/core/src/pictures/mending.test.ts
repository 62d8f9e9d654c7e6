import { halfGreenWords, reached } from './halfGreen';
import { mended } from './mending';

const SIZE = { width: 10, height: 10 };
const sum = (mask: Uint8Array) => mask.reduce((a, b) => a + b, 0);

test('a dot and a line of the brush, by hand', () => {
  const none = new Uint8Array(100);
  // Radius 1 at (5, 5): the four pixels around it, whose middles are 0.71 away.
  expect(sum(mended(none, SIZE, [{ green: true, radius: 0.1, points: [[0.5, 0.5]] }]))).toBe(4);
  const line = mended(none, SIZE, [
    {
      green: true,
      radius: 0.06,
      points: [
        [0, 0.55],
        [1, 0.55],
      ],
    },
  ]);
  expect([...line.subarray(50, 60)]).toEqual(Array(10).fill(1));
  expect(sum(line)).toBe(10);
  expect(sum(none)).toBe(0);
});

test('a later stroke lies over an earlier one', () => {
  const all = new Uint8Array(100).fill(1);
  const stroke = { radius: 0.1, points: [[0.5, 0.5]] as [number, number][] };
  expect(sum(mended(all, SIZE, [{ ...stroke, green: false }]))).toBe(96);
  expect(
    sum(
      mended(all, SIZE, [
        { ...stroke, green: false },
        { ...stroke, green: true },
      ]),
    ),
  ).toBe(100);
});

test('half green is told between the looks at it', () => {
  const days = (...pairs: [number, number][]) => pairs.map(([day, share]) => ({ day, share }));
  const words = (...pairs: [number, number][]) => halfGreenWords(reached(days(...pairs), 50));
  expect(words([8, 44], [9, 55])).toBe('half green on day 9');
  expect(words([13, 55], [11, 38], [9, 21])).toBe('half green between day 11 and day 13');
  expect(words([3, 60])).toBe('half green by day 3, the first day counted');
  expect(words([3, 10], [5, 49.9])).toBe('not half green by day 5');
  expect(words()).toBe('not counted yet');
  // Once reached it is reached, though a later look says less.
  expect(words([3, 10], [4, 50], [5, 45])).toBe('half green on day 4');
});
