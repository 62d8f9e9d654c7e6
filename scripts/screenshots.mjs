#!/usr/bin/env node
// Takes the pictures of docs/screenshots from a running application with the demo: npm start, then npm run screenshots.
import { createRequire } from 'node:module';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { PlainError, which } from './mariadb.mjs';
import { demoTeacher, demoTeams } from './demoSignIns.mjs';
import { exitWith, ROOT } from './project.mjs';

const heightMm = ({ findings }) => findings.find((f) => f.measure === 'height')?.value ?? null;

const { chromium } = createRequire(import.meta.url)('@playwright/test');
const base = process.env.SPROUT_URL ?? 'http://127.0.0.1:4310';
const LAPTOP = { width: 1280, height: 800 };

const PHONE = { width: 390, height: 844 };
const TABLET = { width: 820, height: 1180 };

/** What six of the demo's teams read of one plant, around what it was last measured at. */
const READ_TOGETHER = { kite: 0, bell: 0.2, boat: -0.1, moon: 0.6, brolly: 0, drum: 0.1 };

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
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  const shoot = async (name, viewport, path, { before, act } = {}) => {
    const context = await browser.newContext({ viewport, locale: 'en-GB' });
    const page = await context.newPage();
    const target = before ? await before(page.request) : '';
    await page.goto(base + path.replace('{}', target ?? ''));
    await page.waitForLoadState('networkidle').catch(() => undefined);
    await act?.(page);
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: join(ROOT, 'docs/screenshots', `${name}.png`) });
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
  const link = async (request) => {
    const id = await investigation(request);
    return (await (await request.post(api(`/investigations/${id}/screen-links`))).json()).token;
  };
  /** Opens a plant for everybody, and sends what the teams read of it. */
  const readTogether = async (request) => {
    const id = await investigation(request);
    const { investigation: shown, readings } = await (await request.get(api(`/investigations/${id}`))).json();
    const tallest = readings.filter((r) => heightMm(r) !== null).sort((a, b) => heightMm(b) - heightMm(a))[0];
    const open = randomUUID();
    await request.put(api(`/together/${open}`), { data: { investigationId: shown.id, containerId: tallest.containerId } });
    for (const [emblem, off] of Object.entries(READ_TOGETHER)) {
      const device = await browser.newContext();
      await team(emblem)(device.request);
      await device.request.put(api(`/bench/together/${open}`), {
        data: { typed: `${(heightMm(tallest) / 10 + off).toFixed(1)} cm` },
      });
      await device.close();
    }
    return id;
  };
  /** What was made for a picture is taken away again, so that the demo stays as it was. */
  const tidyUp = async () => {
    const { request } = await browser.newContext();
    const id = await investigation(request);
    for (const { id: of } of await (await request.get(api(`/investigations/${id}/screen-links`))).json())
      await request.delete(api(`/investigations/${id}/screen-links/${of}`));
    for (const t of await (await request.get(api(`/investigations/${id}/together`))).json())
      if (!t.closed) await request.delete(api(`/together/${t.id}`));
  };
  const ofInvestigation = (act) => ({ before: investigation, act });
  await shoot('today', LAPTOP, '/', { before: teacher });
  for (const part of ['ask', 'lay-out', 'days', 'prepare'])
    await shoot(`planner-${part}`, LAPTOP, `/plans/{}/${part}`, workedOut);
  await shoot('sow', LAPTOP, '/investigations/{}/sow', ofInvestigation());
  await shoot('wall', LAPTOP, '/investigations/{}', ofInvestigation());
  await shoot('screen', LAPTOP, '/screen/{}', { before: link });
  await shoot('together', LAPTOP, '/investigations/{}/together', {
    before: readTogether,
    act: (page) => page.getByRole('button', { name: 'Show what was read so far' }).click(),
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
    'claims',
    LAPTOP,
    '/investigations/{}/conclude/claims',
    ofInvestigation((page) => page.locator('.claimed').first().waitFor()),
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
    ofInvestigation((page) => page.locator('.sheet-drawing').first().waitFor()),
  );
  await tidyUp();
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
  await browser.close();
}

main().catch(exitWith);
