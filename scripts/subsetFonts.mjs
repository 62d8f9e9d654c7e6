// Cuts the two typefaces down to what the interface writes; run after changing the list of signs, and commit the result.
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import subsetFont from 'subset-font';
import { ROOT } from './project.mjs';

const require = createRequire(import.meta.url);
const ascii = Array.from({ length: 95 }, (_, i) => String.fromCharCode(32 + i)).join('');
const latin = Array.from({ length: 96 }, (_, i) => String.fromCharCode(160 + i)).join('');
const signs = `${ascii}${latin}–—‘’“”„…•−×÷±≤≥≈√°′″¼½¾⅛⅜⅝⅞⅓⅔→←↑↓ŁłŚśŹźŻżĄąĆćĘęŃńČčŠšŽžŐőŰűĞğİıŞş`;

const FONTS = [
  [
    '@fontsource-variable/archivo/files/archivo-latin-standard-normal.woff2',
    'archivo.woff2',
    { wght: { min: 500, max: 800 }, wdth: { min: 62, max: 100 } },
  ],
  [
    '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
    'atkinson-next.woff2',
    { wght: { min: 400, max: 700 } },
  ],
];

// A PDF and a Word file hold no variable fonts: one cut of each for print.
const PRINTED = [
  [FONTS[0][0], 'print/archivo-heading.ttf', { wght: 740, wdth: 78 }],
  [FONTS[1][0], 'print/atkinson-regular.ttf', { wght: 400 }],
  [FONTS[1][0], 'print/atkinson-bold.ttf', { wght: 700 }],
];

for (const [from, to, variationAxes] of PRINTED) {
  const cut = await subsetFont(readFileSync(require.resolve(from)), signs, { targetFormat: 'truetype', variationAxes });
  writeFileSync(join(ROOT, 'apps/web/src/fonts', to), cut);
  console.log(`${to}: ${cut.length} bytes`);
}

for (const [from, to, variationAxes] of FONTS) {
  const original = readFileSync(require.resolve(from));
  const cut = await subsetFont(original, signs, { targetFormat: 'woff2', variationAxes });
  writeFileSync(join(ROOT, 'apps/web/src/fonts', to), cut);
  console.log(`${to}: ${original.length} → ${cut.length} bytes`);
}
