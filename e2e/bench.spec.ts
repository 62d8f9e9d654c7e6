import { say } from '@bright-sprout/words/say';
import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Browser, expect, type Page } from '@playwright/test';
import { inDays } from './days';
import { DEMO_QUESTION, expectAccessible, expectNoSidewaysScroll, joinOn, openWall, signIn, tap } from './people';
import { test } from './test';

test('two teams check at once, and the teacher sees both without reloading', async ({ page, browser }) => {
  await signIn(page);
  await openWall(page);
  await expect(page.getByText(say('page.liveChecksAppearThemselves'))).toBeVisible();
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
  await boats.getByPlaceholder(say('bench.addNote')).fill('tip a little yellow');
  await boats.reload();
  await expect(boats.locator('.bench-number')).toHaveText('6.2cm');
  await expect(boats.getByPlaceholder(say('bench.addNote'))).toHaveValue('tip a little yellow');
  await boats.getByRole('button', { name: /^Next/ }).click();
  await boats.getByRole('button', { name: 'A3, done' }).click();
  await expect(boats.getByText('A3 is done for today.')).toBeVisible();
  await boats.getByRole('button', { name: say('bench.changeIt') }).click();
  for (let i = 0; i < 3; i++) await boats.getByRole('button', { name: say('bench.erase') }).click();
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
  await expect(moons.getByText('waits on this device')).toHaveCount(0);
  await signIn(page);
  await openWall(page);
  await page.getByRole('button', { name: /^A4, no salt: 17\.7 cm/ }).click();
  await expect(page.getByRole('dialog').getByText('17.7 cm')).toHaveCount(1);
});

test('without a network the team’s page opens again, with what was entered, and everything arrives once it is back', async ({
  browser,
}) => {
  // Joined once, on a page that was never opened before.
  const brollies = await joinOn(browser, 'Brollies', undefined, { offline: true });
  await expect
    .poll(() => brollies.evaluate(() => caches.open('bench').then((c) => c.keys().then((k) => k.length))))
    .toBeGreaterThan(0);
  await brollies.context().setOffline(true);
  await brollies.getByRole('button', { name: 'B5', exact: true }).click();
  await tap(brollies, '15.5');
  await brollies.getByRole('button', { name: /^Next/ }).click();
  await brollies.reload();
  await expect(brollies.getByRole('heading', { name: say('refusals.brollies') })).toBeVisible();
  await expect(brollies.getByRole('button', { name: 'B5, done' })).toBeVisible();
  await expect(brollies.getByText('1 check waits on this device')).toBeVisible();
  await brollies.getByRole('button', { name: 'A5', exact: true }).click();
  await tap(brollies, '18');
  await brollies.getByRole('button', { name: /^Next/ }).click();
  await expect(brollies.getByText('2 checks wait on this device')).toBeVisible();
  await brollies.context().setOffline(false);
  await expect(brollies.getByText('on this device')).toHaveCount(0);
  await brollies.reload();
  await expect(brollies.getByRole('button', { name: 'A5, done' })).toBeVisible();
});

test('a laptop on which a team once joined still gets the newest pages of the teacher', async ({ browser }) => {
  const laptop = await joinOn(browser, 'Brollies', undefined, { offline: true });
  await laptop.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  expect((await laptop.goto('/bench'))!.fromServiceWorker()).toBe(true);
  for (const path of ['/', '/seeds']) expect((await laptop.goto(path))!.fromServiceWorker(), path).toBe(false);
});

test('how to measure is drawn the first time, an odd height is asked about, and another day takes a reason', async ({
  browser,
}) => {
  const drums = await joinOn(browser, 'Drums', { width: 820, height: 1180 }, { guide: 'open' });
  await expect(drums.getByRole('heading', { name: say('bench.howToMeasure') })).toBeVisible();
  await expect(drums.getByText(/Lift the longest blade along the ruler/)).toBeVisible();
  await expectAccessible(drums);
  await drums.getByRole('button', { name: say('bench.weKnowHow') }).click();
  await drums.getByRole('button', { name: 'B6', exact: true }).click();
  await tap(drums, '1.2');
  const question = drums.getByRole('group', { name: say('bench.questionAboutHeight') });
  await expect(question).toContainText('The value stays as you typed it.');
  await question.getByRole('button', { name: say('bench.somebodyElseMeasures') }).click();
  await question.getByLabel(/The second student reads/).fill('12.4');
  await expect(question).toContainText('You are 11.2 cm apart. Both are kept.');
  await expectAccessible(drums);
  await question.getByRole('button').first().click();
  await drums.getByRole('button', { name: /^Next/ }).click();
  await drums.getByRole('button', { name: 'C6', exact: true }).click();
  await drums.getByRole('button', { name: say('bench.howToMeasure') }).click();
  await drums.getByRole('button', { name: say('bench.weKnowHow') }).click();
  await drums.getByRole('button', { name: say('bench.anotherDay') }).click();
  await drums.getByLabel('Which day did you check?').fill(inDays(1));
  await expect(drums.getByText(say('bench.dayComeYet'))).toBeVisible();
  await drums.getByLabel('Which day did you check?').fill(await dayWithoutCheck(drums, 'C6'));
  await drums.getByRole('button', { name: say('bench.copiedPaper') }).click();
  await expect(drums.getByText('(copied from paper)')).toBeVisible();
  await drums.getByRole('button', { name: say('bench.notUpYet') }).click();
  await drums.getByRole('button', { name: /^(Next|Finish)/ }).click();
  await drums.getByRole('button', { name: say('bench.backToday') }).click();
  await expect(drums.getByRole('button', { name: 'C6', exact: true })).toBeVisible();
  await expectAccessible(drums);
});

