import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import { type ReactNode } from 'react';
import { useLive } from './live';

class FakeSource {
  static readonly CLOSED = 2;
  static opened: FakeSource[] = [];
  readyState = 0;
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  constructor() {
    FakeSource.opened.push(this);
  }
  addEventListener() {}
  close() {
    this.readyState = FakeSource.CLOSED;
  }
  /** Refused by the server, as with 429 or 502. */
  refuse() {
    this.readyState = FakeSource.CLOSED;
    this.onerror?.();
  }
}

const around = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
);

beforeEach(() => {
  jest.useFakeTimers();
  FakeSource.opened = [];
  globalThis.EventSource = FakeSource as unknown as typeof EventSource;
});
afterEach(() => jest.useRealTimers());

const last = () => FakeSource.opened[FakeSource.opened.length - 1]!;
const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

test('a line that was refused is opened again after growing pauses, and soon once it has stood', async () => {
  const { result, unmount } = renderHook(() => useLive(), { wrapper: around });
  act(() => last().refuse());
  await pass(1000);
  expect(FakeSource.opened).toHaveLength(2);
  act(() => last().refuse());
  await pass(1000);
  expect(FakeSource.opened).toHaveLength(2);
  await pass(1000);
  expect(FakeSource.opened).toHaveLength(3);
  act(() => last().onopen!());
  expect(result.current).toBe(true);
  act(() => last().refuse());
  expect(result.current).toBe(false);
  await pass(1000);
  expect(FakeSource.opened).toHaveLength(4);
  unmount();
  act(() => last().refuse());
  await pass(120_000);
  expect(last().readyState).toBe(FakeSource.CLOSED);
});

test('a line that only broke is left to the browser', async () => {
  renderHook(() => useLive(), { wrapper: around });
  act(() => last().onerror!());
  await pass(120_000);
  expect(FakeSource.opened).toHaveLength(1);
});
