import { timeNow } from '@bright-sprout/core/clock/clock';
import { type LiveEvent } from '@bright-sprout/contracts/live';
import { firstValueFrom, take, toArray } from 'rxjs';
import { newId } from '../src/database/ids';
import { type Request } from 'express';
import { Change } from '../src/live/change.entity';
import { ChangesService } from '../src/live/changes.service';
import { LiveController } from '../src/live/live.controller';
import { addClass, device, PASSWORD, startApplication, startClass, type TestApplication } from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let changes: ChangesService;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  changes = application.app.get(ChangesService);
});
afterAll(() => application.close());

const noted = () => ({ id: newId(), kind: 'check-saved' as const, classId: world.classId, investigationId: null, at: timeNow() });
const place = () => (changes as unknown as { cursor: number | null }).cursor;
const until = async (holds: () => boolean) => {
  while (!holds()) await new Promise(setImmediate);
};

/** A listener that has found its place in the log. */
async function listen(count: number): Promise<{ heard: Promise<LiveEvent[]> }> {
  const heard = firstValueFrom(changes.listen().pipe(take(count), toArray()));
  await until(() => place() !== null);
  return { heard };
}

test('what a slower transaction changed is told, though faster ones were told before it', async () => {
  const { heard } = await listen(3);
  const slow = application.dataSource.createQueryRunner();
  await slow.startTransaction();
  const [late, first, second] = [noted(), noted(), noted()];
  await slow.manager.getRepository(Change).insert(late);
  const before = place();
  await application.dataSource.getRepository(Change).insert(first);
  await until(() => place() !== before);
  await application.dataSource.getRepository(Change).insert(second);
  await slow.commitTransaction();
  await slow.release();
  expect(new Set((await heard).map((e) => e.id))).toEqual(new Set([late.id, first.id, second.id]));
});

test('a class that is made, and its teams, are told', async () => {
  const { heard } = await listen(2);
  const made = await addClass(world.teacher);
  expect((await heard).map((e) => [e.kind, e.classId])).toEqual([
    ['class-changed', made.classId],
    ['class-changed', made.classId],
  ]);
});

test('a line ends soon after its teacher has signed out', async () => {
  const laptop = device(application);
  const signedIn = await laptop.post('/session', { email: 'one@weir.example', password: PASSWORD }).expect(200);
  const [name, token] = signedIn.get('set-cookie')![0]!.split(';')[0]!.split('=') as [string, string];
  const [{ id, school_id }] = (await application.dataSource.query('SELECT id, school_id FROM teacher')) as [
    { id: string; school_id: string },
  ];
  jest.useFakeTimers({
    doNotFake: ['Date', 'nextTick', 'setImmediate', 'setTimeout', 'clearTimeout', 'queueMicrotask', 'performance', 'hrtime'],
  });
  const line = application.app
    .get(LiveController)
    .events({ kind: 'teacher', teacherId: id, schoolId: school_id }, { cookies: { [name]: token } } as unknown as Request);
  const beats: string[] = [];
  const ended = new Promise<void>((next) => line.subscribe({ next: (e) => beats.push(e.type!), complete: next }));
  jest.advanceTimersByTime(20_000);
  await until(() => beats.length === 1);
  await laptop.delete('/session').expect(204);
  jest.advanceTimersByTime(20_000);
  await ended;
  jest.useRealTimers();
  expect(beats).toEqual(['heartbeat']);
});
