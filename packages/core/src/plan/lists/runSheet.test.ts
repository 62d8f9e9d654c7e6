import { startedPlan } from '../../../test/startedPlan';
import { type PlanDocument } from '../document/planDocument';
import { STARTING_POINTS } from '../document/startingPoints';
import { workOut } from '../workedOut/workOut';
import { runSheet } from './runSheet';
import { runStepWords } from './runSheetWords';

const TEAMS = 7;
const sheet = (start: string, change: Partial<PlanDocument> = {}) => {
  const plan = startedPlan(start, change);
  return runSheet(plan, workOut(plan, TEAMS)).map(runStepWords);
};

test('a depth of its own is told to each treatment, and to nobody else', () => {
  const holes = sheet('how-deep').filter((s) => /holes \d+ mm/.test(s));
  expect(holes).toEqual([
    'A: make holes 10 mm deep with a marked stick.',
    'B: make holes 20 mm deep with a marked stick.',
    'C: make holes 40 mm deep with a marked stick.',
    'D: make holes 65 mm deep with a marked stick.',
  ]);
});

test('a depth of 0 is the surface: nothing is closed over it, while the other holes are', () => {
  const levels = [0, 20].map((mm) => ({ label: `${mm} mm`, amount: mm }));
  const [factor] = startedPlan('how-deep').factors;
  const steps = sheet('how-deep', { factors: [{ ...factor!, levels, control: null }] });
  expect(steps).toContain(
    'A: lay one set on the mix in each cup, apart from each other, and press the seeds on. Do not cover them.',
  );
  expect(steps).toContain('B: close the holes and press gently.');
});

test('every treatment has its own water, mixture, light and soaked or dry seed', () => {
  expect(sheet('sour-water-and-chalk')).toEqual(
    expect.arrayContaining([
      'B, D: fill each cup with 215 mL of mix (chalk) that is damp already, up to the line.',
      'A, B: from the first watering on give 30 mL of plain water each time.',
      'C, D: from the first watering on give 30 mL of sour water (vinegar in the water) each time.',
    ]),
  );
  expect(sheet('light-and-dark')).toContain('From now on, light: A light; B dark.');
  expect(sheet('soaked-or-dry').slice(0, 2)).toEqual(['A: take dry seeds.', 'B: drain the seeds that were soaked for 12 hours.']);
});

test('on paper a solution is there from the beginning, and what is shut is never watered', () => {
  const bags = sheet('salt-steps', { methodId: 'bag_pocket', fillMl: 30, measures: ['seeds-with-root'] });
  expect(bags.filter((s) => /wet the paper/i.test(s)).map((s) => s.replace(/ and let.*/, ''))).toEqual([
    'A: wet the paper with 15 mL of water',
    'B: wet the paper with 15 mL of 25 mmol/L (salt in the water)',
    'C: wet the paper with 15 mL of 50 mmol/L (salt in the water)',
    'D: wet the paper with 15 mL of 100 mmol/L (salt in the water)',
  ]);
  expect(bags.join(' ')).not.toMatch(/watering/);
  expect(sheet('salt-steps', { methodId: 'paper_jar', fillMl: 30 }).join(' ')).toMatch(/B: from the first watering on/);
});

test('amounts of water that differ are given as they differ', () => {
  const levels = [15, 45].map((ml) => ({ label: `${ml} mL`, amount: ml }));
  const [factor] = startedPlan('salt-steps').factors;
  const water = { ...factor!, name: 'water', subject: 'water' as const, unit: 'mL', levels };
  expect(sheet('salt-steps', { factors: [water] }).filter((s) => /watering/.test(s))).toEqual([
    'A: from the first watering on give 15 mL of plain water each time.',
    'B: from the first watering on give 45 mL of plain water each time.',
  ]);
});

test('seeds that need light lie on the mix, and nobody is told to close holes', () => {
  const steps = sheet('salt-steps', { speciesId: 'lettuce' }).join(' ');
  expect(steps).toMatch(/press the seeds on\. Do not cover them\./);
  expect(steps).not.toMatch(/holes|[Cc]lose/);
});

test('a patch is scattered; a sealed bag holds no stick', () => {
  const patch = sheet('patch-from-above').join(' ');
  expect(patch).toMatch(/Scatter one set evenly over each section and sprinkle 6 mm of mix over them\./);
  expect(patch).not.toMatch(/holes/);
  expect(sheet('soaked-or-dry')).toContain('Write the code on the bag itself, and read it aloud.');
});

test('kinds that are soaked stand beside kinds that are not', () => {
  expect(sheet('kinds-side-by-side').slice(0, 3)).toEqual([
    'Take for each its own seeds: A wheat; B white mustard; C nasturtium.',
    'A, B: take dry seeds.',
    'C: drain the seeds that were soaked for 8 to 16 hours.',
  ]);
});

test.each(STARTING_POINTS.map((s) => s.id))('the whole sheet of %s, as it was read line by line', (start) => {
  expect(sheet(start).join('\n')).toMatchSnapshot();
});

test.each([
  ['maize', true],
  ['garden_pea', true],
  ['nasturtium', false],
  ['barley', false],
])('seeds of %s are laid on their side one by one: %s', (speciesId, onSide) => {
  const steps = sheet('salt-steps', { speciesId });
  expect(steps.some((s) => /each large seed on its side/.test(s))).toBe(onSide);
  expect(steps.some((s) => /Put one set into each/i.test(s))).toBe(!onSide);
});
