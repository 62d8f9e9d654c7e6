import { checking, expectReference, referenceCases } from '../../test/reference';
import { kruskalWallis } from './kruskalWallis';
import { oneWay, welchOneWay } from './severalGroups';

type Rows = { group: string; y: number }[];
type Numbers = Record<string, number>;

const SMALL_P = { rel: 1e-7, abs: 1e-13 };

describe.each(referenceCases('03-oneway').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const rows = input.rows as Rows;
  const names = [...new Set(rows.map((r) => r.group))];
  const of = (name: string) => rows.filter((r) => r.group === name).map((r) => r.y);
  const groups = names.map(of);

  test('analysis of variance', () => {
    const result = oneWay(groups);
    if (!result.ok) throw new Error(result.reason);
    const anova = expected.anova as Numbers;
    checking('oneWay');
    expectReference(result.ssBetween, anova.ss_between);
    expectReference(result.ssWithin, anova.ss_within);
    expectReference(result.dfWithin, anova.df_within);
    expectReference(result.f, anova.F);
    expectReference(result.eta2, anova.eta2);
    expectReference(result.p, anova.p, SMALL_P);
  });

  test('Welch’s comparison of means', () => {
    const result = welchOneWay(groups);
    if (!result.ok) throw new Error(result.reason);
    const expectedWelch = expected.welch_anova as Numbers;
    checking('welchOneWay');
    expectReference(result.f, expectedWelch.F);
    expectReference(result.dfDenominator, expectedWelch.df_den);
    expectReference(result.p, expectedWelch.p, SMALL_P);
  });

  test('Kruskal–Wallis with ties', () => {
    const result = kruskalWallis(groups);
    if (!result.ok) throw new Error(result.reason);
    const kruskal = expected.kruskal as Numbers;
    checking('kruskalWallis');
    expectReference(result.h, kruskal.H);
    expectReference(result.df, kruskal.df);
    expectReference(result.p, kruskal.p, { rel: 1e-7, abs: 1e-12 });
  });
});

test('groups that cannot be compared have a reason', () => {
  for (const result of [
    oneWay([[1, 2]]),
    oneWay([[1], [2]]),
    oneWay([
      [1, 1],
      [2, 2],
    ]),
    welchOneWay([
      [1, 1],
      [2, 3],
    ]),
    welchOneWay([[1], [2, 3]]),
  ])
    expect(result).toEqual({ ok: false, reason: expect.any(String) });
});
