#!/usr/bin/env node
// Measures, never tests: each figure stands beside a plain baseline of the same run. npm run bench
import { spawn, spawnSync } from 'node:child_process';
import { randomBytes, randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { benchCore } from './benchCore.mjs';
import { hearing } from './benchNews.mjs';
import { benchPictures } from './benchPictures.mjs';
import { freePort, installPackages, startMariadb, which } from './mariadb.mjs';
import { build, exitWith, installModules, ROOT } from './project.mjs';
import { speakEnglish } from './speakEnglish.mjs';

/** `npm run bench -- --short` walks the same way with little of everything, so that a test sees that it still leads somewhere. */
const SHORT = process.argv.includes('--short');
const [DEVICES, CHECKS_EACH, MINUTE] = SHORT ? [4, 2, 1000] : [40, 12, 60_000];

/** Of the built core, loaded once it is there. */
let readCsvSheet, guessReading, packSheet;
function loadTables() {
  const core = createRequire(join(ROOT, 'packages/core/dist/formats/table/'));
  speakEnglish();
  ({ readCsvSheet } = core('./readCsvSheet.js'));
  ({ guessReading } = core('./guessReading.js'));
  ({ packSheet } = core('./sheet.js'));
}

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
  const open = async () => (await fetch(`${url}/api/v1/bench`, { headers: { cookie } })).json();
  const bench = await open();
  const [{ investigation }] = bench.investigations;
  const sent = [];
  /** @param pace milliseconds from one save of this device to its next; 0 saves without a pause */
  const check = async (found, pace) => {
    await new Promise((next) => setTimeout(next, Math.random() * pace));
    for (let i = 0; i < CHECKS_EACH; i++) {
      const { id: containerId } = investigation.containers[i % investigation.containers.length];
      const findings = [
        { measure: 'height', typed: `${10 + i}.5 cm` },
        { measure: 'leaves', value: 3 },
      ];
      const reading = { id: randomUUID(), plant: '1', state: 'measured', findings };
      const checkId = randomUUID();
      const body = { containerId, day: bench.today, recordedAt: new Date().toISOString(), readings: [reading] };
      const begun = performance.now();
      found.begun.set(checkId, begun);
      const answer = await fetch(`${url}/api/v1/bench/checks/${checkId}`, {
        method: 'PUT',
        headers: { ...headers, cookie },
        body: JSON.stringify(body),
      });
      const took = performance.now() - begun;
      if (answer.ok) sent.push(reading.id);
      else found.errors.push(await answer.text());
      found.times.push(took);
      if (pace > took) await new Promise((next) => setTimeout(next, pace - took));
    }
  };
  /** Readings that were confirmed and are not there once. */
  const unaccounted = async () => {
    const { investigations } = await open();
    const there = investigations.flatMap((i) => i.readings.map((r) => r.id));
    return sent.filter((id) => there.filter((t) => t === id).length !== 1);
  };
  return { check, unaccounted, sent };
}

/** A class of ten minutes compressed to one, then the same without any pause; every reading is looked for afterwards. */
async function saving(url, { joinCode, pins }, teacher) {
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
    [MINUTE / CHECKS_EACH, SHORT ? 'in a second' : 'in one minute'],
    [0, 'without a pause'],
  ]) {
    const found = { times: [], errors: [], begun: new Map() };
    const page = await hearing(url, teacher);
    await Promise.all(devices.map(({ check }) => check(found, pace)));
    await new Promise((rest) => setTimeout(rest, 2000));
    await page.close();
    found.times.sort((a, b) => a - b);
    const name = `${DEVICES} devices × ${CHECKS_EACH} checks ${words}`;
    row(`${name}, p50`, ms(quantile(found.times, 0.5)), `${found.errors.length} errors`);
    row(
      `${name}, p95`,
      ms(quantile(found.times, 0.95)),
      `${(quantile(found.times, 0.95) / base).toFixed(1)} × p95 of a health request without a pause (${ms(base)})`,
    );
    if (found.errors.length > 0) console.log(found.errors[0]);
    const delays = [...found.begun].flatMap(([id, begun]) => (page.told.has(id) ? [page.told.get(id) - begun] : []));
    const late = quantile(
      delays.sort((a, b) => a - b),
      0.95,
    );
    row(
      `${name}: until an open page hears of it, p95`,
      ms(late),
      `${(late / base).toFixed(1)} × the same; ${delays.length} of ${found.begun.size} told`,
    );
    const news = quantile(
      page.asked.sort((a, b) => a - b),
      0.95,
    );
    row(`${name}: what it brought, p95`, ms(news), `${(news / base).toFixed(1)} × the same`);
  }
  const sent = devices.reduce((n, d) => n + d.sent.length, 0);
  const lost = (await Promise.all(devices.map((d) => d.unaccounted()))).flat();
  row('readings accounted for afterwards', `${sent - lost.length} of ${sent}`, 'each once');
}

