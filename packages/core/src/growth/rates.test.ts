import { checking, expectReference, referenceCases } from '../../test/reference';
import { areaUnderCurve, groupRelativeRate, growthSteps } from './rates';

type Rows = { plant: string; t: number; h: number }[];
interface Plant {
  intervals: { from: number; to: number; agr: number; rgr: number }[];
  auc: number;
}

const [orange] = referenceCases('07-rgr-orange');
const rows = orange!.input.rows as Rows;
const plants = orange!.expected.plants as Record<string, Plant>;
const seriesOf = (plant: string) => {
  const own = rows.filter((r) => r.plant === plant);
  return { t: own.map((r) => r.t), h: own.map((r) => r.h) };
};

test.each(Object.entries(plants))('rates and area of tree %s', (name, expected) => {
  checking('growthSteps, areaUnderCurve');
  const series = seriesOf(name);
  const found = growthSteps(series);
  if (!found.ok) throw new Error(found.reason);
  found.steps.forEach((step, i) => {
    expect([step.from, step.to]).toEqual([expected.intervals[i]!.from, expected.intervals[i]!.to]);
    expectReference(step.absolute, expected.intervals[i]!.agr);
    expectReference(step.relative, expected.intervals[i]!.rgr);
  });
  const area = areaUnderCurve(series);
  expectReference(area.ok ? area.area : null, expected.auc);
});

test('relative rate of the group as the difference of mean logs', () => {
  checking('groupRelativeRate');
  const { first, last } = orange!.input as { first: number; last: number };
  const at = (t: number) => Object.keys(plants).map((p) => rows.find((r) => r.plant === p && r.t === t)!.h);
  const result = groupRelativeRate(at(first), at(last), last - first);
  if (!result.ok) throw new Error(result.reason);
  const group = orange!.expected.group as Record<string, number>;
  expectReference(result.rate, group.rgr_mean_of_logs);
  expectReference(result.seSamePlants, group.se_same_plants);
  expectReference(result.seOtherPlants, group.se_independent_harvests);
  expectReference(result.doublingTime, group.doubling_time);
});

test('a plant of no height has no relative rate, and says why', () => {
  expect(growthSteps({ t: [0, 2], h: [0, 10] })).toEqual({ ok: true, steps: [{ from: 0, to: 2, absolute: 5, relative: null }] });
  expect(growthSteps({ t: [2, 2], h: [1, 2] })).toMatchObject({
    ok: false,
    reason: expect.stringContaining('different days') as string,
  });
  expect(areaUnderCurve({ t: [2], h: [1] })).toMatchObject({ ok: false });
  expect(groupRelativeRate([0], [5], 3)).toMatchObject({ ok: false });
  expect(groupRelativeRate([5], [5], 3)).toMatchObject({ ok: true, seSamePlants: null, doublingTime: null });
});
