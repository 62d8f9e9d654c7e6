import { runAhead, todayIn } from '@bright-sprout/core/clock/clock';
import { renderHook, waitFor } from '@testing-library/react';
import { useRightClock } from './useRightClock';

const REAL = '2026-03-19T10:00:00.000Z';
const server = (now: () => Promise<string>) => {
  globalThis.fetch = (async () => ({ ok: true, json: async () => ({ now: await now() }) })) as unknown as typeof fetch;
};

beforeEach(() => jest.useFakeTimers({ now: new Date(REAL), doNotFake: ['nextTick', 'setTimeout', 'setInterval'] }));
afterEach(() => {
  runAhead(0);
  jest.useRealTimers();
});

test('a device that shows another day says which, and goes by the school’s clock from then on', async () => {
  runAhead(0);
  server(() => Promise.resolve('2026-03-20T10:00:00.000Z'));
  const { result } = renderHook(() => useRightClock('UTC'));
  await waitFor(() => expect(result.current).toEqual({ wrong: '2026-03-19', asked: true }));
  expect(todayIn('UTC')).toBe('2026-03-20');
});

test('an hour that is wrong is corrected without a word; seconds are left alone', async () => {
  runAhead(0);
  server(() => Promise.resolve('2026-03-19T11:00:00.000Z'));
  const { result } = renderHook(() => useRightClock('UTC'));
  await waitFor(() => expect(result.current).toEqual({ wrong: null, asked: true }));
});

test('without a network the device keeps its own clock', async () => {
  runAhead(0);
  server(() => Promise.reject(new TypeError('no network')));
  const { result } = renderHook(() => useRightClock('UTC'));
  await new Promise(process.nextTick);
  expect(result.current).toEqual({ wrong: null, asked: false });
  expect(todayIn('UTC')).toBe('2026-03-19');
});
