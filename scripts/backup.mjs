#!/usr/bin/env node
// Writes the whole site (database, pictures and secret) into one folder: npm run backup -- FOLDER. The application may run meanwhile.
import { copyFileSync, cpSync, existsSync, mkdirSync, openSync, renameSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { PlainError } from './mariadb.mjs';
import { exitWith, ROOT } from './project.mjs';
import { DATABASE, hasDatabase, withDatabase } from './siteDatabase.mjs';

async function main() {
  const dataDir = resolve(ROOT, process.env.SPROUT_DATA_DIR ?? 'var');
  const target = resolve(process.argv[2] ?? `backup-${new Date().toISOString().slice(0, 10)}`);
  if (!hasDatabase(dataDir)) throw new PlainError(`There is nothing to back up in ${dataDir}.`);
  if (existsSync(join(target, 'database.sql'))) throw new PlainError(`${target} holds a backup already. Choose another folder.`);
  mkdirSync(target, { recursive: true });
  const blobs = join(dataDir, 'blobs');
  // Pictures are written before the rows that speak of them and never changed: copied before and after, none is missing.
  const copyPictures = () => existsSync(blobs) && cpSync(blobs, join(target, 'blobs'), { recursive: true, force: false });
  copyPictures();
  await withDatabase(dataDir, ({ run }) => {
    const draft = join(target, 'database.sql.new');
    // One transaction sees everything as it was at one moment; nobody waits for it.
    run('mariadb-dump', ['--single-transaction', '--skip-lock-tables', '--hex-blob', DATABASE], {
      output: openSync(draft, 'w', 0o600),
      failed: 'The backup failed',
    });
    renameSync(draft, join(target, 'database.sql'));
  });
  copyPictures();
  copyFileSync(join(dataDir, 'secret'), join(target, 'secret'));
  console.log(`Backed up to ${target}. It holds PINs and password hashes: keep it where only you can read it.`);
}

main().catch(exitWith);
