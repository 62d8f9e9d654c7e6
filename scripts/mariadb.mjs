// A private MariaDB on loopback with its own data folder; plain Node, no dependency.
import { execFileSync, spawn } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { connect, createServer } from 'node:net';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';

export class PlainError extends Error {}

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

/**
 * Starts MariaDB on the folder (made where it is new) and waits until it answers.
 * @returns {{ port: number, url: (database: string) => string, stop: () => Promise<void>, exited: Promise<number> }}
 */
export async function startMariadb({ dataDir, port }) {
  if (!which('mariadbd')) installPackages(['mariadb-server'], 'MariaDB');
  mkdirSync(dataDir, { recursive: true });
  const user = userInfo().username;
  if (!existsSync(join(dataDir, 'mysql'))) {
    try {
      execFileSync(
        which('mariadb-install-db'),
        ['--no-defaults', `--datadir=${dataDir}`, `--user=${user}`, '--auth-root-authentication-method=normal', '--skip-test-db'],
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
  }
  // A socket path over 107 characters fails, whatever the depth of the data folder.
  const short = mkdtempSync(join(tmpdir(), 'sprout-db-'));
  const log = join(dataDir, 'error.log');
  const child = spawn(
    which('mariadbd'),
    [
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
    ],
    { stdio: 'ignore', detached: true },
  );
  let over = false;
  const exited = new Promise((resolve) =>
    child.once('exit', (code) => {
      over = true;
      rmSync(short, { recursive: true, force: true });
      resolve(code ?? 1);
    }),
  );
  for (let tries = 0; !(await answers(port)); tries++) {
    if (over || tries > 300) {
      const why = existsSync(log)
        ? readFileSync(log, 'utf8')
            .split('\n')
            .find((l) => /\[ERROR\]/.test(l))
        : undefined;
      if (!over) child.kill('SIGKILL');
      throw new PlainError(
        `The database in ${dataDir} does not start${why ? ` (${why.replace(/^.*\[ERROR\]\s*/, '').slice(0, 200)})` : ''}. Its log is ${log}; move the folder away to begin with a new one.`,
      );
    }
    await new Promise((next) => setTimeout(next, 100));
  }
  return {
    port,
    url: (database) => `mysql://root@127.0.0.1:${port}/${database}`,
    exited,
    stop: async () => {
      if (!over) child.kill('SIGTERM');
      await exited;
    },
  };
}
