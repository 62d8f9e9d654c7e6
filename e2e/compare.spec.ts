import { say } from '@bright-sprout/words/say';
import { expect, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { inDays } from './days';
import { expectAccessible, expectNoSidewaysScroll, openWall, signIn } from './people';
import { test } from './test';

const CROSSED = 'Does plant food need light to work?';
const BAGS = 'Do three-year-old onion seeds still sprout?';
const LADDER = 'What does white mustard look like at every age?';
const CROWDED = 'Does wheat grow shorter when it is crowded?';
const SALT = 'Does road salt on the pavement reach the hedge?';

/** Opens Compare of an investigation, with a question in its address or the one that fits it. */
async function ask(page: Page, question: string, search = ''): Promise<void> {
  await openWall(page, question);
  const base = new URL(page.url()).pathname;
  // Teams check the hedge today in other tests: it is asked about the whole day before.
  const day = question === SALT ? `${search ? '&' : '?'}day=${inDays(-1)}` : '';
  await page.goto(`${base}/compare${search}${day}`);
  await expect(page.locator('.claim-finding')).toBeVisible();
}

const finding = (page: Page) => page.locator('.claim-finding');
const cause = (page: Page, asks: string) => page.locator('.cause', { has: page.getByRole('heading', { name: asks }) });

async function choose(page: Page, word: RegExp | string, choice: RegExp | string): Promise<void> {
  await page.getByRole('button', { name: word }).click();
  await page.locator('.ruled-menu.show').getByRole('button', { name: choice }).first().click();
}

test('each kind of experiment opens on the question that fits it, and says what was found', async ({ page }) => {
  const errors: string[] = [];
  page.on('console', (m) => m.type() === 'error' && errors.push(m.text()));
  await signIn(page);
  await ask(page, SALT);
  await expect(page.getByRole('button', { name: 'Between what: salt in the water, step by step' })).toBeVisible();
  await expect(finding(page)).toContainText(/For each 25 mmol\/L more salt in the water, barley was shorter on day \d+ by about/);
  await expectAccessible(page);
  await ask(page, CROSSED);
  await expect(page.getByRole('button', { name: 'Between what: plant food and light' })).toBeVisible();
  await expect(finding(page)).toContainText(/did more under “bright sill” \(\+\d\.\d cm\) than under “behind a curtain”/);
  await expect(page.getByText(/meets behind a curtain/)).toBeVisible();
  await expect(cause(page, 'Sown differently?')).toContainText('D5 (another depth): not in all treatments.');
  await ask(page, BAGS);
  await expect(page.getByRole('button', { name: 'What is compared: days until it was up' })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Days until it was up of onion by age of the seed/ })).toBeVisible();
  await ask(page, LADDER);
  await expect(finding(page)).toContainText(/The white mustard of 21 days was taller on/);
  await choose(page, /^What is compared/, /^stage/);
  await expect(page.getByText('How many cups stood at each, in their order.')).toBeVisible();
  await ask(page, CROWDED);
  await expect(finding(page)).toContainText(/With 10 plants, wheat was shorter/);
  expect(errors).toEqual([]);
});

test('the question is the control: it stands in the address, goes back and forward, opens elsewhere, and is kept', async ({
  page,
}) => {
  await signIn(page);
  await ask(page, SALT);
  await choose(page, /^Between what/, 'salt in the water');
  await expect(page).toHaveURL(/by=treatments/);
  await choose(page, /^What is compared/, /^growth in height a day/);
  await expect(page).toHaveURL(/what=height\.per-day/);
  await expect(page.getByRole('button', { name: /^First day: day/ })).toBeVisible();
  await expect(finding(page)).toContainText(/barley grew more slowly from day \d+ to day \d+ than with no salt/);
  await page.getByRole('button', { name: /^When/ }).click();
  await expect(page.locator('.ruled-menu.show')).toContainText(say('compare.takesTwoDays'));
  await page.keyboard.press('Escape');
  const there = page.url();
  await page.goBack();
  await expect(page.getByRole('button', { name: 'What is compared: height' })).toBeVisible();
  await page.goForward();
  await expect(page.getByRole('button', { name: /growth in height a day/ })).toBeVisible();
  await page.getByRole('button', { name: say('compare.keepQuestion') }).click();
  await expect(page.getByRole('button', { name: /^Take away: Growth in height a day/ })).toBeVisible();
  await page.goto('/');
  await page.goto(there);
  await expect(page.getByRole('button', { name: /growth in height a day/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /^Take away: Growth in height a day/ })).toBeVisible();
});

