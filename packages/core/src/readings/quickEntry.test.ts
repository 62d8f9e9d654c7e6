import { readQuickEntry } from './quickEntry';
import { type Reading } from './reading';
import { readingWords } from './readingWords';

test.each([
  ['12.4', 'mm', { state: 'measured', typed: '12.4 cm', mm: 124 }],
  ['12,4', 'mm', { state: 'measured', typed: '12,4 cm', mm: 124 }],
  ['124 mm', 'mm', { state: 'measured', typed: '124 mm', mm: 124 }],
  ['3 1/4', 'quarter-in', { state: 'measured', typed: '3 1/4 in', mm: 82.55 }],
  ['N', 'mm', { state: 'not-up' }],
  ['–', 'mm', { state: 'not-checked' }],
  ['-', 'mm', { state: 'not-checked' }],
  ['?', 'mm', { state: 'not-checked' }],
  ['xk', 'mm', { state: 'lost', lostReason: 'knocked-over' }],
  [' Xd ', 'mm', { state: 'lost', lostReason: 'dried-out' }],
] as const)('“%s” on a ruler in %s is read', (text, resolution, found) =>
  expect(readQuickEntry(text, resolution)).toEqual({ ok: true, ...found }),
);

test.each([
  ['0', /^Zero is no height/],
  ['0,0', /^Zero is no height/],
  ['z', /not one of the letters/],
  ['1200', /at most 10 metres/],
  ['-4', /\.$/],
  ['', /\.$/],
])('“%s” is refused with a sentence', (text, sentence) => {
  const found = readQuickEntry(text, 'mm');
  expect(found.ok ? '' : found.reason).toMatch(sentence);
});

const reading = (part: Partial<Reading>) =>
  ({ state: 'measured', valueMm: null, leaves: null, more: null, lostReason: null, ...part }) as Reading;

test('words leave out what was not asked, and add what was', () => {
  expect(readingWords(reading({ valueMm: 142, leaves: 1 }), 'mm')).toBe('14.2 cm, 1 leaf');
  const mould = { id: 'm', name: 'Mould', kind: 'number' as const, unit: '%', min: null, max: null, choices: [] };
  const more = { countUp: 3, stage: 'hook' as const, vigour: 'fair' as const, rootMm: 12, own: { m: 40 } };
  expect(readingWords(reading({ more }), 'mm', [mould])).toBe('3 up, a bent hook, pale or limp, root 12 mm, Mould 40 %');
  expect(readingWords(reading({ state: 'lost', lostReason: 'eaten' }), 'mm')).toBe('was eaten');
  expect(readingWords(reading({ state: 'moved' }), 'mm')).toBe('moved elsewhere');
});
