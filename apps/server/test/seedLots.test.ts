import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { v7 } from 'uuid';
import { device, schoolOfFirst, signedInTeacher, startApplication, startClass, type TestApplication } from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
});
afterAll(() => application.close());

const onion = {
  speciesId: 'onion',
  name: 'Top drawer',
  year: 2023,
  count: 120,
  depthMm: [10, 15],
  spacingMm: null,
  daysToSprout: null,
  tests: [{ kind: 'paper', up: 7, of: 10, on: '2026-03-02' }],
};

test('a lot is kept, changed and taken away; each may be sent twice', async () => {
  const id = v7();
  await world.teacher.put(`/seed-lots/${id}`, onion).expect(200);
  await world.teacher.put(`/seed-lots/${id}`, { ...onion, count: 90 }).expect(200);
  const [kept] = (await world.teacher.get('/seed-lots').expect(200)).body as SeedLot[];
  expect(kept).toEqual({ id, ...onion, count: 90 });
  await world.teacher.delete(`/seed-lots/${id}`).expect(204);
  await world.teacher.delete(`/seed-lots/${id}`).expect(204);
  expect((await world.teacher.get('/seed-lots').expect(200)).body).toEqual([]);
});

test.each([
  ['an unknown kind', { speciesId: 'dragon' }, 'not in the catalogue'],
  ['more up than tested', { tests: [{ kind: 'paper', up: 11, of: 10, on: '2026-03-02' }] }, 'More came up'],
  ['no name', { name: '' }, 'name of 1 to 60'],
  ['a year to come', { year: 3000 }, 'has not come'],
  ['half a depth', { depthMm: [10] }, 'from and to'],
])('%s is refused with a sentence', async (_, part, sentence) => {
  const { body } = await world.teacher.put(`/seed-lots/${v7()}`, { ...onion, ...part }).expect(400);
  expect(JSON.stringify(body)).toContain(sentence);
});

test('the shelf belongs to the school: a colleague uses it, another school does not see it', async () => {
  const id = v7();
  await world.teacher.put(`/seed-lots/${id}`, onion).expect(200);
  expect(
    (await (await signedInTeacher(application, await schoolOfFirst(application))).get('/seed-lots').expect(200)).body,
  ).toHaveLength(1);
  const stranger = await signedInTeacher(application);
  expect((await stranger.get('/seed-lots').expect(200)).body).toEqual([]);
  await stranger.put(`/seed-lots/${id}`, onion).expect(404);
  await stranger.delete(`/seed-lots/${id}`).expect(204);
  expect((await world.teacher.get('/seed-lots').expect(200)).body).toHaveLength(1);
  await device(application).get('/seed-lots').expect(401);
});
