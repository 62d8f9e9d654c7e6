import { say } from '@bright-sprout/words/say';
import { expect, type Download, type Page } from '@playwright/test';
import { DEMO_QUESTION, expectAccessible, expectNoSidewaysScroll, joinOn, openWall, signIn } from './people';
import { readPdf } from './readPdf';
import { test } from './test';

const OTHER = 'Does wheat grow shorter when it is crowded?';

/** Opens a part of Conclude; answers its address without the part. */
async function conclude(page: Page, part = '', question = DEMO_QUESTION): Promise<string> {
  await openWall(page, question);
  const base = new URL(page.url()).pathname;
  await page.goto(`${base}/conclude${part}`);
  return base;
}

async function fileOf(page: Page, press: () => Promise<void>): Promise<{ path: string; name: string }> {
  const [download] = await Promise.all([page.waitForEvent('download') as Promise<Download>, press()]);
  return { path: await download.path(), name: download.suggestedFilename() };
}

async function choose(page: Page, word: RegExp, choice: RegExp | string): Promise<void> {
  const menu = page.locator('.ruled-menu.show');
  // Words move while a sentence grows: who pressed beside one presses again.
  await expect(async () => {
    if (!(await menu.isVisible())) await page.getByRole('button', { name: word }).click();
    await expect(menu).toBeVisible({ timeout: 2000 });
  }).toPass();
  await menu.getByRole('button', { name: choice }).first().click();
}

