import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { msNow, setClock, timeNow } from '@bright-sprout/core/clock/clock';
import { type KeepingView, type WhatGoes } from '@bright-sprout/contracts/answers/keeping';
import sharp from 'sharp';
import { v7 } from 'uuid';
import { SweepingService } from '../src/keeping/sweeping.service';
import {
  addClass,
  checkOf,
  type Device,
  joined,
  ownContainers,
  PASSWORD,
  schoolOfFirst,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;

beforeEach(async () => {
  application = await startApplication();
  world = await startClass(application);
});
afterEach(() => application.close());

const sweep = () => application.app.get(SweepingService).sweep();
/** So many days later, by the one clock. */
async function later(days: number): Promise<void> {
  setClock(new Date(msNow() + days * 86_400_000));
  await sweep();
  // A session does not last so long.
  await world.teacher.post('/session', { email: 'one@weir.example', password: PASSWORD });
}

const count = async (table: string) =>
  Number(((await application.dataSource.query(`SELECT COUNT(*) AS n FROM ${table}`)) as { n: string }[])[0]!.n);
const files = () => {
  const folder = application.settings.blobFolder;
  return existsSync(folder) ? readdirSync(folder).flatMap((f) => readdirSync(join(folder, f))) : [];
};

async function withPicture(kites: Device, containerId: string, colour: string): Promise<string> {
  const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: colour } })
    .jpeg()
    .toBuffer();
  const about = { containerId, day: timeNow().toISOString().slice(0, 10), recordedAt: timeNow().toISOString() };
  const id = v7();
  const at = new URLSearchParams(about).toString();
  await kites.put(`/bench/photos/${id}?${at}`, picture).set('content-type', 'image/jpeg').expect(200);
  return id;
}

const goingOf = async (who: Device) => ((await who.get('/keeping').expect(200)).body as KeepingView).going;

test('an investigation: what goes is told, it is hidden at once, comes back as it was, and goes for good on its day', async () => {
  const { teacher, investigationId, group } = world;
  const kites = await joined(application, group, 'kite');
  const [pot] = await ownContainers(kites);
  await kites.put(`/bench/checks/${v7()}`, checkOf(pot!.id)).expect(200);
  await withPicture(kites, pot!.id, '#5F9640');
  await kites
    .put(`/bench/held/${v7()}`, {
      kind: 'check',
      body: checkOf(pot!.id),
      reason: { code: 'refusals.investigationFinishedNothingMore' },
    })
    .expect(204);
  const before = (await teacher.get(`/investigations/${investigationId}`).expect(200)).body as object;
  const told = (await teacher.get(`/keeping/investigation/${investigationId}`).expect(200)).body as WhatGoes;
  expect(told).toMatchObject({ containers: 4, looks: 1, pictures: 1, plans: 1, waiting: 1, teams: 0, undoDays: 30 });
  expect(Date.parse(told.wouldGoAt) - msNow()).toBeGreaterThan(29.9 * 86_400_000);
  for (let twice = 0; twice < 2; twice++) await teacher.put(`/keeping/investigation/${investigationId}`, {}).expect(200);
  expect(await goingOf(teacher)).toEqual([expect.objectContaining({ kind: 'investigation', id: investigationId })]);
  await teacher.get(`/investigations/${investigationId}`).expect(404);
  expect((await teacher.get('/investigations').expect(200)).body).toEqual([]);
  expect((await teacher.get(`/classes/${world.classId}`).expect(200)).body.investigations).toEqual([]);
  expect(await ownContainers(kites)).toEqual([]);
  await kites.put(`/bench/checks/${v7()}`, checkOf(pot!.id)).expect(403);
  await later(29);
  await teacher.delete(`/keeping/investigation/${investigationId}`).expect(200);
  expect((await teacher.get(`/investigations/${investigationId}`).expect(200)).body).toEqual(before);
  await teacher.put(`/keeping/investigation/${investigationId}`, {}).expect(200);
  expect(files()).toHaveLength(2);
  await later(31);
  for (const table of ['investigation', 'plan', 'container', 'plant_check', 'reading', 'finding', 'photo', 'held_entry'])
    expect([table, await count(table)]).toEqual([table, 0]);
  expect(files()).toEqual([]);
  expect(await goingOf(teacher)).toEqual([]);
  expect(await count('team')).toBe(2);
});

