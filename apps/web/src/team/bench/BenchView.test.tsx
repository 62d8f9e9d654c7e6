import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { addDays } from '@bright-sprout/core/calendar/days';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, Refusal, renderPage } from '../../../test/fakeServer';
import { readingView, recordsOf } from '../../../test/records';
import { BenchView } from './BenchView';

const add = jest.fn();
jest.mock('../../api/outbox', () => ({
  theOutbox: () => ({
    add: (...entry: unknown[]) => Promise.resolve(add(...entry)),
    actAs: () => undefined,
    onConfirmed: () => () => undefined,
  }),
  useWaiting: () => [],
  isWaitingCheck: () => false,
}));
const speak = jest.fn();

const TODAY = todayIn('UTC');
const SOWN = addDays(TODAY, -9);

function open(
  change: Parameters<typeof recordsOf>[1] = {},
  readings: Parameters<typeof recordsOf>[0] = [],
  answers: Answers = {},
  path = '/bench',
) {
  const own = recordsOf(readings);
  const containers = own.investigation.containers.filter((c) => c.teamId === 't1').map((c) => ({ ...c, sownOn: SOWN }));
  const investigation = { ...own.investigation, sownOn: SOWN, containers, ...change };
  fakeServer({
    'GET /bench': {
      team: own.investigation.teams[0],
      className: '7 Copper',
      today: TODAY,
      investigations: [{ ...own, investigation }],
      species: [speciesById('barley')],
    },
    'GET /bench/predictions': [],
    'GET /bench/together': [],
    ...answers,
  });
  renderPage(<BenchView />, { path, route: '/bench' });
}

const known = () => userEvent.click(screen.getByRole('button', { name: say('bench.weKnowHow') }));
const tabs = async () => within(await screen.findByRole('navigation', { name: say('bench.yourContainers') }));

beforeEach(() => {
  localStorage.clear();
  add.mockClear();
  speak.mockClear();
  Object.assign(globalThis, {
    speechSynthesis: { cancel: jest.fn(), speak },
    SpeechSynthesisUtterance: class {
      constructor(readonly text: string) {}
    },
  });
});

test('the first time the guide is shown, then never by itself; it opens at the first container that is not done', async () => {
  open({}, [readingView('A1', TODAY, { heightMm: 50 })]);
  expect((await tabs()).getByRole('button', { name: 'A1, done' })).not.toHaveAttribute('aria-current');
  expect((await tabs()).getByRole('button', { name: 'B1' })).toHaveAttribute('aria-current', 'true');
  await known();
  expect(screen.getByRole('button', { name: say('bench.notUpYet') })).toBeInTheDocument();
  expect(JSON.stringify(localStorage)).toMatch(/guide/i);
});

test('when everything is checked the team sees what it has done and can hand the device on', async () => {
  open(
    {},
    ['A1', 'B1'].map((id) => readingView(id, TODAY, { heightMm: 50 })),
    { 'DELETE /session': undefined },
  );
  expect(await screen.findByRole('button', { name: /Hand the device/ })).toBeInTheDocument();
});

test('several tagged plants come one after another', async () => {
  open({ bench: { ...USUAL_BENCH, plants: 3 } });
  await screen.findByRole('heading', { name: say('refusals.kites') });
  await known();
  const plants = within(screen.getByRole('group', { name: 'Tagged plants of A1' }));
  expect(plants.getAllByRole('button').map((b) => b.textContent)).toEqual(['Plant 1', 'Plant 2', 'Plant 3']);
  await userEvent.click(screen.getByRole('button', { name: say('bench.notUpYet') }));
  await userEvent.click(screen.getByRole('button', { name: /^Next: A1 · 2/ }));
  expect(plants.getByRole('button', { name: 'Plant 2' })).toHaveAttribute('aria-current', 'true');
  expect((add.mock.calls[0] as [string, string, { body: object }])[2].body).toMatchObject({
    containerId: 'A1',
    readings: [{ plant: '1', state: 'not-up' }],
  });
});

