import fc from 'fast-check';
import { checking, expectReference, referenceCases } from '../../test/reference';
import { chiSquared } from './contingency';
import { fisherFreemanHalton } from './fisherFreemanHalton';
import { fisherTwoByTwo } from './fisherTwoByTwo';

test.each(referenceCases('04-rxc').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const table = input.table as number[][];
  checking('chiSquared');
  const found = chiSquared(table);
  if (!found.ok) throw new Error(found.reason);
  expectReference(found.chi2, expected.chi2);
  expectReference(found.df, expected.df);
  expectReference(found.p, expected.p, { rel: 1e-9, abs: 1e-12 });
  expectReference(found.smallestExpected, expected.expected_min);
  expectReference(found.cramersV, expected.cramers_v);
  checking('fisherFreemanHalton');
  const exact = fisherFreemanHalton(table);
  if (!exact.ok) throw new Error(exact.reason);
  if (typeof expected.fisher_p === 'number') expectReference(exact.p, expected.fisher_p, { rel: 1e-6, abs: 1e-14 });
  else expect(exact.p).toBeLessThan(1e-14);
});

test('agrees with the two by two test, whichever way the table lies', () => {
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
      const two = fisherTwoByTwo(a, a + b, c, c + d);
      expect(two.ok && two.p).toBeCloseTo(wide.p, 9);
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
  ].map((t) => chiSquared(t));
  for (const r of reasons) expect(r).toMatchObject({ ok: false, reason: expect.stringMatching(/\.$/) as string });
  expect(
    fisherFreemanHalton([
      [3, 0],
      [4, 0],
    ]),
  ).toMatchObject({ ok: false });
});
