import fc from 'fast-check';
import { heightsOn, reading, recordsOf } from '../../test/records';
import { compareOnDay } from '../compare/compareOnDay';
import { claimSentence } from './claimSentence';
import { GRADE_BANDS, type GradeBand } from '../words/gradeBand';

const subject = { kind: 'barley', container: 'pot', dayNumber: 16, resolution: 'mm' as const };
const claimOf = (heights: Record<string, (number | null)[]>, band: GradeBand = 'primary') =>
  claimSentence(compareOnDay(recordsOf(heights), heightsOn('2026-03-19'), 1), { ...subject, band });
const CLASS = { A: [140, 143, 144, 128, 146, 160, 117], B: [144, 142, 127, 128, 109, 133, 142], D: [49, 78, 60, 58, 52, 57, 61] };

test('speaks of direction, size, kind and day, and of what it cannot tell', () => {
  const claim = claimOf(CLASS);
  expect(claim.finding).toBe(
    'On day 16 the barley with salt D was shorter than with no salt: by about 8 cm. For salt B, these pots cannot tell yet.',
  );
  expect(claim.evidence).toBe('21 pots measured.');
});

test('each band hears as much as it can use', () => {
  const words = (band: GradeBand) => claimOf(CLASS, band).finding;
  expect(words('early')).toBe(
    'The barley with salt D was shorter than the barley with no salt. About salt B we cannot tell yet.',
  );
  const sure = (band: GradeBand) => claimOf(CLASS, band).certainty.join(' ');
  expect(words('middle')).toMatch(/by about 8\.0 cm\. For salt B, these pots cannot tell yet\.$/);
  expect(sure('middle')).toMatch(
    /^salt D: the range is \d\.\d to \d\.\d cm; such ranges are right in 95 of 100 classes\. Shuffled labels give so large a difference (less than once|about)/,
  );
  expect(sure('upper')).toMatch(
    /salt D: 95 % interval \d\.\d to \d\.\d cm; shuffled within teams, p [<=] 0\.\d+, adjusted for the number of treatments\./,
  );
  expect(sure('upper')).toMatch(/salt B: these pots leave anything from −\d\.\d cm to \+\d\.\d cm open/);
  expect([sure('early'), sure('primary')]).toEqual(['', '']);
});

test('what the plan still owes is said with the claim', () => {
  const comparison = compareOnDay(recordsOf(CLASS), heightsOn('2026-03-19'), 1);
  const claim = claimSentence(comparison, { ...subject, planCautions: ['All of D stood by the window.'] });
  expect(claim.cautions).toContain('All of D stood by the window.');
});

test('the class’s own reading error stands beside differences that are hardly larger', () => {
  const comparison = compareOnDay(recordsOf(CLASS), heightsOn('2026-03-19'), 1);
  const cautionsWith = (readingErrorMm: number) => claimSentence(comparison, { ...subject, readingErrorMm }).cautions.join(' ');
  expect(cautionsWith(8)).toMatch(/values about 0\.8 cm apart: salt B differs from the control by less than twice that/);
  expect(cautionsWith(2)).not.toMatch(/twice that/);
});

test('names survivors, blanks and small numbers', () => {
  const claim = claimOf({ A: [140, 143, 144, 128, 146], D: [49, 78, null, null, null] });
  expect(claim.evidence).toBe('7 pots measured, 3 not up yet.');
  expect(claim.cautions.join(' ')).toMatch(/fewer than three pots/);
  expect(claim.cautions.join(' ')).toMatch(/survivors/);
});

test('names the containers nobody looked at and the lost ones', () => {
  const records = recordsOf({ A: [140, 143, 144], B: [100, 101, 102] });
  const lost = {
    ...records,
    readings: [...records.readings.slice(1, 5), reading({ containerId: 'B3', state: 'lost', lostReason: 'eaten' })],
  };
  const claim = claimSentence(compareOnDay(lost, heightsOn('2026-03-19'), 1), subject);
  expect(claim.evidence).toBe('4 pots measured, 1 lost, 1 not looked at.');
  expect(claim.cautions.join(' ')).toMatch(/Nobody looked at A1/);
});

const height = fc.option(fc.integer({ min: 1, max: 400 }));
const group = fc.array(height, { minLength: 1, maxLength: 8 });

test.each(GRADE_BANDS)('%s: whatever the class grows, the words stay careful', (band) => {
  fc.assert(
    fc.property(fc.record({ A: group, B: group, C: group }), (heights) => {
      const { finding, certainty, evidence, cautions } = claimOf(heights, band);
      const words = `${finding} ${certainty.join(' ')} ${evidence} ${cautions.join(' ')}`;
      expect(words).not.toMatch(/\bpro(ve|of)|no effect|no difference|the same height|NaN|undefined|Infinity/i);
      expect(words.replace(/statistically significant/gi, '')).not.toMatch(/significant/i);
      expect(finding.length).toBeGreaterThan(10);
    }),
    { numRuns: 40 },
  );
});

test.each(GRADE_BANDS)('%s: an interval that holds zero is never more than “cannot tell”', (band) => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 20, max: 300 }), { minLength: 3, maxLength: 7 }), (values) => {
      const wide = { A: values, B: [...values].reverse() };
      const { finding } = claimOf(wide, band);
      expect(finding).toMatch(/cannot tell/);
      expect(finding).not.toMatch(/taller|shorter/);
    }),
    { numRuns: 25 },
  );
});
