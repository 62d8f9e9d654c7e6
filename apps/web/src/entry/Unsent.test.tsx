import { say } from '@bright-sprout/words/say';
import { render, screen } from '@testing-library/react';
import { type WaitingEntry } from '../api/outbox';
import { waitingCheck } from '../../test/waiting';
import { Unsent } from './Unsent';

const again = jest.fn();
jest.mock('../api/outbox', () => ({
  isWaitingCheck: (entry: WaitingEntry) => entry.kind === 'check',
  theOutbox: () => ({ again: (id: string) => again(id) as unknown, drop: jest.fn() }),
}));

const entry = (part: Parameters<typeof waitingCheck>[1] = {}) => waitingCheck({}, part);

/** True where the browser would ask before the page is left. */
const asksBeforeLeaving = () => !dispatchEvent(new Event('beforeunload', { cancelable: true }));

afterEach(() => Reflect.deleteProperty(navigator, 'serviceWorker'));

test('over plain HTTP a page with something waiting is to stay open, and the browser asks before it is left', () => {
  const { unmount } = render(<Unsent waiting={[entry()]} />);
  expect(screen.getByRole('status')).toHaveTextContent('1 check waits on this device');
  expect(screen.getByRole('status')).toHaveTextContent('Keep this page open until then');
  expect(asksBeforeLeaving()).toBe(true);
  unmount();
  expect(asksBeforeLeaving()).toBe(false);
});

test('where the page opens without a network nobody has to keep it open', () => {
  Object.defineProperty(navigator, 'serviceWorker', { value: {}, configurable: true });
  render(<Unsent waiting={[entry()]} />);
  expect(screen.getByRole('status')).not.toHaveTextContent('Keep this page open');
  expect(asksBeforeLeaving()).toBe(false);
});

test('a device that cannot keep an entry says so before it says that it waits', () => {
  render(<Unsent waiting={[entry({ kept: false })]} />);
  expect(screen.getByRole('alert')).toHaveTextContent(say('entry.deviceCannotKeepEnter'));
  expect(screen.queryByRole('status')).not.toBeInTheDocument();
  expect(asksBeforeLeaving()).toBe(true);
});

test('what was refused says why and who decides, and can be sent again', () => {
  render(<Unsent waiting={[entry({ refused: 'It is another team’s.', told: true })]} />);
  expect(screen.getByRole('alert')).toHaveTextContent(
    'It is another team’s. What you entered: not up yet. Your teacher has it now',
  );
  screen.getByRole('button', { name: say('entry.sendAgain') }).click();
  expect(again).toHaveBeenCalledWith('check');
});