const dayAgo = (days) => new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10);

/** Many plants on many days, as a file. */
function longRecords(plants, days) {
  const rows = Array.from({ length: plants }, (_, pot) =>
    Array.from(
      { length: days },
      (_, n) =>
        `P${pot + 1},${'ABCD'[pot % 4]} salt,Bench ${1 + (pot % 7)},${dayAgo(45 - n)},${(1 + n * (0.4 + 0.01 * (pot % 9))).toFixed(1)}`,
    ),
  );
  return ['Pot,Treatment,Team,Date,Height (cm)', ...rows.flat()].join('\n');
}

/** An investigation of many plants, brought in from a file. */
async function investigationOf(plants, page, url, days = 40) {
  const [{ id: classId }] = await (await page.request.get(`${url}/api/v1/classes`)).json();
  const id = randomUUID();
  const { sheet } = readCsvSheet(longRecords(plants, days));
  const { own, ...reading } = { ...guessReading(sheet, dayAgo(0)), sownOn: dayAgo(50), control: 'A salt' };
  const made = await page.request.put(`${url}/api/v1/imports/${id}`, {
    data: {
      classId,
      question: `${plants} plants on ${days} days?`,
      factor: 'salt',
      speciesId: 'barley',
      fileName: 'bench.csv',
      table: packSheet(sheet, () => true),
      reading,
      own,
    },
  });
  if (!made.ok()) throw new Error(await made.text());
  return id;
}

