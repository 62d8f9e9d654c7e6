import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { expect } from '@playwright/test';
import { DEMO_QUESTION, signIn } from './people';
import { test } from './test';
import { beyond } from './unmarked';

const PHONE = { width: 390, height: 844 };

test('the run-through does not scroll sideways on a phone, step by step', async ({ page }) => {
  await signIn(page);
  await page.setViewportSize(PHONE);
  const classes = (await (await page.request.get('/api/v1/classes')).json()) as ClassView[];
  const { id } = classes.flatMap((c) => c.investigations).find((i) => i.question === DEMO_QUESTION)!;
  // What there is to see, then the question.
  await page.goto(`/investigations/${id}/run-through`);
  await expect(page.getByText(/^1 of \d+$/)).toBeVisible();
  for (let step = 0; step < 6; step++) {
    await expect.poll(() => beyond(page)).toEqual([]);
    await page.keyboard.press('ArrowRight');
  }
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
