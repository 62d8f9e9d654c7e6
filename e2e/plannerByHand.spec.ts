import { say } from '@bright-sprout/words/say';
import { expect, type Page } from '@playwright/test';
import { addDays, type IsoDay, parseDay, weekday, writeDay } from '@bright-sprout/core/calendar/days';
import { inDays, today } from './days';
import { expectAccessible, expectNoSidewaysScroll } from './people';
import { beginPlan, openWord, part, saved, sow } from './planning';
import { test } from './test';

// Plans that were worked through by hand; the numbers stand beside what they come from.

test('sealed bags for 24 children: kits, no watering, codes on the bags', async ({ page }) => {
  await beginPlan(page, /^Soaked or dry/);
  await openWord(page, /^Containers/);
  await page.getByLabel('Bags of each').fill('12');
  await openWord(page, /seeds in each/);
  await page.getByLabel('Seeds in each bag').fill('3');
  await page.keyboard.press('Escape');
  await openWord(page, /^places by lot/);
  await page.getByRole('radio', { name: /^everyone has a pot at home/ }).check();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: '24 bags, 72 seeds' })).toBeVisible();
  await part(page, 'Lay out');
  // Seven teams share 24 bags: three or four children each, a number beside the emblem.
  await expect(page.locator('.own-pot')).toHaveCount(24);
  await expect(page.locator('.own-pots li').first().locator('.own-pot').first()).toContainText('1');
  await part(page, 'Prepare');
  // 24 bags of 3 seeds and 1 to spare in each kit.
  await expect(page.getByRole('row', { name: /^Seeds of lentil, untreated/ })).toContainText('96');
  await expect(page.getByText('3 seeds in a folded paper, and 1 to spare')).toBeVisible();
  const sheet = page.locator('.run-sheet');
  await expect(sheet).toContainText('Write the code on the bag itself');
  await expect(sheet).not.toContainText('stick');
  await expect(sheet).not.toContainText('Fill');
  await part(page, 'Days');
  await expect(page.getByRole('region', { name: say('planDays.daysPlan') }).locator('.tape-left')).toHaveCount(0);
  await saved(page);
  await sow(page);
  await expect(page.getByRole('row', { name: /B soaked overnight/ })).toBeVisible();
});

test('a covered box of tiny seeds that need light: pressed on, opened, harvested and weighed', async ({ page }) => {
  await beginPlan(page, /^Salt in steps/);
  await openWord(page, /^Containers/);
  await page.getByLabel('Boxes of each').or(page.getByLabel('Cups of each')).fill('3');
  await page.getByRole('radio', { name: /^Clear cover or humidity box/ }).check();
  await part(page, 'Seeds');
  await page.getByRole('button', { name: /^Show all/ }).click();
  await page.getByRole('radio', { name: /^Lettuce/ }).click();
  await openWord(page, /^Seeds: /);
  await page.getByLabel('Seeds in each box').fill('20');
  await page.getByLabel(say('plannerAsk.plantsLeftAfterThinning')).fill('20');
  await page.keyboard.press('Escape');
  // 4 treatments of 3 boxes with 20 seeds each.
  await expect(page.getByRole('heading', { name: '12 boxes, 240 seeds' })).toBeVisible();
  await part(page, 'Days');
  await openWord(page, /^The end/);
  await page.getByRole('textbox', { name: say('planner.lastLook') }).fill(inDays(90));
  await openWord(page, /^In the end/);
  await page.getByRole('checkbox', { name: say('planner.endHarvestedWeighed') }).check();
  for (const title of ['Lift the covers and move into the light', 'Take the covers off', 'Harvest the lettuce'])
    await expect(page.locator('.agenda').getByText(title, { exact: true })).toBeVisible();
  await part(page, 'Prepare');
  // A tenth to spare.
  await expect(page.getByRole('row', { name: /^Seeds of lettuce, untreated/ })).toContainText('264');
  await expect(page.locator('.run-sheet')).not.toContainText('Close the holes');
  await expect(page.locator('.run-sheet')).toContainText(/press/i);
  await saved(page);
});

