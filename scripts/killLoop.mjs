#!/usr/bin/env node
// Kills a first start at random instants, 40 times, and starts again: everything is there then, once.
// node scripts/killLoop.mjs [ROUNDS] [SEED]
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
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

function start(folder, port) {
  // Pictures come later, by themselves: they are not counted.
  const env = { ...process.env, SPROUT_DATA_DIR: folder, PORT: String(port), SPROUT_DEMO: 'no-pictures' };
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
const newFolder = () => mkdtempSync(join(tmpdir(), 'sprout-kill-'));
const first = newFolder();
const expected = await whole(first);
rmSync(first, { recursive: true, force: true });
let bad = 0;
for (let round = 0; round < rounds; round++) {
  const folder = newFolder();
  const kills = [await killed(folder), ...(draw() < 0.5 ? [await killed(folder)] : [])];
  let outcome;
  try {
    const found = await whole(folder);
    outcome = found === expected ? 'whole' : `DIFFERENT: ${found}`;
  } catch (error) {
    outcome = `BROKEN: ${error.message}`;
  }
  if (outcome !== 'whole') bad += 1;
  console.log(`${String(round + 1).padStart(2)} killed after ${kills.join(', then after ')}: ${outcome}`);
  await end(processesOn(folder).map((p) => p.pid));
  rmSync(folder, { recursive: true, force: true });
}
console.log(`${rounds - bad} of ${rounds} whole`);
process.exitCode = bad === 0 ? 0 : 1;
