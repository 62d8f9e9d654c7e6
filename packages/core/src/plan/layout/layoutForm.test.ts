import { METHODS } from '../../seeds/catalogue';
import { layoutForm } from './layoutForm';

test('a cup is as wide as a cylinder of its filling that is as high as it is wide, with its rim and a finger around it', () => {
  // 215 mL: 10 · ³√(4 · 215 / π) = 64.9 mm; a rim of 15 % makes 74.7 mm, a finger 85 mm.
  expect(layoutForm('cup_mix').footprint(215)).toEqual({ wideMm: 85, deepMm: 85 });
});

test('more soil needs more room in a pot, and none in what has its own size', () => {
  expect(layoutForm('paper_pot').footprint(400).wideMm).toBeGreaterThan(layoutForm('paper_pot').footprint(100).wideMm);
  expect(layoutForm('cell_tray').footprint(400)).toEqual(layoutForm('cell_tray').footprint(10));
});

test.each(METHODS.map((m) => m.id))('%s: as many as one carrier holds stand in no more rows than it takes', (id) => {
  const form = layoutForm(id);
  for (let each = 1; each <= form.most; each++) {
    const rows = form.rows(each);
    expect(rows).toBeGreaterThanOrEqual(1);
    expect(rows).toBeLessThanOrEqual(Math.max(2, each));
  }
  const { wideMm, deepMm } = form.footprint(200);
  expect(Math.min(wideMm, deepMm)).toBeGreaterThan(20);
});
