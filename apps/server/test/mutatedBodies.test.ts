import { timeNow } from '@bright-sprout/core/clock/clock';
import fc from 'fast-check';
import request from 'supertest';
import { v7 } from 'uuid';
import {
  checkOf,
  type Device,
  device,
  joined,
  ownContainers,
  PASSWORD,
  plannedDaysAgo,
  startApplication,
  startClass,
  type TestApplication,
} from './application';
import { importBodyOf } from './importBody';
import { type Json, mutation, placesOf, withAt } from './mutations';

/** Whatever is sent, the answer is a sentence and never a server that broke. The same bodies in every run. */
const SEED = 20260319;
const RUNS = Number(process.env.FUZZ_RUNS ?? 45);

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;
let pot: string;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  pot = (await ownContainers(kites))[0]!.id;
});
afterAll(() => application.close());

const CSV = 'pot;treatment;day;height mm\nA1;salt;3;12\nA1;salt;5;20\nB1;water;3;14\n';

/** A body that is taken, for every route that takes one. */
const routes: Record<string, { send: (body: Json) => PromiseLike<{ status: number; body: unknown }>; body: () => unknown }> = {
  'a check': {
    send: (b) => kites.put(`/bench/checks/${v7()}`, b as object),
    body: () =>
      checkOf(pot, { leaves: 2, note: 'dry', doubt: { kind: 'shrank', answer: 'wilted', secondMm: 40 } }, { dayReason: 'ill' }),
  },
  'a check with findings': {
    send: (b) => kites.put(`/bench/checks/${v7()}`, b as object),
    body: () =>
      checkOf(pot, {
        typed: null,
        findings: [
          { measure: 'height', typed: '4.5 cm' },
          { measure: 'leaves', value: 2 },
        ],
      }),
  },
  'a check of the teacher': { send: (b) => world.teacher.put(`/checks/${v7()}`, b as object), body: () => checkOf(pot) },
  care: {
    send: (b) => kites.put(`/bench/care/${v7()}`, b as object),
    body: () => ({
      investigationId: world.investigationId,
      kind: 'water',
      task: 'water',
      day: timeNow().toISOString().slice(0, 10),
      recordedAt: timeNow().toISOString(),
      amountMl: 20,
      note: 'all',
    }),
  },
  'a deviation': {
    send: (b) => kites.put(`/bench/deviations/${v7()}`, b as object),
    body: () => ({ containerId: pot, kind: 'other', note: 'x', recordedAt: timeNow().toISOString() }),
  },
  'what is held': {
    send: (b) => kites.put(`/bench/held/${v7()}`, b as object),
    body: () => ({
      kind: 'check',
      body: checkOf(pot),
      reason: { code: 'refusals.dayCalendarReadingsStay', params: { day: 'x' } },
    }),
  },
  'a plan': {
    send: (b) => world.teacher.put(`/plans/${v7()}`, b as object),
    body: () => ({ classId: world.classId, version: 0, document: plannedDaysAgo(3) }),
  },
  'a seed lot': {
    send: (b) => world.teacher.put(`/seed-lots/${v7()}`, b as object),
    body: () => ({
      speciesId: 'onion',
      name: 'Drawer',
      year: 2023,
      count: 12,
      depthMm: [10, 15],
      spacingMm: 20,
      daysToSprout: [5, 8],
      tests: [{ kind: 'paper', up: 7, of: 10, on: '2026-03-02' }],
    }),
  },
  'a class': {
    send: (b) => world.teacher.put(`/classes/${v7()}`, b as object),
    body: () => ({ name: '6 Amber', gradeBand: 'middle', timeZone: 'Europe/Berlin' }),
  },
  teams: {
    send: (b) => world.teacher.put(`/classes/${world.classId}/teams`, b as object),
    body: () => ({ teams: world.group.teams.map(({ id, emblem }) => ({ id, emblem })) }),
  },
  'a change of the running class': {
    send: (b) => world.teacher.put(`/run-changes/${v7()}`, b as object),
    body: () => ({
      investigationId: world.investigationId,
      kind: 'late-sowing',
      treatment: 'A',
      sownOn: timeNow().toISOString().slice(0, 10),
      seeds: 2,
    }),
  },
  'a change of the investigation': {
    send: (b) => world.teacher.patch(`/investigations/${world.investigationId}`, b as object),
    body: () => ({ version: 1, question: 'Why?', sharedWithTeams: true, checkingOpen: true }),
  },
  'readings of the room': {
    send: (b) => world.teacher.put(`/classes/${world.classId}/room/readings`, b as object),
    body: () => ({ source: 'hand', readings: [{ id: v7(), at: timeNow().toISOString(), kind: 'temperature', value: 20 }] }),
  },
  'a table': {
    send: (b) => world.teacher.put(`/imports/${v7()}`, b as object),
    body: () => importBodyOf(world.classId, CSV)! as unknown as Json,
  },
  'a sign-in': {
    send: (b) => device(application).post('/session', b as object),
    body: () => ({ email: 'one@weir.example', password: PASSWORD }),
  },
  'a join': {
    send: (b) => device(application).post('/join', b as object),
    body: () => ({ classCode: world.group.joinCode, emblem: 'bell', pin: '0000' }),
  },
};

