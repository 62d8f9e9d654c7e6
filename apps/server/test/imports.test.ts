import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { readCsvSheet } from '@bright-sprout/core/formats/table/readCsvSheet';
import { headsKey } from '@bright-sprout/core/formats/table/sheet';
import { v7 } from 'uuid';
import {
  checkOf,
  device,
  joined,
  ownContainers,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';
import { importBodyOf } from './importBody';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
});
afterAll(() => application.close());

const importOf = (text: string, change: Partial<TableReading> = {}) => importBodyOf(world.classId, text, change)!;

const rowsOf = (csv: string) => {
  const read = readCsvSheet(csv);
  if (!read.ok) throw new Error(read.reason);
  const { headings, rows } = read.sheet;
  return rows.map((r): Record<string, string> => Object.fromEntries(headings.map((h, i) => [h, r.cells[i]!])));
};

test('what goes out comes back: export, import, export again, and only the ids differ', async () => {
  const kites = await joined(application, world.group, 'kite');
  const [first, second] = await ownContainers(kites);
  const check = checkOf(first!.id, { typed: '16.5 cm', leaves: 2, note: '=SUM(A1)\n"odd"; yes' });
  await kites.put(`/bench/checks/${v7()}`, check).expect(200);
  await kites
    .put(`/bench/checks/${v7()}`, checkOf(first!.id, { typed: '6 1/4 in', supersedes: check.readings[0]!.id }))
    .expect(200);
  await kites
    .put(`/bench/checks/${v7()}`, checkOf(second!.id, { state: 'lost', typed: null, lostReason: 'knocked-over' }))
    .expect(200);
  const out = await world.teacher.get(`/investigations/${world.investigationId}/export.csv`).expect(200);
  expect(out.headers['content-type']).toContain('text/csv');
  expect(out.headers['content-disposition']).toContain('attachment');
  expect(out.text).not.toMatch(/(^|,)[=+@-]/m);
  const id = v7();
  const made = await world.teacher.put(`/imports/${id}`, importOf(out.text)).expect(200);
  expect(made.body).toMatchObject({ origin: 'imported', phase: 'finished', sownOn: world.plan.sowOn });
  const again = await world.teacher.get(`/investigations/${id}/export.csv`).expect(200);
  const withoutIds = (csv: string) =>
    rowsOf(csv)
      .map(({ reading, corrects, ...row }) => ({ ...row, known: reading !== '', correction: corrects !== '' }))
      .sort((a, b) => JSON.stringify(a).localeCompare(JSON.stringify(b)));
  expect(withoutIds(again.text)).toEqual(withoutIds(out.text));
});

test('one wrong row and nothing comes in', async () => {
  const id = v7();
  const text = 'unit,treatment,block,date,height\nP1,water,Owls,2026-03-12,4.5\nP2,salt,Owls,2026-03-12,tall\n';
  const answer = await world.teacher.put(`/imports/${id}`, importOf(text, { sownOn: '2026-03-03' })).expect(422);
  expect(answer.body.detail).toBe('1 row is wrong, so nothing was imported.');
  expect(answer.body.errors).toMatchObject([{ path: 'line 3', sentence: expect.stringContaining('“tall”') as string }]);
  await world.teacher.get(`/investigations/${id}`).expect(404);
});

test('the same import sent twice is one investigation', async () => {
  const id = v7();
  const text = 'unit,treatment,block,date,height\nP1,water,Owls,2026-03-12,4.5\nP2,salt,Owls,2026-03-12,3\n';
  const body = importOf(text, { sownOn: '2026-03-03', control: 'water' });
  await world.teacher.put(`/imports/${id}`, body).expect(200);
  await world.teacher.put(`/imports/${id}`, body).expect(200);
  const { body: records } = await world.teacher.get(`/investigations/${id}`).expect(200);
  expect(records.readings).toHaveLength(2);
  expect(records.investigation.treatments[0]).toMatchObject({ code: 'A', label: 'water', control: true });
  expect(records.investigation.containers.map((c: { block: string }) => c.block)).toEqual(['Owls', 'Owls']);
});

test.each([
  ['a meaning that nobody knows', { columns: [{ is: 'magic' }, { is: 'treatment' }, { is: 'date' }, { is: 'open' }] }],
  ['too few meanings', { columns: [{ is: 'container' }] }],
  ['a sowing day that is none', { sownOn: '2026-02-30' }],
])('%s is refused', async (_, change) => {
  const text = 'unit,treatment,date,height\nP1,water,2026-03-12,4.5\n';
  await world.teacher.put(`/imports/${v7()}`, importOf(text, change as Partial<TableReading>)).expect(400);
});

