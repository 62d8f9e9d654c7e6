#!/usr/bin/env node
// Prints how far the core is from the answers computed with R, how often its intervals hold, what the bench questions
// catch, and how far the green of pictures is from the truth. npm run reference
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { exitWith, installModules, ROOT } from './project.mjs';

/** `npm run reference -- --short` simulates few classes, and compares two groups only. */
const SHORT = process.argv.includes('--short');
const SIMULATIONS = SHORT ? 20 : 2000;
const scientific = (value) => (value === 0 ? '0' : value.toExponential(1));

function collect(file) {
  const env = { ...process.env, SPROUT_REFERENCE: file, SPROUT_SIMULATIONS: String(SIMULATIONS), NODE_OPTIONS: '' };
  const reporting = join(ROOT, 'packages/core/test/reference.ts');
  const args = ['--selectProjects', 'core', '--silent', '--testTimeout', '600000'];
  args.push(...(SHORT ? ['core/src/statistics/twoGroups'] : ['--findRelatedTests', reporting]));
  const run = spawnSync(process.execPath, [join(ROOT, 'node_modules/jest/bin/jest.js'), ...args], {
    cwd: ROOT,
    env,
    encoding: 'utf8',
  });
  if (run.status !== 0) throw new Error(run.stderr);
  if (!existsSync(file)) throw new Error('The tests compared nothing.');
  return readFileSync(file, 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line));
}

function printDeviations(lines) {
  const functions = new Map();
  for (const line of lines) {
    const so = functions.get(line.function) ?? { values: 0, relative: 0, absolute: 0, allowed: 0 };
    functions.set(line.function, {
      values: so.values + 1,
      relative: Math.max(so.relative, line.relative),
      absolute: Math.max(so.absolute, line.absolute),
      allowed: Math.max(so.allowed, line.allowed),
    });
  }
  console.log('| function | values compared | largest relative deviation | largest absolute deviation | allowed, relative |');
  console.log('| --- | ---: | ---: | ---: | ---: |');
  for (const [name, d] of [...functions].sort())
    console.log(`| ${name} | ${d.values} | ${scientific(d.relative)} | ${scientific(d.absolute)} | ${scientific(d.allowed)} |`);
}

function printGreen(lines) {
  const lights = [...new Set(lines.map((l) => l.light))];
  console.log(
    `\n| soil | index | ${lights.map((l) => `light ${l}`).join(' | ')} |\n| --- | --- |${' --- |'.repeat(lights.length)}`,
  );
  for (const row of new Set(lines.map((l) => `${l.green} | ${l.index}`))) {
    const cells = lines
      .filter((l) => `${l.green} | ${l.index}` === row)
      .map(({ median, p95, refused, of }) =>
        [refused < of ? `${median.toFixed(1)} / ${p95.toFixed(1)}` : null, refused > 0 ? `${refused} of ${of} refused` : null]
          .filter(Boolean)
          .join(', '),
      );
    console.log(`| ${row} | ${cells.join(' | ')} |`);
  }
}

function main() {
  installModules({ tests: true });
  const folder = mkdtempSync(join(tmpdir(), 'sprout-reference-'));
  try {
    const lines = collect(join(folder, 'lines.jsonl'));
    printDeviations(lines.filter((l) => 'function' in l));
    console.log(`\n| 95 % interval, ${SIMULATIONS} simulated classes | holds the truth | answered |\n| --- | ---: | ---: |`);
    for (const l of lines.filter((line) => 'coverage' in line))
      console.log(`| ${l.coverage} | ${(100 * l.held).toFixed(1)} % | ${((100 * l.answered) / l.runs).toFixed(1)} % |`);
    for (const l of lines.filter((line) => 'plausibility' in line)) console.log(`\nQuestions at the bench:\n${l.plausibility}`);
    const green = lines.filter((line) => 'green' in line);
    if (green.length > 0) printGreen(green);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

try {
  main();
} catch (error) {
  exitWith(error);
}
