#!/usr/bin/env node
// Takes the pictures of docs/screenshots from a running application with the demo: npm start, then npm run screenshots,
// or only some of them, into a folder of one's own: npm run screenshots -- wall film --out FOLDER.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { PlainError, which } from './mariadb.mjs';
import { demoTeacher, demoTeams } from './demoSignIns.mjs';
import { exitWith, ROOT } from './project.mjs';

const heightMm = ({ findings }) => findings.find((f) => f.measure === 'height')?.value ?? null;

const { chromium } = createRequire(import.meta.url)('@playwright/test');
const base = process.env.SPROUT_URL ?? 'http://127.0.0.1:4310';
const LAPTOP = { width: 1280, height: 800 };

const PHONE = { width: 390, height: 844 };
const TABLET = { width: 820, height: 1180 };

/** A table from a bench, with two slips in it; its masses follow from the numbers of its rows. */
const MINT = [
  'pot,grp,dry_wt,cut_on,leaves,side,note',
  ...Array.from({ length: 32 }, (_, i) => {
    const group = i < 12 ? 'ctrl' : i < 22 ? 'comp' : 'sand';
    const mass = { ctrl: 4.9, comp: 6, sand: 3.6 }[group] + ((i * 7) % 11) / 10 - 0.5;
    const [named, weighed] = [i === 25 ? 'snad' : group, i === 14 ? '4.1O' : mass.toFixed(2)];
    return `${i + 1},${named},${weighed},17.11.26,${7 + ((i * 5) % 6)},${'lr'[i % 2]},${i === 4 ? 'tall' : ''}`;
  }),
].join('\n');

/** What the browser's camera sees: the demo's pan of today by the simulated camera. */
function seenByCamera() {
  const folder = mkdtempSync(join(tmpdir(), 'sprout-camera-'));
  execFileSync(process.execPath, [join(ROOT, 'scripts/camera.mjs'), '--out', folder, '--days', '16']);
  const live = join(folder, 'live.mjpeg');
  writeFileSync(live, Buffer.concat(Array.from({ length: 30 }, () => readFileSync(join(folder, 'pan-day-16.jpg')))));
  return ['--use-fake-device-for-media-stream', `--use-file-for-fake-video-capture=${live}`];
}

