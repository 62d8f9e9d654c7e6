import { heightsOn, reading, recordsOf } from '../../test/records';
import { claimSentence } from '../claims/claimSentence';
import { numberFound } from '../measures/finding';
import { type AfterLoss } from '../readings/policies';
import { compareOnDay, groupsOnDay } from './compareOnDay';

const records = recordsOf({ A: [140, 143, 144, 128, 146, 160, 117], D: [49, 78, null, 58, 52, 57, null] });

test('one dot per container; who is not up is named and in no mean', () => {
  const [, d] = groupsOnDay(records, heightsOn('2026-03-19'));
  expect(d!.dots).toHaveLength(5);
  expect(d!.notUp.map((c) => c.code)).toEqual(['D3', 'D7']);
  expect(d!.summary.ok && d!.summary.mean).toBeCloseTo(58.8);
});

test('counted as zero they are in the mean, if the class says so', () => {
  const [, d] = groupsOnDay(records, heightsOn('2026-03-19', { beforeSprouting: 'zero' }));
  expect(d!.summary.ok && d!.summary.n).toBe(7);
  expect(d!.summary.ok && d!.summary.mean).toBeCloseTo(42);
});

test('a clear difference is clear, and the same seed gives the same numbers', () => {
  const once = compareOnDay(records, heightsOn('2026-03-19'), 1);
  const [contrast] = once.contrasts;
  expect(contrast!.difference).toBeCloseTo(58.8 - 139.714, 2);
  expect(contrast!.interval.ok && contrast!.interval.interval.high).toBeLessThan(-60);
  expect(contrast!.permutation).toMatchObject({ ok: true, blocks: 5, arrangements: 32, pTwoSided: 2 / 32 });
  expect(compareOnDay(records, heightsOn('2026-03-19'), 1)).toEqual(once);
});

test.each([
  [{ A: [null, null], B: [10, 20] }, /No control container was measured/],
  [{ A: [10, 20], B: [null] }, /Only the control/],
])('says why there is nothing to compare', (heights, reason) => {
  expect(compareOnDay(recordsOf(heights as Record<string, (number | null)[]>), heightsOn('2026-03-19'), 1).reason).toMatch(
    reason,
  );
});

test('classes with one container, equal heights or nobody looked at never give NaN or throw', () => {
  for (const heights of [
    { A: [10], B: [12] },
    { A: [10, 10, 10], B: [10, 10, 10] },
    { A: [null], B: [null] },
  ]) {
    const comparison = compareOnDay(recordsOf(heights as Record<string, (number | null)[]>), heightsOn('2026-03-19'), 1);
    expect(JSON.stringify(comparison)).not.toMatch(/NaN|Infinity/);
    expect(Object.values(comparison.contrasts[0] ?? {}).some((v) => Number.isNaN(v))).toBe(false);
  }
});

test('a lost plant leaves the mean, stays at its last height or counts as zero, and the claim says which', () => {
  const records = recordsOf({ A: [140, 150, 160], B: [100, 110, 120] });
  const lost = [
    ...records.readings.map((r) => (r.containerId === 'B3' ? { ...r, day: '2026-03-17' } : r)),
    reading({ containerId: 'B3', id: 'gone', state: 'lost', lostReason: 'eaten' }),
  ];
  const mean = (afterLoss: AfterLoss) => {
    const [, b] = groupsOnDay({ ...records, readings: lost }, heightsOn('2026-03-19', { afterLoss }));
    return b!.summary.ok && [b!.summary.mean, b!.lost.length];
  };
  expect([mean('exclude'), mean('carry'), mean('zero')]).toEqual([
    [105, 1],
    [110, 1],
    [70, 1],
  ]);
  const compared = compareOnDay({ ...records, readings: lost }, heightsOn('2026-03-19', { afterLoss: 'carry' }), 1);
  const { evidence } = claimSentence(compared, { kind: 'barley', container: 'pot', dayNumber: 16, resolution: 'mm' });
  expect(evidence).toBe('5 pots measured, 1 lost, counted with the last height.');
});

test('a seedling that was only counted is up, and in no mean of heights', () => {
  const records = recordsOf({ A: [140, 150, 160], B: [100, 110, 120] });
  const counted = {
    ...records,
    readings: records.readings.map((r) => (r.containerId === 'B1' ? { ...r, findings: [numberFound('seeds-up', 2)] } : r)),
  };
  const [, b] = groupsOnDay(counted, heightsOn('2026-03-19', { beforeSprouting: 'zero' }));
  expect(b!.dots.map((d) => d.value)).toEqual([110, 120]);
  expect(b!.notMeasured.map((c) => c.code)).toEqual(['B1']);
  const claim = claimSentence(compareOnDay(counted, heightsOn('2026-03-19'), 1), {
    kind: 'barley',
    container: 'pot',
    dayNumber: 16,
    resolution: 'mm',
  });
  expect(claim.evidence).toBe('5 pots measured, 1 up without a height.');
});
