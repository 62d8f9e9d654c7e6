#!/usr/bin/env node
// Measures, never tests: each figure stands beside a plain baseline of the same run. npm run bench
import { spawn, spawnSync } from 'node:child_process';
import { randomBytes, randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { benchCore } from './benchCore.mjs';
import { freePort, installPackages, startMariadb, which } from './mariadb.mjs';
import { build, exitWith, installModules, ROOT } from './project.mjs';

const DEVICES = 30;
const CHECKS_EACH = 12;

const quantile = (sorted, p) => sorted[Math.min(sorted.length - 1, Math.floor(p * sorted.length))];
const row = (name, value, beside) => console.log(`${name.padEnd(58)} ${value.padStart(12)}   ${beside}`);
const ms = (value) => `${value.toFixed(1)} ms`;

async function startServer(dataDir) {
  const database = await startMariadb({ dataDir, port: await freePort() });
  const port = await freePort();
  const env = {
    ...process.env,
    DATABASE_URL: database.url('bench'),
    PORT: String(port),
    SPROUT_SECRET: randomBytes(32).toString('hex'),
    NODE_ENV: 'production',
  };
  const dist = join(ROOT, 'apps/server/dist');
  const prepared = spawnSync(process.execPath, [join(dist, 'prepare.js')], { env, encoding: 'utf8' });
  if (prepared.status !== 0) throw new Error(prepared.stderr);
  const server = spawn(process.execPath, [join(dist, 'main.js')], { env, stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
  await new Promise((ready) => server.once('message', ready));
  return { url: `http://127.0.0.1:${port}`, stop: async () => (server.kill(), database.stop()) };
}

/** One device: joins as a team and saves checks of its containers one after the other. */
async function checkingDevice(url, joinCode, emblem, pin) {
  const headers = { 'content-type': 'application/json' };
  const joined = await fetch(`${url}/api/v1/join`, {
    method: 'POST',
    headers,
    body: JSON.stringify({ classCode: joinCode, emblem, pin }),
  });
  const cookie = joined.headers.get('set-cookie').split(';')[0];
  const bench = await (await fetch(`${url}/api/v1/bench`, { headers: { cookie } })).json();
  const [{ investigation }] = bench.investigations;
  /** @param pace milliseconds from one save of this device to its next; 0 saves without a pause */
  return async (times, pace) => {
    await new Promise((next) => setTimeout(next, Math.random() * pace));
    for (let i = 0; i < CHECKS_EACH; i++) {
      const { id: containerId } = investigation.containers[i % investigation.containers.length];
      const body = { containerId, day: bench.today, recordedAt: new Date().toISOString(), readings: [{ id: randomUUID(), plant: '1', state: 'measured', typed: `${10 + i}.5 cm`, leaves: 3 }] }; // prettier-ignore
      const begun = performance.now();
      const answer = await fetch(`${url}/api/v1/bench/checks/${randomUUID()}`, {
        method: 'PUT',
        headers: { ...headers, cookie },
        body: JSON.stringify(body),
      });
      const took = performance.now() - begun;
      if (!answer.ok) throw new Error(await answer.text());
      times.push(took);
      if (pace > took) await new Promise((next) => setTimeout(next, pace - took));
    }
  };
}

async function saving(url, { joinCode, pins }) {
  const teams = Object.entries(pins);
  const devices = await Promise.all(
    Array.from({ length: DEVICES }, (_, i) => checkingDevice(url, joinCode, ...teams[i % teams.length])),
  );
  const plain = [];
  await Promise.all(
    devices.map(async () => {
      for (let i = 0; i < CHECKS_EACH; i++) {
        const begun = performance.now();
        await (await fetch(`${url}/api/health`)).text();
        plain.push(performance.now() - begun);
      }
    }),
  );
  const base = quantile(
    plain.sort((a, b) => a - b),
    0.95,
  );
  for (const [pace, words] of [
    [1000, 'each saving once a second'],
    [0, 'each without a pause'],
  ]) {
    const times = [];
    await Promise.all(devices.map((check) => check(times, pace)));
    times.sort((a, b) => a - b);
    row(`saving a check, ${DEVICES} devices, ${words}, p50`, ms(quantile(times, 0.5)), '');
    row(
      `saving a check, ${DEVICES} devices, ${words}, p95`,
      ms(quantile(times, 0.95)),
      `${(quantile(times, 0.95) / base).toFixed(1)} × p95 of a health request, ${DEVICES} without a pause (${ms(base)})`,
    );
  }
}

async function inBrowser(url, { joinCode, pins }, teacher) {
  const { chromium } = createRequire(import.meta.url)('@playwright/test');
  const browser = await chromium.launch({
    executablePath: which('chromium'),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await phone.request.post(`${url}/api/v1/join`, { data: { classCode: joinCode, emblem: 'kite', pin: pins.kite } });
  const sizes = { script: 0, rest: 0 };
  const session = await phone.context().newCDPSession(phone);
  const types = new Map();
  await session.send('Network.enable');
  session.on('Network.responseReceived', (e) => types.set(e.requestId, e.type));
  session.on(
    'Network.loadingFinished',
    (e) => (sizes[types.get(e.requestId) === 'Script' ? 'script' : 'rest'] += e.encodedDataLength),
  );
  await phone.goto(`${url}/bench`);
  await phone.getByRole('button', { name: '5', exact: true }).waitFor();
  await phone.waitForLoadState('networkidle');
  row(
    'JavaScript of a team’s phone before its first tap, gzip',
    `${(sizes.script / 1000).toFixed(0)} kB`,
    `styles, fonts and data: ${(sizes.rest / 1000).toFixed(0)} kB`,
  );

  const laptop = await (await browser.newContext()).newPage();
  await laptop.request.post(`${url}/api/v1/session`, { data: teacher });
  const [{ investigation }] = await (await laptop.request.get(`${url}/api/v1/investigations`)).json();
  const times = [];
  for (let i = 0; i < 7; i++) {
    await laptop.goto(`${url}/investigations/${investigation.id}/compare`);
    await laptop.waitForFunction(() => performance.getEntriesByName('comparison').length > 0);
    times.push(await laptop.evaluate(() => performance.getEntriesByName('comparison').at(-1).duration));
  }
  const baseline = await laptop.evaluate(() => {
    const begun = performance.now();
    const labels = Array.from({ length: 28 }, (_, i) => i % 4);
    for (let draw = 0; draw < 10_000; draw++)
      for (let i = 27; i > 0; i--) {
        const j = Math.floor(Math.random() * (i + 1));
        [labels[i], labels[j]] = [labels[j], labels[i]];
      }
    return performance.now() - begun;
  });
  const middle = times.sort((a, b) => a - b)[3];
  row(
    'whole comparison in the worker, 4 × 7 pots, median of 7',
    ms(middle),
    `${(middle / baseline).toFixed(1)} × shuffling 28 labels 10,000 times with Math.random (${ms(baseline)})`,
  );
  await browser.close();
}

async function main() {
  installModules();
  if (!which('chromium')) installPackages(['chromium'], 'Chromium');
  build();
  benchCore(row);
  const { demoTeacher, demoTeams } = await import('./demoSignIns.mjs');
  const dataDir = mkdtempSync(join(tmpdir(), 'sprout-bench-'));
  const server = await startServer(dataDir);
  try {
    await inBrowser(server.url, demoTeams[0], { email: demoTeacher.email, password: demoTeacher.password });
    await saving(server.url, demoTeams[0]);
  } finally {
    await server.stop();
    rmSync(dataDir, { recursive: true, force: true });
  }
}

main().then(() => process.exit(0), exitWith);
