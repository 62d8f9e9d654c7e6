import { METHODS, methodById } from './catalogue';
import { containerShape } from './containerShape';

test('a filling of a pot has its volume: width, height and a round ground', () => {
  const { wideMm, fillMm } = containerShape(methodById('cup_mix')!, 215);
  expect((Math.PI / 4) * wideMm ** 2 * fillMm).toBeCloseTo(215_000, 3);
  expect(Math.round(fillMm)).toBe(73);
});

test('a cell of 31 mL is 34 mm deep, a section of a pan filled with 720 mL is 40', () => {
  expect(Math.round(containerShape(methodById('cell_tray')!, 31).fillMm)).toBe(34);
  expect(containerShape(methodById('flat_divided')!, 720).fillMm).toBeCloseTo(40);
});

test('every way of growing has a shape with a rim at or above its filling', () => {
  for (const method of METHODS) {
    const { fillMm, highMm, wideMm } = containerShape(method, (method.fillMl[0] + method.fillMl[1]) / 2);
    expect(highMm).toBeGreaterThanOrEqual(fillMm);
    expect(wideMm).toBeGreaterThan(20);
    expect(fillMm).toBeGreaterThan(0);
  }
});
