import { timeNow } from '@bright-sprout/core/clock/clock';
import request from 'supertest';
import { FailedAttempt } from '../src/access/failedAttempt.entity';
import { newId } from '../src/database/ids';
import { device, joined, PASSWORD, startApplication, startClass, type TestApplication } from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;

beforeAll(async () => {
  application = await startApplication({ trustedProxies: ['loopback'] });
  world = await startClass(application);
});
afterAll(() => application.close());
afterEach(() => application.dataSource.query('DELETE FROM failed_attempt'));

const from = (address: string, path: string, body: object) =>
  request(application.server).post(`/api/v1${path}`).set('x-forwarded-for', address).send(body);
const statuses = (answers: { status: number }[]) => {
  const counts: Record<number, number> = {};
  for (const { status } of answers) counts[status] = (counts[status] ?? 0) + 1;
  return counts;
};
/** So many attempts failed a moment ago. */
const failed = (key: string, count: number) =>
  application.dataSource
    .getRepository(FailedAttempt)
    .insert(Array.from({ length: count }, () => ({ id: newId(), key, at: timeNow() })));
const teamOf = (emblem: string) => world.group.teams.find((t) => t.emblem === emblem)!;
const wrongPin = (emblem: string) => (teamOf(emblem).pin === '0000' ? '0001' : '0000');
const joinAs = (address: string, emblem: string, pin: string) =>
  from(address, '/join', { classCode: world.group.joinCode, emblem, pin });

test('of many passwords at once only as many are judged as the limit allows', async () => {
  const guesses = Array.from({ length: 60 }, (_, i) =>
    from('10.1.0.1', '/session', { email: 'one@weir.example', password: `guess number ${i}` }),
  );
  const counts = statuses(await Promise.all(guesses));
  expect(counts[401]).toBeLessThanOrEqual(12);
  expect(counts[429]).toBeGreaterThanOrEqual(48);
  const stopped = await from('10.1.0.2', '/session', { email: 'one@weir.example', password: PASSWORD });
  expect([stopped.status, (stopped.body as { detail: string }).detail]).toEqual([
    429,
    'That was wrong too many times. Wait ten minutes and try again.',
  ]);
});

test('of many PINs at once only as many are judged; a new PIN lets the team in again', async () => {
  const counts = statuses(await Promise.all(Array.from({ length: 50 }, () => joinAs('10.2.0.1', 'bell', wrongPin('bell')))));
  expect(counts[401]).toBeLessThanOrEqual(12);
  expect((await joinAs('10.2.0.1', 'bell', teamOf('bell').pin)).status).toBe(429);
  const { body } = await world.teacher.post(`/classes/${world.classId}/teams/${teamOf('bell').id}/pin`).expect(200);
  world.group.teams = (body as typeof world.group).teams;
  expect((await joinAs('10.2.0.1', 'bell', teamOf('bell').pin)).status).toBe(204);
});

test('one address that fails shuts nobody else out, and joining has its own budget beside signing in', async () => {
  await failed('team address 10.3.0.1', 400);
  await failed('teacher address 10.3.0.1', 400);
  expect((await joinAs('10.3.0.1', 'kite', teamOf('kite').pin)).status).toBe(204);
  expect((await from('10.3.0.1', '/session', { email: 'one@weir.example', password: PASSWORD })).status).toBe(200);
  // Who fails from there is stopped after the first time.
  expect((await joinAs('10.3.0.1', 'kite', wrongPin('kite'))).status).toBe(401);
  expect((await joinAs('10.3.0.1', 'kite', wrongPin('kite'))).status).toBe(429);
});

test('a right class code is always answered; wrong ones are stopped', async () => {
  const look = (code: string) => request(application.server).get(`/api/v1/join/${code}`).set('x-forwarded-for', '10.4.0.1');
  await failed('code 10.4.0.1', 400);
  expect((await look('ZZZZZZ')).status).toBe(429);
  expect((await look(world.group.joinCode)).status).toBe(200);
});

test('a made-up cookie is no new budget; who really holds a session has its own', async () => {
  const bench = (cookie: string) =>
    request(application.server).get('/api/v1/session').set('x-forwarded-for', '10.5.0.1').set('cookie', cookie);
  const left = async (cookie: string) => Number((await bench(cookie)).headers['x-ratelimit-remaining']);
  const first = await left('sprout_team=made-up-1');
  expect(await left('sprout_team=made-up-2')).toBe(first - 1);
  const tablet = await joined(application, world.group, 'kite');
  const { headers } = await tablet.get('/bench').expect(200);
  expect(Number(headers['x-ratelimit-remaining'])).toBeGreaterThan(first - 2);
});

test('a password that is easily guessed is refused with a sentence', async () => {
  const empty = await startApplication();
  for (const password of ['password123', '          ', 'qwertyuiop', 'weir school 1']) {
    const answer = await device(empty)
      .post('/teachers/first', { schoolName: 'Weir School', name: 'Room 3', email: 'one@weir.example', password })
      .expect(400);
    expect((answer.body as { errors: { path: string }[] }).errors[0]!.path).toBe('password');
  }
  await empty.close();
});

test('two who press at once make one first teacher', async () => {
  const empty = await startApplication();
  const make = (email: string) =>
    device(empty).post('/teachers/first', { schoolName: 'Weir School', name: 'Room 3', email, password: PASSWORD });
  const answers = await Promise.all(['a', 'b', 'c', 'd'].map((name) => make(`${name}@weir.example`)));
  expect(statuses(answers)).toEqual({ 201: 1, 409: 3 });
  expect(await empty.dataSource.query('SELECT COUNT(*) AS n FROM teacher')).toEqual([{ n: '1' }]);
  await empty.close();
});
