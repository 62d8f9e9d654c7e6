import fc from 'fast-check';
import { HEIGHT, heightsOn, reading, recordsOf, crossedOf, seriesOf } from '../../test/records';
import { groupsOf } from '../compare/groups';
import { type Question } from '../compare/question';
import { type ComparedDesign, type ComparedRecords } from '../compare/records';
import { shownOf } from '../compare/shown';
import { surenessOf } from '../compare/sureness';
import { type Measure } from '../measures/measure';
import { numberFound } from '../measures/finding';
import { measureOf } from '../measures/registry';
import { GRADE_BANDS, type GradeBand } from '../words/gradeBand';
import { claimSentence } from './claimSentence';
import { type ClaimSubject, joinedBy } from './claimSubject';

const DAY = '2026-03-19';

function claim(
  records: ComparedRecords,
  part: Partial<Question> = {},
  subject: Partial<ClaimSubject> = {},
  measure: Measure = HEIGHT,
  design: ComparedDesign | null = null,
  draws = 2000,
) {
  const question = heightsOn(DAY, { measure: measure.code, ...part });
  const groups = groupsOf(records, measure, question);
  return claimSentence(groups, surenessOf(groups, question, design, { seed: 1, draws }), {
    kind: 'barley',
    container: 'pot',
    shown: shownOf(question, measure, 'mm', { container: 'pot', seeds: false }),
    question,
    when: 'on day 16',
    band: 'primary',
    classes: 1,
    joined: joinedBy(design),
    readingError: null,
    ...subject,
  });
}

const CLASS = { A: [140, 143, 144, 128, 146, 160, 117], B: [144, 142, 127, 128, 109, 133, 142], D: [49, 78, 60, 58, 52, 57, 61] };

test('speaks of direction, size, kind and day, and of what it cannot tell', () => {
  const { finding, evidence } = claim(recordsOf(CLASS));
  expect(finding).toBe(
    'On day 16 the barley with salt D was shorter than with no salt: by about 8 cm. For salt B, these pots cannot tell yet.',
  );
  expect(evidence).toBe('21 pots measured.');
});

test('each band hears as much as it can use', () => {
  const words = (band: GradeBand) => claim(recordsOf(CLASS), {}, { band });
  expect(words('early').finding).toBe(
    'The barley with salt D was shorter than the barley with no salt. About salt B we cannot tell yet.',
  );
  expect(words('middle').finding).toMatch(/by about 8\.0 cm\. For salt B, these pots cannot tell yet\.$/);
});

test('more kinds of treatment than are held against each other in pairs are held against the others, in every band', () => {
  const heights = Object.fromEntries(
    ['A', 'B', 'C', 'D', 'E', 'F'].map((code, i) => [code, [0, 1, 2, 3, 4, 5, 6].map((n) => (i === 0 ? 60 : 140) + 3 * n)]),
  );
  const records = recordsOf(heights);
  const none = { ...records, treatments: records.treatments.map((t) => ({ ...t, control: false })) };
  for (const band of GRADE_BANDS) {
    const { finding } = claim(none, {}, { band });
    expect(finding).toMatch(/barley/);
    expect(finding).toContain('than the others');
    expect(finding).not.toMatch(/(with|under|barley) “?the others/);
  }
});

test('the class’s own reading error stands beside differences that are hardly larger', () => {
  const limits = (readingError: number) => claim(recordsOf(CLASS), {}, { readingError }).limits.join(' ');
  expect(limits(8)).toMatch(/values lie about 0\.8 cm apart: salt B differs by less than twice that/);
  expect(limits(2)).not.toMatch(/twice that/);
});

test('counts are said: measured, not up, lost, not looked at, and what a policy counts', () => {
  expect(claim(recordsOf({ A: [140, 143, 144, 128, 146], D: [49, 78, null, null, null] })).evidence).toBe(
    '7 pots measured, 3 not up yet.',
  );
  const records = recordsOf({ A: [140, 143, 144], B: [100, 101, 102] });
  const lost = {
    ...records,
    readings: [...records.readings.slice(1, 5), reading({ containerId: 'B3', state: 'lost', lostReason: 'eaten' })],
  };
  expect(claim(lost).evidence).toBe('4 pots measured, 1 lost, 1 not checked.');
  expect(claim(lost, { afterLoss: 'zero' }).evidence).toBe('4 pots measured, 1 lost, counted as zero, 1 not checked.');
});

