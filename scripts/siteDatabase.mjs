// The database of a data folder: the one that runs on it, or one that is started for the while.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { freePort, PlainError, startMariadb, which } from './mariadb.mjs';
import { processesOn } from './ownProcesses.mjs';

export const DATABASE = 'bright_sprout';

/**
 * Works with the database of a data folder, whether the application runs on it or not.
 * @param {(database: { run: Function, running: boolean }) => Promise<void> | void} work
 */
export async function withDatabase(dataDir, work) {
  const living = processesOn(dataDir).find((p) => p.kind === 'database');
  const own = living ? null : await startMariadb({ dataDir: join(dataDir, 'mariadb'), port: await freePort() });
  const port = living?.port ?? own?.port;
  const as = ['--no-defaults', '--host=127.0.0.1', `--port=${port}`, '--user=root', '--default-character-set=utf8mb4'];
  /** Runs one of MariaDB's programs; throws its sentence where it fails, and answers what it said. */
  const run = (program, args, { input = 'ignore', output = 'pipe', failed = 'The database did not answer' } = {}) => {
    const ended = spawnSync(which(program), [...as, ...args], {
      stdio: [input, output, 'pipe'],
      encoding: 'utf8',
      maxBuffer: 1e9,
    });
    if (ended.status !== 0) throw new PlainError(`${failed}: ${ended.stderr.trim()}`);
    return ended.stdout ?? '';
  };
  try {
    await work({ run, running: living !== undefined });
  } finally {
    await own?.stop();
  }
}

/** True where the database of a folder holds a school. */
export function holdsASchool(run) {
  const tables = run('mariadb', [
    '-N',
    '-e',
    `SELECT COUNT(*) FROM information_schema.tables WHERE table_schema='${DATABASE}' AND table_name='school'`,
  ]);
  return tables.trim() === '1' && run('mariadb', ['-N', '-e', `SELECT COUNT(*) FROM ${DATABASE}.school`]).trim() !== '0';
}

export const hasDatabase = (dataDir) => existsSync(join(dataDir, 'mariadb'));
