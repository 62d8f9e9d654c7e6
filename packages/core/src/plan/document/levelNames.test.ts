import { startedPlan } from '../../../test/startedPlan';
import { nextLevel, withAmount, withUnit } from './levelNames';

const salt = startedPlan('salt-steps').factors[0]!;

test('a name that says its amount follows it; one that somebody gave stays', () => {
  expect(withAmount({ label: '25 mmol/L', amount: 25 }, 30, 'mmol/L')).toEqual({ label: '30 mmol/L', amount: 30 });
  expect(withAmount({ label: '', amount: null }, 30, 'mmol/L')).toEqual({ label: '30 mmol/L', amount: 30 });
  expect(withAmount({ label: 'no salt', amount: 0 }, 5, 'mmol/L')).toEqual({ label: 'no salt', amount: 5 });
  expect(withAmount({ label: '30 mmol/L', amount: 30 }, null, 'mmol/L')).toEqual({ label: '', amount: null });
});

test('another unit is said in the names too', () => {
  expect(withUnit(salt, 'g/L').levels.map((l) => l.label)).toEqual(['no salt', '25 g/L', '50 g/L', '100 g/L']);
});

test('one more goes on with the last step, and has no amount where there is none to go on with', () => {
  expect(nextLevel(salt)).toEqual({ label: '150 mmol/L', amount: 150 });
  expect(nextLevel(startedPlan('light-and-dark').factors[0]!)).toEqual({ label: '', amount: null });
});
