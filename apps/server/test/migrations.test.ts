import { DataSource, type MigrationInterface, type QueryRunner } from 'typeorm';
import { databaseOptions } from '../src/database/dataSource';
import { emptyDatabase } from './databases';

class CutOff extends Error {}

/** A runner that is cut off before its nth statement, as by a window that is closed. */
function cutOffBefore(runner: QueryRunner, nth: number): QueryRunner {
  let asked = 0;
  return new Proxy(runner, {
    get: (target, name) =>
      name !== 'query'
        ? (Reflect.get(target, name) as unknown)
        : (...args: Parameters<QueryRunner['query']>) => {
            if (asked++ === nth) throw new CutOff();
            return target.query(...args) as unknown;
          },
  });
}

/** Runs every open migration, each cut off before its first statement, then before its second, and so on to its end. */
async function migrateWithCuts(url: string): Promise<number> {
  const source = await new DataSource(databaseOptions(url)).initialize();
  const runner = source.createQueryRunner();
  const done = new Set(
    (await runner.hasTable('migration'))
      ? ((await runner.query('SELECT name FROM migration')) as { name: string }[]).map((m) => m.name)
      : [],
  );
  let cuts = 0;
  for (const migration of source.migrations as (MigrationInterface & { name: string })[]) {
    if (done.has(migration.name)) continue;
    for (let nth = 0; ; nth++) {
      try {
        await migration.up(cutOffBefore(runner, nth));
        break;
      } catch (error) {
        if (!(error instanceof CutOff)) throw error;
        cuts += 1;
      }
    }
    // Once more, as where it ended but was not noted as done.
    await migration.up(runner);
  }
  await runner.release();
  await source.destroy();
  return cuts;
}

async function migrate(url: string): Promise<void> {
  const source = await new DataSource(databaseOptions(url)).initialize();
  await source.runMigrations({ transaction: 'each' });
  await source.destroy();
}

/** Tables with their columns, keys and rules, and how many rows they hold. */
async function shapeOf(url: string): Promise<string> {
  const source = await new DataSource(databaseOptions(url)).initialize();
  const tables = (await source.query('SHOW TABLES')) as Record<string, string>[];
  const shapes: string[] = [];
  for (const table of tables.map((t) => Object.values(t)[0]!).filter((t) => t !== 'migration')) {
    const [made] = (await source.query(`SHOW CREATE TABLE ${table}`)) as { 'Create Table': string }[];
    const rows = (await source.query(`SELECT * FROM ${table}`)) as unknown[];
    const sorted = rows.map((r) => JSON.stringify(r)).sort();
    shapes.push(`${made!['Create Table'].split('\n').sort().join('\n')}\n${sorted.join('\n')}`);
  }
  await source.destroy();
  return shapes.join('\n\n');
}

test('every migration can be cut off before any statement and run again', async () => {
  const [whole, cut] = [await emptyDatabase(), await emptyDatabase()];
  await migrate(whole);
  expect(await migrateWithCuts(cut)).toBeGreaterThan(30);
  expect(await shapeOf(cut)).toBe(await shapeOf(whole));
});
