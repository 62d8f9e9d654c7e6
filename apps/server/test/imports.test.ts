import { guessMapping } from '@bright-sprout/core/formats/columnMapping';
import { readCsv } from '@bright-sprout/core/formats/readCsv';
import { v7 } from 'uuid';
import { checkOf, joined, ownContainers, startApplication, startClass, type TestApplication } from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
});
afterAll(() => application.close());

function importOf(text: string, change: object = {}) {
  const read = readCsv(text);
  if (!read.ok) throw new Error(read.reason);
  return {
    classId: world.classId,
    question: 'What did the old class find?',
    factor: 'salt',
    speciesId: 'barley',
    text,
    mapping: { ...guessMapping(read.csv), ...change },
  };
}

const rowsOf = (csv: string) => {
  const read = readCsv(csv);
  if (!read.ok) throw new Error(read.reason);
  return read.csv.rows.map((r) => r.cells);
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
    .put(`/bench/checks/${v7()}`, checkOf(second!.id, { state: 'lost', typed: undefined, lostReason: 'knocked-over' }))
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
  expect(answer.body.errors).toEqual([{ path: 'line 3', sentence: expect.stringContaining('“tall”') }]);
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

test('a column nobody knows the meaning of is refused', async () => {
  const text = 'unit,treatment,date,height\nP1,water,2026-03-12,4.5\n';
  await world.teacher.put(`/imports/${v7()}`, importOf(text, { columns: { magic: 'unit' } })).expect(400);
});
