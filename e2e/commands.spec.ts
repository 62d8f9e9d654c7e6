import { execFile, spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify, stripVTControlCharacters } from 'node:util';
import { expect } from '@playwright/test';
import { EMPTY, STARTED } from './starting';
import { test } from './test';

/** A command of the README as a person gives it; what it printed. Backup, restore, camera and start have tests of their own. */
async function npmRun(command: string, args: readonly string[], env: Record<string, string> = {}): Promise<string> {
  const run = promisify(execFile)('npm', ['run', '--silent', command, '--', ...args], {
    cwd: join(__dirname, '..'),
    env: { ...process.env, ...env },
  });
  return stripVTControlCharacters((await run).stdout);
}

test('npm run bench still leads somewhere, and loses no reading', async () => {
  test.setTimeout(600_000);
  expect(await npmRun('bench', ['--short'])).toMatch(/readings accounted for afterwards +16 of 16/);
});

test('npm run reference compares with R', async () => {
  test.setTimeout(600_000);
  const said = await npmRun('reference', ['--short']);
  expect(said).toContain('| function | values compared |');
  expect(said).toMatch(/^\| welch \| \d+ \|/m);
});

test('npm run screenshots takes what it is asked for', async ({ baseURL }) => {
  const folder = mkdtempSync(join(tmpdir(), 'sprout-shots-'));
  await npmRun('screenshots', ['today', 'wall', 'sow', '--out', folder], { SPROUT_URL: baseURL! });
  expect(readdirSync(folder).sort()).toEqual(['sow.png', 'today.png', 'wall.png']);
  rmSync(folder, { recursive: true });
});

test('npm run mutants changes a place and tells who noticed', async () => {
  test.setTimeout(600_000);
  expect(await npmRun('mutants', ['readings/losses.ts:23-24'])).toMatch(/All files +\| +100\.00/);
});

test('npm run first-start tells how long each part of it takes', async () => {
  test.setTimeout(600_000);
  expect(await npmRun('first-start', ['--short'])).toMatch(/\d s {2}in all, until the address was printed/);
});

test('npm run dev serves the pages as they are written, beside the started application, and ends as a whole', async ({
  request,
}) => {
  test.setTimeout(600_000);
  const { freePort } = await import('../scripts/mariadb.mjs');
  const { processesOn } = await import('../scripts/ownProcesses.mjs');
  const folder = mkdtempSync(join(tmpdir(), 'sprout-dev-'));
  const [port, pages] = [await freePort(), await freePort()];
  const env = { ...process.env, ...EMPTY, PORT: String(port), SPROUT_PAGES_PORT: String(pages), SPROUT_DATA_DIR: folder };
  const dev = spawn('npm', ['run', '--silent', 'dev'], { cwd: join(__dirname, '..'), env, detached: true });
  let said = '';
  dev.stdout.on('data', (chunk) => (said += chunk));
  await expect.poll(() => said, STARTED).toContain('Ctrl-C stops it.');
  await expect
    .poll(async () => (await request.get(`http://127.0.0.1:${pages}/src/main.tsx`).catch(() => null))?.status())
    .toBe(200);
  expect((await request.get(`http://127.0.0.1:${pages}/api/health`)).status()).toBe(200);
  process.kill(-dev.pid!, 'SIGINT');
  await expect.poll(() => processesOn(folder)).toEqual([]);
  rmSync(folder, { recursive: true });
});