test.each(Object.keys(routes))('%s', async (name) => {
  const route = routes[name]!;
  await fc.assert(
    fc.asyncProperty(fc.array(mutation, { minLength: 1, maxLength: 2 }), async (mutations) => {
      let body = JSON.parse(JSON.stringify(route.body())) as Json;
      for (const { place, put, extra } of mutations) {
        const places = placesOf(body).slice(1);
        if (places.length > 0) body = withAt(body, places[place % places.length]!, put) ?? {};
        if (extra && typeof body === 'object' && body !== null && !Array.isArray(body)) body = { ...body, [extra]: 'x' };
      }
      const { status, body: answer } = await route.send(body);
      expect({ status: status < 500 || status === 503, body, answer }).toMatchObject({ status: true });
      if (status >= 400) expect((answer as { detail: string }).detail).toMatch(/[.:?]$/);
    }),
    { numRuns: RUNS, seed: SEED },
  );
});

test.each([
  ['an unknown charset', 'application/json; charset=klingon', '{}', 415],
  ['no JSON', 'application/json', '{"containerId":', 400],
  ['JSON that is deep', 'application/json', `${'['.repeat(20_000)}${']'.repeat(20_000)}`, 400],
  ['only a word', 'application/json', '"check"', 400],
  ['another type', 'text/plain', 'hello', 400],
])('%s gets a sentence', async (_, type, text, status) => {
  const cookie = await teamCookie();
  const answer = await request(application.server)
    .put(`/api/v1/bench/checks/${v7()}`)
    .set('cookie', cookie)
    .set('content-type', type)
    .send(text);
  expect(answer.status).toBe(status);
  expect((answer.body as { detail: string }).detail).toMatch(/\.$/);
});

async function teamCookie(): Promise<string> {
  const { pin } = world.group.teams.find((t) => t.emblem === 'kite')!;
  const answer = await request(application.server)
    .post('/api/v1/join')
    .send({ classCode: world.group.joinCode, emblem: 'kite', pin });
  return (answer.headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!;
}

test('two factors with names of sixty letters are sown', async () => {
  const plan = plannedDaysAgo(2);
  const factor = (letter: string) => ({
    ...plan.factors[0]!,
    name: letter.repeat(60),
    levels: ['x', 'y'].map((l) => ({ label: `${l}${letter.repeat(59)}`, amount: null })),
    control: 0,
  });

  const id = v7();
  const document = { ...plan, factors: [factor('a'), factor('b')], containersEach: 2 };
  const kept = await world.teacher.put(`/plans/${id}`, { classId: world.classId, version: 0, document });
  expect([kept.status, (kept.body as { detail?: string }).detail]).toEqual([200, undefined]);
  const sown = await world.teacher.put(`/plans/${id}/sowing`, { version: 1 });
  expect(sown.status).toBe(200);
});

test('a missing file of the application is told as missing', async () => {
  const answer = await request(application.server).get('/assets/nothing.js');
  expect(answer.status).toBe(404);
});
