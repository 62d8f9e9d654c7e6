import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { timeNow } from '@bright-sprout/core/clock/clock';
import sharp from 'sharp';
import { v7 } from 'uuid';
import {
  addClass,
  checkOf,
  type Device,
  joined,
  ownContainers,
  plannedDaysAgo,
  signedInTeacher,
  sownPlan,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

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

test('containers of the whole class are open to every team of it, and to nobody else', async () => {
  const own = (await ownContainers(kites)).length;
  await sownPlan(world.teacher, world.classId, plannedDaysAgo(15, { question: 'Shared by all?', assignment: 'class-shares' }));
  const [mine, theirs] = [await ownContainers(kites), await ownContainers(bells)];
  expect(mine).toHaveLength(own + 4);
  const shared = mine.filter((c) => theirs.some((t) => t.id === c.id));
  expect(shared).toHaveLength(4);
  await kites.put(`/bench/checks/${v7()}`, checkOf(shared[0]!.id)).expect(200);
  await bells.put(`/bench/checks/${v7()}`, checkOf(shared[0]!.id, { typed: '4.8 cm' })).expect(200);
  // A picture of what all look after is seen by the teacher first as well.
  const photo = v7();
  const at = new URLSearchParams({
    containerId: shared[0]!.id,
    day: timeNow().toISOString().slice(0, 10),
    recordedAt: timeNow().toISOString(),
  }).toString();
  const green = await sharp({ create: { width: 200, height: 160, channels: 3, background: '#5F9640' } })
    .jpeg()
    .toBuffer();
  await kites.put(`/bench/photos/${photo}?${at}`, green).set('content-type', 'image/jpeg').expect(200);
  const shownTo = async (team: Device) =>
    ((await team.get('/bench').expect(200)).body as BenchView).investigations.flatMap((i) => i.photos.map((p) => p.id));
  expect([await shownTo(kites), await shownTo(bells)]).toEqual([[photo], []]);
  await kites.get(`/bench/photos/${photo}/small`).expect(200);
  await bells.get(`/bench/photos/${photo}/small`).expect(403);
  await world.teacher.put(`/photos/${photo}/seen`, {}).expect(204);
  expect(await shownTo(bells)).toEqual([photo]);
  await bells.get(`/bench/photos/${photo}/small`).expect(200);
  const other = await addClass(await signedInTeacher(application));
  const stranger = await joined(application, other.group, 'kite');
  expect((await ownContainers(stranger)).map((c) => c.id)).not.toContain(shared[0]!.id);
  await stranger.put(`/bench/checks/${v7()}`, checkOf(shared[0]!.id)).expect(403);
});

test('pots at home are dealt within teams, so that every student finds the own one', async () => {
  const { bench, containers } = await sownPlan(
    world.teacher,
    world.classId,
    plannedDaysAgo(12, { question: 'One at home?', assignment: 'own-pot', containersEach: 4 }),
  );
  expect(bench.atHome).toBe(true);
  const of = (team: Device) => ownContainers(team).then((all) => all.filter((c) => containers.some((k) => k.id === c.id)));
  expect([(await of(kites)).length, (await of(bells)).length]).toEqual([4, 4]);
});
