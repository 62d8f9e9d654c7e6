import { expect, type Page, test } from '@playwright/test';
import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';
import { expectAccessible, expectNoSidewaysScroll, joinOn, signIn } from './people';

/** Signs in, opens a class and begins a plan from one of the starting points. */
async function beginPlan(page: Page, start: RegExp): Promise<void> {
  // Lots that are drawn the same in every run.
  await page.addInitScript(() => (Math.random = () => 0.4242));
  await signIn(page);
  await page.locator('.class-row').getByRole('link', { name: '7 Copper' }).click();
  await page.getByRole('link', { name: 'Plan an investigation' }).click();
  await page.getByRole('button', { name: start }).click();
  await expect(page.getByRole('heading', { name: 'The question' })).toBeVisible();
}

const part = (page: Page, name: string) => page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: new RegExp(`^${name}`) }).click(); // prettier-ignore
const fair = (page: Page) => page.getByRole('region', { name: 'Fair-test check' });
const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();

/** Sows the plan and goes to what was laid out. */
async function sow(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Sow it' }).click();
  await expect(page.getByRole('heading', { name: 'What went otherwise?' })).toBeVisible();
  await part(page, 'Plan');
}

/** What lies printed: tray, letters, and the lists of preparing. */
async function expectPrintable(page: Page): Promise<void> {
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: 'Where they stand' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Draw lots again' })).toBeHidden();
  await expect(page.locator('.lay-pot').first()).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
}

test('a dose series from question to printed layout, lists and sown pots', async ({ page }) => {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel('What do you want to find out?').fill('How much salt can our barley stand?');
  await page.getByRole('button', { name: 'One more' }).click();
  await page.getByLabel('Level 5 of salt in the water').fill('150 mmol/L');
  await page.getByLabel('Amount of level 5 in mmol/L').fill('150');
  await expect(page.getByRole('heading', { name: '35 cups, 70 seeds' })).toBeVisible();
  await expect(page.getByText(/about \d+ % in height/)).toBeVisible();
  await expectAccessible(page);
  await part(page, 'Seeds');
  await page.getByLabel('Cups of each').fill('3');
  await expect(page.getByRole('heading', { name: '15 cups, 30 seeds' })).toBeVisible();
  await page.getByLabel('Cups of each').fill('7');
  await expectAccessible(page);
  await part(page, 'Lay out');
  await expect(page.getByText(/Every team has one of each treatment/)).toBeVisible();
  await expectPrintable(page);
  await expectAccessible(page);
  await part(page, 'Prepare');
  await page.getByLabel('Seeds in a packet').fill('50');
  await expect(page.getByRole('row', { name: /Seeds of barley, untreated/ })).toContainText('2 packets of 50');
  await expect(page.getByText(/25 mmol\/L: \d+\.\d\d g of table salt/)).toBeVisible();
  await expect(
    page.getByText(/school’s own rules, local codes and the advice of licensed professionals come first/),
  ).toBeVisible();
  await expect(page.getByText('Ask families before you start about:')).toContainText('wheat and gluten');
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('row', { name: /Seeds of barley, untreated/ })).toContainText('2 packets of 50');
  await sow(page);
  await expect(page.getByRole('row', { name: /A no salt \(the control\)/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /E 150 mmol\/L/ })).toBeVisible();
  await page.goBack();
  await page.goBack();
  await expect(page.getByText('Sown: the plan can be read')).toBeVisible();
});

test('two factors crossed: four combinations, the control first, and the second taken away again with undo', async ({ page }) => {
  await beginPlan(page, /^Feed and light together/);
  await part(page, 'Lay out');
  await expect(page.getByRole('row', { name: /A plain water · bright sill \(the control\)/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /D 50 mg N\/L · behind a curtain/ })).toBeVisible();
  await expectPrintable(page);
  await part(page, 'Ask');
  await page.getByRole('button', { name: 'Do not cross' }).nth(1).click();
  await expect(page.getByRole('heading', { name: '14 cups, 28 seeds' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: '28 cups, 56 seeds' })).toBeVisible();
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByRole('heading', { name: '14 cups, 28 seeds' })).toBeVisible();
  await page.locator('body').press('Control+z');
  await expect(page.getByRole('heading', { name: '28 cups, 56 seeds' })).toBeVisible();
});

test('crowding: over-sown, thinned on its day', async ({ page }) => {
  await beginPlan(page, /^Crowded pots/);
  await part(page, 'Days');
  await expect(page.getByText('Thin to 10', { exact: true })).toBeVisible();
  await expectAccessible(page);
  await part(page, 'Prepare');
  await expect(page.getByRole('row', { name: /scissors or tweezers for thinning/ })).toBeVisible();
  await part(page, 'Lay out');
  await expectPrintable(page);
});

