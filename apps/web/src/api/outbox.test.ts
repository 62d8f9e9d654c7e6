import fc from 'fast-check';
import { OTHER_TEAM, TEAM_HEADER } from '@bright-sprout/contracts/problems';
import { type Entered, type WaitingEntry } from './outbox';

/** The browser's database, as a map that outlives the page. */
const stored = new Map<string, WaitingEntry>();
const database = { full: false };
jest.mock('idb-keyval', () => ({
  createStore: () => 'store',
  entries: () => Promise.resolve([...stored.entries()].sort(([a], [b]) => (a < b ? -1 : 1))),
  set: (id: string, entry: WaitingEntry) =>
    database.full ? Promise.reject(new Error('QuotaExceededError')) : Promise.resolve(void stored.set(id, entry)),
  del: (id: string) => Promise.resolve(void stored.delete(id)),
}));

type Mood = 'up' | 'away' | 'refuses' | 'answer-lost' | 'restarting' | 'signed-out';

/** A server that can be away, refuse, restart, or lose its answer after saving. `arrivals` counts repeats too. */
const server = {
  saved: [] as string[],
  takenBack: [] as string[],
  held: [] as string[],
  mood: 'up' as Mood,
  joined: 't1',
  /** Entries at which it breaks, whatever its mood. */
  breaksAt: '',
};

const problem = (status: number, detail: string, type = 'about:blank') =>
  Promise.resolve({
    ok: false,
    status,
    json: () => Promise.resolve({ status, detail, type, code: 'refusals.asTold', params: { reason: detail } }),
  } as Response);

function held(id: string): Promise<Response> {
  if (!server.held.includes(id)) server.held.push(id);
  return Promise.resolve({ ok: true, status: 204 } as Response);
}

function answer(path: string, { method, headers }: RequestInit): Promise<Response> {
  const id = path.split('/').pop()!;
  if (server.mood === 'away') return Promise.reject(new TypeError('no network'));
  if ((headers as Record<string, string>)[TEAM_HEADER] !== server.joined)
    return problem(409, 'Another team holds this device now.', OTHER_TEAM);
  if (path.includes('/held/')) return held(id);
  if (id === server.breaksAt) return problem(500, 'Something broke.');
  if (server.mood === 'restarting') return problem(503, 'The server is starting.');
  if (server.mood === 'signed-out') return problem(401, 'Join again.');
  if (server.mood === 'refuses') return problem(422, 'This investigation is finished.');
  if (method === 'DELETE') server.takenBack.push(id);
  else if (!id.startsWith(server.joined)) return problem(403, 'This container belongs to another team.');
  else if (!server.saved.includes(id)) server.saved.push(id);
  if (server.mood === 'answer-lost') return Promise.reject(new TypeError('connection reset'));
  return Promise.resolve({ ok: true, status: 200, json: () => Promise.resolve({ id }) } as Response);
}

const check: Entered = {
  kind: 'check',
  body: {
    containerId: 'A1',
    day: '2026-03-19',
    recordedAt: '2026-03-19T10:00:00Z',
    readings: [{ id: 'r', plant: '1', state: 'not-up' }],
  },
};

/** A page newly opened on the same device by the team that has joined. */
async function openPage() {
  jest.resetModules();
  const { theOutbox } = await import('./outbox');
  const box = theOutbox();
  box.actAs(server.joined);
  await new Promise(process.nextTick);
  await box.send();
  return box;
}

beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['nextTick'] });
  stored.clear();
  Object.assign(server, { saved: [], takenBack: [], held: [], mood: 'up', joined: 't1', breaksAt: '' });
  database.full = false;
  globalThis.fetch = ((path: string, init: RequestInit) => answer(path, init)) as typeof fetch;
});
afterEach(() => jest.useRealTimers());

test('a check is sent, confirmed, and no longer kept', async () => {
  const box = await openPage();
  await box.add('t1-1', 't1', check);
  expect(server.saved).toEqual(['t1-1']);
  expect(stored.size).toBe(0);
  expect(box.snapshot()).toMatchObject([{ id: 't1-1', confirmed: true }]);
});

test('without a network entries wait, survive a new page, and go in the order in which they were made', async () => {
  server.mood = 'away';
  const box = await openPage();
  await box.add('t1-z', 't1', check);
  await box.add('t1-a', 't1', {
    kind: 'care',
    body: { investigationId: 'i', kind: 'water', task: 'water', day: '2026-03-19', recordedAt: '' },
  });
  await box.add('t1-b', 't1', { kind: 'care-back', body: { of: 't1-a' } });
  expect([...stored.keys()]).toEqual(['t1-z', 't1-a', 't1-b']);
  server.mood = 'up';
  await openPage();
  expect(server.saved).toEqual(['t1-z', 't1-a']);
  expect(server.takenBack).toEqual(['t1-a']);
  expect(stored.size).toBe(0);
});

test('a refused check stays with its reason until somebody has read it, and does not block the next', async () => {
  server.mood = 'refuses';
  const box = await openPage();
  await box.add('t1-1', 't1', check);
  expect(box.snapshot()).toMatchObject([{ id: 't1-1', refused: 'This investigation is finished.' }]);
  server.mood = 'up';
  await box.add('t1-2', 't1', check);
  expect(server.saved).toEqual(['t1-2']);
  const reopened = await openPage();
  expect(reopened.snapshot()).toMatchObject([{ id: 't1-1', refused: 'This investigation is finished.' }]);
  await reopened.drop('t1-1');
  expect(stored.size).toBe(0);
});

