import { speak, wordsNow } from '@bright-sprout/words/words';
import { numberInWords } from './numberInWords';

test('thousands are set apart as the language that is spoken does it', () => {
  const english = wordsNow();
  expect([999, 1000, 1234567.4].map(numberInWords)).toEqual(['999', '1,000', '1,234,567']);
  speak(() => ({ ...english, locale: 'de' }));
  expect(numberInWords(1234567)).toBe('1.234.567');
  speak(() => english);
});
