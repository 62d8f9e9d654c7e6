import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { timeNow } from '@bright-sprout/core/clock/clock';
import sharp from 'sharp';
import request from 'supertest';
import { v7 } from 'uuid';
import { type Device, joined, ownContainers, startApplication, startClass, type TestApplication } from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;
let photoId: string;
const web = mkdtempSync(join(tmpdir(), 'sprout-web-'));

const at = (of: Record<string, string>) =>
  new URLSearchParams({ day: timeNow().toISOString().slice(0, 10), recordedAt: timeNow().toISOString(), ...of }).toString();
const picture = (background: string) =>
  sharp({ create: { width: 240, height: 160, channels: 3, background } })
    .jpeg()
    .toBuffer();

beforeAll(async () => {
  mkdirSync(join(web, 'assets'));
  writeFileSync(join(web, 'index.html'), '<html><head></head></html>');
  application = await startApplication({ webFolder: web });
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  photoId = v7();
  await kites
    .put(`/bench/photos/${photoId}?${at({ containerId: (await ownContainers(kites))[0]!.id })}`, await picture('#5F9640'))
    .set('content-type', 'image/jpeg')
    .expect(200);
});
afterAll(async () => {
  await application.close();
  rmSync(web, { recursive: true, force: true });
});

test('no answer is kept on the way, the list of PINs least of all', async () => {
  for (const path of [`/classes/${world.classId}`, '/session', `/investigations/${world.investigationId}`, '/nothing'])
    expect((await world.teacher.get(path)).headers['cache-control']).toBe('no-store');
  expect((await kites.get('/bench')).headers['cache-control']).toBe('no-store');
});

test('a picture stays on no device that many hands hold; the teacher’s own asks each time whether it is still there', async () => {
  expect((await kites.get(`/bench/photos/${photoId}`).expect(200)).headers['cache-control']).toBe('no-store');
  const first = await world.teacher.get(`/photos/${photoId}/small`).expect(200);
  expect(first.headers['cache-control']).toBe('private, no-cache');
  const again = () => world.teacher.get(`/photos/${photoId}/small`).set('if-none-match', String(first.headers.etag));
  await again().expect(304);
  await world.teacher.delete(`/photos/${photoId}`).expect(204);
  await again().expect(404);
});

test('pictures of a film that was put away are put away with it, and come back with it', async () => {
  const [container] = await ownContainers(kites);
  const filmId = v7();
  const film = (version: number, removed: boolean) => ({
    investigationId: world.investigationId,
    version,
    name: 'Pan',
    kind: 'pan',
    columns: 1,
    rows: 1,
    cells: [container!.id],
    index: 'excess-green',
    removed,
  });
  await world.teacher.put(`/films/${filmId}`, film(0, false)).expect(200);
  const frameId = v7();
  await kites
    .put(`/bench/frames/${frameId}?${at({ filmId })}`, await picture('#3995DD'))
    .set('content-type', 'image/jpeg')
    .expect(200);
  await kites.get(`/bench/frames/${frameId}`).expect(200);
  await world.teacher.put(`/films/${filmId}`, film(1, true)).expect(200);
  await kites.get(`/bench/frames/${frameId}`).expect(404);
  await world.teacher.get(`/frames/${frameId}/small`).expect(404);
  await world.teacher.put(`/films/${filmId}`, film(2, false)).expect(200);
  await kites.get(`/bench/frames/${frameId}/small`).expect(200);
});

test.each([
  ['/assets/..%2f..%2fpackage.json', 404],
  ['/assets/%2e%2e/%2e%2e/etc/passwd', 404],
  ['/assets/%E0%A4%A', 400],
  ['/assets/nothing.js', 404],
])('%s leads nowhere', async (address, status) => {
  const answer = await request(application.server).get(address);
  expect(answer.status).toBe(status);
  expect((answer.body as { detail: string }).detail).toMatch(/\.$/);
});

test('an export that cannot go on breaks off, and never ends as if it were whole', async () => {
  const id = v7();
  await world.teacher
    .put(`/photos/${id}?${at({ containerId: (await ownContainers(kites))[0]!.id })}`, await picture('#930033'))
    .set('content-type', 'image/jpeg')
    .expect(200);
  const { blobFolder } = application.settings;
  const files = readdirSync(blobFolder, { recursive: true, withFileTypes: true }).filter((f) => f.isFile());
  // Where a file was there is a folder now: it cannot be read.
  for (const { parentPath, name } of files) {
    rmSync(join(parentPath, name));
    mkdirSync(join(parentPath, name));
  }
  await expect(world.teacher.get(`/investigations/${world.investigationId}/package.zip`).responseType('blob')).rejects.toThrow(
    /aborted|hang up|premature/i,
  );
});

test('the link of a screen whose investigation was deleted leads nowhere, until it is taken back', async () => {
  const made = await world.teacher.post(`/investigations/${world.investigationId}/screen-links`).expect(201);
  const { token } = made.body as { token: string };
  const stranger = request(application.server);
  expect((await stranger.get(`/api/v1/screens/${token}`)).status).toBe(200);
  await world.teacher.put(`/keeping/investigation/${world.investigationId}`, {}).expect(200);
  expect((await stranger.get(`/api/v1/screens/${token}`)).status).toBe(404);
  for (const path of ['', '/news', '/films', '/claims', '/lesson', '/export.csv', '/questions'])
    expect([path, (await world.teacher.get(`/investigations/${world.investigationId}${path}`)).status]).toEqual([path, 404]);
  for (const path of ['/bench', '/bench/films', '/bench/conclude', '/bench/together', '/bench/predictions'])
    expect([path, (await kites.get(path)).status]).toEqual([path, 200]);
});
