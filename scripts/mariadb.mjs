// A private MariaDB on loopback with its own data folder; plain Node, no dependency.
import { execFileSync, spawn } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
import { connect, createServer } from 'node:net';
import { tmpdir, userInfo } from 'node:os';
import { basename, dirname, join } from 'node:path';

export class PlainError extends Error {}

/** Somebody's living database: its folder is left where it is. */
class InUse extends PlainError {}

/** The path of a program, or null. */
export function which(...names) {
  for (const name of names) {
    for (const folder of [...(process.env.PATH ?? '').split(':'), '/usr/sbin', '/usr/local/sbin']) {
      if (folder && existsSync(join(folder, name))) return join(folder, name);
    }
  }
  return null;
}

/** Installs Debian packages, or says in one sentence why it cannot. */
export function installPackages(packages, what) {
  const line = `apt-get install ${packages.join(' ')}`;
  if (!which('apt-get'))
    throw new PlainError(
      `${what} is missing and this system has no apt-get: install ${packages.join(' and ')} yourself, then run this again.`,
    );
  const sudo = userInfo().uid === 0 ? [] : ['sudo', '-n'];
  if (sudo.length && !which('sudo'))
    throw new PlainError(
      `${what} is missing and you may not install packages here: ask an administrator to run "${line}", then run this again.`,
    );
  console.log(`Installing ${what} from Debian's packages (about a minute) …`);
  const apt = (...args) =>
    execFileSync([...sudo, 'apt-get'][0], [...sudo.slice(1), ...(sudo.length ? ['apt-get'] : []), ...args], {
      stdio: 'pipe',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  try {
    apt('update');
    apt('install', '-y', '--no-install-recommends', ...packages);
  } catch (error) {
    const said = String(error.stderr ?? error.message)
      .trim()
      .split('\n')
      .pop();
    throw new PlainError(
      `${what} could not be installed (${said}). Run "${line}" with administrator rights, then run this again.`,
    );
  }
}

/** True when nothing listens on the loopback port. */
export function portIsFree(port, host = '127.0.0.1') {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}

/** A free loopback port. */
export function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

const answers = (port) =>
  new Promise((resolve) => {
    const socket = connect(port, '127.0.0.1');
    socket.once('data', () => (socket.destroy(), resolve(true)));
    socket.once('error', () => resolve(false));
  });

/** A folder with a database in it: made beside and renamed, so that an interruption leaves nothing half made behind. */
function makeDatabaseFolder(dataDir, user) {
  const [parent, name] = [dirname(dataDir), basename(dataDir)];
  mkdirSync(parent, { recursive: true });
  for (const left of readdirSync(parent).filter((f) => f.startsWith(`${name}.new-`)))
    rmSync(join(parent, left), { recursive: true, force: true, maxRetries: 10, retryDelay: 200 });
  const fresh = join(parent, `${name}.new-${process.pid}`);
  try {
    execFileSync(
      which('mariadb-install-db'),
      ['--no-defaults', `--datadir=${fresh}`, `--user=${user}`, '--auth-root-authentication-method=normal', '--skip-test-db'],
      { stdio: 'pipe' },
    );
  } catch (error) {
    throw new PlainError(
      `The database folder ${dataDir} could not be set up: ${String(error.stderr ?? error.message)
        .trim()
        .split('\n')
        .pop()}`,
    );
  }
  // What an interrupted set-up of an earlier version left is put aside, never deleted.
  if (existsSync(dataDir) && readdirSync(dataDir).length > 0) renameSync(dataDir, `${dataDir}.unfinished-${process.pid}`);
  renameSync(fresh, dataDir);
}

const SYSTEM_FOLDERS = ['mysql', 'performance_schema', 'sys', 'test'];

/** Somebody's records may be in it. */
const holdsRecords = (dataDir) =>
  readdirSync(dataDir, { withFileTypes: true }).some((f) => f.isDirectory() && !SYSTEM_FOLDERS.includes(f.name));

/** After so long a start is worth a word: after a power cut a database first puts itself in order. */
const SLOW_MS = 20_000;
const NEVER_MS = 900_000;

/** What to do about a database that does not start: never a step that would put records out of sight. */
function doesNotStart(dataDir, log, from) {
  const errors = existsSync(log)
    ? readFileSync(log)
        .subarray(from)
        .toString('utf8')
        .split('\n')
        .filter((l) => /\[ERROR\]/.test(l))
    : [];
  if (errors.some((l) => /lock/i.test(l)))
    return new InUse(`Another database program uses ${dataDir}. End it, then run this again; its records are safe.`);
  const why = errors[0] ? ` (${errors[0].replace(/^.*\[ERROR\]\s*/, '').slice(0, 200)})` : '';
  return new PlainError(
    `The database in ${dataDir} does not start${why}. Its log is ${log}. Leave the folder as it is; a backup can be opened beside it: SPROUT_DATA_DIR=OTHER npm run restore -- BACKUP`,
  );
}

/**
 * Starts MariaDB on the folder (made where it is new) and waits until it answers. It ends with the process that started it.
 * @returns {{ port: number, pid: number, url: (database: string) => string, stop: () => Promise<void>, exited: Promise<number> }}
 */
export async function startMariadb({ dataDir, port }) {
  if (!which('mariadbd')) installPackages(['mariadb-server'], 'MariaDB');
  const user = userInfo().username;
  if (!existsSync(join(dataDir, 'mysql'))) makeDatabaseFolder(dataDir, user);
  try {
    return await runMariadb({ dataDir, port, user });
  } catch (error) {
    // A set-up that was cut off, by an earlier version: nothing was ever kept in it.
    if (error instanceof InUse || !existsSync(join(dataDir, 'mysql')) || holdsRecords(dataDir)) throw error;
    renameSync(dataDir, `${dataDir}.unfinished-${process.pid}`);
    makeDatabaseFolder(dataDir, user);
    return runMariadb({ dataDir, port, user });
  }
}

async function runMariadb({ dataDir, port, user }) {
  // A socket path over 107 characters fails, whatever the depth of the data folder.
  const short = mkdtempSync(join(tmpdir(), 'sprout-db-'));
  const log = join(dataDir, 'error.log');
  // What was written there before tells of earlier runs.
  const from = existsSync(log) ? statSync(log).size : 0;
  const args = [
    '--no-defaults',
    `--user=${user}`,
    `--datadir=${dataDir}`,
    '--bind-address=127.0.0.1',
    `--port=${port}`,
    `--socket=${join(short, 's')}`,
    `--pid-file=${join(short, 'pid')}`,
    `--log-error=${log}`,
    '--character-set-server=utf8mb4',
    '--collation-server=utf8mb4_unicode_ci',
    '--skip-name-resolve',
    '--max-connections=200',
    '--default-time-zone=+00:00',
  ];
  // Where the system can, it ends the database itself should this process be killed.
  const keeper = which('setpriv');
  const [program, ...before] = keeper ? [keeper, '--pdeathsig', 'TERM', which('mariadbd')] : [which('mariadbd')];
  const child = spawn(program, [...before, ...args], { stdio: 'ignore', detached: true });
  let over = false;
  const exited = new Promise((resolve) =>
    child.once('exit', (code) => {
      over = true;
      rmSync(short, { recursive: true, force: true });
      resolve(code ?? 1);
    }),
  );
  let said = false;
  for (let waited = 0; !(await answers(port)); waited += 100) {
    if (over) throw doesNotStart(dataDir, log, from);
    if (waited > NEVER_MS) {
      child.kill('SIGTERM');
      throw doesNotStart(dataDir, log, from);
    }
    if (waited > SLOW_MS && !said) {
      console.log('The database is putting itself in order; after a power cut that can take some minutes …');
      said = true;
    }
    await new Promise((next) => setTimeout(next, 100));
  }
  return {
    port,
    pid: child.pid,
    url: (database) => `mysql://root@127.0.0.1:${port}/${database}`,
    exited,
    stop: async () => {
      if (!over) child.kill('SIGTERM');
      await exited;
    },
  };
}