test('what was refused reaches the teacher once, also when the network comes later, and can be sent again', async () => {
  server.mood = 'refuses';
  const box = await openPage();
  await box.add('t1-1', 't1', check);
  expect(server.held).toEqual(['t1-1']);
  expect((await openPage()).snapshot()).toMatchObject([{ id: 't1-1', told: true, refused: 'This investigation is finished.' }]);
  server.mood = 'up';
  const reopened = await openPage();
  await reopened.again('t1-1');
  expect([server.saved, server.held]).toEqual([['t1-1'], ['t1-1']]);
  expect(stored.size).toBe(0);
});

test('what the server breaks at holds back only what is about the same', async () => {
  server.breaksAt = 't1-1';
  const box = await openPage();
  const other = { ...check, body: { ...check.body, containerId: 'B1' } } as Entered;
  server.mood = 'away';
  await box.add('t1-1', 't1', check);
  await box.add('t1-2', 't1', check);
  await box.add('t1-3', 't1', other);
  server.mood = 'up';
  await box.send();
  expect(server.saved).toEqual(['t1-3']);
  server.breaksAt = '';
  await box.send();
  expect(server.saved).toEqual(['t1-3', 't1-1', 't1-2']);
});

test('a device that cannot keep an entry says so, and sends it all the same', async () => {
  database.full = true;
  server.mood = 'away';
  const box = await openPage();
  await box.add('t1-1', 't1', check);
  expect(box.snapshot()).toMatchObject([{ id: 't1-1', kept: false, confirmed: false }]);
  server.mood = 'up';
  await box.send();
  expect(server.saved).toEqual(['t1-1']);
});

test('nothing goes out before it is known who holds the device, nor in the name of another', async () => {
  server.mood = 'away';
  await (await openPage()).add('t1-1', 't1', check);
  server.mood = 'up';
  jest.resetModules();
  const { theOutbox } = await import('./outbox');
  await new Promise(process.nextTick);
  await theOutbox().send();
  expect(server.saved).toEqual([]);
  // The page believes itself with the old team; the server knows better, and the entry waits.
  server.joined = 't2';
  theOutbox().actAs('t1');
  await theOutbox().send();
  expect(server.saved).toEqual([]);
  expect(theOutbox().snapshot()).toMatchObject([{ id: 't1-1', refused: null, confirmed: false }]);
});

test('what a team left behind waits while another team holds the device', async () => {
  server.mood = 'away';
  await (await openPage()).add('t1-1', 't1', check);
  Object.assign(server, { mood: 'up', joined: 't2' });
  const theirs = await openPage();
  await theirs.add('t2-1', 't2', check);
  expect(server.saved).toEqual(['t2-1']);
  expect(theirs.snapshot()).toMatchObject([{ id: 't1-1', refused: null, confirmed: false }, { id: 't2-1' }]);
  server.joined = 't1';
  await openPage();
  expect(server.saved).toEqual(['t2-1', 't1-1']);
});

/**
 * The model: what a team entered is either at the server, once, or still waiting on the device; nothing is refused that the
 * server never refused; when all is well again everything has arrived, each team's entries in their order.
 */
test('whatever the network, the server and the pages do, every entry arrives once and in order', async () => {
  const operation = fc.oneof(
    { weight: 4, arbitrary: fc.record({ do: fc.constant('enter' as const), team: fc.constantFrom('t1', 't2') }) },
    {
      weight: 3,
      arbitrary: fc.record({
        do: fc.constant('mood' as const),
        mood: fc.constantFrom<Mood[]>('up', 'away', 'answer-lost', 'restarting', 'signed-out'),
      }),
    },
    { weight: 2, arbitrary: fc.record({ do: fc.constantFrom('reload' as const, 'send' as const) }) },
  );
  await fc.assert(
    fc.asyncProperty(fc.array(operation, { minLength: 1, maxLength: 30 }), async (operations) => {
      stored.clear();
      Object.assign(server, { saved: [], takenBack: [], mood: 'up', joined: 't1' });
      const entered: string[] = [];
      let box = await openPage();
      for (const step of operations) {
        if (step.do === 'enter') {
          if (step.team !== server.joined) {
            server.joined = step.team;
            box = await openPage();
          }
          const id = `${step.team}-${entered.length}`;
          entered.push(id);
          await box.add(id, step.team, check);
        } else if (step.do === 'mood') server.mood = step.mood;
        else if (step.do === 'reload') box = await openPage();
        else await box.send();
        for (const id of entered) expect(server.saved.includes(id) || stored.has(id)).toBe(true);
        expect([...stored.values()].filter((w) => w.refused !== null)).toEqual([]);
      }
      server.mood = 'up';
      for (const team of ['t1', 't2']) {
        server.joined = team;
        await openPage();
        expect(server.saved.filter((id) => id.startsWith(team))).toEqual(entered.filter((id) => id.startsWith(team)));
      }
      expect(stored.size).toBe(0);
    }),
    { numRuns: 40 },
  );
}, 30_000);
