#!/usr/bin/env node
// Everything that has to hold, on a fresh machine too: lint, types, unit, server and browser tests; one last line counts them.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, installPackages, which } from './mariadb.mjs';
import { build, checkNode, exitWith, installModules, ROOT } from './project.mjs';

const reports = mkdtempSync(join(tmpdir(), 'sprout-reports-'));
const totals = { passed: 0, failed: 0 };
/** What failed, told once more where the run ends. */
const failures = [];

function count(name, passed, failed) {
  totals.passed += passed;
  totals.failed += failed;
  console.log(`\n${name}: ${passed} passed, ${failed} failed\n`);
}

async function run(command, args, env = {}) {
  const started = spawn(command, args, {
    cwd: ROOT,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, npm_config_loglevel: 'error', ...env },
  });
  const [status] = await once(started, 'exit');
  return status ?? 1;
}

/** A suite that either holds or does not. */
async function check(name, command, args) {
  const status = await run(command, args);
  count(name, status === 0 ? 1 : 0, status === 0 ? 0 : 1);
}

/** Every test of a browser report that did not end as it should, with what it said. */
const failedIn = ({ suites = [], specs = [] }) => [
  ...specs
    .filter((spec) => !spec.ok)
    .map((spec) => [
      `${spec.file}: ${spec.title}`,
      ...spec.tests.flatMap((t) => t.results).flatMap((r) => r.errors.map((e) => e.message)),
    ]),
  ...suites.flatMap(failedIn),
];

/** Reads a runner's report; a runner that ended badly without one counts as one failure. */
function readReport(file, status, read) {
  try {
    const { passed, failed, told } = read(JSON.parse(readFileSync(file, 'utf8')));
    failures.push(...told);
    return { passed, failed: failed === 0 && status !== 0 ? 1 : failed };
  } catch {
    return { passed: 0, failed: 1 };
  }
}

async function main() {
  checkNode();
  installModules({ tests: true });
  if (!which('mariadbd')) installPackages(['mariadb-server'], 'MariaDB');
  if (!which('chromium')) installPackages(['chromium'], 'Chromium');

  // Each of the two keeps one core busy.
  await Promise.all([check('Lint', 'npm', ['run', '--silent', 'lint']), check('Types', 'npm', ['run', '--silent', 'types'])]);

  const jest = join(reports, 'jest.json');
  const unit = readReport(jest, await run('npx', ['jest', '--json', `--outputFile=${jest}`]), (r) => ({
    passed: r.numPassedTests,
    failed: r.numFailedTests + r.numRuntimeErrorTestSuites,
    told: r.testResults.filter((t) => t.status === 'failed').map((t) => [t.name, t.message]),
  }));
  count('Unit and server', unit.passed, unit.failed);

  await build();
  const e2e = join(reports, 'e2e.json');
  const port = await freePort();
  const browser = readReport(
    e2e,
    await run('npx', ['playwright', 'test', '-c', 'e2e/playwright.config.ts'], { E2E_REPORT: e2e, E2E_PORT: String(port) }),
    (report) => ({
      passed: report.stats.expected + report.stats.flaky,
      failed: report.stats.unexpected,
      told: failedIn(report),
    }),
  );
  count('Browser', browser.passed, browser.failed);

  rmSync(reports, { recursive: true, force: true });
  for (const failure of failures) console.log(`${failure.join('\n').slice(0, 2500)}\n`);
  console.log(`${totals.passed} passed, ${totals.failed} failed`);
  process.exit(totals.failed === 0 ? 0 : 1);
}

main().catch(exitWith);
