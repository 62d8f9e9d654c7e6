import { timeNow } from '@bright-sprout/core/clock/clock';
import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type PhotoView } from '@bright-sprout/contracts/answers/photos';
import { readdirSync } from 'node:fs';
import sharp from 'sharp';
import request from 'supertest';
import { v7 } from 'uuid';
import {
  addClass,
  type Device,
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
let bells: Device;
let containerId: string;

const today = () => timeNow().toISOString().slice(0, 10);
const query = (change: object = {}) =>
  new URLSearchParams({ containerId, day: today(), recordedAt: timeNow().toISOString(), ...change }).toString();

/** A green picture that tells where it was taken. */
const picture = (width = 2400, height = 1200) =>
  sharp({ create: { width, height, channels: 3, background: '#5F9640' } })
    .withExif({ IFD0: { Copyright: 'taken at home' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
    .jpeg()
    .toBuffer();

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  bells = await joined(application, world.group, 'bell');
  containerId = (await ownContainers(kites))[0]!.id;
});
afterAll(() => application.close());

const send = (device: Device, id: string, body: Buffer, at = query(), path = '/bench/photos') =>
  device.put(`${path}/${id}?${at}`, body).set('content-type', 'image/jpeg');
const bytes = async (device: Device, path: string) => (await device.get(path).responseType('blob').expect(200)).body as Buffer;

test('a picture is kept once, newly encoded, smaller, and without what came with it', async () => {
  const id = v7();
  const sent = await picture();
  expect((await sharp(sent).metadata()).exif?.toString('latin1')).toContain('taken at home');
  const at = query();
  const answers = await Promise.all([send(kites, id, sent, at), send(kites, id, sent, at)]);
  expect(answers.map((a) => a.status)).toEqual([200, 200]);
  expect(answers[0].body as PhotoView).toMatchObject({ id, containerId, width: 1600, height: 800 });
  const whole = await bytes(kites, `/bench/photos/${id}`);
  const { exif, width, format } = await sharp(whole).metadata();
  expect([exif, width, format]).toEqual([undefined, 1600, 'jpeg']);
  expect(whole.toString('latin1')).not.toContain('taken at home');
  expect((await sharp(await bytes(world.teacher, `/photos/${id}/small`)).metadata()).width).toBe(360);
  const records = (await world.teacher.get(`/investigations/${world.investigationId}`).expect(200)).body as InvestigationRecords;
  expect(records.photos.map((p) => p.id)).toEqual([id]);
  const { investigations } = (await bells.get('/bench').expect(200)).body as BenchView;
  expect(investigations.flatMap((i) => i.photos)).toEqual([]);
  await send(kites, id, sent, query({ containerId: (await ownContainers(kites))[1]!.id })).expect(409);
});

test('the same picture twice is one file on the disk', async () => {
  const files = () =>
    readdirSync(application.settings.blobFolder, { recursive: true }).filter((f) => /[0-9a-f]{64}$/.test(String(f))).length;
  const sent = await picture(300, 200);
  await send(kites, v7(), sent).expect(200);
  const before = files();
  await send(kites, v7(), sent).expect(200);
  expect(files()).toBe(before);
});

test('what is not a picture, too large, or of another day is refused in words', async () => {
  const no = await send(kites, v7(), Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>')).expect(422);
  expect(no.body.detail).toMatch(/not a picture that can be read/);
  const drawing = '<svg xmlns="http://www.w3.org/2000/svg" width="40" height="40"><rect width="40" height="40"/></svg>';
  await send(kites, v7(), Buffer.from(drawing)).expect(422);
  const bomb = await sharp({ create: { width: 9000, height: 9000, channels: 3, background: '#fff' } })
    .png()
    .toBuffer();
  await kites.put(`/bench/photos/${v7()}?${query()}`, bomb).set('content-type', 'image/png').expect(422);
  await send(kites, v7(), Buffer.alloc(8_000_001)).expect(413);
  await kites.put(`/bench/photos/${v7()}?${query()}`, { not: 'a picture' }).expect(415);
  await send(kites, v7(), await picture(50, 50), query({ day: '1999-01-01' })).expect(422);
  await send(kites, v7(), await picture(50, 50), query({ containerId: 'x' })).expect(400);
});

test('a picture is seen and taken back only by those who may', async () => {
  const id = v7();
  await send(kites, id, await picture(60, 40)).expect(200);
  const stranger = await joined(application, (await addClass(await signedInTeacher(application))).group, 'kite');
  const other = await signedInTeacher(application);
  await bells.get(`/bench/photos/${id}`).expect(403);
  await stranger.get(`/bench/photos/${id}`).expect(404);
  await other.get(`/photos/${id}`).expect(404);
  await kites.get(`/photos/${id}`).expect(401);
  await request(application.server).get(`/api/v1/bench/photos/${id}`).expect(401);
  await send(bells, v7(), await picture(60, 40)).expect(403);
  await send(other, v7(), await picture(60, 40), query(), '/photos').expect(404);
  for (const [device, path, status] of [
    [bells, '/bench/photos', 403],
    [other, '/photos', 404],
  ] as const)
    await device.delete(`${path}/${id}`).expect(status);
  await world.teacher.patch(`/investigations/${world.investigationId}`, { version: 1, sharedWithTeams: true }).expect(200);
  // The teacher sees it first.
  await bells.get(`/bench/photos/${id}/small`).expect(404);
  const shown = async () =>
    ((await bells.get(`/bench/investigations/${world.investigationId}`).expect(200)).body as InvestigationRecords).photos.map(
      (p) => p.id,
    );
  expect(await shown()).not.toContain(id);
  await other.put(`/photos/${id}/seen`, {}).expect(404);
  await world.teacher.put(`/photos/${id}/seen`, {}).expect(204);
  await world.teacher.put(`/photos/${id}/seen`, {}).expect(204);
  expect(await shown()).toContain(id);
  await bells.get(`/bench/photos/${id}/small`).expect(200);
  await kites.delete(`/bench/photos/${id}`).expect(204);
  await kites.delete(`/bench/photos/${id}`).expect(204);
  await kites.get(`/bench/photos/${id}`).expect(404);
});

test('a picture that nobody shows any more leaves the store; one that is shown twice stays until both are taken back', async () => {
  const files = () =>
    readdirSync(application.settings.blobFolder, { recursive: true, withFileTypes: true }).filter((f) => f.isFile()).length;
  const before = files();
  const same = await picture(77, 55);
  const [first, second] = [v7(), v7()];
  await send(kites, first, same).expect(200);
  await send(kites, second, same).expect(200);
  expect(files()).toBeGreaterThan(before);
  await kites.delete(`/bench/photos/${first}`).expect(204);
  await kites.get(`/bench/photos/${second}`).expect(200);
  await kites.delete(`/bench/photos/${second}`).expect(204);
  expect(files()).toBe(before);
});

test('a twin that arrives while a picture leaves the store finds its file, whichever is quicker', async () => {
  const same = await picture(66, 44);
  for (let round = 0; round < 6; round++) {
    const [going, coming] = [v7(), v7()];
    await send(kites, going, same).expect(200);
    await Promise.all([kites.delete(`/bench/photos/${going}`), send(kites, coming, same)]);
    await kites.get(`/bench/photos/${coming}`).expect(200);
    await kites.get(`/bench/photos/${coming}/small`).expect(200);
    await kites.delete(`/bench/photos/${coming}`).expect(204);
  }
});

test('of many pictures at once no more are kept than a container may have', async () => {
  const [, pot] = await ownContainers(kites);
  const containerId = pot!.id;
  const [{ n: before }] = await application.dataSource.query<[{ n: string }]>(
    'SELECT COUNT(*) AS n FROM photo WHERE container_id = ?',
    [containerId],
  );
  const row = (id: string) => [id, containerId, '2026-03-18', '0'.repeat(64), '1'.repeat(64), 40, 30, timeNow()];
  await application.dataSource.query(
    'INSERT INTO photo (id, container_id, day, hash, small_hash, width, height, recorded_at) VALUES ?',
    [Array.from({ length: 58 - Number(before) }, () => row(v7()))],
  );
  const sent = await Promise.all(
    Array.from({ length: 6 }, async (_, n) => send(kites, v7(), await picture(40 + n, 30), query({ containerId }))),
  );
  expect(sent.map((s) => s.status).sort()).toEqual([200, 200, 422, 422, 422, 422]);
});
