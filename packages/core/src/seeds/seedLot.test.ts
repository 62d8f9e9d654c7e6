import { speciesById } from './catalogue';
import { lotStanding, type SeedLot } from './seedLot';

const onion = speciesById('onion')!;
const lot = (part: Partial<SeedLot>): SeedLot => ({
  id: '1',
  speciesId: 'onion',
  name: 'Drawer',
  year: 2026,
  count: null,
  depthMm: null,
  spacingMm: null,
  daysToSprout: null,
  tests: [],
  ...part,
});
const standing = (part: Partial<SeedLot>) => lotStanding(lot(part), onion, '2026-11-23');

test('a fresh lot needs no warning; an old one does, with what may still sprout', () => {
  expect(standing({}).warning).toBeNull();
  const old = standing({ year: 2022 });
  expect(old.warning).toMatch(/Past its best: about \d+ of 100/);
  expect(old.byAge).toBeLessThan(onion.germination);
  expect(standing({ year: null }).warning).toBeNull();
});

test('the newest test on paper counts, with its interval; a float test says nothing about sprouting', () => {
  const tests = [
    { kind: 'paper' as const, up: 3, of: 10, on: '2026-03-01' },
    { kind: 'paper' as const, up: 8, of: 10, on: '2026-10-01' },
    { kind: 'float' as const, up: 1, of: 10, on: '2026-11-01' },
  ];
  const found = standing({ year: 2022, tests });
  expect(found.test).toEqual(tests[1]);
  expect([found.interval!.low.toFixed(2), found.interval!.high.toFixed(2)]).toEqual(['0.49', '0.94']);
  expect(found.warning).toBeNull();
  expect(standing({ tests: tests.slice(0, 1) }).warning).toMatch(/Fewer than half/);
  expect(standing({ tests: [{ ...tests[1]!, on: '2025-01-01' }] }).warning).toMatch(/more than a year old/);
});
