import { say } from '@bright-sprout/words/say';
import { expect, type Page } from '@playwright/test';
import { signIn } from './people';

/** Signs in, opens a class and begins a plan from one of the starting points. */
export async function beginPlan(page: Page, start: RegExp): Promise<void> {
  // Lots that are drawn the same in every run.
  await page.addInitScript(() => (Math.random = () => 0.4242));
  await signIn(page);
  // The shelves push the classes down when they come: who presses before that presses beside.
  await expect(page.getByText('all shelves at one scale')).toBeVisible();
  await page.locator('.class-row').getByRole('link', { name: '7 Copper' }).click();
  await page.getByRole('link', { name: say('classPage.planInvestigation') }).click();
  await page.getByRole('button', { name: start }).click();
  // A plan is worked out, kept and opened: on a busy machine that takes a while.
  await page.waitForURL(/\/plans\/[0-9a-f-]+\/ask/);
  await expect(page.getByLabel(say('planner.wantFind'))).toBeVisible();
}

export const part = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: say('page.stations') })
    .getByRole('link', { name: new RegExp(`^${name}`) })
    .click();
/** Opens a word of a sentence, a treatment on its picture, or a thing that is alike for all; what hangs over it is closed first. */
export async function openWord(page: Page, name: RegExp): Promise<void> {
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name }).first().click();
}
export const fair = (page: Page) => page.getByRole('region', { name: say('planner.fairTestCheck') });
export const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();

/** Sows the plan and goes to what was laid out. */
export async function sow(page: Page): Promise<void> {
  await page.getByRole('button', { name: say('planner.sowIt') }).click();
  await page.getByRole('button', { name: say('planner.yesLay') }).click();
  await expect(page.getByRole('heading', { name: say('sowing.whatWentDifferently') })).toBeVisible();
  await part(page, 'Plan');
}

/** What lies printed: places or owners, and letters; not what is pressed. */
export async function expectPrintable(page: Page, heading = 'Where they stand', pot = '.lay-pot'): Promise<void> {
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: heading })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Who gets what/ })).toBeHidden();
  await expect(page.locator(pot).first()).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
}
