import { say } from '@bright-sprout/words/say';
import { expect, type Page } from '@playwright/test';
import { inDays } from './days';
import { expectAccessible, expectNoSidewaysScroll, joinOn, openWall, signIn, tap } from './people';
import { beginPlan, openWord, part, saved } from './planning';
import { test } from './test';

/** An investigation sown a week ago, and the page on which it is run. */
async function openRunning(page: Page, question: string): Promise<string> {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel(say('planner.wantFind')).fill(question);
  await part(page, 'Days');
  await openWord(page, /^Sowing/);
  await page.getByLabel(say('bringIn.sownOnHead'), { exact: true }).fill(inDays(-7));
  await openWord(page, /^Days of checks/);
  await page.getByRole('radio', { name: say('planner.everySchoolDay') }).check();
  await saved(page);
  await page.getByRole('button', { name: say('planner.sowIt') }).click();
  await page.getByRole('button', { name: say('planner.yesLay') }).click();
  await expect(page.getByRole('heading', { name: say('sowing.whatWentDifferently') })).toBeVisible();
  const id = /investigations\/([^/]+)/.exec(page.url())![1]!;
  await page.goto(`/investigations/${id}/run`);
  await expect(page.getByRole('heading', { name: say('run.checkingOpen') })).toBeVisible();
  return id;
}

const section = (page: Page, name: string) => page.locator('.section', { has: page.getByRole('heading', { name }) });

test('a container goes to another team and back; a late one is added; an accident takes two; all of it is on record', async ({
  page,
  browser,
}) => {
  const id = await openRunning(page, 'Run: how much salt?');
  await section(page, 'Give a container to another team')
    .getByLabel(say('common.container'))
    .selectOption({ label: 'A1, Kites' });
  await page.getByLabel(say('run.goesTo')).selectOption({ label: 'Moons' });
  await page.getByLabel(say('run.because')).fill('two of them are ill');
  await page.getByRole('button', { name: say('run.moveIt') }).click();
  await expect(page.getByText('A1 went from Kites to Moons: two of them are ill')).toBeVisible();
  const moons = await joinOn(browser, 'Moons');
  await moons.goto(`/bench?investigation=${id}`);
  await expect(moons.getByRole('button', { name: 'A1', exact: true })).toBeVisible();
  await section(page, 'What was done')
    .getByRole('button', { name: say('run.undo') })
    .click();
  await expect(page.locator('.run-list .undone')).toContainText('A1 went from Kites to Moons');
  await moons.reload();
  await expect(moons.getByRole('button', { name: 'A4', exact: true })).toBeVisible();
  await expect(moons.getByRole('button', { name: 'A1', exact: true })).toHaveCount(0);
  await section(page, 'Add a late sowing').getByLabel(say('run.lookedAfter')).selectOption({ label: 'Moons' });
  await page.getByRole('button', { name: say('run.addIt') }).click();
  await expect(page.getByText('A8 is added. Print its label under Plan.')).toBeVisible();
  const lost = page.getByRole('group', { name: say('run.containersLost') });
  await lost.getByRole('button', { name: 'B2' }).click();
  await lost.getByRole('button', { name: 'C2' }).click();
  await page.getByLabel(say('run.whatHappened')).fill('the tray slid off the sill');
  await page.getByRole('button', { name: 'Record for 2' }).click();
  await expect(lost.getByRole('button', { name: 'B2' })).toHaveCount(0);
  await section(page, 'Thin')
    .getByRole('button', { name: say('run.thinnedWriteDown') })
    .click();
  await expect(page.getByText(say('run.nothingLeftThin'))).toBeVisible();
  await expect(page.getByText(/thinned A1, by you: \d(st|nd) of 2 stays, lot \d+/)).toBeVisible();
  await page.getByLabel(say('run.mlForEach')).fill('40');
  await section(page, 'Done for all')
    .getByRole('button', { name: say('room.writeDown') })
    .click();
  await expect(page.getByText(/watered, 40 mL each, by you/)).toBeVisible();
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
  await page.getByRole('link', { name: say('page.wall'), exact: true }).click();
  await expect(page.getByRole('button', { name: /^B2, 25 mmol\/L: was knocked over/ })).toBeVisible();
});

