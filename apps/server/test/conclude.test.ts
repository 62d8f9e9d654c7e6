import { NO_LESSON } from '@bright-sprout/contracts/noLesson';
import { type BenchClaims, type LessonView, type TeamClaimView } from '@bright-sprout/contracts/answers/conclude';
import { teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import { v7 } from 'uuid';
import {
  addClass,
  type Device,
  joined,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;
let bells: Device;
let version = 1;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  bells = await joined(application, world.group, 'bell');
});
afterAll(() => application.close());

const bench = () => `/bench/conclude/${world.investigationId}`;
const investigation = () => `/investigations/${world.investigationId}`;
const entry = (part: string, text: string, minute = 0) => ({
  part,
  text,
  recordedAt: `2026-03-02T09:${String(minute).padStart(2, '0')}:00.000Z`,
});
const write = (team: Device, body: object, id = v7()) => team.put(`${bench()}/entries/${id}`, body);
const change = async (body: object) => {
  const { body: changed } = await world.teacher.patch(investigation(), { version, ...body }).expect(200);
  version = (changed as { version: number }).version;
};

test('nothing is concluded before the class’s records are shared, and nothing of it is kept', async () => {
  await kites.get(bench()).expect(403);
  await write(kites, entry('typed', 'Too early')).expect(403);
  expect((await kites.get('/bench/conclude').expect(200)).body).toEqual([]);
  await change({ sharedWithTeams: true });
  expect((await kites.get('/bench/conclude').expect(200)).body).toEqual([
    expect.objectContaining({ investigationId: world.investigationId, phase: 'growing' }),
  ]);
});

test('what a team writes is kept once however often it is sent; the newest of a part counts, and what was before stays', async () => {
  const id = v7();
  await write(kites, entry('typed', 'Salt is bad', 1), id).expect(200);
  await write(kites, entry('typed', 'Salt is bad', 1), id).expect(200);
  // What was written later may come first: it takes nothing back.
  await write(kites, entry('typed', 'Salt slows barley', 3)).expect(200);
  await write(kites, entry('typed', 'Salt may be bad', 2)).expect(200);
  await Promise.all([
    write(kites, entry('evidence.mean:A', 'in', 4)).expect(200),
    write(kites, entry('evidence.mark:x', 'in', 4)).expect(200),
  ]);
  const { own, others } = (await kites.get(bench()).expect(200)).body as BenchClaims;
  expect(teamClaimOf(own.entries)).toMatchObject({ typed: 'Salt slows barley', ready: false });
  expect(teamClaimOf(own.entries).evidence.sort()).toEqual(['mark:x', 'mean:A']);
  expect(own.entries.map((e) => e.text)).toContain('Salt may be bad');
  expect(others).toBeNull();
});

test('it can be written after the investigation has ended: that is when classes conclude', async () => {
  await change({ phase: 'finished' });
  await write(kites, entry('reasoning', 'Roots get less water.', 6)).expect(200);
  expect((await kites.get('/bench/conclude').expect(200)).body).toHaveLength(1);
});

test('no part, too long a text and another’s id are refused in words', async () => {
  expect((await write(kites, entry('grade', 'A')).expect(400)).body).toMatchObject({ code: 'refusals.partConclusion' });
  expect((await write(kites, entry('typed', 'x'.repeat(2001))).expect(400)).text).toContain('At most 2000 letters');
  const id = v7();
  await write(kites, entry('kept.beyond forever', 'in', 7), id).expect(200);
  await write(bells, entry('kept.beyond forever', 'in', 7), id).expect(409);
  await write(kites, entry('typed', 'in', 8), id).expect(409);
});

test('the teacher sees all teams side by side, says something, and takes it back; a team sees its own notes alone', async () => {
  const [kite] = world.group.teams;
  const path = `${investigation()}/claims/${kite!.id}/notes/${v7()}`;
  await world.teacher.put(path, { kind: 'question', text: 'Which of your cups show that?' }).expect(200);
  await world.teacher.put(path, { kind: 'question', text: 'Which cups show that?' }).expect(200);
  const all = (await world.teacher.get(`${investigation()}/claims`).expect(200)).body as TeamClaimView[];
  expect(all.map((c) => c.notes.length)).toEqual([1, 0]);
  const mine = (await kites.get(bench())).body as BenchClaims;
  expect(mine.own.notes.map((n) => n.text)).toEqual(['Which cups show that?']);
  await write(kites, entry(`answer.${mine.own.notes[0]!.id}`, 'C1 and C2', 9)).expect(200);
  await world.teacher.put(path, { kind: 'shout', text: '' }).expect(400);
  await world.teacher.delete(path).expect(204);
  await world.teacher.delete(path).expect(204);
  expect(((await kites.get(bench())).body as BenchClaims).own.notes).toEqual([]);
});

test('what the teacher settles has a version: sent twice it changes nothing, on an old one it is told; opening shows all claims to all', async () => {
  const path = `${investigation()}/lesson`;
  expect((await world.teacher.get(path).expect(200)).body).toEqual({ version: 0, document: NO_LESSON });
  const document = {
    ...NO_LESSON,
    pinned: ['slip-mended A1'],
    own: [{ id: '1', title: 'It smelled of earth.', asks: 'Why?', day: '2026-03-10' }],
    goals: [{ id: 'g', words: 'our door handle', mm: 1040 }],
    claimsOpen: true,
  };
  await world.teacher.put(path, { version: 0, document }).expect(200);
  const { body } = await world.teacher.put(path, { version: 0, document }).expect(200);
  expect(body).toEqual({ version: 1, document });
  const old = await world.teacher.put(path, { version: 0, document: NO_LESSON }).expect(409);
  expect((old.body as { current: LessonView }).current.version).toBe(1);
  await world.teacher.put(path, { version: 1, document: { ...document, surprise: 1 } }).expect(400);
  await world.teacher.put(path, { version: 1, document: { ...document, goals: [{ id: 'g', words: '', mm: 0 }] } }).expect(400);
  const seen = (await bells.get(bench()).expect(200)).body as BenchClaims;
  expect(seen.goals).toEqual(document.goals);
  expect(seen.others!.map((o) => [o.team.emblem, teamClaimOf(o.entries).typed, o.notes])).toEqual([
    [world.group.teams[0]!.emblem, 'Salt slows barley', []],
  ]);
});

test('nobody of another class, school or kind gets at it', async () => {
  const other = await signedInTeacher(application);
  const [kite] = world.group.teams;
  await other.get(`${investigation()}/lesson`).expect(404);
  await other.put(`${investigation()}/lesson`, { version: 0, document: NO_LESSON }).expect(404);
  await other.get(`${investigation()}/claims`).expect(404);
  await other.put(`${investigation()}/claims/${kite!.id}/notes/${v7()}`, { kind: 'comment', text: 'x' }).expect(404);
  await other.delete(`${investigation()}/claims/${kite!.id}/notes/${v7()}`).expect(404);
  const { group } = await addClass(other);
  const stranger = await joined(application, group, 'kite');
  await stranger.get(bench()).expect(404);
  await write(stranger, entry('typed', 'x')).expect(404);
  await world.teacher
    .put(`${investigation()}/claims/${group.teams[0]!.id}/notes/${v7()}`, { kind: 'comment', text: 'x' })
    .expect(404);
  await kites.get(`${investigation()}/claims`).expect(401);
  await world.teacher.get(bench()).expect(401);
});
