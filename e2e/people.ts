import AxeBuilder from '@axe-core/playwright';
import { type Browser, expect, type Page } from '@playwright/test';

/** What a teacher does to get in. */
export async function signIn(page: Page): Promise<void> {
  const { demoTeacher } = await import('../scripts/demoSignIns.mjs');
  await page.goto('/');
  await page.getByLabel('E-mail address').fill(demoTeacher.email);
  await page.getByLabel('Password').fill(demoTeacher.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: /investigation/ }).first()).toBeVisible();
}

export async function openWall(page: Page, question = 'Does road salt on the pavement reach the hedge?'): Promise<void> {
  const classes = (await (await page.request.get('/api/v1/classes')).json()) as {
    investigations: { id: string; question: string }[];
  }[];
  const found = classes.flatMap((c) => c.investigations).find((i) => i.question === question)!;
  await page.goto(`/investigations/${found.id}`);
  await expect(page.getByRole('slider', { name: 'Day looked at' })).toBeVisible();
}

/** A team's tablet or phone: joins with code, emblem and PIN by tapping. */
export async function joinOn(browser: Browser, nickname: string, size = { width: 390, height: 844 }): Promise<Page> {
  const { demoTeams } = await import('../scripts/demoSignIns.mjs');
  const { joinCode, pins } = demoTeams[0]!;
  const context = await browser.newContext({ viewport: size, hasTouch: true, timezoneId: 'UTC' });
  const page = await context.newPage();
  await page.goto('/join');
  await page.getByLabel('Class code from the board').fill(joinCode.toLowerCase());
  await page.getByRole('button', { name: nickname }).click();
  const emblems: Record<string, string> = {
    Kites: 'kite',
    Bells: 'bell',
    Boats: 'boat',
    Moons: 'moon',
    Brollies: 'brolly',
    Drums: 'drum',
    Keys: 'key',
  };
  for (const digit of pins[emblems[nickname]!]!) await page.getByRole('button', { name: digit, exact: true }).click();
  await expect(page.getByRole('heading', { name: nickname })).toBeVisible();
  return page;
}

/** Types a height on the pad. */
export async function tap(page: Page, digits: string): Promise<void> {
  for (const key of digits) await page.getByRole('button', { name: key, exact: true }).click();
}

/** No serious or critical finding of axe on this page. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([]);
}

export async function expectNoSidewaysScroll(page: Page): Promise<void> {
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
  ).toBeLessThanOrEqual(0);
}
