import { expect, type Page } from '@playwright/test';
import { teacherPages, teamPages } from './mainPages';
import { joinOn, signIn } from './people';
import { test } from './test';
import { beyond, cutOff, OwnTexts, unmarked } from './unmarked';

const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** What of each page does not come from a catalogue, and what does not fit where words are longer. */
async function faultsOf(page: Page, paths: readonly string[]): Promise<string[]> {
  const own = new OwnTexts(page);
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(error.message));
  for (const path of paths) {
    await page.goto(path);
    await expect(page.getByRole('heading').or(page.getByRole('main')).first()).toBeVisible();
    // A page beside an open line may never be quiet; by then it has come.
    await page.waitForLoadState('networkidle', { timeout: 10_000 }).catch(() => undefined);
    for (const size of [LAPTOP, PHONE]) {
      await page.setViewportSize(size);
      for (const text of await unmarked(page, own)) faults.push(`${path}: no message: ${text}`);
      for (const text of await beyond(page)) faults.push(`${path} at ${size.width}: beyond the edge: ${text}`);
      for (const text of await cutOff(page)) faults.push(`${path} at ${size.width}: cut off: ${text}`);
    }
  }
  return [...new Set(faults)];
}

test('every word of a teacher’s pages comes from a catalogue, and fits where it is longer', async ({ page }) => {
  await signIn(page);
  await page.goto('/?language=en-XA');
  expect(await faultsOf(page, await teacherPages(page))).toEqual([]);
});

test('every word of a team’s pages comes from a catalogue, and fits where it is longer', async ({ browser, baseURL }) => {
  const kites = await joinOn(browser, 'Kites', PHONE, { baseURL: baseURL! });
  const id = new URL(kites.url()).searchParams.get('investigation')!;
  await kites.goto('/bench?language=en-XA');
  expect(await faultsOf(kites, ['/join', ...teamPages(id)])).toEqual([]);
});
