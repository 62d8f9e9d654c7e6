import { checking, expectReference, referenceCases } from '../../test/reference';
import { groupRelativeRate } from './rates';

type Rows = { plant: string; t: number; h: number }[];
const [orange] = referenceCases('07-rgr-orange');
const rows = orange!.input.rows as Rows;

test('relative rate of the group as the difference of mean logs', () => {
  checking('groupRelativeRate');
  const { first, last } = orange!.input as { first: number; last: number };
  const at = (t: number) => [...new Set(rows.map((r) => r.plant))].map((p) => rows.find((r) => r.plant === p && r.t === t)!.h);
  const result = groupRelativeRate(at(first), at(last), last - first);
  if (!result.ok) throw new Error(result.reason);
  const group = orange!.expected.group as Record<string, number>;
  expectReference(result.rate, group.rgr_mean_of_logs);
  expectReference(result.seSamePlants, group.se_same_plants);
  expectReference(result.seOtherPlants, group.se_independent_harvests);
  expectReference(result.doublingTime, group.doubling_time);
});