test('a question goes on the projector’s link and comes off again', async ({ page, browser, baseURL }) => {
  await signIn(page);
  await openWall(page, CROSSED);
  const base = new URL(page.url()).pathname;
  const made = await page.request.post(`/api/v1${base}/screen-links`);
  const { token } = (await made.json()) as { token: string };
  await page.goto(`${base}/compare`);
  // Everything above the button has found its place.
  await expect(page.getByRole('link', { name: say('compare.luckDealAgain') })).toBeVisible();
  await page.getByRole('button', { name: say('compare.showQuestion') }).click();
  await expect(page.getByText('shows this question')).toBeVisible();
  const hall = await (await browser.newContext({ viewport: { width: 1920, height: 1080 }, baseURL })).newPage();
  await hall.goto(`/screen/${token}`);
  await expect(hall.locator('.screen-question .claim-finding')).toContainText('did more under');
  await expect(hall.getByRole('img', { name: /^Height of white mustard/ })).toBeVisible();
  await page.getByRole('button', { name: say('compare.showWall') }).click();
  await expect(hall.getByRole('slider', { name: say('tape.dayLooked') })).toBeVisible();
});

test('deal again: labels move within teams, grains fall, and all of them give the p of the page', async ({ page }) => {
  await signIn(page);
  await ask(page, CROSSED, '?by=treatments');
  const line = page.locator('.how-sure-list li').first();
  const alone = /(p (?:< 0\.001|= 0\.\d+)) alone/.exec((await line.textContent())!)![1]!;
  await page.getByRole('link', { name: /Deal again/ }).click();
  await page.getByRole('button', { name: say('compare.one'), exact: true }).click();
  await expect(page.getByText(/of 1 deal gave a gap this big/)).toBeVisible();
  await page.getByRole('button', { name: say('compare.ten') }).click();
  await expect(page.getByText(/of 11 deals gave a gap this big/)).toBeVisible();
  await page.getByRole('button', { name: /^All/ }).click();
  await expect(page.getByText(alone, { exact: false }).first()).toBeVisible();
  await expect(page.getByText(/Luck alone does this/)).toBeVisible();
  await expectAccessible(page);
});

test('classes together and an earlier year: every class’s own answer beside the one of all', async ({ page }) => {
  await signIn(page);
  await ask(page, SALT, '?by=classes');
  const strips = page.getByRole('img', { name: /^7 Copper \d{4}: .*9 Slate \d{4}:/ });
  await expect(strips).toBeVisible();
  await expect(page.getByText(/^[45]\d pots measured/)).toBeVisible();
  await ask(page, SALT, '?by=earlier');
  await expect(page.getByText(/Dotted: 9 Slate \d{4}\. Both count days from their own sowing\./)).toBeVisible();
});

test('figures come along as a picture and as a drawing', async ({ page }) => {
  await signIn(page);
  await ask(page, CROSSED);
  for (const [name, ending] of [
    ['as a picture (PNG)', 'png'],
    ['as a drawing (SVG)', 'svg'],
  ] as const) {
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name }).first().click()]);
    expect(download.suggestedFilename()).toBe(`height-factors.${ending}`);
    const content = readFileSync((await download.path())!);
    expect(content.length).toBeGreaterThan(20_000);
    if (ending === 'svg') expect(content.toString('utf8')).toContain('@font-face');
    else expect(content.subarray(1, 4).toString()).toBe('PNG');
  }
});

