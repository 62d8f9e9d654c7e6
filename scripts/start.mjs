#!/usr/bin/env node
// One command from an empty machine to a running application; safe to run again.
import { spawn, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { PlainError, portIsFree, freePort, startMariadb } from './mariadb.mjs';
import { build, checkNode, exitWith, installModules, ROOT } from './project.mjs';

const dataDir = resolve(ROOT, process.env.SPROUT_DATA_DIR ?? 'var');
const port = Number(process.env.PORT ?? 4310);
const host = process.env.HOST ?? '127.0.0.1';

/** The secret that seals PINs: given, or made once and kept beside the data. */
function secret() {
  if (process.env.SPROUT_SECRET) return process.env.SPROUT_SECRET;
  const file = join(dataDir, 'secret');
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600 });
  return readFileSync(file, 'utf8').trim();
}

function makeDataDir() {
  try {
    mkdirSync(dataDir, { recursive: true });
    writeFileSync(join(dataDir, '.writable'), '');
  } catch (error) {
    throw new PlainError(`The data folder ${dataDir} cannot be written (${error.code}). Give SPROUT_DATA_DIR another folder.`);
  }
}

async function waitUntilReady(child, url) {
  let over = false;
  child.once('exit', () => (over = true));
  for (let tries = 0; tries < 300; tries++) {
    if (over) throw new PlainError('The server stopped while starting; its reason stands above.');
    if (
      await fetch(`${url}/api/health`).then(
        (r) => r.ok,
        () => false,
      )
    )
      return;
    await new Promise((next) => setTimeout(next, 100));
  }
  throw new PlainError('The server did not become ready within 30 seconds.');
}

async function main() {
  checkNode();
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new PlainError(`PORT is “${process.env.PORT}”; it must be a number from 1 to 65535.`);
  if (!(await portIsFree(port, host)))
    throw new PlainError(`Port ${port} is in use. Stop what uses it, or choose another: PORT=4311 npm start`);
  makeDataDir();
  installModules();
  build();

  let database = null;
  let server = null;
  let sensor = null;
  let stopping = null;
  const stop = (code) =>
    (stopping ??= (async () => {
      if (server && server.exitCode === null && server.signalCode === null) {
        const ended = new Promise((next) => server.once('exit', next));
        server.kill('SIGTERM');
        const late = setTimeout(() => server.kill('SIGKILL'), 5000);
        await ended;
        clearTimeout(late);
      }
      sensor?.kill('SIGTERM');
      await database?.stop();
      process.exit(code);
    })());
  process.on('SIGINT', () => void stop(0));
  process.on('SIGTERM', () => void stop(0));

  try {
    let databaseUrl = process.env.DATABASE_URL;
    if (!databaseUrl) {
      database = await startMariadb({ dataDir: join(dataDir, 'mariadb'), port: await freePort() });
      databaseUrl = database.url('bright_sprout');
      void database.exited.then(
        (code) => stopping ?? (console.error(`The database stopped unexpectedly (exit ${code}).`), stop(1)),
      );
    }
    // The demo has a simulated sensor box in its room; a real one is named by SPROUT_SENSOR_URL.
    let sensorUrl = '';
    if (!process.env.SPROUT_SENSOR_URL && process.env.SPROUT_DEMO !== 'off') {
      const sensorPort = await freePort();
      sensorUrl = `http://127.0.0.1:${sensorPort}`;
      sensor = spawn(process.execPath, [join(ROOT, 'scripts/sensorBox.mjs')], {
        env: { ...process.env, SENSOR_PORT: String(sensorPort) },
        stdio: 'ignore',
        detached: true,
      });
    }
    const env = {
      ...process.env,
      DATABASE_URL: databaseUrl,
      SPROUT_DATA_DIR: dataDir,
      SPROUT_SECRET: secret(),
      PORT: String(port),
      HOST: host,
      NODE_ENV: 'production',
      SPROUT_SENSOR_URL: process.env.SPROUT_SENSOR_URL ?? sensorUrl,
    };
    const prepared = spawnSync(process.execPath, [join(ROOT, 'apps/server/dist/prepare.js')], {
      env,
      stdio: ['ignore', 'inherit', 'inherit'],
    });
    if (prepared.status !== 0) throw new PlainError('The database could not be prepared; its reason stands above.');
    // Its own process group: Ctrl-C reaches this process alone, which then stops both in order.
    server = spawn(process.execPath, [join(ROOT, 'apps/server/dist/main.js')], {
      env,
      stdio: ['ignore', 'inherit', 'inherit'],
      detached: true,
    });
    server.once('exit', (code) => stopping ?? (console.error(`The server stopped unexpectedly (exit ${code}).`), stop(1)));
    const url = `http://${host.includes(':') ? `[${host}]` : host}:${port}`;
    await waitUntilReady(server, url);
    const { signIns } = await import('./demoSignIns.mjs');
    console.log(`\nBright Sprout is ready: ${url}\n${process.env.SPROUT_DEMO === 'off' ? '' : signIns(url)}\nCtrl-C stops it.`);
  } catch (error) {
    console.error(error instanceof PlainError ? error.message : error);
    await stop(1);
  }
}

main().catch(exitWith);
