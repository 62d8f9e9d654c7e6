import { createHash } from 'node:crypto';
import { deflateRawSync } from 'node:zlib';
import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { EVENT_KINDS } from '@bright-sprout/core/plan/calendar/planEvents';
import { eventWords } from '@bright-sprout/core/plan/calendar/eventWords';
import { cautionSentence } from '@bright-sprout/core/plan/fairTest/fairTest';
import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { runStepWords } from '@bright-sprout/core/plan/lists/runSheetWords';
import { timeNow } from '@bright-sprout/core/clock/clock';
import fc from 'fast-check';
import JsZip from 'jszip';
import sharp from 'sharp';
import { v7 } from 'uuid';
import {
  addClass,
  checkOf,
  type Device,
  joined,
  ownContainers,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';
import { type Json, mutation, placesOf, withAt } from './mutations';

/** Packages as somebody could write them who wants to reach, read or stop what is not theirs. */
const SEED = 20260319;
const RUNS = Number(process.env.FUZZ_RUNS ?? 70);

type Row = Record<string, unknown>;
interface Whole {
  version: number;
  teams: Row[];
  rows: Record<string, Row[]>;
}

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let other: Device;
let classId: string;
let zip: JsZip;
let whole: Whole;
let pots: string[];

const today = () => timeNow().toISOString().slice(0, 10);
const sent = (content: Buffer) => other.put(`/classes/${classId}/package`, content).set('content-type', 'application/zip');
const records = async (who: Device, id: string) =>
  (await who.get(`/investigations/${id}`).expect(200)).body as InvestigationRecords;

async function packed(rows: unknown): Promise<Buffer> {
  const copy = new JsZip();
  for (const [name, file] of Object.entries(zip.files))
    if (name.startsWith('pictures/') && !file.dir) copy.file(name, await file.async('nodebuffer'));
  copy.file('investigation.json', typeof rows === 'string' ? rows : JSON.stringify(rows));
  return copy.generateAsync({ type: 'nodebuffer', compression: 'DEFLATE' });
}

/** The package with other ids, so that it is an investigation of its own each time, and with something changed. */
function changed(change: (whole: Whole) => void): Promise<Buffer> {
  const copy = JSON.parse(JSON.stringify(whole)) as Whole;
  const own = new Map<string, string>();
  for (const row of Object.values(copy.rows).flat()) if (typeof row.id === 'string') own.set(row.id, row.id.slice(0, -6));
  const ending = v7().slice(-6);
  const text = JSON.stringify(copy).replace(/[0-9a-f-]{36}/g, (id) => (own.has(id) ? `${own.get(id)}${ending}` : id));
  const renewed = JSON.parse(text) as Whole;
  // Pictures keep the names of their files.
  for (const table of ['photo', 'frame'])
    renewed.rows[table]!.forEach((row, i) => {
      const before = row.id as string;
      row.id = copy.rows[table]![i]!.id;
      for (const f of renewed.rows.finding!)
        if (f.seen) f.seen = JSON.parse(JSON.stringify(f.seen).replaceAll(before, row.id as string));
      for (const m of renewed.rows.frameMending!) if (m.frameId === before) m.frameId = row.id;
    });
  change(renewed);
  return packed(renewed);
}

/** Lets go of what came in, so that the next one finds the class as it was. */
async function forget(): Promise<void> {
  for (const table of ['investigation', 'plan'])
    await application.dataSource.query(`DELETE FROM ${table} WHERE class_id = ? AND id <> ?`, [classId, theirs]);
}
let theirs: string;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  const { teacher, investigationId, group } = world;
  const kites = await joined(application, group, 'kite');
  pots = (await ownContainers(kites)).map((c) => c.id);
  const check = checkOf(pots[0]!, { typed: '16.5 cm', leaves: 2, note: 'leans' });
  await kites.put(`/bench/checks/${v7()}`, check).expect(200);
  await kites
    .put(`/bench/checks/${v7()}`, checkOf(pots[0]!, { typed: '15.5 cm', supersedes: check.readings[0]!.id }))
    .expect(200);
  await kites.put(`/bench/checks/${v7()}`, checkOf(pots[1]!, { state: 'lost', typed: null, lostReason: 'eaten' }));
  await kites
    .put(`/bench/deviations/${v7()}`, { containerId: pots[0], kind: 'extra-seed', note: 'x', recordedAt: check.recordedAt })
    .expect(200);
  const picture = await sharp({ create: { width: 300, height: 200, channels: 3, background: '#5F9640' } })
    .jpeg()
    .toBuffer();
  const at = { day: today(), recordedAt: timeNow().toISOString() };
  const query = (of: object) => new URLSearchParams({ ...at, ...of } as Record<string, string>).toString();
  await kites
    .put(`/bench/photos/${v7()}?${query({ containerId: pots[0] })}`, picture)
    .set('content-type', 'image/jpeg')
    .expect(200);
  const film = { investigationId, version: 0, name: 'Pan', kind: 'pan', columns: 2, rows: 1, cells: pots.slice(0, 2) };
  const filmId = v7();
  await teacher.put(`/films/${filmId}`, { ...film, index: 'excess-green', removed: false }).expect(200);
  const frameId = v7();
  await teacher
    .put(`/frames/${frameId}?${query({ filmId })}`, picture)
    .set('content-type', 'image/jpeg')
    .expect(200);
  await teacher
    .put(`/films/${filmId}/counts`, { method: 'excess green', counts: [{ frameId, containerId: pots[0], percent: 12 }] })
    .expect(200);
  await teacher.put(`/investigations/${investigationId}/questions/${v7()}`, { name: 'end', address: 'm=height' }).expect(200);
  const { body } = await teacher.get(`/investigations/${investigationId}/package.zip`).responseType('blob').expect(200);
  zip = await JsZip.loadAsync(body as Buffer);
  whole = JSON.parse(await zip.file('investigation.json')!.async('string')) as Whole;
  other = await signedInTeacher(application);
  ({ classId, investigationId: theirs } = await addClass(other));
});
afterEach(forget);
afterAll(() => application.close());

