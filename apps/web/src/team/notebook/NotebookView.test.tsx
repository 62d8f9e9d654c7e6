import { say } from '@bright-sprout/words/say';
import { type BenchPrediction } from '@bright-sprout/contracts/answers/predictions';
import { type WaitingEntry } from '../../api/outbox';
import { screen, within } from '@testing-library/react';
import { fakeServer, Refusal, renderPage } from '../../../test/fakeServer';
import { readingView, recordsOf } from '../../../test/records';
import { waitingCheck } from '../../../test/waiting';
import { NotebookView } from './NotebookView';

const EXPECTED: BenchPrediction = {
  planId: 'i1',
  teamId: 't1',
  question: 'Does salt keep barley short?',
  speciesName: 'Barley',
  resolution: 'mm',
  kinds: ['first-sprout-day', 'height-on-day', 'which-wins'],
  treatments: [],
  heightDay: 12,
  answer: { firstSproutDay: 4, heightMm: 150, winner: 'B' },
  sown: true,
};

const READINGS = [
  readingView('A1', '2026-03-07', { state: 'not-up' }),
  readingView('A1', '2026-03-10', { heightMm: 40, leaves: 1, note: 'pale at the tip' }),
  readingView('A1', '2026-03-14', { id: 'slip', heightMm: 9, recordedAt: '2026-03-14T09:00:00Z' }),
  readingView('A1', '2026-03-14', { id: 'right', heightMm: 90, supersedes: 'slip', recordedAt: '2026-03-14T09:01:00Z' }),
  readingView('B1', '2026-03-14', { heightMm: 30 }),
];

function open(readings = READINGS, predictions: BenchPrediction[] = [EXPECTED], photos: unknown[] = []) {
  const own = recordsOf(readings);
  const containers = own.investigation.containers.filter((c) => c.teamId === 't1');
  const bench = {
    team: own.investigation.teams[0],
    className: '7 Copper',
    today: '2026-03-16',
    investigations: [{ ...own, investigation: { ...own.investigation, containers }, photos }],
    species: [],
  };
  fakeServer({ 'GET /bench': bench, 'GET /bench/predictions': predictions });
  renderPage(<NotebookView />, { path: '/bench/notebook/i1', route: '/bench/notebook/:id' });
}

let waiting: WaitingEntry[] = [];
jest.mock('../../api/outbox', () => ({
  useWaiting: () => waiting,
  isWaitingCheck: (entry: WaitingEntry) => entry.kind === 'check',
}));

test('what waits on the device counts too', async () => {
  waiting = [waitingCheck({ state: 'measured', findings: [{ measure: 'height', typed: '10.5 cm' }] })];
  open();
  expect((await page('A1')).getByText(/10\.5 cm/)).toBeInTheDocument();
  waiting = [];
});

const page = async (code: string) => within(await screen.findByRole('region', { name: code }));

test('a page has every look with its change, what was corrected struck through, and the words of the team', async () => {
  open();
  const a1 = await page('A1');
  const rows = a1
    .getAllByRole('row')
    .slice(1)
    .map((r) =>
      within(r)
        .getAllByRole('cell')
        .map((c) => c.textContent),
    );
  expect(rows.map(([day, , , change]) => [day, change])).toEqual([
    ['4', ''],
    ['7', ''],
    ['11', '+5.0'],
  ]);
  expect(rows[1]![2]).toMatch(/4\.0 cm.*“pale at the tip”/);
  expect(a1.getByText(/0\.9 cm/).tagName).toBe('S');
  expect(a1.getByRole('img', { name: 'How A1 grew: day 7 4.0, day 11 9.0' })).toBeInTheDocument();
});

test('a plant that nobody has looked at says so', async () => {
  open([]);
  expect(await (await page('B1')).findByText(say('notebook.nobodyLookedYet'))).toBeInTheDocument();
  expect(screen.queryByRole('heading', { name: /^Our plants on/ })).not.toBeInTheDocument();
});

test('what was expected stands beside what came, with the days between which it came up', async () => {
  open();
  const table = within((await screen.findByRole('heading', { name: say('notebook.expectedCame') })).closest('section')!);
  const cells = table
    .getAllByRole('row')
    .slice(1)
    .map((r) => r.textContent);
  expect(cells).toEqual([
    'The first comes upon day 4between day 4 and day 7',
    'The tallest on day 1215.0 cm9.0 cm on day 11',
    'Tallest of allsaltno salt so far',
  ]);
});

test('the team’s own wall and lines show its plants as last checked', async () => {
  open();
  expect(await screen.findByRole('heading', { name: /^Our plants on Sat 14 Mar/ })).toBeInTheDocument();
  expect(
    screen.getByRole('img', { name: /^How our plants grew, height: A1 9\.0 cm on day 11, B1 3\.0 cm on day 11/ }),
  ).toBeInTheDocument();
});

test('pictures are on the page of their plant', async () => {
  open(READINGS, [], [{ id: 'ph', containerId: 'B1', day: '2026-03-14', teamId: 't1', recordedAt: '2026-03-14T09:00:00Z' }]);
  const picture = (await page('B1')).getByRole('img', { name: /^B1 on Sat 14 Mar/ });
  expect(picture).toHaveAttribute('src', '/api/v1/bench/photos/ph/small');
});

test('an investigation that is not the team’s has no notebook', async () => {
  fakeServer({ 'GET /bench': { team: {}, investigations: [], species: [] }, 'GET /bench/predictions': [] });
  renderPage(<NotebookView />, { path: '/bench/notebook/other', route: '/bench/notebook/:id' });
  expect(await screen.findByText(say('notebook.investigationOverYours'))).toBeInTheDocument();
});

test('a device that has not joined is led to joining', async () => {
  fakeServer({ 'GET /bench': new Refusal(401, 'Join again.'), 'GET /bench/predictions': [] });
  renderPage(<NotebookView />, { path: '/bench/notebook/i1', route: '/bench/notebook/:id' });
  expect(await screen.findByTestId('elsewhere')).toHaveTextContent('/join');
});
