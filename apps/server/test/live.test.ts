import { timeNow } from '@bright-sprout/core/clock/clock';
import { type LiveEvent } from '@bright-sprout/contracts/answers/live';
import { type MessageEvent } from '@nestjs/common';
import { filter, firstValueFrom, type Observable, take, toArray } from 'rxjs';
import { newId } from '../src/database/ids';
import { type Request } from 'express';
import { Change } from '../src/live/change.entity';
import { ChangesService, type PlacedChange } from '../src/live/changes.service';
import { BenchLiveController, LiveController } from '../src/live/live.controller';
import { ScreensService } from '../src/screens/screens.service';
import {
  addClass,
  checkOf,
  device,
  joined,
  ownContainers,
  PASSWORD,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

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
async function listen(count: number): Promise<{ heard: Promise<PlacedChange[]> }> {
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
  const line = application.app.get(LiveController).events({ kind: 'teacher', teacherId: id, schoolId: school_id }, {
    cookies: { [name]: token },
    headers: {},
  } as unknown as Request);
  const beats: string[] = [];
  const ended = new Promise<void>((next) => line.subscribe({ next: (e) => beats.push(e.type!), complete: next }));
  await until(() => beats.length === 1);
  jest.advanceTimersByTime(20_000);
  await until(() => beats.length === 2);
  await laptop.delete('/session').expect(204);
  jest.advanceTimersByTime(20_000);
  await ended;
  jest.useRealTimers();
  expect(beats).toEqual(['here', 'heartbeat']);
});

describe('a line that comes back', () => {
  const teacherLine = async (after?: string) => {
    const [{ id, school_id }] = (await application.dataSource.query('SELECT id, school_id FROM teacher')) as [
      { id: string; school_id: string },
    ];
    const asking = { kind: 'teacher' as const, teacherId: id, schoolId: school_id };
    return application.app.get(LiveController).events(asking, { headers: {} } as unknown as Request, after);
  };
  const told = (line: Observable<MessageEvent>, count: number) =>
    firstValueFrom(
      line.pipe(
        filter((e) => e.type !== 'heartbeat'),
        take(count),
        toArray(),
      ),
    );
  const insert = (change: object) => application.dataSource.getRepository(Change).insert(change);
  const markNow = async () => (await told(await teacherLine(), 1))[0]!.id!;

  test('hears what came since its place, and nothing twice', async () => {
    const before = await markNow();
    const missed = [noted(), noted()];
    for (const change of missed) await insert({ ...change, subjectId: change.id });
    const line = told(await teacherLine(before), 3);
    await until(() => place() !== null);
    const fresh = noted();
    await insert({ ...fresh, subjectId: fresh.id });
    const heard = await line;
    expect(heard.map((e) => (e.data as LiveEvent).subjectId)).toEqual([...missed, fresh].map((c) => c.id));
    // What it was told is not told again, what stands in an empty place before it is.
    expect(heard[2]!.id).not.toBe(heard[1]!.id);
    const slow = noted();
    const [{ seq }] = (await application.dataSource.query('SELECT MAX(seq) AS seq FROM change_log')) as [{ seq: string }];
    await insert({ ...slow, subjectId: slow.id, seq: String(Number(seq) + 2) });
    const late = noted();
    const resumed = told(await teacherLine(`${Number(seq) + 2}.${Number(seq) + 1}`), 1);
    await insert({ ...late, subjectId: late.id, seq: String(Number(seq) + 1) });
    expect((await resumed).map((e) => (e.data as LiveEvent).subjectId)).toEqual([late.id]);
  });

  test('is told to ask for everything where the log does not reach back so far, or is another one', async () => {
    for (const nowhere of ['999999999', '0']) {
      if (nowhere === '0') await application.dataSource.query('DELETE FROM change_log WHERE seq < 3');
      expect((await told(await teacherLine(nowhere), 1))[0]!.type).toBe('reset');
    }
  });

  test('of a team hears of its class alone, and by name only of what is its own', async () => {
    const [kite, bell] = world.group.teams;
    const asking = { kind: 'team' as const, teamId: kite!.id, classId: world.classId, schoolId: 's' };
    const line = application.app.get(BenchLiveController).events(asking, { headers: {} } as unknown as Request);
    const heard = told(line, 3);
    await until(() => place() !== null);
    await insert({ ...noted(), classId: newId() });
    for (const teamId of [bell!.id, kite!.id]) await insert({ ...noted(), teamId, subjectId: newId() });
    const [, ofBells, ofKites] = (await heard).map((e) => e.data as LiveEvent);
    expect(ofBells).toEqual({ kind: 'check-saved', investigationId: null, subjectId: null, own: false });
    expect(ofKites).toMatchObject({ own: true, subjectId: expect.any(String) });
  });

  test('of a screen hears of its investigation, asks for the checks it was told of, and ends with its link', async () => {
    const made = await world.teacher.post(`/investigations/${world.investigationId}/screen-links`).expect(201);
    const { token, id } = made.body as { token: string; id: string };
    const line = await application.app.get(ScreensService).events(token, null);
    const heard = told(line, 2);
    await until(() => place() !== null);
    await insert({ ...noted(), investigationId: newId(), subjectId: newId() });
    const kites = await joined(application, world.group, 'kite');
    const checkId = newId();
    await kites.put(`/bench/checks/${checkId}`, checkOf((await ownContainers(kites))[0]!.id, { note: 'ours' })).expect(200);
    expect((await heard)[1]!.data).toEqual({ kind: 'check-saved', investigationId: world.investigationId, subjectId: checkId });
    const stranger = device(application);
    const { body } = await stranger.get(`/screens/${token}/news?checks=${checkId}`).expect(200);
    expect(body).toMatchObject({ investigation: null, photos: [], readings: [{ note: null }] });
    await world.teacher.delete(`/investigations/${world.investigationId}/screen-links/${id}`).expect(204);
    await stranger.get(`/screens/${token}/news?checks=${checkId}`).expect(404);
  });
});

test('every answer says up to which place it knows, and a check that comes after is told from there', async () => {
  const answer = await world.teacher.get(`/investigations/${world.investigationId}`).expect(200);
  expect(answer.headers['x-sprout-place']).toMatch(/^\d+(\.\d+)*$/);
});