test('the package that all of these are made of comes in', async () => {
  const { body } = await sent(await changed(() => {})).expect(200);
  expect((await records(other, body.investigation.id)).photos).toHaveLength(1);
  expect(EVENT_KINDS).toContain(body.investigation.schedule[0].kind);
});

test('a film that names a container of another school reaches nothing of it', async () => {
  const before = await records(world.teacher, world.investigationId);
  for (const foreign of [pots[0]!, pots[0]!.toUpperCase(), pots[0]!.replaceAll('-', '')]) {
    const content = await changed((w) => (w.rows.film![0]!.cells = [foreign, null]));
    const { status } = await sent(content);
    expect(status).toBe(422);
  }
  // Nor where a row that was kept before names it.
  const { body } = await sent(await changed(() => {})).expect(200);
  const [film] = (await other.get(`/investigations/${body.investigation.id}/films`).expect(200)).body as FilmView[];
  await application.dataSource.query('UPDATE film SET cells = ? WHERE id = ?', [JSON.stringify([pots[0], null]), film!.id]);
  const counts = [{ frameId: film!.frames[0]!.id, containerId: pots[0], percent: 99 }];
  await other.put(`/films/${film!.id}/counts`, { method: 'by eye', counts }).expect(422);
  expect(await records(world.teacher, world.investigationId)).toEqual(before);
});

test('an id that is named anywhere is another one afterwards', async () => {
  const foreign = world.investigationId;
  const content = await changed((w) => {
    w.rows.question![0]!.address = `m=height&with=${foreign}`;
    w.rows.plan![0]!.document = { ...(w.rows.plan![0]!.document as Row), seedLotId: foreign };
  });
  const { body } = await sent(content).expect(200);
  const questions = (await other.get(`/investigations/${body.investigation.id}/questions`).expect(200)).body as object[];
  expect(JSON.stringify([body, questions])).not.toContain(foreign);
});

test.each([
  ['left out', undefined],
  ['null', null],
])('a picture that names the file of another school shows none, where when it was taken back is %s', async (_, takenBackAt) => {
  const secret = await sharp({ create: { width: 64, height: 64, channels: 3, background: '#B93A12' } })
    .jpeg()
    .toBuffer();
  const hash = createHash('sha256').update(secret).digest('hex');
  const { body } = await sent(
    await changed((w) => {
      const [photo] = w.rows.photo!;
      w.rows.photo = [{ ...photo, takenBackAt, id: v7(), hash, smallHash: hash }];
    }),
  ).expect(200);
  const { photos } = await records(other, body.investigation.id);
  expect(photos).toEqual([]);
  const rows = await application.dataSource.query('SELECT hash FROM photo WHERE hash = ? OR small_hash = ?', [hash, hash]);
  expect(rows).toEqual([]);
});

test.each<[string, (w: Whole) => void]>([
  ['a reading of a container', (w) => (w.rows.reading![0]!.checkId = w.rows.container![0]!.id)],
  ['a container of a team that is a check', (w) => (w.rows.container![0]!.teamId = w.rows.check![0]!.id)],
  ['a finding of a measure that nobody knows', (w) => (w.rows.finding![0]!.measure = 'mood')],
  ['a plant of a kilometre', (w) => (w.rows.finding!.find((f) => f.measure === 'height')!.value = 1e6)],
  ['two containers of one code', (w) => (w.rows.container![1]!.code = w.rows.container![0]!.code)],
  ['two rows of one id', (w) => w.rows.treatment!.push(w.rows.treatment![0]!)],
  ['a look in the year 9000', (w) => (w.rows.check![0]!.day = '9000-01-01')],
  ['a step that nobody can say', (w) => (w.rows.investigation![0]!.runSheet = [{ code: 'dance' }])],
  ['an event without its day', (w) => (w.rows.investigation![0]!.schedule = [{ code: 'check', kind: 'check' }])],
  ['a bench that asks nothing known', (w) => (w.rows.investigation![0]!.bench = { measures: 'height' })],
  ['a way of growing that is not known', (w) => (w.rows.investigation![0]!.methodId = 'moon')],
  ['a planned investigation without its plan', (w) => (w.rows.plan = [])],
  [
    'a lesson that is none',
    (w) =>
      (w.rows.lesson = [
        { investigationId: w.rows.investigation![0]!.id, version: 1, document: [], requestHash: '0'.repeat(64) },
      ]),
  ],
  [
    'pictures seen in a picture of somebody else',
    (w) => w.rows.finding!.forEach((f) => f.seen && ((f.seen as Row).picture = v7())),
  ],
])('%s is refused with a sentence', async (_, change) => {
  const { body } = await sent(await changed(change)).expect(422);
  expect(body.detail).toMatch(/Nothing was brought in\.$/);
});

