import { measureOf } from '../measures/registry';
import { readQuickEntry } from './quickEntry';

const height = measureOf('height')!;
const tall = (value: number, typed: string) => ({
  state: 'measured',
  finding: { measure: 'height', value, choice: null, typed },
});

test.each([
  ['12.4', 'mm', tall(124, '12.4 cm')],
  ['12,4', 'mm', tall(124, '12,4 cm')],
  ['124 mm', 'mm', tall(124, '124 mm')],
  ['3 1/4', 'quarter-in', tall(82.55, '3 1/4 in')],
  ['N', 'mm', { state: 'not-up' }],
  ['–', 'mm', { state: 'not-checked' }],
  ['-', 'mm', { state: 'not-checked' }],
  ['?', 'mm', { state: 'not-checked' }],
  ['xk', 'mm', { state: 'lost', lostReason: 'knocked-over' }],
  [' Xd ', 'mm', { state: 'lost', lostReason: 'dried-out' }],
] as const)('“%s” on a ruler in %s is read', (text, resolution, found) =>
  expect(readQuickEntry(text, height, resolution)).toEqual({ ok: true, ...found }),
);

test.each([
  ['0', /^Zero is not a height/],
  ['0,0', /^Zero is not a height/],
  ['z', /not one of the letters/],
  ['1200', /at most 10 metres/],
  ['-4', /\.$/],
  ['', /\.$/],
])('“%s” is refused with a sentence', (text, sentence) => {
  const found = readQuickEntry(text, height, 'mm');
  expect(found.ok ? '' : found.reason).toMatch(sentence);
});

test('a cell holds what its measure finds: a mass, a share, a choice', () => {
  const read = (code: string, text: string) => {
    const found = readQuickEntry(text, measureOf(code)!, 'mm');
    return found.ok && found.state === 'measured' ? (found.finding.value ?? found.finding.choice) : found;
  };
  expect(read('fresh-mass', '420 mg')).toBe(0.42);
  expect(read('percent-green', '62 %')).toBe(62);
  expect(read('vigour', 'pale or limp')).toBe('fair');
  expect(read('leaves', '0')).toBe(0);
  expect(read('leaves', '2.5')).toMatchObject({ ok: false, reason: 'The number of leaves is a whole number.' });
});
