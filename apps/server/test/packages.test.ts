import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type HeldView } from '@bright-sprout/contracts/answers/held';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type RoomView } from '@bright-sprout/contracts/answers/room';
import { guessReading } from '@bright-sprout/core/formats/table/guessReading';
import { readCsvSheet } from '@bright-sprout/core/formats/table/readCsvSheet';
import { readTable } from '@bright-sprout/core/formats/table/readTable';
import { sheetOf } from '@bright-sprout/core/formats/table/sheet';
import { type WorkbookCell, workbookGrid } from '@bright-sprout/core/formats/table/workbookGrid';
import { Package } from 'datapackage';
import ExcelJs from 'exceljs';
import ICAL from 'ical.js';
import JsZip from 'jszip';
import Papa from 'papaparse';
import readWorkbook from 'read-excel-file/node';
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

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let folder: string;
let packed: Buffer;
let zip: JsZip;

const today = () => timeNow().toISOString().slice(0, 10);
const fetched = async (who: Device, path: string) => (await who.get(path).responseType('blob').expect(200)).body as Buffer;
const sent = (who: Device, classId: string, content: Buffer) =>
  who.put(`/classes/${classId}/package`, content).set('content-type', 'application/zip');

/** Everything that can stand in an investigation, so that nothing of it gets lost unseen. */
async function grow(): Promise<void> {
  const { teacher, investigationId, group } = world;
  const kites = await joined(application, group, 'kite');
  const bells = await joined(application, group, 'bell');
  const [first, second] = await ownContainers(kites);
  const check = checkOf(first!.id, { typed: '16.5 cm', leaves: 2, note: '=SUM(A1)\n"odd"; yes' });
  await kites.put(`/bench/checks/${v7()}`, check).expect(200);
  await kites
    .put(`/bench/checks/${v7()}`, checkOf(first!.id, { typed: '6 1/4 in', supersedes: check.readings[0]!.id }))
    .expect(200);
  await kites.put(`/bench/checks/${v7()}`, checkOf(second!.id, { state: 'lost', typed: null, lostReason: 'eaten' })).expect(200);
  const [third] = await ownContainers(bells);
  await bells.put(`/bench/checks/${v7()}`, checkOf(third!.id, { typed: '12 cm' })).expect(200);
  const picture = await sharp({ create: { width: 300, height: 200, channels: 3, background: '#5F9640' } })
    .jpeg()
    .toBuffer();
  const at = new URLSearchParams({ containerId: first!.id, day: today(), recordedAt: timeNow().toISOString() }).toString();
  await kites.put(`/bench/photos/${v7()}?${at}`, picture).set('content-type', 'image/jpeg').expect(200);
  await teacher
    .put(`/investigations/${investigationId}/questions/${v7()}`, {
      name: 'at the end',
      address: `m=height&with=${investigationId}`,
    })
    .expect(200);
  await teacher
    .put(`/classes/${world.classId}/room/readings`, {
      source: 'hand',
      readings: [{ id: v7(), at: timeNow().toISOString(), kind: 'temperature', value: 20.5 }],
    })
    .expect(200);
  await bells
    .put(`/bench/held/${v7()}`, {
      kind: 'check',
      body: checkOf(third!.id, { typed: '14 cm' }),
      reason: { code: 'refusals.investigationFinishedNothingMore' },
    })
    .expect(204);
}

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  await grow();
  packed = await fetched(world.teacher, `/investigations/${world.investigationId}/package.zip?licence=cc-by`);
  zip = await JsZip.loadAsync(packed);
  folder = mkdtempSync(join(tmpdir(), 'sprout-package-'));
  for (const [name, file] of Object.entries(zip.files)) {
    mkdirSync(dirname(join(folder, name)), { recursive: true });
    if (!file.dir) writeFileSync(join(folder, name), await file.async('nodebuffer'));
  }
});
afterAll(async () => {
  rmSync(folder, { recursive: true, force: true });
  await application.close();
});

const table = (name: string) =>
  Papa.parse<Record<string, string>>(readFileSync(join(folder, 'data', `${name}.csv`), 'utf8').replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: true,
  }).data;

