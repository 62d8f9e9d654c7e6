import { checking, expectReference, referenceCases } from '../../test/reference';
import { type AnovaLine, blockAnova, type BlockRow, twoWayAnova } from './factorialAnova';

interface Expected {
  ss: number;
  df: number;
  F: number;
  p: number;
}

const CLOSE = { rel: 1e-8, abs: 1e-12 };

function expectLine(actual: AnovaLine, expected: Expected): void {
  expectReference(actual.ss, expected.ss, CLOSE);
  expectReference(actual.df, expected.df);
  expectReference(actual.f, expected.F, CLOSE);
  expectReference(actual.p, expected.p, { rel: 1e-7, abs: 1e-14 });
}

test.each(referenceCases('03-twofactor').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  checking('twoWayAnova');
  const result = twoWayAnova((input.rows as { A: string; B: string; y: number }[]).map((r) => ({ a: r.A, b: r.B, y: r.y })));
  if (!result.ok) throw new Error(result.reason);
  const type2 = expected.type2 as Record<'A' | 'B' | 'AB', Expected>;
  expectLine(result.a, type2.A);
  expectLine(result.b, type2.B);
  expectLine(result.interaction, type2.AB);
  expectReference(result.residual.df, (expected.residual as Expected).df);
});

test.each(referenceCases('03-block').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  checking('blockAnova');
  const result = blockAnova(input.rows as BlockRow[]);
  if (!result.ok) throw new Error(result.reason);
  expectLine(result.block, expected.block as Expected);
  expectLine(result.treatment, expected.treatment as Expected);
  expectReference(result.residual.ss, (expected.residual as Expected).ss, CLOSE);
});

test('one level, one container a cell, or no spread has a reason', () => {
  const rows = (ys: number[]) => ys.map((y, i) => ({ a: i % 2 ? 'x' : 'y', b: i < 2 ? 'u' : 'v', y }));
  expect(twoWayAnova(rows([1, 2, 3, 4]))).toMatchObject({ ok: false });
  expect(twoWayAnova(rows([1, 2]))).toEqual({ ok: false, reason: 'Each factor needs at least two levels.' });
  expect(blockAnova([{ treatment: 'a', block: '1', y: 1 }])).toMatchObject({ ok: false });
});
