import { spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DataSource } from 'typeorm';

// The dump was made by the version before measures were alike: two growing investigations, a draft, and a file.
const DUMP = join(__dirname, 'fixtures', 'before-findings.sql');

/** The address of a new, empty database. */
export async function emptyDatabase(): Promise<string> {
  const name = `made_${randomBytes(6).toString('hex')}`;
  const server = new URL(process.env.TEST_DATABASE_SERVER!);
  const connection = await new DataSource({ type: 'mariadb', url: `${server.href}information_schema` }).initialize();
  await connection.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  await connection.destroy();
  return `${server.href}${name}`;
}

/** A database as the version before the registry of measures left it, with records in it. */
export async function databaseBeforeFindings(): Promise<string> {
  const url = await emptyDatabase();
  const { hostname, port, username, pathname } = new URL(url);
  const { which } = await import('../../../scripts/mariadb.mjs');
  const args = ['--no-defaults', `--host=${hostname}`, `--port=${port}`, `--user=${username}`, pathname.slice(1)];
  const input = `SET FOREIGN_KEY_CHECKS = 0;\n${readFileSync(DUMP, 'utf8')}`;
  const loaded = spawnSync(which('mariadb')!, args, { input, encoding: 'utf8' });
  if (loaded.status !== 0) throw new Error(loaded.stderr);
  return url;
}
