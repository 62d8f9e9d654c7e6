import { say } from '@bright-sprout/words/say';
import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import JsZip from 'jszip';
import { expectAccessible, openWall, signIn } from './people';
import { test } from './test';

const ROWS = [4.1, 4.4, 4.9, 4.6, 5.2, 4.8]
  .map((h, i) => [
    `P${i + 1};water;Bench ${i + 1};21.09.2026;${String(h).replace('.', ',')}`,
    `Q${i + 1};shade;Bench ${i + 1};21.09.2026;${String(h + 3).replace('.', ',')}`,
  ])
  .flat();
const HEADING = 'Pot;Treatment;Team;Date;Height (cm)';

/** Opens the page on which a class's records come in. */
async function bringIn(page: Page, className: string): Promise<void> {
  await page.goto('/');
  await page.locator('.class-row').getByRole('link', { name: className }).click();
  await page.getByRole('link', { name: say('classPage.bringRecordsFile') }).click();
}

const choose = (page: Page, name: string, content: string | Buffer) =>
  page.locator('input[type=file]').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(content) });

async function grownOf(page: Page, kind: string): Promise<void> {
  await page.getByRole('button', { name: /^Kind of plant/ }).click();
  await page.getByRole('button', { name: kind, exact: true }).click();
}

const bring = (page: Page) => page.getByRole('button', { name: say('bringIn.bringThem') });

test('a foreign CSV is dropped, corrected where it stands, and compared', async ({ page }) => {
  await signIn(page);
  await bringIn(page, '7 Copper');
  await choose(page, 'notes.txt', 'just a note');
  await expect(page.getByRole('alert')).toContainText('no table');
  const broken = [HEADING, ...ROWS, 'P1;shade;Bench 1;21.09.2026;5', 'P9;water;Bench 2;soon;5', 'P8;watr;Bench 3;21.09.2026;4,8'];
  await choose(page, 'shade.csv', broken.join('\n'));
  await expect(page.getByText('Line 14: P1 has treatment “water”')).toBeVisible();
  await expect(page.getByText(/Line 15: “soon” is not a date/)).toBeVisible();
  await expect(bring(page)).toBeDisabled();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'It is water' }).last().click();
  await expect(page.getByText(/Line 16/)).toHaveCount(0);
  await page.getByRole('button', { name: /^Leave out \d rows?$/ }).click();
  await expect(page.getByText(/Line 15 is left out/)).toBeVisible();
  await grownOf(page, 'radish');
  await page.getByRole('button', { name: say('bringIn.daysLooks') }).click();
  await page.getByLabel(say('bringIn.sownOnHead'), { exact: true }).fill('2026-09-07');
  await page.keyboard.press('Escape');
  await expect(page.getByText('13 containers')).toBeVisible();
  await page.getByRole('button', { name: /^The control is/ }).click();
  await page.getByRole('button', { name: /^water/ }).click();
  await page.getByLabel(say('bringIn.theQuestion')).fill('Do seedlings stretch in the shade?');
  await page.getByLabel(say('bringIn.whatWasChanged')).fill('light');
  await bring(page).click();
  await expect(page.getByText(/With shade, radish was taller on day 14 than with water: by about 3\.\d cm\./)).toBeVisible();
  await page.reload();
  await expect(page.getByText('13 containers measured.')).toBeVisible();
  // The next table with these heads is read as this one was.
  await bringIn(page, '7 Copper');
  await choose(page, 'again.csv', [HEADING, ...ROWS].join('\n'));
  await expect(page.getByText(say('bringIn.asLastTime')).first()).toBeVisible();
  await expect(page.getByLabel(say('bringIn.whatWasChanged'))).toHaveValue('light');
});