test('a mark a team counts all of its containers; what was waited for is said as such; seeds are counted where they were', () => {
  const twice = recordsOf({ A: [140, 143, 150, 151], B: [100, null, 120, 121] });
  const two = { ...twice, containers: twice.containers.map((c, i) => ({ ...c, block: i % 2 ? 'Kites' : 'Bells' })) };
  expect(claim(two, { mark: 'team' }).evidence).toBe('7 pots measured, 1 not up yet.');
  expect(claim(two, { mark: 'team', beforeSprouting: 'zero' }).evidence).toBe('7 pots measured, 1 not up yet, counted as zero.');
  const when = { kind: 'course' } as const;
  expect(claim(two, { follow: 'reached', reach: '125', when }).evidence).toBe(
    '4 pots reached it, 4 never, counted as waiting to the last check.',
  );
  const seeds = {
    ...two,
    containers: two.containers.map((c) => ({ ...c, seedsSown: 10 })),
    readings: two.readings.map((r, i) => ({ ...r, state: 'measured' as const, findings: [numberFound('seeds-with-root', i)] })),
  };
  expect(claim(seeds, { follow: 'share-up', when: { kind: 'end' } }, {}, measureOf('seeds-with-root')!).evidence).toBe(
    '28 of 80 seeds came up, in 7 pots, 1 not up yet, counted as zero.',
  );
});

test('so few teams that luck alone gives the greatest gap too often: no interval is spoken of', () => {
  const few = recordsOf({ A: [140, 141, 142, 143], B: [50, 51, 52, 53] });
  const { tooFew, finding } = claim(few, {}, { band: 'upper' });
  expect(finding).toBe('For salt B, these pots cannot tell yet.');
  expect(tooFew).toMatch(/^Too few pots to deal within teams: .* at least 13 times in 100 deals\./);
  expect(claim(few, {}, { band: 'early' }).tooFew).toBeNull();
  expect(claim(recordsOf(CLASS), {}, { band: 'upper' }).tooFew).toBeNull();
});

test('few containers with a spread of their own: the ranges say how often they are right', () => {
  const together = recordsOf({ A: [100, 101, 99, 100, 102], B: [60, 20, 90, 40, 75] });
  const one = { ...together, containers: together.containers.map((c) => ({ ...c, block: null })) };
  const { limits } = claim(one, {}, { band: 'middle' });
  expect(limits.join(' ')).toMatch(/right in about 92 of 100 classes, not 95/);
});

/** The same numbers as another measure. */
const as = (code: string, heights: Record<string, (number | null)[]>): ComparedRecords => {
  const records = recordsOf(heights);
  return {
    ...records,
    readings: records.readings.map((r) => ({ ...r, findings: r.findings.map((f) => ({ ...f, measure: code })) })),
  };
};
const ROWS = { A: [12, 14, 13, 12, 15, 14, 13], B: [4, 5, 4, 6, 5, 4, 5] };

test.each([
  ['leaves', {}, 'With salt B, barley was sparser in leaf on day 16 than with no salt: by about 8.6 leaves.'],
  ['fresh-mass', {}, 'With salt B, barley was lighter on day 16 than with no salt: by about 8.571 g.'],
  ['percent-green', {}, 'With salt B, barley was less green on day 16 than with no salt: by about 9 points of 100.'],
  ['soil-moisture', {}, 'With salt B, the soil of the barley was drier on day 16 than with no salt: by about 9 points of 100.'],
])('the registry’s own words: %s', (code, part, words) => {
  expect(claim(as(code, ROWS), part, { band: 'middle' }, measureOf(code)!).finding).toBe(words);
});

test('a day is sooner or later, never taller', () => {
  const up = (day: number, id: string) =>
    [2, 4, 6, 8, 10].map((d) =>
      reading({
        id: `${id} ${d}`,
        containerId: id,
        day: `2026-03-${String(3 + d).padStart(2, '0')}`,
        state: d >= day ? 'measured' : 'not-up',
        findings: d >= day ? [{ measure: 'height', value: d, choice: null, typed: null }] : [],
      }),
    );
  const records = recordsOf({ A: [1, 1, 1, 1, 1, 1, 1], B: [1, 1, 1, 1, 1, 1, 1] });
  const days: Record<string, number[]> = { A: [2, 2, 4, 2, 4, 2, 2], B: [8, 6, 8, 10, 8, 99, 8] };
  const readings = Object.entries(days).flatMap(([t, list]) => list.flatMap((d, i) => up(d, `${t}${i + 1}`)));
  const { finding, evidence } = claim(
    { ...records, readings },
    { follow: 'sprouted', when: { kind: 'course' } },
    { when: '', band: 'middle' },
  );
  expect(finding).toMatch(/^With salt B, barley came up later than with no salt: by about \d\.\d days\.$/);
  expect(evidence).toBe('13 pots came up, 1 never, counted as waiting to the last check.');
});

const SERIES: ComparedDesign = { ...seriesOf(0, 25, 50), levels: { A: [0], B: [1], D: [2] } };

