import { newId } from '../src/database/ids';
import { Database } from '../src/database/database';
import { School } from '../src/access/school.entity';
import { ChangesService } from '../src/live/changes.service';
import { startApplication, type TestApplication } from './application';

let application: TestApplication;
let db: Database;

beforeAll(async () => {
  application = await startApplication();
  db = application.app.get(Database);
});
afterAll(() => application.close());

const school = () => ({ id: newId(), name: 'Weir School' });
const isThere = ({ id }: { id: string }) => db.of(School).existsBy({ id });

test('a unit of work is whole or not at all, whoever writes in it', async () => {
  const [first, second] = [school(), school()];
  const failed = db.work(async () => {
    await db.of(School).insert(first);
    await db.work(async () => {
      await db.of(School).insert(second);
    });
    // Seen inside, by everybody who asks there.
    expect(await isThere(second)).toBe(true);
    throw new Error('the lesson ended');
  });
  await expect(failed).rejects.toThrow('the lesson ended');
  expect([await isThere(first), await isThere(second)]).toEqual([false, false]);
});

test('two units that wait for each other are both done in the end', async () => {
  const rows = [school(), school()] as const;
  await db.of(School).insert([...rows]);
  let attempts = 0;
  let bothHold!: () => void;
  const held = new Promise<void>((next) => (bothHold = next));
  let holding = 0;
  const rename = (order: readonly [number, number], name: string) =>
    db.work(async () => {
      attempts += 1;
      await db.of(School).update({ id: rows[order[0]]!.id }, { name });
      if (++holding === 2) bothHold();
      await held;
      await db.of(School).update({ id: rows[order[1]]!.id }, { name });
    });
  await Promise.all([rename([0, 1], 'Up'), rename([1, 0], 'Down')]);
  expect(attempts).toBe(3);
  const names = await Promise.all(rows.map(({ id }) => db.of(School).findOneByOrFail({ id })));
  expect(names[0]!.name).toBe(names[1]!.name);
});

test('a change cannot be noted outside the unit that makes it', async () => {
  const changes = application.app.get(ChangesService);
  await expect(changes.note({ kind: 'class-changed', classId: newId() })).rejects.toThrow('inside a unit of work');
});

test('what is done by one at a time is not begun by a second', async () => {
  const order: string[] = [];
  await Promise.all(
    ['one', 'two'].map((name) =>
      db.alone('turn', async () => {
        order.push(`${name} begins`);
        await db.query('SELECT 1');
        order.push(`${name} ends`);
        return true;
      }),
    ),
  );
  expect([order[0]!.replace(' begins', ''), order[2]!.replace(' begins', '')]).toEqual([
    order[1]!.replace(' ends', ''),
    order[3]!.replace(' ends', ''),
  ]);
});
