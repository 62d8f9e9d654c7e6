import { msNow } from '@bright-sprout/core/clock/clock';
import { createServer, type Server } from 'node:http';
import { type AddressInfo } from 'node:net';
import { type RoomView } from '@bright-sprout/contracts/answers/room';
import { v7 } from 'uuid';
import { SensorBoxService } from '../src/room/sensorBox.service';
import { device, joined, signedInTeacher, startApplication, startClass, type TestApplication } from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let box: Server;
/** What the sensor box in the room answers. */
let answer = '';

beforeAll(async () => {
  box = createServer((_request, response) => response.end(answer));
  await new Promise<void>((ready) => box.listen(0, '127.0.0.1', ready));
  application = await startApplication({ sensorUrl: `http://127.0.0.1:${(box.address() as AddressInfo).port}` });
  world = await startClass(application);
});
afterAll(async () => {
  await application.close();
  box.close();
});

const path = () => `/classes/${world.classId}/room`;
const view = async () => (await world.teacher.get(path()).expect(200)).body as RoomView;
const reading = (part: object = {}) => ({ id: v7(), at: '2026-11-20T10:00:00.000Z', kind: 'temperature', value: 19.5, ...part });

test('readings by hand are kept once, shown in order, and can be thrown away', async () => {
  const at = (hours: number) => new Date(msNow() - hours * 3_600_000).toISOString();
  const [one, two] = [reading({ at: at(2) }), reading({ at: at(5), kind: 'ph', value: 6.5 })];
  await world.teacher.put(`${path()}/readings`, { source: 'hand', readings: [one, two] }).expect(200);
  await world.teacher.put(`${path()}/readings`, { source: 'hand', readings: [one] }).expect(200);
  expect((await view()).readings.map((r) => [r.kind, r.value])).toEqual([
    ['ph', 6.5],
    ['temperature', 19.5],
  ]);
  await world.teacher.delete(`${path()}/readings/${two.id}`).expect(204);
  await world.teacher.delete(`${path()}/readings/${two.id}`).expect(204);
  expect((await view()).readings).toHaveLength(1);
});

test.each([
  [{ value: 120 }, 'is between -40 and 70'],
  [{ kind: 'ph', value: 15 }, 'is between 0 and 14'],
  [{ kind: 'noise' }, 'Choose what was read.'],
  [{ at: 'yesterday' }, 'Say when it was read.'],
])('what no room has is refused: %j', async (part, sentence) => {
  const { body } = await world.teacher.put(`${path()}/readings`, { source: 'hand', readings: [reading(part)] }).expect(400);
  expect(JSON.stringify(body)).toContain(sentence);
});

test('nothing is read in the future', async () => {
  const at = new Date(msNow() + 3 * 86_400_000).toISOString();
  await world.teacher.put(`${path()}/readings`, { source: 'file', readings: [reading({ at })] }).expect(422);
});

test('the sensor box is heard while it is switched on, once a round, and its nonsense is left out', async () => {
  answer = JSON.stringify({ temperature: 20.5, light: 'bright', moisture: 400, ph: 6.5, smell: 3 });
  const on = (await world.teacher.put(`${path()}/sensor`, { on: true }).expect(200)).body as RoomView;
  const heard = on.readings.filter((r) => r.source === 'sensor');
  expect(heard.map((r) => [r.kind, r.value]).sort()).toEqual([
    ['ph', 6.5],
    ['temperature', 20.5],
  ]);
  expect(on.sensor).toEqual({ there: true, on: true });
  await application.app.get(SensorBoxService).readForAll();
  expect((await view()).readings.filter((r) => r.source === 'sensor')).toHaveLength(2);
  answer = 'out of order';
  expect(await application.app.get(SensorBoxService).readForAll()).toBe(0);
  await world.teacher.put(`${path()}/sensor`, { on: false }).expect(200);
  answer = JSON.stringify({ temperature: 3 });
  expect(await application.app.get(SensorBoxService).readForAll()).toBe(0);
});

test('a room is its own class’s', async () => {
  const other = await signedInTeacher(application);
  await other.get(path()).expect(404);
  await other.put(`${path()}/readings`, { source: 'hand', readings: [reading()] }).expect(404);
  await other.put(`${path()}/sensor`, { on: true }).expect(404);
  const [first] = (await view()).readings;
  await other.delete(`${path()}/readings/${first!.id}`).expect(404);
  await device(application).get(path()).expect(401);
  const kites = await joined(application, world.group, 'kite');
  await kites.get(path()).expect(401);
});
