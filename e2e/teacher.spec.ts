import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { expect } from '@playwright/test';
import { expectAccessible, expectNoSidewaysScroll, openWall, signIn } from './people';
import { beginPlan, saved, sow } from './planning';
import { emptyPort } from './startApplication';
import { test } from './test';

test('a wrong password says so and keeps what was typed; the right one opens today', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('E-mail address').fill('teacher@millrace.example');
  await page.getByLabel('Password').fill('not this one');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toContainText('do not belong together');
  await expect(page.getByLabel('E-mail address')).toHaveValue('teacher@millrace.example');
  await expectAccessible(page);
  await page.getByLabel('Password').fill('grow-a-hedge-2');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'What looks wrong' })).toBeVisible();
});

test('on an empty database the first teacher makes an account, a class and its teams', async ({ page }, info) => {
  await page.goto(`http://127.0.0.1:${emptyPort(info.parallelIndex)}`);
  await expect(page.getByRole('heading', { name: 'Make the first teacher’s account' })).toBeVisible();
  await page.getByRole('button', { name: 'Make the account' }).click();
  await expect(page.getByText('Choose a password with at least 10 characters.')).toBeVisible();
  await page.getByLabel('School').fill('Weir School');
  await page.getByLabel('Your name, as the class knows it').fill('Room 3');
  await page.getByLabel('E-mail address').fill('first@weir.example');
  await page.getByLabel('Password').fill('tall enough words');
  await page.getByRole('button', { name: 'Make the account' }).click();
  await expect(page.getByRole('heading', { name: 'Your pots will stand here' })).toBeVisible();
  await page.getByLabel('Name of the class').fill('6 Amber');
  await page.getByRole('button', { name: 'Add the class' }).click();
  await expect(page.getByRole('heading', { name: '6 Amber' })).toBeVisible();
  await page.getByRole('button', { name: 'Kites' }).click();
  await expect(page.getByRole('row', { name: /Kites/ })).toBeVisible();
  await page.getByRole('button', { name: 'Fish', exact: true }).click();
  await expect(page.getByRole('row', { name: /Fish/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('row', { name: /Fish \d{4}/ })).toBeVisible();
  // This server listens to its own machine: nothing is shown that a tablet could not open.
  await expect(page.getByText('No other device can open it yet')).toBeVisible();
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
  await page.getByRole('link', { name: 'Show it on the projector' }).click();
  await expect(page.getByRole('heading', { name: '7 Copper: join your team' })).toBeVisible();
  await expect(page.getByText(`${baseURL!.replace('http://', '')}/join`)).toBeVisible();
  await expect(page.getByRole('img', { name: 'Joins the class when it is scanned' })).toBeVisible();
  await expectAccessible(page);
  await page.setViewportSize({ width: 1920, height: 1080 });
  await expectNoSidewaysScroll(page);
  const code = (await page.locator('.join-screen-code').textContent())!;
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  await phone.goto(`/C/${code}`);
  await expect(phone.getByRole('heading', { name: 'Which one are you?' })).toBeVisible();
});

test('today shows the shelf, what looks wrong and who has not answered', async ({ page }) => {
  await signIn(page);
  await expect(page.getByRole('link', { name: '7 Copper: Does road salt on the pavement reach the hedge?' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'What looks wrong' })).toBeVisible();
  // Who has not answered is asked on the plan's days only.
  const answers = page.locator('section', { has: page.getByRole('heading', { name: 'Not answered today' }) });
  await expect(answers.getByText(/\d+ of \d+ |Every pot has its answer/).first()).toBeVisible();
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
});

test('the wall: moving along the days by keyboard makes the plants grow, and a plant tells its story', async ({ page }) => {
  await signIn(page);
  await openWall(page);
  const tape = page.getByRole('slider', { name: 'Day looked at' });
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
  await expect(page.getByRole('dialog')).toContainText('was knocked over');
  await page.getByRole('button', { name: 'Close' }).click();
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
  await page.getByLabel('What do you want to find out?').fill('How deep is too deep for wheat?');
  await saved(page);
  await sow(page);
  await expect(page.getByRole('row', { name: /A 10 mm \(the control\)/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /The tray from above/ })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put it away' }).click();
  await expect(page.getByText('It is put away')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the class' }).click();
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
  await page.getByRole('slider', { name: 'Day looked at' }).focus();
  await page.keyboard.press('Home');
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('slider')).toHaveAttribute('aria-valuetext', /^day 13,/);
  await expect(page).toHaveURL(/day=/);
  await page.getByRole('link', { name: 'Compare them' }).click();
  await expect(page.getByRole('button', { name: 'Between what: salt in the water, step by step' })).toBeVisible();
  await page.getByRole('button', { name: /^Between what/ }).click();
  await page.getByRole('button', { name: 'salt in the water', exact: true }).click();
  await expect(page.getByText(/barley was shorter on day \d+ than with no salt: by about/)).toBeVisible();
  await expect(page.getByText(/\d+ pots measured, \d+ not up yet, \d+ lost/)).toBeVisible();
  await expect(page.locator('svg.figure').first()).toBeVisible();
  await expect(page.getByText(/95 % interval −/).first()).toBeVisible();
  await expect(page.getByText(/luck alone makes a gap this big/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Day by day' }).click();
  await expect(page.locator('.chart .main-svg').first()).toBeVisible();
  await page.getByText('Show the numbers').first().click();
  await expect(page.getByRole('row', { name: /A no salt 7/ })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Not up yet: left out' }).click();
  await page.getByRole('button', { name: /^counted as zero/ }).click();
  await expect(page.getByText(/not up yet, counted as zero/)).toBeVisible();
  await page.getByRole('button', { name: /^Day: day/ }).click();
  await page.getByRole('button', { name: /^day 10/ }).click();
  await expect(page.getByRole('slider')).toHaveAttribute('aria-valuetext', /^day 10,/);
  await expect(page.getByText(/Nobody looked at/).first()).toBeVisible();
  expect(outside).toEqual([]);
  expect(errors).toEqual([]);
});
