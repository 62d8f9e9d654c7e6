import { msNow } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type RunChangeView } from '@bright-sprout/contracts/answers/running';
import { type NewScreenLink, type ScreenView } from '@bright-sprout/contracts/answers/screens';
import { v7 } from 'uuid';
import {
  checkOf,
  type Device,
  device,
  joined,
  ownContainers,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
});
afterAll(() => application.close());

const records = async () =>
  (await world.teacher.get(`/investigations/${world.investigationId}`).expect(200)).body as InvestigationRecords;
const trace = async () =>
  (await world.teacher.get(`/investigations/${world.investigationId}/run-changes`).expect(200)).body as RunChangeView[];
const teamOf = (emblem: string) => world.group.teams.find((t) => t.emblem === emblem)!.id;

test('a container moves to another team, with its trace, and back again', async () => {
  const [own] = await ownContainers(kites);
  const id = v7();
  const body = {
    investigationId: world.investigationId,
    kind: 'move-team',
    containerId: own!.id,
    teamId: teamOf('bell'),
    note: 'two are ill',
  };
  const sent = await Promise.all([world.teacher.put(`/run-changes/${id}`, body), world.teacher.put(`/run-changes/${id}`, body)]);
  expect(sent.map((a) => a.status)).toEqual([200, 200]);
  expect((await ownContainers(kites)).map((c) => c.id)).not.toContain(own!.id);
  expect(await trace()).toMatchObject([{ id, code: own!.code, fromTeam: teamOf('kite'), toTeam: teamOf('bell'), undone: false }]);
  await world.teacher.delete(`/run-changes/${id}`).expect(204);
  await world.teacher.delete(`/run-changes/${id}`).expect(204);
  expect((await ownContainers(kites)).map((c) => c.id)).toContain(own!.id);
  expect((await trace())[0]!.undone).toBe(true);
});

test('a late sowing is one more container with its own day; undone only while nobody has looked at it', async () => {
  const day = new Date(msNow() - 5 * 86_400_000).toISOString().slice(0, 10);
  const late = {
    investigationId: world.investigationId,
    kind: 'late-sowing',
    treatment: 'A',
    teamId: teamOf('kite'),
    sownOn: day,
    seeds: 2,
  };
  const [first, second] = [v7(), v7()];
  await world.teacher.put(`/run-changes/${first}`, late).expect(200);
  await world.teacher.put(`/run-changes/${first}`, late).expect(200);
  const added = (await records()).investigation.containers.filter((c) => c.sownOn === day);
  expect(added).toMatchObject([{ code: 'A3', seedsSown: 2 }]);
  await kites.put(`/bench/checks/${v7()}`, checkOf(added[0]!.id)).expect(200);
  await world.teacher.delete(`/run-changes/${first}`).expect(422);
  await world.teacher.put(`/run-changes/${second}`, late).expect(200);
  await world.teacher.delete(`/run-changes/${second}`).expect(204);
  expect((await records()).investigation.containers.filter((c) => c.sownOn === day)).toHaveLength(1);
  await world.teacher.put(`/run-changes/${v7()}`, { ...late, sownOn: '1999-01-01' }).expect(422);
  await world.teacher.put(`/run-changes/${v7()}`, { ...late, treatment: 'F' }).expect(422);
  await world.teacher.put(`/run-changes/${v7()}`, { ...late, teamId: v7() }).expect(422);
});

