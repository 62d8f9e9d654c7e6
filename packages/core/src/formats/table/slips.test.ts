import { numberMeant, slipOf, slipsBetween } from './slips';

test.each([
  ['1O', '10'],
  [' l2 ', '12'],
  ['5S', '55'],
  ['z4', '24'],
  ['B1', '81'],
  ['1O,S', '10,5'],
  ['ca. 12', '12'],
  ['about 7.5', '7.5'],
  ['~4', '4'],
  ['<3', '3'],
  ['12?', '12'],
  ['12 (new leaf)', '12'],
  ['(9)', '9'],
  ['12 ± 1', '12'],
  ['12 +/- 0.5', '12'],
  ['4-5', '4.5'],
  ['4 to 5', '4.5'],
  ['1,5–2,5', '2'],
  ['1..5', '1.5'],
  ['1 2', '12'],
  ['12.', '12'],
])('“%s” is meant as %s', (typed, meant) => {
  expect(numberMeant(typed)?.text).toBe(meant);
});

test.each(['12', '1.5', 'O', 'tall', '', '5-4', '4-4', '?', '12 cm', 'ca. tall', 'B', '1O1x'])(
  '“%s” is left as it is',
  (typed) => {
    expect(numberMeant(typed)).toBeNull();
  },
);

test('why it is read so is said', () => {
  expect(numberMeant('1O')!.why).toContain('O');
  const reasons = ['1O', '~4', '4-5', '1..5'].map((typed) => numberMeant(typed)!.why);
  expect(new Set(reasons).size).toBe(4);
});

test.each([
  ['salt', 'salt', 0],
  ['salt', 'slat', 1],
  ['salt', 'sal', 1],
  ['salt', 'saalt', 1],
  ['salt', 'silt', 1],
  ['salt', 'lsat', 2],
  ['ab', 'ba', 1],
  ['salt', 'pepper', 6],
  ['', 'ab', 2],
])('between “%s” and “%s” lie %d slips', (a, b, slips) => {
  expect(slipsBetween(a, b, 6)).toBe(slips);
  expect(slipsBetween(b, a, 6)).toBe(slips);
});

test('words of too different a length are not gone through', () => {
  expect(slipsBetween('ab', 'abcd')).toBe(2);
  expect(slipsBetween('ab', 'abcde')).toBe(3);
  expect(slipsBetween('ab', 'abcdefgh')).toBe(3);
});

const slip = (name: string, times: Record<string, number>) => slipOf(name, new Map(Object.entries({ [name]: 1, ...times })));

test('a name that stands once or twice beside one that stands often is a slip of it', () => {
  expect(slip('slat', { salt: 4 })).toBe('salt');
  expect(slip('slat', { salt: 3 })).toBeNull();
  expect(slip('slat', { slat: 2, salt: 8 })).toBe('salt');
  expect(slip('slat', { slat: 2, salt: 7 })).toBeNull();
  expect(slip('slat', { slat: 3, salt: 40 })).toBeNull();
  expect(slip('SALT', { salt: 8 })).toBe('salt');
});

test('of two it may be, the one that stands more often is meant', () => {
  expect(slip('fertiliser', { fertilizer: 8, fertilizers: 20 })).toBe('fertilizers');
});

test('short names and names with other figures are names of their own', () => {
  expect(slip('dr', { dry: 9 })).toBeNull();
  expect(slip('dri', { dry: 9 })).toBe('dry');
  expect(slip('dray', { dry: 9 })).toBe('dry');
  expect(slip('drips', { dry: 9 })).toBeNull();
  expect(slip('wett', { water: 9 })).toBeNull();
  expect(slip('wattr', { water: 9 })).toBe('water');
  expect(slip('salt 2', { 'salt 1': 9 })).toBeNull();
  expect(slip('slat 1', { 'salt 1': 9 })).toBe('salt 1');
});
