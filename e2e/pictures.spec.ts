import { say } from '@bright-sprout/words/say';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type InvestigationRecords, type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { planFrom } from '@bright-sprout/core/plan/document/startingPoints';
import { expect, type Page } from '@playwright/test';
import JsZip from 'jszip';
import { v7 } from 'uuid';
import { inDays } from './days';
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people';
import { test } from './test';

interface TruePicture {
  file: string;
  day: number;
  percentGreen: Record<string, number>;
  corners: [number, number][];
}

/** Real files of the simulated camera, with their truth. */
function camera(...options: string[]): { folder: string; truth: TruePicture[] } {
  const folder = mkdtempSync(join(tmpdir(), 'sprout-camera-'));
  execFileSync('node', [join(__dirname, '../scripts/camera.mjs'), '--out', folder, '--sown', inDays(-12), ...options]);
  return { folder, truth: JSON.parse(readFileSync(join(folder, 'truth.json'), 'utf8')) as TruePicture[] };
}

const made: string[] = [];

/** A class with a clover patch of its own, sown twelve days ago, so that nothing of the demo is changed. */
async function ownPatch(page: Page): Promise<{ classId: string; investigation: InvestigationView }> {
  await signIn(page);
  const classId = v7();
  made.push(classId);
  const put = async (path: string, data: object) => {
    const answer = await page.request.put(`/api/v1${path}`, { data });
    expect([path, answer.status()]).toEqual([path, 200]);
    return (await answer.json()) as unknown;
  };
  await put(`/classes/${classId}`, { name: '8 Amber', gradeBand: 'middle', timeZone: 'UTC' });
  await put(`/classes/${classId}/teams`, { teams: ['kite', 'bell'].map((emblem) => ({ id: v7(), emblem })) });
  const id = v7();
  const plan = planFrom('patch-from-above', { gradeBand: 'middle', teams: 2, today: inDays(-19) }, 5);
  await put(`/plans/${id}`, { classId, version: 0, document: { ...plan, sowOn: inDays(-12) } });
  return { classId, investigation: (await put(`/plans/${id}/sowing`, { version: 1 })) as InvestigationView };
}

/** What a test has made goes again. */
test.afterEach(async ({ page }) => {
  for (const id of made.splice(0)) await page.request.put(`/api/v1/keeping/class/${id}`);
});

const recordsOf = async (page: Page, id: string) =>
  (await (await page.request.get(`/api/v1/investigations/${id}`)).json()) as InvestigationRecords;

/** Drags what has a name to a place of the picture, in shares of it. */
async function dragTo(page: Page, name: string, [x, y]: [number, number]): Promise<void> {
  const box = (await page.locator('.picture-plane').boundingBox())!;
  const point = (await page.getByRole('button', { name, exact: true }).boundingBox())!;
  await page.mouse.move(point.x + point.width / 2, point.y + point.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + x * box.width, box.y + y * box.height, { steps: 4 });
  await page.mouse.up();
}

