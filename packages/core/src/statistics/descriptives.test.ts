import { checking, expectReference, referenceCases } from '../../test/reference';
import { describe as describeValues } from './descriptives';

test.each(referenceCases('01-desc').map((c) => [c.case, c] as const))('%s', (_, { input, expected, tolerance }) => {
  checking('describe');
  const result = describeValues(input.x as number[]);
  if (!result.ok) throw new Error(result.reason);
  for (const key of ['n', 'mean', 'sd', 'se', 'min', 'q1', 'median', 'q3', 'max', 'iqr'] as const)
    expectReference(result[key], expected[key], tolerance.default);
  expectReference(result.cvPercent, expected.cv_percent, tolerance.default);
  expectReference(result.interval?.low, expected.ci95_low, tolerance.default);
  expectReference(result.interval?.high, expected.ci95_high, tolerance.default);
});

test('an empty group has a reason instead of numbers', () => {
  expect(describeValues([])).toEqual({ ok: false, reason: expect.stringContaining('no value') });
});
