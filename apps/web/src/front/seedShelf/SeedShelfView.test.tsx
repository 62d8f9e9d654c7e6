import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, Refusal, renderPage } from '../../../test/fakeServer';
import { SeedShelfView } from './SeedShelfView';

const TODAY = todayIn(Intl.DateTimeFormat().resolvedOptions().timeZone);
const YEAR = Number(TODAY.slice(0, 4));

const LOT: SeedLot = {
  id: 'l1',
  speciesId: 'barley',
  name: 'the big bag',
  year: YEAR - 1,
  count: 300,
  depthMm: [20, 30],
  spacingMm: null,
  daysToSprout: [4, 6],
  tests: [],
};

function open(lots: SeedLot[], answers: Answers = {}) {
  const writes = fakeServer({ 'GET /seed-lots': lots, 'PUT /seed-lots/:id': {}, 'PUT /seed-lots/l1': {}, ...answers });
  renderPage(<SeedShelfView />);
  return writes;
}

const field = (name: string | RegExp) => screen.getByLabelText(name);
const fill = async (name: string | RegExp, words: string) => {
  await userEvent.clear(field(name));
  await userEvent.type(field(name), words);
};

test('an empty shelf says what packets are good for', async () => {
  open([]);
  expect(await screen.findByText(say('seedShelf.packetsStand'))).toBeInTheDocument();
});

test('a lot shows its packet’s directions and, without a test, what its age suggests', async () => {
  open([LOT]);
  const lot = within(await screen.findByRole('listitem'));
  expect(lot.getByText(`${YEAR - 1} · 300 seeds · 20 to 30 mm deep · up in 4 to 6 days`)).toBeInTheDocument();
  expect(lot.getByText(/^no test; about \d+ % by its age$/)).toBeInTheDocument();
});

test('a test on paper is drawn with its interval; floating seeds prove nothing', async () => {
  open([
    {
      ...LOT,
      tests: [
        { kind: 'paper', up: 9, of: 10, on: TODAY },
        { kind: 'float', up: 2, of: 10, on: TODAY },
      ],
    },
  ]);
  // Wilson's interval of 9 in 10.
  const drawn = await screen.findByRole('img', { name: '9 of 10 came up, 60 % to 98 %' });
  const fills = [...drawn.querySelectorAll('svg > path')].map((seed) => seed.getAttribute('fill')!);
  const full = fills.filter((f) => f === '#2C9A96').length;
  const hatched = fills.filter((f) => f.startsWith('url')).length;
  expect([full, hatched, fills.length]).toEqual([59, 39, 100]);
  expect(screen.getByText('8 of 10 sank in water: sinking is no proof of life.')).toBeInTheDocument();
});

test('a lot past its best is said so', async () => {
  open([{ ...LOT, speciesId: 'onion', year: YEAR - 9 }]);
  expect(await screen.findByText(/best/i)).toHaveClass('shelf-warning');
});

test('a new lot is put on the shelf with a test', async () => {
  const writes = open([]);
  await userEvent.click(await screen.findByRole('button', { name: say('seedShelf.putLotShelf') }));
  await fill('What we call it', 'from the market');
  await fill('Year on the packet', String(YEAR));
  await fill('Depth on the packet, mm', '10 to 15');
  await userEvent.click(screen.getByRole('button', { name: say('seedShelf.addTest') }));
  await fill('Test 1: came up or floated', '7');
  await userEvent.click(screen.getByRole('button', { name: say('seedShelf.keepIt') }));
  await waitFor(() => expect(writes).toHaveLength(1));
  expect(writes[0]!.body).toMatchObject({
    name: 'from the market',
    year: YEAR,
    depthMm: [10, 15],
    tests: [{ kind: 'paper', up: 7, of: 10, on: TODAY }],
  });
  await waitFor(() => expect(screen.queryByRole('button', { name: say('seedShelf.keepIt') })).not.toBeInTheDocument());
});

test('a depth that is no pair is said at the field, and nothing is lost', async () => {
  const writes = open([LOT]);
  await userEvent.click(await screen.findByRole('button', { name: say('seedShelf.changeAddTest') }));
  await fill('Depth on the packet, mm', 'deep');
  await userEvent.click(screen.getByRole('button', { name: say('seedShelf.keepIt') }));
  await waitFor(() => expect(field('Depth on the packet, mm')).toBeInvalid());
  expect(field('Depth on the packet, mm')).toHaveValue('deep');
  expect(field('What we call it')).toHaveValue('the big bag');
  expect(writes).toEqual([]);
});

test('what the server says against a lot stays beside the form', async () => {
  open([LOT], { 'PUT /seed-lots/l1': new Refusal(409, 'A colleague has changed this lot.') });
  await userEvent.click(await screen.findByRole('button', { name: say('seedShelf.changeAddTest') }));
  await userEvent.click(screen.getByRole('button', { name: say('seedShelf.keepIt') }));
  expect(await screen.findByText('A colleague has changed this lot.')).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('common.leaveIt') }));
  expect(screen.queryByRole('button', { name: say('seedShelf.keepIt') })).not.toBeInTheDocument();
});

test('a lot is taken off the shelf', async () => {
  let lots = [LOT];
  const writes = open(lots, { 'GET /seed-lots': () => lots, 'DELETE /seed-lots/l1': () => void (lots = []) });
  await userEvent.click(await screen.findByRole('button', { name: 'Take the big bag off the shelf' }));
  expect(await screen.findByText(say('seedShelf.packetsStand'))).toBeInTheDocument();
  expect(writes).toHaveLength(1);
});
