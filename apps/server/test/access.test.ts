import { hashPassword } from '../src/access/passwords';
import { addOtherTeacher, device, joined, PASSWORD, startApplication, startClass, type TestApplication } from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;

beforeAll(async () => {
  application = await startApplication();
  const fresh = await device(application).get('/session').expect(200);
  expect(fresh.body).toEqual({ needsFirstTeacher: true, teacher: null });
  world = await startClass(application);
});
afterAll(() => application.close());

test('the first teacher can be made once', async () => {
  const answer = await device(application).post('/teachers/first', {
    schoolName: 'Second',
    name: 'x',
    email: 'two@weir.example',
    password: PASSWORD,
  });
  expect(answer.status).toBe(409);
  expect(answer.type).toBe('application/problem+json');
  expect(answer.body.detail).toMatch(/There is a teacher already/);
});

test('signing in and out; a wrong password and an unknown account sound the same', async () => {
  const laptop = device(application);
  const wrong = await laptop.post('/session', { email: 'one@weir.example', password: 'not this one' }).expect(401);
  const unknown = await laptop.post('/session', { email: 'nobody@weir.example', password: 'not this one' }).expect(401);
  expect(wrong.body.detail).toBe(unknown.body.detail);
  const session = await laptop.post('/session', { email: 'ONE@weir.example', password: PASSWORD }).expect(200);
  expect(session.body.teacher).toMatchObject({ name: 'Room 3', schoolName: 'Weir School' });
  const [cookie] = session.get('set-cookie')!;
  expect(cookie).toMatch(/HttpOnly/);
  expect(cookie).toMatch(/SameSite=Strict/);
  await laptop.get('/classes').expect(200);
  await laptop.delete('/session').expect(204);
  await laptop.get('/classes').expect(401);
});

test('passwords are stored with argon2id, PINs and tokens never in the clear', async () => {
  expect(await hashPassword('x')).toMatch(/^\$argon2id\$/);
  const teams = (await application.dataSource.query('SELECT sealed_pin FROM team')) as { sealed_pin: string }[];
  for (const { sealed_pin } of teams) expect(world.group.teams.map((t) => t.pin)).not.toContain(sealed_pin);
  const sessions = (await application.dataSource.query('SELECT token_hash FROM access_session')) as { token_hash: string }[];
  for (const { token_hash } of sessions) expect(token_hash).toMatch(/^[0-9a-f]{64}$/);
});

test('a team sees emblems behind the code, joins with its PIN, and is stopped after ten wrong ones', async () => {
  const { joinCode, teams } = world.group;
  const view = await device(application).get(`/join/${joinCode.toLowerCase()}`).expect(200);
  expect(view.body).toEqual({
    className: '6 Amber',
    teams: [
      { emblem: 'kite', nickname: 'Kites' },
      { emblem: 'bell', nickname: 'Bells' },
    ],
  });
  await device(application).get('/join/ZZZZZZ').expect(404);
  const bell = teams.find((t) => t.emblem === 'bell')!;
  const wrongPin = bell.pin === '0000' ? '0001' : '0000';
  for (let i = 0; i < 10; i++)
    await device(application).post('/join', { classCode: joinCode, emblem: 'bell', pin: wrongPin }).expect(401);
  const stopped = await device(application).post('/join', { classCode: joinCode, emblem: 'bell', pin: bell.pin }).expect(429);
  expect(stopped.body.detail).toMatch(/Wait ten minutes/);
  await joined(application, world.group, 'kite');
});

test('a new PIN ends the team’s sessions and shuts the old PIN out', async () => {
  const tablet = await joined(application, world.group, 'kite');
  const kite = world.group.teams.find((t) => t.emblem === 'kite')!;
  await tablet.get('/bench').expect(200);
  let pin = kite.pin;
  while (pin === kite.pin) {
    const { body } = await world.teacher.post(`/classes/${world.classId}/teams/${kite.id}/pin`).expect(200);
    pin = (body as typeof world.group).teams.find((t) => t.id === kite.id)!.pin;
  }
  await tablet.get('/bench').expect(401);
  await tablet.post('/join', { classCode: world.group.joinCode, emblem: 'kite', pin: kite.pin }).expect(401);
  await tablet.post('/join', { classCode: world.group.joinCode, emblem: 'kite', pin }).expect(204);
});

test('requests from another site are refused, and nothing runs or loads from elsewhere', async () => {
  const { default: request } = await import('supertest');
  const answer = await request(application.server)
    .post('/api/v1/session')
    .set('origin', 'https://elsewhere.example')
    .send({ email: 'one@weir.example', password: PASSWORD });
  expect(answer.status).toBe(403);
  const policy = answer.headers['content-security-policy']!;
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toMatch(/https?:|unsafe-eval|script-src[^;]*unsafe-inline/);
});

test('unknown properties and wrong values are refused with a path and a sentence each', async () => {
  const answer = await device(application).post('/session', { email: 'nothing', password: '', role: 'admin' }).expect(400);
  expect(answer.body).toMatchObject({ title: 'Something is missing or wrong', status: 400 });
  expect(answer.body.errors).toEqual(
    expect.arrayContaining([
      { path: 'role', sentence: 'There is no field “role”.', code: 'refusals.thereIsNoField', params: { property: 'role' } },
      expect.objectContaining({ path: 'email', code: 'refusals.typeEMailAddress' }),
    ]),
  );
});

test('another teacher, of another school, sees an empty world', async () => {
  const { email } = await addOtherTeacher(application);
  const other = device(application);
  await other.post('/session', { email, password: PASSWORD }).expect(200);
  expect((await other.get('/classes').expect(200)).body).toEqual([]);
  expect((await other.get('/investigations').expect(200)).body).toEqual([]);
});