test('sections watched from above get a picture on a Saturday: the day is pressed on the tape, and stays after a reload', async ({
  page,
}) => {
  await beginPlan(page, /^A patch from above/);
  await part(page, 'Days');
  const saturday = page.getByRole('button', { name: /^Sat \d+ \w+, day [1-9]/ }).first();
  await saturday.click();
  await expect(saturday).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('button', { name: /^Days of checks: Mon Wed Fri, some days by hand/ })).toBeVisible();
  await expect(page.locator('.agenda-day', { hasText: 'Sat' })).toHaveCount(1);
  await expectAccessible(page);
  await saved(page);
  await page.reload();
  await expect(page.locator('.agenda-day', { hasText: 'Sat' })).toHaveCount(1);
  await part(page, 'Prepare');
  await expect(page.locator('.run-sheet')).toContainText(/scatter/i);
  await expect(page.locator('.run-sheet')).not.toContainText('holes');
});

test('paper pots that go outside: a goal line, hardening off day by day, pegs carried to their days', async ({ page }) => {
  await beginPlan(page, /^Salt in steps/);
  await openWord(page, /^no goal line/);
  await page.getByRole('button', { name: 'a hand, 17 cm' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^as tall as a hand, 17 cm/ })).toBeVisible();
  await openWord(page, /^Containers/);
  await page.getByRole('radio', { name: /^Compostable paper/ }).check();
  await part(page, 'Days');
  await openWord(page, /^The end/);
  await page.getByRole('textbox', { name: say('planner.lastLook') }).fill(inDays(80));
  await openWord(page, /^In the end/);
  await page.getByRole('checkbox', { name: say('planner.endPlantsGoOutside') }).check();
  await page.getByLabel(say('planner.lastFrostRule')).fill(inDays(30));
  await page.keyboard.press('Escape');
  const agenda = page.locator('.agenda');
  await expect(agenda.getByText('Begin to harden off the barley')).toBeVisible();
  await expect(agenda.getByText('Harden off the barley: 2 hours')).toBeVisible();
  await expect(agenda.getByText('Plant out the barley')).toBeVisible();
  // The peg of the last check is carried two school days back with the arrows, and undone.
  const peg = page.getByRole('slider', { name: 'Day of: last check' });
  const before = await peg.getAttribute('aria-valuetext');
  await peg.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(peg).not.toHaveAttribute('aria-valuetext', before!);
  await page.getByRole('button', { name: say('planner.undo') }).click();
  await page.getByRole('button', { name: say('planner.undo') }).click();
  await expect(peg).toHaveAttribute('aria-valuetext', before!);
  await saved(page);
});

test('three kinds crossed with light, one with seeds of its own: 42 cups, 140 seeds', async ({ page }) => {
  await beginPlan(page, /^Kinds side by side/);
  await openWord(page, /^C: nasturtium/);
  await page.getByLabel('Seeds in each of level 3').fill('2');
  await openWord(page, /^What is changed/);
  await page.getByRole('button', { name: say('plannerAsk.crossSecondThing') }).click();
  // 14 cups of each kind: wheat and mustard with 4 seeds, nasturtium with 2.
  await expect(page.getByRole('heading', { name: '42 cups, 140 seeds' })).toBeVisible();
  await part(page, 'Prepare');
  await expect(page.getByRole('row', { name: /^Seeds of wheat, untreated/ })).toContainText('62');
  await expect(page.getByRole('row', { name: /^Seeds of nasturtium, untreated/ })).toContainText('31');
  await expect(page.locator('.run-sheet')).toContainText('E, F: count the seeds into sets of 2');
  await saved(page);
  await sow(page);
  await expect(page.getByRole('row', { name: /F nasturtium · dark/ })).toBeVisible();
});

