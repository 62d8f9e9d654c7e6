import { checking, expectReference, referenceCases } from '../../test/reference';
import { tukey } from './pairs';

type Rows = { group: string; y: number }[];
interface Pair {
  first: string;
  second: string;
  diff: number;
  ci95_low: number;
  ci95_high: number;
  p_adj: number;
}

describe.each(referenceCases('03-oneway').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const rows = input.rows as Rows;
  const names = [...new Set(rows.map((r) => r.group))];
  const groups = names.map((name) => rows.filter((r) => r.group === name).map((r) => r.y));

  test('Tukey and Kramer', () => {
    checking('tukey');
    const result = tukey(groups);
    if (!result.ok) throw new Error(result.reason);
    const wanted = expected.tukey as Pair[];
    result.pairs.forEach((pair, i) => {
      expect([names[pair.first], names[pair.second]]).toEqual([wanted[i]!.first, wanted[i]!.second]);
      expectReference(pair.difference, wanted[i]!.diff, { rel: 1e-9, abs: 1e-12 });
      expectReference(pair.interval.low, wanted[i]!.ci95_low, { rel: 1e-4, abs: 1e-6 });
      expectReference(pair.interval.high, wanted[i]!.ci95_high, { rel: 1e-4, abs: 1e-6 });
      expectReference(pair.p, wanted[i]!.p_adj, { rel: 1e-4, abs: 1e-6 });
    });
  });
});

test('groups without spread have reasons', () => {
  expect(
    tukey([
      [3, 3],
      [3, 3],
    ]),
  ).toMatchObject({ ok: false });
});
