import { expect, test } from '@playwright/test';
import { expectAccessible, expectNoSidewaysScroll, joinOn, openWall, signIn, tap } from './people';

test('two teams check at once, and the teacher sees both without reloading', async ({ page, browser }) => {
  await signIn(page);
  await openWall(page);
  await expect(page.getByText('Live: checks appear by themselves')).toBeVisible();
  const [kites, bells] = await Promise.all([joinOn(browser, 'Kites'), joinOn(browser, 'Bells', { width: 820, height: 1180 })]);
  await Promise.all([
    kites.getByRole('button', { name: 'A1', exact: true }).click(),
    bells.getByRole('button', { name: 'B2', exact: true }).click(),
  ]);
  await expect(kites.locator('.bench-change')).toContainText(/cm on/);
  await Promise.all([tap(kites, '31.4'), tap(bells, '29')]);
  await expect(kites.locator('.bench-number')).toHaveText('31.4cm');
  await expect(kites.locator('.bench-change')).toContainText(/cm more than on/);
  await expectAccessible(kites);
  await expectAccessible(bells);
  await expectNoSidewaysScroll(kites);
  await Promise.all([kites.getByRole('button', { name: /^Next/ }).click(), bells.getByRole('button', { name: /^Next/ }).click()]);
  await expect(kites.getByRole('button', { name: 'A1, done' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^A1, no salt: 31\.4 cm/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^B2, 25 mmol\/L: 29\.0 cm/ })).toBeVisible();
});

test('a reload in mid-entry loses nothing, and a correction keeps the old value', async ({ browser }) => {
  const boats = await joinOn(browser, 'Boats');
  await boats.getByRole('button', { name: 'A3', exact: true }).click();
  await tap(boats, '6.2');
  await boats.getByPlaceholder('Add a note').fill('tip a little yellow');
  await boats.reload();
  await expect(boats.locator('.bench-number')).toHaveText('6.2cm');
  await expect(boats.getByPlaceholder('Add a note')).toHaveValue('tip a little yellow');
  await boats.getByRole('button', { name: /^Next/ }).click();
  await boats.getByRole('button', { name: 'A3, done' }).click();
  await expect(boats.getByText('A3 is done for today.')).toBeVisible();
  await boats.getByRole('button', { name: 'Change it' }).click();
  for (let i = 0; i < 3; i++) await boats.getByRole('button', { name: 'erase' }).click();
  await tap(boats, '16.2');
  await boats.getByRole('button', { name: /^(Next|Finish)/ }).click();
  await boats.getByRole('button', { name: 'A3, done' }).click();
  await expect(boats.locator('.bench-number')).toHaveText('16.2cm');
  await expect(boats.locator('.bench-old')).toHaveText('6.2 cm');
  await boats.reload();
  await expect(boats.locator('.bench-old')).toHaveText('6.2 cm');
});

test('with the network cut a check waits on the device and is sent once when it is back', async ({ browser, page }) => {
  const moons = await joinOn(browser, 'Moons');
  await moons.getByRole('button', { name: 'A4', exact: true }).click();
  await moons.context().setOffline(true);
  await tap(moons, '17.7');
  await moons.getByRole('button', { name: /^Next/ }).click();
  await expect(moons.getByText('1 check waits on this device')).toBeVisible();
  await expect(moons.getByRole('button', { name: 'A4, done' })).toBeVisible();
  await moons.context().setOffline(false);
  await expect(moons.getByText('waits on this device')).toHaveCount(0, { timeout: 15_000 });
  await signIn(page);
  await openWall(page);
  await page.getByRole('button', { name: /^A4, no salt: 17\.7 cm/ }).click();
  await expect(page.getByRole('dialog').getByText('17.7 cm')).toHaveCount(1);
});

test('not up, lost with its reason, and could not check; then everything is done', async ({ browser, page }) => {
  const keys = await joinOn(browser, 'Keys');
  const answer = async (pot: string, act: () => Promise<unknown>) => {
    await keys.getByRole('button', { name: pot, exact: true }).click();
    await act();
    await keys.getByRole('button', { name: /^(Next|Finish)/ }).click();
  };
  await answer('D7', () => keys.getByRole('button', { name: 'Not up yet' }).click());
  await answer('A7', async () => {
    await keys.getByRole('button', { name: 'Lost' }).click();
    await expectAccessible(keys);
    await keys.getByRole('button', { name: 'It was eaten' }).click();
  });
  await answer('B7', () => keys.getByRole('button', { name: 'Could not check' }).click());
  await answer('C7', () => tap(keys, '9.9'));
  await expect(keys.getByRole('heading', { name: 'All your pots are checked.' })).toBeVisible();
  await keys.getByRole('link', { name: 'See the whole class' }).click();
  await expect(keys.getByRole('button', { name: /^A7, no salt: was eaten/ })).toBeVisible();
  await expectNoSidewaysScroll(keys);
  await signIn(page);
  await openWall(page);
  await expect(page.getByRole('button', { name: /^D7, 100 mmol\/L: not up after \d+ days/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^B7, 25 mmol\/L: nobody looked/ })).toBeVisible();
});

test('the hardware keyboard types on the pad, and millimetres become centimetres', async ({ browser }) => {
  const drums = await joinOn(browser, 'Drums');
  await drums.getByRole('button', { name: 'A6', exact: true }).click();
  await drums.getByRole('button', { name: 'mm', exact: true }).click();
  await drums.keyboard.type('143');
  await expect(drums.locator('.bench-number')).toHaveText('143mm');
  await drums.keyboard.press('ArrowUp');
  await expect(drums.locator('.bench-number')).toHaveText('14.4cm');
});

test('a wrong PIN is said so and can be typed again', async ({ page }) => {
  await page.goto('/join');
  await page.getByLabel('Class code from the board').fill('COPPR7');
  await page.getByRole('button', { name: 'Brollies' }).click();
  for (const digit of '9999') await page.getByRole('button', { name: digit, exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('do not belong together');
  await expectAccessible(page);
});
