import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { expectAccessible, openWall, signIn } from './people';
import { test } from './test';

const ROWS = [4.1, 4.4, 4.9, 4.6, 5.2, 4.8]
  .map((h, i) => [
    `P${i + 1};water;Bench ${i + 1};21.09.2026;${String(h).replace('.', ',')}`,
    `Q${i + 1};shade;Bench ${i + 1};21.09.2026;${String(h + 3).replace('.', ',')}`,
  ])
  .flat();
const HEADING = 'Pot;Treatment;Team;Date;Height (cm)';

test('a foreign CSV is dropped, mapped, put right and compared', async ({ page }) => {
  await signIn(page);
  await page.locator('.class-row').getByRole('link', { name: '7 Copper' }).click();
  await page.getByRole('link', { name: 'Bring in records from a file' }).click();
  const choose = page.locator('input[type=file]');
  await choose.setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('just a note') });
  await expect(page.getByRole('alert')).toContainText('no table');
  const broken = [HEADING, ...ROWS, 'P1;shade;Bench 1;21.09.2026;5', 'P9;water;Bench 1;soon;5'].join('\n');
  await choose.setInputFiles({ name: 'shade.csv', mimeType: 'text/csv', buffer: Buffer.from(broken) });
  await page.getByLabel('Sown on', { exact: true }).fill('2026-09-07');
  await expect(page.getByText('Line 14: P1 has treatment “water”')).toBeVisible();
  await expect(page.getByText(/Line 15: “soon” is not a date/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Bring them in' })).toBeDisabled();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Another file' }).click();
  await choose.setInputFiles({ name: 'shade.csv', mimeType: 'text/csv', buffer: Buffer.from([HEADING, ...ROWS].join('\n')) });
  await page.getByLabel('Sown on', { exact: true }).fill('2026-09-07');
  await page.getByLabel('The control is').selectOption('water');
  await expect(page.getByText('12 readings of 12 containers in 2 treatments; the control is water.')).toBeVisible();
  await page.getByLabel('The question').fill('Do seedlings stretch in the shade?');
  await page.getByLabel('What was changed').fill('light');
  await page.getByRole('button', { name: 'Bring them in' }).click();
  await expect(page.getByText('With shade, radish was taller on day 14 than with water: by about 3.0 cm.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('12 containers measured.')).toBeVisible();
});

test('records go out as a table, come back, and say the same', async ({ page }) => {
  await signIn(page);
  await openWall(page, 'How much road salt can garden cress stand?');
  await page.getByRole('link', { name: /Compare them/ }).click();
  // A file knows no amounts: both are asked about their treatments.
  await page.getByRole('button', { name: /^Between what/ }).click();
  await page.getByRole('button', { name: 'salt in the water', exact: true }).click();
  await expect(page.locator('.claim-finding')).toContainText('than with no salt');
  const claim = await page.locator('.claim-finding').textContent();
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /Plan/ }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Take them along as a table (CSV)' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('how-much-road-salt-can-garden-cress-stand.csv');
  const text = readFileSync((await download.path())!, 'utf8');
  expect(text.split('\r\n')[0]).toContain('unit,treatment,treatment_label,control');
  await page.goto('/');
  await page.locator('.class-row').getByRole('link', { name: '5 Heron' }).click();
  await page.getByRole('link', { name: 'Bring in records from a file' }).click();
  await page.locator('input[type=file]').setInputFiles({ name: 'cress.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await expect(page.getByText(/readings of 28 containers in 4 treatments; the control is no salt/)).toBeVisible();
  await page.getByLabel('The question').fill('Does the copy say the same?');
  await page.getByLabel('What was changed').fill('salt in the water');
  await page.getByLabel('Kind of plant').selectOption({ label: 'Garden cress' });
  await page.getByRole('button', { name: 'Bring them in' }).click();
  await expect(page.getByText(/containers? measured/)).toBeVisible();
  await page.getByRole('button', { name: 'Not up yet: left out' }).click();
  await page.getByRole('button', { name: /^counted as zero/ }).click();
  const copy = page.locator('.claim-finding');
  await expect(copy).toHaveText(claim!.replace(/cups/g, 'containers'));
});