test('an age ladder is sown in steps, and its days go into a calendar that another program reads', async ({ page }) => {
  await beginPlan(page, /^Every age on one day/);
  await part(page, 'Days');
  await page.getByLabel('Period').fill('10:15–11:00');
  await expect(page.locator('.agenda-sow')).toHaveCount(5);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Take it into a calendar (.ics)' }).click();
  const text = readFileSync(await (await download).path(), 'utf8');
  const events = new ICAL.Component(ICAL.parse(text) as [string, unknown[], unknown[]]).getAllSubcomponents('vevent').map((v) => new ICAL.Event(v));
  expect(events.filter((e) => e.summary.startsWith('Sow:'))).toHaveLength(5);
  const lesson = events.find((e) => e.summary.startsWith('Lesson:'))!;
  expect([lesson.startDate.hour, lesson.startDate.minute, lesson.endDate.hour]).toEqual([10, 15, 11]);
  await part(page, 'Lay out');
  await expectPrintable(page);
}); // prettier-ignore

test('a pot at home: the kit is listed and nobody’s team owns it', async ({ page }) => {
  await beginPlan(page, /^A pot of your own at home/);
  await part(page, 'Lay out');
  await expect(page.getByText('Every student has one pot at home; lots say who gets which.')).toBeVisible();
  await expectPrintable(page);
  await part(page, 'Prepare');
  await expect(page.getByRole('heading', { name: 'What goes home' })).toBeVisible();
  await expect(page.getByText('A paper ruler that begins at its end')).toBeVisible();
});

test('seeds in paper pockets: root tips are forecast, height is refused with a fix', async ({ page }) => {
  await beginPlan(page, /^Soaked or dry/);
  await page.getByRole('checkbox', { name: 'height', exact: true }).check();
  await expect(fair(page)).toContainText('Height cannot be measured in damp-paper pocket');
  await expect(page.getByRole('button', { name: 'Sow it' })).toBeDisabled();
  await fair(page).getByRole('button', { name: 'Leave that measure out' }).click();
  await expect(fair(page)).not.toContainText('Height cannot be measured');
  await part(page, 'Prepare');
  await expect(page.getByText(/Wet the paper with/)).toBeVisible();
  await part(page, 'Lay out');
  await expectPrintable(page);
});

test('by keyboard alone a treatment is put at one end; the check sees it, and its fix deals again', async ({ page }) => {
  await beginPlan(page, /^Light and dark/);
  await part(page, 'Seeds');
  await page.getByLabel('Sponges of each').fill('4');
  await part(page, 'Lay out');
  await expect(fair(page)).not.toContainText('stand at one end');
  const at = (place: number) => page.locator(`[data-place="${place}"] .lay-pot b`);
  /** Lifts what stands on one place and puts it down on another, with the keyboard. */
  const carry = async (from: number, to: number) => {
    await page.locator(`[data-place="${from}"] .lay-pot`).focus();
    await page.keyboard.press('Space');
    await expect(page.locator('.lay-pot.lifted')).toHaveCount(1);
    let place = from;
    const step = async (key: string, by: number) => {
      place += by;
      await page.keyboard.press(key);
      await expect(page.getByText(new RegExp(`is over place ${place + 1}\\.`))).toBeAttached();
    };
    while (Math.floor(place / 2) > Math.floor(to / 2)) await step('ArrowLeft', -2);
    if (place % 2 !== to % 2) await step(place % 2 ? 'ArrowUp' : 'ArrowDown', place % 2 ? -1 : 1);
    await page.keyboard.press('Space');
    await expect(page.locator('.lay-pot.lifted')).toHaveCount(0);
  };
  // Four columns of two: all of A goes into the first two columns.
  for (let target = 0, from = 0; target < 4 && from < 8; from++) {
    if (!(await at(from).textContent())!.startsWith('A')) continue;
    const code = (await at(from).textContent())!;
    if (from !== target) await carry(from, target);
    await expect(at(target)).toHaveText(code);
    target++;
  }
  await expect(fair(page)).toContainText(/A \(light\) stand at one end/);
  await expect(page.getByRole('button', { name: 'Put them back as drawn' })).toBeVisible();
  await fair(page).getByRole('button', { name: 'Deal the places again' }).click();
  await expect(fair(page)).not.toContainText('stand at one end');
  await saved(page);
});

