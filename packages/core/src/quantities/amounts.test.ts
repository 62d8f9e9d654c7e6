import fc from 'fast-check';
import { metricRange, roundUpKitchen, roundUpMetric } from './kitchenMeasure';
import { formatMass, parseMass } from './mass';
import { formatVolume, type Kitchen, ML_PER, parseVolume, type VolumeUnit } from './volume';

const ml = (text: string, kitchen?: Kitchen) => {
  const read = parseVolume(text, kitchen);
  return read.ok ? read.value : read.reason;
};

test.each([
  ['250 mL', 'metric', 250],
  ['1 1/2 cups', 'us', 354.88235475],
  ['1½ cups', 'metric', 375],
  ['¼ tsp', 'us', 1.2322303984375],
  ['2,5 l', 'metric', 2500],
  ['1 tbsp', 'australian', 20],
  ['1 cup + 2 tbsp', 'metric', 280],
  ['1 gal', 'us', 3785.411784],
  ['1 fl oz', 'us', 29.5735295625],
  ['1 fl oz', 'metric', 28.4130625],
  ['1 cu ft', 'us', 28316.846592],
] as const)('reads %s in a %s kitchen', (text, kitchen, value) => {
  expect(ml(text, kitchen)).toBeCloseTo(value, 8);
});

test.each([
  ['', 'Nothing'],
  ['a pinch', 'hand to hand'],
  ['20 drops', 'hand to hand'],
  ['-5 mL', 'below zero'],
  ['12', 'which unit'],
  ['1.2.3 mL', 'more than one decimal mark'],
  ['1/0 cup', 'divides by zero'],
  ['some', 'not a volume'],
])('refuses “%s” in words', (text, words) => {
  expect(ml(text)).toContain(words);
});

test('a volume survives the way into any unit and back', () => {
  const units = Object.keys(ML_PER.us) as VolumeUnit[];
  fc.assert(
    fc.property(
      fc.constantFrom(...units),
      fc.integer({ min: 1, max: 100_000 }),
      fc.constantFrom<Kitchen>('us', 'metric', 'australian'),
      (unit, hundredths, kitchen) => {
        const typed = `${hundredths / 100} ${unit.replace('-', ' ').replace('cubic foot', 'cu ft')}`;
        const read = parseVolume(typed, kitchen);
        expect(read.ok && read.value / ML_PER[kitchen][unit]).toBeCloseTo(hundredths / 100, 6);
      },
    ),
  );
});

test('masses are read as people write them', () => {
  expect(parseMass('1 lb + 4 oz')).toMatchObject({ ok: true, value: 566.9904625 });
  expect(parseMass('2,5 g')).toMatchObject({ value: 2.5, unit: 'g', text: '2,5 g' });
  expect(parseMass('heavy')).toMatchObject({ ok: false });
});

test('amounts are shown no finer than they can be measured', () => {
  expect([7.46, 85.4, 642, 2396, 12_340].map(formatVolume)).toEqual(['7.5 mL', '85 mL', '640 mL', '2.4 L', '12.3 L']);
  expect([0.42, 2.92, 29.2, 1234].map(formatMass)).toEqual(['420 mg', '2.9 g', '29 g', '1.23 kg']);
});

test('kitchen measures are never less than asked and at most one step more', () => {
  expect(roundUpMetric(32).text).toBe('35 mL');
  expect(roundUpKitchen(32, 'us').text).toBe('6½ tsp');
  expect(roundUpKitchen(250, 'metric').text).toBe('1 cup');
  expect(roundUpKitchen(251, 'metric').text).toBe('1¼ cups');
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 20_000, noNaN: true }),
      fc.constantFrom<Kitchen>('us', 'metric', 'australian'),
      (asked, kitchen) => {
        const kitchenMl = roundUpKitchen(asked, kitchen).ml;
        expect(kitchenMl).toBeGreaterThanOrEqual(asked - 1e-6);
        expect(kitchenMl - asked).toBeLessThanOrEqual(ML_PER[kitchen].cup / 4 + 1e-6);
        expect(roundUpMetric(asked).ml).toBeGreaterThanOrEqual(asked - 1e-6);
      },
    ),
  );
});

test('a range says one volume where both ends are measured alike', () => {
  expect(metricRange([32, 54])).toBe('35 mL to 55 mL');
  expect(metricRange([2.1, 4.8])).toBe('5 mL');
});
