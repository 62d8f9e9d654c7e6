import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from '@playwright/test';
import sharp from 'sharp';
import { v7 } from 'uuid';
import { TEST_NOW, today } from './days';
import { start, START, STARTED } from './starting';
import { test } from './test';

let folder: string;
test.beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'sprout-backup-'));
});
test.afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a backup is made while the application runs, opens in another folder with every row, and never over what is there', async ({
  request,
}) => {
  const { freePort } = await import('../scripts/mariadb.mjs');
  const { processesOn } = await import('../scripts/ownProcesses.mjs');
  const { demoTeacher } = await import('../scripts/demoSignIns.mjs');
  const [original, backup, restored] = ['original', 'backup', 'restored'].map((name) => join(folder, name)) as [
    string,
    string,
    string,
  ];
  const command = (script: string, dataDir: string) =>
    spawnSync(process.execPath, [join(START, '..', script), backup], {
      env: { ...process.env, SPROUT_DATA_DIR: dataDir },
      encoding: 'utf8',
    });
  const running = async (dataDir: string, use: (url: string) => Promise<void>, demo = 'no-pictures') => {
    const port = await freePort();
    const run = start({ PORT: String(port), SPROUT_DATA_DIR: dataDir, SPROUT_DEMO: demo, SPROUT_NOW: TEST_NOW });
    await expect.poll(run.said, STARTED).toContain('Ctrl-C stops it.');
    await use(`http://127.0.0.1:${port}/api/v1`);
    run.child.kill('SIGINT');
    expect(await run.ended).toBe(0);
    return run.said();
  };
  /** Every row of every table that a class keeps, in the order of its keys. */
  const tablesOf = (dataDir: string) => {
    const { port } = processesOn(dataDir).find((p) => p.kind === 'database')!;
    const ask = (sql: string) =>
      spawnSync('mariadb', ['--no-defaults', '-h127.0.0.1', `-P${port}`, '-uroot', '-N', 'bright_sprout', '-e', sql], {
        encoding: 'utf8',
        maxBuffer: 1e9,
      }).stdout;
    const names = ask('SHOW TABLES').trim().split('\n');
    // Counters of requests and sessions go on while the application runs.
    return Object.fromEntries(
      names
        .filter((n) => !/^(request_count|failed_attempt|access_session)$/.test(n))
        .map((n) => [n, ask(`SELECT * FROM \`${n}\``).split('\n').sort()]),
    );
  };
  const signedIn = async (url: string) => {
    await request.post(`${url}/session`, { data: { email: demoTeacher.email, password: demoTeacher.password } });
    return (await (await request.get(`${url}/investigations`)).json()) as {
      investigation: { containers: { id: string }[] };
      photos: { id: string }[];
    }[];
  };
  const picture = await sharp({ create: { width: 300, height: 200, channels: 3, background: '#5F9640' } })
    .jpeg()
    .toBuffer();
  let before: Record<string, string[]> = {};
  let photo = '';
  await running(original, async (url) => {
    const { investigation } = (await signedIn(url))[0]!;
    photo = v7();
    const about = new URLSearchParams({
      containerId: investigation.containers[0]!.id,
      day: today(),
      recordedAt: new Date(TEST_NOW).toISOString(),
    });
    const taken = await request.put(`${url}/photos/${photo}?${about.toString()}`, {
      data: picture,
      headers: { 'content-type': 'image/jpeg' },
    });
    expect(taken.status()).toBe(200);
    expect(command('backup.mjs', original)).toMatchObject({ status: 0 });
    before = tablesOf(original);
  });
  expect(Object.values(before).flat().length).toBeGreaterThan(500);
  // Into an empty database while the application runs on it …
  await running(
    restored,
    async () => {
      expect(command('restore.mjs', restored)).toMatchObject({ status: 0 });
      expect(tablesOf(restored)).toEqual(before);
    },
    'off',
  );
  // … after which it opens as it was, pictures included.
  const said = await running(restored, async (url) => {
    expect((await signedIn(url))[0]!.photos.map((p) => p.id)).toContain(photo);
    expect((await request.get(`${url}/photos/${photo}`)).ok()).toBe(true);
  });
  expect(said).not.toContain('The demo was loaded');
  const again = command('restore.mjs', restored);
  expect(again.status).toBe(1);
  expect(again.stderr).toContain('has a database already');
});
