import { METHODS } from '../seeds/catalogue';
import { counted, plural } from './plural';

test.each([
  ['cup', 'cups'],
  ['box', 'boxes'],
  ['leaf', 'leaves'],
  ['entry', 'entries'],
  ['tray', 'trays'],
])('several of a %s are %s', (one, several) => expect(plural(one)).toBe(several));

test('one stays one, none and many are several', () => {
  expect([0, 1, 28].map((n) => counted(n, 'box'))).toEqual(['0 boxes', '1 box', '28 boxes']);
});

test('what the catalogue does not know is refused, not guessed', () => {
  expect(() => plural('flask')).toThrow('flask');
});

test('every container of the catalogue has a plural that can be read aloud', () => {
  for (const { container } of METHODS)
    expect(plural(container)).toMatch(/(cups|bags|jars|sponges|pots|cells|sections|rows|boxes)$/);
});
