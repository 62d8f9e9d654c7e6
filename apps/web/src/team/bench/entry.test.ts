import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { emptyEntry, isComplete, padKeys, pressKey, readingOf, typedMm, withFound } from './entry';
import { choiceFound, numberFound } from '@bright-sprout/core/measures/finding';

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

test('a plant taller than the ruler is measured in pieces that are added up', () => {
  expect(typedMm(type(['3', '0', '+', '1', '2', '.', '5'], 'mm'))).toBeCloseTo(425, 6);
  expect(type(['3', '0', '+'], 'mm').digits).toBe('30 + ');
  expect(isComplete(type(['3', '0', '+'], 'mm'))).toBe(false);
  expect(type(['3', '0', '+', 'erase'], 'mm').digits).toBe('30');
  expect(type(['+', '3', '+', '+', '4'], 'cm').digits).toBe('3 + 4');
});

test('what else was found shows that a plant is up; counting none that it is not', () => {
  const up = (n: number) => numberFound('seeds-up', n);
  const counted = withFound(emptyEntry('mm'), 'seeds-up', up(3));
  expect(counted).toMatchObject({ state: 'measured', found: [up(3)] });
  expect(isComplete(counted)).toBe(true);
  expect(withFound(counted, 'seeds-up', null).state).toBeNull();
  const none = withFound(type(['5'], 'mm'), 'seeds-up', up(0));
  expect(none).toMatchObject({ state: 'not-up', digits: '' });
  expect(withFound(none, 'seeds-up', up(1))).toMatchObject({ state: 'measured', found: [up(1)] });
  expect(withFound(type(['5'], 'mm'), 'stage', choiceFound('stage', 'hook'))).toMatchObject({ state: 'measured', digits: '5' });
});

test('an entry is sent with its question, answered or open, and the second height beside it', () => {
  const entry = { ...type(['7', '0'], 'mm'), secondDigits: '7' };
  expect(readingOf(entry, '2', { kind: 'decimal-point' }, 'old')).toEqual({
    plant: '2',
    state: 'measured',
    findings: [{ measure: 'height', typed: '70 cm' }],
    doubt: { kind: 'decimal-point', answer: null, secondMm: 70 },
    supersedes: 'old',
  });
  expect(readingOf(withFound(emptyEntry('mm'), 'seeds-up', numberFound('seeds-up', 0)), '1', null, null)).toEqual({
    plant: '1',
    state: 'not-up',
  });
});
