import { type ChildProcess, execFile, spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { TEST_NOW } from './days';

const SERVER = join(__dirname, '..', 'apps', 'server', 'dist');

/** As many tests run side by side, each beside its own server with the demo and its own with an empty database. */
export const SIDE_BY_SIDE = 4;
export const FIRST_PORT = Number(process.env.E2E_PORT ?? 4390);

/** Address of a test process's server with the demo, and of the one whose database is empty. */
export const demoPort = (parallelIndex: number) => FIRST_PORT + 2 * parallelIndex;
export const emptyPort = (parallelIndex: number) => demoPort(parallelIndex) + 1;

export default async function startApplication(): Promise<() => Promise<void>> {
  const { startMariadb, freePort } = await import('../scripts/mariadb.mjs');
  const dataDir = mkdtempSync(join(tmpdir(), 'sprout-e2e-'));
  const database = await startMariadb({ dataDir, port: await freePort() });
  process.env.E2E_DATABASE_SERVER = database.url('');
  const servers = await Promise.all(
    Array.from({ length: SIDE_BY_SIDE }, (_, i) => [
      startServer({
        databaseUrl: database.url(`with_demo_${i}`),
        port: demoPort(i),
        filesDir: join(dataDir, `files-${i}`),
        address: `http://127.0.0.1:${demoPort(i)}`,
      }),
      startServer({
        databaseUrl: database.url(`empty_${i}`),
        port: emptyPort(i),
        filesDir: join(dataDir, `files-empty-${i}`),
        demo: 'off',
      }),
    ]).flat(),
  );
  return async () => {
    for (const server of servers) server.kill('SIGTERM');
    await database.stop();
    rmSync(dataDir, { recursive: true, force: true });
  };
}

interface Place {
  databaseUrl: string;
  port: number;
  filesDir: string;
  /** Where it says that it is reached; found out by itself where it is not given. */
  address?: string;
  demo?: 'on' | 'no-pictures' | 'off';
  /** When its clock starts. */
  now?: string;
  zone?: string;
}

/** The built server on a database of its own, made where it is missing. */
export async function startServer({
  databaseUrl,
  port,
  filesDir,
  address = '',
  demo = 'on',
  now = TEST_NOW,
  zone = 'UTC',
}: Place): Promise<ChildProcess> {
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: String(port),
    SPROUT_DEMO: demo,
    SPROUT_DATA_DIR: filesDir,
    SPROUT_ADDRESS: address,
    SPROUT_SECRET: randomBytes(32).toString('hex'),
    TZ: zone,
    // An answer with a field that no schema allows is an error.
    NODE_ENV: 'test',
    SPROUT_NOW: now,
  };
  const run = promisify(execFile);
  await run(process.execPath, [join(SERVER, 'prepare.js')], { env });
  if (demo === 'on') await run(process.execPath, [join(SERVER, 'demoPictures.js')], { env });
  const server = spawn(process.execPath, [join(SERVER, 'main.js')], { env, stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
  await new Promise<void>((ready, failed) => {
    server.once('message', () => ready());
    server.once('exit', (code) => failed(new Error(`The server ended with ${code}.`)));
  });
  return server;
}
