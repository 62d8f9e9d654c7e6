import { timeNow } from '@bright-sprout/core/clock/clock';
import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { type InvestigationRecords, type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type PlanView } from '@bright-sprout/contracts/answers/plans';
import { kindsBeside } from '@bright-sprout/core/plan/document/kindsCompared';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { planFrom } from '@bright-sprout/core/plan/document/startingPoints';
import { v7 } from 'uuid';
import {
  checkOf,
  type Device,
  device,
  joined,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;
let sown: InvestigationView;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  const id = v7();
  const document = planFrom('salt-steps', { gradeBand: 'middle', teams: 2, today: '2026-03-02' }, 7);
  await world.teacher.put(`/plans/${id}`, { classId: world.classId, version: 0, document }).expect(200);
  sown = (await world.teacher.put(`/plans/${id}/sowing`, { version: 1 }).expect(200)).body as InvestigationView;
});
afterAll(() => application.close());

const ownOf = (emblem: string) =>
  sown.containers.find((c) => c.teamId === world.group.teams.find((t) => t.emblem === emblem)!.id)!;
const deviations = async () =>
  ((await world.teacher.get(`/investigations/${sown.id}`).expect(200)).body as InvestigationRecords).investigation.deviations;

test('the run sheet goes with the investigation, to the teams too', async () => {
  expect(sown.runSheet.length).toBeGreaterThan(5);
  const bench = (await kites.get('/bench').expect(200)).body as BenchView;
  expect(bench.investigations.find((i) => i.investigation.id === sown.id)!.investigation.runSheet).toEqual(sown.runSheet);
});

test('a team writes down what went differently, twice the same is once, and it can be taken back', async () => {
  const id = v7();
  const body = { containerId: ownOf('kite').id, kind: 'broken-seed', recordedAt: timeNow().toISOString() };
  await kites.put(`/bench/deviations/${id}`, body).expect(200);
  await kites.put(`/bench/deviations/${id}`, body).expect(200);
  expect(await deviations()).toEqual([{ id, containerId: body.containerId, kind: body.kind, seeds: null, note: null }]);
  await kites.put(`/bench/deviations/${id}`, { ...body, kind: 'other' }).expect(409);
  await kites.delete(`/bench/deviations/${id}`).expect(204);
  await kites.delete(`/bench/deviations/${id}`).expect(204);
  expect(await deviations()).toEqual([]);
  const kept = (await application.dataSource.query('SELECT taken_back_at FROM deviation')) as { taken_back_at: Date | null }[];
  expect(kept[0]!.taken_back_at).not.toBeNull();
});

test('a team writes for its own containers only, the teacher for all, strangers for none', async () => {
  const foreign = {
    containerId: ownOf('bell').id,
    kind: 'other-soil',
    note: 'the bag was empty',
    recordedAt: timeNow().toISOString(),
  };
  await kites.put(`/bench/deviations/${v7()}`, foreign).expect(403);
  const id = v7();
  await world.teacher.put(`/deviations/${id}`, foreign).expect(200);
  await kites.delete(`/bench/deviations/${id}`).expect(403);
  const stranger = await signedInTeacher(application);
  await stranger.put(`/deviations/${v7()}`, foreign).expect(404);
  await stranger.delete(`/deviations/${id}`).expect(404);
  await device(application).put(`/deviations/${v7()}`, foreign).expect(401);
  expect(await deviations()).toHaveLength(1);
});

test('an unknown kind is refused with a sentence', async () => {
  const { body } = await kites.put(`/bench/deviations/${v7()}`, { containerId: ownOf('kite').id, kind: 'magic' }).expect(400);
  expect(JSON.stringify(body)).toContain('Choose what went differently.');
});

