import { checking, expectReference, referenceCases } from '../../test/reference';
import { kaplanMeier, logRank, medianTime } from './survival';

interface Curve {
  table: { time: number; n_risk: number; n_event: number; surv: number; se: number | null }[];
  median: number | null;
}

const CLOSE = { rel: 1e-8, abs: 1e-10 };

describe.each(referenceCases('06-km').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const { time, event, group } = input as { time: number[]; event: number[]; group: string[] };
  const curves = expected.groups as Record<string, Curve>;
  const names = Object.keys(curves);
  const of = (name: string) => time.flatMap((t, i) => (group[i] === name ? [{ time: t, up: event[i] === 1 }] : []));

  test.each(names)('share not up yet: %s', (name) => {
    checking('kaplanMeier, medianTime');
    const steps = kaplanMeier(of(name));
    const table = curves[name]!.table.filter((row) => row.n_event > 0);
    expect(steps.map((s) => [s.time, s.atRisk, s.events])).toEqual(table.map((row) => [row.time, row.n_risk, row.n_event]));
    steps.forEach((s, i) => {
      expectReference(s.survival, table[i]!.surv, CLOSE);
      if (s.survival > 0) expectReference(s.se, table[i]!.se, CLOSE);
    });
    expectReference(medianTime(steps), curves[name]!.median, CLOSE);
  });

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

test('nothing up, or groups that never wait together, is no error', () => {
  expect(kaplanMeier([{ time: 5, up: false }])).toEqual([]);
  expect(medianTime([])).toBeNull();
  expect(logRank([[{ time: 5, up: false }], [{ time: 6, up: false }]])).toMatchObject({ ok: false });
  expect(logRank([[{ time: 5, up: true }]])).toMatchObject({ ok: false });
});
