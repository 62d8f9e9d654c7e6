import { say } from '@bright-sprout/words/say';
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { expect } from '@playwright/test';
import { EMPTY, NO_PICTURES, start, STARTED } from './starting';
import { test } from './test';

let folder: string;
test.beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'sprout-start-'));
});
test.afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a port in use ends with one sentence', async () => {
  const taken = createServer();
  await new Promise<void>((next) => taken.listen(0, '127.0.0.1', next));
  const { port } = taken.address() as { port: number };
  const run = start({ PORT: String(port), SPROUT_DATA_DIR: folder });
  expect(await run.ended).toBe(1);
  expect(run.said().trim()).toMatch(new RegExp(`^Port ${port} is in use by another program\\..*$`));
  taken.close();
});

test('a broken database folder ends with one sentence, and stays as it is', async () => {
  mkdirSync(join(folder, 'mariadb', 'mysql'), { recursive: true });
  mkdirSync(join(folder, 'mariadb', 'bright_sprout'));
  writeFileSync(join(folder, 'mariadb', 'ibdata1'), 'this is no tablespace');
  const { freePort } = await import('../scripts/mariadb.mjs');
  const run = start({ PORT: String(await freePort()), SPROUT_DATA_DIR: folder });
  expect(await run.ended).toBe(1);
  expect(run.said().trim().split('\n').pop()).toMatch(
    /^The database in .* does not start.*Leave the folder as it is; a backup can be opened beside it/,
  );
});

test('a database that another program uses is left where it is', async () => {
  const { freePort, startMariadb } = await import('../scripts/mariadb.mjs');
  const dataDir = join(folder, 'mariadb');
  const first = await startMariadb({ dataDir, port: await freePort() });
  await expect(startMariadb({ dataDir, port: await freePort() })).rejects.toThrow(/Another database program uses .* are safe/);
  expect(readdirSync(folder)).toEqual(['mariadb']);
  await first.stop();
});

test('a system without the right to install is told what to run', async () => {
  const { installPackages } = await import('../scripts/mariadb.mjs');
  const path = process.env.PATH;
  process.env.PATH = '/nowhere';
  try {
    expect(() => installPackages(['mariadb-server'], 'MariaDB')).toThrow(
      /^MariaDB is missing and this system has no apt-get: install mariadb-server yourself/,
    );
  } finally {
    process.env.PATH = path;
  }
});

test('it starts, keeps its data over a second start, and Ctrl-C stops everything', async ({ request }) => {
  const { freePort, portIsFree } = await import('../scripts/mariadb.mjs');
  const port = await freePort();
  for (const round of ['first', 'second']) {
    const run = start({ PORT: String(port), SPROUT_DATA_DIR: folder });
    await expect.poll(run.said, STARTED).toContain('Ctrl-C stops it.');
    expect(run.said()).toContain('teacher@millrace.example');
    expect(run.said().includes('The demo was loaded')).toBe(round === 'first');
    const health = await request.get(`http://127.0.0.1:${port}/api/health`);
    expect(await health.json()).toMatchObject({ status: 'ok', version: '0.1.0' });
    run.child.kill('SIGINT');
    expect(await run.ended).toBe(0);
    expect(await portIsFree(port)).toBe(true);
  }
});

/** A start that has come as far as its address. */
async function running(port: number, env: Record<string, string> = {}) {
  const run = start({ PORT: String(port), SPROUT_DATA_DIR: folder, ...env });
  await expect.poll(run.said, STARTED).toContain('Ctrl-C stops it.');
  return run;
}

const left = async () => (await import('../scripts/ownProcesses.mjs')).processesOn(folder);

test('a window that is closed, and a start that is killed, leave nothing running', async () => {
  const { freePort, portIsFree } = await import('../scripts/mariadb.mjs');
  const port = await freePort();
  const closed = await running(port, EMPTY);
  expect((await left()).map((p) => p.kind).sort()).toEqual(['database', 'server', 'start']);
  closed.child.kill('SIGHUP');
  expect(await closed.ended).toBe(0);
  expect(await left()).toEqual([]);
  const killed = await running(port, EMPTY);
  killed.child.kill('SIGKILL');
  await expect.poll(left).toEqual([]);
  expect(await portIsFree(port)).toBe(true);
});

test('npm that is asked to end takes everything with it', async () => {
  const { freePort } = await import('../scripts/mariadb.mjs');
  const env = { ...process.env, PORT: String(await freePort()), SPROUT_DATA_DIR: folder, ...EMPTY };
  const npm = spawn('npm', ['start'], { cwd: join(__dirname, '..'), env, detached: true });
  let said = '';
  npm.stdout.on('data', (chunk) => (said += chunk));
  await expect.poll(() => said, STARTED).toContain('Ctrl-C stops it.');
  npm.kill('SIGTERM');
  await expect.poll(left).toEqual([]);
});

