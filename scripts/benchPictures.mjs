// Pictures in the browser: one of twelve megapixels to its percent green, and a GIF of thirty, beside a plain loop over its pixels.
import { createReadStream, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { extname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { which } from './mariadb.mjs';
import { ROOT } from './project.mjs';

const require = createRequire(import.meta.url);
const WEB = join(ROOT, 'apps/web');
const KINDS = { '.html': 'text/html', '.js': 'text/javascript', '.jpg': 'image/jpeg' };

export async function benchPictures(row, short = false) {
  const ROUNDS = short ? 1 : 3;
  const { build } = await import(pathToFileURL(require.resolve('vite', { paths: [WEB] })).href);
  const sharp = require('sharp');
  require('reflect-metadata');
  const { demoPictures } = require(join(ROOT, 'apps/server/dist/demo/cameraFiles.js'));
  const folder = mkdtempSync(join(tmpdir(), 'sprout-pictures-'));
  await build({
    configFile: false,
    root: join(WEB, 'bench'),
    logLevel: 'error',
    resolve: {
      alias: ['words', 'core', 'contracts'].map((p) => ({
        find: new RegExp(`^@bright-sprout/${p}/(.*)$`),
        replacement: `${join(ROOT, 'packages', p, 'src')}/$1`,
      })),
    },
    worker: { format: 'es' },
    build: { outDir: folder, emptyOutDir: true },
  });
  const [{ picture, corners }] = demoPictures('2026-03-03', 11, 11, { width: 4000, height: 3000 });
  const jpeg = await sharp(Buffer.from(picture.data.buffer), { raw: { width: 4000, height: 3000, channels: 4 } })
    .removeAlpha()
    .jpeg({ quality: 92 })
    .toBuffer();
  writeFileSync(join(folder, 'pan.jpg'), jpeg);
  const server = createServer((request, response) => {
    const path = new URL(request.url, 'http://here').pathname;
    const file = join(folder, path === '/' ? 'index.html' : path);
    response.setHeader('content-type', KINDS[extname(file)] ?? 'application/octet-stream');
    createReadStream(file)
      .on('error', () => response.writeHead(404).end())
      .pipe(response);
  });
  await new Promise((ready) => server.listen(0, '127.0.0.1', ready));
  const { chromium } = require('@playwright/test');
  const browser = await chromium.launch({ executablePath: which('chromium'), args: ['--no-sandbox', '--disable-gpu'] });
  try {
    const page = await browser.newPage();
    await page.goto(`http://127.0.0.1:${server.address().port}/`);
    const shares = corners.map(([x, y]) => [x / 4000, y / 3000]);
    const rounds = [];
    for (let i = 0; i < ROUNDS; i++) rounds.push(await page.evaluate((at) => window.measure('/pan.jpg', at), shares));
    const middle = (key) => rounds.map((r) => r[key]).sort((a, b) => a - b)[Math.floor(ROUNDS / 2)];
    const loop = middle('loop');
    const say = (name, key, value = middle(key)) =>
      row(
        name,
        `${value.toFixed(0)} ms`,
        `${(value / loop).toFixed(1)} × a plain loop over its 12 million pixels (${loop.toFixed(0)} ms)`,
      );
    say('12 MP file opened, judged and drawn anew', 'redrawn');
    say('… lined up, straightened and counted', 'counted');
    say('… both: a 12 MP picture to its percent green', 'redrawn', middle('redrawn') + middle('counted'));
    say('GIF of 30 pictures, 480 px wide', 'gif');
    row('longest that the page did not answer meanwhile', `${middle('blocked').toFixed(0)} ms`, '');
  } finally {
    await browser.close();
    server.close();
    rmSync(folder, { recursive: true, force: true });
  }
}
