import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type BenchView } from '@bright-sprout/contracts/checks';
import { expect } from '@playwright/test';
import { test } from './test';

const START = join(__dirname, '..', 'scripts', 'start.mjs');

function start(env: Record<string, string>): { child: ChildProcess; said: () => string; ended: Promise<number> } {
  const child = spawn(process.execPath, [START], { env: { ...process.env, ...env } });
  let said = '';
  child.stdout.on('data', (chunk) => (said += chunk));
  child.stderr.on('data', (chunk) => (said += chunk));
  const ended = new Promise<number>((done) => child.once('exit', (code) => done(code ?? 1)));
  return { child, said: () => said, ended };
}

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
  expect(run.said().trim()).toMatch(new RegExp(`^Port ${port} is in use\\..*$`));
  taken.close();
});

test('a broken database folder ends with one sentence', async () => {
  mkdirSync(join(folder, 'mariadb', 'mysql'), { recursive: true });
  writeFileSync(join(folder, 'mariadb', 'ibdata1'), 'this is no tablespace');
  const { freePort } = await import('../scripts/mariadb.mjs');
  const run = start({ PORT: String(await freePort()), SPROUT_DATA_DIR: folder });
  expect(await run.ended).toBe(1);
  expect(run.said().trim().split('\n').pop()).toMatch(
    /^The database in .* does not start.*move the folder away to begin with a new one\.$/,
  );
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
    await expect.poll(run.said, { timeout: 40_000 }).toContain('Ctrl-C stops it.');
    expect(run.said()).toContain('teacher@millrace.example');
    expect(run.said().includes('The demo was loaded')).toBe(round === 'first');
    const health = await request.get(`http://127.0.0.1:${port}/api/health`);
    expect(await health.json()).toEqual({ status: 'ok', version: '0.1.0' });
    run.child.kill('SIGINT');
    expect(await run.ended).toBe(0);
    expect(await portIsFree(port)).toBe(true);
  }
});

test('a backup opens in another folder with everything in it, and never over what is there', async ({ request }) => {
  const { freePort } = await import('../scripts/mariadb.mjs');
  const { demoTeacher } = await import('../scripts/demoSignIns.mjs');
  const [original, backup, restored] = ['original', 'backup', 'restored'].map((name) => join(folder, name));
  const command = (script: string, dataDir: string) =>
    spawnSync(process.execPath, [join(START, '..', script), backup!], {
      env: { ...process.env, SPROUT_DATA_DIR: dataDir },
      encoding: 'utf8',
    });
  const running = async (dataDir: string, use: (url: string) => Promise<void>) => {
    const port = await freePort();
    const run = start({ PORT: String(port), SPROUT_DATA_DIR: dataDir });
    await expect.poll(run.said, { timeout: 40_000 }).toContain('Ctrl-C stops it.');
    await use(`http://127.0.0.1:${port}/api/v1`);
    run.child.kill('SIGINT');
    expect(await run.ended).toBe(0);
    return run.said();
  };
  const readings = async (url: string) => {
    await request.post(`${url}/session`, { data: { email: demoTeacher.email, password: demoTeacher.password } });
    return (await (await request.get(`${url}/investigations`)).json())[0].readings as unknown[];
  };
  let before: unknown[] = [];
  await running(original!, async (url) => void (before = await readings(url)));
  expect(command('backup.mjs', original!).status).toBe(0);
  expect(command('restore.mjs', restored!).status).toBe(0);
  const said = await running(restored!, async (url) => expect(await readings(url)).toEqual(before));
  expect(said).not.toContain('The demo was loaded');
  expect(before.length).toBeGreaterThan(100);
  const again = command('restore.mjs', restored!);
  expect(again.status).toBe(1);
  expect(again.stderr).toContain('nothing was changed');
});

test('a server that dies in the middle of a send loses nothing and keeps nothing twice', async ({ page }) => {
  const { freePort } = await import('../scripts/mariadb.mjs');
  const { demoTeams } = await import('../scripts/demoSignIns.mjs');
  const port = String(await freePort());
  const up = async () => {
    const run = start({ PORT: port, SPROUT_DATA_DIR: folder });
    await expect.poll(run.said, { timeout: 40_000 }).toContain('Ctrl-C stops it.');
    return run;
  };
  let run = await up();
  const url = `http://127.0.0.1:${port}`;
  await page.request.post(`${url}/api/v1/join`, {
    data: { classCode: demoTeams[0]!.joinCode, emblem: 'kite', pin: demoTeams[0]!.pins.kite },
  });
  const bench = async () => (await (await page.request.get(`${url}/api/v1/bench`)).json()) as BenchView;
  await page.goto(`${url}/bench`);
  await page.getByRole('button', { name: 'We know how' }).click();
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
  await expect(page.getByText('on this device')).toHaveCount(0, { timeout: 20_000 });
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
