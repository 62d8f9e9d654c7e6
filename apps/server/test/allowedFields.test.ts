import { nothing, orNull, shape } from '@bright-sprout/contracts/answers/shape';
import { type TSchema, Type } from '@sinclair/typebox';
import { Value } from '@sinclair/typebox/value';
import { allowed, answerStrictly } from '../src/answers/allowed';
import { ANSWERS } from '../src/answers/answers';
import {
  checkOf,
  type Device,
  device,
  joined,
  ownContainers,
  startApplication,
  startClass,
  type TestApplication,
} from './application';
import { v7 } from 'uuid';

type Schema = TSchema & { $ref?: string; items?: Schema };
interface Operation {
  responses: Record<string, { content?: Record<string, { schema: Schema }> }>;
}
interface Description {
  paths: Record<string, Record<string, Operation>>;
}

/** Answers of these are files, lines that stay open, or the description itself. */
const NO_FIELDS = /(export\.(csv|xlsx)|plan\.json|days\.ics|package\.zip|events)$|\/(photos|frames)\/\{id\}(\/small)?$/;

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;
let token: string;
let api: Description;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  const [own] = await ownContainers(kites);
  await kites.put(`/bench/checks/${v7()}`, checkOf(own!.id)).expect(200);
  await world.teacher.patch(`/investigations/${world.investigationId}`, { version: 1, sharedWithTeams: true }).expect(200);
  token = (await world.teacher.post(`/investigations/${world.investigationId}/screen-links`).expect(201)).body.token as string;
  api = (await device(application).get('/openapi.json').expect(200)).body as Description;
});
afterAll(() => application.close());

const answersOf = (operation: Operation) =>
  Object.values(operation.responses).flatMap(({ content }) => content?.['application/json']?.schema ?? []);

/** The schema itself, where the description points to it. */
function schemaOf(described: Schema): TSchema {
  if (described.items?.$ref) return Type.Array(schemaOf(described.items));
  return ANSWERS.get(described.$ref!.split('/').pop()!)!;
}

/** What may be asked for, with the ids of the class in it; null where it asks for something the class has not. */
function addressOf(path: string): string | null {
  const filled = path
    .replace('/api/v1', '')
    .replace('/classes/{id}', `/classes/${world.classId}`)
    .replace('/classes/{classId}', `/classes/${world.classId}`)
    .replace(/\/(investigations|bench\/investigations|bench\/conclude|plans)\/\{id\}/, `/$1/${world.investigationId}`)
    .replace('{token}', token)
    .replace('/join/{classCode}', `/join/${world.group.joinCode}`)
    .replace('/keeping/{kind}/{id}', `/keeping/class/${world.classId}`)
    .replace('{key}', 'none');
  return filled.includes('{') ? null : filled;
}

const reads = () =>
  Object.entries(api.paths).flatMap(([path, { get }]) =>
    get && !NO_FIELDS.test(path) ? [{ path, schema: answersOf(get)[0] }] : [],
  );

/** The names of fields in an answer, at any depth. */
function fieldsOf(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(fieldsOf);
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([name, inner]) => [name, ...fieldsOf(inner)]);
}

test('every question is answered by a schema', () => {
  expect(reads().length).toBeGreaterThan(25);
  expect(
    reads()
      .filter(({ schema }) => !schema)
      .map(({ path }) => path),
  ).toEqual([]);
});

test('whatever a teacher, a team and a screen are answered has the fields of its schema and no other', async () => {
  const askers = { teacher: world.teacher, team: kites, screen: device(application) };
  const answered = { teacher: 0, team: 0, screen: 0 };
  const faults: string[] = [];
  for (const { path, schema } of reads()) {
    const address = addressOf(path);
    if (!address || !schema) continue;
    for (const [who, asker] of Object.entries(askers)) {
      const { status, body } = await asker.get(address);
      if (status >= 500) faults.push(`${who} ${path}: ${status}`);
      if (status !== 200) continue;
      answered[who as keyof typeof answered]++;
      for (const { path: at, message } of [...Value.Errors(schemaOf(schema), body)].slice(0, 2))
        faults.push(`${who} ${path}${at}: ${message}`);
      const secret = fieldsOf(body).filter(
        (f) => /password|hash|secret|email|sealed/i.test(f) || (who !== 'teacher' && /^(pin|joinCode|token)$/.test(f)),
      );
      if (path !== '/api/v1/session') faults.push(...secret.map((f) => `${who} ${path}: ${f}`));
    }
  }
  expect(faults).toEqual([]);
  expect(answered.teacher).toBeGreaterThan(20);
  expect(answered.team).toBeGreaterThan(6);
  expect(answered.screen).toBeGreaterThan(3);
});

describe('where an answer is not as its schema says', () => {
  beforeEach(() => answerStrictly(false));
  afterEach(() => answerStrictly(true));

  test('a field that nobody allowed stays here, at any depth, and the rest goes', () => {
    const team = shape({ nickname: Type.String(), pots: Type.Array(shape({ code: Type.String() })) });
    const row = { nickname: 'Kites', pinSealed: 'x', pots: [{ code: 'A1', seenBy: 'somebody' }] };
    answerStrictly(true);
    expect(() => allowed(team, row)).toThrow('An answer is not as its schema says at /pinSealed');
    answerStrictly(false);
    expect(allowed(team, row)).toEqual({ nickname: 'Kites', pots: [{ code: 'A1' }] });
    expect(row.pinSealed).toBe('x');
  });

  test('what a screen never sees stays here: lists that are empty, words that are null', () => {
    const seen = shape({ care: nothing, note: Type.Null(), last: Type.Tuple([Type.Number(), Type.Number()]) });
    const answer = { care: [{ note: 'Ours' }], note: 'It smells', last: [1, 2], more: true };
    expect(allowed<unknown>(seen, answer)).toEqual({ care: [], note: null, last: [1, 2] });
  });

  test('a text that is too long takes no field with it that nobody allowed', () => {
    const plan = orNull(
      Type.Union([shape({ code: Type.Literal('a'), label: Type.String({ maxLength: 3 }) }), shape({ code: Type.Literal('b') })]),
    );
    expect(allowed<unknown>(plan, { code: 'a', label: 'longer', teamId: 'x' })).toEqual({ code: 'a', label: 'longer' });
    expect(allowed<unknown>(Type.Record(Type.String(), plan), { A: { code: 'b', teamId: 'x' }, B: null })).toEqual({
      A: { code: 'b' },
      B: null,
    });
  });
});
