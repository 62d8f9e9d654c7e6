#!/usr/bin/env node
// The server and what it stands on as JavaScript, file by file, without looking at types: `npm run types` does that.
import { copyFileSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import ts from 'typescript';
import { ROOT } from './project.mjs';

const { config } = ts.readConfigFile(join(ROOT, 'tsconfig.base.json'), ts.sys.readFile);
const { options } = ts.convertCompilerOptionsFromJson(config.compilerOptions, ROOT);
const compilerOptions = {
  ...options,
  module: ts.ModuleKind.CommonJS,
  moduleResolution: undefined,
  composite: false,
  declaration: false,
};

for (const part of ['packages/words', 'packages/core', 'packages/contracts', 'apps/server']) {
  const [from, to] = [join(ROOT, part, 'src'), join(ROOT, part, 'dist')];
  rmSync(to, { recursive: true, force: true });
  // What the checker knew of files that were there is untrue now.
  rmSync(join(ROOT, part, 'tsconfig.tsbuildinfo'), { force: true });
  for (const name of readdirSync(from, { recursive: true })) {
    const [source, target] = [join(from, name), join(to, name)];
    const isCode = name.endsWith('.ts') && !name.endsWith('.test.ts') && !name.endsWith('.d.ts');
    if (!isCode && !name.endsWith('.json')) continue;
    mkdirSync(dirname(target), { recursive: true });
    if (!isCode) {
      copyFileSync(source, target);
      continue;
    }
    const file = target.replace(/\.ts$/, '.js');
    const text = readFileSync(source, 'utf8');
    const { outputText, sourceMapText } = ts.transpileModule(text, { compilerOptions, fileName: source });
    writeFileSync(file, outputText);
    if (sourceMapText) writeFileSync(`${file}.map`, sourceMapText);
  }
}
