import { newOwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { fakeServer, renderPage } from '../../../../test/fakeServer';
import { partOf, planOf } from '../../../../test/plans';
import { AskPart } from './AskPart';

function show(plan = planOf('salt-steps')) {
  fakeServer({ 'GET /plans/p1/predictions': [] });
  const { props, now } = partOf(plan);
  renderPage(<AskPart {...props} />);
  return now;
}

test('a second factor is crossed with the first, and the checklist of what stays the same follows', async () => {
  const now = show();
  await userEvent.click(screen.getByRole('button', { name: 'Cross it with a second thing' }));
  expect(now().kind).toBe('two-factors');
  expect(now().factors).toHaveLength(2);
  expect(now().factors[1]!.levels).toEqual([
    { label: '', amount: null },
    { label: '', amount: null },
  ]);
});

test('what a factor is about decides its unit and what no longer has to stay the same', async () => {
  const now = show();
  expect(now().keptSame.map((k) => k.id)).toContain('depth');
  await userEvent.selectOptions(screen.getByLabelText('It is about'), 'depth of sowing');
  expect(now().factors[0]).toMatchObject({ subject: 'depth', unit: 'mm' });
  expect(now().keptSame.map((k) => k.id)).not.toContain('depth');
});

test('a unit of the teacher’s own is left alone', async () => {
  const plan = planOf('salt-steps');
  const now = show({ ...plan, factors: [{ ...plan.factors[0]!, unit: 'spoons' }] });
  await userEvent.selectOptions(screen.getByLabelText('It is about'), 'acid in the water');
  expect(now().factors[0]).toMatchObject({ subject: 'acid', unit: 'spoons' });
});

test('the control follows its level when another is taken away, and without one the reason is asked', async () => {
  const plan = planOf('salt-steps');
  const now = show({ ...plan, factors: [{ ...plan.factors[0]!, control: 2 }] });
  await userEvent.click(screen.getByRole('button', { name: 'Take away level 1' }));
  expect(now().factors[0]!.levels.map((l) => l.amount)).toEqual([25, 50, 100]);
  expect(now().factors[0]!.control).toBe(1);
  await userEvent.click(screen.getByRole('button', { name: 'There is no control' }));
  expect(now().factors[0]!.control).toBeNull();
});

test('without a control its reason has a field of its own', () => {
  const plan = planOf('kinds-side-by-side');
  show(plan);
  expect(screen.getByLabelText('Why is there no control?')).toHaveValue('Kinds differ in everything; none is the control.');
});

test('a level that is another kind of seed takes its name, unless somebody gave it one', async () => {
  const plan = planOf('kinds-side-by-side');
  const now = show(plan);
  await userEvent.selectOptions(screen.getByLabelText('Kind of level 2'), 'Radish');
  expect(now().factors[0]!.levels[1]).toMatchObject({ speciesId: 'radish', label: 'radish' });
});

test('every choice of the protocol says what it does to the records', async () => {
  const now = show();
  const died = screen.getByLabelText('A plant that died');
  expect(screen.getByText('The mean speaks of survivors, and says so.')).toBeInTheDocument();
  await userEvent.selectOptions(died, 'counts as zero');
  expect(now().protocol.afterLoss).toBe('zero');
});

test('a measure of the class’s own has a range or words, and can be taken away again', async () => {
  const plan = planOf('salt-steps', {
    ownMeasures: [{ ...newOwnMeasure('m'), name: 'mass', unit: 'g' }],
  });
  const now = show(plan);
  const own = screen.getByRole('group', { name: 'Measure of our own 1' });
  await userEvent.type(within(own).getByLabelText('At most'), '9');
  expect(now().ownMeasures[0]).toMatchObject({ most: 9 });
  await userEvent.click(screen.getByRole('button', { name: 'Choose between words of our own' }));
  expect(now().ownMeasures[1]).toMatchObject({ quantity: 'choice', choices: ['yes', 'no'] });
  await userEvent.click(within(own).getByRole('button', { name: 'remove' }));
  expect(now().ownMeasures).toEqual([]);
});
