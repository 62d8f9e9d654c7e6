import { msNow } from '@bright-sprout/core/clock/clock';
import { type CareView } from '@bright-sprout/contracts/answers/care';
import { type HeldView } from '@bright-sprout/contracts/answers/held';
import { type InvestigationRecords, type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { OTHER_TEAM, TEAM_HEADER } from '@bright-sprout/contracts/problems';
import request from 'supertest';
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
let teacher: Device;

beforeAll(async () => {
  application = await startApplication();
  ({ teacher } = await startClass(application));
});
afterAll(() => application.close());

const minutesAgo = (minutes: number) => new Date(msNow() - minutes * 60_000).toISOString();
const minutesAhead = (minutes: number) => minutesAgo(-minutes);

/** A class of its own with a team that has containers. */
async function newClass() {
  const world = await addClass(teacher);
  const kites = await joined(application, world.group, 'kite');
  const [pot, other] = await ownContainers(kites);
  const teamOf = (emblem: string) => world.group.teams.find((t) => t.emblem === emblem)!.id;
  const change = async (part: object) => {
    const { version } = (await teacher.get(`/investigations/${world.investigationId}`)).body.investigation as InvestigationView;
    await teacher.patch(`/investigations/${world.investigationId}`, { ...part, version }).expect(200);
  };
  return { ...world, kites, pot: pot!, other: other!, teamOf, change };
}

type World = Awaited<ReturnType<typeof newClass>>;

const careOf = ({ investigationId }: World, recordedAt: string) => ({
  investigationId,
  kind: 'water',
  task: 'water',
  day: recordedAt.slice(0, 10),
  recordedAt,
});

/** Every way in which a team writes, done at a moment. */
async function written(world: World, recordedAt: string, status: number) {
  const { kites, pot } = world;
  const answers = [
    await kites.put(`/bench/checks/${v7()}`, { ...checkOf(pot.id), recordedAt }),
    await kites.put(`/bench/care/${v7()}`, careOf(world, recordedAt)),
    await kites.put(`/bench/deviations/${v7()}`, { containerId: pot.id, kind: 'other', recordedAt }),
  ];
  expect(answers.map((a) => a.status)).toEqual([status, status, status]);
}

describe('what a team did before counts, whenever it arrives', () => {
  test('the investigation was ended meanwhile: before is taken, after is not', async () => {
    const world = await newClass();
    await world.change({ phase: 'finished' });
    await written(world, minutesAgo(3), 200);
    await written(world, minutesAhead(3), 422);
    const { investigation } = (await teacher.get(`/investigations/${world.investigationId}`)).body as InvestigationRecords;
    expect(investigation.cameLate).toBe(1);
    // Opened and ended again, the end moves on.
    await world.change({ phase: 'growing' });
    await written(world, minutesAhead(0), 200);
  });

  test('it was put away meanwhile', async () => {
    const world = await newClass();
    await world.change({ removed: true });
    await written(world, minutesAgo(3), 200);
    const late = await world.kites.put(`/bench/checks/${v7()}`, { ...checkOf(world.pot.id), recordedAt: minutesAhead(2) });
    expect(late.status).toBe(404);
  });

  test('one rule holds while checking is closed', async () => {
    const world = await newClass();
    await world.change({ checkingOpen: false });
    await written(world, minutesAgo(2), 200);
    await written(world, minutesAhead(2), 422);
  });

  test('the pot was given to another team meanwhile, and given back', async () => {
    const world = await newClass();
    const { kites, pot, teamOf } = world;
    const bells = await joined(application, world.group, 'bell');
    const move = v7();
    const body = { investigationId: world.investigationId, kind: 'move-team', containerId: pot.id, teamId: teamOf('bell') };
    await teacher.put(`/run-changes/${move}`, body).expect(200);
    const check = (at: string) => ({ ...checkOf(pot.id), recordedAt: at });
    await kites.put(`/bench/checks/${v7()}`, check(minutesAgo(3))).expect(200);
    await kites.put(`/bench/checks/${v7()}`, check(minutesAhead(3))).expect(403);
    const whileTheirs = check(new Date(msNow()).toISOString());
    await teacher.delete(`/run-changes/${move}`).expect(204);
    await bells.put(`/bench/checks/${v7()}`, whileTheirs).expect(200);
    await bells.put(`/bench/checks/${v7()}`, check(minutesAgo(3))).expect(403);
  });

  test('a repeat is recognised before it is judged', async () => {
    const world = await newClass();
    const [check, care, deviation] = [v7(), v7(), v7()];
    const now = new Date(msNow()).toISOString();
    const send = async () => [
      (await world.kites.put(`/bench/checks/${check}`, sent)).status,
      (await world.kites.put(`/bench/care/${care}`, careOf(world, now))).status,
      (await world.kites.put(`/bench/deviations/${deviation}`, { containerId: world.pot.id, kind: 'other', recordedAt: now }))
        .status,
    ];
    const sent = checkOf(world.pot.id);
    expect(await send()).toEqual([200, 200, 200]);
    await teacher
      .put(`/run-changes/${v7()}`, { investigationId: world.investigationId, kind: 'move-team', containerId: world.pot.id })
      .expect(200);
    await world.change({ phase: 'finished' });
    expect(await send()).toEqual([200, 200, 200]);
  });

  test('days of care have bounds', async () => {
    const world = await newClass();
    const on = (day: string) => world.kites.put(`/bench/care/${v7()}`, { ...careOf(world, minutesAgo(1)), day });
    expect((await on('2031-01-01')).status).toBe(422);
    expect((await on('1999-01-01')).status).toBe(422);
  });
});

describe('a tablet that changes hands', () => {
  test('what one team entered never goes out as another', async () => {
    const world = await newClass();
    const kite = world.teamOf('kite');
    const put = (id: string) =>
      request(application.server)
        .put(`/api/v1/bench/checks/${v7()}`)
        .set('cookie', cookieOf(id))
        .set(TEAM_HEADER, kite)
        .send(checkOf(world.pot.id));
    const cookies = new Map<string, string>();
    const cookieOf = (id: string) => cookies.get(id)!;
    for (const emblem of ['kite', 'bell']) {
      const { pin } = world.group.teams.find((t) => t.emblem === emblem)!;
      const answer = await request(application.server)
        .post('/api/v1/join')
        .send({ classCode: world.group.joinCode, emblem, pin });
      cookies.set(emblem, (answer.headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!);
    }
    expect((await put('kite')).status).toBe(200);
    const refused = await put('bell');
    expect([refused.status, (refused.body as { type: string }).type]).toEqual([409, OTHER_TEAM]);
    // A second join on the same tablet ends the session before it.
    const { pin } = world.group.teams.find((t) => t.emblem === 'bell')!;
    await request(application.server)
      .post('/api/v1/join')
      .set('cookie', cookieOf('kite'))
      .send({ classCode: world.group.joinCode, emblem: 'bell', pin })
      .expect(204);
    expect((await put('kite')).status).toBe(401);
  });
});

describe('what cannot be taken', () => {
  const reason = { code: 'refusals.containerBelongsAnotherTeam' };
  const held = async (classId: string) => (await teacher.get(`/classes/${classId}/held`).expect(200)).body as HeldView[];

  test('waits for the teacher, who takes it in or leaves it out; both once', async () => {
    const world = await newClass();
    const [check, care] = [v7(), v7()];
    const body = { ...checkOf(world.pot.id), day: new Date(msNow()).toISOString().slice(0, 10) };
    for (let twice = 0; twice < 2; twice++) {
      await world.kites.put(`/bench/held/${check}`, { kind: 'check', body, reason }).expect(204);
      await world.kites.put(`/bench/held/${care}`, { kind: 'care', body: careOf(world, minutesAgo(1)), reason }).expect(204);
    }
    expect(await held(world.classId)).toMatchObject([
      { id: check, kind: 'check', code: world.pot.code, reason, team: { emblem: 'kite' }, body: { containerId: world.pot.id } },
      { id: care, kind: 'care', code: null },
    ]);
    for (let twice = 0; twice < 2; twice++) {
      await teacher.put(`/held/${check}/taken`, {}).expect(204);
      await teacher.delete(`/held/${care}`).expect(204);
    }
    expect(await held(world.classId)).toEqual([]);
    const { readings, investigation } = (await teacher.get(`/investigations/${world.investigationId}`))
      .body as InvestigationRecords;
    expect(readings.filter((r) => r.id === body.readings[0]!.id)).toHaveLength(1);
    expect(investigation.care.filter((c: CareView) => c.id === care)).toEqual([]);
    // The device that still has it learns that it is there.
    await world.kites.put(`/bench/checks/${check}`, body).expect(200);
  });

  test('is whole, of the own class, and seen by its teacher alone', async () => {
    const world = await newClass();
    const elsewhere = await newClass();
    const id = v7();
    await world.kites.put(`/bench/held/${v7()}`, { kind: 'check', body: { containerId: 'x' }, reason }).expect(400);
    await world.kites.put(`/bench/held/${v7()}`, { kind: 'photo', body: {}, reason }).expect(400);
    // A container of another class has no name here.
    await world.kites.put(`/bench/held/${id}`, { kind: 'check', body: checkOf(elsewhere.pot.id), reason }).expect(204);
    expect(await held(world.classId)).toMatchObject([{ id, code: null }]);
    await elsewhere.kites.put(`/bench/held/${id}`, { kind: 'check', body: checkOf(elsewhere.pot.id), reason }).expect(409);
    const other = await signedInTeacher(application);
    await other.get(`/classes/${world.classId}/held`).expect(404);
    await other.put(`/held/${id}/taken`, {}).expect(404);
    await other.delete(`/held/${id}`).expect(404);
    await world.kites.get(`/classes/${world.classId}/held`).expect(401);
    await teacher.put(`/held/${id}/taken`, {}).expect(422);
    expect(await held(world.classId)).toHaveLength(1);
  });
});

test('a team takes back only what it wrote itself', async () => {
  const world = await newClass();
  const own = v7();
  const theirs = v7();
  const recordedAt = new Date(msNow()).toISOString();
  await world.kites.put(`/bench/deviations/${own}`, { containerId: world.pot.id, kind: 'extra-seed', recordedAt }).expect(200);
  await teacher.put(`/deviations/${theirs}`, { containerId: world.pot.id, kind: 'other-soil', recordedAt }).expect(200);
  await world.kites.delete(`/bench/deviations/${own}`).expect(204);
  await world.kites.delete(`/bench/deviations/${theirs}`).expect(403);
});