test('what is done knowingly is kept with its reason, and comes back beside the claim', async ({ page }) => {
  await beginPlan(page, /^Salt in steps/);
  await part(page, 'Lay out');
  await page.getByLabel('Containers are shared out so that').selectOption({ label: 'each team has one treatment' });
  await expect(fair(page)).toContainText('Each team has one treatment only.');
  await fair(page)
    .locator('.finding', { hasText: 'Each team has one treatment only.' })
    .getByRole('button', { name: 'We do it knowingly' })
    .click();
  await page.getByLabel('Why is it done knowingly?').fill('Each table has its own tap');
  await page.getByRole('button', { name: 'Keep on record' }).click();
  await expect(fair(page).getByRole('heading', { name: 'Done knowingly' })).toBeVisible();
  await saved(page);
  await sow(page);
  await expect(page.getByRole('row', { name: /A no salt/ })).toBeVisible();
});

test('bad input gets a sentence at its field and loses nothing', async ({ page }) => {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel('Amount of level 2 in mmol/L').fill('-25');
  await expect(page.getByText('An amount cannot be below zero.').first()).toBeVisible();
  await page.getByLabel('Amount of level 2 in mmol/L').fill('25');
  await part(page, 'Seeds');
  await page.getByLabel('Cups of each').fill('500');
  await expect(page.getByText('Containers of each: a whole number from 1 to 60.').first()).toBeVisible();
  await expect(page.getByLabel('Cups of each')).toHaveValue('500');
  await page.getByLabel('Cups of each').fill('7');
  await part(page, 'Days');
  await page.getByLabel('Last look').fill('2020-01-01');
  await expect(page.getByText(/The end has to come after sowing/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  for (const day of ['Mon', 'Tue', 'Wed', 'Thu', 'Fri']) await page.locator('.section', { hasText: 'School days and holidays' }).getByRole('checkbox', { name: day }).uncheck(); // prettier-ignore
  await expect(page.getByText('No weekday is a school day.').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Sow it' })).toBeDisabled();
  await saved(page);
  await page.reload();
  await expect(page.getByText('No weekday is a school day.').first()).toBeVisible();
});

test('two people at one plan: the slower one is told, and chooses', async ({ page, context }) => {
  await beginPlan(page, /^How deep/);
  await saved(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByLabel('What do you want to find out?').fill('Theirs: how deep is too deep?');
  await saved(other);
  await page.getByLabel('What do you want to find out?').fill('Mine: how deep is deep enough?');
  await expect(page.getByRole('alert')).toContainText('Theirs: how deep is too deep?');
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('What do you want to find out?')).toHaveValue('Mine: how deep is deep enough?');
});

test('a tested seed lot of the shelf says how many to sow', async ({ page }) => {
  await signIn(page);
  await page.getByRole('link', { name: 'Seed shelf' }).click();
  await expect(page.getByText('17 of 20 came up: 64 % to 95 %')).toBeVisible();
  await page.getByRole('button', { name: 'Put a lot on the shelf' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Give the lot a name of 1 to 60 characters.')).toBeVisible();
  await page.getByLabel('Kind').selectOption({ label: 'Barley' });
  await page.getByLabel('What we call it').fill('old jar');
  await page.getByLabel('Year on the packet').fill('2015');
  await page.getByLabel('Depth on the packet, mm').fill('20 to 30');
  await page.getByRole('button', { name: 'Keep it' }).click();
  const jar = page.locator('.shelf-lot', { hasText: 'old jar' });
  await expect(jar.getByText(/Past its best: about \d+ of 100 may still sprout/)).toBeVisible();
  await jar.getByRole('button', { name: 'Change, or add a test' }).click();
  await page.getByRole('button', { name: 'Add a test', exact: true }).click();
  await page.getByLabel('Test 1: came up or floated').fill('4');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('4 of 10 came up: 17 % to 69 %')).toBeVisible();
  await expectAccessible(page);
  await page.reload();
  await expect(page.getByText('Fewer than half came up in the test')).toBeVisible();
  await page.goto('/');
  await page.locator('.class-row').getByRole('link', { name: '7 Copper' }).click();
  await page.getByRole('link', { name: 'Plan an investigation' }).click();
  await page.getByRole('button', { name: /^Salt in steps/ }).click();
  await part(page, 'Seeds');
  await expect(page.getByText(/With 2, about 9\d of 100 have a plant/)).toBeVisible();
  await page.getByLabel('Seed lot').selectOption({ label: 'old jar, 2015' });
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
  await page.getByLabel('What do you want to find out?').fill('Scanned: how much salt?');
  await part(page, 'Prepare');
  await expect(page.getByRole('img', { name: /^Opens [A-D]\d$/ })).toHaveCount(28);
  await saved(page);
  await sow(page);
  await page.getByRole('link', { name: 'Print the stick labels' }).click();
  await expect(page.getByRole('img', { name: 'Opens B1' })).toBeVisible();
  await expectAccessible(page);
  const investigation = /investigations\/([^/]+)\//.exec(page.url())![1]!;
  const { demoTeams } = await import('../scripts/demoSignIns.mjs');
  const { joinCode, pins } = demoTeams[0]!;
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
  const kites = await page.request.get('/api/v1/classes').then(async (r) => ((await r.json()) as { joinCode: string; teams: { emblem: string }[] }[]).find((c) => c.joinCode === joinCode)!.teams.findIndex((t) => t.emblem === 'kite')); // prettier-ignore
  const scan = (letter: string) => phone.goto(`/join?code=${joinCode}&investigation=${investigation}&pot=${letter}${kites + 1}`);
  await scan('C');
  await phone.getByRole('button', { name: 'Kites' }).click();
  for (const digit of pins.kite!) await phone.getByRole('button', { name: digit, exact: true }).click();
  await expect(phone.getByRole('button', { name: `C${kites + 1}`, exact: true })).toHaveAttribute('aria-current', 'true');
  await scan('D');
  await expect(phone.getByRole('button', { name: `D${kites + 1}`, exact: true })).toHaveAttribute('aria-current', 'true');
});

test('teams predict on their devices before sowing; then it is locked and kept', async ({ page, browser }) => {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel('What do you want to find out?').fill('Guess first: how much salt?');
  await page.getByRole('checkbox', { name: 'Ask the teams now, on their devices' }).check();
  await expect(page.getByText('0 of 7 teams have predicted.')).toBeVisible();
  await saved(page);
  const moons = await joinOn(browser, 'Moons');
  await moons.getByRole('link', { name: /What do you expect\? Guess first/ }).click();
  await expectAccessible(moons);
  await moons.getByRole('radio', { name: '5', exact: true }).click();
  await moons.getByRole('button', { name: 'Next' }).click();
  await moons.getByLabel(/How tall will the tallest be on day/).fill('17,5');
  await moons.getByRole('button', { name: 'Next' }).click();
  await moons.getByRole('radio', { name: /B 25 mmol/ }).click();
  await expectAccessible(moons);
  await expectNoSidewaysScroll(moons);
  await moons.getByRole('button', { name: 'Keep it' }).click();
  await expect(moons.getByText('That is what you expect')).toBeVisible();
  await expect(page.getByRole('row', { name: /Moons 5 17\.5 cm B/ })).toBeVisible();
  await sow(page);
  await expect(page.getByRole('heading', { name: 'What teams expected' })).toBeVisible();
  await moons.getByRole('button', { name: 'Change it' }).click();
  await moons.getByRole('radio', { name: '9', exact: true }).click();
  await moons.getByRole('button', { name: 'Next' }).click();
  await moons.getByRole('button', { name: 'Next' }).click();
  await moons.getByRole('button', { name: 'Keep it' }).click();
  await expect(moons.getByText('The seeds are sown: predictions are locked.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('row', { name: /Moons 5 17\.5 cm B/ })).toBeVisible();
});

test('sowing day: the steps are ticked, and what went otherwise is written down in two taps by a team and by the teacher', async ({
  page,
  browser,
}) => {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel('What do you want to find out?').fill('Sown with care: how much salt?');
  await part(page, 'Days');
  await page.getByLabel('Sown on').fill(new Date().toISOString().slice(0, 10));
  await saved(page);
  await page.getByRole('button', { name: 'Sow it' }).click();
  await page.getByRole('checkbox', { name: /^Count the seeds into sets of 2/ }).check();
  await expect(page.getByRole('heading', { name: 'Sowing day: 1 of 8 done' })).toBeVisible();
  await expectAccessible(page);
  const drums = await joinOn(browser, 'Drums');
  await drums.goto(`/bench/sow/${/investigations\/([^/]+)/.exec(page.url())![1]}`);
  const pots = drums.getByRole('group', { name: 'Containers' }).getByRole('button');
  await expect(pots).toHaveCount(4);
  await pots.first().click();
  await drums.getByRole('button', { name: 'a broken seed' }).click();
  await expect(drums.locator('.sown-known')).toContainText('a broken seed');
  await expectAccessible(drums);
  await expectNoSidewaysScroll(drums);
  await expect(page.locator('.sown-known')).toContainText('a broken seed');
  await page.getByRole('group', { name: 'Containers' }).getByRole('button').last().click();
  await page.getByLabel('More about it').fill('the bag was empty');
  await page.getByRole('button', { name: 'other soil, or less of it' }).click();
  await expect(page.locator('.sown-known li')).toHaveCount(2);
  await page.locator('.sown-known li').first().getByRole('button', { name: 'take back' }).click();
  await expect(page.locator('.sown-known li')).toHaveCount(1);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Sowing day: 1 of 8 done' })).toBeVisible();
  await expect(page.locator('.sown-known')).toContainText('other soil, or less of it: the bag was empty');
});
