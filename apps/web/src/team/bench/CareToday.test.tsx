import { say } from '@bright-sprout/words/say';
import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Entered } from '../../api/outbox';
import { investigationView } from '../../../test/records';
import { CareToday } from './CareToday';

const add = jest.fn();
jest.mock('../../api/outbox', () => ({
  theOutbox: () => ({ add: (...entry: unknown[]) => Promise.resolve(add(...entry)) }),
  useWaiting: () => [],
}));

const DAY = '2026-03-19';
const schedule = [{ day: DAY, kind: 'check' as const, code: 'check' as const }];
const bench = { ...USUAL_BENCH, care: { ...USUAL_BENCH.care, water: 'fixed-volume' as const, doseMl: 30 } };
const care = (part: object) => ({
  id: 'c',
  teamId: 't1',
  kind: 'water' as const,
  task: 'water',
  day: DAY,
  amountMl: 25,
  skipped: false,
  note: null,
  recordedAt: '',
  ...part,
});

const show = (change: Parameters<typeof investigationView>[0] = {}) =>
  render(<CareToday investigation={investigationView({ schedule, bench, ...change })} teamId="t1" day={DAY} />);
const sent = () => (add.mock.calls as [string, string, Entered][]).map(([, team, entered]) => ({ team, ...entered }));

beforeEach(() => add.mockClear());

test('on a day without a check nothing is asked', () => {
  const { container } = render(<CareToday investigation={investigationView({ schedule, bench })} teamId="t1" day="2026-03-18" />);
  expect(container).toBeEmptyDOMElement();
});

test('water is ticked with its amount, the planned one to begin with', async () => {
  show();
  const amount = screen.getByLabelText('mL for each cup');
  expect(amount).toHaveValue('30');
  await userEvent.clear(amount);
  await userEvent.type(amount, '7000');
  expect(screen.getByRole('button', { name: 'Water: done' })).toBeDisabled();
  await userEvent.clear(amount);
  await userEvent.type(amount, '27,5');
  await userEvent.click(screen.getByRole('button', { name: 'Water: done' }));
  expect(sent()).toMatchObject([
    { team: 't1', kind: 'care', body: { kind: 'water', task: 'water', amountMl: 27.5, investigationId: 'i1' } },
  ]);
});

test('what is left out is told, without an amount', async () => {
  show();
  await userEvent.click(screen.getAllByRole('button', { name: say('bench.notToday') })[0]!);
  expect(sent()[0]!.body).toMatchObject({ kind: 'water', skipped: true });
  expect(sent()[0]!.body).not.toHaveProperty('amountMl');
});

test('what is done is said, and can be taken back by the team itself', async () => {
  show({ care: [care({})] });
  expect(screen.getByText(/Done: 25 mL each\./)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('common.takeBackLower') }));
  expect(sent()).toMatchObject([{ kind: 'care-back', body: { of: 'c' } }]);
});

test('what the teacher did for all is not the team’s to take back', () => {
  show({ care: [care({ teamId: null })] });
  expect(screen.getByText(/Your teacher did it for all\./)).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: say('common.takeBackLower') })).not.toBeInTheDocument();
});