/** The log of a whole year group: until a cell can be typed in, and from one cell to the next. */
async function longLog(page, url) {
  const id = await investigationOf(SHORT ? 40 : 500, page, url);
  await page.setViewportSize({ width: 1280, height: 800 });
  const opened = [];
  for (let i = 0; i < 5; i++) {
    await page.goto('about:blank');
    const begun = performance.now();
    await page.goto(`${url}/investigations/${id}/log`);
    await page.getByRole('gridcell', { name: /^P1,/ }).first().waitFor();
    opened.push(performance.now() - begun);
  }
  const empty = [];
  for (let i = 0; i < 5; i++) {
    await page.goto('about:blank');
    const begun = performance.now();
    await page.goto(`${url}/seeds`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    empty.push(performance.now() - begun);
  }
  await page.goto(`${url}/investigations/${id}/log`);
  await page.getByRole('gridcell', { name: /^P1,/ }).first().click();
  const moves = await page.evaluate(async () => {
    const frame = () => new Promise((next) => requestAnimationFrame(next));
    const times = [];
    for (let i = 0; i < 80; i++) {
      const key = i < 40 ? 'ArrowDown' : i < 60 ? 'ArrowRight' : 'ArrowUp';
      await frame();
      const begun = performance.now();
      document.activeElement.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
      await frame();
      times.push(performance.now() - begun);
    }
    return times.sort((a, b) => a - b);
  });
  const middle = (times) => times.sort((a, b) => a - b)[2];
  const rest = middle(empty);
  row(
    `log of ${SHORT ? 40 : 500} plants × 40 days until it can be typed in`,
    ms(middle(opened)),
    `${(middle(opened) / rest).toFixed(1)} × the page of the seed shelf (${ms(rest)})`,
  );
  row('from one cell of it to the next, p50', ms(quantile(moves, 0.5)), 'a frame is 16.7 ms');
  row('from one cell of it to the next, p95', ms(quantile(moves, 0.95)), 'a frame is 16.7 ms');
}

/** Moving along the tape of days: how long each picture of the wall takes, one day a frame. */
async function scrubbing(page, url) {
  const id = await investigationOf(60, page, url);
  await page.setViewportSize({ width: 1920, height: 1080 });
  await page.goto(`${url}/investigations/${id}`);
  await page.getByRole('slider').focus();
  await page.getByRole('button', { name: /^P60/ }).waitFor();
  const frames = await page.evaluate(async () => {
    const slider = document.querySelector('[role=slider]');
    const frame = () => new Promise((next) => requestAnimationFrame(next));
    const times = [];
    for (let i = 0; i < 80; i++) {
      const key = Math.floor(i / 39) % 2 === 0 ? 'ArrowLeft' : 'ArrowRight';
      const begun = await frame();
      slider.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
      times.push((await frame()) - begun);
    }
    return times.sort((a, b) => a - b);
  });
  const idle = await page.evaluate(async () => {
    const frame = () => new Promise((next) => requestAnimationFrame(next));
    const times = [];
    for (let i = 0; i < 40; i++) times.push(-(await frame()) + (await frame()));
    return times.sort((a, b) => a - b)[20];
  });
  for (const [name, p] of [
    ['p50', 0.5],
    ['p95', 0.95],
  ])
    row(
      `a frame while scrubbing 60 plants × 40 days, ${name}`,
      ms(quantile(frames, p)),
      `${(quantile(frames, p) / idle).toFixed(1)} × a frame of the same page at rest (${ms(idle)})`,
    );
}

/** From one question to another: until its figure is drawn, until it is known how sure it is, and the longest the page stood still. */
async function choosing(page, url, plants, days) {
  const id = await investigationOf(plants, page, url, days);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('about:blank');
  const begun = performance.now();
  await page.goto(`${url}/investigations/${id}/compare`);
  await page.locator('.claim-finding').waitFor();
  const opened = performance.now() - begun;
  const { drawn, sure, still } = await page.evaluate(
    async (questions) => {
      const frame = () => new Promise((next) => requestAnimationFrame(next));
      const rest = (ms) => new Promise((next) => setTimeout(next, ms));
      const still = [0];
      new PerformanceObserver((list) => list.getEntries().forEach((e) => still.push(e.duration))).observe({
        entryTypes: ['longtask'],
      });
      const drawn = [];
      for (let i = 0; i < questions; i++) {
        const links = [...document.querySelectorAll('.question-list a')].filter(
          (a) => !/earlier|other classes/.test(a.textContent),
        );
        await frame();
        const begun = performance.now();
        links[i % links.length].click();
        await frame();
        await frame();
        drawn.push(performance.now() - begun);
        await rest(1200);
      }
      const sure = performance.getEntriesByName('comparison').map((e) => e.duration);
      const up = (list) => list.sort((a, b) => a - b);
      return { drawn: up(drawn), sure: up(sure), still: Math.max(...still) };
    },
    SHORT ? 3 : 24,
  );
  const name = `${plants} containers × ${days} days`;
  row(
    `a question to ${name} until its figure is drawn, p95`,
    ms(quantile(drawn, 0.95)),
    `p50 ${ms(quantile(drawn, 0.5))}; a frame is 16.7 ms`,
  );
  row(`how sure, in the worker, p95`, ms(quantile(sure, 0.95)), `p50 ${ms(quantile(sure, 0.5))}`);
  row('longest the page stood still meanwhile', ms(still), `opened in ${ms(opened)}`);
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
  await phone.getByRole('button', { name: 'We know how' }).waitFor();
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
  await choosing(laptop, url, SHORT ? 24 : 168, SHORT ? 4 : 20);
  if (!SHORT) await choosing(laptop, url, 2000, 4);
  await scrubbing(laptop, url);
  await longLog(laptop, url);
  await browser.close();
}

async function main() {
  installModules({ tests: true });
  if (!which('chromium')) installPackages(['chromium'], 'Chromium');
  await build();
  loadTables();
  benchCore(row, SHORT);
  await benchPictures(row, SHORT);
  const { demoTeacher, demoTeams } = await import('./demoSignIns.mjs');
  const dataDir = mkdtempSync(join(tmpdir(), 'sprout-bench-'));
  const server = await startServer(dataDir);
  try {
    await inBrowser(server.url, demoTeams[0], { email: demoTeacher.email, password: demoTeacher.password });
    await saving(server.url, demoTeams[0], { email: demoTeacher.email, password: demoTeacher.password });
  } finally {
    await server.stop();
    rmSync(dataDir, { recursive: true, force: true });
  }
}

main().then(() => process.exit(0), exitWith);