test('a validator of data packages reads every table by its schema', async () => {
  const descriptor = JSON.parse(readFileSync(join(folder, 'datapackage.json'), 'utf8')) as {
    licenses: object[];
    sources: object[];
  };
  expect(descriptor.licenses).toEqual([expect.objectContaining({ name: 'CC-BY-4.0' })]);
  expect(JSON.stringify(descriptor.sources)).toContain('6 Amber');
  const loaded = await Package.load(descriptor, { basePath: folder });
  expect(loaded.errors).toEqual([]);
  expect(loaded.valid).toBe(true);
  expect(loaded.resources.map((r) => r.name)).toEqual([
    'findings',
    'containers',
    'checks',
    'care',
    'deviations',
    'room',
    'predictions',
    'pictures',
    'dictionary',
  ]);
  for (const resource of loaded.resources) {
    const rows = await resource.read({ keyed: true });
    expect([resource.name, rows.length]).toEqual([resource.name, table(resource.name).length]);
  }
  const findings = await loaded.getResource('findings').read({ keyed: true });
  expect(findings.find((r) => r.height === 165)).toMatchObject({ height: 165, day: 20, control: expect.any(Boolean) });
});

test('moments are told on the clock of the class, and the dictionary names every column with its unit', () => {
  const [row] = table('checks');
  expect(row!.recorded_at).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}\+0[12]:00$/);
  expect(new Date(row!.recorded_at!).getTime()).toBeLessThanOrEqual(timeNow().getTime());
  const dictionary = table('dictionary');
  expect(dictionary).toContainEqual(expect.objectContaining({ table: 'findings', column: 'height', unit: 'mm' }));
  for (const name of ['findings', 'containers', 'room'])
    expect(dictionary.filter((d) => d.table === name).map((d) => d.column)).toEqual(Object.keys(table(name)[0]!));
  expect(table('pictures').map((p) => zip.file(p.file!) !== null)).toEqual([true]);
});

test('the script in Python reads the package and draws its first figure, and the one in R where R is there', () => {
  for (const [program, script] of [
    ['python3', 'first_figure.py'],
    ['Rscript', 'first_figure.R'],
  ] as const) {
    if (spawnSync(program, ['--version']).error) continue;
    const run = spawnSync(program, [script], { cwd: folder, encoding: 'utf8' });
    expect([script, run.status, run.stderr]).toEqual([script, 0, '']);
    // 6 1/4 in stand in the place of 16.5 cm.
    expect(run.stdout).toContain('158.75');
    expect(run.stdout).not.toContain('165');
    expect(readFileSync(join(folder, 'first_figure.svg'), 'utf8')).toContain('<svg');
  }
});

test('a workbook has a sheet for each kind of thing, read by another library, and its text runs nothing', async () => {
  const book = new ExcelJs.Workbook();
  const content = await fetched(world.teacher, `/investigations/${world.investigationId}/export.xlsx`);
  await book.xlsx.load(content as unknown as ArrayBuffer);
  expect(book.worksheets.map((s) => s.name)).toEqual([
    'Findings',
    'Containers',
    'Checks',
    'Care',
    'Deviations',
    'Room',
    'Predictions',
    'Pictures',
    'Plan',
    'Dictionary of columns',
  ]);
  const findings = book.getWorksheet('Findings')!;
  const heads = (findings.getRow(1).values as string[]).slice(1);
  expect(heads).toEqual(Object.keys(table('findings')[0]!));
  expect(findings.rowCount - 1).toBe(table('findings').length);
  const note = findings.getColumn(heads.indexOf('note') + 1).values.find((v) => String(v).includes('SUM'));
  expect(note).toBe('=SUM(A1)\n"odd"; yes');
  const room = book.getWorksheet('Room')!.getRow(2).values as unknown[];
  expect(room.slice(2, 5)).toEqual(['temperature', 20.5, '°C']);
});

test('the workbook comes in again as the table does: what is read of both is the same', async () => {
  const content = await fetched(world.teacher, `/investigations/${world.investigationId}/export.xlsx`);
  const [first] = await readWorkbook(content);
  const book = sheetOf(workbookGrid(first!.data as WorkbookCell[][]), { ragged: true });
  const csv = readCsvSheet((await world.teacher.get(`/investigations/${world.investigationId}/export.csv`).expect(200)).text);
  if (!book.ok || !csv.ok) throw new Error('no table');
  const [ofBook, ofCsv] = [book.sheet, csv.sheet].map((sheet) => readTable(sheet, guessReading(sheet, today())));
  expect(ofBook!.problems).toEqual([]);
  expect(ofBook!.table).toEqual(ofCsv!.table);
  expect(ofBook!.table.readings.length).toBeGreaterThan(3);
});

