import { startedPlan } from '../../../test/startedPlan';
import { kindsBeside, kindsCompared, withKindTurned } from './kindsCompared';

test('a kind joins those that are compared, and leaves them while two stay', () => {
  const plan = startedPlan('kinds-side-by-side');
  expect(kindsCompared(plan)).toEqual(['wheat', 'white_mustard', 'nasturtium']);
  const more = withKindTurned(plan, 'lettuce');
  expect(kindsCompared(more)).toEqual(['wheat', 'white_mustard', 'nasturtium', 'lettuce']);
  expect(more.factors[0]!.levels[3]).toEqual({ label: 'lettuce', amount: null, speciesId: 'lettuce' });
  const two = withKindTurned(plan, 'wheat');
  expect(kindsCompared(two)).toEqual(['white_mustard', 'nasturtium']);
  expect(withKindTurned(two, 'nasturtium')).toBe(two);
});

test('a plan of one kind compares none; its own kind stands beside another', () => {
  expect(kindsCompared(startedPlan('salt-steps'))).toEqual([]);
  for (const kind of ['barley', 'wheat', 'white_mustard']) {
    const levels = kindsBeside(kind).levels.map((l) => l.speciesId);
    expect([levels[0], new Set(levels).size]).toEqual([kind, 2]);
  }
});
