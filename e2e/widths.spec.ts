import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { expect, type Page } from '@playwright/test';
import { DEMO_QUESTION, joinOn, signIn } from './people';
import { test } from './test';

const PHONE = { width: 390, height: 844 };

/** Opens a page and waits until it says something. */
async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('heading').or(page.getByRole('main')).first()).toBeVisible();
  await page.waitForLoadState('networkidle');
}

/** What reaches beyond the right edge of the screen, by its name; nothing where the page does not scroll sideways. */
const beyond = (page: Page) =>
  page.evaluate(() => {
    if (document.documentElement.scrollWidth <= innerWidth) return [];
    const out = [...document.querySelectorAll('body *')].filter((e) => e.getBoundingClientRect().right > innerWidth + 1);
    return out.slice(0, 3).map((e) => `${e.tagName}.${e.getAttribute('class')}`);
  });

async function checkAll(page: Page, paths: readonly string[]): Promise<void> {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  for (const path of paths) {
    await open(page, path);
    await expect.poll(async () => [path, await beyond(page)]).toEqual([path, []]);
  }
  expect(errors).toEqual([]);
}

test('no page of the teacher scrolls sideways on a phone', async ({ page }) => {
  test.setTimeout(180_000);
  await signIn(page);
  await page.setViewportSize(PHONE);
  const classes = (await (await page.request.get('/api/v1/classes')).json()) as ClassView[];
  const group = classes.find((c) => c.investigations.some((i) => i.question === DEMO_QUESTION))!;
  const { id } = group.investigations.find((i) => i.question === DEMO_QUESTION)!;
  const stations = ['', 'run', 'together', 'room', 'pictures', 'log', 'plan', 'print', 'take-along', 'sow', 'compare', 'deal'];
  const parts = ['', 'claims', 'expected', 'next', 'report', 'certificates', 'end'].map((p) => `conclude/${p}`);
  const front = ['', 'join', 'plans', 'import'].map((p) => `/classes/${group.id}/${p}`);
  await checkAll(page, [
    '/',
    '/keeping',
    '/seeds',
    ...front,
    ...[...stations, ...parts].map((p) => `/investigations/${id}/${p}`.replace(/\/$/, '')),
  ]);
  // The run-through, step by step: what there is to see, then the question.
  await open(page, `/investigations/${id}/run-through`);
  for (let step = 0; step < 6; step++) {
    await expect.poll(() => beyond(page)).toEqual([]);
    await page.keyboard.press('ArrowRight');
  }
});

test('no page of a team scrolls sideways on a phone', async ({ browser, baseURL }) => {
  const kites = await joinOn(browser, 'Kites', PHONE, { baseURL: baseURL! });
  const id = new URL(kites.url()).searchParams.get('investigation')!;
  await checkAll(
    kites,
    ['', '/together', `/notebook/${id}`, `/wall/${id}`, `/conclude/${id}`, `/report/${id}`, `/sow/${id}`].map(
      (p) => `/bench${p}`,
    ),
  );
});

test('a treatment in the second row opens where it can be seen', async ({ page }) => {
  await signIn(page);
  const classes = (await (await page.request.get('/api/v1/classes')).json()) as ClassView[];
  await page.goto(`/classes/${classes[0]!.id}/plans`);
  await page
    .getByRole('button', { name: /Feed and light/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/plans\//);
  const pictures = page.locator('.treatment-open');
  await expect(pictures).toHaveCount(4);
  await pictures.last().click();
  const panel = page.locator('.hanging.show');
  await expect(panel).toBeInViewport({ ratio: 0.95 });
});
