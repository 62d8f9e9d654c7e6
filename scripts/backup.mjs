#!/usr/bin/env node
// Writes the whole site (database, pictures and secret) into one folder: npm run backup -- FOLDER. The application must be stopped.
import { spawnSync } from 'node:child_process';
import { copyFileSync, cpSync, existsSync, mkdirSync, openSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { freePort, PlainError, startMariadb, which } from './mariadb.mjs';
import { exitWith, ROOT } from './project.mjs';

async function main() {
  const dataDir = resolve(ROOT, process.env.SPROUT_DATA_DIR ?? 'var');
  const target = resolve(process.argv[2] ?? `backup-${new Date().toISOString().slice(0, 10)}`);
  if (!existsSync(join(dataDir, 'mariadb'))) throw new PlainError(`There is nothing to back up in ${dataDir}.`);
  if (existsSync(join(target, 'database.sql'))) throw new PlainError(`${target} holds a backup already. Choose another folder.`);
  mkdirSync(target, { recursive: true });
  const database = await startMariadb({ dataDir: join(dataDir, 'mariadb'), port: await freePort() });
  const args = [
    '--no-defaults',
    '--host=127.0.0.1',
    `--port=${database.port}`,
    '--user=root',
    '--single-transaction',
    '--hex-blob',
    'bright_sprout',
  ];
  const dump = spawnSync(which('mariadb-dump'), args, {
    stdio: ['ignore', openSync(join(target, 'database.sql'), 'w', 0o600), 'pipe'],
    encoding: 'utf8',
  });
  await database.stop();
  if (dump.status !== 0) throw new PlainError(`The backup failed: ${dump.stderr.trim()}`);
  copyFileSync(join(dataDir, 'secret'), join(target, 'secret'));
  if (existsSync(join(dataDir, 'blobs'))) cpSync(join(dataDir, 'blobs'), join(target, 'blobs'), { recursive: true });
  console.log(`Backed up to ${target}. It holds PINs and password hashes: keep it where only you can read it.`);
}

main().catch(exitWith);
