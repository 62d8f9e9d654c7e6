import { say } from '@bright-sprout/words/say';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type CareView } from '@bright-sprout/contracts/answers/care';
import { type HeldView } from '@bright-sprout/contracts/answers/held';
import { type RunChangeView } from '@bright-sprout/contracts/answers/running';
import { addDays } from '@bright-sprout/core/calendar/days';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, Refusal, renderPage } from '../../../../test/fakeServer';
import { classView } from '../../../../test/plans';
import { readingView, recordsOf } from '../../../../test/records';
import { RunView } from './RunView';

jest.mock('../../../api/live', () => ({ useLive: () => true }));

const TODAY = todayIn('UTC');
const YESTERDAY = addDays(TODAY, -1);
const SOWN = addDays(TODAY, -12);

const MOVED: RunChangeView = {
  id: 'r1',
  kind: 'move-team',
  containerId: 'A1',
  code: 'A1',
  fromTeam: 't1',
  toTeam: 't2',
  replaces: null,
  note: 'a team was split',
  recordedAt: `${TODAY}T08:00:00.000Z`,
  undone: false,
};

const WATERED: CareView = {
  id: 'w1',
  investigationId: 'i1',
  teamId: 't1',
  day: YESTERDAY,
  kind: 'water',
  task: 'water',
  amountMl: 20,
  skipped: false,
  note: 'dry on top',
  recordedAt: `${YESTERDAY}T08:00:00.000Z`,
} as CareView;

function open(
  change: Parameters<typeof recordsOf>[1] = {},
  answers: Answers = {},
  readings: Parameters<typeof recordsOf>[0] = [],
) {
  const containers = recordsOf([]).investigation.containers.map((c) => ({ ...c, sownOn: SOWN }));
  const writes = fakeServer({
    'GET /investigations/i1': recordsOf(readings, { sownOn: SOWN, containers, ...change }),
    'GET /classes/c1/room': { readings: [], sensor: { there: false, on: false } },
    'GET /classes/c1': classView(),
    'GET /investigations/i1/run-changes': [],
    'GET /investigations/i1/screen-links': [],
    'GET /classes/c1/held': [],
    'PUT /care/:id': {},
    'PUT /checks/:id': {},
    ...answers,
  });
  renderPage(<RunView />, { path: '/investigations/i1/run', route: '/investigations/:id/run' });
  return writes;
}

const part = async (name: string | RegExp) => within((await screen.findByRole('heading', { name })).closest('section')!);

describe('checking', () => {
  test('is closed after a period, with what that means for the teams', async () => {
    const writes = open({}, { 'PATCH /investigations/i1': recordsOf([]).investigation });
    const opening = await part('Checking is open');
    await userEvent.click(opening.getByRole('button', { name: say('run.closeChecking') }));
    await waitFor(() => expect(writes).toHaveLength(1));
    expect(writes[0]!.body).toEqual({ checkingOpen: false, version: 1 });
  });

  test('a finished investigation can only be opened again', async () => {
    const writes = open({ phase: 'finished' }, { 'PATCH /investigations/i1': recordsOf([]).investigation });
    const opening = await part('The investigation is finished');
    expect(opening.queryByRole('button', { name: /checking/ })).not.toBeInTheDocument();
    await userEvent.click(opening.getByRole('button', { name: say('run.openAgain') }));
    await waitFor(() => expect(writes[0]!.body).toEqual({ phase: 'growing', version: 1 }));
  });

  test('what another teacher changed meanwhile is said', async () => {
    open({}, { 'PATCH /investigations/i1': new Refusal(409, 'Somebody else has changed it.') });
    const opening = await part('Checking is open');
    await userEvent.click(opening.getByRole('button', { name: say('common.endInvestigation') }));
    expect(await opening.findByText('Somebody else has changed it.')).toBeInTheDocument();
  });
});

