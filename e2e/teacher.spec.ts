import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { expect } from '@playwright/test';
import { expectAccessible, expectNoSidewaysScroll, openWall, signIn } from './people';
import { beginPlan, saved, sow } from './planning';
import { emptyPort } from './startApplication';
import { test } from './test';

test('a wrong password says so and keeps what was typed; the right one opens today', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel(say('signIn.eMailAddress')).fill('teacher@millrace.example');
  await page.getByLabel(say('signIn.password')).fill('not this one');
  await page.getByRole('button', { name: say('signIn.signIn') }).click();
  await expect(page.getByRole('alert')).toContainText('do not belong together');
  await expect(page.getByLabel(say('signIn.eMailAddress'))).toHaveValue('teacher@millrace.example');
  await expectAccessible(page);
  await page.getByLabel(say('signIn.password')).fill('grow-a-hedge-2');
  await page.getByRole('button', { name: say('signIn.signIn') }).click();
  await expect(page.getByRole('heading', { name: say('today.looksWrong') })).toBeVisible();
});

test('on an empty database the first teacher makes an account, a class and its teams', async ({ page }, info) => {
  await page.goto(`http://127.0.0.1:${emptyPort(info.parallelIndex)}`);
  await expect(page.getByRole('heading', { name: say('signIn.makeFirstTeachersAccount') })).toBeVisible();
  await page.getByRole('button', { name: say('signIn.makeAccount') }).click();
  await expect(page.getByText(say('refusals.choosePasswordLeastCharacters'))).toBeVisible();
  await page.getByLabel(say('signIn.school')).fill('Weir School');
  await page.getByLabel(say('signIn.nameClassKnows')).fill('Room 3');
  await page.getByLabel(say('signIn.eMailAddress')).fill('first@weir.example');
  await page.getByLabel(say('signIn.password')).fill('tall enough words');
  await page.getByRole('button', { name: say('signIn.makeAccount') }).click();
  await expect(page.getByRole('heading', { name: say('today.potsStand') })).toBeVisible();
  await page.getByLabel(say('today.nameClass')).fill('6 Amber');
  await page.getByRole('button', { name: say('today.addTheClass') }).click();
  await expect(page.getByRole('heading', { name: '6 Amber' })).toBeVisible();
  await page.getByRole('button', { name: say('refusals.kites') }).click();
  await expect(page.getByRole('row', { name: /Kites/ })).toBeVisible();
  await page.getByRole('button', { name: say('refusals.fish'), exact: true }).click();
  await expect(page.getByRole('row', { name: /Fish/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('row', { name: /Fish \d{4}/ })).toBeVisible();
  // This server listens to its own machine: nothing is shown that a tablet could not open.
  await expect(page.getByText(say('wayIn.otherDeviceOpenYet'))).toBeVisible();
  await expect(page.getByText('npm start -- --room')).toBeVisible();
  await expect(page.getByRole('img', { name: /scanned/ })).toHaveCount(0);
});

test('the way in is shown for the projector, at the address that the room reaches, and leads to the team’s own bench', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  await page.locator('.class-row').getByRole('link', { name: '7 Copper' }).click();
  await page.getByRole('link', { name: say('classPage.showProjector') }).click();
  await expect(page.getByRole('heading', { name: '7 Copper: join your team' })).toBeVisible();
  await expect(page.getByText(`${baseURL!.replace('http://', '')}/join`)).toBeVisible();
  await expect(page.getByRole('img', { name: say('classPage.joinsClassWhenScanned') })).toBeVisible();
  await expectAccessible(page);
  await page.setViewportSize({ width: 1920, height: 1080 });
  await expectNoSidewaysScroll(page);
  const code = (await page.locator('.join-screen-code').textContent())!;
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await phone.goto(`/C/${code}`);
  await expect(phone.getByRole('heading', { name: say('joining.whichOneAreYou') })).toBeVisible();
});

test('today shows the shelf, what looks wrong and who has not answered', async ({ page }) => {
  await signIn(page);
  await expect(page.getByRole('link', { name: '7 Copper: Does road salt on the pavement reach the hedge?' })).toBeVisible();
  await expect(page.getByRole('heading', { name: say('today.looksWrong') })).toBeVisible();
  // Who has not answered is asked on the plan's days only.
  const answers = page.locator('section', { has: page.getByRole('heading', { name: say('today.answeredToday') }) });
  await expect(answers.getByText(/\d+ of \d+ |Every pot has its answer/).first()).toBeVisible();
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
});

test('the wall: moving along the days by keyboard makes the plants grow, and a plant tells its story', async ({ page }) => {
  await signIn(page);
  await openWall(page);
  const tape = page.getByRole('slider', { name: say('tape.dayLooked') });
  const tallest = () => page.getByRole('button', { name: /^A\d, no salt: \d/ }).count();
  await expect(page.getByText(/measured · \d+ not up yet · \d+ lost/)).toBeVisible();
  const late = await tallest();
  await tape.focus();
  await page.keyboard.press('Home');
  await expect(tape).toHaveAttribute('aria-valuetext', /^day 1,/);
  await expect(page.getByText('0 measured · 28 not up yet · 0 lost')).toBeVisible();
  await expect.poll(tallest).toBeLessThan(late);
  await page.keyboard.press('End');
  const knocked = page.getByRole('button', { name: /was knocked over/ });
  await knocked.click();
  await expect(page.getByRole('dialog')).toContainText(say('readings.knockedOver'));
  await page.getByRole('button', { name: say('common.close') }).click();
  await expectAccessible(page);
  await page.reload();
  await expect(page.getByRole('button', { name: /was knocked over/ })).toBeVisible();
});

test('what the demo’s team corrected stands struck through', async ({ page }) => {
  await signIn(page);
  await openWall(page);
  const all = (await (await page.request.get('/api/v1/investigations')).json()) as InvestigationRecords[];
  const { investigation, readings } = all.find((r) => r.readings.some((x) => x.source === 'simulated'))!;
  const corrected = readings.find((r) => r.source === 'simulated' && r.supersedes !== null)!;
  const { code } = investigation.containers.find((c) => c.id === corrected.containerId)!;
  await page.getByRole('button', { name: new RegExp(`^${code},`) }).click();
  await expect(page.getByRole('dialog').locator('s')).toHaveCount(1);
});

test('an investigation is put away, leaves every list, and the class goes on', async ({ page }) => {
  await beginPlan(page, /^How deep/);
  await page.getByLabel(say('planner.wantFind')).fill('How deep is too deep for wheat?');
  await saved(page);
  await sow(page);
  await expect(page.getByRole('row', { name: /A 10 mm \(the control\)/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /The tray from above/ })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: say('end.putAway') }).click();
  await expect(page.getByText('It is put away')).toBeVisible();
  await page.getByRole('button', { name: say('joining.backClass') }).click();
  await expect(page.getByRole('link', { name: 'How deep is too deep for wheat?' })).toHaveCount(0);
});

