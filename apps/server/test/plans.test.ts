import { type PlanListing, type PlanView } from '@bright-sprout/contracts/answers/plans';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { cautionSentence } from '@bright-sprout/core/plan/fairTest/fairTest';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { planFrom, STARTING_POINTS } from '@bright-sprout/core/plan/document/startingPoints';
import { v7 } from 'uuid';
import {
  device,
  schoolOfFirst,
  signedInTeacher,
  sownPlan,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
});
afterAll(() => application.close());

const draft = (part: Partial<PlanDocument> = {}, start = 'salt-steps'): PlanDocument => ({
  ...planFrom(start, { gradeBand: 'middle', teams: 2, today: '2026-03-02' }, 7),
  ...part,
});

async function saved(document = draft()) {
  const id = v7();
  const save = (version: number, changed = document) =>
    world.teacher.put(`/plans/${id}`, { classId: world.classId, version, document: changed });
  await save(0).expect(200);
  return { id, save };
}

test('every starting point can be kept as it is', async () => {
  for (const { id } of STARTING_POINTS) await saved(draft({}, id));
  const { body } = await world.teacher.get(`/classes/${world.classId}/plans`).expect(200);
  expect((body as PlanListing[]).filter((p) => !p.sown)).toHaveLength(STARTING_POINTS.length);
});

test('a save counts up, twice the same is once, and an old version is told and loses nothing', async () => {
  const { id, save } = await saved();
  const mine = draft({ question: 'Does salt keep barley small?' });
  expect(((await save(1, mine).expect(200)).body as PlanView).version).toBe(2);
  expect(((await save(1, mine).expect(200)).body as PlanView).version).toBe(2);
  const told = await save(1, draft({ question: 'Does sand keep barley small?' })).expect(409);
  expect((told.body as { current: PlanView }).current).toMatchObject({ version: 2, document: { question: mine.question } });
  const kept = (await world.teacher.get(`/plans/${id}`).expect(200)).body as PlanView;
  expect(kept.document).toEqual(mine);
});

test('the same new plan sent twice at once is one plan', async () => {
  const id = v7();
  const body = { classId: world.classId, version: 0, document: draft() };
  const answers = await Promise.all([world.teacher.put(`/plans/${id}`, body), world.teacher.put(`/plans/${id}`, body)]);
  expect(answers.map((a) => [a.status, (a.body as PlanView).version])).toEqual([
    [200, 1],
    [200, 1],
  ]);
});

test('a document of another shape is refused with a sentence at its field', async () => {
  const send = (document: object) => world.teacher.put(`/plans/${v7()}`, { classId: world.classId, version: 0, document });
  const { body } = await send({ ...draft(), kind: 'contest' }).expect(400);
  expect(JSON.stringify(body)).toContain('Choose the kind of experiment.');
  await send({ ...draft(), extra: true }).expect(400);
  await send({ ...draft(), moved: { 'x<script>': 1 } }).expect(400);
  await send({ ...draft(), protocol: { ...draft().protocol, firm: 'stamp' } }).expect(400);
  await send({ ...draft(), factors: [] }).expect(400);
});

test('an unfinished plan is kept but not sown, and says where', async () => {
  const { id } = await saved(draft({ question: '', containersEach: 500 }));
  const { body } = await world.teacher.put(`/plans/${id}/sowing`, { version: 1 }).expect(422);
  expect((body as { errors: { path: string }[] }).errors.map((e) => e.path)).toEqual([
    'question',
    'containersEach',
    'containersEach',
  ]);
});

test('sowing makes what the plan says, once, and locks the plan; its open points come with the claim', async () => {
  const { id, save } = await saved(
    draft({ containersEach: 2, exceptions: [{ rule: 'too-few-containers', reason: 'The sill is short' }] }),
  );
  const sow = () => world.teacher.put(`/plans/${id}/sowing`, { version: 1 });
  const [one, two] = await Promise.all([sow(), sow()]);
  expect([one.status, two.status].sort()).toEqual([200, 200]);
  const made = (await sow().expect(200)).body as InvestigationView;
  expect(made.containers).toHaveLength(8);
  expect(made.treatments.map((t) => t.label)).toEqual(['no salt', '25 mmol/L', '50 mmol/L', '100 mmol/L']);
  expect(made.planCautions.map(cautionSentence).join(' ')).toContain('Done on purpose: The sill is short.');
  await save(1, draft({ question: 'Something else entirely?' })).expect(409);
  await world.teacher.delete(`/plans/${id}`).expect(422);
});

test('a plan thrown away is gone, and throwing it away twice is no error', async () => {
  const { id } = await saved();
  await world.teacher.delete(`/plans/${id}`).expect(204);
  await world.teacher.delete(`/plans/${id}`).expect(204);
  await world.teacher.get(`/plans/${id}`).expect(404);
});

test('another teacher of the school can neither see, change, sow nor throw away a plan', async () => {
  const { id } = await saved();
  const other = await signedInTeacher(application, await schoolOfFirst(application));
  await other.get(`/plans/${id}`).expect(404);
  await other.get(`/classes/${world.classId}/plans`).expect(404);
  await other.put(`/plans/${id}`, { classId: world.classId, version: 1, document: draft() }).expect(404);
  await other.put(`/plans/${id}/sowing`, { version: 1 }).expect(404);
  await other.delete(`/plans/${id}`).expect(404);
  await device(application).get(`/plans/${id}`).expect(401);
});

test('kinds side by side keep their kinds, and the rungs of an age ladder their days', async () => {
  const kinds = await sownPlan(world.teacher, world.classId, draft({}, 'kinds-side-by-side'));
  expect(kinds.treatments.map((t) => [t.speciesName, t.habit])).toEqual([
    ['Wheat', 'grass'],
    ['White mustard', 'broad'],
    ['Nasturtium', 'broad'],
  ]);
  const ladder = await sownPlan(world.teacher, world.classId, draft({}, 'age-ladder'));
  const days = new Map(ladder.containers.map((c) => [c.treatment, c.sownOn]));
  expect([...days.keys()].sort()).toEqual(['A', 'B', 'C', 'D', 'E']);
  expect(days.get('E')! < days.get('A')!).toBe(true);
  expect(ladder.sownOn).toBe([...days.values()].sort()[0]);
});

test('a plan that a later version has kept is refused with a sentence, and stays as it is', async () => {
  const { id } = await saved();
  await application.dataSource.query('UPDATE plan SET shape = 9 WHERE id = ?', [id]);
  const { body } = await world.teacher.get(`/plans/${id}`).expect(409);
  expect(body.detail).toMatch(/later version.*Bring this program up to date/);
  await application.dataSource.query('UPDATE plan SET shape = 1 WHERE id = ?', [id]);
  expect(((await world.teacher.get(`/plans/${id}`).expect(200)).body as PlanView).document).toEqual(draft());
});