describe('a sowing that is taken back', () => {
  async function sowOne(): Promise<InvestigationView> {
    const id = v7();
    const document = planFrom('how-deep', { gradeBand: 'middle', teams: 2, today: '2026-03-02' }, 7);
    await world.teacher.put(`/plans/${id}`, { classId: world.classId, version: 0, document }).expect(200);
    return (await world.teacher.put(`/plans/${id}/sowing`, { version: 1 }).expect(200)).body as InvestigationView;
  }

  test('is a plan again that can be changed and sown; asked twice it is done once', async () => {
    const { id } = await sowOne();
    const first = await world.teacher.delete(`/plans/${id}/sowing`).expect(200);
    const second = await world.teacher.delete(`/plans/${id}/sowing`).expect(200);
    expect(first.body).toMatchObject({ sown: false, version: 2 });
    expect(second.body).toEqual(first.body);
    await world.teacher.get(`/investigations/${id}`).expect(404);
    const document = { ...(first.body as PlanView).document, containersEach: 3 };
    await world.teacher.put(`/plans/${id}`, { classId: world.classId, version: 2, document }).expect(200);
    const again = (await world.teacher.put(`/plans/${id}/sowing`, { version: 3 }).expect(200)).body as InvestigationView;
    expect(again.containers).toHaveLength(3 * again.treatments.length);
  });

  test('stays sown once anything was written down of it, by whomever', async () => {
    const { id, containers } = await sowOne();
    const own = containers.find((c) => c.teamId === world.group.teams.find((t) => t.emblem === 'kite')!.id)!;
    await kites
      .put(`/bench/deviations/${v7()}`, { containerId: own.id, kind: 'broken-seed', recordedAt: timeNow().toISOString() })
      .expect(200);
    const { body } = await world.teacher.delete(`/plans/${id}/sowing`).expect(422);
    expect(JSON.stringify(body)).toContain('so it stays sown');
    await world.teacher.get(`/investigations/${id}`).expect(200);
  });

  test('is nobody else’s to take back', async () => {
    const { id } = await sowOne();
    const stranger = await signedInTeacher(application);
    await stranger.delete(`/plans/${id}/sowing`).expect(404);
    await device(application).delete(`/plans/${id}/sowing`).expect(401);
    await kites.delete(`/plans/${id}/sowing`).expect(401);
  });
});