test(
  'whatever stands in a row, the answer is a sentence, or an investigation whose every page can be read',
  async () => {
    const tables = Object.keys(whole.rows).filter((t) => whole.rows[t]!.length > 0);
    let came = 0;
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...tables),
        fc.nat(),
        fc.array(mutation, { minLength: 1, maxLength: 2 }),
        async (table, n, mutations) => {
          const content = await changed((w) => {
            const list = w.rows[table] as unknown as Json[];
            for (const { place, put } of mutations) {
              const at = n % list.length;
              const places = placesOf(list[at]!).slice(1);
              list[at] = withAt(list[at]!, places[place % places.length]!, put) ?? {};
            }
          });
          const { status, body } = await sent(content);
          expect({ status: status === 200 || status === 422, body }).toMatchObject({ status: true });
          if (status === 422) expect(body.detail).toMatch(/Nothing was brought in\.$/);
          else {
            came += 1;
            await readEverything(body.investigation.id as string);
          }
          await forget();
        },
      ),
      { numRuns: RUNS, seed: SEED },
    );
    // The test means something only where some come in and some do not.
    expect(came).toBeGreaterThan(RUNS / 20);
    expect(came).toBeLessThan(RUNS);
  },
  30_000 + RUNS * 500,
);

async function readEverything(id: string): Promise<void> {
  for (const path of ['', '/films', '/questions', '/lesson', '/claims', '/export.csv', '/export.xlsx', '/days.ics', '/changes'])
    expect((await other.get(`/investigations/${id}${path}`)).status).toBeLessThan(500);
  await other.get(`/investigations/${id}/package.zip`).responseType('blob').expect(200);
  const { investigation } = await records(other, id);
  const said = [
    ...investigation.schedule.map((e) => eventWords(e).title),
    ...investigation.runSheet.map(runStepWords),
    ...investigation.planCautions.map(cautionSentence),
    splitWords(investigation.split),
  ];
  for (const sentence of said) expect(sentence).not.toMatch(/undefined|NaN|\[object/);
}

/** A ZIP with one entry whose head says another size than it has. */
function lyingZip(name: string, content: Buffer, says: number): Buffer {
  const packedContent = deflateRawSync(content, { level: 9 });
  const head = Buffer.alloc(30);
  head.writeUInt32LE(0x04034b50, 0);
  head.writeUInt16LE(20, 4);
  head.writeUInt16LE(8, 8);
  head.writeUInt32LE(packedContent.length, 18);
  head.writeUInt32LE(says, 22);
  head.writeUInt16LE(name.length, 26);
  const entry = Buffer.alloc(46);
  entry.writeUInt32LE(0x02014b50, 0);
  head.copy(entry, 6, 4, 30);
  const end = Buffer.alloc(22);
  end.writeUInt32LE(0x06054b50, 0);
  end.writeUInt16LE(1, 8);
  end.writeUInt16LE(1, 10);
  end.writeUInt32LE(46 + name.length, 12);
  end.writeUInt32LE(30 + name.length + packedContent.length, 16);
  return Buffer.concat([head, Buffer.from(name), packedContent, entry, Buffer.from(name), end]);
}

test.each([
  ['says how large it is', 0],
  ['says that it is small', 10],
])('a file that unpacks to a thousand times its size and %s is refused while everybody else is answered', async (_, says) => {
  const blanks = Buffer.alloc(300_000_000, 32);
  const content = lyingZip('investigation.json', blanks, says || blanks.length);
  expect(content.length).toBeLessThan(400_000);
  const before = process.memoryUsage().rss;
  let answered = 0;
  let over = false;
  const opening = sent(content).then((answer) => ((over = true), answer));
  while (!over) {
    await other.get('/classes').expect(200);
    answered += 1;
  }
  const { status, body } = await opening;
  expect(status).toBe(422);
  expect(body.detail).toMatch(/larger than any|not a package/);
  expect(answered).toBeGreaterThan(0);
  expect(process.memoryUsage().rss - before).toBeLessThan(400_000_000);
});
