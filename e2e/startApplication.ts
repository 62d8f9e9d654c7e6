import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const SERVER = join(__dirname, '..', 'apps', 'server', 'dist');

/** Starts one server with the demo and, on the next port, one whose database is empty. */
export default async function startApplication(): Promise<() => Promise<void>> {
  const { startMariadb, freePort } = await import('../scripts/mariadb.mjs');
  const dataDir = mkdtempSync(join(tmpdir(), 'sprout-e2e-'));
  const database = await startMariadb({ dataDir, port: await freePort() });
  const port = Number(process.env.E2E_PORT ?? 4390);
  const servers = [
    await startServer(database.url('with_demo'), port, 'on'),
    await startServer(database.url('empty'), port + 1, 'off'),
  ];
  return async () => {
    for (const server of servers) server.kill('SIGTERM');
    await database.stop();
    rmSync(dataDir, { recursive: true, force: true });
  };
}

async function startServer(databaseUrl: string, port: number, demo: 'on' | 'off'): Promise<ChildProcess> {
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: String(port),
    SPROUT_DEMO: demo,
    SPROUT_SECRET: randomBytes(32).toString('hex'),
    TZ: 'UTC',
  };
  const prepared = spawnSync(process.execPath, [join(SERVER, 'prepare.js')], { env, encoding: 'utf8' });
  if (prepared.status !== 0) throw new Error(prepared.stderr);
  const server = spawn(process.execPath, [join(SERVER, 'main.js')], { env, stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
  await new Promise<void>((ready, failed) => {
    server.once('message', () => ready());
    server.once('exit', (code) => failed(new Error(`The server ended with ${code}.`)));
  });
  return server;
}
