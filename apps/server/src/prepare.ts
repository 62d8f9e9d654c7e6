import 'reflect-metadata';
import { setClock } from '@bright-sprout/core/clock/clock';
import { DataSource } from 'typeorm';
import { loadDemo } from './demo/loadDemo';
import { Database } from './database/database';
import { databaseOptions } from './database/dataSource';
import { readSettings } from './settings';
import { speakAsAsked } from './words/spoken';

/** Makes the database where it is missing, migrates it, and loads the demo into an empty one; then ends. */
async function prepare(): Promise<void> {
  speakAsAsked();
  const settings = readSettings();
  if (settings.startsAt) setClock(settings.startsAt);
  await createDatabase(settings.databaseUrl);
  const dataSource = await new DataSource(databaseOptions(settings.databaseUrl)).initialize();
  await dataSource.runMigrations({ transaction: 'each' });
  const demo = settings.demo !== 'off' && (await loadDemo(new Database(dataSource), settings));
  await dataSource.destroy();
  if (demo) console.warn('The demo was loaded.');
}

async function createDatabase(url: string): Promise<void> {
  const name = new URL(url).pathname.slice(1);
  if (!/^\w+$/.test(name)) throw new Error(`“${name}” in DATABASE_URL is not a name for a database: use letters, digits and _.`);
  const server = new URL(url);
  server.pathname = '/information_schema';
  const connection = await new DataSource({ type: 'mariadb', url: server.toString() }).initialize();
  await connection.query(`CREATE DATABASE IF NOT EXISTS \`${name}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  await connection.destroy();
}

// Left by the command that started it.
process.once('disconnect', () => process.exit(1));

prepare()
  .then(() => process.exit(0))
  .catch((error: unknown) => {
    console.error(error instanceof Error ? error.message : error);
    process.exit(1);
  });
