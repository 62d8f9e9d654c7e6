import { say } from '@bright-sprout/words/say';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { expect, type Page } from '@playwright/test';
import { inDays } from './days';
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people';
import { test } from './test';

/** What the browser's camera sees: the demo's pan by the simulated camera, again and again. */
const SEEN = join(mkdtempSync(join(tmpdir(), 'sprout-live-')), 'live.mjpeg');

test.use({
  viewport: { width: 390, height: 844 },
  permissions: ['camera'],
  launchOptions: {
    executablePath: '/usr/bin/chromium',
    args: [
      ...'--no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking'.split(' '),
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${SEEN}`,
    ],
  },
});

test.beforeAll(() => {
  const folder = mkdtempSync(join(tmpdir(), 'sprout-camera-'));
  execFileSync('node', [join(__dirname, '../scripts/camera.mjs'), '--out', folder, '--sown', inDays(-16), '--days', '16']);
  const jpeg = readFileSync(join(folder, 'pan-day-16.jpg'));
  writeFileSync(SEEN, Buffer.concat(Array.from({ length: 30 }, () => jpeg)));
});

async function joinPatch(page: Page): Promise<string> {
  const { demoTeams } = await import('../scripts/demoSignIns.mjs');
  const { joinCode, pins } = demoTeams.find((t: { joinCode: string }) => t.joinCode === 'SLATE9')!;
  const joined = await page.request.post('/api/v1/join', { data: { classCode: joinCode, emblem: 'boat', pin: pins.boat } });
  expect(joined.ok()).toBe(true);
  const [film] = (await (await page.request.get('/api/v1/bench/films')).json()) as FilmView[];
  return film!.id;
}

test('a team takes today’s picture by the line of the last one, without a network; the teacher sees it first and takes it back', async ({
  page,
  browser,
  baseURL,
}) => {
  const filmId = await joinPatch(page);
  await page.goto('/bench');
  await page.getByRole('link', { name: /Take today’s picture/ }).click();
  await expect(page).toHaveURL(new RegExp(`/bench/take/${filmId}`));
  // Line, lean and light are told from what the camera sees.
  await expect(page.getByText(/\d+° off, up to 6° is fine/)).toBeVisible();
  await expect(page.getByText(/like your 8 others/)).toBeVisible();
  await expect(page.getByText(/It lies as it did before|Bring .* in\.|onto the last picture’s line/)).toBeVisible();
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
  await page.context().setOffline(true);
  await page.getByRole('button', { name: /^Take it/ }).click();
  await expect(page.getByText(say('pictures.nobodysFaceHand'))).toBeVisible();
  await page.getByRole('button', { name: say('pictures.takeAgain') }).click();
  await page.getByRole('button', { name: /^Take it/ }).click();
  await page.getByRole('button', { name: say('pictures.nobodyKeep') }).click();
  await expect(page.getByRole('heading', { name: say('pictures.waitsDevice') })).toBeVisible();
  await page.context().setOffline(false);
  await expect(page.getByRole('heading', { name: say('pictures.yourTeacherHasIt') })).toBeVisible();
  const teacher = await (await browser.newContext({ baseURL: baseURL!, viewport: { width: 1280, height: 800 } })).newPage();
  await signIn(teacher);
  const classes = (await (await teacher.request.get('/api/v1/classes')).json()) as ClassView[];
  const patch = classes.find((c) => c.name === '9 Slate')!.investigations.find((i) => i.question.includes('clover'))!;
  await teacher.goto(`/investigations/${patch.id}/pictures`);
  const fresh = teacher.getByRole('region', { name: say('pictures.newPictures') });
  await expect(fresh.getByRole('listitem')).toHaveCount(2);
  const own = fresh.getByRole('listitem').filter({ hasText: 'by Boats' }).last();
  await own.getByRole('button', { name: say('common.takeBack') }).click();
  await expect(fresh.getByRole('listitem')).toHaveCount(1);
  const { frames } = ((await (await page.request.get('/api/v1/bench/films')).json()) as FilmView[])[0]!;
  expect(frames.filter((f) => f.day === inDays(0))).toEqual([]);
});
