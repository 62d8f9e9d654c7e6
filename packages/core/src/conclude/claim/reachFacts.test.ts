import { HEIGHT, heightsOn, recordsOf, seriesOf } from '../../../test/records';
import { groupsOf } from '../../compare/groups';
import { type Question } from '../../compare/question';
import { surenessOf } from '../../compare/sureness';
import { reachFactsOf } from './reachFacts';

const HEIGHTS = { A: [95, 99, 91, 97], B: [90, 96, 94, 92], C: [60, 58, 63, 55] };
const DAY = '2026-03-19';

function factsOf({
  heights = HEIGHTS as Record<string, (number | null)[]>,
  labels = {} as Record<string, string>,
  kinds = {} as Record<string, string>,
  part = {} as Partial<Question>,
  exceptions = [] as string[],
  design = seriesOf(0, 50, 100) as ReturnType<typeof seriesOf> | null,
  factor = 'salt',
}) {
  const plain = recordsOf(heights);
  const records = {
    ...plain,
    treatments: plain.treatments.map((t) => ({ ...t, label: labels[t.code] ?? t.label, kind: kinds[t.code] })),
  };
  const question = heightsOn(DAY, part);
  const groups = groupsOf(records, HEIGHT, question);
  const sureness = surenessOf(groups, question, null, { seed: 1, draws: 400 });
  return reachFactsOf({ records, groups, sureness, question, design, factor, exceptions, sizes: true, lastDay: DAY });
}
const namesOf = (facts: ReturnType<typeof factsOf>) => Object.fromEntries(facts.groups.map((g) => [g.key, g.names]));

test('a treatment goes by its label, its letter, its amount, and words that no other has', () => {
  const names = namesOf(factsOf({ labels: { A: 'no salt', B: '50 mmol/L', C: '100 mmol/L' } }));
  expect(names.B).toEqual(['50 mmol/l', '50', 'treatment b']);
  expect(names.C).toEqual(['100 mmol/l', '100', 'treatment c']);
  const drinks = namesOf(
    factsOf({ labels: { A: 'tap water', B: 'apple juice', C: 'orange juice' }, design: null, factor: 'drink' }),
  );
  expect(drinks.B).toEqual(['apple juice', 'apple', 'treatment b']);
  expect(drinks.C).toEqual(['orange juice', 'orange', 'treatment c']);
});

test('the control goes by what it is without; a word that names the factor stands for all of them', () => {
  const { A } = namesOf(factsOf({}));
  expect(A).toEqual(expect.arrayContaining(['no salt', 'without salt', 'control', 'controls', 'treatment a']));
  expect(A).not.toContain('salt');
  // An amount of nothing is no number to be called by.
  expect(A).not.toContain('0');
});

test('the factor as a whole: its words, and what amounts of it are called', () => {
  expect(factsOf({}).factor).toEqual(['salt', 'salty', 'concentration', 'dose', 'strength']);
  expect(factsOf({ design: null, factor: 'the colour of light' }).factor).toEqual([
    'the colour of light',
    'colour',
    'light',
    'coloury',
    'lighty',
  ]);
  expect(factsOf({ part: { between: 'teams' } }).factor).toEqual([]);
});

test('what was found: its direction, how clear it is, how much grew, of how many, until when', () => {
  const facts = factsOf({});
  expect(facts.contrasts).toEqual([
    { of: 'B', against: 'A', sign: -1, clear: false },
    { of: 'C', against: 'A', sign: -1, clear: true },
  ]);
  expect(facts).toMatchObject({ containers: 12, lastDay: 16, grew: { A: 99, B: 96, C: 63 }, sizes: true, later: false });
  expect(factsOf({ heights: { A: [95, 99, null], B: [60, 61, 62], C: [null, null, null] } })).toMatchObject({
    containers: 5,
    grew: { C: null },
  });
});

test('one cause is named only where treatments are compared, of one kind, and the plan was fair', () => {
  expect(factsOf({})).toMatchObject({ oneCause: true, unfair: null });
  expect(factsOf({ exceptions: ['C stood at one end.', 'B was sown later.'] })).toMatchObject({
    oneCause: false,
    unfair: 'C stood at one end.',
  });
  expect(factsOf({ kinds: { A: 'barley', B: 'oat' } }).oneCause).toBe(false);
  expect(factsOf({ part: { between: 'teams' } }).oneCause).toBe(false);
});

test('days are later, heights are more', () => {
  expect(factsOf({ part: { follow: 'sprouted' } }).later).toBe(true);
  expect(factsOf({ part: { follow: 'value' } }).later).toBe(false);
});
