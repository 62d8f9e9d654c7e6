import { v7 } from 'uuid';
import { Database } from '../src/database/database';
import { loadDemo } from '../src/demo/loadDemo';
import {
  device,
  joined,
  ownContainers,
  plannedDaysAgo,
  sownPlan,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
});
afterAll(() => application.close());

const teamIds = () => world.group.teams.map((t) => t.id);

test('the plan becomes treatments and containers with codes, the control first', async () => {
  const { body } = await world.teacher.get(`/investigations/${world.investigationId}`).expect(200);
  expect(body.investigation.treatments).toEqual([
    { code: 'A', label: 'no salt', control: true, speciesId: 'barley', speciesName: 'Barley', habit: 'grass' },
    { code: 'B', label: 'salt', control: false, speciesId: 'barley', speciesName: 'Barley', habit: 'grass' },
  ]);
  const containers = body.investigation.containers as { code: string; position: number; block: string; seedsSown: number }[];
  expect(containers.map((c) => c.code).sort()).toEqual(['A1', 'A2', 'B1', 'B2']);
  expect(containers.map((c) => c.position)).toEqual([0, 1, 2, 3]);
  expect(new Set(containers.map((c) => c.block))).toEqual(new Set(['Kites', 'Bells']));
});

test('a team with containers cannot be taken away; one without can', async () => {
  const spare = { id: v7(), emblem: 'drum' };
  const present = world.group.teams.map(({ id, emblem }) => ({ id, emblem }));
  await world.teacher.put(`/classes/${world.classId}/teams`, { teams: [...present, spare] }).expect(200);
  const kept = await world.teacher.put(`/classes/${world.classId}/teams`, { teams: present }).expect(200);
  expect(kept.body.teams).toHaveLength(2);
  const refused = await world.teacher.put(`/classes/${world.classId}/teams`, { teams: present.slice(1) }).expect(422);
  expect(refused.body.detail).toMatch(/look after containers/);
  await world.teacher
    .put(`/classes/${world.classId}/teams`, { teams: [present[0]!, { ...spare, emblem: present[0]!.emblem }] })
    .expect(400);
});

test('the same teams sent three times at once are made once; a team of another class is refused in words', async () => {
  const classId = v7();
  await world.teacher.put(`/classes/${classId}`, { name: '6 Beryl', gradeBand: 'middle', timeZone: 'UTC' }).expect(200);
  const teams = [
    { id: v7(), emblem: 'kite' },
    { id: v7(), emblem: 'fish' },
  ];
  const answers = await Promise.all([1, 2, 3].map(() => world.teacher.put(`/classes/${classId}/teams`, { teams })));
  expect(answers.map((a) => a.status)).toEqual([200, 200, 200]);
  const { body } = await world.teacher.get(`/classes/${classId}`).expect(200);
  expect((body.teams as { id: string }[]).map((t) => t.id)).toEqual(teams.map((t) => t.id));
  const stolen = await world.teacher
    .put(`/classes/${classId}/teams`, { teams: [...teams, { id: teamIds()[0], emblem: 'moon' }] })
    .expect(409);
  expect(stolen.body.detail).toMatch(/A team belongs to one class/);
  expect((await world.teacher.get(`/classes/${classId}`)).body.teams).toHaveLength(2);
});

test('what is put away leaves every list, and comes back whole', async () => {
  const { id, version } = await sownPlan(world.teacher, world.classId, plannedDaysAgo(5));
  const away = await world.teacher.patch(`/investigations/${id}`, { version, removed: true }).expect(200);
  const listed = async () =>
    ((await world.teacher.get(`/classes/${world.classId}`)).body.investigations as { id: string }[]).map((i) => i.id);
  expect(await listed()).not.toContain(id);
  const kites = await joined(application, world.group, 'kite');
  const during = (await ownContainers(kites)).length;
  await world.teacher.patch(`/investigations/${id}`, { version: away.body.version, removed: false }).expect(200);
  expect(await listed()).toContain(id);
  expect((await ownContainers(kites)).length).toBe(during + 2);
});

test('entities and migrations describe the same database', async () => {
  const drift = await application.dataSource.driver.createSchemaBuilder().log();
  expect(drift.upQueries.map((q) => q.query)).toEqual([]);
});

test('the API describes itself: every route, and the rules of what is sent', async () => {
  const { body } = await device(application).get('/openapi.json').expect(200);
  expect(Object.keys(body.paths)).toEqual(
    expect.arrayContaining(['/api/v1/bench/checks/{id}', '/api/v1/investigations/{id}', '/api/v1/imports/{id}']),
  );
  expect(body.components.schemas.SaveCareRequest).toMatchObject({
    additionalProperties: false,
    properties: { amountMl: { minimum: 0, maximum: 5000 }, task: { type: 'string', minLength: 1, maxLength: 60 } },
  });
});

test('the demo fills an empty database only, in its third week, from the simulator', async () => {
  expect(await loadDemo(new Database(application.dataSource), application.settings)).toBe(false);
  const empty = await startApplication();
  try {
    expect(await loadDemo(new Database(empty.dataSource), empty.settings)).toBe(true);
    const teacher = device(empty);
    await teacher.post('/session', { email: 'teacher@millrace.example', password: 'grow-a-hedge-2' }).expect(200);
    const { body: classes } = await teacher.get('/classes').expect(200);
    expect(classes.map((c: { name: string; teams: unknown[] }) => [c.name, c.teams.length])).toEqual([
      ['5 Heron', 7],
      ['7 Copper', 7],
      ['9 Slate', 7],
    ]);
    const [records] = (await teacher.get('/investigations').expect(200)).body;
    expect(records.investigation.sownOn).toBe('2026-03-03');
    expect(records.investigation.containers).toHaveLength(28);
    const states = new Set((records.readings as { state: string }[]).map((r) => r.state));
    expect(states).toEqual(new Set(['not-up', 'measured', 'lost', 'not-checked']));
    expect((records.readings as { supersedes: string | null }[]).filter((r) => r.supersedes !== null)).toHaveLength(1);
  } finally {
    await empty.close();
  }
});
