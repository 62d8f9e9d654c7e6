import { checking, expectReference, referenceCases } from '../../test/reference';
import { clopperPearson, fisherTwoByTwo, newcombe, wilson } from './proportions';

interface Row {
  x: number;
  n: number;
  wilson_low: number;
  wilson_high: number;
  clopper_pearson_low: number;
  clopper_pearson_high: number;
}

const CLOSE = { rel: 1e-8, abs: 1e-12 };

test.each(referenceCases('04-proportions').flatMap((c) => (c.expected.rows as Row[]).map((r) => [r.x, r.n, r] as const)))(
  '%d of %d',
  (x, n, row) => {
    checking('wilson');
    expectReference(wilson(x, n).low, row.wilson_low, CLOSE);
    expectReference(wilson(x, n).high, row.wilson_high, CLOSE);
    checking('clopperPearson');
    expectReference(clopperPearson(x, n).low, row.clopper_pearson_low, CLOSE);
    expectReference(clopperPearson(x, n).high, row.clopper_pearson_high, CLOSE);
  },
);

test.each(referenceCases('04-2x2').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const { x1, n1, x2, n2 } = input as Record<string, number>;
  checking('newcombe');
  const { difference, interval } = newcombe(x1!, n1!, x2!, n2!);
  expectReference(difference, expected.difference);
  expectReference(interval.low, expected.newcombe_low);
  expectReference(interval.high, expected.newcombe_high);
  checking('fisherTwoByTwo');
  expectReference(fisherTwoByTwo(x1!, n1!, x2!, n2!), (expected.fisher as Record<string, number>).p, { rel: 1e-7, abs: 1e-14 });
});
