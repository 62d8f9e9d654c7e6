// Which processes of this application live on a data folder: found by what they were started with, never by a port or a name alone.
import { existsSync, readdirSync, readFileSync, readlinkSync, realpathSync } from 'node:fs';
import { basename, dirname, join, resolve } from 'node:path';

const real = (path) => {
  try {
    return realpathSync(path);
  } catch {
    return resolve(path);
  }
};

/** What a process was started with; null where it is gone, or is not ours to read. */
function startedWith(pid) {
  try {
    const parts = (file) => readFileSync(`/proc/${pid}/${file}`, 'utf8').split('\0').filter(Boolean);
    const env = Object.fromEntries(parts('environ').map((e) => e.split(/=(.*)/s).slice(0, 2)));
    return { argv: parts('cmdline'), env, cwd: readlinkSync(`/proc/${pid}/cwd`) };
  } catch {
    return null;
  }
}

const SCRIPTS = { start: ['scripts/start.mjs'], server: ['apps/server/dist/main.js', 'apps/server/dist/prepare.js'] };

/** The database's folder, or one in which it is being set up. */
const isDatabaseOf = (dataDir, folder) => folder === join(dataDir, 'mariadb') || folder.startsWith(join(dataDir, 'mariadb.new-'));

/** The kind of an own process on the folder, or null. */
function kindOn(dataDir, { argv, env, cwd }) {
  const [program = '', script = ''] = argv;
  if (/^(mariadbd|mysqld)$/.test(basename(program)))
    return argv.some((a) => a.startsWith('--datadir=') && isDatabaseOf(dataDir, real(a.slice(10)))) ? 'database' : null;
  const path = resolve(cwd, script);
  const kind = Object.keys(SCRIPTS).find((k) => SCRIPTS[k].some((s) => path.endsWith(`/${s}`)));
  if (!kind) return null;
  const root = join(dirname(path), kind === 'start' ? '..' : '../../..');
  return real(resolve(root, env.SPROUT_DATA_DIR ?? 'var')) === dataDir ? kind : null;
}

/**
 * Processes of this application that use a data folder, other than the one that asks.
 * @returns {{ pid: number, kind: 'start' | 'server' | 'database', port?: number }[]} with the port of a database; empty where the system lists no processes
 */
export function processesOn(folder) {
  if (!existsSync('/proc/self/cmdline')) return [];
  const dataDir = real(folder);
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name) && Number(name) !== process.pid)
    .flatMap((name) => {
      const started = startedWith(name);
      const kind = started && kindOn(dataDir, started);
      const port = Number(started?.argv.find((a) => a.startsWith('--port='))?.slice(7));
      return kind ? [{ pid: Number(name), kind, ...(port ? { port } : {}) }] : [];
    });
}

export const lives = (pid) => {
  try {
    process.kill(pid, 0);
    return !/^State:\s+Z/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'));
  } catch {
    return false;
  }
};

/** Asks processes to end and waits for it; a database is given the time to write everything down. */
export async function end(pids, patience = 60_000) {
  for (const pid of pids) if (lives(pid)) process.kill(pid, 'SIGTERM');
  for (let waited = 0; pids.some(lives); waited += 100) {
    if (waited > patience) for (const pid of pids) if (lives(pid)) process.kill(pid, 'SIGKILL');
    await new Promise((next) => setTimeout(next, 100));
  }
}
