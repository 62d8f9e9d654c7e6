import { say } from '@bright-sprout/words/say';
import { expect } from '@playwright/test';
import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';
import { writeDay } from '@bright-sprout/core/calendar/days';
import { inDays } from './days';
import { expectAccessible, expectNoSidewaysScroll, joinOn, signIn } from './people';
import { beginPlan, expectPrintable, fair, openWord, part, saved, sow } from './planning';
import { test } from './test';

test('a dose series from question to printed layout, lists and sown pots', async ({ page }) => {
  await beginPlan(page, /^Salt in steps/);
  await page.getByLabel(say('planner.wantFind')).fill('How much salt can our barley stand?');
  await page.getByRole('button', { name: /^One more/ }).click();
  await openWord(page, /^E: 150 mmol/);
  await expect(page.getByLabel('Level 5 of salt in the water')).toHaveValue('150 mmol/L');
  await page.getByLabel('Amount of level 5 in mmol/L').fill('140');
  await expect(page.getByLabel('Level 5 of salt in the water')).toHaveValue('140 mmol/L');
  await page.keyboard.press('Escape');
  // On the line of amounts the mark goes on by a step of it.
  await page.getByRole('slider', { name: 'Amount of E' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'E: 150 mmol/L' })).toBeVisible();
  await expect(page.getByRole('heading', { name: '35 cups, 70 seeds' })).toBeVisible();
  await expect(page.getByText(/about \d+ % in height/)).toBeVisible();
  await expectAccessible(page);
  await part(page, 'Seeds');
  await openWord(page, /^Containers: 7 of each/);
  await page.getByLabel('Cups of each').fill('3');
  await expect(page.getByRole('heading', { name: '15 cups, 30 seeds' })).toBeVisible();
  await page.getByLabel('Cups of each').fill('7');
  await page.keyboard.press('Escape');
  await expectAccessible(page);
  await part(page, 'Lay out');
  await expect(page.getByText(/Every team has one of each treatment/).first()).toBeVisible();
  await expectPrintable(page);
  await expectAccessible(page);
  await part(page, 'Prepare');
  await openWord(page, /^To spare/);
  await page.getByLabel(say('plannerSeeds.seedsPacket')).fill('50');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('row', { name: /Seeds of barley, untreated/ })).toContainText('2 packets of 50');
  await expect(page.getByText(/25 mmol\/L: \d+\.\d\d g of table salt/)).toBeVisible();
  await expect(
    page.getByText(/school’s own rules, local codes and the advice of licensed professionals come first/),
  ).toBeVisible();
  await expect(page.getByText('Ask families before you start about:')).toContainText(say('cautions.wheatGluten'));
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
  await expect(page.getByText(say('planner.sownPlanRead'))).toBeVisible();
});

test('two factors crossed: four combinations, the control first, and the second taken away again with undo', async ({ page }) => {
  await beginPlan(page, /^Feed and light together/);
  await part(page, 'Lay out');
  await expect(page.getByRole('row', { name: /A plain water · bright sill \(the control\)/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /D 50 mg N\/L · behind a curtain/ })).toBeVisible();
  await expectPrintable(page);
  await part(page, 'Ask');
  await openWord(page, /^What is changed.*light:/);
  await page.getByRole('button', { name: say('plannerAsk.doNotCross') }).click();
  await expect(page.getByRole('heading', { name: '14 cups, 28 seeds' })).toBeVisible();
  await page.getByRole('button', { name: say('planner.undo') }).click();
  await expect(page.getByRole('heading', { name: '28 cups, 56 seeds' })).toBeVisible();
  await page.getByRole('button', { name: say('planner.redo') }).click();
  await expect(page.getByRole('heading', { name: '14 cups, 28 seeds' })).toBeVisible();
  await page.locator('body').press('Control+z');
  await expect(page.getByRole('heading', { name: '28 cups, 56 seeds' })).toBeVisible();
});

test('crowding: over-sown, thinned on its day', async ({ page }) => {
  await beginPlan(page, /^Crowded pots/);
  await part(page, 'Days');
  await expect(page.getByText('Thin to the number on the label', { exact: true })).toBeVisible();
  await expectAccessible(page);
  await part(page, 'Prepare');
  await expect(page.getByRole('row', { name: /scissors or tweezers for thinning/ })).toBeVisible();
  await part(page, 'Lay out');
  await expectPrintable(page);
});

