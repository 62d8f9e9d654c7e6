#!/usr/bin/env node
// Kills a start at random instants, 40 times, and starts again: a first start by turns with one that carries old records over.
// node scripts/killLoop.mjs [ROUNDS] [SEED]
import { spawn, spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, startMariadb, which } from './mariadb.mjs';
import { end, processesOn } from './ownProcesses.mjs';
import { build, ROOT } from './project.mjs';

const rounds = Number(process.argv[2] ?? 40);
let state = Number(process.argv[3] ?? 7);
/** A plain congruential draw from 0 to 1: the instants can be drawn again. */
const draw = () => (state = (state * 1103515245 + 12345) % 2 ** 31) / 2 ** 31;

/** How long after its beginning a start is killed at the latest: a little longer than one takes. */
const LATEST_MS = 9000;
const OLD = join(ROOT, 'apps/server/test/fixtures/before-findings.sql');

const client = (port, args, input) => {
  const asked = spawnSync(
    which('mariadb'),
    ['--no-defaults', '-N', '--host=127.0.0.1', `--port=${port}`, '--user=root', ...args],
    {
      input,
      encoding: 'utf8',
    },
  );
  if (asked.status !== 0) throw new Error(asked.stderr);
  return asked.stdout.trim();
};

/** A data folder as a version before the registry of measures left it. */
async function oldFolder() {
  const folder = mkdtempSync(join(tmpdir(), 'sprout-old-'));
  const database = await startMariadb({ dataDir: join(folder, 'mariadb'), port: await freePort() });
  client(database.port, ['-e', 'CREATE DATABASE bright_sprout CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci']);
  client(database.port, ['bright_sprout'], `SET FOREIGN_KEY_CHECKS = 0;\n${readFileSync(OLD, 'utf8')}`);
  await database.stop();
  return folder;
}

function start(folder, port) {
  const env = { ...process.env, SPROUT_DATA_DIR: folder, PORT: String(port) };
  const child = spawn(process.execPath, [join(ROOT, 'scripts/start.mjs')], { env });
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
  return { child, said: () => said, ended: new Promise((next) => child.once('exit', next)) };
}

/** Starts, waits for the address, counts what is kept, and stops. */
async function whole(folder) {
  const run = start(folder, await freePort());
  let over = false;
  void run.ended.then(() => (over = true));
  while (!run.said().includes('Ctrl-C stops it.')) {
    if (over) throw new Error(`It did not start:\n${run.said()}`);
    await new Promise((next) => setTimeout(next, 50));
  }
  run.child.kill('SIGINT');
  await run.ended;
  const database = await startMariadb({ dataDir: join(folder, 'mariadb'), port: await freePort() });
  const tables = client(database.port, ['bright_sprout', '-e', 'SHOW TABLES']).split('\n');
  const counts = tables
    .filter((t) => t !== 'access_session')
    .map((t) => `${t} ${client(database.port, ['bright_sprout', '-e', `SELECT COUNT(*) FROM ${t}`])}`);
  await database.stop();
  return counts.join(', ');
}

async function killed(folder) {
  const run = start(folder, await freePort());
  const after = Math.round(draw() * LATEST_MS);
  const own = draw() < 0.5;
  await Promise.race([run.ended, new Promise((next) => setTimeout(next, after))]);
  // Half of the time everything dies at once, as in a power cut; else only the command, and what it started ends by itself.
  const pids = own ? [run.child.pid] : [run.child.pid, ...processesOn(folder).map((p) => p.pid)];
  for (const pid of pids)
    try {
      process.kill(pid, 'SIGKILL');
    } catch {
      // It has ended already.
    }
  await run.ended;
  return `${after} ms, ${own ? 'the command' : 'everything'}`;
}

await build();
const old = await oldFolder();
const folders = [
  ['first start', () => mkdtempSync(join(tmpdir(), 'sprout-kill-'))],
  [
    'records carried over',
    () => {
      const folder = mkdtempSync(join(tmpdir(), 'sprout-kill-'));
      cpSync(old, folder, { recursive: true });
      return folder;
    },
  ],
];
const expected = [];
for (const [, make] of folders) {
  const folder = make();
  expected.push(await whole(folder));
  rmSync(folder, { recursive: true, force: true });
}
let bad = 0;
for (let round = 0; round < rounds; round++) {
  const kind = round % folders.length;
  const folder = folders[kind][1]();
  const kills = [await killed(folder), ...(draw() < 0.5 ? [await killed(folder)] : [])];
  let outcome;
  try {
    const found = await whole(folder);
    outcome = found === expected[kind] ? 'whole' : `DIFFERENT: ${found}`;
  } catch (error) {
    outcome = `BROKEN: ${error.message}`;
  }
  if (outcome !== 'whole') bad += 1;
  console.log(`${String(round + 1).padStart(2)} ${folders[kind][0]}, killed after ${kills.join(', then after ')}: ${outcome}`);
  await end(processesOn(folder).map((p) => p.pid));
  rmSync(folder, { recursive: true, force: true });
}
rmSync(old, { recursive: true, force: true });
console.log(`${rounds - bad} of ${rounds} whole`);
process.exitCode = bad === 0 ? 0 : 1;
