import { v7 } from 'uuid';
import {
  addClass,
  type Device,
  device,
  joined,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

/** Open to everybody: what it takes to come in, and the screen whose link is its key. */
const OPEN = [
  'GET /api/health',
  'GET /api/v1/session',
  'POST /api/v1/session',
  'DELETE /api/v1/session',
  'POST /api/v1/teachers/first',
  'GET /api/v1/join/:classCode',
  'POST /api/v1/join',
  'DELETE /api/v1/join',
  'GET /api/v1/screens/:token',
  'GET /api/v1/screens/:token/news',
  'GET /api/v1/screens/:token/events',
  'GET /api/v1/openapi.json',
  'GET /api/v1/openapi.yaml',
  'GET /api/v1/docs/openapi.json',
];

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let routes: { method: string; path: string }[];

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  const { stack } = (
    application.app.getHttpAdapter().getInstance() as unknown as {
      router: { stack: { route?: { path: string; methods: Record<string, boolean> } }[] };
    }
  ).router;
  routes = stack.flatMap(({ route }) =>
    route
      ? Object.keys(route.methods)
          .filter((m) => ['get', 'put', 'post', 'patch', 'delete'].includes(m))
          .map((m) => ({ method: m, path: route.path }))
      : [],
  );
});
afterAll(() => application.close());

const nameOf = ({ method, path }: { method: string; path: string }) => `${method.toUpperCase()} ${path}`;
const fenced = () => routes.filter((r) => r.path.startsWith('/api/') && !OPEN.includes(nameOf(r)) && !r.path.includes('*'));

/** The address with the ids of the first class in it, where it asks for some. */
function addressOf(path: string): string {
  return path
    .replace('/api/v1', '')
    .replace('/classes/:id', `/classes/${world.classId}`)
    .replace('/classes/:classId', `/classes/${world.classId}`)
    .replace('/investigations/:id', `/investigations/${world.investigationId}`)
    .replace('/investigations/:investigationId', `/investigations/${world.investigationId}`)
    .replace('/plans/:id', `/plans/${world.investigationId}`)
    .replace(/:\w+/g, () => v7());
}

function ask(who: Device, { method, path }: { method: string; path: string }) {
  const address = addressOf(path);
  if (method === 'get' || method === 'delete') return who[method](address);
  return who[method as 'put' | 'post' | 'patch'](address, {});
}

const isTeams = (path: string) => path.startsWith('/api/v1/bench');

test('there are routes to look at, of both kinds', () => {
  expect(fenced().filter((r) => isTeams(r.path)).length).toBeGreaterThan(10);
  expect(fenced().filter((r) => !isTeams(r.path)).length).toBeGreaterThan(30);
});

test('nobody comes through any route without a session', async () => {
  const stranger = device(application);
  for (const route of fenced()) expect([nameOf(route), (await ask(stranger, route)).status]).toEqual([nameOf(route), 401]);
});

test('a team comes through no route of teachers, a teacher through none of teams', async () => {
  const kites = await joined(application, world.group, 'kite');
  for (const route of fenced()) {
    const wrong = isTeams(route.path) ? world.teacher : kites;
    expect([nameOf(route), (await ask(wrong, route)).status]).toEqual([nameOf(route), 401]);
  }
});

test('another teacher, and a team of another class, see and change nothing of the first through any route', async () => {
  const other = await signedInTeacher(application);
  const elsewhere = await addClass(other);
  const strangers = await joined(application, elsewhere.group, 'kite');
  const secrets = [world.classId, world.investigationId, world.group.joinCode, ...world.group.teams.map((t) => t.id)];
  const before = await world.teacher.get(`/investigations/${world.investigationId}`);
  for (const route of fenced()) {
    // A line that stays open has its own test.
    if (route.path.endsWith('/events')) continue;
    const answer = await ask(isTeams(route.path) ? strangers : other, route);
    const told = answer.text ?? '';
    expect([nameOf(route), answer.status < 500, secrets.filter((s) => told.includes(s))]).toEqual([nameOf(route), true, []]);
  }
  const after = await world.teacher.get(`/investigations/${world.investigationId}`);
  expect(after.body).toEqual(before.body);
});
