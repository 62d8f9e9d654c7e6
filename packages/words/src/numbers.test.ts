import { decimal, figures, rounded } from './numbers';
import { speak, wordsNow } from './words';

const english = wordsNow();
afterEach(() => speak(() => english));

test('decimals that are kept, and those that are left out where they are noughts', () => {
  expect([decimal(13.9, 2), decimal(-0.5, 1), decimal(12345.6, 0)]).toEqual(['13.90', '−0.5', '12346']);
  expect([rounded(13.9, 2), rounded(2, 1), rounded(-1.25, 1)]).toEqual(['13.9', '2', '−1.3']);
  expect([figures(0.012345, 3), figures(1.2361, 3), figures(1240, 3)]).toEqual(['0.0123', '1.24', '1240']);
});

test('what rounds to nothing is not below it', () => {
  expect([decimal(-0.004, 2), rounded(-0.04, 1), figures(-0, 2)]).toEqual(['0.00', '0', '0']);
});

test('a language with a decimal comma has it', () => {
  speak(() => ({ ...english, locale: 'es-ES' }));
  expect([decimal(13.9, 1), rounded(0.25, 2), figures(1.2361, 3)]).toEqual(['13,9', '0,25', '1,24']);
});