test('the youngest have whole numbers, and everything can be read aloud', async () => {
  const own = recordsOf([]).investigation;
  open({ class: { ...own.class, gradeBand: 'early' }, resolution: 'cm' });
  await screen.findByRole('heading', { name: say('refusals.kites') });
  await known();
  expect(screen.queryByRole('button', { name: '.' })).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('page.readAloud') }));
  expect(speak.mock.calls).toHaveLength(1);
  expect((speak.mock.calls[0] as [{ text: string }])[0].text).toMatch(/A1/);
});

test('a staggered sowing cannot be opened before its day', async () => {
  const own = recordsOf([]).investigation;
  const containers = own.containers
    .filter((c) => c.teamId === 't1')
    .map((c) => ({ ...c, sownOn: c.code === 'A1' ? SOWN : addDays(TODAY, 3) }));
  open({ containers });
  expect((await tabs()).getByRole('button', { name: 'B1' })).toBeDisabled();
});

test('closed checking, a plant read by everybody and open questions are said at the top', async () => {
  open({ checkingClosedAt: `${TODAY}T08:00:00.000Z` }, [], {
    'GET /bench/together': [{ id: 'g1', code: 'A2' }],
    'GET /bench/predictions': [{ planId: 'p2', question: 'Which light?', sown: false, answer: null }],
  });
  expect(await screen.findByText(/Your teacher has closed checking for now/)).toBeInTheDocument();
  expect(await screen.findByRole('link', { name: 'Everybody reads A2 now' })).toHaveAttribute('href', '/bench/together');
  expect(screen.getByRole('link', { name: 'What do you expect? Which light?' })).toHaveAttribute('href', '/bench/predict/p2');
});

test('before sowing day there is nothing to check', async () => {
  const own = recordsOf([]).investigation;
  const sownOn = addDays(TODAY, 2);
  open({ sownOn, containers: own.containers.map((c) => ({ ...c, sownOn })) });
  expect(await screen.findByText(/^Sowing day is /)).toBeInTheDocument();
});

test('a team with nothing sown can hand the device on', async () => {
  open({}, [], { 'GET /bench': { team: recordsOf([]).investigation.teams[0], today: TODAY, investigations: [], species: [] } });
  expect(await screen.findByText('Kites, your pots are not sown yet')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: say('bench.handDeviceAnotherTeam') })).toBeInTheDocument();
});

test('when the server is away and nothing is kept, the page says so and tries again', async () => {
  open({}, [], { 'GET /bench': new Refusal(503, 'The server is starting.') });
  expect(await screen.findByText('The server is starting.')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: /again/i })).toBeInTheDocument();
});

test('without a network a clock that shows an earlier day is told, and what is entered carries the doubt', async () => {
  const seen = addDays(TODAY, 3);
  const own = recordsOf([]);
  const containers = own.investigation.containers.filter((c) => c.teamId === 't1').map((c) => ({ ...c, sownOn: SOWN }));
  open({}, [], {
    'GET /bench': {
      team: own.investigation.teams[0],
      className: '7 Copper',
      today: seen,
      investigations: [{ ...own, investigation: { ...own.investigation, sownOn: SOWN, containers } }],
      species: [speciesById('barley')],
    },
  });
  await screen.findByRole('heading', { name: say('refusals.kites') });
  await known();
  expect(screen.getByText(/This device’s clock says .* Without a network we cannot ask what day it is/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('bench.notUpYet') }));
  await userEvent.click(screen.getByRole('button', { name: /^Next/ }));
  expect((add.mock.calls[0] as [string, string, { body: object }])[2].body).toMatchObject({ day: seen, dayCode: 'wrong-clock' });
});

test('before sowing by a clock that nobody could compare, another day can be said', async () => {
  const sownOn = addDays(TODAY, 20);
  const containers = recordsOf([]).investigation.containers.map((c) => ({ ...c, sownOn }));
  open({ sownOn, containers });
  await screen.findByRole('heading', { name: say('refusals.kites') });
  expect(screen.queryByText(/Come back when/)).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('bench.itIsAnotherDay') }));
  await userEvent.type(screen.getByLabelText(/Which day did you check/), addDays(TODAY, 25));
  await userEvent.click(screen.getByRole('button', { name: say('bench.deviceWrongDate') }));
  await known();
  expect(screen.getByRole('button', { name: say('bench.notUpYet') })).toBeInTheDocument();
});