test('a series is a slope for each step, as a straight line has it', () => {
  expect(claim(recordsOf(CLASS), { between: 'doses' }, { band: 'middle' }, HEIGHT, SERIES).finding).toMatch(
    /^For each 25 mmol\/L more salt, barley was shorter on day 16 by about 4\.\d cm, going by one straight line through all amounts\.$/,
  );
  expect(claim(recordsOf(CLASS), { between: 'doses' }, { band: 'early' }, HEIGHT, SERIES).finding).toBe(
    'With more salt, barley was shorter on day 16.',
  );
});

const CROSSED = crossedOf(['food', 'plain', 'food'], ['light', 'the sill', 'the dim shelf']);

test('crossed things: where the first does more, by how much, and which part alone could be luck', () => {
  const row = (start: number) => [0, 1, 2, 3, 4, 5, 6].map((i) => start + 4 * Math.sin(1.7 * i + start));
  const crossed = (food: number) => recordsOf({ A: row(100), B: row(80), C: row(140), D: row(80 + food) });
  expect(claim(crossed(3), { between: 'factors' }, { band: 'middle' }, HEIGHT, CROSSED).finding).toMatch(
    /^Food did more under “the sill” \(\+\d\.\d cm\) than under “the dim shelf” \([+−]?\d\.\d cm\): \d\.\d cm between the two\. The .* alone could be luck\.$/,
  );
  expect(claim(crossed(40), { between: 'factors' }, { band: 'middle' }, HEIGHT, CROSSED).finding).toMatch(
    /Whether food does as much under “the dim shelf” as under “the sill”, these pots cannot tell yet\.$/,
  );
});

test('where all are alike, or one group stands alone, that is what is said', () => {
  expect(claim(recordsOf({ A: [50, 50, 50], B: [50, 50, 50] })).finding).toBe('All pots are alike on day 16: 5.0 cm.');
  expect(claim(recordsOf({ A: [50, 60, 70] })).finding).toBe(
    'Height on day 16: 6.0 cm on average. There is nothing to compare it with.',
  );
});

test('many pairs and many teams that cannot be told are counted, not listed', () => {
  const row = (start: number) => [0, 1, 2, 3, 4, 5].map((i) => start + 9 * Math.sin(2.3 * i + start));
  const records = recordsOf({ A: row(100), B: row(101), C: row(102), D: row(103) });
  const none = { ...records, treatments: records.treatments.map((t) => ({ ...t, control: false })) };
  expect(claim(none).finding).toBe('For all 6 pairs, these pots cannot tell yet.');
  expect(claim(none, { between: 'teams' }).finding).toBe(
    'These pots cannot tell that any team found more or less than the others.',
  );
});

test('several kinds were taller, one was', () => {
  const row = (start: number) => [0, 1, 2, 3, 4, 5].map((i) => start + 2 * Math.sin(2.3 * i + start));
  const records = recordsOf({ A: row(100), B: row(140), C: row(60) });
  const kinds = {
    ...records,
    treatments: records.treatments.map((t) => ({
      ...t,
      control: false,
      kind: { A: 'Wheat', B: 'Mustard', C: 'Clover' }[t.code]!,
    })),
  };
  expect(claim(kinds, { between: 'kinds' }, { band: 'early' }).finding).toBe(
    'Mustard was taller on day 16 than wheat. Wheat and mustard were taller on day 16 than clover.',
  );
});

const height = fc.option(fc.integer({ min: 1, max: 400 }));
const group = fc.array(height, { minLength: 1, maxLength: 8 });

test.each(GRADE_BANDS)('%s: whatever the class grows, the words stay careful', (band) => {
  fc.assert(
    fc.property(fc.record({ A: group, B: group, C: group }), fc.constantFrom('treatments', 'teams'), (heights, between) => {
      const { finding, tooFew, evidence, limits } = claim(
        recordsOf(heights),
        { between: between as 'teams' },
        { band },
        HEIGHT,
        null,
        99,
      );
      const words = `${finding} ${tooFew ?? ''} ${evidence} ${limits.join(' ')}`;
      expect(words).not.toMatch(/\bpro(ve|of)|no effect|no difference|the same height|NaN|undefined|Infinity/i);
      expect(words.replace(/statistically significant/gi, '')).not.toMatch(/significant/i);
      expect(finding.length).toBeGreaterThan(10);
    }),
    { numRuns: 25 },
  );
});

test.each(GRADE_BANDS)('%s: an interval that holds zero is never more than “cannot tell”', (band) => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 20, max: 300 }), { minLength: 6, maxLength: 7 }), (values) => {
      const { finding } = claim(recordsOf({ A: values, B: [...values].reverse() }), {}, { band }, HEIGHT, null, 99);
      if (new Set(values).size > 1) expect(finding).toMatch(/cannot tell|no spread/);
      expect(finding).not.toMatch(/taller|shorter/);
    }),
    { numRuns: 25 },
  );
});
