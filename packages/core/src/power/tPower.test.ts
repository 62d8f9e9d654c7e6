import { checking, expectReference, referenceCases } from '../../test/reference';
import { containersNeeded, powerOfT, smallestDifference } from './tPower';

interface Row {
  n: number;
  delta: number;
  sd: number;
  alpha: number;
  power: number;
  n_real: number;
  n_per_group: number;
  power_at_n: number;
  mdd_in_sd: number;
}
const rows = (file: string) => referenceCases(file).flatMap((c) => (c.expected as { rows: Row[] }).rows);

test.each(rows('09-power-given').map((r) => [r.n, r.delta, r.sd, r] as const))(
  'power of %d a side, %d apart, sd %d',
  (n, difference, sd, row) => {
    checking('powerOfT');
    expectReference(powerOfT({ n, difference, sd, alpha: row.alpha }), row.power, { rel: 1e-6, abs: 1e-9 });
  },
);

test.each(rows('09-power-n').map((r) => [r.delta, r.power, r] as const))('containers for %d sd at %d', (delta, power, row) => {
  checking('containersNeeded');
  const found = containersNeeded(delta, row.sd, power, row.alpha);
  if (!found.ok) throw new Error(found.reason);
  expectReference(found.unrounded, row.n_real, { rel: 1e-5, abs: 1e-12 });
  expect(found.n).toBe(row.n_per_group);
  expectReference(found.power, row.power_at_n, { rel: 1e-6, abs: 1e-12 });
});

test.each(rows('09-power-mdd').map((r) => [r.n, r.power, r] as const))(
  'smallest difference of %d a side at %d',
  (n, power, row) => {
    checking('smallestDifference');
    const found = smallestDifference(n, 1, power, row.alpha);
    if (!found.ok) throw new Error(found.reason);
    expectReference(found.difference, row.mdd_in_sd, { rel: 1e-5, abs: 1e-12 });
  },
);

test('one container a side shows nothing; no difference needs a reason', () => {
  expect(powerOfT({ n: 1, difference: 5, sd: 1 })).toBe(0);
  expect(smallestDifference(1, 1)).toEqual({ ok: false, reason: expect.stringContaining('two containers') as string });
  expect(smallestDifference(4, 0)).toMatchObject({ ok: false });
  expect(containersNeeded(0, 1)).toMatchObject({ ok: false });
  expect(containersNeeded(0.001, 1)).toMatchObject({ ok: false });
});
