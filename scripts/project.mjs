// What the start and test commands share: where things are, installing node modules, knowing when to build.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { once } from 'node:events';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { PlainError } from './mariadb.mjs';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    throw new PlainError(`Bright Sprout needs Node.js 20.19 or newer; this is ${process.versions.node}.`);
}

const hash = (text) => createHash('sha256').update(text).digest('hex');

/**
 * Installs node modules where they are missing or the lock file has changed: those with which the application is built and run, or with
 * `tests` those of its tests as well.
 */
export function installModules({ tests = false } = {}) {
  const lock = hash(readFileSync(join(ROOT, 'package-lock.json')));
  const stamp = join(ROOT, 'node_modules', '.installed');
  const there = existsSync(stamp) ? readFileSync(stamp, 'utf8') : '';
  // What was installed for the tests runs the application too.
  if (there === `${lock} tests` || (there === lock && !tests)) return;
  console.log('Installing node modules …');
  // What somebody has installed for tests is not taken away.
  const which = tests || existsSync(join(ROOT, 'node_modules', 'jest')) ? [] : ['--omit=dev'];
  const result = spawnSync('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error', ...which], {
    cwd: ROOT,
    stdio: ['ignore', 'ignore', 'pipe'],
    encoding: 'utf8',
  });
  if (result.status !== 0)
    throw new PlainError(`The node modules could not be installed: ${result.stderr.trim().split('\n').slice(-3).join(' ')}`);
  writeFileSync(stamp, tests ? `${lock} tests` : lock);
}

const SOURCES = ['packages', 'apps', 'tsconfig.base.json', 'package-lock.json'];

/** Names, sizes and times of every source file, as one key. */
function sourceKey() {
  const seen = [];
  const walk = (path) => {
    const stat = statSync(path);
    if (!stat.isDirectory()) return void seen.push(`${path} ${stat.size} ${stat.mtimeMs}`);
    for (const name of readdirSync(path).sort())
      if (
        !['node_modules', 'dist', 'test', 'fixtures', 'compiled', 'messages.ts'].includes(name) &&
        !name.endsWith('.tsbuildinfo')
      )
        walk(join(path, name));
  };
  for (const source of SOURCES) walk(join(ROOT, source));
  return hash(seen.join('\n'));
}

/** Builds server and web, side by side, where a source has changed since the last build. */
export async function build() {
  const stamp = join(ROOT, 'apps', 'web', 'dist', '.built');
  const key = sourceKey();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === key) return;
  console.log('Building (half a minute the first time) …');
  const script = async (name) => {
    const running = spawn('npm', ['run', '--silent', name], { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    for (const stream of [running.stdout, running.stderr])
      stream.on('data', (piece) => (said = `${said}${piece}`.slice(-20_000)));
    const [code] = await once(running, 'exit');
    if (code !== 0) throw new PlainError(`The build failed:\n${said.trim()}`);
  };
  await script('words');
  await Promise.all([script('build:server'), script('build:web')]);
  writeFileSync(stamp, key);
}

/** Ends the process with one sentence for an expected trouble, with everything for an unexpected one. */
export function exitWith(error) {
  console.error(error instanceof PlainError ? error.message : error);
  process.exit(1);
}
