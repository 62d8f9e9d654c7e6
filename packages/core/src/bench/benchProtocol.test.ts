import { benchProtocol } from './benchOfPlan';
import { planFrom } from '../plan/document/startingPoints';
import { MOST_TAGGED, type OwnMeasure, ownProblem, stagesOf } from './benchProtocol';

const number = (part: Partial<OwnMeasure> = {}): OwnMeasure => ({
  id: 'm',
  name: 'Mould',
  kind: 'number',
  unit: '%',
  min: 0,
  max: 100,
  choices: [],
  ...part,
});
const plan = planFrom('salt-steps', { gradeBand: 'middle', teams: 7, today: '2026-03-02' }, 11);

test.each([
  [number(), 30, null],
  [number(), '12.5', null],
  [number(), 101, 'Mould is at most 100 %.'],
  [number(), -1, 'Mould is at least 0 %.'],
  [number({ unit: '', min: 1 }), 0, 'Mould is at least 1.'],
  [number(), 'some', 'Mould is a number.'],
  [number({ min: null, max: null }), 1e6, null],
  [number({ kind: 'choice', choices: ['none', 'some'] }), 'some', null],
  [number({ kind: 'choice', choices: ['none', 'some'] }), 'much', 'Choose one of: none, some.'],
])('an own measure %j takes or refuses %j', (measure, value, sentence) => expect(ownProblem(measure, value)).toBe(sentence));

test('grasses and broad-leaved plants go through their own stages', () => {
  expect(stagesOf('grass')).not.toContain('seed-leaves');
  expect(stagesOf('broad')).toContain('seed-leaves');
});

describe('what a plan asks for at the bench', () => {
  test('tagged plants are as many as are kept, up to what a lesson can measure', () => {
    const tagged = (keep: number) => benchProtocol({ ...plan, protocol: { ...plan.protocol, seedlings: 'tagged' }, keep }).plants;
    expect([1, 3, 40].map(tagged)).toEqual([1, 3, MOST_TAGGED]);
  });

  test('the tallest is one, and so is a patch or a count without heights', () => {
    const three = { ...plan, keep: 3 };
    expect(benchProtocol({ ...three, protocol: { ...plan.protocol, seedlings: 'tallest' } }).plants).toBe(1);
    expect(benchProtocol({ ...three, kind: 'patch' }).plants).toBe(1);
    expect(benchProtocol({ ...three, measures: ['count-up'] }).plants).toBe(1);
  });

  test('own measures need a name, and a pot at home is known as one', () => {
    const own = benchProtocol({ ...plan, ownMeasures: [number(), number({ id: 'n', name: '  ' })], assignment: 'own-pot' });
    expect(own.own.map((m) => m.id)).toEqual(['m']);
    expect(own.atHome).toBe(true);
    expect(benchProtocol(plan).atHome).toBe(false);
  });
});