test('what was chosen is remembered for the next table with these heads, in the teacher’s own classes only', async () => {
  const text = 'where,what,when,how much\nP1,water,2026-03-12,4.5\nP2,salt,2026-03-12,3\n';
  const body = importOf(text, {
    columns: [{ is: 'container' }, { is: 'treatment' }, { is: 'date' }, { is: 'measure', measure: 'dry-mass', unit: 'mg' }],
    mends: [{ kind: 'leave-out', line: 2 }],
    sownOn: '2026-03-01',
  });
  const key = headsKey(['Where', 'what', 'when', 'how  much']);
  await world.teacher.get(`/imports/remembered/${key}`).expect(200, { reading: null });
  await world.teacher.put(`/imports/${v7()}`, body).expect(200);
  const { body: found } = await world.teacher.get(`/imports/remembered/${key}`).expect(200);
  expect(found.reading).toMatchObject({ columns: body.reading.columns, factor: 'salt', speciesId: 'barley' });
  expect(found.reading).not.toHaveProperty('mends');
  const other = await signedInTeacher(application);
  await other.get(`/imports/remembered/${key}`).expect(200, { reading: null });
});

test('records without dates, doses and two factors come in as what they are', async () => {
  const id = v7();
  const rows = ['0', '10', '20'].flatMap((d) => [1, 2].map((k) => `p${d}${k},${d},${k * 7},${k}.5`));
  await world.teacher.put(`/imports/${id}`, importOf(['pot,dose (g),day,height', ...rows].join('\n'))).expect(200);
  const { body } = await world.teacher.get(`/investigations/${id}`).expect(200);
  expect(body.investigation).toMatchObject({
    brought: { fileName: 'old.csv', days: 'days-only', leftOut: 0 },
    sownOn: '1000-01-01',
    design: { kind: 'dose-series', factors: [{ unit: 'g' }], levels: { A: [0], B: [1], C: [2] } },
  });
  expect(body.readings[0]).toMatchObject({ day: '1000-01-08' });
  const again = await world.teacher.get(`/investigations/${id}/export.csv`).expect(200);
  expect(rowsOf(again.text)[0]).toMatchObject({ day: '7', date: '', sown_on: '' });
});

const LONG = () => [
  'pot,treatment,day,height',
  ...Array.from({ length: 6000 }, (_, i) => `P${i % 300},${['x', 'y'][i % 2]},${Math.floor(i / 300) + 1},${1 + (i % 7)}`),
];

test('who asks for lines is told how far a long table is, and stopping it brings nothing in', async () => {
  const id = v7();
  const answer = await world.teacher
    .put(`/imports/${id}`, importOf(LONG().join('\n')))
    .set('accept', 'application/x-ndjson')
    .expect(200);
  const lines = answer.text
    .trim()
    .split('\n')
    .map((l) => JSON.parse(l) as Record<string, unknown>);
  const done = lines.slice(0, -1).map((l) => Number(l.done));
  expect(done.length).toBeGreaterThan(5);
  expect(done).toEqual([...done].sort((a, b) => a - b));
  // A check, a reading and a finding each.
  expect(lines[lines.length - 2]).toEqual({ done: 18_000, of: 18_000 });
  expect(lines[lines.length - 1]).toMatchObject({ result: { id, origin: 'imported' } });
  const stopped = v7();
  const going = world.teacher.put(`/imports/${stopped}`, importOf(LONG().join('\n'))).set('accept', 'application/x-ndjson');
  await new Promise<void>((next) => {
    going.buffer(false).parse((response, ended) => {
      response.once('data', () => {
        (response as unknown as { destroy: () => void }).destroy();
        ended(null, null);
      });
      response.once('error', () => {});
    });
    going.then(
      () => next(),
      () => next(),
    );
  });
  // Its unit of work ends when the next rows are to be written.
  for (let tries = 0; tries < 100 && (await running()) > 0; tries++) await new Promise((next) => setImmediate(next));
  await world.teacher.get(`/investigations/${stopped}`).expect(404);
});

/** Units of work that the database has open. */
const running = async () =>
  Number(
    ((await application.dataSource.query('SELECT COUNT(*) AS n FROM information_schema.innodb_trx')) as { n: string }[])[0]!.n,
  );

test('a table is not even read before it is known who sends it', async () => {
  // Broken as it is, it would be told so to whoever may send one.
  const send = (who: Awaited<ReturnType<typeof signedInTeacher>>) =>
    who.put(`/imports/${v7()}`, '{"classId":' as never).set('content-type', 'application/json');
  await send(device(application)).expect(401);
  await send(world.teacher).expect(400);
});