async function main() {
  if (
    !(await fetch(`${base}/api/health`).then(
      (r) => r.ok,
      () => false,
    ))
  )
    throw new PlainError(`Nothing answers at ${base}: run npm start first.`);
  const browser = await chromium.launch({
    executablePath: which('chromium'),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', ...seenByCamera()],
  });
  const { values, positionals: only } = parseArgs({
    allowPositionals: true,
    options: { out: { type: 'string', default: join(ROOT, 'docs/screenshots') } },
  });
  const shoot = async (name, viewport, path, { before, act } = {}) => {
    if (only.length > 0 && !only.includes(name)) return;
    const context = await browser.newContext({ viewport, locale: 'en-GB', permissions: ['camera'] });
    const page = await context.newPage();
    const target = before ? await before(page.request) : '';
    await page.goto(base + path.replace('{}', target ?? ''));
    await page.waitForLoadState('networkidle').catch(() => undefined);
    await act?.(page);
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: join(values.out, `${name}.png`) });
    await context.close();
  };
  const api = (path) => `${base}/api/v1${path}`;
  const teacher = async (request) => {
    await request.post(`${base}/api/v1/session`, { data: { email: demoTeacher.email, password: demoTeacher.password } });
    const classes = await (await request.get(`${base}/api/v1/classes`)).json();
    return classes.find((c) => c.name === demoTeams[0].name);
  };
  const investigation = async (request) => (await teacher(request)).investigations.at(-1).id;
  const team = (emblem) => async (request) => {
    await request.post(`${base}/api/v1/join`, {
      data: { classCode: demoTeams[0].joinCode, emblem, pin: demoTeams[0].pins[emblem] },
    });
  };
  const plan = async (request) => {
    const { id } = await teacher(request);
    return (await (await request.get(`${base}/api/v1/classes/${id}/plans`)).json()).find((p) => !p.sown).id;
  };
  const workedOut = { before: plan, act: (page) => page.getByText(/about \d+ % in height/).waitFor() };
  /** A team enters that a plant has grown by so many millimetres since it was last measured. */
  const grown = (code, byMm) => async (page) => {
    await page.getByRole('button', { name: 'We know how' }).click();
    const { investigations } = await (await page.request.get(api('/bench'))).json();
    const [{ investigation: own, readings }] = investigations;
    const { id } = own.containers.find((c) => c.code === code);
    const last = readings.filter((r) => r.containerId === id && heightMm(r) !== null).at(-1);
    for (const key of ((heightMm(last) + byMm) / 10).toFixed(1))
      await page.getByRole('button', { name: key, exact: true }).click();
    await page.mouse.move(5, 5);
  };
  const ofInvestigation = (act) => ({ before: investigation, act });
  await shoot('today', LAPTOP, '/', { before: teacher });
  for (const part of ['ask', 'lay-out', 'days']) await shoot(`planner-${part}`, LAPTOP, `/plans/{}/${part}`, workedOut);
  await shoot('sow', LAPTOP, '/investigations/{}/sow', ofInvestigation());
  await shoot('wall', LAPTOP, '/investigations/{}', ofInvestigation());
  await shoot('print-room', LAPTOP, '/investigations/{}/print?what=record-sheets', ofInvestigation());
  await shoot('bring-in', LAPTOP, '/classes/{}/import', {
    before: async (request) => (await teacher(request)).id,
    act: async (page) => {
      await page.locator('input[type=file]').setInputFiles({ name: 'mint.csv', mimeType: 'text/csv', buffer: Buffer.from(MINT) });
      await page.getByText('31 containers').waitFor();
      await page.getByRole('button', { name: /^dry_wt/ }).click();
      await page.getByText('one mark each').first().waitFor();
    },
  });
  await shoot('log', LAPTOP, '/investigations/{}/log', ofInvestigation());
  await shoot(
    'compare',
    LAPTOP,
    '/investigations/{}/compare',
    ofInvestigation((page) => page.locator('.claim-finding').waitFor()),
  );
  await shoot(
    'deal-again',
    LAPTOP,
    '/investigations/{}/deal?by=treatments',
    ofInvestigation(async (page) => {
      for (let i = 0; i < 6; i++) await page.getByRole('button', { name: 'Ten' }).click();
    }),
  );
  await shoot(
    'talking-points',
    LAPTOP,
    '/investigations/{}/conclude',
    ofInvestigation((page) => page.locator('.point-open').waitFor()),
  );
  await shoot(
    'report',
    LAPTOP,
    '/investigations/{}/conclude/report',
    ofInvestigation((page) => page.locator('.report-paper').waitFor()),
  );
  await shoot(
    'certificate',
    LAPTOP,
    '/investigations/{}/conclude/certificates',
    ofInvestigation((page) => page.locator('.certificate-list').first().waitFor()),
  );
  await shoot('claim', TABLET, '/bench', {
    before: team('moon'),
    act: async (page) => {
      const { investigations } = await (await page.request.get(api('/bench'))).json();
      await page.goto(`${base}/bench/conclude/${investigations[0].investigation.id}`);
      await page.locator('.reach-ask').first().waitFor();
    },
  });
  await shoot('bench-phone', PHONE, '/bench?pot=A6', { before: team('drum'), act: grown('A6', 23) });
  await shoot('notebook', TABLET, '/bench', {
    before: team('kite'),
    act: async (page) => {
      const { investigations } = await (await page.request.get(api('/bench'))).json();
      await page.goto(`${base}/bench/notebook/${investigations[0].investigation.id}`);
      await page.waitForLoadState('networkidle');
    },
  });
  const patch = async (request) => {
    await teacher(request);
    const classes = await (await request.get(api('/classes'))).json();
    const { id } = classes.flatMap((c) => c.investigations).find((i) => i.question.includes('clover'));
    const [film] = await (await request.get(api(`/investigations/${id}/films`))).json();
    for (const f of film.frames.filter((f) => !f.seen)) await request.put(api(`/frames/${f.id}/seen`));
    return id;
  };
  await shoot('film', { width: 1280, height: 980 }, '/investigations/{}/pictures?at=9', {
    before: patch,
    act: async (page) => {
      await page.getByRole('heading', { name: /is half green/ }).waitFor();
      await page.waitForTimeout(1000);
    },
  });
  await shoot('film-take', PHONE, '/bench', {
    before: async (request) => {
      const { joinCode, pins } = demoTeams.find((t) => t.joinCode === 'SLATE9');
      await request.post(api('/join'), { data: { classCode: joinCode, emblem: 'kite', pin: pins.kite } });
    },
    act: async (page) => {
      const [film] = await (await page.request.get(api('/bench/films'))).json();
      await page.goto(`${base}/bench/take/${film.id}`);
      await page.getByText(/° off/).waitFor();
      await page.waitForTimeout(1500);
    },
  });
  await browser.close();
}

main().catch(exitWith);
