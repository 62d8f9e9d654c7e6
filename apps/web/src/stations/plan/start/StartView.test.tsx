import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { addDays } from '@bright-sprout/core/calendar/days';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { startingPointsFor } from '@bright-sprout/core/plan/document/startingPoints';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, Refusal, renderPage } from '../../../../test/fakeServer';
import { classView, planOf } from '../../../../test/plans';
import { readingView, recordsOf } from '../../../../test/records';
import { StartView } from './StartView';

const TODAY = todayIn('UTC');

function open(answers: Answers = {}) {
  const writes = fakeServer({
    'GET /classes/c1': classView(),
    'GET /classes/c1/plans': [],
    'GET /classes': [classView()],
    'PUT /plans/:id': (sent: { path: string }) => ({ id: sent.path.slice(7), classId: 'c1', version: 1 }),
    ...answers,
  });
  renderPage(<StartView />, { path: '/classes/c1/plans', route: '/classes/:id/plans' });
  return writes;
}

const documentOf = (write: { body: unknown } | undefined) => (write!.body as { document: PlanDocument }).document;

test.each(startingPointsFor('middle').map((s) => [s.name, s]))('“%s” begins a whole plan for the class', async (name, start) => {
  const writes = open();
  await userEvent.click(await screen.findByRole('button', { name: new RegExp(`^${name}`) }));
  await waitFor(() => expect(writes).toHaveLength(1));
  const plan = documentOf(writes[0]);
  expect(plan.question).not.toBe('');
  expect(plan.sowOn > TODAY).toBe(true);
  expect(plan.factors.length).toBeGreaterThan(0);
  expect(start.about).not.toBe('');
});

test('a plan like an earlier one is moved to the coming days and drawn anew', async () => {
  const earlier = { ...planOf('dose'), sowOn: '2026-03-09', endOn: '2026-04-01', lessonOn: '', moved: { A1: 5 }, askTeams: true };
  const writes = open({
    'GET /classes/c1/plans': [{ id: 'p0', question: 'How much salt?', sown: true, sowOn: '2026-03-09' }],
    'GET /plans/p0': { id: 'p0', classId: 'c1', version: 4, sown: true, document: earlier },
  });
  await userEvent.click(await screen.findByRole('button', { name: say('starts.beginNewLike') }));
  await waitFor(() => expect(writes).toHaveLength(1));
  const plan = documentOf(writes[0]);
  expect(plan).toMatchObject({
    question: earlier.question,
    sowOn: addDays(TODAY, 7),
    endOn: addDays(TODAY, 7 + 23),
    moved: {},
    askTeams: false,
  });
});

test('what another class asked can be asked again', async () => {
  const asked = { id: 'i1', question: 'Does salt keep barley short?', sownOn: '2026-03-03', phase: 'finished' as const };
  const writes = open({
    'GET /classes': [classView({ id: 'c9', name: '5 Willow', investigations: [asked] as never })],
    'GET /investigations/i1': recordsOf([readingView('A1', '2026-03-24', { heightMm: 90 })]),
  });
  await userEvent.click(await screen.findByRole('button', { name: say('starts.askAgain') }));
  await waitFor(() => expect(writes).toHaveLength(1));
  expect(documentOf(writes[0])).toMatchObject({ question: 'Does salt keep barley short?', speciesId: 'barley' });
});

test('when it cannot be begun the reason is said, and the starting points are there to be tried again', async () => {
  open({ 'PUT /plans/:id': new Refusal(503, 'The server is busy.') });
  await userEvent.click(await screen.findByRole('button', { name: new RegExp(`^${startingPointsFor('middle')[0]!.name}`) }));
  expect(await screen.findByText('The server is busy.')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: new RegExp(`^${startingPointsFor('middle')[0]!.name}`) })).toBeEnabled();
});

test('a plan that is not sown is thrown away, and had back as it was', async () => {
  const document = planOf('how-deep');
  const writes = open({
    'GET /classes/c1/plans': [
      { id: 'p0', question: 'How deep?', sown: false, changedAt: '' },
      { id: 'p1', question: 'How much salt?', sown: true, changedAt: '' },
    ],
    'GET /plans/p0': { id: 'p0', classId: 'c1', version: 4, sown: false, document },
    'DELETE /plans/p0': null,
  });
  await userEvent.click(await screen.findByRole('button', { name: say('starts.throwAway') }));
  await userEvent.click(await screen.findByRole('button', { name: say('starts.haveItBack') }));
  await waitFor(() => expect(writes.map((w) => w.method)).toEqual(['DELETE', 'PUT']));
  expect(documentOf(writes[1])).toEqual(document);
});

test('ages 5 to 7 begin with plans and words of their own: no strengths, whole centimetres', async () => {
  const writes = open({ 'GET /classes/c1': classView({ gradeBand: 'early' }) });
  expect(await screen.findByRole('button', { name: /^Three kinds of seed/ })).toBeInTheDocument();
  expect(screen.queryByText(/mmol|salt/i)).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: /^Watch it grow/ }));
  await waitFor(() => expect(writes).toHaveLength(1));
  expect(documentOf(writes[0])).toMatchObject({
    question: 'What does our seed do every day?',
    measures: ['height', 'leaves'],
    protocol: { resolution: 'cm' },
  });
});
