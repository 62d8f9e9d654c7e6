#!/usr/bin/env node
// Brings a backup into a data folder whose database is missing or empty: npm run restore -- FOLDER.
import { copyFileSync, cpSync, existsSync, mkdirSync, openSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { PlainError } from './mariadb.mjs';
import { exitWith, ROOT } from './project.mjs';
import { DATABASE, hasDatabase, holdsASchool, withDatabase } from './siteDatabase.mjs';

async function main() {
  const dataDir = resolve(ROOT, process.env.SPROUT_DATA_DIR ?? 'var');
  const source = resolve(process.argv[2] ?? '');
  if (!process.argv[2] || !existsSync(join(source, 'database.sql')))
    throw new PlainError('Say which backup: npm run restore -- FOLDER');
  mkdirSync(dataDir, { recursive: true });
  const there = hasDatabase(dataDir);
  let goesOn = false;
  await withDatabase(dataDir, ({ run, running }) => {
    if (there && holdsASchool(run))
      throw new PlainError(`${dataDir} has a database already, with a school in it. Move it away first; nothing was changed.`);
    // Pictures first: no row speaks of one that is not there.
    if (existsSync(join(source, 'blobs'))) cpSync(join(source, 'blobs'), join(dataDir, 'blobs'), { recursive: true });
    run('mariadb', ['-e', `CREATE DATABASE IF NOT EXISTS ${DATABASE} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`]);
    run('mariadb', [DATABASE], {
      input: openSync(join(source, 'database.sql'), 'r'),
      output: 'ignore',
      failed: 'The backup could not be brought in',
    });
    goesOn = running;
  });
  copyFileSync(join(source, 'secret'), join(dataDir, 'secret'));
  console.log(
    goesOn
      ? 'Restored. Stop the application and start it again: the PINs need the secret of the backup.'
      : 'Restored. npm start opens it.',
  );
}

main().catch(exitWith);
