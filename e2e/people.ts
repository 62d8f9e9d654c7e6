import { say } from '@bright-sprout/words/say';
import AxeBuilder from '@axe-core/playwright';
import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { type Browser, expect, type Page } from '@playwright/test';

export const DEMO_QUESTION = 'Does road salt on the pavement reach the hedge?';

/** Signs in and opens the first page. The sign-in page itself has its own test. */
export async function signIn(page: Page): Promise<void> {
  const { demoTeacher } = await import('../scripts/demoSignIns.mjs');
  const { email, password } = demoTeacher;
  expect((await page.request.post('/api/v1/session', { data: { email, password } })).ok()).toBe(true);
  await page.goto('/');
}

export async function openWall(page: Page, question = DEMO_QUESTION): Promise<void> {
  const classes = (await (await page.request.get('/api/v1/classes')).json()) as {
    investigations: { id: string; question: string }[];
  }[];
  const found = classes.flatMap((c) => c.investigations).find((i) => i.question === question)!;
  await page.goto(`/investigations/${found.id}`);
  await expect(page.getByRole('slider', { name: say('tape.dayLooked') })).toBeVisible();
}

const EMBLEMS: Record<string, string> = {
  Kites: 'kite',
  Bells: 'bell',
  Boats: 'boat',
  Moons: 'moon',
  Brollies: 'brolly',
  Drums: 'drum',
  Keys: 'key',
};

/** A team's tablet or phone that has joined; the page for joining has its own tests. It begins with the demo's investigation. */
export async function joinOn(
  browser: Browser,
  nickname: string,
  size = { width: 390, height: 844 },
  { guide = 'read', offline = false, baseURL }: { guide?: 'read' | 'open'; offline?: boolean; baseURL?: string } = {},
): Promise<Page> {
  const { demoTeams } = await import('../scripts/demoSignIns.mjs');
  const { joinCode, pins } = demoTeams[0]!;
  // Only where a page is to open without a network does it need the worker that keeps it.
  const context = await browser.newContext({
    ...(baseURL ? { baseURL } : {}),
    viewport: size,
    hasTouch: true,
    timezoneId: 'UTC',
    serviceWorkers: offline ? 'allow' : 'block',
  });
  const page = await context.newPage();
  const emblem = EMBLEMS[nickname]!;
  const joined = await page.request.post('/api/v1/join', { data: { classCode: joinCode, emblem, pin: pins[emblem] } });
  expect(joined.ok()).toBe(true);
  const { investigations } = (await (await page.request.get('/api/v1/bench')).json()) as BenchView;
  const demo = investigations.find((i) => i.investigation.question === DEMO_QUESTION)!.investigation.id;
  await page.goto(`/bench?investigation=${demo}`);
  await expect(page.getByRole('heading', { name: nickname })).toBeVisible();
  const understood = page.getByRole('button', { name: say('bench.weKnowHow') });
  // A team that has answered for all of its pots is shown no guide.
  await expect(understood.or(page.getByRole('heading', { name: /are checked\.$/ }))).toBeVisible();
  if (guide === 'read' && (await understood.isVisible())) await understood.click();
  return page;
}

/** Types a height on the pad. */
export async function tap(page: Page, digits: string): Promise<void> {
  for (const key of digits) await page.getByRole('button', { name: key, exact: true }).click();
}

/** No serious or critical finding of axe on this page. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .options({ runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'], resultTypes: ['violations'] })
    // Looks without opening a page of its own to sum up; there are no frames of other sites to look into.
    .setLegacyMode(true)
    .analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([]);
}

/** No wider than the screen, once figures have measured the room that they have. */
export async function expectNoSidewaysScroll(page: Page): Promise<void> {
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth))
    .toBeLessThanOrEqual(0);
}
