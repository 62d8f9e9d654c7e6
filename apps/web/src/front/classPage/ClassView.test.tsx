import { say } from '@bright-sprout/words/say';
import { type ClassView as Class } from '@bright-sprout/contracts/answers/classes';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, Refusal, renderPage } from '../../../test/fakeServer';
import { classView } from '../../../test/plans';
import { ClassView } from './ClassView';

function open(group: Class | (() => Class) = classView(), answers: Answers = {}) {
  const writes = fakeServer({ 'GET /classes/c1': group, 'PUT /classes/c1/teams': group, ...answers });
  renderPage(<ClassView />, { path: '/classes/c1', route: '/classes/:id' });
  return writes;
}

const emblem = async (name: string) =>
  within(await screen.findByRole('group', { name: say('classPage.emblems') })).getByRole('button', {
    name: new RegExp(name, 'i'),
  });

test('the class code and every team’s PIN are there to go on the board', async () => {
  open();
  expect(await screen.findByText('COPPR7')).toHaveClass('class-code');
  const rows = screen
    .getAllByRole('row')
    .slice(1)
    .map((r) => r.textContent?.trim());
  expect(rows).toEqual(['kite0000New PIN', 'bell0001New PIN', 'boat0002New PIN', 'moon0003New PIN']);
});

test('an emblem adds a team with an id of its own; the others keep theirs', async () => {
  const writes = open();
  expect(await emblem('kite')).toHaveAttribute('aria-pressed', 'true');
  await userEvent.click(await emblem('drum'));
  await waitFor(() => expect(writes).toHaveLength(1));
  const { teams } = writes[0]!.body as { teams: { id: string; emblem: string }[] };
  expect(teams.map((t) => t.emblem)).toEqual(['kite', 'bell', 'boat', 'moon', 'drum']);
  expect(teams.slice(0, 4).map((t) => t.id)).toEqual(['t1', 't2', 't3', 't4']);
});

test('a team that has records is not taken away, and it is said why', async () => {
  const writes = open(classView(), {
    'PUT /classes/c1/teams': new Refusal(409, 'The kites look after plants. Move them to another team first.'),
  });
  await userEvent.click(await emblem('kite'));
  expect(await screen.findByText(/^The kites look after plants/)).toBeInTheDocument();
  expect((writes[0]!.body as { teams: { emblem: string }[] }).teams.map((t) => t.emblem)).toEqual(['bell', 'boat', 'moon']);
});

test('a team with nothing is taken away at once and can be brought back as it was', async () => {
  let away = false;
  const group = () => {
    const now = classView();
    return away ? { ...now, teams: now.teams.slice(1) } : now;
  };
  const writes = open(group, { 'PUT /classes/c1/teams': () => ((away = !away), group()) });
  await userEvent.click(await emblem('kite'));
  await userEvent.click(await screen.findByRole('button', { name: 'Bring the kite back' }));
  await waitFor(() => expect(writes).toHaveLength(2));
  const ids = writes.map((w) => (w.body as { teams: { id: string }[] }).teams.map((t) => t.id));
  expect(ids).toEqual([
    ['t2', 't3', 't4'],
    ['t2', 't3', 't4', 't1'],
  ]);
  expect(screen.queryByRole('button', { name: /^Bring/ })).not.toBeInTheDocument();
});

test('what would go with a team is said before it goes, and keeping it changes nothing', async () => {
  const busy = classView();
  busy.teams[0]!.leaves = { devices: 1, predictions: 2, waiting: 1 };
  const writes = open(busy);
  await userEvent.click(await emblem('kite'));
  expect(screen.getByRole('alert')).toHaveTextContent(
    'With the kite would go: 1 device that has joined, 2 predictions, 1 entry waiting for you.',
  );
  await userEvent.click(screen.getByRole('button', { name: say('classPage.keepThem') }));
  expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  expect(writes).toEqual([]);
  await userEvent.click(await emblem('kite'));
  await userEvent.click(screen.getByRole('button', { name: 'Take the kite away' }));
  await waitFor(() => expect(writes).toHaveLength(1));
});

test('a new PIN is asked for one team', async () => {
  let pin = '0001';
  const group = () => {
    const now = classView();
    return { ...now, teams: now.teams.map((t) => (t.id === 't2' ? { ...t, pin } : t)) };
  };
  const writes = open(group, { 'POST /classes/c1/teams/t2/pin': () => ((pin = '7788'), group()) });
  await userEvent.click(await screen.findByRole('button', { name: 'New PIN for bell' }));
  expect(await screen.findByText('7788')).toBeInTheDocument();
  expect(writes.map((w) => w.path)).toEqual(['/classes/c1/teams/t2/pin']);
});

test('investigations are listed; without any the first step is shown', async () => {
  open(classView({ teams: [] }));
  expect(await screen.findByText(say('classPage.firstStartsQuestion'))).toBeInTheDocument();
  expect(screen.getByRole('heading', { name: say('classPage.tapEmblemTeam') })).toBeInTheDocument();
  expect(screen.getByRole('link', { name: say('classPage.planInvestigation') })).toHaveAttribute('href', '/classes/c1/plans');
});
