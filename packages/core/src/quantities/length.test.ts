import fc from 'fast-check';
import {
  formatLength,
  lengthIn,
  parseLength,
  RESOLUTION_MM,
  RESOLUTION_UNIT,
  roundToResolution,
  type RulerResolution,
} from './length';

const mm = (text: string, assumed?: 'cm' | 'in') => {
  const result = parseLength(text, assumed);
  return result.ok ? result.mm : result.reason;
};

test.each([
  ['6 1/4 in', 158.75],
  ['6¼"', 158.75],
  ['6-1/4 in', 158.75],
  ['2,5 cm', 25],
  ['15mm', 15],
  ['.5 cm', 5],
  ['1 ft 6 1/2 in', 469.9],
  ['½ in', 12.7],
  ['0.3 m', 300],
  ['12 + 6.5 in', 469.9],
  ['30 cm + 4,5 cm', 345],
  ['3 inches', 76.2],
])('reads %s as %d mm', (text, expected) => expect(mm(text)).toBeCloseTo(expected, 6));

test('takes the assumed unit for a bare number and keeps what was typed', () => {
  expect(parseLength(' 14.5 ', 'cm')).toEqual({ ok: true, mm: 145, text: '14.5', unit: 'cm' });
  expect(mm('15 + 4', 'in')).toBeCloseTo(482.6);
});

test.each([
  ['12', /centimetres, millimetres or inches/],
  ['-3 cm', /below zero/],
  ['4..5 cm', /decimal mark/],
  ['1.234,5 cm', /decimal mark/],
  ['1/0 in', /divides by zero/],
  ['tall', /not a length/],
  ['12 cm +', /missing after/],
  ['12 13 cm', /not one length/],
  ['', /Nothing/],
])('refuses %s in words', (text, reason) => expect(mm(text)).toMatch(reason));

test('rounds to the marks of each ruler and writes them as a class would', () => {
  expect(formatLength(163.2, 'mm')).toBe('16.3 cm');
  expect(formatLength(163.2, 'half-cm')).toBe('16.5 cm');
  expect(formatLength(165, 'cm')).toBe('17 cm');
  expect(formatLength(158.75, 'quarter-in')).toBe('6¼ in');
  expect(formatLength(6.35, 'quarter-in')).toBe('¼ in');
  expect(formatLength(-12, 'mm')).toBe('−1.2 cm');
});

test('writing and reading a rounded length gives it back, at every resolution', () => {
  const resolutions = Object.keys(RESOLUTION_MM) as RulerResolution[];
  fc.assert(
    fc.property(fc.double({ min: 10, max: 3000, noNaN: true }), fc.constantFrom(...resolutions), (length, resolution) => {
      const rounded = roundToResolution(length, resolution);
      expect(Math.abs(rounded - length)).toBeLessThanOrEqual(RESOLUTION_MM[resolution] / 2 + 1e-6);
      expect(mm(formatLength(rounded, resolution))).toBeCloseTo(rounded, 4);
      expect(mm(`${lengthIn(rounded, RESOLUTION_UNIT[resolution])} ${RESOLUTION_UNIT[resolution]}`)).toBeCloseTo(rounded, 3);
    }),
  );
});
