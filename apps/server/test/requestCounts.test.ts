import { RequestCounts } from '../src/access/requestCounts.service';
import { startApplication, type TestApplication } from './application';

let one: TestApplication;
let two: TestApplication;

beforeAll(async () => {
  one = await startApplication();
  two = await startApplication({ databaseUrl: one.settings.databaseUrl });
});
afterAll(async () => {
  await two.close();
  await one.close();
});

const counts = (of: TestApplication) => of.app.get(RequestCounts);
const hit = async (of: TestApplication, sender: string, times: number) => {
  let last = { totalHits: 0, isBlocked: false };
  for (let n = 0; n < times; n++) last = await counts(of).increment(sender, 60_000, 10);
  return last;
};

test('requests that came to another process count too, each once, however often they are told', async () => {
  expect(await hit(one, 'kites', 6)).toMatchObject({ totalHits: 6, isBlocked: false });
  expect(await hit(two, 'kites', 3)).toMatchObject({ totalHits: 3, isBlocked: false });
  await counts(one).tell();
  await counts(two).tell();
  await counts(two).tell();
  // Six there and three here, and one more.
  expect(await hit(two, 'kites', 1)).toMatchObject({ totalHits: 10, isBlocked: false });
  expect(await hit(two, 'kites', 1)).toMatchObject({ totalHits: 11, isBlocked: true });
  expect(await hit(two, 'bells', 1)).toMatchObject({ totalHits: 1, isBlocked: false });
  await counts(two).tell();
  await hit(one, 'kites', 1);
  await counts(one).tell();
  expect(await hit(one, 'kites', 1)).toMatchObject({ totalHits: 13, isBlocked: true });
});

test('a request is counted by the routes too', async () => {
  const { server } = one;
  const before = await one.dataSource.query<{ n: string }[]>('SELECT COALESCE(SUM(hits), 0) AS n FROM request_count');
  const request = (await import('supertest')).default;
  await request(server).get('/api/v1/session').expect(200);
  await counts(one).tell();
  const after = await one.dataSource.query<{ n: string }[]>('SELECT COALESCE(SUM(hits), 0) AS n FROM request_count');
  expect(Number(after[0]!.n)).toBeGreaterThan(Number(before[0]!.n));
});