test('the days leave as a calendar that another parser reads, and the plan as a file with a version', async () => {
  const ics = (await world.teacher.get(`/investigations/${world.investigationId}/days.ics`).expect(200)).text;
  const events = new ICAL.Component(ICAL.parse(ics) as never).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
  expect(events.length).toBeGreaterThan(5);
  expect(events.some((e) => e.startDate.toString() === world.plan.sowOn)).toBe(true);
  expect(events.every((e) => e.startDate.isDate && e.summary.endsWith(world.plan.question))).toBe(true);
  const { body } = await world.teacher.get(`/investigations/${world.investigationId}/plan.json`).expect(200);
  expect(body).toMatchObject({ format: 'bright-sprout-plan', version: 1, plan: { question: world.plan.question } });
});

/** What was recorded, without the ids and without what belongs to the class that it is in. */
function told({ investigation, readings, photos }: InvestigationRecords) {
  const codes = new Map(investigation.containers.map((c) => [c.id, c.code]));
  const keys = new Map(readings.map((r, i) => [r.id, i]));
  const { question, factor, sownOn, treatments, design, bench, schedule, runSheet, phase, split } = investigation;
  return {
    about: { question, factor, sownOn, treatments, design, bench, schedule, runSheet, phase, split },
    containers: investigation.containers.map(({ id: _id, teamId: _team, ...c }) => c),
    teams: investigation.teams.map((t) => t.emblem),
    readings: readings.map(({ id: _id, containerId, supersedes, ...r }) => ({
      ...r,
      in: codes.get(containerId),
      corrects: supersedes === null ? null : keys.get(supersedes),
    })),
    photos: photos.map((p) => [codes.get(p.containerId), p.day]),
  };
}

const records = async (who: Device, id: string) =>
  (await who.get(`/investigations/${id}`).expect(200)).body as InvestigationRecords;

test('a package brings everything into another school, with other ids, and a second time adds nothing', async () => {
  const other = await signedInTeacher(application);
  const { classId } = await addClass(other);
  const first = (await sent(other, classId, packed).expect(200)).body as { added: boolean; investigation: { id: string } };
  expect(first.added).toBe(true);
  const before = await records(world.teacher, world.investigationId);
  const after = await records(other, first.investigation.id);
  expect(told(after)).toEqual(told(before));
  expect(JSON.stringify(after)).not.toContain(world.investigationId);
  expect(after.readings.map((r) => r.id)).not.toEqual(before.readings.map((r) => r.id));
  const questions = (await other.get(`/investigations/${after.investigation.id}/questions`).expect(200)).body as {
    address: string;
  }[];
  expect(questions).toEqual([expect.objectContaining({ address: `m=height&with=${after.investigation.id}` })]);
  const shown = await fetched(other, `/photos/${after.photos[0]!.id}`);
  expect((await sharp(shown).metadata()).width).toBe(300);
  const second = (await sent(other, classId, packed).expect(200)).body as typeof first;
  expect(second).toMatchObject({ added: false, investigation: { id: first.investigation.id } });
  expect(told(await records(other, first.investigation.id))).toEqual(told(before));
  // The room of those days, and what waits for the teacher, come along, once.
  const room = (await other.get(`/classes/${classId}/room`).expect(200)).body as RoomView;
  expect(room.readings.map((r) => [r.kind, r.value, r.source])).toEqual([['temperature', 20.5, 'hand']]);
  const held = (await other.get(`/classes/${classId}/held`).expect(200)).body as HeldView[];
  expect(held).toEqual([
    expect.objectContaining({
      kind: 'check',
      code: expect.any(String),
      reason: { code: 'refusals.investigationFinishedNothingMore' },
    }),
  ]);
  await other.put(`/held/${held[0]!.id}/taken`, {}).expect(204);
  expect((await records(other, first.investigation.id)).readings).toHaveLength(before.readings.length + 1);
  // What came back leaves as it came.
  const again = await JsZip.loadAsync(await fetched(other, `/investigations/${first.investigation.id}/package.zip`));
  expect(await again.file('data/containers.csv')!.async('string')).toBe(
    readFileSync(join(folder, 'data/containers.csv'), 'utf8'),
  );
});

