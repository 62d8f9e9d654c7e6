#!/usr/bin/env node
// Takes the pictures of docs/screenshots from a running application with the demo: npm start, then npm run screenshots.
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { PlainError, which } from './mariadb.mjs';
import { demoTeacher, demoTeams } from './demoSignIns.mjs';
import { exitWith, ROOT } from './project.mjs';

const { chromium } = createRequire(import.meta.url)('@playwright/test');
const base = process.env.SPROUT_URL ?? 'http://127.0.0.1:4310';
const LAPTOP = { width: 1280, height: 800 };

const CSV = ['Pot;Treatment;Team;Date;Height (cm)', ...[4.1, 4.4, 4.9, 4.6].flatMap((h, i) => [`P${i + 1};water;Bench ${i + 1};21.09.2026;${h}`, `Q${i + 1};shade;Bench ${i + 1};21.09.2026;${h + 3}`]), 'P1;shade;Bench 1;soon;5'].join('\n'); // prettier-ignore

async function main() {
  if (!(await fetch(`${base}/api/health`).then((r) => r.ok, () => false))) throw new PlainError(`Nothing answers at ${base}: run npm start first.`); // prettier-ignore
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
  const teacher = async (request) => {
    await request.post(`${base}/api/v1/session`, { data: { email: demoTeacher.email, password: demoTeacher.password } });
    const classes = await (await request.get(`${base}/api/v1/classes`)).json();
    return classes.find((c) => c.name === demoTeams[0].name);
  };
  const classId = async (request) => (await teacher(request)).id;
  const investigation = async (request) => (await teacher(request)).investigations.at(-1).id;
  const team = (emblem) => async (request) => {
    await request.post(`${base}/api/v1/join`, {
      data: { classCode: demoTeams[0].joinCode, emblem, pin: demoTeams[0].pins[emblem] },
    });
  };
  const plan = async (request) => {
    const { id } = await teacher(request);
    return (await (await request.get(`${base}/api/v1/classes/${id}/plans`)).json()).at(-1).id;
  };
  const workedOut = { before: plan, act: (page) => page.getByText(/about \d+ % in height/).waitFor() };
  const tap = (digits) => async (page) => {
    for (const key of digits) await page.getByRole('button', { name: key, exact: true }).click();
    await page.mouse.move(5, 5);
  };
  await shoot('sign-in', LAPTOP, '/');
  await shoot('today', LAPTOP, '/', { before: teacher });
  await shoot('set-up', LAPTOP, '/classes/{}/set-up', { before: classId });
  await shoot('planner-start', LAPTOP, '/classes/{}/plans', { before: classId });
  for (const part of ['ask', 'seeds', 'lay-out', 'days', 'prepare'])
    await shoot(`planner-${part}`, LAPTOP, `/plans/{}/${part}`, workedOut);
  await shoot('seed-shelf', LAPTOP, '/seeds', { before: teacher });
  await shoot('plan', LAPTOP, '/investigations/{}/plan', { before: investigation });
  await shoot('sow', LAPTOP, '/investigations/{}/sow', { before: investigation });
  await shoot('wall', LAPTOP, '/investigations/{}', { before: investigation });
  await shoot('wall-phone', { width: 390, height: 844 }, '/investigations/{}', { before: investigation });
  await shoot('compare', LAPTOP, '/investigations/{}/compare', {
    before: investigation,
    act: (page) => page.locator('.claim-finding').waitFor(),
  });
  await shoot('import', LAPTOP, '/classes/{}/import', {
    before: classId,
    act: (page) =>
      page
        .locator('input[type=file]')
        .setInputFiles({ name: 'shade.csv', mimeType: 'text/csv', buffer: Buffer.from(CSV) })
        .then(() => page.getByLabel('Sown on').fill('2026-09-07')),
  });
  await shoot('bench-phone', { width: 390, height: 844 }, '/bench?pot=A6', { before: team('drum'), act: tap('16.3') });
  await shoot('bench-tablet', { width: 820, height: 1180 }, '/bench?pot=B1', { before: team('kite'), act: tap('13.8') });
  await browser.close();
}

main().catch(exitWith);