test('a second start says where the first one runs; what an earlier one left over is ended and its records are there', async ({
  request,
}) => {
  const { freePort } = await import('../scripts/mariadb.mjs');
  const port = await freePort();
  const first = await running(port, NO_PICTURES);
  const second = start({ PORT: String(await freePort()), SPROUT_DATA_DIR: folder });
  expect(await second.ended).toBe(0);
  expect(second.said()).toContain(`already, at http://127.0.0.1:${port}`);
  first.child.kill('SIGINT');
  await first.ended;
  // As a system without the means to end it with its parent would leave it.
  const args = ['--no-defaults', '--user=root', `--datadir=${join(folder, 'mariadb')}`, `--port=${await freePort()}`];
  spawn('/usr/sbin/mariadbd', [...args, `--socket=${join(folder, 's')}`], { detached: true, stdio: 'ignore' }).unref();
  await expect.poll(async () => (await left()).length).toBe(1);
  const again = await running(port, NO_PICTURES);
  expect(again.said()).toContain('Ending what an earlier run left behind');
  expect(again.said()).not.toContain('The demo was loaded');
  expect((await request.get(`http://127.0.0.1:${port}/api/health`)).ok()).toBe(true);
  again.child.kill('SIGINT');
  await again.ended;
});

test('where only the database ends, it is brought back', async ({ request }) => {
  const { freePort } = await import('../scripts/mariadb.mjs');
  const port = await freePort();
  const run = await running(port, EMPTY);
  const database = (await left()).find((p) => p.kind === 'database')!;
  process.kill(database.pid, 'SIGKILL');
  await expect.poll(run.said).toContain('starting it again');
  const signIn = () =>
    request.post(`http://127.0.0.1:${port}/api/v1/session`, { data: { email: 'nobody@weir.example', password: 'not-this-one' } });
  await expect.poll(async () => (await signIn()).status()).toBe(401);
  run.child.kill('SIGINT');
  expect(await run.ended).toBe(0);
});

test('a first start that is killed, early and late, begins again and comes through', async () => {
  const { freePort } = await import('../scripts/mariadb.mjs');
  const port = await freePort();
  for (const ready of [/mariadb\.new/, /mariadb /]) {
    const cut = start({ PORT: String(port), SPROUT_DATA_DIR: folder, ...NO_PICTURES });
    // Once while the folder of the database is being made, once as soon as it is there.
    await expect.poll(() => `${readdirSync(folder).join(' ')} `, { intervals: [20] }).toMatch(ready);
    cut.child.kill('SIGKILL');
    await cut.ended;
  }
  const whole = await running(port, NO_PICTURES);
  expect(whole.said()).toContain('The demo was loaded');
  whole.child.kill('SIGINT');
  expect(await whole.ended).toBe(0);
  expect(readdirSync(folder).filter((f) => f.includes('.new'))).toEqual([]);
});

test('a server that dies in the middle of a send loses nothing and keeps nothing twice', async ({ page }) => {
  const { freePort } = await import('../scripts/mariadb.mjs');
  const { demoTeams } = await import('../scripts/demoSignIns.mjs');
  const port = String(await freePort());
  const up = async () => {
    const run = start({ PORT: port, SPROUT_DATA_DIR: folder, ...NO_PICTURES });
    await expect.poll(run.said, STARTED).toContain('Ctrl-C stops it.');
    return run;
  };
  let run = await up();
  const url = `http://127.0.0.1:${port}`;
  await page.request.post(`${url}/api/v1/join`, {
    data: { classCode: demoTeams[0]!.joinCode, emblem: 'kite', pin: demoTeams[0]!.pins.kite },
  });
  const bench = async () => (await (await page.request.get(`${url}/api/v1/bench`)).json()) as BenchView;
  await page.goto(`${url}/bench`);
  await page.getByRole('button', { name: say('bench.weKnowHow') }).click();
  const enter = async (pot: string, digits: string) => {
    await page.getByRole('button', { name: pot, exact: true }).click();
    for (const digit of digits) await page.getByRole('button', { name: digit, exact: true }).click();
    await page.getByRole('button', { name: /^(Next|Finish)/ }).click();
  };
  // The server saves the first check, and is gone before its answer arrives.
  // Afterwards the same route lets everything pass: taking it away would end the request that still waits in it.
  let stopped: Promise<unknown> | null = null;
  let back = false;
  await page.route('**/bench/checks/*', async (route) => {
    if (back) return route.continue();
    if (stopped === null) {
      await route.fetch();
      run.child.kill('SIGINT');
      stopped = run.ended;
    }
    await stopped;
    await route.abort();
  });
  await enter('A1', '20.1');
  await enter('B1', '18.2');
  await expect(page.getByText('2 checks wait on this device')).toBeVisible();
  await expect.poll(() => stopped !== null).toBe(true);
  await stopped;
  run = await up();
  back = true;
  await expect(page.getByText('on this device')).toHaveCount(0);
  const { today, investigations } = await bench();
  const { containers } = investigations[0]!.investigation;
  const entered = investigations[0]!.readings.filter((r) => r.day === today);
  expect(entered.map((r) => [containers.find((c) => c.id === r.containerId)!.code, r.findings[0]!.typed]).sort()).toEqual([
    ['A1', '20.1 cm'],
    ['B1', '18.2 cm'],
  ]);
  run.child.kill('SIGINT');
  await run.ended;
});