test('crowding in halves of a flat, thinned after two weeks', async ({ page }) => {
  await beginPlan(page, /^Crowded pots/);
  await openWord(page, /^Containers/);
  await page.getByLabel('Cups of each').fill('4');
  await page.getByRole('radio', { name: /^Seed flat or pan divided/ }).check();
  await page.keyboard.press('Escape');
  await part(page, 'Seeds');
  await openWord(page, /^Filling/);
  await page.getByLabel('Fill of one section, mL').fill('3600');
  await page.keyboard.press('Escape');
  await openWord(page, /^Seeds: 14 seeds, 1 to 10 stay/);
  await page.getByLabel('Seeds in each section').fill('40');
  await page.keyboard.press('Escape');
  await part(page, 'Lay out');
  await openWord(page, /^What carries them/);
  await page.getByRole('checkbox', { name: say('layOut.shapeOwn') }).check();
  for (const [label, value] of [
    ['Places side by side', '2'],
    ['Places one behind the other', '1'],
    ['A place is wide, mm', '240'],
    ['and deep, mm', '260'],
  ] as const)
    await page.getByLabel(label, { exact: true }).fill(value);
  await page.keyboard.press('Escape');
  await openWord(page, /^Who gets what/);
  await page.getByRole('radio', { name: /^the class shares all/ }).check();
  await page.keyboard.press('Escape');
  // Twelve halves are six flats; 12 of 40 seeds are 480.
  await expect(page.getByRole('button', { name: 'What carries them: 6 pans of 2 × 1' })).toBeVisible();
  await expect(page.getByRole('heading', { name: '12 sections, 480 seeds' })).toBeVisible();
  await expect(page.getByRole('group', { name: 'Pan 6' }).locator('.lay-pot')).toHaveCount(2);
  await part(page, 'Days');
  await openWord(page, /^Thinning: when the first true leaves open/);
  await page.getByRole('textbox', { name: say('planner.thinnedOn') }).fill(writeDay(await thirdMonday(page)));
  await page.keyboard.press('Escape');
  await expect(page.locator('.agenda').getByText('Thin to the number on the label')).toBeVisible();
  await expect(page.getByRole('slider', { name: 'Day of: thin' })).toBeVisible();
  await part(page, 'Prepare');
  // What is sown so thick is scattered over its half, not holed, and each is thinned to its own number.
  const sheet = page.locator('.run-sheet');
  await expect(sheet).toContainText('Scatter one set evenly over each section');
  await expect(sheet).not.toContainText('holes');
  // 12 halves of 3.6 L, which settle: 49.7 L loose, and a tenth more.
  await expect(page.getByRole('row', { name: /^Potting mix/ })).toContainText('54.65 L');
  await expect(page.getByRole('row', { name: /^Sections/ })).toContainText('12, in 6 pans');
  await saved(page);
  await sow(page);
  await expect(page.getByRole('row', { name: /C 10 plants/ })).toBeVisible();
});

test('two additives crossed over two kinds in a cell carton, with a reaction wait', async ({ page }) => {
  await beginPlan(page, /^Sour water, and chalk/);
  await openWord(page, /^Containers/);
  await page.getByLabel('Cups of each').fill('6');
  await page.getByRole('radio', { name: /^Egg-carton or plug-tray cells/ }).check();
  await page.keyboard.press('Escape');
  await openWord(page, /^What is changed, and its steps: vinegar/);
  await page.getByLabel(say('plannerAsk.unitAmounts')).fill('mL');
  await page.getByLabel('Amount of level 2 in mL').fill('1');
  await page.keyboard.press('Escape');
  await openWord(page, /^What is changed, and its steps: chalk/);
  await page.getByLabel(say('plannerAsk.unitAmounts')).fill('tablets');
  await page.getByLabel('Amount of level 2 in tablets').fill('0.5');
  await page.getByRole('button', { name: say('plannerAsk.overKindsSeed') }).click();
  await page.mouse.click(640, 40);
  await openWord(page, /^What is changed, and its steps: cabbage/);
  await page.getByLabel('Kind of level 2').selectOption({ label: 'Radish' });
  await page.keyboard.press('Escape');
  // Two by two by two of six cells.
  await expect(page.getByRole('heading', { name: /^48 cells/ })).toBeVisible();
  await expect(page.locator('.treatment-drawn')).toHaveCount(8);
  await expectAccessible(page);
  await part(page, 'Prepare');
  // Half of 48 cells get a millilitre each, half get half a tablet of 500 mg.
  await expect(page.getByText('sour water: 1 mL of vinegar of 5 % into each of 24 cells, 24 mL in all.')).toBeVisible();
  await expect(page.getByText('chalk: 0.5 crushed tablets (250 mg) into each of 24 cells, 6 g in all.')).toBeVisible();
  await expect(page.getByRole('row', { name: /^Calcium carbonate/ })).toContainText('6 g, or 12 tablets of 500 mg, crushed');
  await expect(page.getByText(/Acid on chalk makes gas/)).toContainText(': G, H');
  const sheet = page.locator('.run-sheet');
  await expect(sheet).toContainText('A, B: fill each cell with');
  await expect(sheet).toContainText('of mix (sour water, chalk)');
  await part(page, 'Days');
  await expect(page.locator('.agenda').getByText(say('planDays.mixSoilLetStand'))).toBeVisible();
  await saved(page);
  await sow(page);
  await expect(page.getByRole('row', { name: /H sour water · chalk · radish/ })).toBeVisible();
});

