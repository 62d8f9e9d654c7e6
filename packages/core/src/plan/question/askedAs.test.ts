import { startedPlan } from '../../../test/startedPlan';
import { STARTING_POINTS } from '../document/startingPoints';
import { askedAs, checksInWords, levelsInWords } from './askedAs';

const sentence = (id: string, part = {}) =>
  askedAs(startedPlan(id, part))
    .map((p) => p.text)
    .join('');

test('every starting point reads as a question', () => {
  expect(STARTING_POINTS.map((s) => `${s.id}: ${sentence(s.id)}`)).toMatchSnapshot();
});

test('a series says where it goes; names are told one by one; amounts out of order are no series', () => {
  const [salt] = startedPlan('salt-steps').factors;
  expect(levelsInWords(salt!)).toBe('0 → 100 mmol/L in 4 steps');
  expect(levelsInWords({ ...salt!, levels: [...salt!.levels].reverse() })).toBe('100 mmol/L, 50 mmol/L, 25 mmol/L or no salt');
  expect(levelsInWords(startedPlan('light-and-dark').factors[0]!)).toBe('light or dark');
});

test('words that were left empty stand as gaps, never as nothing', () => {
  const plan = startedPlan('salt-steps');
  const empty = { ...plan.factors[0]!, name: ' ', levels: [{ label: '', amount: null }] };
  expect(sentence('salt-steps', { containersEach: -5 })).toContain(', in … cups,');
  expect(sentence('salt-steps', { factors: [empty], measures: [], speciesId: 'nobody-knows' })).toBe(
    'What happens to nothing yet of a kind of seed when something is …, in 7 cups, checked Mon Wed Fri?',
  );
});

test('the days of looking, from Monday, and whether some were chosen by hand', () => {
  const none = { checksAdded: [], checksSkipped: [] };
  expect(checksInWords({ cadence: { kind: 'weekdays', weekdays: [0, 5, 1] }, ...none })).toBe('Mon Fri Sun');
  expect(checksInWords({ cadence: { kind: 'weekdays', weekdays: [] }, ...none })).toBe('on no day yet');
  expect(checksInWords({ cadence: { kind: 'every', days: 3 }, ...none, checksSkipped: ['2026-03-12'] })).toBe(
    'every 3 days, some days by hand',
  );
});
