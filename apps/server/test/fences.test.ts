import { v7 } from 'uuid';
import {
  addClass,
  checkOf,
  type Device,
  device,
  joined,
  ownContainers,
  schoolOfFirst,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';
import { importBodyOf } from './importBody';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;
let bells: Device;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  bells = await joined(application, world.group, 'bell');
});
afterAll(() => application.close());

test.each(['another school', 'the same school'])(
  'a teacher of %s cannot read, change or fill a class that is not theirs',
  async (school) => {
    const other = await signedInTeacher(application, school === 'the same school' ? await schoolOfFirst(application) : undefined);
    const { classId, investigationId } = world;
    const kite = world.group.teams[0]!;
    await other.get(`/classes/${classId}`).expect(404);
    await other.put(`/classes/${classId}`, { name: 'Mine', gradeBand: 'early', timeZone: 'UTC' }).expect(404);
    await other.put(`/classes/${classId}/teams`, { teams: [] }).expect(404);
    await other.post(`/classes/${classId}/teams/${kite.id}/pin`).expect(404);
    await other.get(`/investigations/${investigationId}`).expect(404);
    await other.get(`/investigations/${investigationId}/export.csv`).expect(404);
    await other.patch(`/investigations/${investigationId}`, { version: 1, phase: 'finished' }).expect(404);
    await other.put(`/plans/${v7()}`, { classId, version: 0, document: world.plan }).expect(404);
    await other.put(`/imports/${v7()}`, importBodyOf(classId, 'pot,treatment,day,height\na,x,1,2\n')!).expect(404);
    expect((await world.teacher.get(`/classes/${classId}`).expect(200)).body.name).toBe('6 Amber');
  },
);

test('nobody gets anywhere without signing in or joining', async () => {
  const stranger = device(application);
  for (const path of [
    '/classes',
    '/investigations',
    `/investigations/${world.investigationId}`,
    `/investigations/${world.investigationId}/export.csv`,
    '/events',
    '/bench',
  ])
    expect((await stranger.get(path)).status).toBe(401);
  const [own] = await ownContainers(kites);
  await stranger.put(`/bench/checks/${v7()}`, checkOf(own!.id)).expect(401);
});

test('a team is no teacher, and a teacher is no team', async () => {
  await kites.get('/classes').expect(401);
  await kites.get(`/investigations/${world.investigationId}`).expect(401);
  await kites.patch(`/investigations/${world.investigationId}`, { version: 1, sharedWithTeams: true }).expect(401);
  await world.teacher.get('/bench').expect(401);
});

test('a team sees and writes its own containers only', async () => {
  const [mine, theirs] = [await ownContainers(kites), await ownContainers(bells)];
  expect(mine.map((c) => c.code).sort()).toEqual(['A1', 'B1']);
  expect(theirs.map((c) => c.code).sort()).toEqual(['A2', 'B2']);
  const answer = await kites.put(`/bench/checks/${v7()}`, checkOf(theirs[0]!.id)).expect(403);
  expect(answer.body.detail).toMatch(/belongs to another team. Nothing was saved/);
  const [count] = (await application.dataSource.query('SELECT COUNT(*) AS n FROM plant_check')) as { n: string }[];
  expect(Number(count!.n)).toBe(0);
});

test('a team cannot overwrite or correct what another team recorded', async () => {
  const [mine, theirs] = [await ownContainers(kites), await ownContainers(bells)];
  const id = v7();
  const check = checkOf(theirs[0]!.id);
  await bells.put(`/bench/checks/${id}`, check).expect(200);
  await kites.put(`/bench/checks/${id}`, checkOf(mine[0]!.id)).expect(409);
  await kites.put(`/bench/checks/${v7()}`, checkOf(mine[0]!.id, { supersedes: check.readings[0]!.id })).expect(422);
});

test('the class’s records open to teams when the teacher shares them, and close again', async () => {
  const path = `/bench/investigations/${world.investigationId}`;
  const closed = await kites.get(path).expect(403);
  expect(closed.body.detail).toMatch(/has not shared/);
  const { body: shared } = await world.teacher
    .patch(`/investigations/${world.investigationId}`, { version: 1, sharedWithTeams: true })
    .expect(200);
  expect((await kites.get(path).expect(200)).body.investigation.containers).toHaveLength(4);
  await world.teacher
    .patch(`/investigations/${world.investigationId}`, { version: shared.version, sharedWithTeams: false })
    .expect(200);
  await kites.get(path).expect(403);
});

test('a team of another class does not get through the fence, shared or not', async () => {
  const otherTeacher = await signedInTeacher(application);
  const other = await addClass(otherTeacher);
  const stranger = await joined(application, other.group, 'kite');
  await stranger.get(`/bench/investigations/${world.investigationId}`).expect(404);
  const [own] = await ownContainers(kites);
  await stranger.put(`/bench/checks/${v7()}`, checkOf(own!.id)).expect(403);
});

test('addresses that are no ids, and paths that do not exist, are simply not there', async () => {
  await world.teacher.get('/investigations/1%27%20OR%20%271').expect(404);
  const nothing = await world.teacher.get('/nothing-here').expect(404);
  expect(nothing.type).toBe('application/problem+json');
});
