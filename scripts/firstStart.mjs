#!/usr/bin/env node
// How long the first start takes on a machine that has nothing of it yet: a copy of this repository in a new folder, started until it
// answers. npm run first-start, or with -- --short on the modules that are here and without the demo.
import { execFileSync, spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from './mariadb.mjs';
import { exitWith, ROOT } from './project.mjs';

const SHORT = process.argv.includes('--short');
const WORKSPACES = ['.', 'packages/words', 'packages/core', 'packages/contracts', 'apps/server', 'apps/web'];
const seconds = (ms) => `${(ms / 1000).toFixed(1)} s`;

async function main() {
  const folder = mkdtempSync(join(tmpdir(), 'sprout-first-'));
  const copy = join(folder, 'copy');
  execFileSync('git', ['clone', '--quiet', '--local', ROOT, copy], { stdio: 'inherit' });
  if (SHORT)
    for (const modules of WORKSPACES.map((workspace) => join(workspace, 'node_modules')))
      if (existsSync(join(ROOT, modules))) symlinkSync(join(ROOT, modules), join(copy, modules));
  const port = await freePort();
  const begun = performance.now();
  const started = spawn('npm', ['start', '--silent'], {
    cwd: copy,
    env: { ...process.env, PORT: String(port), SPROUT_DATA_DIR: join(folder, 'var'), ...(SHORT && { SPROUT_DEMO: 'off' }) },
    stdio: ['ignore', 'pipe', 'inherit'],
    // Ended as a whole, as by Ctrl-C in its window.
    detached: true,
  });
  let before = begun;
  let said = 'from the command';
  await new Promise((ready, failed) => {
    started.once('exit', (code) => failed(new Error(`It ended with ${code}.`)));
    started.stdout.setEncoding('utf8').on('data', (text) => {
      for (const line of text.split('\n').filter((l) => l.trim() !== '')) {
        const now = performance.now();
        console.log(`${seconds(now - before).padStart(8)}  ${said}`);
        [before, said] = [now, line.trim().slice(0, 60)];
        if (line.includes('is ready')) ready();
      }
    });
  });
  console.log(`${seconds(performance.now() - begun).padStart(8)}  in all, until the address was printed`);
  process.kill(-started.pid, 'SIGINT');
  await new Promise((ended) => started.once('exit', ended));
  rmSync(folder, { recursive: true, force: true });
}

main().then(() => process.exit(0), exitWith);
