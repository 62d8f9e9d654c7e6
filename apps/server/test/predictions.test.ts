import { type BenchPrediction, type TeamPrediction } from '@bright-sprout/contracts/answers/predictions';
import { planFrom } from '@bright-sprout/core/plan/document/startingPoints';
import { v7 } from 'uuid';
import {
  addClass,
  type Device,
  device,
  joined,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
});
afterAll(() => application.close());

async function plan(askTeams: boolean, classId = world.classId) {
  const id = v7();
  const document = { ...planFrom('salt-steps', { gradeBand: 'middle', teams: 2, today: '2026-03-02' }, 7), askTeams };
  await world.teacher.put(`/plans/${id}`, { classId, version: 0, document }).expect(200);
  return id;
}

const ANSWER = { firstSproutDay: 4, height: '12,5 cm', winner: 'A' };

test('a team predicts while it is asked, may change its mind, and sees its answer again', async () => {
  const id = await plan(true);
  const [asked] = (await kites.get('/bench/predictions').expect(200)).body as BenchPrediction[];
  expect(asked).toMatchObject({
    planId: id,
    kinds: ['first-sprout-day', 'height-on-day', 'which-wins'],
    heightDay: 19,
    answer: null,
  });
  await kites.put(`/bench/predictions/${id}`, ANSWER).expect(200);
  await kites.put(`/bench/predictions/${id}`, { ...ANSWER, winner: 'B' }).expect(200);
  const again = (await kites.get('/bench/predictions').expect(200)).body as BenchPrediction[];
  expect(again[0]!.answer).toEqual({ firstSproutDay: 4, heightMm: 125, winner: 'B' });
  const seen = (await world.teacher.get(`/plans/${id}/predictions`).expect(200)).body as TeamPrediction[];
  expect(seen.map((p) => [p.team.nickname, p.firstSproutDay, p.winner])).toEqual([['Kites', 4, 'B']]);
});

test('sowing locks it: the old answer stays', async () => {
  const id = await plan(true);
  await kites.put(`/bench/predictions/${id}`, ANSWER).expect(200);
  await world.teacher.put(`/plans/${id}/sowing`, { version: 1 }).expect(200);
  const { body } = await kites.put(`/bench/predictions/${id}`, { ...ANSWER, winner: 'D' }).expect(422);
  expect((body as { detail: string }).detail).toContain('locked');
  const kept = (await world.teacher.get(`/plans/${id}/predictions`).expect(200)).body as TeamPrediction[];
  expect(kept[0]!.winner).toBe('A');
});

test.each([
  ['a day of nought', { firstSproutDay: 0 }, 'on the day of sowing'],
  ['no height', { height: 'tall' }, 'not a length'],
  ['a treatment that is not there', { winner: 'F' }, 'one of the treatments'],
])('%s is refused with a sentence', async (_, part, sentence) => {
  const id = await plan(true);
  const { body } = await kites.put(`/bench/predictions/${id}`, { ...ANSWER, ...part }).expect(400);
  expect(JSON.stringify(body)).toContain(sentence);
});

test('what is not asked, another class’s plan, and other teachers are fenced off', async () => {
  const quiet = await plan(false);
  await kites.put(`/bench/predictions/${quiet}`, ANSWER).expect(422);
  const other = await addClass(world.teacher);
  const foreign = await plan(true, other.classId);
  await kites.put(`/bench/predictions/${foreign}`, ANSWER).expect(404);
  expect(((await kites.get('/bench/predictions').expect(200)).body as BenchPrediction[]).some((p) => p.planId === foreign)).toBe(
    false,
  );
  const stranger = await signedInTeacher(application);
  await stranger.get(`/plans/${quiet}/predictions`).expect(404);
  await device(application).get('/bench/predictions').expect(401);
});
