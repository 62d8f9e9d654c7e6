import { say } from '@bright-sprout/words/say';
import { spellAmerican } from '@bright-sprout/words/words';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { spelledBy } from './spelledBy';

afterEach(() => spellAmerican(false));

const look = (ruler: RulerResolution | undefined) => spelledBy({ data: { ruler } }, (data) => data.ruler);

test('a class that measures in inches is spelt as in America, until one in centimetres is looked at', () => {
  look('quarter-in');
  expect(say('measures.colourLeaves')).toBe('color of the leaves');
  look('mm');
  expect(say('measures.colourLeaves')).toBe('colour of the leaves');
});

test('what has not come yet, and a team without an investigation, changes nothing', () => {
  look('quarter-in');
  spelledBy({ data: undefined }, () => 'mm' as const);
  look(undefined);
  expect(say('measures.colourLeaves')).toBe('color of the leaves');
});
