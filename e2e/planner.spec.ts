import { expect, test } from '@playwright/test';
import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';
import { expectAccessible, expectNoSidewaysScroll } from './people';
import { beginPlan, expectPrintable, fair, part, saved, sow } from './planning';

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