describe('what could not be taken', () => {
  const held: HeldView = {
    id: 'h1',
    kind: 'check',
    body: {
      containerId: 'A1',
      day: YESTERDAY,
      recordedAt: `${YESTERDAY}T10:00:00Z`,
      readings: [{ id: 'r', plant: '1', state: 'measured', findings: [{ measure: 'height', typed: '12.5 cm' }] } as never],
    },
    team: { id: 't1', emblem: 'kite', nickname: 'Kites' },
    code: 'A1',
    reason: { code: 'refusals.containerBelongsAnotherTeam' },
    receivedAt: `${TODAY}T08:00:00Z`,
  };

  test('is told with its reason, and taken in or left out', async () => {
    const writes = open(
      {},
      { 'GET /classes/c1/held': [held, { ...held, id: 'h2' }], 'PUT /held/h1/taken': {}, 'DELETE /held/h2': undefined },
    );
    const waiting = await part('Waiting for you to decide');
    const [first, second] = waiting.getAllByRole('listitem');
    expect(first).toHaveTextContent(
      /Kites, A1: 12.5 cm on .* They were told: “This container belongs to another team\. Nothing was saved for it\.”/,
    );
    await userEvent.click(within(first!).getByRole('button', { name: say('run.takeItIn') }));
    await waitFor(() => expect(within(second!).getByRole('button', { name: say('run.leaveItOut') })).toBeEnabled());
    await userEvent.click(within(second!).getByRole('button', { name: say('run.leaveItOut') }));
    await waitFor(() => expect(writes.map((w) => `${w.method} ${w.path}`)).toEqual(['PUT /held/h1/taken', 'DELETE /held/h2']));
  });

  test('the page has one main part that a screen reader can jump to', async () => {
    open();
    await part('Checking is open');
    expect(screen.getByRole('main')).toContainElement(screen.getByRole('heading', { name: say('run.checkingOpen') }));
  });

  test('checks that came in after the end are told', async () => {
    open({ phase: 'finished', cameLate: 2 });
    const opening = await part('The investigation is finished');
    expect(opening.getByText(/2 checks came in since; they were made before\./)).toBeInTheDocument();
  });
});

describe('an accident', () => {
  test('is one lost reading for each container that was chosen, for each of its plants, and replaces what stood there', async () => {
    const before = readingView('A2', TODAY, { id: 'seen', heightMm: 40 });
    const writes = open({}, {}, [before]);
    const accident = await part('Record an accident');
    for (const name of [/A1/, /A2/, /B2/]) await userEvent.click(accident.getByRole('button', { name }));
    await userEvent.click(accident.getByRole('button', { name: /B2/ }));
    await userEvent.selectOptions(accident.getByLabelText(say('run.eachOfThem')), 'dried-out');
    await userEvent.type(accident.getByLabelText(say('run.whatHappened')), 'a hot weekend');
    await userEvent.click(accident.getByRole('button', { name: 'Record for 2' }));
    await waitFor(() => expect(accident.getByRole('button', { name: say('run.recordIt') })).toBeDisabled());
    const lost = { state: 'lost', lostReason: 'dried-out', note: 'a hot weekend', plant: '1' };
    expect(writes.map((w) => w.body)).toEqual([
      expect.objectContaining({ containerId: 'A1', day: TODAY, readings: [expect.objectContaining(lost)] }),
      expect.objectContaining({ containerId: 'A2', readings: [expect.objectContaining({ ...lost, supersedes: 'seen' })] }),
    ]);
    expect(accident.getByLabelText(say('run.whatHappened'))).toHaveValue('');
  });

  test('that stops halfway keeps the rest chosen, so that pressing again writes nothing twice', async () => {
    let asked = 0;
    const writes = open({}, { 'PUT /checks/:id': () => (++asked === 2 ? new Refusal(503, 'The server is busy.') : {}) });
    const accident = await part('Record an accident');
    for (const name of [/A1/, /B1/]) await userEvent.click(accident.getByRole('button', { name }));
    await userEvent.click(accident.getByRole('button', { name: 'Record for 2' }));
    expect(await accident.findByText('The server is busy.')).toBeInTheDocument();
    await userEvent.click(accident.getByRole('button', { name: 'Record for 1' }));
    await waitFor(() => expect(writes).toHaveLength(3));
    expect(writes.map((w) => (w.body as { containerId: string }).containerId)).toEqual(['A1', 'B1', 'B1']);
  });

  test('lost containers can no longer be lost', async () => {
    open({}, {}, [readingView('B1', TODAY, { state: 'lost', lostReason: 'eaten' })]);
    const accident = await part('Record an accident');
    expect(accident.getAllByRole('button', { pressed: false }).map((b) => b.textContent?.trim())).toEqual(['A1', 'A2', 'B2']);
  });
});

