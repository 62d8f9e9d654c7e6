import { readCsvSheet } from '@bright-sprout/core/formats/table/readCsvSheet';
import fc from 'fast-check';
import { v7 } from 'uuid';
import { checkOf, joined, ownContainers, startApplication, startClass, type TestApplication } from './application';
import { importBodyOf } from './importBody';

/** Whatever table is brought in: it comes in whole, or is refused with sentences, and the server goes on. The same in every run. */
const SEED = 20260319;
const RUNS = Number(process.env.FUZZ_RUNS ?? 60);

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let exported: string;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  const kites = await joined(application, world.group, 'kite');
  for (const { id } of await ownContainers(kites))
    await kites.put(`/bench/checks/${v7()}`, checkOf(id, { leaves: 2, note: 'a, "b"; c' })).expect(200);
  exported = (await world.teacher.get(`/investigations/${world.investigationId}/export.csv`).expect(200)).text;
});
afterAll(() => application.close());

const TABLES = [
  () => exported,
  () => 'pot;treatment;day;height mm;note\nA1;salt;3;12,5;dry\nA1;salt;5;20;\nB1;water;3;14;"x; y"\n',
  () =>
    'container\ttreatment\tplant\tdate\theight cm\tleaves\nA1\tsalt\t1\t2026-03-03\t1.2\t2\nB1\twater\t1\t2026-03-05\t2.5\t3\n',
];
const CELLS = [
  '',
  ' ',
  'x'.repeat(25),
  'x'.repeat(300),
  '31 February',
  '2026-02-31',
  '2026-W01-1',
  '12,5,6',
  '1,234.5',
  '-5',
  '1e309',
  '=1+1',
  '٣',
  'NaN',
  '6 1/4 in',
  '"',
  "'",
  '\u0000',
  '\u202e',
  '😀😀😀😀😀😀😀😀😀😀😀😀',
  'lost',
  'not up',
];
const edit = fc.record({ row: fc.nat(), column: fc.nat(), put: fc.constantFrom(...CELLS), whole: fc.boolean() });

const send = (text: string) => {
  const body = importBodyOf(world.classId, text, { sownOn: '2026-02-20' });
  return body && world.teacher.put(`/imports/${v7()}`, body);
};

test('cells that are changed, cut and doubled', async () => {
  await fc.assert(
    fc.asyncProperty(fc.nat({ max: TABLES.length - 1 }), fc.array(edit, { minLength: 1, maxLength: 4 }), async (which, edits) => {
      const rows = TABLES[which]!()
        .trimEnd()
        .split('\n')
        .map((line) => line.split(/([,;\t])/));
      for (const { row, column, put, whole } of edits) {
        const line = rows[row % rows.length]!;
        if (whole) line.splice((column * 2) % line.length, 2);
        else line[(column * 2) % line.length] = put;
      }
      const sent = await send(rows.map((line) => line.join('')).join('\n'));
      if (sent === null) return;
      expect({ broken: sent.status >= 500, answer: sent.body as unknown }).toMatchObject({ broken: false });
      if (sent.status >= 400) expect((sent.body as { detail: string }).detail).toMatch(/[.:?]$/);
    }),
    { numRuns: RUNS, seed: SEED },
  );
});

test.each([
  ['a decimal comma that is not quoted in a comma file', 'pot,treatment,day,height cm\nA1,salt,3,12,5\nB1,water,3,14\n'],
  ['a line with a cell too few', 'pot,treatment,day,height cm\nA1,salt,3\nB1,water,3,14\n'],
  ['a day that is not in the calendar', 'pot,treatment,date,height cm\nA1,salt,2026-02-31,5\nB1,water,2026-02-27,4\n'],
])('%s is refused, not guessed', async (_, text) => {
  const sent = await send(text);
  // A line that is wider than the heading is told before anything is sent.
  const read = readCsvSheet(text);
  if (sent === null) return expect(read).toMatchObject({ ok: false, reason: expect.stringMatching(/^Line 2 has 5 cells/) });
  expect([sent.status, sent.body]).toEqual([422, expect.anything()]);
  expect((sent.body as { errors?: { path: string }[] }).errors?.[0]?.path ?? (sent.body as { detail: string }).detail).toMatch(
    /line 2|Line 2/,
  );
});

test('names of any length come in whole, or are named', async () => {
  const text = `pot;treatment;plant;date;sown;height mm\nA1;salt;${'p'.repeat(21)};2026-03-04;2026-03-01;12\nB1;water;1;2026-03-04;2026-03-01;14\n`;
  const sent = await send(text)!;
  expect(sent!.status).toBe(422);
  expect(JSON.stringify((sent!.body as { errors: unknown }).errors)).toMatch(/20 characters/);
});