test('late sowings at one moment each get a label of their own; one taken back stays on record', async () => {
  const day = new Date(msNow() - 4 * 86_400_000).toISOString().slice(0, 10);
  const late = { investigationId: world.investigationId, kind: 'late-sowing', treatment: 'B', sownOn: day, seeds: 1 };
  const ids = Array.from({ length: 6 }, () => v7());
  const made = await Promise.all(ids.map((id) => world.teacher.put(`/run-changes/${id}`, late)));
  expect(made.map((m) => m.status)).toEqual([200, 200, 200, 200, 200, 200]);
  const codes = made.map((m) => (m.body as RunChangeView).code);
  expect(new Set(codes).size).toBe(6);
  await world.teacher.delete(`/run-changes/${ids[0]}`).expect(204);
  expect((await records()).investigation.containers.map((c) => c.code)).not.toContain(codes[0]);
  expect((await trace()).find((c) => c.id === ids[0])).toMatchObject({ code: codes[0], undone: true });
  // Its label is not given away again.
  const next = (await world.teacher.put(`/run-changes/${v7()}`, late)).body as RunChangeView;
  expect(codes).not.toContain(next.code);
});

test('moves are taken back in any order', async () => {
  const [own] = await ownContainers(kites);
  const [kite, bell] = [teamOf('kite'), teamOf('bell')];
  const holder = async () => (await records()).investigation.containers.find((c) => c.id === own!.id)!.teamId;
  const move = async (teamId?: string) => {
    const id = v7();
    const body = {
      investigationId: world.investigationId,
      kind: 'move-team',
      containerId: own!.id,
      ...(teamId ? { teamId } : {}),
    };
    await world.teacher.put(`/run-changes/${id}`, body).expect(200);
    return id;
  };
  const takeBack = (id: string) => world.teacher.delete(`/run-changes/${id}`).expect(204);
  expect(await holder()).toBe(kite);
  const [toBells, toClass] = [await move(bell), await move()];
  await takeBack(toBells);
  expect(await holder()).toBeNull();
  await takeBack(toClass);
  expect(await holder()).toBe(kite);
  const [first, second] = [await move(bell), await move()];
  await takeBack(second);
  expect(await holder()).toBe(bell);
  await takeBack(first);
  expect(await holder()).toBe(kite);
});

test('a screen sees the wall by its link alone, until it is taken back', async () => {
  const [own] = await ownContainers(kites);
  await kites.put(`/bench/checks/${v7()}`, checkOf(own!.id, { note: 'our secret' })).expect(200);
  const link = (await world.teacher.post(`/investigations/${world.investigationId}/screen-links`).expect(201))
    .body as NewScreenLink;
  const screen = device(application);
  const seen = (await screen.get(`/screens/${link.token}`).expect(200)).body as ScreenView;
  expect(seen.readings.length).toBeGreaterThan(0);
  expect(JSON.stringify(seen)).not.toContain('our secret');
  for (const secret of [world.group.joinCode, ...world.group.teams.map((t) => t.pin)])
    expect(JSON.stringify(seen)).not.toContain(`"${secret}"`);
  await screen.get('/investigations').expect(401);
  await screen.get(`/screens/${link.token.slice(0, -1)}${link.token.endsWith('x') ? 'y' : 'x'}`).expect(404);
  const stored = (await application.dataSource.query('SELECT token_hash FROM screen_link')) as { token_hash: string }[];
  expect(stored[0]!.token_hash).not.toContain(link.token);
  await world.teacher.delete(`/investigations/${world.investigationId}/screen-links/${link.id}`).expect(204);
  await screen.get(`/screens/${link.token}`).expect(404);
});

test('another teacher neither runs this class nor hangs up its screens', async () => {
  const other = await signedInTeacher(application);
  const [own] = await ownContainers(kites);
  const body = { investigationId: world.investigationId, kind: 'move-team', containerId: own!.id };
  await other.put(`/run-changes/${v7()}`, body).expect(404);
  await other.get(`/investigations/${world.investigationId}/run-changes`).expect(404);
  const [change] = await trace();
  await other.delete(`/run-changes/${change!.id}`).expect(404);
  await other.post(`/investigations/${world.investigationId}/screen-links`).expect(404);
  const link = (await world.teacher.post(`/investigations/${world.investigationId}/screen-links`).expect(201))
    .body as NewScreenLink;
  await other.delete(`/investigations/${world.investigationId}/screen-links/${link.id}`).expect(404);
  await kites.put(`/run-changes/${v7()}`, body).expect(401);
});
