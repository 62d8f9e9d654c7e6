import { say } from '@bright-sprout/words/say';
import { type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { dayInZone, formatDay, weekday } from '@bright-sprout/core/calendar/days';
import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { careTasksOn } from '@bright-sprout/core/care/careTasks';
import { expect } from '@playwright/test';
import { ODD_MOMENTS } from '../packages/core/test/oddMoments';
import { joinOn, openWall, signIn, tap } from './people';
import { startServer } from './startApplication';
import { test } from './test';

/** Where the class lives; the team's device stands in another zone, and the class's counts. */
const ZONE = 'Europe/Berlin';

/** What the browser itself does with a day differs on these; the server's tests live through every weekday and odd night. */
const IN_THE_BROWSER = [
  'on a Friday',
  'on a Sunday',
  'on the night when summer time begins',
  'in the last hour of a year',
  'on the 29th of February',
];

// What depends on the day, lived through: each has a server of its own.
for (const [i, words] of IN_THE_BROWSER.entries())
  test.describe(words, () => {
    const [, moment] = ODD_MOMENTS.find(([called]) => called === words)!;
    const day = dayInZone(new Date(moment), ZONE);
    const filesDir = mkdtempSync(join(tmpdir(), 'sprout-day-'));
    let server: ChildProcess;
    test.use({
      baseURL: async ({}, use) => {
        const { freePort } = await import('../scripts/mariadb.mjs');
        const port = await freePort();
        const databaseUrl = `${process.env.E2E_DATABASE_SERVER!}any_day_${i}`;
        server = await startServer({ databaseUrl, port, filesDir, demo: 'no-pictures', now: moment, zone: ZONE });
        await use(`http://127.0.0.1:${port}`);
        server.kill('SIGTERM');
        rmSync(filesDir, { recursive: true, force: true });
      },
    });

    test('the demo is open, a team checks and cares, and its teacher sees it', async ({ page, browser, baseURL }) => {
      await signIn(page);
      await expect(page.getByRole('heading', { level: 1 })).toContainText(
        /^Today (one investigation has (28 pots|14 bags|6 sections)|two investigations have (42|34|20) \w+|three investigations have 48 pots) to check|^Three investigations are growing; the next check is/,
      );
      const kites = await joinOn(browser, 'Kites', { width: 820, height: 1180 }, { baseURL });
      await expect(kites.getByText(formatDay(day))).toBeVisible();
      await kites.getByRole('button', { name: 'A1', exact: true }).click();
      await tap(kites, '31.4');
      await kites.getByRole('button', { name: /^Next/ }).click();
      await expect(kites.getByRole('button', { name: 'A1, done' })).toBeVisible();
      await openWall(page);
      await expect(page.getByRole('slider', { name: say('tape.dayLooked') })).toHaveAttribute(
        'aria-valuetext',
        new RegExp(formatDay(day)),
      );
      await expect(page.getByRole('button', { name: /^A1, no salt: 31\.4 cm/ })).toBeVisible();
      await kites.goto(`${kites.url().replace(/&.*/, '')}&pot=done`);
      const { investigations } = (await (await kites.request.get('/api/v1/bench')).json()) as BenchView;
      const { schedule, bench } = investigations[0]!.investigation;
      const due = careTasksOn(day, schedule, bench.care).length > 0;
      if ([0, 6].includes(weekday(day))) expect(due).toBe(false);
      await expect(kites.getByRole('region', { name: say('bench.plantsNeedToday') })).toHaveCount(due ? 1 : 0);
    });
  });
