import { type ReadingView } from '@bright-sprout/contracts/investigations';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { investigationView, readingView } from '../../../test/records';
import { BenchCard } from './BenchCard';

const add = jest.fn();
jest.mock('../../api/outbox', () => ({ theOutbox: () => ({ add: (check: unknown) => Promise.resolve(add(check)) }) }));

const DAY = '2026-03-19';
const LAST = readingView('A1', '2026-03-16', { valueMm: 140 });

function show({ saved = null as ReadingView | null, investigation = investigationView(), readings = [LAST] } = {}) {
  const onNext = jest.fn();
  const [container, , neighbour] = investigation.containers;
  const { unmount } = render(
    <BenchCard teamId="t1" investigation={investigation} container={container!} day={DAY} saved={saved} lost={null} readings={readings} last={LAST} next={neighbour!} onNext={onNext} />); // prettier-ignore
  return { onNext, unmount };
}

const tap = async (...names: string[]) => {
  for (const name of names) await userEvent.click(screen.getByRole('button', { name }));
};

const sent = () =>
  (add.mock.calls as [{ body: { containerId: string; readings: Record<string, unknown>[] } }][]).map(
    ([check]) => check.body.readings[0]!,
  );

beforeEach(() => {
  add.mockClear();
  localStorage.clear();
});

test('a tapped height shows its change and is saved once, as typed, on the way to the neighbour', async () => {
  const { onNext } = show();
  await tap('1', '6', '.', '5');
  expect(screen.getByText('2.5 cm more than on Mon 16 Mar')).toBeInTheDocument();
  await tap('One leaf more', 'Next: A2');
  expect(sent()).toEqual([expect.objectContaining({ state: 'measured', typed: '16.5 cm', leaves: 1 })]);
  expect(onNext).toHaveBeenCalledWith('A2');
});

test('with nothing entered, next goes on and saves nothing', async () => {
  const { onNext } = show();
  await tap('Next: A2');
  expect(add).not.toHaveBeenCalled();
  expect(onNext).toHaveBeenCalledWith('A2');
});

test('a lost plant is saved only with what happened to it', async () => {
  show();
  await tap('Lost', 'Next: A2');
  expect(add).not.toHaveBeenCalled();
  await tap('It was eaten', 'Next: A2');
  expect(sent()).toEqual([expect.objectContaining({ state: 'lost', lostReason: 'eaten' })]);
});

test('a second tap on a state takes it back', async () => {
  show();
  await tap('Not up yet', 'Not up yet', 'Next: A2');
  expect(add).not.toHaveBeenCalled();
});

test('a saved value opens closed, and changing it is a correction of that reading', async () => {
  const saved = readingView('A1', DAY, { id: 'first', valueMm: 60 });
  show({ saved, readings: [LAST, saved] });
  expect(screen.getByText('A1 is done for today.')).toBeInTheDocument();
  await tap('Change it', 'erase', 'erase', 'erase', '1', '6', 'Next: A2');
  expect(sent()).toEqual([expect.objectContaining({ typed: '16 cm', supersedes: 'first' })]);
});

test('a saved value that was not changed is not sent again', async () => {
  const saved = readingView('A1', DAY, { id: 'first', valueMm: 60 });
  show({ saved, readings: [LAST, saved] });
  await tap('Change it', 'Next: A2');
  expect(add).not.toHaveBeenCalled();
});

test('a quarter-inch ruler has its fractions on the pad', async () => {
  show({ investigation: investigationView({ resolution: 'quarter-in' }) });
  await tap('6', '¼', 'Next: A2');
  expect(sent()).toEqual([expect.objectContaining({ typed: '6¼ in' })]);
});

test('what was half typed is there again after leaving', async () => {
  const { unmount } = show();
  await tap('9', '.');
  unmount();
  show();
  expect(screen.getByText('9.')).toBeInTheDocument();
});
