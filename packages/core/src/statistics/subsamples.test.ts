import { checking, expectReference, referenceCases } from '../../test/reference';
import { generatorFrom } from '../random/generator';
import { compareSubsamples, type Seedling } from './subsamples';

type Numbers = Record<string, number>;
const LMER = { rel: 1e-4, abs: 1e-5 };
const DF = { rel: 1e-3, abs: 1e-6 };

describe.each(referenceCases('10-mixed').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const found = compareSubsamples(input.rows as Seedling[], input.treatment_levels as [string, string]);
  const container = expected.container_means as {
    means: Record<string, Numbers>;
    difference: number;
    welch: Numbers;
    student: Numbers;
  };

  test('means of containers and their difference', () => {
    checking('containerMeans, welch, student');
    for (const m of found.means) expectReference(m.mean, container.means[m.treatment]![m.container]);
    for (const kind of ['welch', 'student'] as const) {
      const result = found[kind];
      if (!result.ok) throw new Error(result.reason);
      expectReference(result.difference, container.difference);
      expectReference(result.t, container[kind].t);
      expectReference(result.df, container[kind].df);
      expectReference(result.p, container[kind].p, { rel: 1e-7, abs: 1e-14 });
      expectReference(result.interval.low, container[kind].ci95_low);
      expectReference(result.interval.high, container[kind].ci95_high);
    }
  });

  test('the naive answer beside it', () => {
    if (!found.naive.ok) throw new Error(found.naive.reason);
    checking('compareSubsamples, naive');
    const naive = expected.naive as Numbers;
    expectReference(found.naive.t, naive.t);
    expectReference(found.naive.p, naive.p, { rel: 1e-7, abs: 1e-14 });
    expectReference(found.naive.se, naive.se);
  });

  test('variance between and within containers', () => {
    if (!found.parts.ok) throw new Error(found.parts.reason);
    checking('compareSubsamples, variance parts');
    const parts = expected.anova_components as Numbers;
    const { msTreatment, msContainers, msWithin, n0, between, f, p } = found.parts;
    [
      [msTreatment, 'ms_treatment'],
      [msContainers, 'MSC'],
      [msWithin, 'MSE'],
      [n0, 'n0'],
      [between, 'between'],
      [f, 'F_nested'],
    ].forEach(([v, key]) => expectReference(v as number, parts[key as string]));
    expectReference(p, parts.p_nested, { rel: 1e-7, abs: 1e-14 });
  });

  test('random intercept by restricted maximum likelihood', () => {
    if (!found.mixed.ok) throw new Error(found.mixed.reason);
    checking('compareSubsamples, mixed');
    const lmer = expected.lmer as Numbers;
    const { estimate, se, t, betweenVariance, residualVariance, icc, criterion, df, p } = found.mixed;
    [
      [estimate, 'estimate'],
      [se, 'se'],
      [t, 't'],
      [betweenVariance, 'var_between'],
      [residualVariance, 'var_residual'],
      [icc, 'icc'],
      [criterion, 'reml_criterion'],
    ].forEach(([v, key]) => expectReference(v as number, lmer[key as string], LMER));
    expectReference(df, lmer.df_satterthwaite, DF);
    expectReference(p, lmer.p_satterthwaite, DF);
    expectReference(found.designEffect, expected.design_effect, LMER);
  });
});

test('seedlings taken for containers cry wolf; container means do not', () => {
  const random = generatorFrom(8);
  const alarms = { naive: 0, student: 0 };
  for (let round = 0; round < 400; round++) {
    const rows = ['A', 'B'].flatMap((treatment) =>
      [1, 2, 3, 4, 5].flatMap((cup) => {
        const level = 100 + 12 * random.normal();
        return Array.from({ length: 5 }, () => ({ treatment, container: `${treatment}${cup}`, y: level + 6 * random.normal() }));
      }),
    );
    const found = compareSubsamples(rows, ['A', 'B']);
    if (found.naive.ok && found.naive.p < 0.05) alarms.naive++;
    if (found.student.ok && found.student.p < 0.05) alarms.student++;
  }
  expect(alarms.naive / 400).toBeGreaterThan(0.25);
  expect(alarms.student / 400).toBeLessThan(0.09);
});

test('one cup each, one plant each, all alike: reasons', () => {
  const rows = (a: number[][], b: number[][]): Seedling[] =>
    [a, b].flatMap((cups, t) => cups.flatMap((ys, c) => ys.map((y) => ({ treatment: 'AB'[t]!, container: `${t}${c}`, y }))));
  for (const [a, b] of [
    [[[1, 2]], [[3, 4]]],
    [
      [[1], [2]],
      [[3], [5]],
    ],
    [
      [
        [2, 2],
        [2, 2],
      ],
      [
        [2, 2],
        [2, 2],
      ],
    ],
  ] as [number[][], number[][]][]) {
    const found = compareSubsamples(rows(a, b), ['A', 'B']);
    expect(found.mixed).toMatchObject({ ok: false });
    expect(found.designEffect).toBeNull();
  }
});
