import { timeNow } from '@bright-sprout/core/clock/clock';
import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { type CareView } from '@bright-sprout/contracts/answers/care';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { v7 } from 'uuid';
import { type Device, device, joined, signedInTeacher, startApplication, startClass, type TestApplication } from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;
let bells: Device;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  bells = await joined(application, world.group, 'bell');
});
afterAll(() => application.close());

const water = (part: object = {}) => ({
  investigationId: world.investigationId,
  kind: 'water',
  task: 'water',
  day: timeNow().toISOString().slice(0, 10),
  recordedAt: timeNow().toISOString(),
  amountMl: 30,
  ...part,
});
const written = async () =>
  ((await world.teacher.get(`/investigations/${world.investigationId}`).expect(200)).body as InvestigationRecords).investigation
    .care;
const seenBy = async (tablet: Device): Promise<CareView[]> =>
  ((await tablet.get('/bench').expect(200)).body as BenchView).investigations[0]!.investigation.care;

test('a team writes down what it did, twice at once is once, and only its own and the teacher’s are shown to it', async () => {
  const [own, teachers] = [v7(), v7()];
  const body = water();
  const answers = await Promise.all([1, 2].map(() => kites.put(`/bench/care/${own}`, body)));
  expect(answers.map((a) => a.status)).toEqual([200, 200]);
  await world.teacher.put(`/care/${teachers}`, water({ kind: 'sowing-step', task: '3' })).expect(200);
  await bells.put(`/bench/care/${v7()}`, water({ skipped: true, note: 'the can was empty' })).expect(200);
  expect((await written()).map((c) => [c.kind, c.amountMl, c.skipped])).toEqual([
    ['water', 30, false],
    ['sowing-step', 30, false],
    ['water', 30, true],
  ]);
  expect((await seenBy(kites)).map((c) => c.id).sort()).toEqual([own, teachers].sort());
  await kites.put(`/bench/care/${own}`, { ...body, task: 'turn' }).expect(409);
});

test('what was done can be taken back by who did it, and by the teacher', async () => {
  const id = v7();
  await bells.put(`/bench/care/${id}`, water({ kind: 'turn', task: 'turn' })).expect(200);
  await kites.delete(`/bench/care/${id}`).expect(403);
  expect((await written()).some((c) => c.id === id)).toBe(true);
  await world.teacher.delete(`/care/${id}`).expect(204);
  await world.teacher.delete(`/care/${id}`).expect(204);
  expect((await written()).some((c) => c.id === id)).toBe(false);
  const kept = (await application.dataSource.query('SELECT taken_back_at FROM care_event WHERE id = ?', [id])) as {
    taken_back_at: Date | null;
  }[];
  expect(kept[0]!.taken_back_at).not.toBeNull();
});

test('strangers, other teachers and impossible amounts are refused', async () => {
  await device(application).put(`/care/${v7()}`, water()).expect(401);
  const other = await signedInTeacher(application);
  await other.put(`/care/${v7()}`, water()).expect(404);
  const [first] = await written();
  await other.delete(`/care/${first!.id}`).expect(404);
  const { body } = await kites.put(`/bench/care/${v7()}`, water({ amountMl: -3 })).expect(400);
  expect(JSON.stringify(body)).toContain('An amount cannot be below zero.');
  await kites.put(`/bench/care/${v7()}`, water({ day: '2026-02-31' })).expect(422);
  await kites.put(`/bench/care/${v7()}`, water({ investigationId: v7() })).expect(404);
});
