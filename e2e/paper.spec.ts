import { say } from '@bright-sprout/words/say';
import { type Download, expect, type Page } from '@playwright/test';
import { expectAccessible, openWall, signIn } from './people';
import { today } from './days';
import { beginPlan, openWord, part, saved, sow } from './planning';
import { drawnBoxes, readPdf } from './readPdf';
import { test } from './test';

const MM = 72 / 25.4;

async function openPrintRoom(page: Page): Promise<void> {
  await signIn(page);
  await openWall(page);
  await page
    .getByRole('navigation', { name: say('page.stations') })
    .getByRole('link', { name: /Plan/ })
    .click();
  await page.getByRole('link', { name: /^Print room/ }).click();
  await expect(page.getByRole('heading', { name: say('printRoom.printRoom') })).toBeVisible();
}

async function made(page: Page): Promise<Download> {
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: / as a PDF$/ }).click()]);
  return download;
}

const choose = async (page: Page, word: RegExp, choice: RegExp) => {
  await page.getByRole('button', { name: word }).click();
  await page.getByRole('button', { name: choice }).last().click();
};

const print = (page: Page, name: RegExp) =>
  page
    .getByRole('navigation', { name: say('printRoom.whatIsPrinted') })
    .getByRole('button', { name })
    .click();

test('labels: on a sheet of one’s own, from the label that is left, blind with a key; true pages with fonts in them', async ({
  page,
}) => {
  await openPrintRoom(page);
  await expectAccessible(page);
  await expect(page.getByRole('img', { name: /^Labels, sheet 1: .*\bA1\b/ })).toBeVisible();
  const open = await readPdf(await (await made(page)).path());
  expect(open).toHaveLength(1);
  for (const code of ['A1', 'B7', 'D4']) expect(open[0]!.text).toContain(code);
  expect(open[0]!.text).toContain('no salt');
  expect(open[0]!.fonts.every((f) => f.embedded)).toBe(true);
  expect(open[0]!.outside).toEqual([]);
  expect([open[0]!.width / MM, open[0]!.height / MM].map(Math.round)).toEqual([210, 297]);
  await page.getByLabel(say('printRoom.firstLabel')).fill('25');
  await expect(page.getByRole('button', { name: 'All 2 pages as a PDF' })).toBeVisible();
  await page.getByLabel(say('printRoom.firstLabel')).fill('99');
  await expect(page.getByText('The first label is one of the 30 on a sheet.')).toBeVisible();
  await page.getByLabel(say('printRoom.firstLabel')).fill('1');
  await choose(page, /^What labels show/, /^blind/);
  await choose(page, /^Paper/, /^Letter/);
  const blind = await readPdf(await (await made(page)).path());
  expect(blind).toHaveLength(2);
  expect(blind[0]!.text).not.toMatch(/salt|mmol|\bA1\b/);
  expect(blind[1]!.text).toContain('Key to the blind labels');
  expect(blind[1]!.text).toContain('A1');
  expect(Math.round(blind[0]!.height / MM)).toBe(279);
});

test('a printed strip of 20 cm measures 20 cm, and every other sheet stays on its page', async ({ page }) => {
  await openPrintRoom(page);
  await print(page, /^Ruler strips/);
  const strips = (await drawnBoxes(await (await made(page)).path()))[0]!;
  const strip = strips.filter((b) => Math.abs(b.width - 24 * MM) < 0.3 && b.height > 100);
  expect(strip).toHaveLength(3);
  for (const { height } of strip) expect(Math.abs(height - 200 * MM)).toBeLessThan(0.1);
  for (const [name, text] of [
    [/^Tray map/, 'Tray map'],
    [/^Run sheet/, 'Sowing day'],
    [/^Watering chart/, 'Water, mL each'],
    [/^Shopping/, 'To have at hand'],
    [/^Cautions/, 'To mind'],
    [/^Predictions/, 'Kites: what do you expect?'],
  ] as const) {
    await print(page, name);
    const pages = await readPdf(await (await made(page)).path());
    expect(pages.map((p) => p.text).join(' ')).toContain(text);
    expect(pages.flatMap((p) => p.outside)).toEqual([]);
    expect(pages.every((p) => p.fonts.every((f) => f.embedded))).toBe(true);
  }
});

test('many pages are told one by one and can be stopped', async ({ page }) => {
  await openPrintRoom(page);
  await print(page, /^Notebook pages/);
  await page.getByRole('button', { name: 'All 28 pages as a PDF' }).click();
  await expect(page.getByRole('status')).toContainText(/Page \d+ of 28/);
  await page.getByRole('button', { name: say('common.stop'), exact: true }).click();
  await expect(page.getByRole('button', { name: 'All 28 pages as a PDF' })).toBeVisible();
});

