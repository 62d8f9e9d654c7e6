import { generatorFrom } from './generator';

test('the same seed gives the same stream, another seed another', () => {
  const draw = (seed: number) => Array.from({ length: 5 }, generatorFrom(seed).uniform);
  expect(draw(7)).toEqual(draw(7));
  expect(draw(7)).not.toEqual(draw(8));
});

test('uniform, normal and shuffled draws have the moments they should', () => {
  const random = generatorFrom(2026);
  const n = 40_000;
  const uniforms = Array.from({ length: n }, random.uniform);
  expect(uniforms.reduce((a, b) => a + b) / n).toBeCloseTo(0.5, 2);
  expect(Math.min(...uniforms)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...uniforms)).toBeLessThan(1);
  const normals = Array.from({ length: n }, random.normal);
  expect(normals.reduce((a, b) => a + b) / n).toBeCloseTo(0, 1);
  expect(normals.reduce((a, b) => a + b * b) / n).toBeCloseTo(1, 1);
  const orders = new Map<string, number>();
  for (let i = 0; i < 6000; i++) {
    const order = random.shuffle(['a', 'b', 'c']).join('');
    orders.set(order, (orders.get(order) ?? 0) + 1);
  }
  expect(orders.size).toBe(6);
  for (const count of orders.values()) expect(Math.abs(count - 1000)).toBeLessThan(150);
});
