import { checking, expectReference, referenceCases } from '../../test/reference';
import { kaplanMeier, logRank, type SurvivalScale } from './survival';

interface Curve {
  table: ({ time: number; n_risk: number; n_event: number; surv: number; se: number | null } & Record<string, number>)[];
  median: number | null;
  rmst_to_last: number;
  median_ci95_plain: (number | null)[];
  median_ci95_log: (number | null)[];
  median_ci95_loglog: (number | null)[];
}

const SCALES: [SurvivalScale, 'plain' | 'log' | 'loglog'][] = [
  ['plain', 'plain'],
  ['log', 'log'],
  ['log-log', 'loglog'],
];

const CLOSE = { rel: 1e-8, abs: 1e-10 };

describe.each(referenceCases('06-km').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const { time, event, group } = input as { time: number[]; event: number[]; group: string[] };
  const curves = expected.groups as Record<string, Curve>;
  const names = Object.keys(curves);
  const of = (name: string) => time.flatMap((t, i) => (group[i] === name ? [{ time: t, up: event[i] === 1 }] : []));

  test.each(names)('share not up yet: %s', (name) => {
    checking('kaplanMeier');
    const found = kaplanMeier(of(name));
    if (!found.ok) throw new Error(found.reason);
    const { steps } = found;
    const table = curves[name]!.table.filter((row) => row.n_event > 0);
    expect(steps.map((s) => [s.time, s.atRisk, s.events])).toEqual(table.map((row) => [row.time, row.n_risk, row.n_event]));
    steps.forEach((s, i) => {
      expectReference(s.survival, table[i]!.surv, CLOSE);
      if (s.survival > 0) expectReference(s.se, table[i]!.se, CLOSE);
    });
    expectReference(found.median, curves[name]!.median, CLOSE);
    expectReference(found.restrictedMean, curves[name]!.rmst_to_last, CLOSE);
  });

  test.each(names.flatMap((name) => SCALES.map(([scale, key]) => [name, scale, key] as const)))(
    'limits of %s on the %s scale, and the interval of the median',
    (name, scale, key) => {
      checking('kaplanMeier, limits');
      const found = kaplanMeier(of(name), scale);
      if (!found.ok) throw new Error(found.reason);
      const table = curves[name]!.table.filter((row) => row.n_event > 0);
      found.steps.forEach((s, i) => {
        if (s.survival === 0) return expect(s.limits).toBeNull();
        expectReference(s.limits!.low, table[i]![`${key}_low`], CLOSE);
        expectReference(s.limits!.high, table[i]![`${key}_high`], CLOSE);
      });
      const [low, high] = curves[name]![`median_ci95_${key}`];
      expectReference(found.medianInterval.low, low ?? null, CLOSE);
      expectReference(found.medianInterval.high, high ?? null, CLOSE);
    },
  );

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
  expect(kaplanMeier([{ time: 5, up: false }])).toMatchObject({ ok: true, steps: [], median: null, restrictedMean: 5 });
  expect(kaplanMeier([])).toMatchObject({ ok: false });
  expect(logRank([[{ time: 5, up: false }], [{ time: 6, up: false }]])).toMatchObject({ ok: false });
  expect(logRank([[{ time: 5, up: true }]])).toMatchObject({ ok: false });
});