test('an age ladder is sown in steps, and its days go into a calendar that another program reads', async ({ page }) => {
  await beginPlan(page, /^Every age on one day/);
  await part(page, 'Days');
  await openWord(page, /^Lesson time/);
  await page.getByLabel(say('planner.period')).fill('10:15–11:00');
  await expect(page.locator('.agenda-sow')).toHaveCount(5);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: say('planner.takeCalendarIcs') }).click();
  const text = readFileSync(await (await download).path(), 'utf8');
  const events = new ICAL.Component(ICAL.parse(text) as [string, unknown[], unknown[]])
    .getAllSubcomponents('vevent')
    .map((v) => new ICAL.Event(v));
  expect(events.filter((e) => /^Sow [A-E]:/.test(e.summary))).toHaveLength(5);
  const lesson = events.find((e) => e.summary.startsWith('Lesson:'))!;
  expect([lesson.startDate.hour, lesson.startDate.minute, lesson.endDate.hour]).toEqual([10, 15, 11]);
  await part(page, 'Lay out');
  await expectPrintable(page);
});

test('a pot at home: dealt within the teams, the kit is listed, and a phone at home keeps to the one that was scanned', async ({
  page,
  browser,
}) => {
  await beginPlan(page, /^A pot of your own at home/);
  await part(page, 'Lay out');
  await expect(page.getByText(/Every student has one pot at home; within a team, lots say who gets which/).first()).toBeVisible();
  await expectPrintable(page, 'Whose is which', '.own-pot');
  await part(page, 'Prepare');
  await expect(page.getByRole('heading', { name: say('prepare.goesHome') })).toBeVisible();
  await expect(page.getByText(say('lists.paperRulerBeginsEnd'))).toBeVisible();
  await part(page, 'Days');
  await openWord(page, /^Sowing/);
  const sownOn = page.getByLabel(say('bringIn.sownOnHead'), { exact: true });
  await sownOn.fill('3/4');
  await sownOn.press('Tab');
  await expect(page.getByText('“3/4” is not a day: write it like 26 March.')).toBeVisible();
  await sownOn.fill(inDays(-3));
  await page
    .getByRole('button', { name: say('entry.openCalendar') })
    .first()
    .click();
  await expect(page.getByRole('grid')).toBeVisible();
  await expectAccessible(page);
  // From the chosen day, three days back.
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('grid')).toBeHidden();
  await expect(sownOn).toHaveValue(writeDay(inDays(-6)));
  await saved(page);
  await sow(page);
  const id = /investigations\/([^/]+)/.exec(page.url())![1]!;
  const boats = await joinOn(browser, 'Boats');
  await boats.goto(`/bench?investigation=${id}`);
  await expect(boats.getByRole('heading', { name: say('bench.potYours') })).toBeVisible();
  await expectAccessible(boats);
  const pots = boats.getByRole('group', { name: say('bench.potsTeam') }).getByRole('button');
  await expect(pots).toHaveCount(4);
  // Its code, and whose of the team's it is.
  const code = /^([AB]\d+), number \d+$/.exec((await pots.nth(1).textContent())!.trim())![1]!;
  await boats.goto(`/bench?investigation=${id}&pot=${code}`);
  await expect(boats.getByText(`Your pot at home: ${code}`)).toBeVisible();
  await expect(boats.getByRole('navigation', { name: say('bench.yourContainers') }).getByRole('button')).toHaveCount(1);
  await boats.goto(`/bench?investigation=${id}`);
  await expect(boats.getByText(`Your pot at home: ${code}`)).toBeVisible();
  await boats.getByRole('button', { name: say('bench.showTeamsPots') }).click();
  await expect(boats.getByRole('navigation', { name: say('bench.yourContainers') }).getByRole('button')).toHaveCount(4);
});

test('seeds in paper pockets: root tips are forecast, height is refused with a fix', async ({ page }) => {
  await beginPlan(page, /^Soaked or dry/);
  await openWord(page, /^What is measured/);
  await page.getByRole('checkbox', { name: say('measures.height'), exact: true }).check();
  await page.keyboard.press('Escape');
  await expect(fair(page)).toContainText('Height cannot be measured in a damp-paper pocket');
  await expect(page.getByRole('button', { name: say('planner.sowIt') })).toBeDisabled();
  await fair(page)
    .getByRole('button', { name: say('fairTest.leaveMeasure') })
    .click();
  await expect(fair(page)).not.toContainText('Height cannot be measured');
  await part(page, 'Prepare');
  await expect(page.getByText(/Wet the paper with/)).toBeVisible();
  await part(page, 'Lay out');
  await expectPrintable(page);
});