test('a sheet with a column a day and no sowing day comes in as days alone, and no date is said of it', async ({ page }) => {
  await signIn(page);
  await bringIn(page, '7 Copper');
  const rows = [1, 2, 3, 4].flatMap((k) => [`A${k},window,0,${k},${k + 3}`, `B${k},cupboard,0,${k + 1},${k + 6}`]);
  await choose(page, 'garden_cress.csv', ['Our garden cress,,,,', 'Pot,Light,Day 3,Day 6,Day 9', ...rows].join('\n'));
  await expect(page.getByText('8 containers')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Kind of plant: garden cress' })).toBeVisible();
  await bring(page).click();
  await expect(page.getByText('8 containers measured.')).toBeVisible();
  await expect(page.getByText('8 of 8 came up, day 6')).toBeVisible();
  await expect(page.getByText(/1000|January/)).toHaveCount(0);
  await page
    .getByRole('navigation', { name: say('page.stations') })
    .getByRole('link', { name: /Check/ })
    .click();
  await expect(page.getByRole('slider', { name: say('tape.dayLooked') })).toBeVisible();
  await expect(page.getByText(/1000|January/)).toHaveCount(0);
});

test('a workbook of weights without a pot or a day is one look at the end, and what nobody measured before is named', async ({
  page,
}) => {
  const { default: ExcelJs } = await import('exceljs');
  const book = new ExcelJs.Workbook();
  book.addWorksheet('about').addRow(['Weighed in the last week']);
  const sheet = book.addWorksheet('weights');
  sheet.addRow(['grp', 'dry weight (g)', 'stiffness']);
  for (let i = 0; i < 8; i++) sheet.addRow([i % 2 ? 'mulch' : 'control', 1 + (i % 2) + i / 10, 10 + i]);
  await signIn(page);
  await bringIn(page, '7 Copper');
  await choose(page, 'weights.xlsx', Buffer.from(await book.xlsx.writeBuffer()));
  await expect(page.getByText(say('bringIn.lookEnd'))).toBeVisible();
  await page.getByRole('button', { name: /^stiffness: stiffness/ }).click();
  await page.getByLabel(say('bringIn.whatItIsCalled')).fill('how stiff');
  await page.keyboard.press('Escape');
  await grownOf(page, 'barley');
  await bring(page).click();
  await expect(page.getByText(/barley was heavier .*than with control/)).toBeVisible();
  await expect(page.getByText('8 containers measured.')).toBeVisible();
});

test('records go out as a table, come back, and say the same', async ({ page }) => {
  await signIn(page);
  await openWall(page, 'How much road salt can garden cress stand?');
  await page.getByRole('link', { name: /Compare them/ }).click();
  // A file knows no amounts: both are asked about their treatments.
  await page.getByRole('button', { name: /^Between what/ }).click();
  await page.getByRole('button', { name: say('plannerAsk.saltWater'), exact: true }).click();
  await expect(page.locator('.claim-finding')).toContainText('than with no salt');
  const claim = await page.locator('.claim-finding').textContent();
  await page
    .getByRole('navigation', { name: say('page.stations') })
    .getByRole('link', { name: /Plan/ })
    .click();
  await page.getByRole('link', { name: say('sownPlan.takeRecordsAlong') }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: say('takeAlong.takeTableAlong') }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('how-much-road-salt-can-garden-cress-stand.csv');
  const text = readFileSync((await download.path())!, 'utf8');
  expect(text.split('\r\n')[0]).toContain('unit,treatment,treatment_label,control');
  await bringIn(page, '5 Heron');
  await choose(page, 'copy.csv', text);
  await expect(page.getByText('28 containers')).toBeVisible();
  await expect(page.getByRole('button', { name: 'The control is: no salt' })).toBeVisible();
  await page.getByLabel(say('bringIn.theQuestion')).fill('Does the copy say the same?');
  await page.getByLabel(say('bringIn.whatWasChanged')).fill('salt in the water');
  await grownOf(page, 'garden cress');
  await bring(page).click();
  await expect(page.getByText(/containers? measured/)).toBeVisible();
  await page.getByRole('button', { name: 'Not up yet: left out' }).click();
  await page.getByRole('button', { name: /^counted as zero/ }).click();
  const copy = page.locator('.claim-finding');
  await expect(copy).toHaveText(claim!.replace(/cups/g, 'containers'));
});

test('a package leaves, comes into another class whole, and a second time adds nothing', async ({ page }) => {
  await signIn(page);
  await openWall(page, 'How much road salt can garden cress stand?');
  await page
    .getByRole('navigation', { name: say('page.stations') })
    .getByRole('link', { name: /Plan/ })
    .click();
  await page.getByRole('link', { name: say('sownPlan.takeRecordsAlong') }).click();
  await expect(page.getByRole('heading', { name: say('sownPlan.takeRecordsAlong') })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Who may use it/ }).click();
  await page.getByRole('button', { name: /^everybody who names the class/ }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: say('takeAlong.takePackageAlong') }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('how-much-road-salt-can-garden-cress-stand.zip');
  const file = (await download.path())!;
  const content = readFileSync(file);
  const zip = await JsZip.loadAsync(content);
  expect(await zip.file('datapackage.json')!.async('string')).toContain('CC-BY-4.0');
  // Where the investigation itself is, its package adds nothing.
  await bringIn(page, '5 Heron');
  await choose(page, 'cress.zip', content);
  await expect(page.getByRole('heading', { name: say('bringIn.alreadyNothingAdded') })).toBeVisible();
  await page.getByRole('button', { name: say('bringIn.anotherFile') }).click();
  await choose(page, 'half.zip', content.subarray(0, 2000));
  await expect(page.getByRole('alert')).toContainText('Nothing was brought in.');
});