test('talking points are pinned, ordered, hidden and added, and are run through with keys', async ({ page }) => {
  const errors: string[] = [];
  page.on('console', (m) => m.type() === 'error' && errors.push(m.text()));
  await signIn(page);
  const base = await conclude(page, '', OTHER);
  const rows = page.locator('.points-list li');
  const titles = () => page.locator('.points-list .point-words b').allInnerTexts();
  await expect(page.locator('.point-open h2')).toBeVisible();
  const [first, second] = [await page.locator('.point-open h2').innerText(), (await titles())[0]!];
  expect(second).toBeTruthy();
  await expectAccessible(page);
  // What is opened shows its odds, and how they were counted.
  await page.locator('.point-row').first().click();
  await expect(page.locator('.point-open h2')).toHaveText(second);
  const saved = () => page.waitForResponse((r) => r.url().endsWith('/lesson') && r.request().method() === 'PUT');
  await Promise.all([
    saved(),
    page
      .locator('.point-open')
      .getByRole('button', { name: say('points.pin') })
      .click(),
  ]);
  await page.getByRole('button', { name: say('points.addOwn') }).click();
  await page.getByRole('button', { name: say('points.hangItUp') }).click();
  await expect(page.getByText(say('points.writeSee'))).toBeVisible();
  await page.getByLabel(say('points.whatDidYouSee')).fill('The pots by the door smelled of mould.');
  await page.getByLabel(say('points.askClass')).fill('Who lives there?');
  await Promise.all([saved(), page.getByRole('button', { name: say('points.hangItUp') }).click()]);
  await expect(rows.filter({ hasText: 'smelled of mould' })).toContainText(say('points.yours'));
  // The pinned one is first, also after a reload.
  await page.reload();
  await expect(page.locator('.point-open h2')).toHaveText(second);
  await expect(page.locator('.point-open').getByRole('button', { name: say('points.pinned') })).toBeVisible();
  await Promise.all([
    saved(),
    rows
      .filter({ hasText: first })
      .getByRole('button', { name: say('points.hide'), exact: true })
      .click(),
  ]);
  await expect(rows.filter({ hasText: first })).toHaveCount(0);
  await page.getByRole('button', { name: /^1 hidden/ }).click();
  await Promise.all([saved(), page.getByRole('button', { name: say('points.showAgain') }).click()]);
  await expect(rows.filter({ hasText: first })).toHaveCount(1);
  // The pinned points alone are run through: first what there is to see, then the question; keys move it.
  await page.getByRole('link', { name: say('conclude.runThroughThem') }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(second);
  await expect(page.getByText('1 of 1')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('PageDown');
  await expect(page.locator('.run-asks')).toContainText(/\?$/);
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(`${base}/conclude`);
  await Promise.all([
    saved(),
    page
      .locator('.point-open')
      .getByRole('button', { name: say('points.pinned') })
      .click(),
  ]);
  await Promise.all([
    saved(),
    rows
      .filter({ hasText: 'smelled' })
      .getByRole('button', { name: say('common.takeAway') })
      .click(),
  ]);
  await expect(rows.filter({ hasText: 'smelled' })).toHaveCount(0);
  expect(errors).toEqual([]);
});

test('a team claims too much and is asked, picks evidence, goes on without a network, and another device has it', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  const base = await conclude(page, '/claims');
  const id = base.split('/').pop()!;
  const tablet = await joinOn(browser, 'Bells', { width: 820, height: 1180 }, { baseURL: baseURL!, offline: true });
  await tablet.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await tablet.goto(`/bench/conclude/${id}`);
  await expect(tablet.getByRole('heading', { name: say('teamClaim.weClaim') })).toBeVisible();
  await choose(tablet, /^Which plants/, /100 mmol/);
  await choose(tablet, /^What they did/, /stopped growing/);
  await choose(tablet, /^Compared with/, /no salt/);
  // The question hangs there; it blocks nothing, and one of its ways out mends the sentence.
  const ask = tablet.locator('.reach-ask').first();
  await expect(ask).toContainText(
    /You wrote “stopped growing”. The tallest of them reached \d\.\d cm. What could you write instead\?/,
  );
  await expectAccessible(tablet);
  await ask.getByRole('button', { name: '… was shorter' }).click();
  await expect(tablet.locator('.reach-ask')).toHaveCount(0);
  await choose(tablet, /^How much/, /by about/);
  await tablet.getByRole('button', { name: /^mean of 100 mmol/ }).focus();
  await tablet.keyboard.press('Enter');
  await tablet.getByRole('button', { name: /^mean of no salt/ }).focus();
  await tablet.keyboard.press('Enter');
  await expect(tablet.locator('.evidence-card')).toHaveCount(2);
  // Evidence stays linked: it shows what is behind it.
  await tablet.locator('.evidence-face').first().click();
  await expect(tablet.locator('.evidence-card').first()).toContainText(/D\d \d/);
  await tablet.getByRole('button', { name: say('plannerAsk.control'), exact: true }).click();
  await expect(tablet.getByText(/What everything else is compared with/)).toBeVisible();
  await expect(tablet.getByText(say('common.allSaved'))).toBeVisible();
  await tablet.context().setOffline(true);
  await tablet.getByLabel(say('teamClaim.whyThink')).fill('Roots get less water, this proves it.');
  await expect(tablet.locator('.reach-ask')).toContainText('You wrote “proves”');
  await expect(tablet.getByText(say('teamClaim.keptDevice'))).toBeVisible();
  await tablet.reload();
  await expect(tablet.getByLabel(say('teamClaim.whyThink'))).toHaveValue('Roots get less water, this proves it.');
  await tablet.context().setOffline(false);
  await expect(tablet.getByText(say('common.allSaved'))).toBeVisible();
  await tablet
    .locator('.reach-ask')
    .getByRole('button', { name: say('conclude.keepSayWhy') })
    .click();
  await expect(tablet.locator('.reach-ask')).toHaveCount(0);
  await tablet.getByRole('button', { name: say('teamClaim.showIt') }).click();
  await expect(tablet.getByText(say('common.allSaved'))).toBeVisible();
  // The team's phone shows the same.
  const phone = await joinOn(browser, 'Bells', { width: 390, height: 844 }, { baseURL: baseURL! });
  await phone.goto(`/bench/conclude/${id}`);
  await expect(phone.getByLabel(say('teamClaim.whyThink'))).toHaveValue('Roots get less water, this proves it.');
  await expect(phone.locator('.evidence-card')).toHaveCount(2);
  await expectNoSidewaysScroll(phone);
  await expectAccessible(phone);
  await phone.getByRole('button', { name: say('teamClaim.writeOwnWords') }).click();
  await expect(phone.getByLabel(say('teamClaim.claimOwnWords'))).toHaveValue(
    /^We saw that barley with 100 mmol\/L was shorter than barley with no salt by about \d\.\d cm\.$/,
  );

  // The teacher sees all side by side, asks back, and opens them to the class.
  await page.reload();
  const card = page.getByRole('article', { name: 'Claim of Bells' });
  await expect(card).toContainText('We saw that barley with 100 mmol/L was shorter than barley with no salt by about');
  await expect(card).toContainText('They saw the mean of 100 mmol/L');
  await expect(card).toContainText('Surer than the records: “proves” · kept, they can say why');
  await card.getByRole('button', { name: 'Say something to Bells' }).click();
  await card.getByLabel('Say something to Bells').fill('Which of your pots show that?');
  await card.getByRole('button', { name: say('claimsOfTeams.askBack') }).click();
  await expect(card.locator('.claim-notes')).toContainText(say('claimsOfTeams.potsShow'));
  await page.getByRole('button', { name: say('claimsOfTeams.openClaimsClassRead') }).click();
  await expect(page.getByRole('button', { name: say('claimsOfTeams.teamsReadClaimsClose') })).toBeVisible();
  await tablet.reload();
  await tablet.getByLabel('Our answer to: Which of your pots show that?').fill('D2 and D4.');
  await expect(tablet.getByText(say('common.allSaved'))).toBeVisible();
  await tablet
    .getByRole('button', { name: /^Read/ })
    .filter({ hasText: /Read (one|all)/ })
    .click();
  await expect(tablet.getByRole('article', { name: 'Claim of Kites' })).toContainText('Salt in the soil holds on to the water');
  await expect(card).toContainText('They answer: D2 and D4.');
  await page.getByRole('button', { name: say('claimsOfTeams.teamsReadClaimsClose') }).click();
});

test('a report is a page, a PDF on A4 and Letter, a Word file and a poster; other programs read them', async ({ page }) => {
  await signIn(page);
  await conclude(page, '/report');
  const paper = page.getByRole('article', { name: say('conclude.report') });
  await expect(paper.getByRole('heading', { name: say('common.whatWeFoundOut') })).toBeVisible();
  await expect(paper).toContainText('What the records of the whole class say');
  await expectAccessible(page);
  // A part is left out, another moved: the page and the files follow, also later.
  const saved = () => page.waitForResponse((r) => r.url().endsWith('/lesson') && r.request().method() === 'PUT');
  await Promise.all([saved(), page.getByRole('checkbox', { name: say('conclude.whereItStoodTitle') }).click()]);
  await Promise.all([saved(), page.getByRole('button', { name: 'Earlier: What next' }).click()]);
  await page.reload();
  await expect(paper.getByRole('heading', { name: say('common.whatNext') })).toBeVisible();
  await expect(paper.getByRole('heading', { name: say('conclude.whereItStoodTitle') })).toHaveCount(0);
  for (const [name, width, height] of [
    ['A4', 595, 842],
    ['Letter', 612, 792],
  ] as const) {
    await page.getByRole('button', { name, exact: true }).click();
    const { path, name: file } = await fileOf(page, () => page.getByRole('button', { name: 'As a PDF', exact: true }).click());
    expect(file).toMatch(/^7-copper-does-road-salt.*\.pdf$/);
    const pages = await readPdf(path);
    expect(pages.length).toBeGreaterThan(1);
    expect(pages.length).toBeLessThan(7);
    const text = pages.map((p) => p.text).join(' ');
    for (const said of ['Our question', DEMO_QUESTION, 'What was recorded', 'What we found out', `1 of ${pages.length}`, 'mmol/'])
      expect(text).toContain(said);
    expect(text).not.toContain('Where it stood');
    expect(text.indexOf('What next')).toBeLessThan(text.indexOf('What went differently'));
    for (const p of pages) {
      expect([Math.round(p.width), Math.round(p.height)]).toEqual([width, height]);
      expect(p.outside).toEqual([]);
      expect(p.fonts.length).toBeGreaterThan(0);
      expect(p.fonts.filter((f) => !f.embedded || !/Archivo|Atkinson/.test(f.name))).toEqual([]);
    }
  }
  const word = await fileOf(page, () => page.getByRole('button', { name: say('conclude.wordFile') }).click());
  const { default: mammoth } = await import('mammoth');
  const { value: html } = await mammoth.convertToHtml({ path: word.path });
  expect(html).toContain('<h1>Our question</h1>');
  expect(html).toContain('<table>');
  expect(html).toContain('<img');
  expect(html).not.toContain('Where it stood');
  for (const [sheet, width, height] of [
    ['A3', 1191, 842],
    ['A2', 1684, 1191],
    ['one slide (16 : 9)', 960, 540],
  ] as const) {
    await page.getByRole('button', { name: sheet, exact: true }).click();
    const poster = await fileOf(page, () => page.getByRole('button', { name: say('conclude.posterPdf') }).click());
    const pages = await readPdf(poster.path);
    expect(pages.map((p) => [Math.round(p.width), Math.round(p.height)])).toEqual([[width, height]]);
    expect(pages[0]!.text).toContain('We found out');
    expect([pages[0]!.outside, pages[0]!.fonts.every((f) => f.embedded)]).toEqual([[], true]);
  }
  await Promise.all([saved(), page.getByRole('checkbox', { name: say('conclude.whereItStoodTitle') }).click()]);
  // A team's report is its own.
  await page.getByRole('button', { name: say('refusals.kites') }).click();
  await expect(paper).toContainText('Kites, class 7 Copper');
  await expect(paper).toContainText('Because: Salt in the soil holds on to the water');
  await expect(paper).not.toContainText('Drums expected');
});

test('a goal is set with its height, and each plant whose record shows it has a certificate', async ({ page }) => {
  await signIn(page);
  await conclude(page, '/certificates');
  await page.getByLabel(say('certificates.asTallAs')).fill('our new pencil');
  await page.getByLabel(say('certificates.howHighIsThat')).fill('very');
  await page.getByRole('button', { name: say('certificates.setGoal') }).click();
  await expect(page.locator('.invalid-feedback')).toBeVisible();
  await page.getByLabel(say('certificates.howHighIsThat')).fill('0.5 cm');
  await page.getByRole('button', { name: say('certificates.setGoal') }).click();
  const goal = page.locator('.goal-list li', { hasText: 'our new pencil' });
  const reached = Number(/reached by (\d+)/.exec((await goal.textContent()) ?? '')?.[1]);
  expect(reached).toBeGreaterThan(10);
  await goal.getByRole('button', { name: say('common.takeAway') }).click();
  await expect(goal).toHaveCount(0);
  await page.getByLabel(say('certificates.asTallAs')).fill('the gate of the school garden');
  await page.getByLabel(say('certificates.howHighIsThat')).fill('1.4 m');
  await page.getByRole('button', { name: say('certificates.setGoal') }).click();
  const gate = page.locator('.goal-list li', { hasText: 'the gate' });
  await expect(gate).toContainText('not yet; the tallest so far is');
  await gate.getByRole('button', { name: say('common.takeAway') }).click();
  await expect(gate).toHaveCount(0);
  await page.getByLabel(say('certificates.asTallAs')).fill('the eraser');
  await page.getByLabel(say('certificates.howHighIsThat')).fill('2 cm');
  await page.getByRole('button', { name: say('certificates.setGoal') }).click();
  await expect(page.locator('.goal-list li', { hasText: 'the eraser' })).toContainText('reached by');
  const sheets = await page.locator('.paper-page').count();
  await expectAccessible(page);
  const { path } = await fileOf(page, () => page.getByRole('button', { name: /^(All \d+|The certificate) as a PDF$/ }).click());
  const pages = await readPdf(path);
  expect(pages).toHaveLength(sheets);
  for (const p of pages) {
    expect([Math.round(p.width), Math.round(p.height)]).toEqual([842, 595]);
    expect(p.text).toMatch(/As tall as the .* grew barley [A-D]\d to .*sown .*reached .*who grew it/);
    expect(p.outside).toEqual([]);
    expect(p.fonts.every((f) => f.embedded)).toBe(true);
  }
  await page.getByRole('button', { name: say('conclude.letter') }).click();
  const one = await fileOf(page, () =>
    page
      .getByRole('button', { name: /alone as a PDF$/ })
      .first()
      .click(),
  );
  expect((await readPdf(one.path)).map((p) => [p.width, p.height])).toEqual([[792, 612]]);
  await page
    .locator('.goal-list li', { hasText: 'the eraser' })
    .getByRole('button', { name: say('common.takeAway') })
    .click();
  await expect(page.locator('.goal-list li', { hasText: 'the eraser' })).toHaveCount(0);
});

test('what was expected stands beside what came; what next opens a new plan that says why it is changed', async ({ page }) => {
  await signIn(page);
  const base = await conclude(page, '/expected');
  await expect(page.getByRole('row', { name: /^Kites/ })).toContainText(/day \d+/);
  await expect(page.locator('.expected-line').first()).toContainText(/of 7 teams had the day of their first sprout right/);
  await expectAccessible(page);
  await page.goto(`${base}/conclude/next`);
  const steps = page.locator('.next-steps li');
  await expect(steps.filter({ hasText: /pots of each instead of 7/ })).toBeVisible();
  const first = await steps.first().locator('b').innerText();
  await page.getByRole('button', { name: 'Open a new plan with these changes' }).click();
  await expect(page).toHaveURL(/\/plans\/[0-9a-f-]+\/ask/);
  await expect(page.getByRole('region', { name: say('planner.lastTimeTaught') })).toContainText(first);
  await page.reload();
  await expect(page.getByRole('region', { name: say('planner.lastTimeTaught') })).toContainText(first);
  // Other tests find the class's plans as they were.
  expect((await page.request.delete(`/api/v1/plans/${page.url().split('/').at(-2)!}`)).ok()).toBe(true);
});

test('ending an investigation leads to its end: what is kept, taken home, and may go', async ({ page }) => {
  await signIn(page);
  const base = await conclude(page, '/end', OTHER);
  await expect(page.getByRole('heading', { name: say('end.investigationEnded') })).toBeVisible();
  await page.getByRole('button', { name: say('end.openChecksAgain') }).click();
  await expect(page.getByRole('heading', { name: say('common.endInvestigation') })).toBeVisible();
  await page.goto(`${base}/plan`);
  await page.getByRole('button', { name: say('common.endInvestigation') }).click();
  await expect(page).toHaveURL(`${base}/conclude/end`);
  await expect(page.getByRole('heading', { name: say('end.investigationEnded') })).toBeVisible();
  await expect(page.getByRole('link', { name: /^All records: as a package/ })).toBeVisible();
  await expectAccessible(page);
});
