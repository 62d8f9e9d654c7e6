import fc from 'fast-check';
import { checking, expectReference, referenceCases } from '../../test/reference';
import { fisherFreemanHalton } from './fisherFreemanHalton';

test.each(referenceCases('04-rxc').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const table = input.table as number[][];
  checking('fisherFreemanHalton');
  const exact = fisherFreemanHalton(table);
  if (!exact.ok) throw new Error(exact.reason);
  if (typeof expected.fisher_p === 'number') expectReference(exact.p, expected.fisher_p, { rel: 1e-6, abs: 1e-14 });
  else expect(exact.p).toBeLessThan(1e-14);
});

test.each(referenceCases('04-2x2').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const { x1, n1, x2, n2 } = input as Record<string, number>;
  checking('fisherFreemanHalton');
  const exact = fisherFreemanHalton([
    [x1!, n1! - x1!],
    [x2!, n2! - x2!],
  ]);
  // Where nothing or everything came up there is nothing to compare.
  if (x1! + x2! === 0 || x1! + x2! === n1! + n2!) expect(exact).toMatchObject({ ok: false });
  else expectReference(exact.ok ? exact.p : NaN, (expected.fisher as { p: number }).p, { rel: 1e-7, abs: 1e-14 });
});

test('is the same whichever way the table lies', () => {
  fc.assert(
    fc.property(fc.nat(12), fc.nat(12), fc.nat(12), fc.nat(12), (a, b, c, d) => {
      fc.pre(a + b > 0 && c + d > 0 && a + c > 0 && b + d > 0);
      const wide = fisherFreemanHalton([
        [a, b],
        [c, d],
      ]);
      const tall = fisherFreemanHalton([
        [a, c],
        [b, d],
      ]);
      if (!wide.ok || !tall.ok) throw new Error();
      expect(tall.p).toBeCloseTo(wide.p, 9);
    }),
  );
});

test('tables that cannot be compared say why', () => {
  const reasons = [
    [[3, 4]],
    [
      [3, 4],
      [0, 0],
    ],
    [
      [3, 0],
      [4, 0],
    ],
    [
      [3, 1],
      [2.5, 1],
    ],
    [[3, 1], [2]],
  ].map((t) => fisherFreemanHalton(t));
  for (const r of reasons) expect(r).toMatchObject({ ok: false, reason: expect.stringMatching(/\.$/) as string });
});
