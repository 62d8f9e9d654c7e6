import { reading } from '../../test/records';
import { choiceFound, numberFound } from '../measures/finding';
import { newOwnMeasure } from '../measures/ownMeasure';
import { readingWords } from './readingWords';

const on = (part: Partial<Parameters<typeof reading>[0]>) => reading({ containerId: 'A1', ...part });
const mould = { ...newOwnMeasure('m'), name: 'Mould', unit: '%' };
const full = [
  numberFound('m', 40),
  numberFound('root-length', 12),
  choiceFound('vigour', 'fair'),
  choiceFound('stage', 'hook'),
  numberFound('leaves', 1),
  numberFound('seeds-up', 3),
  numberFound('height', 142),
  numberFound('fresh-mass', 1.5),
];

test('words name what was found in the order in which it is asked, and leave out what was not', () => {
  expect(readingWords(on({ heightMm: 142 }), { resolution: 'mm' })).toBe('14.2 cm');
  expect(readingWords(on({ findings: full }), { resolution: 'mm', own: [mould], sown: 4 })).toBe(
    '14.2 cm, 3 of 4 up, 1 leaf, a bent hook, pale or limp, length of the longest root 1.2 cm, fresh mass 1.50 g, Mould 40 %',
  );
});

test.each([
  ['lost', 'was eaten'],
  ['moved', 'moved elsewhere'],
  ['thinned', 'thinned out'],
  ['not-up', 'not up yet'],
  ['not-checked', 'could not check'],
] as const)('%s is not a number', (state, words) =>
  expect(readingWords(on({ state, lostReason: 'eaten' }), { resolution: 'mm' })).toBe(words),
);
