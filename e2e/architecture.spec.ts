import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { expect } from '@playwright/test';
import { test } from './test';

const ROOT = join(__dirname, '..');

function lint(file: string, text: string): string {
  return spawnSync('npx', ['eslint', '--stdin', '--stdin-filename', file], { cwd: ROOT, input: text, encoding: 'utf8' }).stdout;
}

for (const [file, module, reason] of [
  ['packages/core/src/seeds/x.ts', 'react', 'The core is pure science'],
  ['packages/core/src/seeds/x.ts', '@nestjs/common', 'The core is pure science'],
  ['packages/core/src/seeds/x.ts', '@bright-sprout/contracts/checks', 'The core is pure science'],
  ['packages/contracts/src/x.ts', 'typeorm', 'Contracts only know the core'],
  ['apps/web/src/api/x.ts', '../../../server/src/settings', 'The web application never imports the server'],
  ['apps/server/src/x.ts', '../../web/src/api/client', 'The server never imports the web application'],
] as const) {
  test(`lint refuses ${module} in ${file}`, () => {
    expect(lint(file, `import * as x from '${module}';\nexport { x };\n`)).toContain(reason);
  });
}

test('lint refuses words that stand in the code, also what is said where nothing is known, and a function without a seam', () => {
  const say = "import { say } from '@bright-sprout/words/say';\n";
  const file = 'packages/core/src/seeds/x.ts';
  expect(lint(file, "export const told = 'The seeds are up.';\n")).toContain('belongs into a catalogue');
  expect(lint(file, `${say}export const told = (n: string) => say('common.dayNumber', { number: n || 'some' });\n`)).toContain(
    'belongs into a catalogue',
  );
  expect(lint(file, `${say}export const told = (n: string) => say('common.dayNumber', { number: n });\n`)).toBe('');
  const lines = Array.from({ length: 100 }, (_, i) => `  n += ${i};`).join('\n');
  expect(lint(file, `export function long(n: number): number {\n${lines}\n  return n;\n}\n`)).toContain('too many lines');
});
