import { type BenchTogether, type TogetherView } from '@bright-sprout/contracts/answers/together';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { standingsOn } from '@bright-sprout/core/readings/standing';
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
let kites: Device;
let bells: Device;
let containerId: string;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  bells = await joined(application, world.group, 'bell');
  containerId = (await ownContainers(kites))[0]!.id;
});
afterAll(() => application.close());

const open = async (id = v7()) => {
  await world.teacher.put(`/together/${id}`, { investigationId: world.investigationId, containerId }).expect(200);
  return id;
};
const list = async () =>
  (await world.teacher.get(`/investigations/${world.investigationId}/together`).expect(200)).body as TogetherView[];
const asked = async (team: Device) => (await team.get('/bench/together').expect(200)).body as BenchTogether[];
const records = async () =>
  (await world.teacher.get(`/investigations/${world.investigationId}`).expect(200)).body as InvestigationRecords;

test('every team is asked for the one open plant, may look again, and the class settles once', async () => {
  await kites.put(`/bench/checks/${v7()}`, checkOf(containerId, { typed: '9.1 cm' })).expect(200);
  const id = await open();
  await open(id);
  expect(await asked(bells)).toMatchObject([{ id, containerId, typed: null }]);
  await bells.put(`/bench/together/${id}`, { typed: '92 mm' }).expect(204);
  await Promise.all([1, 2].map(() => kites.put(`/bench/together/${id}`, { typed: '9,4 cm' }).expect(204)));
  await bells.put(`/bench/together/${id}`, { typed: '9.3 cm' }).expect(204);
  expect(await asked(bells)).toMatchObject([{ typed: '9.3 cm' }]);
  const [before] = await list();
  expect(before!.readings.map((r) => r.valueMm).sort()).toEqual([93, 94]);
  await world.teacher.put(`/together/${id}/settled`, { typed: '9.3 cm' }).expect(200);
  await world.teacher.put(`/together/${id}/settled`, { typed: '9.3 cm' }).expect(200);
  await world.teacher.put(`/together/${id}/settled`, { typed: '9.9 cm' }).expect(409);
  const { readings } = await records();
  const settled = readings.filter((r) => r.source === 'together');
  expect(settled).toMatchObject([
    { containerId, findings: [{ measure: 'height', value: 93 }], note: '2 teams read it together' },
  ]);
  expect(readings.find((r) => r.id === settled[0]!.supersedes)).toMatchObject({
    findings: [{ measure: 'height', value: 91 }],
    source: 'bench',
  });
  expect(await asked(kites)).toEqual([]);
  const late = await kites.put(`/bench/together/${id}`, { typed: '9 cm' }).expect(422);
  expect(late.body.detail).toMatch(/not read together any more/);
});

test('where two devices disagreed, the class’s value takes the place of both', async () => {
  const [, second] = await ownContainers(kites);
  for (const typed of ['5.0 cm', '6.0 cm']) await kites.put(`/bench/checks/${v7()}`, checkOf(second!.id, { typed })).expect(200);
  const id = v7();
  await world.teacher.put(`/together/${id}`, { investigationId: world.investigationId, containerId: second!.id }).expect(200);
  await kites.put(`/bench/together/${id}`, { typed: '5.5 cm' }).expect(204);
  const { readings: before } = await records();
  expect(standingsOn([second!.id], before, checkOf(second!.id).day).get(second!.id)).toMatchObject({ disputed: true });
  await world.teacher.put(`/together/${id}/settled`, { typed: '5.5 cm' }).expect(200);
  const { readings } = await records();
  expect(standingsOn([second!.id], readings, checkOf(second!.id).day).get(second!.id)).toMatchObject({
    disputed: false,
    heightMm: 55,
  });
  expect(readings.filter((r) => r.containerId === second!.id)).toHaveLength(4);
});

test('one plant at a time: the next closes the one before, and it can be left without a value', async () => {
  const [first, second] = [await open(), await open()];
  expect((await asked(kites)).map((t) => t.id)).toEqual([second]);
  expect((await list()).find((t) => t.id === first)).toMatchObject({ closed: true, settledMm: null });
  await world.teacher.delete(`/together/${second}`).expect(204);
  await world.teacher.delete(`/together/${second}`).expect(204);
  expect(await asked(kites)).toEqual([]);
});

test('what is no height is refused in words', async () => {
  const id = await open();
  for (const typed of ['tall', '0 cm', '12']) await kites.put(`/bench/together/${id}`, { typed }).expect(422);
  expect((await kites.put(`/bench/together/${id}`, { typed: '' }).expect(400)).body.errors[0].sentence).toMatch(/height/);
  expect((await list()).find((t) => t.id === id)!.readings).toEqual([]);
  await world.teacher.delete(`/together/${id}`).expect(204);
});

test('another class, another teacher and a team without the right stay outside', async () => {
  const id = await open();
  const other = await signedInTeacher(application);
  const theirs = await addClass(other);
  const stranger = await joined(application, theirs.group, 'kite');
  expect(await asked(stranger)).toEqual([]);
  await stranger.put(`/bench/together/${id}`, { typed: '9 cm' }).expect(422);
  await other.get(`/investigations/${world.investigationId}/together`).expect(404);
  await other.put(`/together/${v7()}`, { investigationId: world.investigationId, containerId }).expect(404);
  await other.put(`/together/${v7()}`, { investigationId: theirs.investigationId, containerId }).expect(404);
  await other.put(`/together/${id}/settled`, { typed: '9 cm' }).expect(404);
  await other.delete(`/together/${id}`).expect(404);
  await kites.put(`/together/${id}/settled`, { typed: '9 cm' }).expect(401);
  expect((await list()).find((t) => t.id === id)).toMatchObject({ closed: false, readings: [] });
});