test('compare: a sentence whose words can be changed, a figure, the claim, how sure, and what else', async ({ page }) => {
  const outside: string[] = [];
  page.on(
    'request',
    (r) =>
      !r.url().startsWith('http://127.0.0.1') &&
      !r.url().startsWith('data:') &&
      !r.url().startsWith('blob:') &&
      outside.push(r.url()),
  );
  const errors: string[] = [];
  page.on('console', (m) => m.type() === 'error' && errors.push(m.text()));
  await signIn(page);
  await openWall(page);
  await page.getByRole('slider', { name: say('tape.dayLooked') }).focus();
  await page.keyboard.press('Home');
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('slider')).toHaveAttribute('aria-valuetext', /^day 13,/);
  await expect(page).toHaveURL(/day=/);
  await page.getByRole('link', { name: say('log.compareThem') }).click();
  await expect(page.getByRole('button', { name: 'Between what: salt in the water, step by step' })).toBeVisible();
  await page.getByRole('button', { name: /^Between what/ }).click();
  await page.getByRole('button', { name: say('plannerAsk.saltWater'), exact: true }).click();
  await expect(page.getByText(/barley was shorter on day \d+ than with no salt: by about/)).toBeVisible();
  await expect(page.getByText(/\d+ pots measured, \d+ not up yet, \d+ lost/)).toBeVisible();
  await expect(page.locator('svg.figure').first()).toBeVisible();
  await expect(page.getByText(/95 % interval −/).first()).toBeVisible();
  await expect(page.getByText(/luck alone makes a gap this big/).first()).toBeVisible();
  await page.getByRole('button', { name: say('compare.dayByDay') }).click();
  await expect(page.locator('.chart .main-svg').first()).toBeVisible();
  await page.getByText(say('compare.showNumbers')).first().click();
  await expect(page.getByRole('row', { name: /A no salt 7/ })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Not up yet: left out' }).click();
  await page.getByRole('button', { name: /^counted as zero/ }).click();
  await expect(page.getByText(/not up yet, counted as zero/)).toBeVisible();
  await page.getByRole('button', { name: /^Day: day/ }).click();
  await page.getByRole('button', { name: /^day 10/ }).click();
  await expect(page.getByRole('slider')).toHaveAttribute('aria-valuetext', /^day 10,/);
  await expect(page.getByText(/Nobody checked/).first()).toBeVisible();
  expect(outside).toEqual([]);
  expect(errors).toEqual([]);
});
