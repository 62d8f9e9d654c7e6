import { say } from '@bright-sprout/words/say';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { addDays } from '@bright-sprout/core/calendar/days';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { fakeServer, Refusal, renderPage } from '../../../../test/fakeServer';
import { readingView, recordsOf } from '../../../../test/records';
import { LogView } from './LogView';

jest.mock('../../../api/live', () => ({ useLive: () => true }));

const TODAY = todayIn('UTC');
const SOWN = addDays(TODAY, -10);
const [FIRST, SECOND] = [addDays(TODAY, -4), addDays(TODAY, -2)];
const DOUBT = { kind: 'shrank' as const, answer: null, secondMm: null };

const FEW = recordsOf([]).investigation.containers;

function open(readings: Parameters<typeof recordsOf>[0], save: unknown = {}, pots = FEW) {
  const containers = pots.map((c) => ({ ...c, sownOn: SOWN }));
  const schedule = [FIRST, SECOND].map((day) => ({ day, kind: 'check' as const, code: 'check' as const }));
  const writes = fakeServer({
    'GET /investigations/i1': recordsOf(readings, { sownOn: SOWN, containers, schedule }),
    'GET /classes/c1/room': { readings: [], sensor: { there: false, on: false } },
    'PUT /checks/:id': save,
  });
  renderPage(<LogView />, { path: '/investigations/i1/log', route: '/investigations/:id/log' });
  return writes;
}

const cell = async (name: string) => (await screen.findAllByRole('gridcell', { name: new RegExp(`^${name}`) }))[0]!;
const bodyOf = (write: { body: unknown } | undefined) => write!.body as SaveCheckRequest;

test('a value is typed into its cell, saved for its own day with the reason, and Enter goes down', async () => {
  const writes = open([]);
  await userEvent.click(await cell('A1, .*' + Number(SECOND.slice(8))));
  await userEvent.keyboard('9,4{Enter}');
  await waitFor(() => expect(writes).toHaveLength(1));
  expect(bodyOf(writes[0])).toMatchObject({
    containerId: 'A1',
    day: SECOND,
    dayCode: 'in-the-log',
    readings: [{ state: 'measured', findings: [{ measure: 'height', typed: '9,4 cm' }] }],
  });
  expect(screen.queryByRole('textbox', { name: /^A1 on/ })).not.toBeInTheDocument();
  await userEvent.keyboard('n{Enter}');
  await waitFor(() => expect(writes).toHaveLength(2));
  expect(bodyOf(writes[1])).toMatchObject({ containerId: 'B1', readings: [{ state: 'not-up' }] });
});

test('what cannot be read stays in its cell with a sentence, and nothing is sent', async () => {
  const writes = open([]);
  await userEvent.click(await cell('A1'));
  await userEvent.keyboard('tall{Enter}');
  expect(screen.getByRole('alert')).toHaveTextContent(/^A1: .* What you typed is still in its cell\.$/);
  expect(screen.getByRole('textbox', { name: /^A1 on/ })).toHaveValue('tall');
  await userEvent.keyboard('{Escape}');
  expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  expect(writes).toEqual([]);
});

test('a value that differs from what two devices said replaces both, and is no longer in dispute', async () => {
  const readings = [
    readingView('A1', SECOND, { id: 'one', heightMm: 80, recordedAt: `${SECOND}T10:00:00Z` }),
    readingView('A1', SECOND, { id: 'two', heightMm: 90, recordedAt: `${SECOND}T10:05:00Z` }),
  ];
  const writes = open(readings);
  await userEvent.click(await cell('A1, .*doubtful'));
  const panel = screen.getByRole('heading', { name: /^A1 · / }).closest('section')!;
  expect(within(panel).getByText(/Another device says/)).toHaveTextContent('Another device says 8.0 cm');
  await userEvent.keyboard('8.5{Enter}');
  await waitFor(() => expect(writes).toHaveLength(1));
  expect(bodyOf(writes[0]).readings.map((r) => [r.findings![0]!.typed, r.supersedes])).toEqual([
    ['8.5 cm', 'two'],
    ['8.5 cm', 'one'],
  ]);
});

test('an open question is settled with a reason; without one it cannot be', async () => {
  const writes = open([
    readingView('A1', SECOND, {
      id: 'low',
      findings: [numberFound('height', 40, '4.0 cm'), numberFound('leaves', 2)],
      doubt: DOUBT,
    }),
  ]);
  await userEvent.click(await cell('A1, .*doubtful'));
  expect(screen.getByText(/It shrank\. Nobody has answered\./)).toBeInTheDocument();
  const settle = screen.getByRole('button', { name: say('log.settleIt') });
  expect(settle).toBeDisabled();
  await userEvent.type(screen.getByLabelText(say('log.standsBecause')), 'a slug');
  await userEvent.click(settle);
  await waitFor(() => expect(writes).toHaveLength(1));
  expect(bodyOf(writes[0]).readings).toMatchObject([
    {
      findings: [
        { measure: 'height', typed: '4.0 cm' },
        { measure: 'leaves', value: 2 },
      ],
      note: 'a slug',
      supersedes: 'low',
      doubt: { kind: 'shrank', answer: 'really-so' },
    },
  ]);
});

test('what the server would not take is told by the plant’s name', async () => {
  open([], new Refusal(422, 'This investigation is finished.'));
  await userEvent.click(await cell('A1'));
  await userEvent.keyboard('x{Enter}');
  expect(await screen.findByText('A1: This investigation is finished.')).toBeInTheDocument();
});

test('the list can be kept to what is missing or doubtful', async () => {
  const lost = readingView('B2', FIRST, { state: 'lost', lostReason: 'eaten' });
  const looked = [FIRST, SECOND].map((day) => readingView('A1', day, { heightMm: 50 }));
  open([lost, ...looked, readingView('A2', FIRST, { heightMm: 44, doubt: DOUBT }), readingView('A2', SECOND, { heightMm: 50 })]);
  await userEvent.click(await screen.findByRole('button', { name: 'Only what is missing (1)' }));
  expect(screen.getAllByRole('rowheader').map((h) => h.textContent?.trim())).toEqual(['B1']);
  await userEvent.click(screen.getByRole('button', { name: 'Only what is doubtful (1)' }));
  expect(screen.getAllByRole('rowheader').map((h) => h.textContent?.trim())).toEqual(['A2']);
});

test('of many plants only those in sight are drawn, with the row in which something is typed', async () => {
  const many = Array.from({ length: 500 }, (_, n) => ({ ...FEW[0]!, id: `P${n}`, code: `P${n}`, position: n }));
  open([], {}, many);
  await userEvent.click(await cell('P0,'));
  await userEvent.keyboard('7');
  const grid = screen.getByRole('grid');
  expect(grid).toHaveAttribute('aria-rowcount', '501');
  const drawn = within(grid).getAllByRole('rowheader').length;
  expect(drawn).toBeGreaterThan(15);
  expect(drawn).toBeLessThan(60);
  const holder = grid.parentElement!;
  holder.scrollTop = 400 * 34;
  fireEvent.scroll(holder);
  expect(await screen.findByRole('rowheader', { name: 'P405' })).toBeInTheDocument();
  expect(screen.queryByRole('rowheader', { name: 'P50' })).not.toBeInTheDocument();
  expect(screen.getByRole('textbox', { name: /^P0 on/ })).toHaveValue('7');
});
