import fc from 'fast-check';
import { reading, recordsOf } from '../../test/records';
import { compareOnDay } from '../compare/compareOnDay';
import { claimSentence } from './claimSentence';

const subject = { kind: 'barley', container: 'pot', dayNumber: 16, resolution: 'mm' as const };
const claimOf = (heights: Record<string, (number | null)[]>) =>
  claimSentence(compareOnDay(recordsOf(heights), '2026-03-19', 'exclude', 1), subject);

test('speaks of direction, size, kind and day, and of what it cannot tell', () => {
  const claim = claimOf({
    A: [140, 143, 144, 128, 146, 160, 117],
    B: [144, 142, 127, 128, 109, 133, 142],
    D: [49, 78, 60, 58, 52, 57, 61],
  });
  expect(claim.finding).toBe(
    'With salt D, barley was shorter on day 16 than with no salt: by about 8.0 cm. For salt B, these pots cannot tell yet.',
  );
  expect(claim.evidence).toBe('21 pots measured.');
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
  const claim = claimSentence(compareOnDay(lost, '2026-03-19', 'exclude', 1), subject);
  expect(claim.evidence).toBe('4 pots measured, 1 lost, 1 not looked at.');
  expect(claim.cautions.join(' ')).toMatch(/Nobody looked at A1/);
});

test('whatever the class grows, the words stay careful', () => {
  const height = fc.option(fc.integer({ min: 1, max: 400 }));
  const group = fc.array(height, { minLength: 1, maxLength: 8 });
  fc.assert(
    fc.property(fc.record({ A: group, B: group, C: group }), (heights) => {
      const { finding, evidence, cautions } = claimOf(heights);
      expect(`${finding} ${evidence} ${cautions.join(' ')}`).not.toMatch(
        /prove|no effect|significant|NaN|undefined|no difference/i,
      );
      expect(finding.length).toBeGreaterThan(10);
    }),
    { numRuns: 60 },
  );
});