test('a room that is known already is not told twice', async () => {
  const other = await signedInTeacher(application);
  const { classId } = await addClass(other);
  const [reading] = ((await world.teacher.get(`/classes/${world.classId}/room`).expect(200)).body as RoomView).readings;
  const { at, kind, value } = reading!;
  await other.put(`/classes/${classId}/room/readings`, { source: 'hand', readings: [{ id: v7(), at, kind, value }] }).expect(200);
  await sent(other, classId, packed).expect(200);
  expect(((await other.get(`/classes/${classId}/room`).expect(200)).body as RoomView).readings).toHaveLength(1);
});

test('where the investigation itself still is, its package adds nothing', async () => {
  const { body } = await sent(world.teacher, world.classId, packed).expect(200);
  expect(body).toMatchObject({ added: false, investigation: { id: world.investigationId } });
});

test('a class that lacks a team gets it, with a PIN of its own', async () => {
  const other = await signedInTeacher(application);
  const classId = v7();
  await other.put(`/classes/${classId}`, { name: '4 Teal', gradeBand: 'primary', timeZone: 'UTC' }).expect(200);
  await sent(other, classId, packed).expect(200);
  const { body } = await other.get(`/classes/${classId}`).expect(200);
  expect(body.teams).toEqual([
    expect.objectContaining({ emblem: 'kite', pin: expect.stringMatching(/^\d{4}$/) }),
    expect.objectContaining({ emblem: 'bell' }),
  ]);
});

/** The package with its rows changed. */
async function changed(
  change: (whole: { version: number; rows: Record<string, Record<string, unknown>[]> }) => void,
): Promise<Buffer> {
  const copy = await JsZip.loadAsync(packed);
  const whole = JSON.parse(await copy.file('investigation.json')!.async('string')) as Parameters<typeof change>[0];
  change(whole);
  copy.file('investigation.json', JSON.stringify(whole));
  return copy.generateAsync({ type: 'nodebuffer' });
}

test.each<[string, () => Buffer | Promise<Buffer>, RegExp]>([
  ['a text', () => Buffer.from('not a package'), /not a package/],
  ['half of it', () => packed.subarray(0, packed.length / 2), /not a package|did not arrive whole/],
  ['another package', () => new JsZip().file('x.txt', 'x').generateAsync({ type: 'nodebuffer' }), /does not come from here/],
  ['one of a later version', () => changed((w) => (w.version = 9)), /version 9; version 1 is known/],
  ['one without its containers', () => changed((w) => (w.rows.container = [])), /not whole/],
  ['a reading of nothing', () => changed((w) => (w.rows.reading![0]!.checkId = v7())), /“(checkId|supersedesId)” in “reading”/],
  ['a day that is none', () => changed((w) => (w.rows.check![0]!.day = '2026-02-31')), /“day” in “check”/],
  ['a code that is too long', () => changed((w) => (w.rows.container![0]!.code = 'x'.repeat(41))), /“code” in “container”/],
  ['a value that is a text', () => changed((w) => (w.rows.finding![0]!.value = 'tall')), /“height” in “finding”/],
  [
    'a correction of itself',
    () => changed((w) => (w.rows.reading![1]!.supersedesId = w.rows.reading![1]!.id)),
    /nothing to correct|“supersedesId”/,
  ],
  ['a room that cannot be', () => changed((w) => (w.rows.room![0]!.kind = 'noise')), /“value” in “room”/],
  ['a waiting entry that is none', () => changed((w) => (w.rows.held![0]!.body = { containerId: 7 })), /waits for a decision/],
  ['a plan that is none', () => changed((w) => (w.rows.plan![0]!.document = { question: 7 })), /“document” in “plan”/],
])('%s is refused with a sentence, and nothing comes in', async (_, content, sentence) => {
  const other = await signedInTeacher(application);
  const { classId } = await addClass(other);
  const before = (await other.get(`/classes/${classId}`).expect(200)).body as { investigations: unknown[] };
  const { body } = await sent(other, classId, await content()).expect(422);
  expect(body.detail).toMatch(sentence);
  expect(body.detail).toMatch(/Nothing was brought in\.$/);
  expect((await other.get(`/classes/${classId}`).expect(200)).body.investigations).toHaveLength(before.investigations.length);
});

test('a package goes into no class of somebody else', async () => {
  const other = await signedInTeacher(application);
  await sent(other, world.classId, packed).expect(404);
  await other.get(`/investigations/${world.investigationId}/package.zip`).expect(404);
});