test('a pot in reserve takes the place of one that was knocked over', async ({ page }) => {
  await beginPlan(page, /^How deep/);
  await part(page, 'Lay out');
  await openWord(page, /^In reserve: none/);
  await page.getByLabel('Cups of each in reserve').fill('1');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: /^28 cups and 4 in reserve, 128 seeds/ })).toBeVisible();
  await part(page, 'Prepare');
  // 32 cups and a tenth more.
  await expect(page.getByRole('row', { name: /^Cups/ })).toContainText('36');
  await part(page, 'Days');
  await openWord(page, /^Sowing/);
  await page.getByLabel(say('bringIn.sownOnHead'), { exact: true }).fill(inDays(-3));
  await page.keyboard.press('Escape');
  await saved(page);
  await sow(page);
  await expect(page).toHaveURL(/\/investigations\//);
  await expect(page.getByText('and 4 in reserve')).toBeVisible();
  await part(page, 'Check');
  await page.getByRole('link', { name: say('page.runClass') }).click();
  const take = page.locator('section', { has: page.getByRole('heading', { name: say('run.takePotReserve') }) });
  await expect(take).toContainText('In reserve: A8, B8, C8, D8');
  await expect(take.getByRole('button', { name: say('run.takeIt') })).toBeDisabled();
  await page
    .getByRole('group', { name: say('run.containersLost') })
    .getByRole('button', { name: /^A1/ })
    .click();
  await page.getByRole('button', { name: 'Record for 1' }).click();
  await take.getByLabel(say('run.inThePlaceOf')).selectOption({ label: 'A1, by A8' });
  await take.getByRole('button', { name: say('run.takeIt') }).click();
  await expect(take).toContainText('In reserve: B8, C8, D8');
  await expect(page.getByText(/^A8 took the place of A1, for /)).toBeVisible();
  await page.reload();
  await expect(take).toContainText('In reserve: B8, C8, D8');
});

test('a sowing is taken back while nothing is written down; the plan is changed, thrown away and had back', async ({ page }) => {
  await beginPlan(page, /^How deep/);
  await page.getByLabel(say('planner.wantFind')).fill('How deep for a second thought?');
  await saved(page);
  await sow(page);
  await expect(page.getByRole('link', { name: say('sownPlan.runSheetListsMind') })).toBeVisible();
  await page.getByRole('button', { name: say('sownPlan.takeSowingBackChange') }).click();
  await openWord(page, /^Containers/);
  await page.getByLabel('Cups of each').fill('3');
  await expect(page.getByRole('heading', { name: /^12 cups/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await saved(page);
  await page.getByRole('link', { name: '7 Copper' }).click();
  await page.getByRole('link', { name: say('classPage.planInvestigation') }).click();
  const own = page.locator('li', { hasText: 'How deep for a second thought?' });
  await own.getByRole('button', { name: say('starts.throwAway') }).click();
  await expect(page.getByText('“How deep for a second thought?” is thrown away.')).toBeVisible();
  await expect(own).toHaveCount(0);
  await page.getByRole('button', { name: say('starts.haveItBack') }).click();
  await expect(own).toHaveCount(1);
});

test('on a phone the question, its pictures and the bar of what follows are in reach', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await beginPlan(page, /^Salt in steps/);
  await expectNoSidewaysScroll(page);
  await page.getByRole('button', { name: /^28 cups, 56 seeds/ }).click();
  await expect(page.getByRole('heading', { name: say('planner.followsPlan') })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: say('common.close') }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await openWord(page, /^Containers/);
  // A field that is emptied or wrong stays where it is.
  for (const typed of ['', '-5', '4']) {
    await page.getByLabel('Cups of each').fill(typed);
    await expect(page.getByLabel('Cups of each')).toHaveValue(typed);
  }
  await expect(page.getByRole('button', { name: /^16 cups, 32 seeds/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await part(page, 'Days');
  await expectNoSidewaysScroll(page);
});

/** A Monday about two weeks after sowing. */
async function thirdMonday(page: Page): Promise<IsoDay> {
  const sown = (await page.getByRole('slider', { name: 'Day of: sow' }).getAttribute('aria-valuetext'))!;
  const day = parseDay(sown, today())!;
  const later = addDays(day, 12);
  return addDays(later, (8 - weekday(later)) % 7);
}