test('kinds side by side: chosen by what suits, compared in a table, each with its own numbers to the sown pots', async ({
  page,
}) => {
  await beginPlan(page, /^Kinds side by side/);
  await openWord(page, /^C: nasturtium/);
  await page.getByLabel('Kind of level 3').selectOption({ label: 'Radish' });
  await expect(page.getByLabel('Level 3 of kind of seed')).toHaveValue('radish');
  await part(page, 'Seeds');
  await openWord(page, /^What is to be seen/);
  await page.getByRole('radio', { name: say('plannerSeeds.somethingHarvest') }).check();
  await page.keyboard.press('Escape');
  // Kinds that are compared are pressed to be taken in or left out.
  await expect(page.getByRole('checkbox', { name: /Radish/ })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: /Phacelia/ })).toHaveCount(0);
  await expect(page.getByText('Wheat is chosen, although: that cannot be seen.')).toBeVisible();
  await openWord(page, /^What is to be seen/);
  await page.getByRole('radio', { name: say('plannerSeeds.whateverGrows') }).check();
  await page.keyboard.press('Escape');
  await openWord(page, /^What it should be/);
  await page.getByRole('checkbox', { name: say('plannerSeeds.soonSownAgainFails') }).check();
  await page.keyboard.press('Escape');
  await openWord(page, /^Time: 6 weeks/);
  await page.getByLabel(say('plannerSeeds.weeksWeHave')).fill('3');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('checkbox', { name: /Parsley/ })).toHaveCount(0);
  await page.getByRole('button', { name: say('plannerSeeds.comparedTable') }).click();
  await page.getByRole('button', { name: say('plannerSeeds.lengthMm') }).click();
  await expect(page.getByRole('columnheader', { name: say('plannerSeeds.lengthMm') })).toHaveAttribute('aria-sort', 'ascending');
  const lengths = (await page.locator('.planner-seed-table tbody tr td:nth-child(3)').allTextContents()).map((t) =>
    Number(t.split(' ').pop()),
  );
  expect(lengths).toEqual([...lengths].sort((a, b) => a - b));
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Choose garden cress' }).click();
  await page.getByRole('button', { name: say('planner.undo') }).click();
  await expect(page.getByText(/^Radish: \d+ to \d+ mm of cover/)).toBeVisible();
  await part(page, 'Lay out');
  await expectPrintable(page);
  await part(page, 'Prepare');
  await expect(page.getByRole('row', { name: /^Seeds of radish, untreated/ })).toBeVisible();
  await expect(page.getByText(/^White mustard \(B\): Make holes/)).toBeVisible();
  await saved(page);
  await sow(page);
  await expect(page.getByRole('row', { name: /C radish/ })).toBeVisible();
});

test('a question that was asked before is asked again as a new plan', async ({ page }) => {
  await signIn(page);
  await page.locator('.class-row').getByRole('link', { name: '7 Copper' }).click();
  await page.getByRole('link', { name: say('classPage.planInvestigation') }).click();
  await page
    .locator('li', { hasText: 'How much road salt can garden cress stand?' })
    .getByRole('button', { name: say('starts.askAgain') })
    .click();
  await expect(page.getByLabel(say('planner.wantFind'))).toHaveValue('How much road salt can garden cress stand?');
  await expect(page.getByRole('button', { name: 'D: 100 mmol/L' })).toBeVisible();
  await expect(page.getByRole('heading', { name: '28 cups, 140 seeds' })).toBeVisible();
  await saved(page);
  await page.getByRole('link', { name: '7 Copper' }).click();
  await page.getByRole('link', { name: say('classPage.planInvestigation') }).click();
  await page
    .locator('li', { hasText: 'Does road salt on the pavement' })
    .getByRole('button', { name: say('starts.beginNewLike') })
    .click();
  await expect(page.getByRole('button', { name: 'B: 25 mmol/L' })).toBeVisible();
});
