import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type PlanView } from '@bright-sprout/contracts/answers/plans';
import { expect, type Page } from '@playwright/test';
import { teacherPages, teamPages } from './mainPages';
import { joinOn, signIn } from './people';
import { Quiet } from './quiet';
import { test } from './test';
import { beyond, cutOff, OwnTexts, unmarked } from './unmarked';

const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** What of each page does not come from a catalogue, and what does not fit where words are longer. */
async function faultsOf(page: Page, paths: readonly string[]): Promise<string[]> {
  const own = new OwnTexts(page);
  const quiet = new Quiet(page);
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(error.message));
  for (const path of paths) {
    await page.goto(path);
    await expect(page.getByRole('heading').or(page.getByRole('main')).first()).toBeVisible();
    await quiet.come();
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

/** As it is written in Britain: the day before its month, and words that America spells in another way. */
const BRITISH =
  /\b\d{1,2} (?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)[a-z]*\b|\b\w*(?:colour|metre|litre|mould|grey|neighbour|labelled)\w*/gi;

test('in a class that measures in inches all is spelt and dated as in America, also what is worked out beside the page', async ({
  page,
}) => {
  await signIn(page);
  const paths = (await teacherPages(page)).filter((path) =>
    /^\/investigations\/[^/]+(\/(compare|log|room|conclude.*))?$/.test(path),
  );
  await page.route(/\/api\/v1\/investigations\/[0-9a-f-]+$/, async (route) => {
    const answer = await route.fetch();
    const records = (await answer.json()) as InvestigationRecords;
    records.investigation.resolution = 'quarter-in';
    await route.fulfill({ response: answer, json: records });
  });
  await page.route(/\/api\/v1\/plans\/[0-9a-f-]+$/, async (route) => {
    const answer = await route.fetch();
    const plan = (await answer.json()) as PlanView;
    plan.document.protocol.resolution = 'quarter-in';
    await route.fulfill({ response: answer, json: plan });
  });
  const quiet = new Quiet(page);
  const found: string[] = [];
  for (const path of paths) {
    await page.goto(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await quiet.come();
    const seen = await page.locator('body').innerText();
    found.push(...[...seen.matchAll(BRITISH)].map(({ index }) => `${path}: …${seen.slice(index - 30, index + 30)}…`));
  }
  expect(paths.length).toBeGreaterThan(8);
  expect([...new Set(found)]).toEqual([]);
});
