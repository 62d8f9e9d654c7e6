// What the start and test commands share: where things are, installing node modules, knowing when to build.
import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
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

/** Runs `work` unless the stamp says that it was done for this very key. */
function once(stampFile, key, work) {
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === key) return false;
  work();
  mkdirSync(dirname(stampFile), { recursive: true });
  writeFileSync(stampFile, key);
  return true;
}

/** Installs node modules where they are missing or the lock file has changed. */
export function installModules() {
  const lock = hash(readFileSync(join(ROOT, 'package-lock.json')));
  once(join(ROOT, 'node_modules', '.installed'), lock, () => {
    console.log('Installing node modules …');
    const result = spawnSync('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'], {
      cwd: ROOT,
      stdio: ['ignore', 'ignore', 'pipe'],
      encoding: 'utf8',
    });
    if (result.status !== 0)
      throw new PlainError(`The node modules could not be installed: ${result.stderr.trim().split('\n').slice(-3).join(' ')}`);
  });
}

const SOURCES = ['packages', 'apps', 'tsconfig.base.json', 'package-lock.json'];

/** Names, sizes and times of every source file, as one key. */
function sourceKey() {
  const seen = [];
  const walk = (path) => {
    const stat = statSync(path);
    if (!stat.isDirectory()) return void seen.push(`${path} ${stat.size} ${stat.mtimeMs}`);
    for (const name of readdirSync(path).sort())
      if (!['node_modules', 'dist', 'test', 'fixtures'].includes(name) && !name.endsWith('.tsbuildinfo')) walk(join(path, name));
  };
  for (const source of SOURCES) walk(join(ROOT, source));
  return hash(seen.join('\n'));
}

/** Builds server and web where a source has changed since the last build. */
export function build() {
  return once(join(ROOT, 'apps', 'web', 'dist', '.built'), sourceKey(), () => {
    console.log('Building (half a minute the first time) …');
    try {
      execFileSync('npm', ['run', '--silent', 'build'], { cwd: ROOT, stdio: ['ignore', 'ignore', 'pipe'] });
    } catch (error) {
      throw new PlainError(`The build failed:\n${String(error.stderr).trim()}`);
    }
  });
}

/** Ends the process with one sentence for an expected trouble, with everything for an unexpected one. */
export function exitWith(error) {
  console.error(error instanceof PlainError ? error.message : error);
  process.exit(1);
}