test('a film from files: lined up once, counted as it is, mended, kept, and compared', async ({ page }) => {
  // On the tenth day a lamp was on.
  const good = camera('--days', '2-10');
  const { investigation } = await ownPatch(page);
  await page.goto(`/investigations/${investigation.id}/pictures`);
  await page.getByRole('button', { name: say('pictures.beginFilm') }).click();
  await page.getByLabel(say('pictures.itsName')).fill('Patch on the sill');
  for (const [i, code] of ['A1', 'B1', 'A2', 'B2', 'A3', 'B3'].entries())
    await page.getByLabel(`Section ${i + 1}`).selectOption(code);
  await page.getByLabel(say('pictures.widthCm')).fill('42');
  await page.getByLabel(say('pictures.depthCm')).fill('28');
  await page.getByRole('button', { name: say('pictures.beginTheFilm') }).click();
  await expect(page.getByText('No picture is in this film yet.')).toBeVisible();
  // Files are dated by what the camera wrote, and added together.
  await page.getByLabel(say('pictures.pictureFiles')).setInputFiles(good.truth.map((t) => join(good.folder, t.file)));
  await page.getByRole('button', { name: 'Add 9 pictures' }).click();
  await expect(page.getByRole('heading', { name: say('pictures.whereLie') })).toBeVisible();
  await expect(page.locator('.add-list')).toHaveCount(0);
  const shares = good.truth[0]!.corners.map(([x, y]): [number, number] => [x / 800, y / 600]);
  for (const [i, name] of ['top left', 'top right', 'bottom right', 'bottom left'].entries())
    await dragTo(page, `Corner ${name}`, shares[i]!);
  await page.getByRole('button', { name: 'Corner top left' }).press('ArrowRight');
  await page.getByRole('button', { name: 'Corner top left' }).press('ArrowLeft');
  await page.getByRole('button', { name: say('pictures.theseAreTheCorners') }).click();
  // All others are lined up by themselves and counted; the lamp’s is refused, the rest as they really are.
  const keep = page.getByRole('button', { name: 'Keep 48 numbers' });
  await expect(keep).toBeVisible();
  await expect(page.getByText(/A lamp was on, or the sun was low/)).toBeVisible();
  await expectAccessible(page);
  await keep.click();
  await expect(page.getByText('All numbers are on record')).toBeVisible();
  const { readings, investigation: sown } = await recordsOf(page, investigation.id);
  const codeOf = new Map(sown.containers.map((c) => [c.id, c.code]));
  const errors = readings.map((r) => {
    const truth = good.truth.find((t) => inDays(-12 + t.day) === r.day)!;
    return Math.abs(r.findings[0]!.value! - truth.percentGreen[codeOf.get(r.containerId)!]!);
  });
  expect(errors).toHaveLength(48);
  errors.sort((a, b) => a - b);
  expect(errors[24]).toBeLessThanOrEqual(2);
  expect(errors[45]).toBeLessThanOrEqual(5);
  expect(readings[0]!.findings[0]!.seen!.method).toBe('excess-green/1');
  // The lamp is taken out of the last picture by something white, and it is counted too.
  await page.getByRole('button', { name: say('pictures.mendLight') }).click();
  await dragTo(page, 'White from here', [0.02, 0.02]);
  await dragTo(page, 'White to here', [0.2, 0.06]);
  await page.getByRole('button', { name: say('pictures.thisIsWhite') }).click();
  await expect(page.getByRole('button', { name: /^Keep \d+ numbers$/ })).toBeVisible();
  await expect(page.getByText(/A lamp was on/)).toBeHidden();
  // A stroke of the brush takes green away; undone it is there again.
  const share = page.locator('.pan-tag').first().locator('.pan-share');
  const before = Number.parseInt(await share.innerText(), 10);
  await page.getByRole('button', { name: say('pictures.mendHand') }).click();
  await page.getByRole('button', { name: 'broad' }).click();
  const pan = (await page.locator('.brush-layer').boundingBox())!;
  for (let row = 0; row < 8; row++) {
    await page.mouse.move(pan.x + 10, pan.y + 15 + 22 * row);
    await page.mouse.down();
    await page.mouse.move(pan.x + pan.width / 3 - 10, pan.y + 15 + 22 * row, { steps: 6 });
    await page.mouse.up();
  }
  await expect.poll(async () => Number.parseInt(await share.innerText(), 10)).toBeLessThan(before / 3);
  await page.getByRole('button', { name: say('pictures.undoStroke') }).click();
  await page.getByRole('button', { name: say('pictures.done') }).click();
  await expect(page.getByText(/Corrected by hand: 7 strokes\./)).toBeVisible();
  await page.getByRole('button', { name: /^Keep \d+ numbers?$/ }).click();
  await expect(page.getByText('All numbers are on record')).toBeVisible();
  const mended = (await recordsOf(page, investigation.id)).readings
    .flatMap((r) => r.findings)
    .filter((f) => f.seen?.method.endsWith('+hand'));
  expect(mended).toHaveLength(6);
  // It survives being opened again, and the comparison has it like any other measure.
  await page.reload();
  await expect(page.getByText('All numbers are on record')).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/investigations/${investigation.id}/compare`);
  await expect(page.getByText(/green(er)? /).first()).toBeVisible();
  await page.goto(`/investigations/${investigation.id}/log`);
  await expect(page.getByText('A1').first()).toBeVisible();
});

test('files that cannot be are told so in a sentence, and nothing is lost', async ({ page }) => {
  const { investigation } = await ownPatch(page);
  const { folder, truth } = camera('--days', '5');
  await page.goto(`/investigations/${investigation.id}/pictures`);
  await page.getByRole('button', { name: say('pictures.beginFilm') }).click();
  await page.getByRole('button', { name: say('pictures.beginTheFilm') }).click();
  const png = (width: number, height: number) => {
    const head = Buffer.alloc(33);
    Buffer.from('89504e470d0a1a0a0000000d49484452', 'hex').copy(head);
    head.writeUInt32BE(width, 16);
    head.writeUInt32BE(height, 20);
    return head;
  };
  const heic = Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypheic'), Buffer.alloc(40)]);
  const screenshot = await page.screenshot();
  await page.getByLabel(say('pictures.pictureFiles')).setInputFiles([
    { name: 'garden.heic', mimeType: 'image/heic', buffer: heic },
    { name: 'dot.png', mimeType: 'image/png', buffer: png(1, 1) },
    { name: 'wall.png', mimeType: 'image/png', buffer: png(10_000, 10_000) },
    { name: 'list.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('%PDF-1.4\n%âãÏÓ') },
    { name: 'screen.png', mimeType: 'image/png', buffer: screenshot },
    { name: truth[0]!.file, mimeType: 'image/jpeg', buffer: readFileSync(join(folder, truth[0]!.file)) },
  ]);
  const refused = page.getByRole('alert');
  await expect(refused).toContainText('“garden.heic” is a HEIC picture');
  await expect(refused).toContainText('“dot.png” is 1 × 1 pixels: too small');
  await expect(refused).toContainText('“wall.png” has 100 million pixels');
  await expect(refused).toContainText('“list.jpg” is a PDF, whatever its name says');
  // What has no date of its own waits for one; the other one goes.
  await expect(page.getByRole('button', { name: 'Add 1 picture' })).toBeEnabled();
  await expect(page.getByText(say('pictures.sayDay'))).toBeVisible();
  await page.getByLabel('Day of screen.png').fill(inDays(-2));
  await expect(page.getByText(say('pictures.cameraLeftWordScreenshot'))).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add 2 pictures' }).click();
  // The first in which the corners are said is the one that the rest are compared with: a screenshot is none of them.
  await page.getByRole('button', { name: say('pictures.theseAreTheCorners') }).click();
  await expect(page.locator('.film-day.refused')).toHaveCount(1);
  await expect(page.getByText(/its corners were not found/)).toBeVisible();
});

test('the demo’s film runs, shows two sections beside each other, and is taken along as GIF, video and frames', async ({
  page,
}) => {
  await signIn(page);
  const classes = (await (await page.request.get('/api/v1/classes')).json()) as ClassView[];
  const patch = classes.find((c) => c.name === '9 Slate')!.investigations.find((i) => i.question.includes('clover'))!;
  await page.goto(`/investigations/${patch.id}/pictures?at=3`);
  await expect(page.getByRole('heading', { name: /clear cover for the first week, is half green/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: '1 new picture: look first' })).toBeVisible();
  const tape = page.getByRole('slider', { name: say('pictures.pictureLooked') });
  await expect(tape).toHaveAttribute('aria-valuetext', /^day 3/);
  await tape.press('ArrowRight');
  await expect(tape).toHaveAttribute('aria-valuetext', /^day 4/);
  await page.getByRole('slider', { name: say('pictures.daysSecond') }).fill('4');
  await page.getByRole('button', { name: say('pictures.letGrow') }).click();
  await expect(tape).toHaveAttribute('aria-valuetext', /^day 14/);
  await page.getByRole('slider', { name: /As taken to the left/ }).press('End');
  await page.getByRole('button', { name: 'Side by side: nothing' }).click();
  await page.locator('.ruled-menu.show').getByRole('button', { name: / and / }).first().click();
  await expect(page.locator('.side-by-side figure')).toHaveCount(2);
  const taken = async (name: string) => {
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name }).click()]);
    return readFileSync((await file.path())!);
  };
  const gif = await taken('GIF');
  expect(gif.subarray(0, 6).toString()).toBe('GIF89a');
  // Fourteen pictures, each with its own head in the file.
  expect(gif.toString('latin1').split('!\xf9\x04').length - 1).toBe(14);
  const zip = await JsZip.loadAsync(await taken('Frames'));
  expect(Object.keys(zip.files)).toHaveLength(14);
  expect((await zip.file(/001/)[0]!.async('nodebuffer')).subarray(1, 4).toString()).toBe('PNG');
  const video = await taken('Video');
  expect(video.length).toBeGreaterThan(10_000);
  expect(video.readUInt32BE(0) === 0x1a45dfa3 || video.subarray(4, 8).toString() === 'ftyp').toBe(true);
  // A GIF that is stopped is not there, and the film still runs.
  await page.getByRole('button', { name: 'GIF' }).click();
  await page
    .getByRole('button', { name: say('common.stop') })
    .dispatchEvent('click', {}, { timeout: 5000 })
    .catch(() => undefined);
  await expect(page.getByRole('button', { name: 'GIF' })).toBeVisible();
  await expectAccessible(page);
});

test('a ruler on a picture: the truth lies in its interval, and it stands in the log with its evidence', async ({ page }) => {
  const { investigation } = await ownPatch(page);
  const folder = mkdtempSync(join(tmpdir(), 'sprout-camera-'));
  execFileSync('node', [join(__dirname, '../scripts/camera.mjs'), '--out', folder, '--side', '142']);
  const known = JSON.parse(readFileSync(join(folder, 'side.json'), 'utf8')) as {
    ruler: [number, number][];
    axis: [number, number][];
  };
  const [container] = investigation.containers;
  const photo = v7();
  const at = new URLSearchParams({ containerId: container!.id, day: inDays(-1), recordedAt: `${inDays(-1)}T10:00:00Z` });
  const sent = await page.request.put(`/api/v1/photos/${photo}?${at.toString()}`, {
    data: readFileSync(join(folder, 'side.jpg')),
    headers: { 'content-type': 'image/jpeg' },
  });
  expect(sent.status()).toBe(200);
  await page.goto(`/investigations/${investigation.id}/pictures/ruler/${photo}`);
  await expect(page.getByText(say('pictures.sayFirstFarSquare'))).toBeVisible();
  await page.getByLabel('Distance between them, cm').fill('20');
  await dragTo(page, 'Ruler from here', known.ruler[0]!);
  await dragTo(page, 'Ruler to here', known.ruler[1]!);
  await page.getByRole('button', { name: say('pictures.bendMore') }).click();
  await page.getByRole('button', { name: say('pictures.bendMore') }).click();
  for (const [i, name] of ['Foot', 'Bend 1', 'Bend 2', 'Tip'].entries()) await dragTo(page, name, known.axis[i]!);
  const read = page.locator('.ruler-read');
  const cm = (text: string) => [...text.matchAll(/(\d+(?:\.\d+)?) cm/g)].map((m) => Number(m[1]));
  const [value, low, high] = cm(await read.innerText());
  expect(Math.abs(value! - 14.2)).toBeLessThan(0.5);
  expect(low).toBeLessThan(14.2);
  expect(high).toBeGreaterThan(14.2);
  await expectAccessible(page);
  await page.getByRole('button', { name: `Keep it for ${container!.code}` }).click();
  await expect(page.getByText(/It stands in the log of/)).toBeVisible();
  const [reading] = (await recordsOf(page, investigation.id)).readings;
  expect(reading!.findings[0]).toMatchObject({
    measure: 'height',
    seen: { picture: photo, method: 'ruler/1' },
  });
});
