import { say } from '@bright-sprout/words/say';
import { expect } from '@playwright/test';
import { inDays } from './days';
import { expectAccessible } from './people';
import { beginPlan, fair, openWord, part, saved, sow } from './planning';
import { test } from './test';

test('by keyboard alone a treatment is put at one end; the check sees it, and its fix deals again', async ({ page }) => {
  await beginPlan(page, /^Light and dark/);
  await part(page, 'Seeds');
  await openWord(page, /^Containers/);
  await page.getByLabel('Sponges of each').fill('4');
  await page.keyboard.press('Escape');
  await part(page, 'Lay out');
  await expect(fair(page)).not.toContainText('stand at one end');
  const at = (place: number) => page.locator(`[data-place="${place}"] .lay-pot b`);
  /** Lifts what stands on one place and puts it down on another, with the keyboard. */
  const carry = async (from: number, to: number) => {
    await page.locator(`[data-place="${from}"] .lay-pot`).focus();
    await page.keyboard.press('Space');
    // Lifted, and told where it hovers: only then are the places measured that arrows go by.
    const over = (at: number) => page.getByText(new RegExp(`is over place ${at + 1}\\.`));
    await expect(page.locator('.lay-pot.lifted')).toHaveCount(1);
    await expect(over(from)).toBeAttached();
    let place = from;
    const step = async (key: string, by: number) => {
      place += by;
      // A key that comes while the page still measures is not heard; whoever sees nothing move presses again.
      await expect(async () => {
        if (!(await over(place).count())) await page.keyboard.press(key);
        await expect(over(place)).toBeAttached({ timeout: 5000 });
      }).toPass();
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
  await expect(page.getByRole('button', { name: /^Places: drawn by lot, \d sponges moved by hand/ })).toBeVisible();
  await fair(page)
    .getByRole('button', { name: say('fairTest.dealPlacesAgain') })
    .click();
  await expect(fair(page)).not.toContainText('stand at one end');
  await saved(page);
});

test('what is done knowingly is kept with its reason, and comes back beside the claim', async ({ page }) => {
  await beginPlan(page, /^Salt in steps/);
  await part(page, 'Lay out');
  await openWord(page, /^Who gets what/);
  await page.getByRole('radio', { name: /^each team has one treatment/ }).check();
  await page.keyboard.press('Escape');
  await expect(fair(page)).toContainText(say('fairTest.teamTreatmentOnly'));
  await fair(page)
    .locator('.finding', { hasText: 'Each team has one treatment only.' })
    .getByRole('button', { name: say('planner.weDoItKnowingly') })
    .click();
  await page.getByLabel(say('planner.whyDoneKnowingly')).fill('Each table has its own tap');
  await page.getByRole('button', { name: say('planner.keepRecord') }).click();
  await expect(fair(page).getByRole('heading', { name: say('planner.doneKnowingly') })).toBeVisible();
  await saved(page);
  await sow(page);
  await expect(page.getByRole('row', { name: /A no salt/ })).toBeVisible();
});

test('a break longer than the pots last is mended with one press, stands in the calendar, and can be undone', async ({
  page,
}) => {
  await beginPlan(page, /^Sour water, and chalk in the soil/);
  await part(page, 'Days');
  await openWord(page, /^School days/);
  await page.getByLabel(say('planner.nameHoliday')).fill('Project week');
  await page.getByLabel(say('planner.firstDayOff')).fill(inDays(14));
  await page.getByLabel(say('planner.lastDayOff')).fill(inDays(20));
  await page.getByRole('button', { name: say('planner.addDaysOff') }).click();
  await expect(fair(page)).toContainText(/Project week from .*: nobody waters for \d+ days/);
  await fair(page)
    .getByRole('button', { name: say('fairTest.somebodyComesWater') })
    .click();
  await expect(fair(page)).not.toContainText('nobody waters for');
  await expect(page.locator('.agenda').getByText(say('fairTest.somebodyComesWater')).first()).toBeVisible();
  await page.getByRole('button', { name: say('planner.undo') }).click();
  await expect(fair(page)).toContainText('nobody waters for');
  await openWord(page, /^Lesson time/);
  await page.getByLabel(say('planner.period')).fill('11:00–10:15');
  await expect(page.getByText(say('planning.writePeriodLikeEnd')).first()).toBeVisible();
  await page.getByLabel(say('planner.period')).fill('');
  await part(page, 'Prepare');
  await expect(page.getByText(/sour water: .* of vinegar of 5 %, water up to/)).toBeVisible();
  await expect(page.getByText(/After one watering with sour water on chalk, chalk is left/)).toBeVisible();
  await expectAccessible(page);
});

test('bad input gets a sentence at its field and loses nothing', async ({ page }) => {
  await beginPlan(page, /^Salt in steps/);
  await openWord(page, /^B: 25 mmol/);
  await page.getByLabel('Amount of level 2 in mmol/L').fill('-25');
  await expect(page.getByText(say('planning.amountCannotBelowZero')).first()).toBeVisible();
  await page.getByLabel('Amount of level 2 in mmol/L').fill('25');
  await part(page, 'Seeds');
  await openWord(page, /^Containers/);
  await page.getByLabel('Cups of each').fill('500');
  await expect(page.getByText('Containers of each: a whole number from 1 to 60.').first()).toBeVisible();
  await expect(page.getByLabel('Cups of each')).toHaveValue('500');
  await page.getByLabel('Cups of each').fill('7');
  await part(page, 'Days');
  await openWord(page, /^The end/);
  await page.getByRole('textbox', { name: say('planner.lastLook') }).fill('2020-01-01');
  await expect(page.getByText(/The end has to come after sowing/).first()).toBeVisible();
  await page.getByRole('button', { name: say('planner.undo') }).click();
  await openWord(page, /^School days/);
  for (const day of ['Mon', 'Tue', 'Wed', 'Thu', 'Fri']) await page.getByRole('checkbox', { name: day }).uncheck();
  await expect(page.getByText(say('calendar.weekdaySchoolDay')).first()).toBeVisible();
  await expect(page.getByRole('button', { name: say('planner.sowIt') })).toBeDisabled();
  await saved(page);
  await page.reload();
  await expect(page.getByText(say('calendar.weekdaySchoolDay')).first()).toBeVisible();
});

test('two people at one plan: the slower one is told, and chooses', async ({ page, context }) => {
  await beginPlan(page, /^How deep/);
  await saved(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByLabel(say('planner.wantFind')).fill('Theirs: how deep is too deep?');
  await saved(other);
  await page.getByLabel(say('planner.wantFind')).fill('Mine: how deep is deep enough?');
  await expect(page.getByRole('alert')).toContainText('Theirs: how deep is too deep?');
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel(say('planner.wantFind'))).toHaveValue('Mine: how deep is deep enough?');
});

test('what was typed just before the window closed, with no network, is there again and saved', async ({ page, context }) => {
  await beginPlan(page, /^How deep/);
  await saved(page);
  await context.route('**/api/v1/plans/**', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  await page.getByLabel(say('planner.wantFind')).fill('How deep is too deep for a window that closes?');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('How deep is too deep for a window that closes?');
  const address = page.url();
  await page.close();
  await context.unroute('**/api/v1/plans/**');
  const again = await context.newPage();
  await again.goto(address);
  await expect(again.getByLabel(say('planner.wantFind'))).toHaveValue('How deep is too deep for a window that closes?');
  await saved(again);
  await again.getByRole('button', { name: say('planner.undo') }).click();
  await expect(again.getByLabel(say('planner.wantFind'))).not.toHaveValue(/window that closes/);
  await saved(again);
});

test('what goes outside waits for the last frost, and a half day has no afternoon lesson', async ({ page }) => {
  await beginPlan(page, /^Salt in steps/);
  await part(page, 'Days');
  await openWord(page, /^The end/);
  await page.getByRole('textbox', { name: say('planner.lastLook') }).fill(inDays(90));
  await openWord(page, /^In the end/);
  await page.getByRole('checkbox', { name: say('planner.endPlantsGoOutside') }).check();
  await page.getByLabel(say('planner.lastFrostRule')).fill(inDays(30));
  await expect(page.getByText('Plant out the barley')).toBeVisible();
  await expect(page.getByText('Begin to harden off the barley')).toBeVisible();
  await page.getByLabel(say('planner.lastFrostRule')).fill(inDays(200));
  await expect(page.getByText(/Barley could go outside from .* after the plan ends/).first()).toBeVisible();
  await expect(page.getByText('Plant out the barley')).toHaveCount(0);
  for (const title of ['Lift the covers and move into the light', 'Take the covers off'])
    await expect(page.getByText(title, { exact: true })).toBeVisible();
  await openWord(page, /^Lesson time/);
  await page.getByLabel(say('planner.period')).fill('13:15–14:00');
  await openWord(page, /^Sowing/);
  const sowOn = await page.getByLabel(say('bringIn.sownOnHead'), { exact: true }).inputValue();
  await openWord(page, /^School days/);
  await page.getByLabel(say('calendar.halfDay'), { exact: true }).fill(sowOn);
  await page.getByRole('button', { name: say('planner.addHalfDay') }).click();
  await expect(page.getByText(/Sow would fall on .* a half day without our period\./)).toBeVisible();
  await expectAccessible(page);
  await page
    .locator('li', { hasText: 'Half day:' })
    .getByRole('button', { name: say('common.remove') })
    .click();
  await expect(page.getByText(/a half day without our period/)).toHaveCount(0);
  await saved(page);
});

test('places that are compared have a tray each, and a container that strays is put back', async ({ page }) => {
  await beginPlan(page, /^Warm and cool places/);
  await part(page, 'Lay out');
  const warm = page.getByRole('group', { name: 'Cell tray 1: the classroom' });
  const cool = page.getByRole('group', { name: 'Cell tray 2: the cool corridor' });
  await expect(warm.locator('.lay-pot')).toHaveText([/^A/, ...Array.from({ length: 13 }, () => /^A/)]);
  await expect(cool.locator('.lay-pot').first()).toHaveText(/^B/);
  await expect(page.getByText('the classroom and the cool corridor: each has a tray of its own.')).toBeVisible();
  const [from, to] = [warm.locator('.lay-pot').last(), cool.locator('.lay-pot').first()];
  await from.scrollIntoViewIfNeeded();
  await from.hover();
  await page.mouse.down();
  const there = (await to.boundingBox())!;
  await page.mouse.move(there.x + 20, there.y + 20, { steps: 12 });
  await page.mouse.up();
  const said = page.getByRole('listitem').filter({ hasText: /meant for another place/ });
  await expect(said).toBeVisible();
  await said.getByRole('button', { name: say('fairTest.putThemBackDrawn') }).click();
  await expect(said).toHaveCount(0);
});

test('containers are laid out as their method stands: bags on a pane, sections of pans, rows of a box', async ({ page }) => {
  await beginPlan(page, /^A patch from above/);
  await part(page, 'Seeds');
  await openWord(page, /^Containers/);
  await page.getByLabel('Sections of each').fill('4');
  await page.keyboard.press('Escape');
  await part(page, 'Lay out');
  await openWord(page, /^What carries them: 2 pans/);
  await expect(page.getByText('All of them need 2.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('group', { name: 'Pan 2' }).locator('.lay-pot')).toHaveCount(4);
  await openWord(page, /^Who gets what/);
  await page.getByRole('radio', { name: /^every team has one of each/ }).check();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: say('layOut.meetsWhom') })).toBeVisible();
  await part(page, 'Seeds');
  for (const [method, carrier] of [
    ['Damp-paper pocket in a clear bag on a window', 'Window pane'],
    ['Long planter box', 'Box 1'],
    ['Rolled paper in a clear jar with a little water', 'Sill'],
    ['Egg-carton or plug-tray cells', 'Cell tray'],
  ] as const) {
    await part(page, 'Seeds');
    await openWord(page, /^Way of growing/);
    await page.getByRole('radio', { name: method }).check();
    await part(page, 'Lay out');
    await expect(page.getByRole('group', { name: carrier, exact: true }).locator('.lay-pot').first()).toBeVisible();
  }
  await expectAccessible(page);
});
