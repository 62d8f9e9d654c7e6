import { type ChildProcess, spawn } from 'node:child_process';
import { join } from 'node:path';

/** The start command as a person gives it, from tests that look at it from outside. */

export const START = join(__dirname, '..', 'scripts', 'start.mjs');

export function start(env: Record<string, string>): { child: ChildProcess; said: () => string; ended: Promise<number> } {
  const child = spawn(process.execPath, [START], { env: { ...process.env, ...env } });
  let said = '';
  child.stdout.on('data', (chunk) => (said += chunk));
  child.stderr.on('data', (chunk) => (said += chunk));
  const ended = new Promise<number>((done) => child.once('exit', (code) => done(code ?? 1)));
  return { child, said: () => said, ended };
}

/** A first start makes a database and loads the demo, on a machine that has other things to do. */
export const STARTED = { timeout: 240_000 };

/** Where nothing is asked of the records. */
export const EMPTY = { SPROUT_DEMO: 'off' };

/** Where nothing is asked of pictures, which take the longest to load. */
export const NO_PICTURES = { SPROUT_DEMO: 'no-pictures' };
