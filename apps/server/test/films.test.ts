import { type BenchFilmView, type FilmView, type FrameView, type SavedCounts } from '@bright-sprout/contracts/answers/films';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { addDays } from '@bright-sprout/core/calendar/days';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { lookOn, looksByContainer } from '@bright-sprout/core/readings/looks';
import { currentReadings } from '@bright-sprout/core/readings/reading';
import { readdirSync } from 'node:fs';
import JsZip from 'jszip';
import sharp from 'sharp';
import { v7 } from 'uuid';
import {
  addClass,
  type Device,
  joined,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;
let bells: Device;
let cells: string[];

const today = () => timeNow().toISOString().slice(0, 10);
const query = (filmId: string, day = today()) =>
  new URLSearchParams({ filmId, day, recordedAt: timeNow().toISOString() }).toString();
const picture = (width = 240, height = 160) =>
  sharp({ create: { width, height, channels: 3, background: '#5F9640' } })
    .withExif({ IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
    .jpeg()
    .toBuffer();
const take = (device: Device, path: string, id: string, at: string, body: Buffer) =>
  device.put(`${path}/${id}?${at}`, body).set('content-type', 'image/jpeg');
const filmOf = (change: object = {}) => ({
  investigationId: world.investigationId,
  version: 0,
  name: 'The barley pan',
  kind: 'pan',
  columns: 2,
  rows: 2,
  cells,
  wideMm: 420,
  deepMm: 280,
  index: 'excess-green',
  removed: false,
  ...change,
});

async function newFilm(change: object = {}): Promise<FilmView> {
  return (await world.teacher.put(`/films/${v7()}`, filmOf(change)).expect(200)).body as FilmView;
}
const films = async () =>
  (await world.teacher.get(`/investigations/${world.investigationId}/films`).expect(200)).body as FilmView[];
const benchFilms = async (device: Device) => (await device.get('/bench/films').expect(200)).body as BenchFilmView[];
const records = async () =>
  (await world.teacher.get(`/investigations/${world.investigationId}`).expect(200)).body as InvestigationRecords;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  bells = await joined(application, world.group, 'bell');
  cells = (await records()).investigation.containers.slice(0, 4).map((c) => c.id);
});
afterAll(() => application.close());

test('a film is kept once, changed by who saw it last, and put away and taken back', async () => {
  const id = v7();
  const twice = await Promise.all([0, 1].map(() => world.teacher.put(`/films/${id}`, filmOf())));
  expect(twice.map((t) => [t.status, (t.body as FilmView).version])).toEqual([
    [200, 1],
    [200, 1],
  ]);
  const changed = (await world.teacher.put(`/films/${id}`, filmOf({ version: 1, name: 'Pan by the door' })).expect(200))
    .body as FilmView;
  expect([changed.version, changed.name]).toEqual([2, 'Pan by the door']);
  const late = await world.teacher.put(`/films/${id}`, filmOf({ version: 1, name: 'Another name' })).expect(409);
  expect((late.body as { current: FilmView }).current.name).toBe('Pan by the door');
  await world.teacher.put(`/films/${id}`, filmOf({ version: 2, name: 'Pan by the door', removed: true })).expect(200);
  expect((await benchFilms(kites)).map((f) => f.id)).not.toContain(id);
  await world.teacher.put(`/films/${id}`, filmOf({ version: 3, name: 'Pan by the door' })).expect(200);
  expect((await benchFilms(kites)).map((f) => f.id)).toContain(id);
});

test('sections that cannot be are refused in words', async () => {
  const refuse = async (change: object, sentence: RegExp, status = 422) => {
    const answer = await world.teacher.put(`/films/${v7()}`, filmOf(change));
    expect([answer.status, JSON.stringify(answer.body)]).toEqual([status, expect.stringMatching(sentence)]);
  };
  await refuse({ cells: cells.slice(1) }, /as many sections/);
  await refuse({ cells: [null, null, null, null] }, /at least one section/);
  await refuse({ cells: [v7(), ...cells.slice(1)] }, /does not belong/);
  await refuse({ cells: [cells[1], ...cells.slice(1)] }, /no container is in two/, 400);
  await refuse({ name: '' }, /1 to 60/, 400);
  await refuse({ index: 'by-eye' }, /not known/, 400);
});

test('a team’s picture is seen by the teacher first, then by the class, and goes from every device when it is taken back', async () => {
  const film = await newFilm();
  const id = v7();
  const at = query(film.id);
  const sent = await picture();
  const twice = await Promise.all([take(kites, '/bench/frames', id, at, sent), take(kites, '/bench/frames', id, at, sent)]);
  expect(twice.map((t) => t.status)).toEqual([200, 200]);
  expect(twice[0].body as FrameView).toMatchObject({ id, seen: false, width: 240, mendings: [] });
  const shown = async (device: Device) => (await benchFilms(device)).find((f) => f.id === film.id)!.frames.map((f) => f.id);
  expect([await shown(kites), await shown(bells)]).toEqual([[id], []]);
  await bells.get(`/bench/frames/${id}`).expect(404);
  await world.teacher.put(`/frames/${id}/seen`, {}).expect(204);
  await world.teacher.put(`/frames/${id}/seen`, {}).expect(204);
  expect(await shown(bells)).toEqual([id]);
  const file = (await bells.get(`/bench/frames/${id}`).responseType('blob').expect(200)).body as Buffer;
  expect((await sharp(file).metadata()).exif).toBeUndefined();
  await bells.get(`/bench/frames/${id}/small`).expect(200);
  await bells.delete(`/bench/frames/${id}`).expect(403);
  const stored = () =>
    readdirSync(application.settings.blobFolder, { recursive: true, withFileTypes: true }).filter((f) => f.isFile());
  expect(stored()).toHaveLength(2);
  await world.teacher.delete(`/frames/${id}`).expect(204);
  await world.teacher.delete(`/frames/${id}`).expect(204);
  expect(stored()).toHaveLength(0);
  expect([await shown(kites), await shown(bells)]).toEqual([[], []]);
  for (const [device, path] of [
    [kites, '/bench/frames'],
    [world.teacher, '/frames'],
  ] as const)
    await device.get(`${path}/${id}`).expect(404);
});

test('nobody from beyond the fence sees, takes, mends or counts', async () => {
  const film = await newFilm();
  const id = v7();
  await take(kites, '/bench/frames', id, query(film.id), await picture(60, 40)).expect(200);
  await world.teacher.put(`/frames/${id}/seen`, {}).expect(204);
  const other = await signedInTeacher(application);
  const stranger = await joined(application, (await addClass(other)).group, 'kite');
  await other.get(`/investigations/${world.investigationId}/films`).expect(404);
  await other.put(`/films/${film.id}`, filmOf({ version: 1, name: 'Mine' })).expect(404);
  await other
    .put(`/films/${film.id}/counts`, { method: 'm', counts: [{ frameId: id, containerId: cells[0], percent: 1 }] })
    .expect(404);
  for (const path of [`/frames/${id}`, `/frames/${id}/small`]) await other.get(path).expect(404);
  await other.put(`/frames/${id}/seen`, {}).expect(404);
  await other.delete(`/frames/${id}`).expect(404);
  const corners = {
    frameId: id,
    kind: 'corners',
    places: [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ],
    recordedAt: timeNow().toISOString(),
  };
  await other.put(`/mendings/${v7()}`, corners).expect(404);
  await stranger.get(`/bench/frames/${id}`).expect(404);
  await stranger.delete(`/bench/frames/${id}`).expect(404);
  await take(stranger, '/bench/frames', v7(), query(film.id), await picture(60, 40)).expect(404);
  await take(other, '/frames', v7(), query(film.id), await picture(60, 40)).expect(404);
  expect((await benchFilms(stranger)).map((f) => f.id)).toEqual([]);
  await kites.put(`/films/${film.id}`, filmOf()).expect(401);
  await kites.put(`/mendings/${v7()}`, corners).expect(401);
});

test('days, files and numbers that cannot be are refused', async () => {
  const film = await newFilm();
  const refuse = async (at: string, body: Buffer, status: number) => {
    const answer = await take(kites, '/bench/frames', v7(), at, body);
    expect(answer.status).toBe(status);
  };
  await refuse(query(film.id, '1999-01-01'), await picture(), 422);
  await refuse(query(film.id, addDays(today(), 3)), await picture(), 422);
  await refuse(query(v7()), await picture(), 404);
  await refuse(query(film.id), Buffer.from('%PDF-1.4 no picture'), 422);
  const { body } = await take(world.teacher, '/frames', v7(), query(film.id), await picture()).expect(200);
  const frameId = (body as FrameView).id;
  const count = (change: object, status: number) =>
    world.teacher
      .put(`/films/${film.id}/counts`, {
        method: 'excess green, version 1',
        counts: [{ frameId, containerId: cells[0], percent: 20, ...change }],
      })
      .expect(status);
  await count({ percent: 101 }, 400);
  await count({ frameId: v7() }, 422);
  await count({ containerId: (await records()).investigation.containers[4]?.id ?? v7() }, 422);
});

test('what is corrected on a picture is on record, and undone it is still', async () => {
  const film = await newFilm();
  const frameId = v7();
  await take(world.teacher, '/frames', frameId, query(film.id), await picture()).expect(200);
  const mend = (id: string, body: object) =>
    world.teacher.put(`/mendings/${id}`, { frameId, recordedAt: timeNow().toISOString(), ...body });
  const square = [
    [0.1, 0.1],
    [0.9, 0.12],
    [0.92, 0.9],
    [0.1, 0.88],
  ];
  const corners = v7();
  await mend(corners, { kind: 'corners', places: square }).expect(200);
  await mend(corners, { kind: 'corners', places: square }).expect(200);
  const stroke = v7();
  const after = await mend(stroke, {
    kind: 'brush',
    green: false,
    radius: 0.02,
    places: [
      [0.5, 0.5],
      [0.6, 0.5],
    ],
  }).expect(200);
  expect((after.body as FrameView).mendings.map((m) => m.kind)).toEqual(['corners', 'brush']);
  await mend(v7(), { kind: 'corners', places: [square[0], square[2], square[1], square[3]] }).expect(422);
  await mend(v7(), { kind: 'brush', places: [[0.5, 0.5]] }).expect(422);
  await world.teacher.delete(`/mendings/${stroke}`).expect(204);
  const frame = (await films()).find((f) => f.id === film.id)!.frames[0]!;
  expect(frame.mendings).toEqual([expect.objectContaining({ id: corners, places: square })]);
  const kept = await application.dataSource.query<unknown[]>('SELECT id FROM frame_mending WHERE frame_id = ?', [frameId]);
  expect(kept).toHaveLength(2);
});

test('what was counted becomes readings once; counted anew it corrects them; what a team found that day stays beside it', async () => {
  const film = await newFilm();
  const frameId = v7();
  const day = addDays(today(), -1);
  await take(world.teacher, '/frames', frameId, query(film.id, day), await picture()).expect(200);
  const save = async (percent: number, method = 'excess green, version 1') =>
    (
      await world.teacher
        .put(`/films/${film.id}/counts`, {
          method,
          counts: [
            { frameId, containerId: cells[0], percent },
            { frameId, containerId: cells[1], percent: 40.5 },
          ],
        })
        .expect(200)
    ).body as SavedCounts;
  expect(await save(20.1)).toEqual({ written: 2, unchanged: 0 });
  expect(await save(20.1)).toEqual({ written: 0, unchanged: 2 });
  expect(await save(22)).toEqual({ written: 1, unchanged: 1 });
  const reading = { id: v7(), plant: '1', state: 'measured', findings: [{ measure: 'seeds-up', value: 2 }] };
  const check = { containerId: cells[0], day, recordedAt: timeNow().toISOString(), readings: [reading] };
  await world.teacher.put(`/checks/${v7()}`, check).expect(200);
  const { readings } = await records();
  const own = readings.filter((r) => r.containerId === cells[0] && r.day === day);
  expect(own.map((r) => [r.source, r.supersedes === null, r.findings[0]!.value])).toEqual([
    ['picture', true, 20.1],
    ['picture', false, 22],
    ['teacher', true, 2],
  ]);
  expect(own[1]!.findings[0]).toEqual({
    ...numberFound('percent-green', 22),
    seen: { picture: frameId, method: 'excess green, version 1', low: null, high: null },
  });
  const look = lookOn(looksByContainer(readings).get(cells[0]!)!, day);
  expect(look.readings[0]!.findings.map((f) => [f.measure, f.value])).toEqual([
    ['seeds-up', 2],
    ['percent-green', 22],
  ]);
});

test('a count never takes the place of a hand’s value, keeps what else stands, and follows a newer picture of the day', async () => {
  const film = await newFilm();
  const day = addDays(today(), -2);
  const taken = async () => {
    const id = v7();
    await take(world.teacher, '/frames', id, query(film.id, day), await picture()).expect(200);
    return id;
  };
  const save = async (frameId: string, percent: number) => {
    const counts = [0, 1].map((i) => ({ frameId, containerId: cells[i], percent }));
    return (await world.teacher.put(`/films/${film.id}/counts`, { method: 'excess green, version 1', counts }).expect(200))
      .body as SavedCounts;
  };
  const ofDay = async (cell: number) =>
    currentReadings((await records()).readings).filter((r) => r.containerId === cells[cell] && r.day === day);
  const first = await taken();
  expect(await save(first, 30)).toEqual({ written: 2, unchanged: 0 });
  // In the log one value is corrected by hand, and to the other a height is added.
  const [one] = await ofDay(0);
  const [other] = await ofDay(1);
  const correct = (old: typeof one, containerId: string, findings: object[]) =>
    world.teacher
      .put(`/checks/${v7()}`, {
        containerId,
        day,
        recordedAt: timeNow().toISOString(),
        readings: [{ id: v7(), plant: '1', state: 'measured', supersedes: old!.id, note: 'looked again', findings }],
      })
      .expect(200);
  await correct(one, cells[0]!, [{ measure: 'percent-green', value: 55 }]);
  const { seen } = other!.findings[0]!;
  await correct(other, cells[1]!, [
    { measure: 'percent-green', value: 30, seen },
    { measure: 'leaves', value: 3 },
  ]);
  const second = await taken();
  expect(await save(second, 33)).toEqual({ written: 1, unchanged: 1 });
  const found = async (cell: number) => (await ofDay(cell)).map((r) => r.findings.map((f) => [f.measure, f.value]).sort());
  expect(await found(0)).toEqual([[['percent-green', 55]]]);
  expect(await found(1)).toEqual([
    [
      ['leaves', 3],
      ['percent-green', 33],
    ],
  ]);
  expect((await ofDay(1))[0]).toMatchObject({ note: 'looked again', source: 'picture' });
});

test('a height that was measured in a picture names it, and only one of its own', async () => {
  const film = await newFilm();
  const frameId = v7();
  await take(world.teacher, '/frames', frameId, query(film.id), await picture()).expect(200);
  const check = (seen: object) => ({
    containerId: cells[2],
    day: today(),
    recordedAt: timeNow().toISOString(),
    readings: [{ id: v7(), plant: '1', state: 'measured', findings: [{ measure: 'height', typed: '4.2 cm', seen }] }],
  });
  const method = 'ruler on a picture, version 1';
  await world.teacher.put(`/checks/${v7()}`, check({ picture: v7(), method })).expect(422);
  const there = check({ picture: frameId, method, low: 40.8, high: 43.4 });
  await world.teacher.put(`/checks/${v7()}`, there).expect(200);
  const saved = (await records()).readings.find((r) => r.id === there.readings[0]!.id)!;
  expect(saved.findings[0]).toMatchObject({
    value: 42,
    typed: '4.2 cm',
    seen: { picture: frameId, method, low: 40.8, high: 43.4 },
  });
  const table = (await world.teacher.get(`/investigations/${world.investigationId}/export.csv`).expect(200)).text;
  expect(table).toContain('seen_by');
  expect(table).toContain(method);
});

test('the package takes films, pictures and mendings along into another class', async () => {
  const film = await newFilm({ name: 'The one that travels' });
  const frameId = v7();
  await take(world.teacher, '/frames', frameId, query(film.id), await picture(200, 120)).expect(200);
  const square = [
    [0.1, 0.1],
    [0.9, 0.1],
    [0.9, 0.9],
    [0.1, 0.9],
  ];
  await world.teacher.put(`/mendings/${v7()}`, { frameId, kind: 'corners', places: square, recordedAt: timeNow().toISOString() });
  const packed = (
    await world.teacher.get(`/investigations/${world.investigationId}/package.zip`).responseType('blob').expect(200)
  ).body as Buffer;
  const listed = await (await JsZip.loadAsync(packed)).file('data/pictures.csv')!.async('string');
  expect(listed).toContain(`pictures/${frameId}.jpg,,The one that travels,,`);
  const other = await signedInTeacher(application);
  const { classId } = await addClass(other);
  const restored = await other.put(`/classes/${classId}/package`, packed).set('content-type', 'application/zip').expect(200);
  const { investigation } = restored.body as { investigation: { id: string; containers: { id: string }[] } };
  const there = (await other.get(`/investigations/${investigation.id}/films`).expect(200)).body as FilmView[];
  const travelled = there.find((f) => f.name === 'The one that travels')!;
  expect(travelled.frames[0]!.mendings[0]!.places).toEqual(square);
  expect(travelled.cells.every((c) => investigation.containers.some((k) => k.id === c))).toBe(true);
  const file = (await other.get(`/frames/${travelled.frames[0]!.id}`).responseType('blob').expect(200)).body as Buffer;
  expect((await sharp(file).metadata()).width).toBe(200);
  const { readings } = (await other.get(`/investigations/${investigation.id}`).expect(200)).body as InvestigationRecords;
  const seen = readings.flatMap((r) => r.findings.flatMap((f) => f.seen?.picture ?? []));
  expect(seen.length).toBeGreaterThan(0);
  expect(seen.every((id) => there.some((f) => f.frames.some((x) => x.id === id)))).toBe(true);
});
