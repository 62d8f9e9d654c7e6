import { say } from '@bright-sprout/words/say';
import { expect } from '@playwright/test';
import { today } from './days';
import { expectAccessible, expectNoSidewaysScroll, joinOn, signIn } from './people';
import { beginPlan, fair, openWord, part, saved, sow } from './planning';
import { test } from './test';

test('a tested seed lot of the shelf says how many to sow', async ({ page }) => {
  await signIn(page);
  await page.getByRole('link', { name: say('seedShelf.seedShelf') }).click();
  await expect(page.getByText('17 of 20 came up: 64 % to 95 %')).toBeVisible();
  await page.getByRole('button', { name: say('seedShelf.putLotShelf') }).click();
  await page.getByRole('button', { name: say('predict.keepIt') }).click();
  await expect(page.getByText(say('refusals.giveLotNameCharacters'))).toBeVisible();
  await page.getByLabel(say('plannerSeeds.kind')).selectOption({ label: 'Barley' });
  await page.getByLabel(say('seedShelf.whatWeCallIt')).fill('old jar');
  await page.getByLabel(say('seedShelf.yearPacket')).fill('2015');
  await page.getByLabel(say('seedShelf.depthPacketMm')).fill('20 to 30');
  await page.getByRole('button', { name: say('predict.keepIt') }).click();
  const jar = page.locator('.shelf-lot', { hasText: 'old jar' });
  await expect(jar.getByText(/Past its best: about \d+ of 100 may still sprout/)).toBeVisible();
  await jar.getByRole('button', { name: say('seedShelf.changeAddTest') }).click();
  await page.getByRole('button', { name: say('seedShelf.addTest'), exact: true }).click();
  await page.getByLabel('Test 1: came up or floated').fill('4');
  await page.getByRole('button', { name: say('predict.keepIt') }).click();
  await expect(page.getByText('4 of 10 came up: 17 % to 69 %')).toBeVisible();
  await expectAccessible(page);
  await page.reload();
  await expect(page.getByText('Fewer than half came up in the test')).toBeVisible();
  await page.goto('/');
  await page.locator('.class-row').getByRole('link', { name: '7 Copper' }).click();
  await page.getByRole('link', { name: say('classPage.planInvestigation') }).click();
  await page.getByRole('button', { name: /^Salt in steps/ }).click();
  await part(page, 'Seeds');
  await expect(page.getByText(/With 2, about 9\d of 100 have a plant/)).toBeVisible();
  await page.getByLabel(say('plannerSeeds.seedLot')).selectOption({ label: 'old jar, 2015' });
  await expect(page.getByText(/With 2, about 6\d of 100 have a plant; \d+ would make it 95/)).toBeVisible();
  await expect(page.getByText('20 to 30 mm of cover over the seed.')).toBeVisible();
  await fair(page)
    .getByRole('button', { name: /^Sow \d+ in each/ })
    .click();
  await expect(fair(page)).not.toContainText('will stay empty');
});

test('a label’s square opens its container: after joining, and at once on a device that has joined', async ({
  page,
  browser,
}) => {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel(say('planner.wantFind')).fill('Scanned: how much salt?');
  await part(page, 'Days');
  await openWord(page, /^Sowing/);
  await page.getByLabel(say('bringIn.sownOnHead'), { exact: true }).fill(today());
  await part(page, 'Prepare');
  await expect(page.getByText(/^28 labels with code, mark and team, and a square/)).toBeVisible();
  await saved(page);
  await sow(page);
  await page.getByRole('link', { name: /^Print room/ }).click();
  await expect(page.getByRole('img', { name: /^Labels, sheet 1: .*\bB1\b/ })).toBeVisible();
  await expectAccessible(page);
  const investigation = /investigations\/([^/]+)\//.exec(page.url())![1]!;
  const { demoTeams } = await import('../scripts/demoSignIns.mjs');
  const { joinCode, pins } = demoTeams[0]!;
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  const kites = await page.request
    .get('/api/v1/classes')
    .then(async (r) =>
      ((await r.json()) as { joinCode: string; teams: { emblem: string }[] }[])
        .find((c) => c.joinCode === joinCode)!
        .teams.findIndex((t) => t.emblem === 'kite'),
    );
  // What the square of a printed label holds, in capitals as it stands there.
  const scan = (letter: string) => phone.goto(`/C/${joinCode}/${investigation.slice(-6).toUpperCase()}/${letter}${kites + 1}`);
  await scan('C');
  await phone.getByRole('button', { name: say('refusals.kites') }).click();
  for (const digit of pins.kite!) await phone.getByRole('button', { name: digit, exact: true }).click();
  await expect(phone.getByRole('button', { name: `C${kites + 1}`, exact: true })).toHaveAttribute('aria-current', 'true');
  await scan('D');
  await expect(phone.getByRole('button', { name: `D${kites + 1}`, exact: true })).toHaveAttribute('aria-current', 'true');
});

