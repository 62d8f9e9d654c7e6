import { say } from '@bright-sprout/words/say';
import { type BenchTogether } from '@bright-sprout/contracts/answers/together';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { fakeServer, Refusal, renderPage } from '../../../test/fakeServer';
import { recordsOf } from '../../../test/records';
import { TogetherReadingView } from './TogetherReadingView';

const add = jest.fn();
jest.mock('../../api/outbox', () => ({
  theOutbox: () => ({ add: (...entry: unknown[]) => Promise.resolve(add(...entry)) }),
  useWaiting: () => [],
  isWaitingCheck: () => false,
}));

const ASKED: BenchTogether = {
  id: 'g1',
  containerId: 'A2',
  code: 'A2',
  treatment: { code: 'A', label: 'no salt' },
  habit: 'grass',
  resolution: 'mm',
  typed: null,
};

function open(asked: BenchTogether[], bench: unknown = { team: recordsOf([]).investigation.teams[0], investigations: [] }) {
  fakeServer({ 'GET /bench': bench, 'GET /bench/together': asked });
  renderPage(<TogetherReadingView />, { path: '/bench/together', route: '/bench/together' });
}

const tap = async (...names: string[]) => {
  for (const name of names) await userEvent.click(screen.getByRole('button', { name }));
};

beforeEach(() => add.mockClear());

test('a team sends what it reads, once there is a height', async () => {
  open([ASKED]);
  expect(await screen.findByText('How tall is A2? Everybody reads it.')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: say('bench.sendRead') })).toBeDisabled();
  await tap('9', '.', '4', 'Send what we read');
  expect(add.mock.calls.map(([, team, entry]: [string, string, unknown]) => [team, entry])).toEqual([
    ['t1', { kind: 'together', body: { of: 'g1', typed: '9.4 cm' } }],
  ]);
  expect(screen.getByText(/^You read 9\.4 cm\./)).toBeInTheDocument();
});

test('what was sent can be looked at again and sent anew', async () => {
  open([{ ...ASKED, typed: '9.4 cm' }]);
  await screen.findByText(/^You read 9\.4 cm\./);
  await tap('Look again', '9', '.', '6', 'Send what we read');
  expect((add.mock.calls[0] as [string, string, { body: object }])[2].body).toEqual({ of: 'g1', typed: '9.6 cm' });
});

test('when no plant is read the team goes back to its own', async () => {
  open([]);
  expect(await screen.findByText(say('bench.plantReadTogetherMoment'))).toBeInTheDocument();
  expect(screen.getByRole('link', { name: say('common.toOurContainers') })).toHaveAttribute('href', '/bench');
});

test('a device that has not joined is led to joining', async () => {
  open([], new Refusal(401, 'Join again.'));
  expect(await screen.findByTestId('elsewhere')).toHaveTextContent('/join');
});