test('how a careless tool misleads: dead and survivors, zeros, and one press that shows what a policy moves', async ({
  page,
}) => {
  await signIn(page);
  await ask(page, SALT, '?by=treatments');
  // Who is missing is named in the table and counted beside the claim.
  await expect(page.getByText(/\d+ pots measured, \d+ not up yet, \d+ lost/)).toBeVisible();
  await page.getByText(say('compare.showNumbers')).first().click();
  await expect(page.getByRole('row', { name: /D 100 mmol\/L/ })).toContainText(say('compare.notUp'));
  await expect(cause(page, 'Only the early ones measured?')).toContainText(/In no mean, since not up: \d of 7 with 100 mmol\/L/);
  await cause(page, 'Only the early ones measured?')
    .getByRole('button', { name: say('claims.countZero') })
    .click();
  await expect(page.getByRole('heading', { name: say('compare.whatThatMoved') })).toBeVisible();
  await expect(page.locator('.what-moved li', { hasText: '100 mmol/L' })).toContainText(/cm before, −\d+\.\d cm now/);
  await expect(page.getByText(/not up yet, counted as zero/)).toBeVisible();
  await page.getByRole('button', { name: say('compare.asItWas') }).click();
  await expect(page.getByRole('button', { name: 'Not up yet: left out' })).toBeVisible();
  await expect(cause(page, 'Only the strong ones left?')).toContainText('Lost: 1 of 7 with 50 mmol/L.');
});

test('how a careless tool misleads: seedlings taken for cups', async ({ page }) => {
  await signIn(page);
  await ask(page, CROWDED, '?mark=plant');
  await expect(page.getByText(/the cup counts once/)).toBeVisible();
  await expect(page.getByText(/as if all \d+ seedlings were cups/).first()).toBeVisible();
  await expect(page.getByText(/the long spans are the honest ones/)).toBeVisible();
  await choose(page, /^One mark per/, /^cup/);
  await choose(page, /^Several plants of a cup/, /^all its plants together/);
  await expect(finding(page)).toContainText(/10 plants.* was taller/);
});

test('how a careless tool misleads: unequal ages, a weekend called Monday, and wide read as none', async ({ page }) => {
  await signIn(page);
  await ask(page, LADDER, '?by=treatments');
  await expect(cause(page, 'Older, not better?')).toContainText(/some are \d+ days? old and others \d+ days old/);
  await cause(page, 'Older, not better?')
    .getByRole('button', { name: /^Compare all at/ })
    .click();
  await expect(page.getByRole('button', { name: /^Age:/ })).toBeVisible();
  await expect(cause(page, 'Older, not better?')).toHaveCount(0);
  await ask(page, BAGS);
  await expect(cause(page, 'Over a weekend?')).toContainText(/only know that the day is between two checks, up to \d days apart/);
  await expect(page.getByText(/known only to lie between the last “not yet”/)).toBeVisible();
  await ask(page, CROWDED, '?by=treatments');
  await expect(finding(page)).toContainText('For 4 plants, these cups cannot tell yet.');
  await expect(page.locator('main')).not.toContainText(/no effect|no difference|proves/i);
});

test('how a careless tool misleads: a team that cannot be told from its treatment', async ({ page }) => {
  await signIn(page);
  const rows = ['Pot;Treatment;Team;Date;Height (cm)'];
  for (let i = 1; i <= 6; i++)
    rows.push(`P${i};shade;Bench 1;21.09.2026;${8 + (i % 3)}`, `Q${i};water;Bench 2;21.09.2026;${5 + (i % 3)}`);
  await page.locator('.class-row').getByRole('link', { name: '9 Slate' }).click();
  await page.getByRole('link', { name: say('classPage.bringRecordsFile') }).click();
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'benches.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) });
  await page.getByRole('button', { name: /^Kind of plant/ }).click();
  await page.getByRole('button', { name: 'radish', exact: true }).click();
  await page.getByLabel(say('bringIn.theQuestion')).fill('Does shade or the bench do it?');
  await page.getByLabel(say('bringIn.whatWasChanged')).fill('light');
  await page.getByRole('button', { name: say('bringIn.bringThem') }).click();
  await expect(finding(page)).toContainText('nothing tells it apart from the teams');
});

test('on a phone nothing is cut off, and words still open', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  for (const [question, search] of [
    [SALT, ''],
    [SALT, '?by=treatments'],
    [BAGS, ''],
    [CROSSED, ''],
    [CROWDED, '?mark=plant'],
  ] as const) {
    await ask(page, question, search);
    await expectNoSidewaysScroll(page);
  }
  await choose(page, /^One mark per/, /^cup/);
  await expect(page.getByRole('button', { name: 'One mark per: cup' })).toBeVisible();
  await expectAccessible(page);
});
