import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { MOST_NEWS } from '@bright-sprout/contracts/live';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import { type ReactNode } from 'react';
import { recordsOf, readingView } from '../../test/records';
import { useLive, useTeamNews } from './live';
import { withNews } from './news';

const hasSent = jest.fn(() => false);
jest.mock('./outbox', () => ({ theOutbox: () => ({ hasSent }) }));

class FakeSource {
  static readonly CLOSED = 2;
  static opened: FakeSource[] = [];
  readyState = 0;
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  constructor(readonly address: string) {
    FakeSource.opened.push(this);
  }
  private readonly hear = new Map<string, (event: { data: string; lastEventId: string }) => void>();
  addEventListener(kind: string, hear: (event: { data: string; lastEventId: string }) => void) {
    this.hear.set(kind, hear);
  }
  tell(change: object, place = '') {
    this.hear.get('change')!({ data: JSON.stringify(change), lastEventId: place });
  }
  begin(kind: 'here' | 'reset', place: string) {
    this.hear.get(kind)!({ data: '', lastEventId: place });
  }
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

test('checks that come within a moment are asked for together, and put beside what is shown', async () => {
  const kept = readingView('A1', '2026-03-09', { id: 'r1', heightMm: 20 });
  const came = [readingView('B1', '2026-03-09', { id: 'r2', heightMm: 30 }), readingView('A2', '2026-03-09', { id: 'r3' })];
  const asked: string[] = [];
  globalThis.fetch = ((address: string) => {
    asked.push(address);
    return Promise.resolve({ ok: true, json: () => Promise.resolve(recordsOf(came)) } as Response);
  }) as typeof fetch;
  const client = new QueryClient();
  client.setQueryData(['investigations', 'i1'], recordsOf([kept]));
  client.setQueryData(['investigations'], [recordsOf([kept])]);
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const { unmount } = renderHook(() => useLive(), { wrapper });
  const tell = (subjectId: string | null, kind = 'check-saved') =>
    last().tell({ kind, classId: 'c1', investigationId: 'i1', subjectId });
  tell('k2');
  tell('k3');
  await pass(250);
  expect(asked).toEqual(['/api/v1/investigations/i1/news?checks=k2%2Ck3']);
  const ids = (records: InvestigationRecords) => records.readings.map((r) => r.id);
  expect(ids(client.getQueryData(['investigations', 'i1'])!)).toEqual(['r1', 'r2', 'r3']);
  expect(client.getQueryData<InvestigationRecords[]>(['investigations'])!.map(ids)).toEqual([['r1', 'r2', 'r3']]);
  // Told again, nothing stands twice; care alone brings the investigation and leaves the readings as they are.
  const before = client.getQueryData<InvestigationRecords>(['investigations', 'i1'])!.readings;
  tell('k2');
  tell(null, 'investigation-noted');
  await pass(250);
  expect(asked).toHaveLength(2);
  expect(client.getQueryData<InvestigationRecords>(['investigations', 'i1'])!.readings).toBe(before);
  unmount();
});

test('an answer that is under way comes through, and what came meanwhile is put beside it', async () => {
  const came = readingView('B1', '2026-03-09', { id: 'r2', heightMm: 30 });
  let answer!: (records: InvestigationRecords) => void;
  let asked = 0;
  const client = new QueryClient();
  const fetching = client.fetchQuery({
    queryKey: ['investigations', 'i1'],
    queryFn: () => new Promise<InvestigationRecords>((next) => ((asked += 1), (answer = next))),
  });
  globalThis.fetch = (() =>
    Promise.resolve({ ok: true, json: () => Promise.resolve(recordsOf([came])) })) as unknown as typeof fetch;
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const { unmount } = renderHook(() => useLive(), { wrapper });
  for (let n = 0; n < 5; n++) {
    last().tell({ kind: 'check-saved', classId: 'c1', investigationId: 'i1', subjectId: `k${n}` });
    await pass(300);
  }
  answer(recordsOf([readingView('A1', '2026-03-09', { id: 'r1', heightMm: 20 })]));
  await fetching;
  await pass(1000);
  expect(asked).toBe(1);
  expect(client.getQueryData<InvestigationRecords>(['investigations', 'i1'])!.readings.map((r) => r.id)).toEqual(['r1', 'r2']);
  unmount();
});

test('where more came than can be named, and where something else changed, everything is asked for anew', async () => {
  const client = new QueryClient();
  const keys = [['investigations', 'i1'], ['investigations']];
  const stale = () => keys.map((key) => client.getQueryState(key)!.isInvalidated);
  const show = () => keys.forEach((key, n) => client.setQueryData(key, n === 0 ? recordsOf([]) : [recordsOf([])]));
  show();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const { unmount } = renderHook(() => useLive(), { wrapper });
  for (let n = 0; n <= MOST_NEWS; n++)
    last().tell({ kind: 'check-saved', classId: 'c1', investigationId: 'i1', subjectId: `k${n}` });
  expect(stale()).toEqual([false, false]);
  await pass(250);
  expect(stale()).toEqual([true, true]);
  show();
  last().tell({ kind: 'investigation-changed', classId: 'c1', investigationId: 'i1', subjectId: null });
  await pass(250);
  expect(stale()).toEqual([true, true]);
  unmount();
});

const withClient = (client: QueryClient) =>
  function Around({ children }: { children: ReactNode }) {
    return <QueryClientProvider client={client}>{children}</QueryClientProvider>;
  };

test('a line that comes back goes on where it was, and makes nothing old by itself', async () => {
  const client = new QueryClient();
  client.setQueryData(['investigations'], []);
  const first = renderHook(() => useLive(), { wrapper: withClient(client) });
  act(() => last().onopen!());
  last().begin('here', '40');
  last().tell({ kind: 'room-changed', classId: 'c1', investigationId: null, subjectId: null }, '47');
  first.unmount();
  const second = renderHook(() => useLive(), { wrapper: withClient(client) });
  expect(last().address).toBe('/api/v1/events?after=47');
  act(() => last().onopen!());
  await pass(1000);
  expect(client.getQueryState(['investigations'])!.isInvalidated).toBe(false);
  // Only where it was away too long everything is asked for anew.
  last().begin('reset', '900');
  expect(client.getQueryState(['investigations'])!.isInvalidated).toBe(true);
  second.unmount();
});

test('a team’s device asks anew for what is its own, and not for what it sent itself', async () => {
  const client = new QueryClient();
  const keys = [['bench'], ['bench', 'films'], ['bench', 'together'], ['bench', 'investigations', 'i1']];
  const show = () => keys.forEach((key) => client.setQueryData(key, {}));
  const old = () => keys.filter((key) => client.getQueryState(key)!.isInvalidated);
  const { unmount } = renderHook(() => useTeamNews(), { wrapper: withClient(client) });
  expect(last().address).toMatch(/^\/api\/v1\/bench\/events/);
  const tell = async (event: object) => {
    show();
    last().tell({ investigationId: 'i1', subjectId: null, own: true, ...event });
    await pass(250);
    return old();
  };
  expect(await tell({ kind: 'check-saved', subjectId: 'k1' })).toEqual([keys[0], keys[3]]);
  expect(await tell({ kind: 'check-saved', own: false })).toEqual([keys[3]]);
  expect(await tell({ kind: 'together-changed' })).toEqual([keys[2]]);
  expect(await tell({ kind: 'films-changed' })).toEqual([keys[1]]);
  hasSent.mockReturnValue(true);
  expect(await tell({ kind: 'check-saved', subjectId: 'k2' })).toEqual([keys[3]]);
  unmount();
});

test('with the investigation as it is now, readings of containers that are there no more go', () => {
  const before = recordsOf([readingView('A1', '2026-03-09', { id: 'r1' }), readingView('B1', '2026-03-09', { id: 'r2' })]);
  const containers = before.investigation.containers.filter((c) => c.id !== 'B1');
  const investigation = { ...before.investigation, containers };
  const after = withNews(before, { investigation, readings: [], photos: [] });
  expect(after.readings.map((r) => r.id)).toEqual(['r1']);
  expect(withNews(before, { investigation: null, readings: [], photos: [] }).readings).toBe(before.readings);
});
