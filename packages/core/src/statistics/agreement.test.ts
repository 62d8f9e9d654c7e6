import { checking, expectReference, referenceCases } from '../../test/reference';
import { agreement } from './agreement';

test.each(referenceCases('08-agree').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const result = agreement(input.a as number[], input.b as number[]);
  if (!result.ok) throw new Error(result.reason);
  const close = { rel: 1e-7, abs: 1e-9 };
  checking('agreement');
  expectReference(result.bias, expected.bias, close);
  expectReference(result.biasInterval.low, expected.bias_ci95_low, close);
  expectReference(result.biasInterval.high, expected.bias_ci95_high, close);
  expectReference(result.limits.low, expected.loa_low, close);
  expectReference(result.limits.high, expected.loa_high, close);
  expectReference(result.withinSd, expected.within_sd, close);
  expectReference(result.repeatability, expected.repeatability, close);
  expectReference(result.icc21, expected.icc_2_1, close);
  expectReference(result.icc21Interval?.low, expected.icc_2_1_ci95_low, close);
  expectReference(result.icc21Interval?.high, expected.icc_2_1_ci95_high, close);
});

test('one plant or a missing partner has a reason; equal plants have no ICC', () => {
  expect(agreement([1], [2])).toMatchObject({ ok: false });
  expect(agreement([1, 2], [2])).toMatchObject({ ok: false });
  expect(agreement([5, 5], [5, 5])).toMatchObject({ ok: true, icc21: null, icc21Interval: null });
});
