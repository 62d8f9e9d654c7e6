import { startedPlan } from '../../../test/startedPlan';
import { type Factor, type PlanDocument } from '../document/planDocument';
import { emptyFactors, sameRecipes, unfairDifferences } from './differences';
import { recipesOf } from './recipe';

const salt = startedPlan('salt-steps').factors[0]!;
const about = (subject: Factor['subject'], unit: string, ...amounts: number[]): Factor => ({
  ...salt,
  name: subject,
  subject,
  unit,
  levels: amounts.map((amount) => ({ label: `${amount} ${unit}`, amount })),
});
const recipes = (start: string, part: Partial<PlanDocument> = {}) => recipesOf(startedPlan(start, part));

describe('what is done for each treatment', () => {
  test('what is stirred into water, into mix, and given to each container are three things; an amount of none is none', () => {
    const solutions = recipes('salt-steps');
    expect(solutions.map((r) => [r.stirredIn.length, r.mixedIn.length])).toEqual([
      [0, 0],
      [1, 0],
      [1, 0],
      [1, 0],
    ]);
    const neat = recipes('salt-steps', { factors: [about('acid', 'mL', 0, 5)] });
    expect(neat.map((r) => [r.stirredIn.length, r.mixedIn.length])).toEqual([
      [0, 0],
      [0, 1],
    ]);
    expect(recipes('salt-steps', { factors: [about('chalk', 'g', 0, 1)], methodId: 'bag_pocket' })[1]!.mixedIn).toEqual([]);
  });

  test('water is what the treatment gets; paper of none stays dry; what is shut is not watered', () => {
    expect(recipes('salt-steps', { factors: [about('water', 'mL', 30, 15)] }).map((r) => r.doseMl)).toEqual([30, 15]);
    const thirsty = recipes('thirsty');
    expect(thirsty.map((r) => [r.firstWaterMl, r.doseMl])).toEqual([
      [[20, 20], null],
      [null, null],
    ]);
  });

  test('a place of its own warmth has it day and night', () => {
    expect(recipes('warm-and-cool').map((r) => [r.room.day, r.room.night])).toEqual([
      [20, 20],
      [14, 14],
    ]);
  });
});

describe('recipes compared', () => {
  test('what the factors change is no unfair difference, whatever is asked', () => {
    for (const start of [
      'salt-steps',
      'crowded-pots',
      'how-deep',
      'kinds-side-by-side',
      'age-ladder',
      'thirsty',
      'warm-and-cool',
    ])
      expect([start, unfairDifferences(recipes(start)), emptyFactors(recipes(start))]).toEqual([start, [], []]);
  });

  test('other numbers of seeds beside salt are', () => {
    const levels = salt.levels.map((l, i) => (i === 2 ? { ...l, seeds: 9 } : l));
    expect(unfairDifferences(recipes('salt-steps', { factors: [{ ...salt, levels }] }))).toEqual(['seeds']);
    // Where crowding is asked about, other numbers are what is asked about.
    const thick = about('crowding', 'plants', 2, 8);
    const own = { ...thick, levels: thick.levels.map((l, i) => ({ ...l, seeds: 4 + 8 * i })) };
    expect(unfairDifferences(recipes('crowded-pots', { factors: [own] }))).toEqual([]);
  });

  test('two levels of one amount are the same but for their names, and depth on paper is nothing', () => {
    const twice = recipes('salt-steps', {
      factors: [{ ...salt, levels: [salt.levels[0]!, salt.levels[1]!, { label: 'a little', amount: 25 }] }],
    });
    expect(sameRecipes(twice)!.map((r) => r.treatment.code)).toEqual(['B', 'C']);
    expect(emptyFactors(twice)).toEqual([]);
    const deep = recipes('salt-steps', { factors: [about('depth', 'mm', 10, 30)], methodId: 'bag_pocket' });
    expect(emptyFactors(deep)).toEqual([0]);
  });

  test('of two crossed things the one that changes nothing is named', () => {
    const light = startedPlan('light-and-dark').factors[0]!;
    const crossed = recipes('light-and-dark', { factors: [light, about('chalk', 'g/L', 0, 4)] });
    expect(emptyFactors(crossed)).toEqual([1]);
  });
});
