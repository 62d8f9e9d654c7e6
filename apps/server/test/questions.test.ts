import { type AlikeView } from '@bright-sprout/contracts/answers/investigations';
import { type SavedQuestion } from '@bright-sprout/contracts/answers/questions';
import { type NewScreenLink, type ScreenLinkView, type ScreenView } from '@bright-sprout/contracts/answers/screens';
import { v7 } from 'uuid';
import { addClass, device, signedInTeacher, startApplication, startClass, type TestApplication } from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
});
afterAll(() => application.close());

const questions = () => `/investigations/${world.investigationId}/questions`;
const ASKED = { name: 'Leaves by teams', address: 'day=2026-03-19&what=leaves&by=teams' };

test('a question is kept once however often it is sent, renamed, taken away, and sent again had back', async () => {
  const id = v7();
  const list = async () => (await world.teacher.get(questions()).expect(200)).body as SavedQuestion[];
  await world.teacher.put(`${questions()}/${id}`, ASKED).expect(200);
  await world.teacher.put(`${questions()}/${id}`, ASKED).expect(200);
  expect(await list()).toEqual([expect.objectContaining({ id, ...ASKED })]);
  await world.teacher.put(`${questions()}/${id}`, { ...ASKED, name: 'Who has most leaves?' }).expect(200);
  expect((await list())[0]!.name).toBe('Who has most leaves?');
  await world.teacher.delete(`${questions()}/${id}`).expect(204);
  await world.teacher.delete(`${questions()}/${id}`).expect(204);
  expect(await list()).toEqual([]);
  await world.teacher.put(`${questions()}/${id}`, ASKED).expect(200);
  expect(await list()).toHaveLength(1);
});

test('what is not a question of the page is refused in words, and there are at most so many', async () => {
  const put = (body: object) => world.teacher.put(`${questions()}/${v7()}`, body);
  expect((await put({ ...ASKED, address: 'by=<script>' }).expect(400)).text).toContain('That is not a question of this page.');
  expect((await put({ ...ASKED, name: '' }).expect(400)).text).toContain('Name the question');
  expect((await put({ ...ASKED, address: 'a'.repeat(900) }).expect(400)).text).toContain('too long');
  for (let i = 0; i < 39; i++) await put({ ...ASKED, name: `${i}` }).expect(200);
  expect((await put(ASKED).expect(422)).text).toContain('At most 40');
  // Nor is one had back over that number.
  const { id } = ((await world.teacher.get(questions())).body as SavedQuestion[])[0]!;
  await world.teacher.delete(`${questions()}/${id}`).expect(204);
  await put(ASKED).expect(200);
  expect((await world.teacher.put(`${questions()}/${id}`, ASKED).expect(422)).text).toContain('At most 40');
});

test('another teacher neither sees, keeps nor takes away questions of this class, nor puts one on its screens', async () => {
  const other = await signedInTeacher(application);
  const link = (await world.teacher.post(`/investigations/${world.investigationId}/screen-links`).expect(201))
    .body as NewScreenLink;
  await other.get(questions()).expect(404);
  await other.put(`${questions()}/${v7()}`, ASKED).expect(404);
  await other.delete(`${questions()}/${v7()}`).expect(404);
  await other.get(`/investigations/${world.investigationId}/alike`).expect(404);
  await other
    .put(`/investigations/${world.investigationId}/screen-links/${link.id}/question`, { address: 'by=teams' })
    .expect(404);
  // Nor is a question of one investigation changed by way of another of the same teacher.
  const second = await addClass(world.teacher);
  const id = v7();
  const mine = (await world.teacher.get(questions())).body as SavedQuestion[];
  await world.teacher.put(`/investigations/${second.investigationId}/questions/${mine[0]!.id}`, ASKED).expect(409);
  await world.teacher.put(`/investigations/${second.investigationId}/questions/${id}`, ASKED).expect(200);
});

test('a screen shows the question that was put on it, until the wall is put back', async () => {
  const base = `/investigations/${world.investigationId}/screen-links`;
  const link = (await world.teacher.post(base).expect(201)).body as NewScreenLink;
  const screen = device(application);
  const seen = async () => ((await screen.get(`/screens/${link.token}`).expect(200)).body as ScreenView).question;
  expect(await seen()).toBeNull();
  const shown = await world.teacher.put(`${base}/${link.id}/question`, { address: ASKED.address }).expect(200);
  expect((shown.body as ScreenLinkView).question).toBe(ASKED.address);
  expect(await seen()).toBe(ASKED.address);
  await world.teacher.put(`${base}/${link.id}/question`, { address: 'x y' }).expect(400);
  await world.teacher.put(`${base}/${link.id}/question`, { address: null }).expect(200);
  expect(await seen()).toBeNull();
  await world.teacher.put(`${base}/${v7()}/question`, { address: null }).expect(404);
});

test('what sowed the same treatments is found, in this teacher’s classes alone', async () => {
  const second = await addClass(world.teacher);
  const alike = (await world.teacher.get(`/investigations/${world.investigationId}/alike`).expect(200)).body as AlikeView[];
  expect(alike.map((a) => a.id)).toContain(second.investigationId);
  expect(alike.map((a) => a.id)).not.toContain(world.investigationId);
});
