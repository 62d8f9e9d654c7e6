import { benchProtocol } from './benchOfPlan';
import { planFrom } from '../plan/document/startingPoints';
import { newOwnMeasure } from '../measures/ownMeasure';
import { MOST_TAGGED } from './benchProtocol';

const mould = { ...newOwnMeasure('m'), name: 'Mould', unit: '%' };
const plan = planFrom('salt-steps', { gradeBand: 'middle', teams: 7, today: '2026-03-02' }, 11);

describe('what a plan asks for at the bench', () => {
  test('tagged plants are as many as are kept, up to what a lesson can measure', () => {
    const tagged = (keep: number) => benchProtocol({ ...plan, protocol: { ...plan.protocol, seedlings: 'tagged' }, keep }).plants;
    expect([1, 3, 40].map(tagged)).toEqual([1, 3, MOST_TAGGED]);
  });

  test('the tallest is one, and so is a patch or a count without heights', () => {
    const three = { ...plan, keep: 3 };
    expect(benchProtocol({ ...three, protocol: { ...plan.protocol, seedlings: 'tallest' } }).plants).toBe(1);
    expect(benchProtocol({ ...three, kind: 'patch' }).plants).toBe(1);
    expect(benchProtocol({ ...three, measures: ['seeds-up'] }).plants).toBe(1);
  });

  test('own measures need a name, and a pot at home is known as one', () => {
    const own = benchProtocol({ ...plan, ownMeasures: [mould, { ...mould, code: 'n', name: '  ' }], assignment: 'own-pot' });
    expect(own.own.map((m) => m.code)).toEqual(['m']);
    expect(own.atHome).toBe(true);
    expect(benchProtocol(plan).atHome).toBe(false);
  });
});
