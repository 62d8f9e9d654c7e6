import { msNow } from '@bright-sprout/core/clock/clock';
import { dayInZone } from '@bright-sprout/core/calendar/days';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { CLOCK_HEADER } from '@bright-sprout/contracts/problems';
import { v7 } from 'uuid';
import { checkOf, type Device, joined, ownContainers, startApplication, startClass } from './application';

const DAY_MS = 86_400_000;
const ZONE = 'Europe/Berlin';

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

/** A look that was entered some days ago by a clock that runs ahead (or, below 0, behind), and is sent now. */
async function look(container: number, daysAgo: number, aheadMs: number, change: object = {}) {
  const at = new Date(msNow() - daysAgo * DAY_MS + aheadMs);
  const body = checkOf(containers[container]!.id, {}, { recordedAt: at.toISOString(), day: dayInZone(at, ZONE), ...change });
  const clock = new Date(msNow() + aheadMs).toISOString();
  const answer = await kites.put(`/bench/checks/${v7()}`, body).set(CLOCK_HEADER, clock);
  const { readings } = (await world.teacher.get(`/investigations/${world.investigationId}`)).body as InvestigationRecords;
  return { status: answer.status, kept: readings.find((r) => r.id === body.readings[0]!.id) };
}

const daysAgo = (days: number) => dayInZone(new Date(msNow() - days * DAY_MS), ZONE);

test.each([
  ['behind by years', -6 * 365 * DAY_MS],
  ['ahead by a month', 30 * DAY_MS],
])('what was entered by a clock %s stands on its right day, and says so', async (_, aheadMs) => {
  const { status, kept } = await look(0, 2, aheadMs);
  expect(status).toBe(200);
  expect(kept).toMatchObject({ day: daysAgo(2), dayCode: 'wrong-clock' });
  expect(Math.abs(Date.parse(kept!.recordedAt) - (msNow() - 2 * DAY_MS))).toBeLessThan(60_000);
});

test('a day that was chosen stays, whatever the clock showed', async () => {
  const { kept } = await look(1, 1, -400 * DAY_MS, { day: daysAgo(5), dayReason: 'copied from paper' });
  expect(kept).toMatchObject({ day: daysAgo(5), dayReason: 'copied from paper' });
});

test('a day that stood for one nobody knew gives way to the right one, and stays where that is not known either', async () => {
  const guessed = { day: daysAgo(9), dayCode: 'wrong-clock' };
  expect((await look(1, 1, -400 * DAY_MS, guessed)).kept).toMatchObject({ day: daysAgo(1), dayCode: 'wrong-clock' });
  expect((await look(1, 1, 0, guessed)).kept).toMatchObject(guessed);
});

test('seconds are no wrong clock, and a header that is no time says nothing', async () => {
  expect((await look(0, 1, 30_000)).kept).toMatchObject({ day: daysAgo(1), dayReason: null, dayCode: null });
  const body = checkOf(containers[0]!.id);
  await kites.put(`/bench/checks/${v7()}`, body).set(CLOCK_HEADER, 'soon').expect(200);
});

test('care is corrected too', async () => {
  const at = new Date(msNow() - 100 * DAY_MS);
  const id = v7();
  const body = {
    investigationId: world.investigationId,
    kind: 'water',
    task: 'water',
    day: dayInZone(at, ZONE),
    recordedAt: at.toISOString(),
  };
  const answer = await kites.put(`/bench/care/${id}`, body).set(CLOCK_HEADER, at.toISOString()).expect(200);
  expect(answer.body).toMatchObject({ day: daysAgo(0) });
});