describe('pots in reserve, pots of children, seeds that are counted', () => {
  async function sowLike(start: string, part: Partial<PlanDocument>): Promise<InvestigationView> {
    const id = v7();
    const document = { ...planFrom(start, { gradeBand: 'middle', teams: 2, today: '2026-03-02' }, 7), ...part };
    await world.teacher.put(`/plans/${id}`, { classId: world.classId, version: 0, document }).expect(200);
    return (await world.teacher.put(`/plans/${id}/sowing`, { version: 1 }).expect(200)).body as InvestigationView;
  }
  const viewOf = async ({ id }: InvestigationView) =>
    ((await world.teacher.get(`/investigations/${id}`).expect(200)).body as InvestigationRecords).investigation;

  test('a pot in reserve is nobody’s to look at until it takes the place of a lost one of its treatment', async () => {
    const plan = await sowLike('salt-steps', { reserveEach: 1 });
    expect(plan.reserve.map((c) => [c.code, c.teamId])).toEqual(['A4', 'B4', 'C4', 'D4'].map((code) => [code, null]));
    const [spare] = plan.reserve;
    const own = plan.containers.find((c) => c.code === 'A1')!;
    const other = plan.containers.find((c) => c.code === 'B1')!;
    const bench = (await kites.get('/bench').expect(200)).body as BenchView;
    const seen = bench.investigations.find((i) => i.investigation.id === plan.id)!.investigation;
    expect(seen.containers.map((c) => c.code)).not.toContain('A4');
    await world.teacher.put(`/checks/${v7()}`, checkOf(spare!.id)).expect(404);
    await kites.put(`/bench/checks/${v7()}`, checkOf(spare!.id)).expect(403);

    const take = (replacesId: string) => ({
      investigationId: plan.id,
      kind: 'from-reserve',
      containerId: spare!.id,
      replacesId,
      note: 'knocked over',
    });
    await world.teacher.put(`/run-changes/${v7()}`, take(other.id)).expect(422);
    const stranger = await signedInTeacher(application);
    await stranger.put(`/run-changes/${v7()}`, take(own.id)).expect(404);
    const id = v7();
    await world.teacher.put(`/run-changes/${id}`, take(own.id)).expect(200);
    const again = await world.teacher.put(`/run-changes/${id}`, take(own.id)).expect(200);
    expect(again.body).toMatchObject({ code: 'A4', replaces: 'A1', toTeam: own.teamId });
    const taken = await viewOf(plan);
    expect(taken.reserve.map((c) => c.code)).toEqual(['B4', 'C4', 'D4']);
    expect(taken.containers.find((c) => c.code === 'A4')!.teamId).toBe(own.teamId);

    await world.teacher.delete(`/run-changes/${id}`).expect(204);
    expect((await viewOf(plan)).reserve).toHaveLength(4);
    const second = v7();
    await world.teacher.put(`/run-changes/${second}`, take(own.id)).expect(200);
    await world.teacher.put(`/checks/${v7()}`, checkOf(spare!.id)).expect(200);
    await world.teacher.delete(`/run-changes/${second}`).expect(422);
    // What was taken already is not taken twice.
    await world.teacher.put(`/run-changes/${v7()}`, take(own.id)).expect(422);
  });

  test('seeds that were counted, too many or too few are what is in the container', async () => {
    const plan = await sowLike('salt-steps', { seedsCounted: true, seedsEach: 50 });
    const pot = plan.containers[0]!;
    const seeds = async () => (await viewOf(plan)).containers.find((c) => c.id === pot.id)!.seedsSown;
    expect(await seeds()).toBe(50);
    const id = v7();
    await world.teacher
      .put(`/deviations/${id}`, { containerId: pot.id, kind: 'counted', seeds: 47, recordedAt: timeNow().toISOString() })
      .expect(200);
    expect(await seeds()).toBe(47);
    await world.teacher
      .put(`/deviations/${v7()}`, { containerId: pot.id, kind: 'extra-seed', recordedAt: timeNow().toISOString() })
      .expect(200);
    expect(await seeds()).toBe(48);
    await world.teacher.delete(`/deviations/${id}`).expect(204);
    expect(await seeds()).toBe(51);
    await world.teacher
      .put(`/deviations/${v7()}`, { containerId: pot.id, kind: 'counted', recordedAt: timeNow().toISOString() })
      .expect(422);
    await world.teacher
      .put(`/deviations/${v7()}`, { containerId: pot.id, kind: 'counted', seeds: 1.5, recordedAt: timeNow().toISOString() })
      .expect(400);
  });

  test('eight treatments are sown: two things crossed over two kinds', async () => {
    const { factors } = planFrom('sour-water-and-chalk', { gradeBand: 'middle', teams: 2, today: '2026-03-02' }, 7);
    const plan = await sowLike('sour-water-and-chalk', { factors: [...factors, kindsBeside('kale_cabbage')] });
    expect(plan.treatments.map((t) => t.code)).toEqual([...'ABCDEFGH']);
    expect(plan.factor).toBe('vinegar in the water, chalk in the soil and kind of seed');
    expect(new Set(plan.treatments.map((t) => t.speciesId)).size).toBe(2);
  });

  test('every child has a number beside the emblem of its team', async () => {
    const plan = await sowLike('own-pot-at-home', { containersEach: 15 });
    expect(plan.containers).toHaveLength(30);
    for (const team of plan.teams) {
      const numbers = plan.containers.filter((c) => c.teamId === team.id).map((c) => c.childNumber!);
      expect([...numbers].sort((a, b) => a - b)).toEqual(numbers.map((_, i) => i + 1));
    }
  });
});