test('what is deleted is told first, hidden at once, and taken back', async ({ page }) => {
  await signIn(page);
  await bringIn(page, '5 Heron');
  const rows = [1, 2, 3].flatMap((k) => [`A${k},wet,5,${k}`, `B${k},dry,5,${k + 1}`]);
  await choose(page, 'radish.csv', ['pot,soil,day,height', ...rows].join('\n'));
  await page.getByLabel(say('bringIn.theQuestion')).fill('Does this one go?');
  await bring(page).click();
  await expect(page.getByText('6 containers measured.')).toBeVisible();
  await page
    .getByRole('navigation', { name: say('page.stations') })
    .getByRole('link', { name: /Plan/ })
    .click();
  await page.getByRole('button', { name: say('sownPlan.deleteInvestigation') }).click();
  const sheet = page.getByRole('region', { name: say('sownPlan.deleteInvestigation') });
  await expect(sheet).toContainText('This goes: 6 checks and 6 containers.');
  await expect(sheet).toContainText(say('keeping.thirtyDays'));
  await expectAccessible(page);
  await sheet.getByRole('button', { name: say('sownPlan.deleteInvestigation') }).click();
  await expect(page.getByRole('heading', { name: say('common.whatIsKept') })).toBeVisible();
  const gone = page.getByRole('listitem').filter({ hasText: 'Does this one go?' });
  await expect(gone).toContainText('gone on');
  await expectAccessible(page);
  await page.goto('/');
  await page.locator('.class-row').getByRole('link', { name: '5 Heron' }).click();
  await expect(page.getByRole('heading', { name: say('classPage.investigations') })).toBeVisible();
  await expect(page.getByText('Does this one go?')).toHaveCount(0);
  await page.goto('/');
  await page.getByRole('link', { name: say('common.whatIsKept') }).click();
  await gone.getByRole('button', { name: say('common.takeBack') }).click();
  await expect(gone).toHaveCount(0);
  await page.getByRole('link', { name: say('common.today'), exact: true }).click();
  await page.locator('.class-row').getByRole('link', { name: '5 Heron' }).click();
  await expect(page.getByRole('link', { name: 'Does this one go?' })).toBeVisible();
});