test('pictures alone: they go and leave the store, what was recorded stays, and a file that another shows stays too', async () => {
  const { teacher, investigationId, group } = world;
  const other = await addClass(teacher);
  const kites = await joined(application, group, 'kite');
  const [pot] = await ownContainers(kites);
  const photo = await withPicture(kites, pot!.id, '#5F9640');
  await withPicture(kites, pot!.id, '#8FBF57');
  const otherKites = await joined(application, other.group, 'kite');
  await withPicture(otherKites, (await ownContainers(otherKites))[0]!.id, '#5F9640');
  const before = files().length;
  await teacher.put(`/keeping/pictures/${investigationId}`, {}).expect(200);
  await teacher.get(`/photos/${photo}`).expect(404);
  expect((await teacher.get(`/investigations/${investigationId}`).expect(200)).body.photos).toEqual([]);
  await teacher.delete(`/keeping/pictures/${investigationId}`).expect(200);
  await teacher.get(`/photos/${photo}`).expect(200);
  await teacher.put(`/keeping/pictures/${investigationId}`, {}).expect(200);
  await later(31);
  expect(files().length).toBe(before - 2);
  expect(await count('photo')).toBe(3);
  await teacher.get(`/investigations/${investigationId}`).expect(200);
});

test('a class: its teams are signed out and cannot join; everything of it goes, and of the others nothing', async () => {
  const { teacher, classId, group } = world;
  const other = await addClass(teacher);
  const kites = await joined(application, group, 'kite');
  const told = (await teacher.get(`/keeping/class/${classId}`).expect(200)).body as WhatGoes;
  expect(told).toMatchObject({ name: '6 Amber', investigations: 1, containers: 4, teams: 2, plans: 1 });
  await teacher.put(`/keeping/class/${classId}`, {}).expect(200);
  await teacher.get(`/classes/${classId}`).expect(404);
  await kites.get('/bench').expect(401);
  await kites.get(`/join/${group.joinCode}`).expect(404);
  await later(31);
  expect(await count('class_group')).toBe(1);
  expect(await count('team')).toBe(2);
  await teacher.get(`/investigations/${other.investigationId}`).expect(200);
});

test('everything: it can be taken back until the day, then the account is gone, and of another teacher nothing', async () => {
  const { teacher } = world;
  const colleague = await signedInTeacher(application, await schoolOfFirst(application));
  const theirs = await addClass(colleague);
  const { id } = (await teacher.get('/session').expect(200)).body.teacher as { id: string };
  await teacher.put(`/keeping/everything/${id}`, {}).expect(200);
  expect(await goingOf(teacher)).toEqual([expect.objectContaining({ kind: 'everything', id })]);
  await teacher.delete(`/keeping/everything/${id}`).expect(200);
  await later(31);
  expect(await count('class_group')).toBe(2);
  await teacher.put(`/keeping/everything/${id}`, {}).expect(200);
  await later(31);
  expect(await count('class_group')).toBe(1);
  expect(await count('teacher')).toBe(1);
  expect(await count('school')).toBe(1);
  expect(((await application.dataSource.query('SELECT id FROM investigation')) as { id: string }[]).map((i) => i.id)).toEqual([
    theirs.investigationId,
  ]);
});

test('how long things are kept is a setting: pictures go so many days after the end', async () => {
  const { teacher, investigationId, group } = world;
  const kites = await joined(application, group, 'kite');
  const photo = await withPicture(kites, (await ownContainers(kites))[0]!.id, '#5F9640');
  await teacher.put('/keeping', { undoDays: 7, pictureDays: 10 }).expect(200);
  await teacher.put('/keeping', { undoDays: 3, pictureDays: 10 }).expect(400);
  expect((await teacher.get(`/keeping/class/${world.classId}`).expect(200)).body.undoDays).toBe(7);
  await teacher.patch(`/investigations/${investigationId}`, { version: 1, phase: 'finished' }).expect(200);
  await later(9);
  await teacher.get(`/photos/${photo}`).expect(200);
  await later(2);
  await teacher.get(`/photos/${photo}`).expect(404);
  expect(files()).toEqual([]);
});

test('nobody deletes, or looks at, what belongs to another', async () => {
  const other = await signedInTeacher(application);
  const { classId, investigationId, teacher } = world;
  const { id } = (await teacher.get('/session').expect(200)).body.teacher as { id: string };
  for (const [kind, subject] of [
    ['investigation', investigationId],
    ['pictures', investigationId],
    ['class', classId],
    ['everything', id],
  ] as const) {
    await other.get(`/keeping/${kind}/${subject}`).expect(404);
    await other.put(`/keeping/${kind}/${subject}`, {}).expect(404);
  }
  await teacher.put(`/keeping/class/${classId}`, {}).expect(200);
  await other.delete(`/keeping/class/${classId}`).expect(200);
  expect(await goingOf(teacher)).toHaveLength(1);
});
