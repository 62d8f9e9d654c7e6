import { say } from '@bright-sprout/words/say';
import { expect, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { inDays } from './days';
import { expectAccessible, joinOn, tap } from './people';
import { beginPlan, openWord, part, saved } from './planning';
import { test } from './test';

const daysAgo = (days: number) => inDays(-days);

/** An investigation sown some days ago with a check on every school day, and its log. */
async function openLog(page: Page, question: string): Promise<string> {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel(say('planner.wantFind')).fill(question);
  await part(page, 'Days');
  await openWord(page, /^Sowing/);
  await page.getByLabel(say('bringIn.sownOnHead'), { exact: true }).fill(daysAgo(12));
  await openWord(page, /^Days of checks/);
  await page.getByRole('radio', { name: say('planner.everySchoolDay') }).check();
  await saved(page);
  await page.getByRole('button', { name: say('planner.sowIt') }).click();
  await page.getByRole('button', { name: say('planner.yesLay') }).click();
  await expect(page.getByRole('heading', { name: say('sowing.whatWentDifferently') })).toBeVisible();
  const id = /investigations\/([^/]+)/.exec(page.url())![1]!;
  await page.goto(`/investigations/${id}/log`);
  await expect(page.getByRole('grid', { name: say('log.logClass') })).toBeVisible();
  return id;
}

const cell = (page: Page, row: number, day: number) => page.locator(`[data-cell="${row} ${day}"]`);

test('a paper sheet is typed in with the keyboard, a slip is refused, a correction is struck through', async ({ page }) => {
  await openLog(page, 'Typed in: how much salt?');
  await cell(page, 0, 3).click();
  await page.keyboard.type('12,5');
  await page.keyboard.press('Enter');
  await page.keyboard.type('n');
  await page.keyboard.press('Enter');
  await page.keyboard.type('0');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText(say('readings.zeroHeightWriteN'));
  await expect(page.locator('.ledger input')).toHaveValue('0');
  await page.keyboard.press('Escape');
  await page.keyboard.type('xk');
  await page.keyboard.press('Tab');
  await expect(cell(page, 0, 3)).toHaveText('12.5');
  await expect(cell(page, 1, 3)).toHaveText('n');
  await expect(cell(page, 2, 3)).toHaveText('x');
  await expect(cell(page, 2, 4)).toBeFocused();
  await cell(page, 0, 3).click();
  await expect(page.getByText('12.5 cm')).toBeVisible();
  await expect(page.getByText(/by you, in the log/)).toBeVisible();
  await page.keyboard.type('13.5');
  await page.keyboard.press('Enter');
  await expect(cell(page, 0, 3)).toHaveAccessibleName(/: 13\.5, corrected from 12\.5/);
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Only what is missing \(28\)/ }).click();
  await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', '29');
  // Rows out of sight are drawn when the hand comes to them, and all of them on paper.
  await cell(page, 0, 3).click();
  await page.keyboard.press('Control+End');
  await expect(page.locator('[data-cell^="27 "]:focus')).toBeInViewport();
  await page.keyboard.press('Control+Home');
  await expect(cell(page, 0, 0)).toBeFocused();
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('.ledger tbody th')).toHaveCount(28);
  await page.emulateMedia({ media: null });
  await page.reload();
  await expect(cell(page, 0, 3)).toHaveAccessibleName(/: 13\.5, corrected from 12\.5/);
});

test('a filled-in sheet comes back: new looks are taken in, what differs only when asked, what cannot be read is told', async ({
  page,
}) => {
  await openLog(page, 'On paper: how much salt?');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: say('log.takeSheetAlongCsv') }).click();
  const [head, first, second, ...rest] = readFileSync(await (await download).path(), 'utf8')
    .trim()
    .split(/\r?\n/);
  expect(head).toMatch(/^plant,treatment,\d{4}-\d\d-\d\d/);
  const filled = [head, `${first!.replace(/,+$/, '')},,,14.5`, `${second!.replace(/,+$/, '')},,,twelve`, ...rest].join('\n');
  await page
    .getByLabel(say('log.bringFilledSheetBack'))
    .setInputFiles({ name: 'sheet.csv', mimeType: 'text/csv', buffer: Buffer.from(filled) });
  await expect(page.getByText('1 new check, 0 that would correct what stands there.')).toBeVisible();
  await expect(page.getByText(/Line 3: .*“twelve” is not one of the letters/)).toBeVisible();
  await page.getByRole('button', { name: say('log.takeNewOnes') }).click();
  await expect(page.getByText('1 of 1 checks were taken in.')).toBeVisible();
  await expect(cell(page, 0, 2)).toHaveText('14.5');
});

test('a height in doubt is found in the log, settled with a reason, and what was written stays', async ({ page, browser }) => {
  const id = await openLog(page, 'In doubt: how much salt?');
  const first = await page.locator('.ledger tbody th').first().textContent();
  await cell(page, 0, 5).click();
  await page.keyboard.type('12');
  await page.keyboard.press('Enter');
  await expect(cell(page, 0, 5)).toHaveText('12.0');
  const kites = await joinOn(browser, 'Kites');
  await kites.goto(`/bench?investigation=${id}`);
  const pot = kites.getByRole('button', { name: first!.trim(), exact: true });
  const own = (await pot.count()) > 0;
  await (own ? pot : kites.getByRole('button', { name: 'A1', exact: true })).click();
  await kites.getByRole('button', { name: say('bench.anotherDay') }).click();
  await kites.getByLabel('Which day did you check?').fill(daysAgo(1));
  await kites.getByRole('button', { name: say('bench.copiedPaper') }).click();
  await tap(kites, '99.5');
  await kites.getByRole('button', { name: /^(Next|Finish)/ }).click();
  await page.getByRole('button', { name: 'Only what is doubtful (1)' }).click();
  await expect(page.locator('.ledger tbody tr')).toHaveCount(1);
  await page.locator('.ledger td.doubtful').click();
  await expect(page.getByText(say('log.nobodyAnswered'))).toBeVisible();
  await expect(page.getByText('For another day than the device’s: copied from paper.')).toBeVisible();
  await page.getByLabel(say('log.standsBecause')).fill('we looked again together');
  await page.getByRole('button', { name: say('log.settleIt') }).click();
  await expect(page.getByText(say('log.nothingDoubtful'))).toBeVisible();
  await page.getByRole('button', { name: say('log.all') }).click();
  await page.locator('.ledger td', { hasText: '99.5' }).first().click();
  await expect(page.getByText('“we looked again together”')).toBeVisible();
  await expect(page.getByText(/Answered: it really is so/)).toBeVisible();
});