test('a record sheet is printed with its columns and code, and typed in by it in the order of the paper', async ({ page }) => {
  await openPrintRoom(page);
  await print(page, /^Record sheets/);
  await choose(page, /^Which one/, /^every week/);
  await choose(page, /^Team/, /^Kites/);
  const sheet = page.getByRole('img', { name: /^Record sheet/ }).first();
  const code = /Record sheet (\w{4}): Kites/.exec((await sheet.getAttribute('aria-label'))!)![1]!;
  const pages = await readPdf(await (await made(page)).path());
  expect(pages[0]!.text).toContain(code);
  for (const words of ['height', 'number of leaves', 'not up', 'lost', 'could not check', 'A1', 'D1'])
    expect(pages[0]!.text).toContain(words);
  expect(pages.flatMap((p) => p.outside)).toEqual([]);
  await choose(page, /^Size of the sheet/, /^with pictures/);
  const early = await readPdf(await (await made(page)).path());
  expect(early[0]!.text).toContain('cm');
  expect(early.flatMap((p) => p.outside)).toEqual([]);
  await page
    .getByRole('link', { name: say('common.plan'), exact: true })
    .first()
    .click();
  await page
    .getByRole('navigation', { name: say('page.stations') })
    .getByRole('link', { name: /Check/ })
    .click();
  await page.getByRole('link', { name: say('page.log'), exact: true }).click();
  await page.getByLabel(say('log.typePaperCodeSheet')).fill('zzzz');
  await page.getByRole('button', { name: say('log.openSheet') }).click();
  await expect(page.getByRole('alert')).toContainText('No sheet of this investigation has the code “zzzz”');
  await page.getByLabel(say('log.typePaperCodeSheet')).fill(code.toLowerCase());
  await page.getByRole('button', { name: say('log.openSheet') }).click();
  await expect(page.getByText(`Sheet ${code}: Kites`)).toBeVisible();
  const lines = page.locator('.paper-entry').first().getByRole('rowheader');
  await expect(lines).toHaveCount(4);
  await expectAccessible(page);
  // Along the line and on to the next, as on the paper; a line is one look.
  const first = (await lines.first().textContent())!.trim();
  const second = (await lines.nth(1).textContent())!.trim();
  await page.getByLabel(`${first}, height`).first().fill('tall');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('alert')).toContainText(`${first}, height: “tall” is not one of the letters.`);
  await page.getByLabel(`${first}, height`).first().fill('n');
  await page.getByLabel(`${second}, height`).first().fill('n');
  await page.getByLabel(`${second}, number of leaves`).first().focus();
  await expect(page.getByRole('alert')).toHaveCount(0);
  // The same sheet as a file: out as a workbook, one cell filled in by another program, and back.
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: say('log.takeAlongXlsx') }).click(),
  ]);
  const { default: ExcelJs } = await import('exceljs');
  const book = new ExcelJs.Workbook();
  await book.xlsx.readFile(await download.path());
  const table = book.worksheets[0]!;
  const heads = (table.getRow(1).values as string[]).slice(1);
  expect(heads).toEqual(['plant', 'date', 'state', 'height (cm)', 'number of leaves', 'lost because']);
  const row = table.getRow(2);
  row.getCell(3).value = null;
  row.getCell(heads.indexOf('height (cm)') + 1).value = '31,5';
  await page.getByLabel(say('log.bringFilledFileBack')).setInputFiles({
    name: `sheet-${code}.xlsx`,
    mimeType: 'application/octet-stream',
    buffer: Buffer.from(await book.xlsx.writeBuffer()),
  });
  // What is sent is looked at and goes no further: other tests live on the demo's records.
  const sent: unknown[] = [];
  await page.route('**/api/v1/checks/*', (route) => {
    sent.push(route.request().postDataJSON());
    return route.fulfill({ json: {} });
  });
  await page.getByRole('button', { name: /Take in the new ones|and correct the others/, disabled: false }).click();
  await expect(page.getByText(/1 of 1 checks were taken in/)).toBeVisible();
  expect(sent).toEqual([
    expect.objectContaining({
      readings: [
        expect.objectContaining({
          state: 'measured',
          note: `from sheet ${code}`,
          findings: [{ measure: 'height', typed: '31,5 cm' }],
        }),
      ],
    }),
  ]);
});

test('before anything is sown the plan’s labels and sheets can be printed already, with the codes that they will have', async ({
  page,
}) => {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel(say('planner.wantFind')).fill('Printed first: how much salt?');
  await part(page, 'Days');
  await openWord(page, /^Sowing/);
  await page.getByLabel(say('bringIn.sownOnHead'), { exact: true }).fill(today());
  await part(page, 'Prepare');
  await saved(page);
  await page.getByRole('link', { name: /^Print room/ }).click();
  await expect(page.getByRole('img', { name: /^Labels, sheet 1: .*\bA1\b/ })).toBeVisible();
  await print(page, /^Record sheets/);
  const before = await page
    .getByRole('img', { name: /^Record sheet/ })
    .first()
    .getAttribute('aria-label');
  expect(before).toMatch(/^Record sheet \w{4}: Kites/);
  await page.getByRole('link', { name: say('common.plan'), exact: true }).click();
  await sow(page);
  await page.getByRole('link', { name: /^Print room/ }).click();
  await print(page, /^Record sheets/);
  await choose(page, /^Which one/, /^every week/);
  await expect(page.getByRole('img', { name: before! })).toBeVisible();
});
