#!/usr/bin/env node
// Watch mode: the started application as API on its port, the web application rebuilt on every change on Vite's.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from './project.mjs';

const options = { cwd: ROOT, stdio: 'inherit' };
const children = [
  spawn(process.execPath, [join(ROOT, 'scripts/start.mjs')], options),
  spawn('npx', ['tsc', '-b', 'apps/server', '--watch', '--preserveWatchOutput'], options),
  spawn('npm', ['run', 'dev', '-w', 'apps/web'], options),
];
console.log('Changes of the server show after stopping and starting again; changes of the web application at once.');
process.on('SIGINT', () => children.forEach((child) => child.kill('SIGINT')));
for (const child of children) child.once('exit', () => children.forEach((other) => other.kill('SIGINT')));