describe('a container goes to another team', () => {
  test('with its reason, and to the class where no team is chosen', async () => {
    const writes = open({}, { 'PUT /run-changes/:id': MOVED });
    const move = await part('Give a container to another team');
    await userEvent.click(move.getByRole('button', { name: say('run.moveIt') }));
    expect(await move.findByText(say('run.chooseContainerMoves'))).toBeInTheDocument();
    await userEvent.selectOptions(move.getByLabelText(say('common.container')), 'A1');
    await userEvent.selectOptions(await move.findByLabelText(say('run.goesTo')), 't2');
    await userEvent.type(move.getByLabelText(say('run.because')), 'somebody is ill');
    await userEvent.click(move.getByRole('button', { name: say('run.moveIt') }));
    await waitFor(() => expect(writes).toHaveLength(1));
    expect(writes[0]!.body).toEqual({
      investigationId: 'i1',
      kind: 'move-team',
      containerId: 'A1',
      teamId: 't2',
      note: 'somebody is ill',
    });
    await waitFor(() => expect(move.getByLabelText(say('common.container'))).toHaveValue(''));
  });
});

describe('a late sowing', () => {
  test('has its own day and seeds, and says its label', async () => {
    const writes = open({}, { 'PUT /run-changes/:id': { ...MOVED, kind: 'late-sowing', code: 'B3' } });
    const late = await part('Add a late sowing');
    await userEvent.selectOptions(late.getByLabelText(say('run.treatment')), 'B');
    await userEvent.clear(late.getByLabelText(say('run.seeds')));
    expect(await late.findByText('Seeds are a whole number from 1 to 500.')).toBeInTheDocument();
    await userEvent.type(late.getByLabelText(say('run.seeds')), '5');
    await userEvent.click(late.getByRole('button', { name: say('run.addIt') }));
    expect(await late.findByRole('status')).toHaveTextContent('B3 is added.');
    expect(writes[0]!.body).toEqual({ investigationId: 'i1', kind: 'late-sowing', treatment: 'B', sownOn: TODAY, seeds: 5 });
  });

  test('pressed again after an answer was lost is the same sowing; the next one is another', async () => {
    let asked = 0;
    const writes = open({}, { 'PUT /run-changes/:id': () => (++asked === 1 ? new Refusal(503, 'No answer came.') : MOVED) });
    const late = await part('Add a late sowing');
    const add = late.getByRole('button', { name: say('run.addIt') });
    await userEvent.click(add);
    await late.findByText('No answer came.');
    await userEvent.click(add);
    await late.findByRole('status');
    await userEvent.click(add);
    await waitFor(() => expect(writes).toHaveLength(3));
    const [first, again, next] = writes.map((w) => w.path);
    expect(again).toBe(first);
    expect(next).not.toBe(first);
  });
});

describe('thinning', () => {
  test('draws which seedlings stay and writes it down for each container, with the lot', async () => {
    const writes = open();
    const thin = await part('Thin');
    const lot = Number(/Lot number (\d+)/.exec(thin.getByText(/Lot number/).textContent!)![1]);
    expect(thin.getAllByRole('row')).toHaveLength(4);
    await userEvent.clear(thin.getByLabelText('Seedlings up in B1'));
    await userEvent.type(thin.getByLabelText('Seedlings up in B1'), '1');
    expect(within(thin.getByRole('row', { name: /B1/ })).getByText(say('run.nothingThin'))).toBeInTheDocument();
    await userEvent.click(thin.getByRole('button', { name: say('run.thinnedWriteDown') }));
    await waitFor(() => expect(writes).toHaveLength(3));
    const bodies = writes.map((w) => w.body as { task: string; note: string });
    expect(bodies.map((b) => b.task)).toEqual(['thin A1', 'thin A2', 'thin B2']);
    for (const b of bodies) expect(b.note).toMatch(new RegExp(`^(1st|2nd|3rd) of 3 stays, lot ${lot}$`));
    expect(thin.getByRole('button', { name: say('run.thinnedWriteDown') })).toBeDisabled();
  });

  test('counts what teams saw come up, draws again, and keeps the middle by rule', async () => {
    const counted = readingView('A1', YESTERDAY, { findings: [numberFound('seeds-up', 2)] });
    open({}, {}, [counted]);
    const thin = await part('Thin');
    expect(thin.getByLabelText('Seedlings up in A1')).toHaveValue(2);
    expect(thin.getByLabelText('Seedlings up in B1')).toHaveValue(3);
    const lot = thin.getByText(/Lot number/).textContent;
    await userEvent.click(thin.getByRole('button', { name: say('run.drawAgain') }));
    expect(thin.getByText(/Lot number/).textContent).not.toBe(lot);
    await userEvent.selectOptions(thin.getByLabelText(say('run.which')), 'middle');
    expect(within(thin.getByRole('row', { name: /B1/ })).getByText('2nd of 3 stays')).toBeInTheDocument();
  });
});

