import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { type PlanView } from '@bright-sprout/contracts/plans';
import { readingWords } from '@bright-sprout/core/readings/readingWords';
import { DataSource } from 'typeorm';
import { databaseOptions } from '../src/database/dataSource';
import { Findings1764100000000 } from '../src/database/migrations/1764100000000-Findings';
import { databaseBeforeFindings } from './databases';
import { device, PASSWORD, startApplication, type TestApplication } from './application';

const SALT = '0197a000-0000-7000-8000-0000000000b1';
const BAGS = '0197a000-0000-7000-8000-0000000000b2';
const DRAFT = '0197a000-0000-7000-8000-0000000000b3';
const FILE = '0197a000-0000-7000-8000-0000000000c1';

let application: TestApplication;

beforeAll(async () => {
  const databaseUrl = await databaseBeforeFindings();
  const source = await new DataSource(databaseOptions(databaseUrl)).initialize();
  const runner = source.createQueryRunner();
  // Cut off before it was noted as done, once at its very end: it is simply run again.
  await new Findings1764100000000().up(runner);
  await runner.release();
  await source.destroy();
  application = await startApplication({ databaseUrl, secret: Buffer.from('ab'.repeat(32), 'hex') });
});
afterAll(() => application.close());

const teacher = async () => {
  const signedIn = device(application);
  await signedIn.post('/session', { email: 'one@weir.example', password: PASSWORD }).expect(200);
  return signedIn;
};
const recordsOf = async (id: string) =>
  (await (await teacher()).get(`/investigations/${id}`).expect(200)).body as InvestigationRecords;

test('every old reading says what it said: heights, corrections, doubts, states, and what else was found', async () => {
  const { investigation, readings } = await recordsOf(SALT);
  const { own } = investigation.bench;
  const words = readings.map((r) => `${r.day} ${readingWords(r, { resolution: 'mm', own })}`).sort();
  expect(words).toEqual([
    '2026-03-10 3.2 cm, 1 leaf',
    '2026-03-16 1.5 cm, 2 leaves',
    '2026-03-16 14.5 cm, 2 leaves',
    '2026-03-16 2 up, one blade, pale or limp, Smell sour, Warmth 21.5 °C',
    '2026-03-16 not up yet',
    '2026-03-18 15.9 cm, 3 up, 3 leaves, green and firm',
    '2026-03-18 could not check',
    '2026-03-18 was eaten',
  ]);
  const inches = readings.find((r) => r.findings.some((f) => f.typed === '6 1/4 in'))!;
  expect(inches.findings.find((f) => f.measure === 'height')!.value).toBeCloseTo(158.75, 9);
  expect(inches.doubt).toEqual({ kind: 'shrank', answer: 'wilted', secondMm: 158 });
  const right = readings.find((r) => r.supersedes !== null)!;
  expect(readings.find((r) => r.id === right.supersedes)!.findings).toContainEqual(
    expect.objectContaining({ measure: 'height', value: 14.5, typed: '1.45 cm' }),
  );
});

test('seeds that were counted by their roots are counted so', async () => {
  const { investigation, readings } = await recordsOf(BAGS);
  expect(investigation.bench.measures).toEqual(['seeds-with-root', 'root-length']);
  expect(readings[0]!.findings).toEqual([
    { measure: 'root-length', value: 12, choice: null, typed: null },
    { measure: 'seeds-with-root', value: 7, choice: null, typed: null },
  ]);
});

test('kept plans and benches name the same measures by the registry’s codes, and can be saved again', async () => {
  const { investigation } = await recordsOf(SALT);
  expect(investigation.bench.measures).toEqual(['height', 'seeds-up', 'leaves', 'stage', 'vigour']);
  expect(investigation).toMatchObject({ afterLoss: 'carry', report: 'container-mean' });
  const signedIn = await teacher();
  const plan = (await signedIn.get(`/plans/${SALT}`).expect(200)).body as PlanView;
  expect(plan.document.ownMeasures.map((m) => [m.code, m.quantity, m.least, m.most])).toEqual([
    ['own-smell', 'choice', null, null],
    ['own-warm', 'number', 0, 50],
  ]);
  expect(plan.document.protocol.report).toBe('container-mean');
  const { classId, version, document } = (await signedIn.get(`/plans/${DRAFT}`).expect(200)).body as PlanView;
  await signedIn.put(`/plans/${DRAFT}`, { classId, version, document: { ...document, question: 'Not sown, still' } }).expect(200);
});

test('records from a file keep what was found', async () => {
  const { readings } = await recordsOf(FILE);
  expect(readings.map((r) => r.findings.map((f) => [f.measure, f.value])).sort()).toEqual([
    [['height', 40]],
    [
      ['height', 50],
      ['leaves', 2],
    ],
  ]);
});