test('teams predict on their devices before sowing; then it is locked and kept', async ({ page, browser }) => {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel(say('planner.wantFind')).fill('Guess first: how much salt?');
  await openWord(page, /^3 predictions/);
  await page.getByRole('checkbox', { name: say('plannerAsk.askTeamsNowDevices') }).check();
  await expect(page.getByText('0 of 7 teams have predicted.')).toBeVisible();
  await saved(page);
  const moons = await joinOn(browser, 'Moons');
  await moons.getByRole('link', { name: /What do you expect\? Guess first/ }).click();
  await expectAccessible(moons);
  await moons.getByRole('radio', { name: '5', exact: true }).click();
  await moons.getByRole('button', { name: say('points.next') }).click();
  await moons.getByLabel(/How tall will the tallest be on day/).fill('17,5');
  await moons.getByRole('button', { name: say('points.next') }).click();
  await moons.getByRole('radio', { name: /B 25 mmol/ }).click();
  await expectAccessible(moons);
  await expectNoSidewaysScroll(moons);
  await moons.getByRole('button', { name: say('predict.keepIt') }).click();
  await expect(moons.getByText(say('predict.thatIsWhatYou'))).toBeVisible();
  await expect(page.getByRole('row', { name: /Moons 5 17\.5 cm B/ })).toBeVisible();
  await sow(page);
  await expect(page.getByRole('heading', { name: say('sownPlan.teamsExpected') })).toBeVisible();
  await moons.getByRole('button', { name: say('bench.changeIt') }).click();
  await moons.getByRole('radio', { name: '9', exact: true }).click();
  await moons.getByRole('button', { name: say('points.next') }).click();
  await moons.getByRole('button', { name: say('points.next') }).click();
  await moons.getByRole('button', { name: say('predict.keepIt') }).click();
  await expect(moons.getByText('The seeds are sown: predictions are locked.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('row', { name: /Moons 5 17\.5 cm B/ })).toBeVisible();
});

test('sowing day: the steps are ticked, and what went differently is written down in two taps by a team and by the teacher', async ({
  page,
  browser,
}) => {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel(say('planner.wantFind')).fill('Sown with care: how much salt?');
  await part(page, 'Days');
  await openWord(page, /^Sowing/);
  await page.getByLabel(say('bringIn.sownOnHead'), { exact: true }).fill(today());
  await saved(page);
  await page.getByRole('button', { name: say('planner.sowIt') }).click();
  await page.getByRole('button', { name: say('planner.yesLay') }).click();
  await page.getByRole('checkbox', { name: /^Count the seeds into sets of 2/ }).check();
  await expect(page.getByRole('heading', { name: 'Sowing day: 1 of 12 done' })).toBeVisible();
  await expectAccessible(page);
  const drums = await joinOn(browser, 'Drums');
  await drums.goto(`/bench/sow/${/investigations\/([^/]+)/.exec(page.url())![1]}`);
  await expect(drums.getByText(say('sowing.teacherTicked'))).toBeVisible();
  await drums.getByRole('checkbox', { name: /^Fill each cup with/ }).check();
  await expect(page.getByText('1 of 7 teams')).toBeVisible();
  const pots = drums.getByRole('group', { name: say('common.containers') }).getByRole('button');
  await expect(pots).toHaveCount(4);
  await drums.context().setOffline(true);
  await pots.first().click();
  await drums.getByRole('button', { name: say('refusals.brokenSeed') }).click();
  await expect(drums.locator('.sown-known')).toContainText(say('refusals.brokenSeed'));
  await expect(page.locator('.sown-known')).toHaveCount(0);
  await drums.context().setOffline(false);
  await expect(drums.locator('.sown-known')).toContainText(say('refusals.brokenSeed'));
  await expectAccessible(drums);
  await expectNoSidewaysScroll(drums);
  await expect(page.locator('.sown-known')).toContainText(say('refusals.brokenSeed'));
  await page
    .getByRole('group', { name: say('common.containers') })
    .getByRole('button')
    .last()
    .click();
  await page.getByLabel(say('run.moreAbout')).fill('the bag was empty');
  await page.getByRole('button', { name: say('refusals.otherSoilLess') }).click();
  await expect(page.locator('.sown-known li')).toHaveCount(2);
  await page
    .locator('.sown-known li')
    .first()
    .getByRole('button', { name: say('common.takeBackLower') })
    .click();
  await expect(page.locator('.sown-known li')).toHaveCount(1);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Sowing day: 1 of 12 done' })).toBeVisible();
  await expect(page.locator('.sown-known')).toContainText('other soil, or less of it: the bag was empty');
});
