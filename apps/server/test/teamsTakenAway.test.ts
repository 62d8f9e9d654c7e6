import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type HeldView } from '@bright-sprout/contracts/answers/held';
import { v7 } from 'uuid';
import { checkOf, device, joined, plannedDaysAgo, startApplication, startClass } from './application';

let application: Awaited<ReturnType<typeof startApplication>>;
let world: Awaited<ReturnType<typeof startClass>>;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
});
afterAll(() => application.close());

type Named = { id: string; emblem: string }[];
const teams = async () => (await world.teacher.get(`/classes/${world.classId}`).expect(200)).body.teams as ClassView['teams'];
const save = async (wanted: Named, status = 200) =>
  (await world.teacher.put(`/classes/${world.classId}/teams`, { teams: wanted }).expect(status)).body as ClassView;
const named = (all: ClassView['teams']): Named => all.map(({ id, emblem }) => ({ id, emblem }));

/** A team more, which has joined and has an entry that waits for the teacher. */
async function fishes() {
  const before = named(await teams());
  const id = v7();
  const { teams: all } = await save([...before, { id, emblem: 'fish' }]);
  const fish = all.find((t) => t.id === id)!;
  const tablet = await joined(application, { joinCode: world.group.joinCode, teams: all }, 'fish');
  const held = { kind: 'check', body: checkOf(v7()), reason: { code: 'refusals.containerBelongsAnotherTeam' } };
  await tablet.put(`/bench/held/${v7()}`, held).expect(204);
  return { before, id, pin: fish.pin, tablet };
}

test('a team that is taken away joins no more and is nowhere shown; brought back, it is as it was', async () => {
  const { before, id, pin, tablet } = await fishes();
  expect((await teams()).find((t) => t.id === id)!.leaves).toEqual({ devices: 1, predictions: 0, waiting: 1 });
  await save(before);
  expect((await teams()).map((t) => t.id)).toEqual(before.map((t) => t.id));
  await tablet.get('/bench').expect(401);
  const { joinCode } = world.group;
  await device(application).post('/join', { classCode: joinCode, emblem: 'fish', pin }).expect(401);
  // What it entered still waits for the teacher.
  const held = (await world.teacher.get(`/classes/${world.classId}/held`).expect(200)).body as HeldView[];
  expect(held.map((h) => h.team.emblem)).toContain('fish');
  expect((await world.teacher.get(`/classes/${world.classId}`)).body.waiting).toBe(1);
  // Brought back under its own id, and under one that another laptop made for the same emblem; sent twice all the same.
  const other = { id: v7(), emblem: 'fish' };
  await save([...before, other]);
  await save([...before, other]);
  const back = (await teams()).find((t) => t.emblem === 'fish')!;
  expect([back.id, back.pin]).toEqual([id, pin]);
  await device(application).post('/join', { classCode: joinCode, emblem: 'fish', pin }).expect(204);
});

test('what a team predicted and read with the class does not break what is shown after it is gone', async () => {
  const before = named(await teams()).filter((t) => t.emblem !== 'moon');
  const id = v7();
  const { teams: all } = await save([...before, { id, emblem: 'moon' }]);
  const moons = await joined(application, { joinCode: world.group.joinCode, teams: all }, 'moon');
  const [containerId] = (await world.teacher.get(`/investigations/${world.investigationId}`)).body.investigation.containers.map(
    (c: { id: string }) => c.id,
  );
  const reading = v7();
  await world.teacher.put(`/together/${reading}`, { investigationId: world.investigationId, containerId }).expect(200);
  await moons.put(`/bench/together/${reading}`, { typed: '5.5 cm' }).expect(204);
  const planId = v7();
  const document = plannedDaysAgo(-10, { askTeams: true, predictions: ['which-wins'], containersEach: all.length });
  await world.teacher.put(`/plans/${planId}`, { classId: world.classId, version: 0, document }).expect(200);
  await moons.put(`/bench/predictions/${planId}`, { winner: 'A' }).expect(200);
  expect((await world.teacher.get(`/plans/${planId}/predictions`).expect(200)).body).toHaveLength(1);
  await save(before);
  const together = await world.teacher.get(`/investigations/${world.investigationId}/together`).expect(200);
  expect((together.body as { readings: { team: { emblem: string } }[] }[])[0]!.readings.map((r) => r.team.emblem)).toEqual([
    'moon',
  ]);
  expect((await world.teacher.get(`/plans/${planId}/predictions`).expect(200)).body).toEqual([]);
});

test('a team that looks after containers stays', async () => {
  const before = named(await teams());
  const answer = await world.teacher.put(`/classes/${world.classId}/teams`, { teams: before.slice(1) }).expect(422);
  expect(answer.body.detail).toMatch(/look after containers/);
});
