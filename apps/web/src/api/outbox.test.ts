import { type WaitingCheck } from './outbox';

/** The browser's database, as a map that outlives the page. */
const stored = new Map<string, WaitingCheck>();
jest.mock('idb-keyval', () => ({
  createStore: () => 'store',
  entries: () => Promise.resolve([...stored.entries()]),
  set: (id: string, check: WaitingCheck) => Promise.resolve(void stored.set(id, check)),
  del: (id: string) => Promise.resolve(void stored.delete(id)),
}));

/** A server that can be away, refuse, or lose its answer after saving. */
const server = { saved: [] as string[], mood: 'up' as 'up' | 'away' | 'refuses' | 'answer-lost' };

function answer(path: string): Promise<Response> {
  const id = path.split('/').pop()!;
  if (server.mood === 'away') return Promise.reject(new TypeError('no network'));
  if (server.mood === 'refuses') return Promise.resolve({ ok: false, status: 422, json: () => Promise.resolve({ status: 422, detail: 'This investigation is finished.' }) } as Response); // prettier-ignore
  if (!server.saved.includes(id)) server.saved.push(id);
  if (server.mood === 'answer-lost') return Promise.reject(new TypeError('connection reset'));
  return Promise.resolve({ ok: true, status: 200, json: () => Promise.resolve({ id }) } as Response);
}

function check(id: string) {
  return {
    id,
    teamId: 't1',
    body: {
      containerId: 'A1',
      day: '2026-03-19',
      recordedAt: '2026-03-19T10:00:00Z',
      readings: [{ id: `r${id}`, plant: '1', state: 'not-up' as const }],
    },
  };
}

/** A page newly opened on the same device. */
async function openPage() {
  jest.resetModules();
  const { theOutbox } = await import('./outbox');
  const box = theOutbox();
  await new Promise(process.nextTick);
  await box.send();
  return box;
}

beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['nextTick'] });
  stored.clear();
  server.saved = [];
  server.mood = 'up';
  globalThis.fetch = ((path: string) => answer(path)) as typeof fetch;
});
afterEach(() => jest.useRealTimers());

test('a check is sent, confirmed, and no longer kept', async () => {
  const box = await openPage();
  await box.add(check('1'));
  expect(server.saved).toEqual(['1']);
  expect(stored.size).toBe(0);
  expect(box.snapshot()).toMatchObject([{ id: '1', confirmed: true }]);
});

test('without a network checks wait, survive a new page, and go in order when it is back', async () => {
  server.mood = 'away';
  const box = await openPage();
  await box.add(check('1'));
  await box.add(check('2'));
  expect([...stored.keys()]).toEqual(['1', '2']);
  server.mood = 'up';
  await openPage();
  expect(server.saved).toEqual(['1', '2']);
  expect(stored.size).toBe(0);
});

test('an answer that was lost on the way is asked for again, and the server has the check once', async () => {
  server.mood = 'answer-lost';
  const box = await openPage();
  await box.add(check('1'));
  expect(stored.size).toBe(1);
  server.mood = 'up';
  await box.send();
  expect(server.saved).toEqual(['1']);
  expect(stored.size).toBe(0);
});

test('a refused check stays with its reason until somebody has read it, and does not block the next', async () => {
  server.mood = 'refuses';
  const box = await openPage();
  await box.add(check('1'));
  expect(box.snapshot()).toMatchObject([{ id: '1', refused: 'This investigation is finished.' }]);
  server.mood = 'up';
  await box.add(check('2'));
  expect(server.saved).toEqual(['2']);
  const reopened = await openPage();
  expect(reopened.snapshot()).toMatchObject([{ id: '1', refused: 'This investigation is finished.' }]);
  await reopened.drop('1');
  expect(stored.size).toBe(0);
});
