import { say } from '@bright-sprout/words/say';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { fakeServer, renderPage } from '../../../../test/fakeServer';
import { partOf, planOf } from '../../../../test/plans';
import { openWord } from '../../../../test/words';
import { SeedsPart } from './SeedsPart';

const LOT = {
  id: 'l1',
  speciesId: 'barley',
  name: 'old jar',
  year: 2019,
  count: null,
  depthMm: null,
  spacingMm: null,
  daysToSprout: null,
};
const TEST = { kind: 'paper' as const, up: 4, of: 20, on: '2026-02-20' };

function show(plan = planOf('salt-steps'), lots: object[] = []) {
  fakeServer({ 'GET /seed-lots': lots });
  const { props, now } = partOf(plan);
  renderPage(<SeedsPart {...props} />);
  return now;
}
const kinds = () =>
  within(screen.getByRole('radiogroup', { name: say('plannerSeeds.kindSeed') }))
    .getAllByRole('radio')
    .map((r) => within(r).getByText(/./, { selector: 'b' }).textContent);
async function seeFlowers(): Promise<void> {
  await openWord(/^What is to be seen/);
  await userEvent.click(screen.getByRole('radio', { name: say('plannerSeeds.flowers') }));
  await userEvent.keyboard('{Escape}');
}

test('only kinds that suit are shown, and every wish narrows them', async () => {
  show();
  await userEvent.click(screen.getByRole('button', { name: /^Show all/ }));
  const before = kinds();
  await openWord(/^What it should be/);
  await userEvent.click(screen.getByRole('checkbox', { name: /^harmless/ }));
  await userEvent.keyboard('{Escape}');
  await seeFlowers();
  const after = kinds();
  expect(after.length).toBeLessThan(before.length);
  expect(screen.getByText(/^Barley is chosen, although: .*that cannot be seen; something to mind\.$/)).toBeInTheDocument();
});

test('a wish that nothing grants says so', async () => {
  show();
  await openWord(/^Time: 6 weeks/);
  const weeks = screen.getByLabelText(say('plannerSeeds.weeksWeHave'));
  await userEvent.clear(weeks);
  await userEvent.type(weeks, '1');
  await userEvent.keyboard('{Escape}');
  await seeFlowers();
  expect(screen.getByText(/No kind suits all of that\./)).toBeInTheDocument();
});

test('another kind is chosen from its drawing or from the table', async () => {
  const now = show();
  await userEvent.click(screen.getByRole('radio', { name: /Garden cress/ }));
  expect(now().speciesId).toBe('garden_cress');
  await userEvent.click(screen.getByRole('button', { name: say('plannerSeeds.comparedTable') }));
  await userEvent.click(screen.getByRole('button', { name: say('plannerSeeds.weighsMg') }));
  const rows = screen.getAllByRole('row').slice(1);
  const weights = rows.map((r) => Number(within(r).getAllByRole('cell')[2]!.textContent)).filter((w) => !Number.isNaN(w));
  expect(weights).toEqual([...weights].sort((a, b) => a - b));
});

test('a lot of the shelf is offered for its own kind, with what its test says', async () => {
  const now = show(planOf('salt-steps'), [
    { ...LOT, tests: [TEST] },
    { ...LOT, id: 'l2', speciesId: 'radish', name: 'tin', tests: [] },
  ]);
  const lots = await screen.findByLabelText(say('plannerSeeds.seedLot'));
  expect(
    within(lots)
      .getAllByRole('option')
      .map((o) => o.textContent),
  ).toEqual(['any fresh packet', 'old jar, 2019']);
  await userEvent.selectOptions(lots, 'old jar, 2019');
  expect(now().seedLotId).toBe('l1');
});

test('a chosen lot that is past its best is said so', async () => {
  show(planOf('salt-steps', { seedLotId: 'l1' }), [{ ...LOT, tests: [TEST] }]);
  expect(await screen.findByText(/Fewer than half came up in the test/)).toBeInTheDocument();
});

test('a kind without a lot leads to the shelf', async () => {
  show();
  expect(await screen.findByRole('link', { name: 'Open the seed shelf' })).toHaveAttribute('href', '/seeds');
});

test('a lesson about the seeds is planned by what is done in it, on the school day before sowing', async () => {
  const now = show();
  await openWord(/^A lesson about the seeds: nobody/);
  await userEvent.click(screen.getByRole('checkbox', { name: /^count a packet/ }));
  // Sown on a Monday: the Friday before.
  expect(now().seedLesson).toEqual({ on: '2026-03-06', looks: ['count'] });
});

test('a handful each is counted when it is sown', async () => {
  const now = show();
  await openWord(/^Seeds: 2 seeds, 1 stays/);
  await userEvent.click(screen.getByRole('checkbox', { name: /^A handful or a packet each/ }));
  expect(now().seedsCounted).toBe(true);
});

test('how surely the seeds are enough is told, and of which where treatments have numbers of their own', () => {
  show();
  expect(screen.getByText(/^With 2, about 9\d of 100 have a plant/)).toBeInTheDocument();
});

test('numbers of their own are not told as the plan’s', () => {
  const [kinds] = planOf('kinds-side-by-side').factors;
  const levels = kinds!.levels.map((l, i) => (i === 2 ? { ...l, seeds: 1 } : l));
  show(planOf('kinds-side-by-side', { factors: [{ ...kinds!, levels }] }));
  expect(
    screen.getByText(/^Numbers differ between treatments; where it is least sure, about \d+ of 100 have a plant\.$/),
  ).toBeInTheDocument();
});
