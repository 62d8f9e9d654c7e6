import { say } from '@bright-sprout/words/say';
import { newOwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { fakeServer, renderPage } from '../../../../test/fakeServer';
import { partOf, planOf } from '../../../../test/plans';
import { openWord } from '../../../../test/words';
import { Alike } from './alike/Alike';
import { AskPart } from './AskPart';
import { UsualWays } from './UsualWays';

function show(plan = planOf('salt-steps')) {
  fakeServer({ 'GET /plans/p1/predictions': [], 'GET /classes/c1/room': { readings: [], sensor: { there: false, on: false } } });
  const { props, now } = partOf(plan);
  renderPage(
    <>
      <AskPart {...props} />
      {plan.factors.length === 1 && <Alike {...props} />}
      <UsualWays plan={plan} change={props.change} />
    </>,
  );
  return now;
}

test('a second factor is crossed with the first, whole, and the checklist of what stays the same follows', async () => {
  const now = show();
  await openWord(/^What is changed/);
  await userEvent.click(screen.getByRole('button', { name: say('plannerAsk.crossSecondThing') }));
  expect(now().kind).toBe('two-factors');
  expect(now().factors.map((f) => f.subject)).toEqual(['salt', 'light']);
  expect(now().keptSame.map((k) => k.id)).not.toContain('light');
});

test('crossed treatments stand as the rows and columns of what is crossed, and one can be taken away', async () => {
  const plan = planOf('feed-and-light');
  const now = show(plan);
  const labels = screen
    .getAllByRole('button', { name: /^[A-D]: / })
    .map((b) => b.getAttribute('aria-label')!.replace(', the control', ''));
  expect(labels).toEqual([
    'A: plain water · bright sill',
    'C: 50 mg N/L · bright sill',
    'B: plain water · behind a curtain',
    'D: 50 mg N/L · behind a curtain',
  ]);
  await openWord(/^What is changed.*light:/);
  await userEvent.click(screen.getByRole('button', { name: say('plannerAsk.doNotCross') }));
  expect(now()).toMatchObject({ kind: 'one-factor', factors: [{ subject: 'feed' }] });
});

test('what a factor is about brings its usual steps, unit and kind of experiment, and no name of an old step stays', async () => {
  const now = show();
  expect(now().keptSame.map((k) => k.id)).toContain('depth');
  await openWord(/^What is changed/);
  await userEvent.click(screen.getByRole('radio', { name: /^depth of sowing/ }));
  expect(now().factors[0]).toMatchObject({ subject: 'depth', unit: 'mm', name: 'depth of sowing' });
  expect(
    now()
      .factors[0]!.levels.map((l) => l.label)
      .join(),
  ).not.toContain('salt');
  expect(now().keptSame.map((k) => k.id)).not.toContain('depth');
});

test('a unit of the teacher’s own is left alone, with its steps', async () => {
  const plan = planOf('salt-steps');
  const now = show({ ...plan, factors: [{ ...plan.factors[0]!, unit: 'spoons' }] });
  await openWord(/^What is changed/);
  await userEvent.click(screen.getByRole('button', { name: say('plannerAsk.showChanged') }));
  await userEvent.click(screen.getByRole('radio', { name: /^acid in the water/ }));
  expect(now().factors[0]).toMatchObject({ subject: 'acid', unit: 'spoons', levels: plan.factors[0]!.levels });
});

test('the control follows its level when another is taken away, and without one the reason is asked', async () => {
  const plan = planOf('salt-steps');
  const now = show({ ...plan, factors: [{ ...plan.factors[0]!, control: 2 }] });
  await openWord(/^Steps of it/);
  await userEvent.click(screen.getByRole('button', { name: 'Take away level 1' }));
  expect(now().factors[0]!.levels.map((l) => l.amount)).toEqual([25, 50, 100]);
  expect(now().factors[0]!.control).toBe(1);
  await userEvent.click(screen.getByRole('button', { name: say('plannerAsk.thereIsNoControl') }));
  expect(now().factors[0]!.control).toBeNull();
});

test('a treatment is changed on its picture: its amount and, with it, the name that says it', async () => {
  const now = show();
  await openWord(/^B: 25 mmol/);
  fireEvent.change(screen.getByLabelText('Amount of level 2 in mmol/L'), { target: { value: '30' } });
  expect(now().factors[0]!.levels[1]).toEqual({ label: '30 mmol/L', amount: 30 });
});

test('one more goes on with the last step', async () => {
  const now = show();
  await userEvent.click(screen.getByRole('button', { name: /^One more/ }));
  expect(now().factors[0]!.levels[4]).toEqual({ label: '150 mmol/L', amount: 150 });
});

test('on the line of amounts a mark is moved with the arrows', async () => {
  const now = show();
  screen.getByRole('slider', { name: 'Amount of D' }).focus();
  await userEvent.keyboard('{ArrowRight}');
  expect(now().factors[0]!.levels[3]).toEqual({ label: '105 mmol/L', amount: 105 });
});

test('without a control its reason has a field of its own', async () => {
  show(planOf('kinds-side-by-side'));
  await openWord(/^What is changed/);
  expect(screen.getByLabelText(say('plannerAsk.whyControl'))).toHaveValue('Kinds differ in everything; none is the control.');
});

test('a level that is another kind of seed takes its name, unless somebody gave it one', async () => {
  const now = show(planOf('kinds-side-by-side'));
  await openWord(/^B: white mustard/);
  await userEvent.selectOptions(screen.getByLabelText('Kind of level 2'), 'Radish');
  expect(now().factors[0]!.levels[1]).toMatchObject({ speciesId: 'radish', label: 'radish' });
});

test('only what the plan raises is asked: the school of height with heights, none of depth on paper', async () => {
  show(planOf('soaked-or-dry'));
  await openWord(/^What is measured/);
  expect(screen.queryByRole('group', { name: say('plannerAsk.heightIs') })).not.toBeInTheDocument();
  await openWord(/seeds in each/);
  expect(screen.queryByRole('group', { name: say('plannerAsk.sown') })).not.toBeInTheDocument();
  expect(screen.queryByRole('group', { name: say('plannerAsk.plantDied') })).not.toBeInTheDocument();
});

test('every choice of the protocol says what it does to the records', async () => {
  const now = show();
  expect(screen.getByText(say('planning.meanSpeaksSurvivorsSays'))).toBeInTheDocument();
  await userEvent.click(screen.getByRole('radio', { name: /^counts as zero/, hidden: true }));
  expect(now().protocol.afterLoss).toBe('zero');
  await openWord(/^What is measured/);
  await userEvent.click(screen.getByRole('radio', { name: /^from the soil to the tip of the longest leaf/ }));
  expect(now().protocol.height).toBe('longest-leaf');
});

test('what is alike is said with its amounts, and changed behind them', async () => {
  const now = show();
  await openWord(/^30 mL/);
  fireEvent.change(screen.getByLabelText('One watering of one container, mL'), { target: { value: '25' } });
  expect(now().doseMl).toBe(25);
});

test('a measure of the class’s own has a range or words, and can be taken away again', async () => {
  const now = show(planOf('salt-steps', { ownMeasures: [{ ...newOwnMeasure('m'), name: 'mass', unit: 'g' }] }));
  await openWord(/^What is measured/);
  const own = screen.getByRole('group', { name: 'Measure of our own 1' });
  await userEvent.type(within(own).getByLabelText(say('plannerAsk.atMost')), '9');
  expect(now().ownMeasures[0]).toMatchObject({ most: 9 });
  await userEvent.click(screen.getByRole('button', { name: say('plannerAsk.chooseBetweenWordsOwn') }));
  expect(now().ownMeasures[1]).toMatchObject({ quantity: 'choice', choices: ['yes', 'no'] });
  await userEvent.click(within(own).getByRole('button', { name: say('common.remove') }));
  expect(now().ownMeasures).toEqual([]);
});
