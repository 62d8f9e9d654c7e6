import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { emptyEntry, isComplete, padKeys, pressKey, typedMm } from './entry';

const type = (keys: string[], resolution: RulerResolution) =>
  keys.reduce((entry, key) => pressKey(entry, key, resolution), emptyEntry(resolution));

test.each([
  [['1', '6', '.', '5'], 'mm', 165],
  [['mm', '1', '6', '5'], 'mm', 165],
  [['1', '6', '.5'], 'half-cm', 165],
  [['1', '6'], 'cm', 160],
  [['6', '¼'], 'quarter-in', 158.75],
  [['½'], 'quarter-in', 12.7],
  [['1', '2', '.', '3', '4', '9'], 'mm', 123],
] as [string[], RulerResolution, number][])('%j on a %s ruler', (keys, resolution, mm) =>
  expect(typedMm(type(keys, resolution))).toBeCloseTo(mm, 6),
);

test('steps move along the marks of the ruler and never below the soil', () => {
  expect(typedMm(type(['1', '6', 'step-up'], 'half-cm'))).toBe(165);
  expect(typedMm(type(['6', '¾', 'step-up'], 'quarter-in'))).toBeCloseTo(177.8, 6);
  expect(type(['step-up', 'step-down'], 'mm').state).toBeNull();
});

test('a fraction is replaced, not added to, and a second point does nothing', () => {
  expect(type(['6', '¼', '½'], 'quarter-in').digits).toBe('6½');
  expect(type(['6', '¼', '2'], 'quarter-in').digits).toBe('6¼');
  expect(type(['1', '.', '.', '5'], 'mm').digits).toBe('1.5');
});

test('erasing everything asks again; typing takes a state back', () => {
  expect(isComplete(type(['4', 'erase'], 'mm'))).toBe(false);
  const lost = { ...emptyEntry('mm'), state: 'lost' as const };
  expect(isComplete(lost)).toBe(false);
  expect(isComplete({ ...lost, lostReason: 'eaten' })).toBe(true);
  expect(pressKey(lost, '7', 'mm')).toMatchObject({ state: 'measured', digits: '7' });
});

test('every pad has sixteen places, all digits and a way to erase', () => {
  for (const resolution of ['cm', 'half-cm', 'mm', 'quarter-in'] as const) {
    const keys = padKeys(resolution);
    expect(keys).toHaveLength(16);
    expect(keys.filter((k) => /^\d$/.test(k ?? ''))).toHaveLength(10);
    expect(keys).toContain('erase');
  }
});
