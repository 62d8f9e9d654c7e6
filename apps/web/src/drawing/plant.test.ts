import fc from 'fast-check';
import { drawGhost, drawPlant, pathText, type Shape } from './plant';

/** Every number pair of a shape: x then y. */
const points = (shape: Shape) =>
  [...pathText(shape).matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])] as const);

test('the tip stands exactly at the height, whatever the plant', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('grass' as const, 'broad' as const),
      fc.integer({ min: 15, max: 900 }),
      fc.integer({ min: 0, max: 8 }),
      fc.string(),
      fc.double({ min: 0.3, max: 4, noNaN: true }),
      (habit, heightMm, leaves, face, scale) => {
        const shapes = drawPlant({ habit, heightMm, leaves, face }, scale);
        const measured = habit === 'grass' ? shapes.slice(-4, -1) : shapes.slice(0, 3);
        const top = Math.min(...measured.flatMap((s) => points(s).map(([, y]) => y)));
        // A leaning stem's upper corner may stand a line's width above its middle.
        expect(Math.abs(top + heightMm * scale)).toBeLessThanOrEqual(1.3);
      },
    ),
  );
});

test('a plant keeps its face and differs from its neighbour', () => {
  const of = (face: string) => JSON.stringify(drawPlant({ habit: 'grass', heightMm: 90, leaves: 3, face }, 2));
  expect(of('A1')).toBe(of('A1'));
  expect(of('A1')).not.toBe(of('A2'));
});

test('the outline of the last check has no more than the measured blade', () => {
  expect(drawGhost({ habit: 'grass', heightMm: 90, leaves: 3, face: 'A1' }, 2)).toHaveLength(3);
});