describe('done for all', () => {
  test('water goes with its amount; an amount that cannot be is not written down', async () => {
    const writes = open();
    const all = await part('Done for all');
    const amount = all.getByLabelText(say('run.mlForEach'));
    await userEvent.type(amount, '-3');
    expect(await all.findByText('A volume cannot be below zero.')).toBeInTheDocument();
    await userEvent.click(all.getByRole('button', { name: say('run.writeDown') }));
    expect(writes).toEqual([]);
    await userEvent.clear(amount);
    await userEvent.type(amount, '12,5');
    await userEvent.type(all.getByLabelText(say('run.moreAbout')), 'before the weekend');
    await userEvent.click(all.getByRole('button', { name: say('run.writeDown') }));
    await waitFor(() => expect(writes).toHaveLength(1));
    expect(writes[0]!.body).toMatchObject({ kind: 'water', amountMl: 12.5, day: TODAY, note: 'before the weekend' });
  });

  test('what the server refuses is taken out of sight again and said', async () => {
    open({}, { 'PUT /care/:id': new Refusal(403, 'This investigation is finished.') });
    const all = await part('Done for all');
    await userEvent.selectOptions(all.getByLabelText(say('common.what')), 'transplant');
    await userEvent.click(all.getByRole('button', { name: say('run.writeDown') }));
    expect(await all.findByText('This investigation is finished.')).toBeInTheDocument();
    expect((await part('What was done')).queryByText(/transplanted/)).not.toBeInTheDocument();
  });
});

describe('the trace', () => {
  test('says who did what, and undoes a move once', async () => {
    const writes = open(
      { care: [WATERED, { ...WATERED, id: 'w2', kind: 'turn', teamId: null, amountMl: null, skipped: true, note: null }] },
      {
        'GET /investigations/i1/run-changes': [MOVED, { ...MOVED, id: 'r2', code: 'B2', undone: true }],
        'DELETE /run-changes/r1': undefined,
      },
    );
    const trace = await part('What was done');
    expect(await trace.findByText('A1 went from kite to bell: a team was split')).toBeInTheDocument();
    expect(trace.getByText(/watered, 20 mL each, by kite: dry on top/)).toBeInTheDocument();
    expect(trace.getByText(/not turned, by you/)).toBeInTheDocument();
    const undo = trace.getAllByRole('button', { name: say('run.undo') });
    expect(undo).toHaveLength(1);
    await userEvent.click(undo[0]!);
    await waitFor(() => expect(writes.map((w) => `${w.method} ${w.path}`)).toEqual(['DELETE /run-changes/r1']));
  });

  test('care is taken back', async () => {
    const writes = open({ care: [WATERED] }, { 'DELETE /care/w1': undefined });
    const trace = await part('What was done');
    await userEvent.click(trace.getByRole('button', { name: say('common.takeBackLower') }));
    await waitFor(() => expect(writes[0]).toMatchObject({ method: 'DELETE', path: '/care/w1' }));
    await waitFor(() => expect(trace.queryByText(/watered/)).not.toBeInTheDocument());
  });
});

describe('screens', () => {
  test('a link is shown once when it is made, and taken back', async () => {
    const made = { id: 's1', madeAt: `${TODAY}T08:00:00.000Z`, lastSeenAt: null };
    let links: (typeof made)[] = [];
    const writes = open(
      {},
      {
        'GET /investigations/i1/screen-links': () => links,
        'POST /investigations/i1/screen-links': () => ((links = [made]), { ...made, token: 'leaf-on-a-sill' }),
        'DELETE /investigations/i1/screen-links/s1': () => void (links = []),
      },
    );
    const screens = await part('Screens that show the wall');
    await userEvent.click(screens.getByRole('button', { name: say('run.makeLinkScreen') }));
    expect(await screens.findByRole('link')).toHaveAttribute('href', 'http://localhost/screen/leaf-on-a-sill');
    expect(screens.getByText(/not opened yet/)).toBeInTheDocument();
    await userEvent.click(screens.getByRole('button', { name: say('run.takeBack') }));
    await waitFor(() => expect(screens.queryByRole('link')).not.toBeInTheDocument());
    expect(writes.map((w) => w.method)).toEqual(['POST', 'DELETE']);
  });
});
