#!/usr/bin/env node
// Changes the core a little in many places, and tells which changes no test noticed. npm run mutants -- FOLDER …
// A folder or file of packages/core/src, such as readings, or plan/fairTest/rules/places.ts:20-40 for some lines of one.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { PlainError } from './mariadb.mjs';
import { exitWith, installModules, ROOT } from './project.mjs';

const CORE = 'packages/core/src';
/** Where a change of one is told: a word of a message or of a test's name is no threshold. */
const LEFT_ALONE = ['StringLiteral', 'Regex', 'ObjectLiteral', 'BlockStatement'];

function mutated(place) {
  const [path] = place.split(':');
  if (!existsSync(join(ROOT, CORE, path))) throw new PlainError(`There is no ${path} in ${CORE}.`);
  return path.endsWith('.ts') ? `${CORE}/${place}` : `${CORE}/${place}/**/*.ts`;
}

/** The nearest folder above a place that has tests. */
function folderOf(place) {
  const folder = /\.ts(:|$)/.test(place) ? dirname(place) : place;
  const tested = readdirSync(join(ROOT, CORE, folder), { recursive: true }).some((file) => file.endsWith('.test.ts'));
  return tested || folder === '.' ? folder : folderOf(dirname(folder));
}

function main() {
  const places = process.argv.slice(2);
  if (places.length === 0) throw new PlainError('Say where: npm run mutants -- readings');
  installModules({ tests: true });
  const folder = mkdtempSync(join(tmpdir(), 'sprout-mutants-'));
  const report = join(folder, 'report.json');
  const config = join(folder, 'stryker.json');
  writeFileSync(
    config,
    JSON.stringify({
      mutate: [...places.map(mutated), `!${CORE}/**/*.test.ts`],
      mutator: { excludedMutations: LEFT_ALONE },
      plugins: [join(ROOT, 'node_modules/@stryker-mutator/jest-runner/dist/src/index.js')],
      testRunner: 'jest',
      jest: { configFile: 'packages/core/jest.config.cjs', enableFindRelatedTests: false },
      coverageAnalysis: 'perTest',
      ignoreStatic: true,
      concurrency: 2,
      reporters: ['json', 'clear-text', 'progress-append-only'],
      clearTextReporter: { logTests: false, reportTests: false, reportMutants: false },
      jsonReporter: { fileName: report },
      tempDirName: join(folder, 'sandbox'),
      ignorePatterns: ['test-results', 'docs', 'var', 'e2e', 'dist', 'apps/*/dist', 'packages/*/dist'],
      allowEmpty: false,
    }),
  );
  const { status } = spawnSync(
    process.execPath,
    [join(ROOT, 'node_modules/@stryker-mutator/core/bin/stryker.js'), 'run', config],
    {
      cwd: ROOT,
      stdio: 'inherit',
      // Who notices has to stand in the same folder.
      env: { ...process.env, SPROUT_TESTS_OF: [...new Set(places.map(folderOf))].join(','), SPROUT_SIMULATIONS: '20' },
    },
  );
  if (existsSync(report)) printSurvivors(JSON.parse(readFileSync(report, 'utf8')));
  rmSync(folder, { recursive: true, force: true });
  process.exit(status ?? 1);
}

function printSurvivors({ files }) {
  for (const [file, { mutants, source }] of Object.entries(files)) {
    const lines = source.split('\n');
    for (const { status, location, replacement, mutatorName } of mutants)
      if (status === 'Survived' || status === 'NoCoverage')
        console.log(
          `${file.replace(`${CORE}/`, '')}:${location.start.line} ${status === 'Survived' ? 'not noticed' : 'not run'}: ${mutatorName}\n` +
            `    ${lines[location.start.line - 1].trim()}\n    → ${replacement?.replace(/\s+/g, ' ').slice(0, 120) ?? ''}`,
        );
  }
}

try {
  main();
} catch (problem) {
  exitWith(problem);
}
