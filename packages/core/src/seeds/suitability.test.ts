import { methodById, SPECIES, speciesById } from './catalogue';
import { againstKind, frostMargin, outsideFrom, type SeedWishes, SIGHTS } from './suitability';

const WISHES: SeedWishes = {
  weeks: 6,
  warmth: 20,
  sowOn: '2026-03-02',
  method: methodById('cup_mix')!,
  see: 'anything',
  harmless: false,
  easyToPickUp: false,
  secondChance: false,
  noLamp: false,
  lastFrost: null,
};
const against = (id: string, part: Partial<SeedWishes> = {}) => againstKind(speciesById(id)!, { ...WISHES, ...part });

test('fast kinds suit as they are; slow ones want more weeks', () => {
  expect(against('garden_cress')).toEqual([]);
  expect(against('parsley', { weeks: 2 })).toEqual(['too slow for these weeks in this room']);
  expect(against('parsley', { weeks: 12 })).toEqual([]);
  expect(against('barley', { warmth: 1 })).toEqual(['too slow for these weeks in this room']);
});

test('the price of failure: a second sowing has to fit in', () => {
  expect(against('garden_cress', { weeks: 3, secondChance: true })).toEqual([]);
  expect(against('parsley', { weeks: 5, secondChance: true })).toEqual(['no time to sow again']);
});

test.each([
  ['roots', 'barley', 'cup_mix', false],
  ['roots', 'barley', 'bag_pocket', true],
  ['seed-leaves', 'barley', 'cup_mix', false],
  ['seed-leaves', 'garden_pea', 'cup_mix', false],
  ['seed-leaves', 'radish', 'cup_mix', true],
  ['blades', 'barley', 'cup_mix', true],
  ['harvest', 'radish', 'cup_mix', true],
  ['flower', 'radish', 'cup_mix', false],
] as const)('%s of %s in %s', (see, id, method, seen) =>
  expect(against(id, { see, method: methodById(method)! }).includes('that cannot be seen')).toBe(!seen),
);

test('allergies, fiddly seed, lamps and unsuitable ways of growing are named', () => {
  expect(against('barley', { harmless: true })).toContain('something to mind');
  expect(against('radish', { harmless: true })).toEqual([]);
  expect(against('garden_cress', { easyToPickUp: true })).toEqual(['hard to pick up']);
  expect(against('tomato', { noLamp: true })).toContain('wants a lamp in the dark months');
  expect(against('petunia', { method: methodById('bag_pocket')!, weeks: 20 })).toContain('does badly grown so');
});

test('hardy kinds go out before the last frost, tender ones well after it, none before it is old enough', () => {
  const [barley, tomato] = [speciesById('barley')!, speciesById('tomato')!];
  expect([frostMargin(barley), frostMargin(tomato)]).toEqual([-21, 14]);
  expect(outsideFrom(tomato, '2026-03-02', '2026-05-10')).toEqual({ day: '2026-05-24', because: 'frost' });
  expect(outsideFrom(barley, '2026-03-02', '2026-01-10').because).toBe('age');
  expect(outsideFrom(barley, '2026-03-02', null).because).toBe('age');
  expect(against('tomato', { lastFrost: '2026-05-10' })).toContain('cannot go outside in time');
  expect(against('barley', { lastFrost: '2026-03-20', weeks: 8 })).toEqual([]);
});

test('every sight is offered by some kind within a school year', () => {
  for (const see of SIGHTS)
    expect(SPECIES.some((s) => againstKind(s, { ...WISHES, method: null, see, weeks: 16 }).length === 0)).toBe(true);
});
