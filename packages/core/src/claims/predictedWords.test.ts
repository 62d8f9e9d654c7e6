import { HEIGHT } from '../../test/records';
import { shownOf } from '../compare/shown';
import { type PredictedAndCame, predictedClaim } from './predictedWords';

const shown = shownOf({ follow: 'value', reach: '' }, HEIGHT, 'mm', { container: 'pot', seeds: false });

test('says who came nearest, how many foresaw more, and that the day is still to come', () => {
  const rows = [
    { team: 'Kites', predicted: 150, came: 120 },
    { team: 'Bells', predicted: 100, came: 108 },
    { team: 'Boats', predicted: 100, came: null },
  ];
  const finding = (said: Partial<PredictedAndCame>) => predictedClaim({ rows, askedDay: 16, day: 16, ...said }, shown).finding;
  expect(finding({})).toBe('Bells came nearest: 0.8 cm off. 1 of 2 teams predicted more than came.');
  expect(finding({ askedDay: 23 })).toMatch(/They said it for day 23; this is day 16\.$/);
  expect(finding({ rows: rows.slice(2) })).toBe('No plant of these teams was measured on this day.');
});
