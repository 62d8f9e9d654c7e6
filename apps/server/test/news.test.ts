import { type InvestigationNews, type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { v7 } from 'uuid';
import { checkOf, type Device, joined, ownContainers, signedInTeacher, startApplication, startClass } from './application';

let application: Awaited<ReturnType<typeof startApplication>>;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;
let containers: { id: string; code: string }[];

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  containers = await ownContainers(kites);
});
afterAll(() => application.close());

async function saved(container = 0): Promise<string> {
  const id = v7();
  await kites.put(`/bench/checks/${id}`, checkOf(containers[container]!.id)).expect(200);
  return id;
}

const news = async (query: string) =>
  (await world.teacher.get(`/investigations/${world.investigationId}/news?${query}`).expect(200)).body as InvestigationNews;

test('only the readings of the named checks come, just as they stand among all', async () => {
  await saved();
  const [second, third] = [await saved(1), await saved(1)];
  const { readings } = await news(`checks=${second},${third}`);
  const all = (await world.teacher.get(`/investigations/${world.investigationId}`).expect(200)).body as InvestigationRecords;
  expect(all.readings).toHaveLength(3);
  expect(readings).toEqual(all.readings.slice(1));
  expect(await news('about=1')).toEqual({ investigation: all.investigation, readings: [], photos: [] });
  expect(await news('')).toEqual({ investigation: null, readings: [], photos: [] });
});

test('a check of another class is not among them, and another teacher gets nothing', async () => {
  const own = await saved();
  const other = await signedInTeacher(application);
  await other.get(`/investigations/${world.investigationId}/news?checks=${own}`).expect(404);
  const { classId } = world;
  const plan = await world.teacher.put(`/plans/${v7()}`, { classId, version: 0, document: world.plan }).expect(200);
  const { id } = plan.body as { id: string };
  await world.teacher.put(`/plans/${id}/sowing`, { version: 1 }).expect(200);
  const answer = await world.teacher.get(`/investigations/${id}/news?checks=${own}`).expect(200);
  expect((answer.body as InvestigationNews).readings).toEqual([]);
});

test.each(['checks=no-id', `checks=${Array.from({ length: 51 }, () => v7()).join(',')}`, 'since=yesterday', 'checks[a]=1'])(
  'what is not understood is refused: %#',
  async (query) => {
    await world.teacher.get(`/investigations/${world.investigationId}/news?${query}`).expect(400);
  },
);
