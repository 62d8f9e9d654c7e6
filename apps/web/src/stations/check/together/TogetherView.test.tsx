import { say } from '@bright-sprout/words/say';
import { type TogetherView as Gathered } from '@bright-sprout/contracts/answers/together';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, Refusal, renderPage } from '../../../../test/fakeServer';
import { readingView, recordsOf } from '../../../../test/records';
import { TogetherView } from './TogetherView';

jest.mock('../../../api/live', () => ({ useLive: () => true }));

const { teams } = recordsOf([]).investigation;

function gathered(mm: number[], change: Partial<Gathered> = {}): Gathered {
  return {
    id: 'g1',
    containerId: 'A1',
    code: 'A1',
    openedAt: '2026-03-19T10:00:00.000Z',
    settledMm: null,
    closed: false,
    readings: mm.map((valueMm, i) => ({ team: teams[i]!, valueMm, typed: `${valueMm / 10} cm` })),
    ...change,
  };
}

function open(
  all: Gathered[],
  answers: Answers = {},
  change: Parameters<typeof recordsOf>[1] = {},
  readings: Parameters<typeof recordsOf>[0] = [],
) {
  const writes = fakeServer({
    'GET /investigations/i1': recordsOf(readings, change),
    'GET /classes/c1/room': { readings: [], sensor: { there: false, on: false } },
    'GET /investigations/i1/together': all,
    ...answers,
  });
  renderPage(<TogetherView />, { path: '/investigations/i1/together', route: '/investigations/:id/together' });
  return writes;
}

test('a plant that lives is tapped, and every team is asked for it', async () => {
  const writes = open([], { 'PUT /together/:id': undefined }, {}, [
    readingView('B1', '2026-03-10', { state: 'lost', lostReason: 'eaten' }),
  ]);
  const plants = within(await screen.findByRole('group', { name: say('together.plantRead') }));
  expect(plants.queryByRole('button', { name: /B1/ })).not.toBeInTheDocument();
  await userEvent.click(plants.getByRole('button', { name: /A2/ }));
  await waitFor(() => expect(writes[0]!.body).toEqual({ investigationId: 'i1', containerId: 'A2' }));
});

test('values stay covered until all have read or the teacher shows them', async () => {
  open([gathered([92])]);
  const covered = await screen.findByRole('img', { name: '1 teams have read; the values are still covered' });
  expect(
    within(screen.getByRole('list', { name: say('together.teams') }))
      .getAllByText(/has read|is reading/)
      .map((e) => e.textContent),
  ).toEqual(['has read', 'is reading']);
  expect(screen.queryByText(/The middle is/)).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('together.showReadFar') }));
  expect(covered).toHaveAccessibleName('Kites 9.2 cm; the middle is 9.2 cm');
  expect(screen.getByText(/Everybody read the same\./)).toBeInTheDocument();
});

test('when everybody has read, the middle is offered and the class settles on what it agrees on', async () => {
  const writes = open([gathered([92, 96])], { 'PUT /together/g1/settled': undefined });
  const settles = await screen.findByLabelText('The class settles on, cm');
  expect(settles).toHaveValue('9.4');
  expect(screen.getByText(/Readings lie 0\.4 cm apart, from 9\.2 to 9\.6 cm\. Why\?/)).toBeInTheDocument();
  await userEvent.clear(settles);
  await userEvent.type(settles, 'nine');
  expect(screen.getByRole('button', { name: say('together.settleOnIt') })).toBeDisabled();
  await userEvent.clear(settles);
  await userEvent.type(settles, '9,5{Enter}');
  await waitFor(() => expect(writes.map((w) => w.body)).toEqual([{ typed: '9,5 cm' }]));
});

test('a plant is left without a value; what the server says against it is shown', async () => {
  open([gathered([])], { 'DELETE /together/g1': new Refusal(409, 'It is settled already.') });
  expect(await screen.findByText(/Nobody has sent anything yet/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('together.leaveWithoutValue') }));
  expect(await screen.findByText('It is settled already.')).toBeInTheDocument();
});

test('settled plants are listed, and give the class’s own reading error', async () => {
  open([
    gathered([92, 96], { id: 'g2', settledMm: 94, closed: true }),
    gathered([50, 54], { id: 'g3', code: 'B1', settledMm: 52, closed: true }),
    gathered([10], { id: 'g4', code: 'B2', settledMm: null, closed: true }),
  ]);
  const side = within((await screen.findByRole('heading', { name: say('together.wellClassReads') })).closest('aside')!);
  expect(
    side
      .getAllByRole('row')
      .slice(1)
      .map((r) => r.textContent),
  ).toEqual([
    expect.stringMatching(/^A1.*9\.4 cm9\.2 to 9\.6, 2 teams$/),
    expect.stringMatching(/^B1.*5\.2 cm5\.0 to 5\.4, 2 teams$/),
  ]);
  // Both pairs differ by 4 mm: a pooled standard deviation of 4/√2 mm.
  expect(side.getByText('± 0.28')).toBeInTheDocument();
  expect(side.getByText(/from 4 readings of 2 plants/)).toBeInTheDocument();
});

test('a finished investigation is only looked at', async () => {
  open([], {}, { phase: 'finished' });
  expect(await screen.findByText(say('together.investigationFinishedNothingMore'))).toBeInTheDocument();
  expect(screen.queryByRole('group', { name: say('together.plantRead') })).not.toBeInTheDocument();
});

test('a ruler in quarter inches is read in its own steps', async () => {
  open([gathered([6.35 * 12, 6.35 * 13])], {}, { resolution: 'quarter-in' });
  expect(await screen.findByLabelText('The class settles on, in')).toHaveValue('3¼');
  expect(screen.getByRole('img', { name: /Kites 3 in, Bells 3¼ in/ })).toBeInTheDocument();
});