test('checking is closed for a team that comes too late, and opened again', async ({ page, browser }) => {
  const id = await openRunning(page, 'Closed: how much salt?');
  const bells = await joinOn(browser, 'Bells');
  await page.getByRole('button', { name: say('run.closeChecking') }).click();
  await expect(page.getByRole('heading', { name: say('run.checkingClosed') })).toBeVisible();
  await bells.goto(`/bench?investigation=${id}`);
  await expect(bells.getByText('Your teacher has closed checking for now.')).toBeVisible();
  await bells.getByRole('button', { name: 'A2', exact: true }).click();
  await tap(bells, '3.2');
  await bells.getByRole('button', { name: /^Next/ }).click();
  await expect(bells.getByRole('alert')).toContainText(
    'Your teacher has closed checking for now. What you entered stays on this device. What you entered: 3.2 cm.',
  );
  // It reaches the teacher, who takes it in.
  await expect(bells.getByRole('alert')).toContainText('Your teacher has it now, and decides.');
  await page.reload();
  const held = section(page, 'Waiting for you to decide');
  await expect(held.getByRole('listitem')).toContainText(/Bells, A2: 3\.2 cm on/);
  await held.getByRole('button', { name: say('run.takeItIn') }).click();
  await expect(page.getByRole('heading', { name: say('run.waitingDecide') })).toHaveCount(0);
  await bells.getByRole('button', { name: say('entry.sendAgain') }).click();
  await expect(bells.getByRole('alert')).toHaveCount(0);
  await page.getByRole('button', { name: say('run.openChecking') }).click();
  await expect(page.getByRole('heading', { name: say('run.checkingOpen') })).toBeVisible();
});

test('what the plants need today is ticked with its amount, or left out, and the teacher sees both', async ({
  page,
  browser,
}) => {
  await openRunning(page, 'Care: how much salt?');
  const id = /investigations\/([^/]+)/.exec(page.url())![1]!;
  const keys = await joinOn(browser, 'Keys');
  await keys.goto(`/bench?investigation=${id}&pot=done`);
  const care = keys.getByRole('region', { name: say('bench.plantsNeedToday') });
  await care.getByLabel('mL for each cup').fill('35');
  await care.getByRole('button', { name: 'Water: done' }).click();
  await expect(care.getByText('Done: 35 mL each.')).toBeVisible();
  await care
    .getByRole('button', { name: say('bench.notToday') })
    .last()
    .click();
  await expect(care.getByText(say('bench.leftToday'))).toBeVisible();
  await expectAccessible(keys);
  await expect(page.getByText(/watered, 35 mL each, by Keys/)).toBeVisible();
  await expect(page.getByText(/not turned, by Keys/)).toBeVisible();
});

test('a screen shows the wall by itself, live, without signing in, until its link is taken back', async ({ page, browser }) => {
  await signIn(page);
  await openWall(page);
  await page.getByRole('link', { name: say('page.runClass') }).click();
  await page.getByRole('button', { name: say('run.makeLinkScreen') }).click();
  const link = await page.locator('.run-link a').getAttribute('href');
  const screen = await (await browser.newContext({ viewport: { width: 1920, height: 1080 } })).newPage();
  await screen.goto(new URL(link!).pathname);
  await expect(screen.getByRole('heading', { name: 'Does road salt on the pavement reach the hedge?' })).toBeVisible();
  await expect(screen.getByText(/measured · \d+ not up yet/)).toBeVisible();
  await expectAccessible(screen);
  await screen.getByRole('button', { name: say('projector.lightDark') }).click();
  await expect(screen.locator('body')).not.toHaveClass(/screen-dark/);
  await expectAccessible(screen);
  await page
    .getByRole('button', { name: say('run.takeBack') })
    .first()
    .click();
  await expect(screen.getByRole('alert')).toContainText('This screen has been taken back');
});

test('the room: by hand, from a logger’s file, under the tape, and into the next plan', async ({ page }) => {
  await signIn(page);
  await openWall(page);
  await page.getByRole('link', { name: say('exports.room'), exact: true }).click();
  await expect(page.getByRole('img', { name: /^Temperature from/ })).toBeVisible();
  await page.getByLabel(say('room.value'), { exact: true }).fill('400');
  await expect(page.getByText('A value of temperature is between -40 and 70.')).toBeVisible();
  await page.getByLabel(say('room.whatWasRead')).selectOption({ label: 'pH' });
  await page.getByLabel(say('room.value'), { exact: true }).fill('6,4');
  await page.getByRole('button', { name: say('room.writeDown') }).click();
  await expect(page.locator('.run-list').getByText('pH 6.4')).toBeVisible();
  const day = inDays(-1);
  const csv = `time,temperature,light\n${day} 09:00,18.5,800\n${day} 12:00,20.5,2400\nsoon,1,1\n`;
  await page.getByLabel(/A table \(CSV\)/).setInputFiles({ name: 'logger.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByText('4 readings came in.')).toBeVisible();
  await expect(page.getByText('Line 4: “soon” is not a time like 2026-03-19 14:30.')).toBeVisible();
  await page.getByRole('button', { name: say('room.light'), exact: true }).click();
  await expect(page.getByRole('img', { name: /^Light from 800 to 2400 lux/ })).toBeVisible();
  await expect(page.locator('.day-tape-warmth')).toBeVisible();
  await expect(page.getByText(say('refusals.sensorBoxSetServer'))).toBeVisible();
  await expectAccessible(page);
  await beginPlan(page, /^Salt in steps/);
  await part(page, 'Days');
  await openWord(page, /^Warmth/);
  await page.getByRole('button', { name: say('planner.planWithThat') }).click();
  await expect(page.getByLabel('By day, °C')).not.toHaveValue('20');
  await saved(page);
});
