import { QueryClient } from '@tanstack/react-query';
import { openOffline } from './openOffline';

const skipWaiting = jest.fn();
const register = jest.fn(() => Promise.resolve());
const heard = new Map<string, () => void>();
jest.mock('workbox-window', () => ({
  Workbox: class {
    addEventListener = (name: string, listener: () => void) => heard.set(name, listener);
    messageSkipWaiting = skipWaiting;
    register = register;
  },
}));

let worker: { controller: object | null } & EventTarget;
let visible: DocumentVisibilityState;
const hide = (state: DocumentVisibilityState) => {
  visible = state;
  document.dispatchEvent(new Event('visibilitychange'));
};

beforeEach(() => {
  heard.clear();
  jest.clearAllMocks();
  visible = 'visible';
  worker = Object.assign(new EventTarget(), { controller: null });
  Object.defineProperty(navigator, 'serviceWorker', { configurable: true, value: worker });
  Object.defineProperty(document, 'visibilityState', { configurable: true, get: () => visible });
  document.body.innerHTML = '<input id="note" />';
});
afterEach(() => Reflect.deleteProperty(navigator, 'serviceWorker'));

const openAt = (path: string, client = new QueryClient()) => {
  history.replaceState(null, '', path);
  openOffline(client);
};

test('only the pages of teams are kept by a worker', () => {
  openAt('/investigations/1');
  expect(register).not.toHaveBeenCalled();
  openAt('/bench');
  expect(register).toHaveBeenCalled();
});

test('once the first worker has taken over, what the bench shows is asked for again, so that it is kept', () => {
  const client = new QueryClient();
  client.setQueryData(['bench'], {});
  openAt('/join', client);
  expect(client.getQueryState(['bench'])!.isInvalidated).toBe(false);
  worker.dispatchEvent(new Event('controllerchange'));
  expect(client.getQueryState(['bench'])!.isInvalidated).toBe(true);
});

test('a new version waits until nobody looks and nothing is being typed', () => {
  openAt('/bench');
  heard.get('waiting')!();
  expect(skipWaiting).not.toHaveBeenCalled();
  const note = document.querySelector<HTMLInputElement>('#note')!;
  note.value = 'the tip is yel';
  hide('hidden');
  expect(skipWaiting).not.toHaveBeenCalled();
  hide('visible');
  note.value = '';
  expect(skipWaiting).not.toHaveBeenCalled();
  hide('hidden');
  expect(skipWaiting).toHaveBeenCalled();
});
