import { recordsOf, HEIGHT, heightsOn } from '../../test/records';
import { groupsOf } from '../compare/groups';
import { type ComparedRecords } from '../compare/records';
import { shownOf } from '../compare/shown';
import { surenessOf } from '../compare/sureness';
import { type GradeBand } from '../words/gradeBand';
import { contrastNumbers, dealtWithin, dealtWords, luckWords, oftenInWords, sayP, waysWords } from './luckWords';

const question = heightsOn('2026-03-19');
const shown = shownOf(question, HEIGHT, 'mm', { container: 'pot', seeds: false });
function sure(records: ComparedRecords) {
  const found = surenessOf(groupsOf(records, HEIGHT, question), question, null, { seed: 1, draws: 200 });
  if (!found.ok) throw new Error(found.reason);
  return found;
}

/** Six teams; the first lost its pot of D, and found more than the others. */
const UNEVEN = recordsOf({ A: [190, 140, 143, 144, 128, 146], B: [188, 142, 127, 128, 139, 133], D: [null, 78, 60, 58, 52, 57] });

test('a p and how often luck does it, as each is read', () => {
  expect([0.0004, 0.043, 0.0996, 0.231, 1].map(sayP)).toEqual(['p < 0.001', 'p = 0.043', 'p = 0.100', 'p = 0.23', 'p = 1.00']);
  expect([0.0004, 0.004, 0.012, 0.068, 1].map(oftenInWords)).toEqual([
    'less than once in 1,000',
    'less than once in 100',
    'once in 100',
    '7 times in 100',
    '100 times in 100',
  ]);
  expect([252, 3.4e14, Infinity].map(waysWords)).toEqual(['252', 'about 10^15', 'more than can be written down']);
});

test('each band hears as much of luck as it can use', () => {
  const found = sure(UNEVEN);
  const of = (band: GradeBand, key: string) =>
    luckWords(
      found.contrasts.find((c) => c.key === key)!,
      found,
      band,
    );
  expect(of('early', 'D')).toBe('luck alone hardly does that.');
  expect(of('early', 'B')).toBe('luck could have done that.');
  expect(of('primary', 'D')).toMatch(/^Luck makes a gap this big .* in 1[,0]+ deals\.$/);
  expect(of('middle', 'B')).toMatch(
    /^Dealt again, luck alone .* deals; counting how many we looked at, \d+ times in 100 deals\.$/,
  );
  expect(of('upper', 'B')).toMatch(/^p = 0\.\d+ alone, \d\.\d+ among all 2 looked at\.$/);
});

test('the plain difference stands beside the one within teams only where it differs and teams are known', () => {
  const numbers = (records: ComparedRecords) => {
    const found = sure(records);
    return contrastNumbers(
      found.contrasts.find((c) => c.key === 'D')!,
      shown,
      'no salt',
      dealtWithin(found, question),
    );
  };
  expect(numbers(UNEVEN)).toMatch(
    /^−\d\.\d cm, 95 % interval .*\. Plain difference of means: −\d\.\d cm; within teams it is fairer\.$/,
  );
  const together = { ...UNEVEN, containers: UNEVEN.containers.map((c) => ({ ...c, block: null })) };
  expect(numbers(together)).not.toMatch(/teams/);
});

test('labels are dealt within teams, within treatments where teams are compared, and freely where no team is known', () => {
  const deals = { method: 'exact' as const, arrangements: 252, draws: null };
  expect(dealtWords({ ...deals, blocks: 6 }, question)).toBe('all 252 ways to deal the labels within teams');
  expect(dealtWords({ ...deals, blocks: 4 }, { between: 'teams' })).toBe('all 252 ways to deal the labels within treatments');
  expect(dealtWords({ ...deals, blocks: 1 }, question)).toBe('all 252 ways to deal the labels');
  expect(dealtWords({ method: 'random', arrangements: 1e6, draws: 10_000, blocks: 6 }, question)).toBe(
    '10,000 deals of the labels within teams, drawn from 1,000,000 ways',
  );
});
