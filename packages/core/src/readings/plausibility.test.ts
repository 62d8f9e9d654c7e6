import { plausibilityReport, printReport } from '../../test/plausibilityReport';
import { report as reportLine } from '../../test/reference';
import { SPECIES, speciesById } from '../seeds/catalogue';
import { doubtQuestion, INTENT_WORDS } from './doubtWords';
import { doubtAbout, expectedHeight, type NewHeight, type Surroundings } from './plausibility';

const barley = speciesById('barley')!;
const around: Surroundings = {
  species: barley,
  resolution: 'mm',
  temperature: 20,
  before: { dayNumber: 12, valueMm: 110 },
  notUpOn: null,
  twinsMm: [118, 125, 121, 130],
  neighbours: [{ code: 'B2', dayNumber: 12, valueMm: 45 }],
  seedlings: 1,
};
const ask = (part: Partial<NewHeight>, more: Partial<Surroundings> = {}) =>
  doubtAbout({ valueMm: 125, dayNumber: 14, today: 14, ...part }, { ...around, ...more });

test.each([
  ['a plant that has grown', {}, null],
  ['inches', { valueMm: 48 }, 'inches'],
  ['a slipped point upwards', { valueMm: 1250 }, 'decimal-point'],
  ['a slipped point downwards', { valueMm: 12 }, 'decimal-point'],
  ['the neighbour', { valueMm: 68 }, 'neighbour'],
  ['a fall', { valueMm: 92 }, 'shrank'],
  ['sowing day', { dayNumber: 0 }, 'sowing-day'],
  ['tomorrow', { dayNumber: 15 }, 'in-the-future'],
  ['before sowing', { dayNumber: -2 }, 'before-sowing'],
  ['far too early', { dayNumber: 1, valueMm: 20 }, 'too-early'],
  ['a leap', { valueMm: 215 }, 'grew-too-fast'],
])('%s', (_, height, kind) => {
  expect(ask(height)?.kind ?? null).toBe(kind);
});

test('the question names what would fit, and offers reasons', () => {
  const found = ask({ valueMm: 48 })!;
  expect(found.insteadMm).toBeCloseTo(121.9, 1);
  const words = doubtQuestion(found, 48, 'mm', 110);
  expect(words).toContain('12.2 cm');
  expect(found.intents.map((i) => INTENT_WORDS[i])).toContain('The other side of the ruler');
  for (const part of [
    { valueMm: 92 },
    { valueMm: 215 },
    { valueMm: 68 },
    { dayNumber: 0 },
    { dayNumber: 15 },
    { dayNumber: -2 },
    { valueMm: 1250 },
    { dayNumber: 1 },
  ])
    expect(doubtQuestion(ask(part)!, part.valueMm ?? 125, 'mm', 110)).toMatch(/\?/);
});

test('the other side of the ruler is the one that was not asked for', () => {
  expect(ask({ valueMm: 312 })?.kind).toBe('grew-too-fast');
  expect(ask({ valueMm: 312 }, { resolution: 'quarter-in' })?.kind).toBe('centimetres');
  expect(ask({ valueMm: 48 }, { resolution: 'quarter-in' })?.kind).not.toBe('inches');
});

test('a ruler of whole centimetres is allowed its own coarseness', () => {
  expect(ask({ valueMm: 100 }, { resolution: 'cm' })).toBeNull();
  expect(ask({ valueMm: 90 }, { resolution: 'cm' })?.kind).toBe('shrank');
});

test('without a past the twins are the measure; with neither nothing is asked', () => {
  expect(ask({ valueMm: 49 }, { before: null })?.kind).toBe('inches');
  expect(ask({ valueMm: 49 }, { before: null, twinsMm: [] })).toBeNull();
  expect(expectedHeight(14, { ...around, before: null, twinsMm: [100, 120, 130, 110] })).toBe(115);
});

test('in a crowded pot the seedling itself is asked after', () => {
  expect(ask({ valueMm: 92 }, { seedlings: 4 })!.intents).toContain('other-seedling');
});

test('honest classes are asked about less than one reading in fifty, and slips are caught at the stated rates', () => {
  const report = plausibilityReport(SPECIES, 'mm', [1, 2]);
  process.stdout.write(`${printReport(report)}\n`);
  reportLine({ plausibility: printReport(report) });
  expect(report.honest.rate).toBeLessThan(0.02);
  expect(report.vigorous.rate).toBeLessThan(0.02);
  const { slips } = report;
  expect(slips.inches.rate).toBeGreaterThan(0.85);
  expect(slips['ten times'].rate).toBeGreaterThan(0.95);
  expect(slips['a tenth'].rate).toBeGreaterThan(0.85);
  expect(slips['sowing date'].rate).toBe(1);
  expect(slips.neighbour.rate).toBeGreaterThan(0.35);
  // One reading from the ruler's end cannot be told from growth: prevented by the picture, found by a second measure.
  expect(slips['ruler end'].rate).toBeLessThan(0.2);
  for (const resolution of ['cm', 'quarter-in'] as const)
    expect(plausibilityReport([barley, speciesById('garden_cress')!], resolution, [3]).honest.rate).toBeLessThan(0.02);
});

test('a seedling that was not up and is tall at once is asked about without a height from before', () => {
  const found = ask({ valueMm: 190 }, { before: null, notUpOn: 12, twinsMm: [] })!;
  expect(found.kind).toBe('grew-too-fast');
  expect(doubtQuestion(found, 190, 'mm', null)).toBe(
    '19.0 cm already? It was not up at the last check. Is the ruler’s zero at the soil?',
  );
});
