import { checking, expectReference, referenceCases } from '../../test/reference';
import { logRank } from './survival';

const CLOSE = { rel: 1e-8, abs: 1e-10 };

describe.each(referenceCases('06-km').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const { time, event, group } = input as { time: number[]; event: number[]; group: string[] };
  const names = Object.keys(expected.groups as object);
  const of = (name: string) => time.flatMap((t, i) => (group[i] === name ? [{ time: t, up: event[i] === 1 }] : []));

  test('log-rank test', () => {
    checking('logRank');
    const result = logRank(names.map(of));
    if (!result.ok) throw new Error(result.reason);
    const logrank = expected.logrank as { chi2: number; df: number; p: number; expected: Record<string, number> };
    expectReference(result.chi2, logrank.chi2, CLOSE);
    expectReference(result.df, logrank.df);
    expectReference(result.p, logrank.p, CLOSE);
    names.forEach((name, i) => expectReference(result.expected[i], logrank.expected[name], CLOSE));
  });
});

test('groups that never wait together have no answer', () => {
  expect(logRank([[{ time: 5, up: false }], [{ time: 6, up: false }]])).toMatchObject({ ok: false });
  expect(logRank([[{ time: 5, up: true }]])).toMatchObject({ ok: false });
});