test('not up, lost with its reason, and could not check; then everything is done', async ({ browser, page }) => {
  const keys = await joinOn(browser, 'Keys');
  const answer = async (pot: string, act: () => Promise<unknown>) => {
    await keys.getByRole('button', { name: pot, exact: true }).click();
    await act();
    await keys.getByRole('button', { name: /^(Next|Finish)/ }).click();
  };
  await answer('D7', () => keys.getByRole('button', { name: say('bench.notUpYet') }).click());
  await answer('A7', async () => {
    await keys.getByRole('button', { name: say('bench.lost') }).click();
    await expectAccessible(keys);
    await keys.getByRole('button', { name: 'It was eaten' }).click();
  });
  await answer('B7', () => keys.getByRole('button', { name: say('bench.couldNotCheckTitle') }).click());
  await answer('C7', () => tap(keys, '9.9'));
  await expect(keys.getByRole('heading', { name: 'All your pots are checked.' })).toBeVisible();
  await keys.getByRole('link', { name: say('bench.ourNotebook') }).click();
  await expect(keys.getByRole('heading', { name: /^A7 · no salt/ })).toBeVisible();
  await expect(keys.getByRole('region', { name: 'A7' })).toContainText(say('readings.wasEaten'));
  await expectAccessible(keys);
  await expectNoSidewaysScroll(keys);
  await keys.getByRole('link', { name: say('common.ourContainers') }).click();
  await keys.getByRole('link', { name: say('bench.seeWholeClass') }).click();
  await expect(keys.getByRole('button', { name: /^A7, no salt: was eaten/ })).toBeVisible();
  await expectNoSidewaysScroll(keys);
  await signIn(page);
  await openWall(page);
  await expect(page.getByRole('button', { name: /^D7, 100 mmol\/L: not up after \d+ days/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^B7, 25 mmol\/L: nobody checked/ })).toBeVisible();
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

test('a wrong PIN is said so and can be typed again; the right one opens the team’s pots', async ({ page }) => {
  const { demoTeams } = await import('../scripts/demoSignIns.mjs');
  await page.goto('/join');
  await page.getByLabel(say('joining.classCodeBoard')).fill('coppr7');
  await page.getByRole('button', { name: say('refusals.brollies') }).click();
  const type = async (pin: string) => {
    for (const digit of pin) await page.getByRole('button', { name: digit, exact: true }).click();
  };
  await type('9999');
  await expect(page.getByRole('alert')).toContainText('do not belong together');
  await expectAccessible(page);
  await type(demoTeams[0]!.pins.brolly!);
  await expect(page.getByRole('heading', { name: say('refusals.brollies') })).toBeVisible();
});

test('a picture taken without a network waits, arrives, and is seen in the notebook and by the teacher', async ({
  browser,
  page,
}) => {
  const bells = await joinOn(browser, 'Bells');
  await bells.getByRole('button', { name: 'D2', exact: true }).click();
  const plant = await bells.screenshot();
  await bells.context().setOffline(true);
  await bells.getByLabel(say('bench.takePicture')).setInputFiles({ name: 'd2.png', mimeType: 'image/png', buffer: plant });
  const pictures = bells.getByRole('group', { name: 'Pictures of D2' });
  await pictures.getByRole('button').click();
  await expect(bells.getByText(/waits on this device/).last()).toBeVisible();
  await bells
    .getByRole('dialog')
    .getByRole('button', { name: say('common.close') })
    .click();
  await expect(bells.getByRole('dialog')).toHaveCount(0);
  await bells.getByLabel(say('bench.note')).click();
  await bells.getByRole('button', { name: 'The soil is …' }).click();
  await bells.keyboard.type('dry');
  await expect(bells.getByLabel(say('bench.note'))).toHaveValue('The soil is dry');
  await bells.getByRole('button', { name: say('bench.notUpYet') }).click();
  await bells.getByRole('button', { name: /^(Next|Finish)/ }).click();
  await expect(bells.getByText('2 entries wait on this device')).toBeVisible();
  await bells.context().setOffline(false);
  await expect(bells.getByText('on this device')).toHaveCount(0);
  await bells.goto(bells.url().replace('/bench?investigation=', '/bench/notebook/').replace(/&.*/, ''));
  const picture = bells.getByRole('region', { name: 'D2' }).getByRole('img', { name: /^D2 on/ });
  await expect.poll(() => picture.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeGreaterThan(0);
  await expectAccessible(bells);
  await signIn(page);
  await openWall(page);
  await page.getByRole('button', { name: /^D2, 100 mmol\/L/ }).click();
  await page.getByRole('group', { name: 'Pictures of D2' }).getByRole('button').click();
  await expectAccessible(page);
  await page.getByRole('button', { name: say('common.takeBack') }).click();
  await expect(page.getByRole('group', { name: 'Pictures of D2' })).toHaveCount(0);
});

/** The last day before today on which nobody has looked at a container. */
async function dayWithoutCheck(page: Page, code: string): Promise<IsoDay> {
  const { investigations } = (await (await page.request.get('/api/v1/bench')).json()) as BenchView;
  const { investigation, readings } = investigations.find((i) => i.investigation.question === DEMO_QUESTION)!;
  const { id } = investigation.containers.find((c) => c.code === code)!;
  const looked = new Set(readings.filter((r) => r.containerId === id).map((r) => r.day));
  return [-1, -2, -3].map(inDays).find((day) => !looked.has(day))!;
}

/** A team whose device sends what it reads, without a page. */
async function readFromAfar(browser: Browser, emblem: string, typed: string): Promise<void> {
  const { demoTeams } = await import('../scripts/demoSignIns.mjs');
  const { request } = await browser.newContext();
  await request.post('/api/v1/join', { data: { classCode: demoTeams[0]!.joinCode, emblem, pin: demoTeams[0]!.pins[emblem] } });
  const [asked] = (await (await request.get('/api/v1/bench/together')).json()) as { id: string }[];
  expect((await request.put(`/api/v1/bench/together/${asked!.id}`, { data: { typed } })).status()).toBe(204);
}

test('one plant is read together: covered, then as marks on the ruler, settled on the middle, and kept for the claim', async ({
  browser,
  page,
}) => {
  await signIn(page);
  await openWall(page);
  await page.getByRole('link', { name: say('page.readTogether') }).click();
  await page
    .getByRole('group', { name: say('together.plantRead') })
    .getByRole('button', { name: 'B3' })
    .click();
  await expect(page.getByText('0 of 7 teams have read')).toBeVisible();
  const read = async (nickname: string, digits: string) => {
    const device = await joinOn(browser, nickname);
    await device.getByRole('link', { name: 'Everybody reads B3 now' }).click();
    // Until its page is there, the pad on the screen is that of the team's own pots.
    await expect(device.getByRole('button', { name: say('bench.sendRead') })).toBeVisible();
    await tap(device, digits);
    if (nickname === 'Kites') {
      await expectAccessible(device);
      await expectNoSidewaysScroll(device);
    }
    await device.getByRole('button', { name: say('bench.sendRead') }).click();
    await expect(device.getByText(`You read ${digits} cm.`)).toBeVisible();
    return device;
  };
  await read('Kites', '18.2');
  await expect(page.getByText('1 of 7 teams have read')).toBeVisible();
  await expect(page.getByRole('img', { name: /still covered/ })).toBeVisible();
  const drums = await read('Drums', '17.9');
  await drums.getByRole('button', { name: say('bench.lookAgain') }).click();
  await tap(drums, '18.4');
  await drums.getByRole('button', { name: say('bench.sendRead') }).click();
  for (const [emblem, typed] of [
    ['key', '18.6 cm'],
    ['moon', '18.4 cm'],
  ] as const)
    await readFromAfar(browser, emblem, typed);
  await expect(page.getByText('4 of 7 teams have read')).toBeVisible();
  await page.getByRole('button', { name: say('together.showReadFar') }).click();
  await expect(page.getByRole('img', { name: /^(?=.*Kites 18\.2 cm).*the middle is 18\.4 cm/ })).toBeVisible();
  await expect(page.getByText('Readings lie 0.4 cm apart, from 18.2 to 18.6 cm. Why?')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: say('together.settleOnIt') }).click();
  await expect(page.getByRole('heading', { name: 'B3 is settled: 18.4 cm' })).toBeVisible();
  await expect(page.getByText(/from 4 readings of 1 plant/)).toBeVisible();
  await drums.getByRole('link', { name: say('common.toOurContainers') }).click();
  await page.getByRole('link', { name: say('page.wall'), exact: true }).click();
  await expect(page.getByRole('button', { name: /^B3, 25 mmol\/L: 18\.4 cm/ })).toBeVisible();
});
