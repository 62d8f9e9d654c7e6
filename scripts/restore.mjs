#!/usr/bin/env node
// Brings a backup into a data folder that has no database yet: npm run restore -- FOLDER.
import { spawnSync } from 'node:child_process';
import { copyFileSync, cpSync, existsSync, openSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { freePort, PlainError, startMariadb, which } from './mariadb.mjs';
import { exitWith, ROOT } from './project.mjs';

async function main() {
  const dataDir = resolve(ROOT, process.env.SPROUT_DATA_DIR ?? 'var');
  const source = resolve(process.argv[2] ?? '');
  if (!process.argv[2] || !existsSync(join(source, 'database.sql')))
    throw new PlainError('Say which backup: npm run restore -- FOLDER');
  if (existsSync(join(dataDir, 'mariadb')))
    throw new PlainError(`${dataDir} has a database already. Move it away first; nothing was changed.`);
  const database = await startMariadb({ dataDir: join(dataDir, 'mariadb'), port: await freePort() });
  const client = (args, input) =>
    spawnSync(which('mariadb'), ['--no-defaults', '--host=127.0.0.1', `--port=${database.port}`, '--user=root', ...args], {
      stdio: [input, 'ignore', 'pipe'],
      encoding: 'utf8',
    });
  const made = client(['-e', 'CREATE DATABASE bright_sprout CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci'], 'ignore');
  const filled = made.status === 0 ? client(['bright_sprout'], openSync(join(source, 'database.sql'), 'r')) : made;
  await database.stop();
  if (filled.status !== 0) throw new PlainError(`The backup could not be brought in: ${filled.stderr.trim()}`);
  copyFileSync(join(source, 'secret'), join(dataDir, 'secret'));
  if (existsSync(join(source, 'blobs'))) cpSync(join(source, 'blobs'), join(dataDir, 'blobs'), { recursive: true });
  console.log('Restored. npm start opens it.');
}

main().catch(exitWith);
