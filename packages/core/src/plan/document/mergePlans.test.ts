import fc from 'fast-check';
import { startedPlan } from '../../../test/startedPlan';
import { mergePlans, withoutRefused } from './mergePlans';
import { type PlanDocument } from './planDocument';

const base = startedPlan('salt-steps');
const withLevel = (plan: PlanDocument, at: number, label: string): PlanDocument => ({
  ...plan,
  factors: [{ ...plan.factors[0]!, levels: plan.factors[0]!.levels.map((l, i) => (i === at ? { ...l, label } : l)) }],
});

test('what two people changed in different places comes together', () => {
  const ours = withLevel({ ...base, question: 'Ours?' }, 0, 'no salt at all');
  const theirs = withLevel({ ...base, seedsEach: 9, room: { ...base.room, day: 23 } }, 1, 'a little');
  const merged = mergePlans(base, ours, theirs);
  expect(merged).toEqual(
    withLevel(
      withLevel({ ...base, question: 'Ours?', seedsEach: 9, room: { ...base.room, day: 23 } }, 0, 'no salt at all'),
      1,
      'a little',
    ),
  );
});

test('where both changed the same, ours stands; lists that grew are taken whole', () => {
  const ours = { ...base, question: 'Ours?', predictions: [] };
  const theirs = { ...base, question: 'Theirs?', doseMl: 33 };
  expect(mergePlans(base, ours, theirs)).toEqual({ ...ours, doseMl: 33 });
});

test('who changed nothing has the other version, whatever that is', () => {
  fc.assert(
    fc.property(fc.string(), fc.integer({ min: 0, max: 50 }), fc.boolean(), (question, seedsEach, moved) => {
      const changed: PlanDocument = { ...base, question, seedsEach, moved: moved ? { A1: 3 } : ({} as Record<string, number>) };
      expect(mergePlans(base, base, changed)).toEqual(changed);
      expect(mergePlans(base, changed, base)).toEqual(changed);
      expect(mergePlans(base, changed, changed)).toEqual(changed);
    }),
    { seed: 20260319 },
  );
});

test('a moved place that one took back and the other left alone is gone; one that was added is there', () => {
  const start = { ...base, moved: { A1: 3, B1: 4 } };
  const merged = mergePlans(start, { ...start, moved: { B1: 4 } }, { ...start, moved: { A1: 3, B1: 4, C1: 5 } });
  expect(merged.moved).toEqual({ B1: 4, C1: 5 });
});

test('what was refused is as it was saved; the rest is as it is now', () => {
  const now = withLevel({ ...base, question: 'New?', seedsEach: 1e12 }, 1, 'renamed');
  expect(withoutRefused(now, base, ['seedsEach'])).toEqual({ ...now, seedsEach: base.seedsEach });
  expect(withoutRefused(now, base, ['factors.0.levels.1.label'])).toEqual({ ...base, question: 'New?', seedsEach: 1e12 });
  // A place that was not there before: the whole of it stays as it was.
  const grown = { ...now, factors: [{ ...now.factors[0]!, levels: [...now.factors[0]!.levels, { label: 'x', amount: 1e15 }] }] };
  expect(withoutRefused(grown, base, ['factors.0.levels.4.amount']).factors[0]!.levels).toEqual(base.factors[0]!.levels);
  expect(withoutRefused(now, base, ['nowhere.0'])).toEqual(now);
});
