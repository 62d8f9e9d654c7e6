#!/usr/bin/env node
// One command from an empty machine to a running application; safe to run again.
import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import http from 'node:http';
import https from 'node:https';
import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { networkInterfaces } from 'node:os';
import { join, resolve } from 'node:path';
import { PlainError, portIsFree, freePort, startMariadb } from './mariadb.mjs';
import { end, processesOn } from './ownProcesses.mjs';
import { build, checkNode, exitWith, installModules, ROOT } from './project.mjs';

const dataDir = resolve(ROOT, process.env.SPROUT_DATA_DIR ?? 'var');
const port = Number(process.env.PORT ?? 4310);
/** `npm start -- --room`: tablets and phones in the room may come in. */
const forTheRoom = process.argv.includes('--room');
const host = process.env.HOST ?? (forTheRoom ? '0.0.0.0' : '127.0.0.1');
/** Served over HTTPS where a certificate is given. */
const scheme = process.env.SPROUT_TLS_CERT ? 'https' : 'http';
/** Where this machine itself opens it. */
const ownHost = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host;
const url = `${scheme}://${ownHost.includes(':') ? `[${ownHost}]` : ownHost}:${port}`;
/** Says who runs on this data folder, and where. */
const runningFile = join(dataDir, 'running.json');

/** So often a database that ended by itself is brought back, in so many minutes. */
const MOST_RESTARTS = 5;
const RESTARTS_WITHIN_MS = 600_000;

/** The secret that seals PINs: given, or made once and kept beside the data. */
function secret() {
  if (process.env.SPROUT_SECRET) return process.env.SPROUT_SECRET;
  const file = join(dataDir, 'secret');
  if (!existsSync(file)) writeWhole(file, randomBytes(32).toString('hex'));
  return readFileSync(file, 'utf8').trim();
}

/** A file that is there as a whole, or not at all. */
function writeWhole(file, text) {
  writeFileSync(`${file}.new`, text, { mode: 0o600 });
  renameSync(`${file}.new`, file);
}

function makeDataDir() {
  try {
    mkdirSync(dataDir, { recursive: true });
    writeFileSync(join(dataDir, '.writable'), '');
  } catch (error) {
    throw new PlainError(`The data folder ${dataDir} cannot be written (${error.code}). Give SPROUT_DATA_DIR another folder.`);
  }
}

/** What runs on this folder already: the address where it is whole; what is left over of an earlier run is ended. */
async function whatRunsAlready() {
  const there = processesOn(dataDir);
  if (there.some((p) => p.kind === 'start')) {
    const { url: address } = existsSync(runningFile) ? JSON.parse(readFileSync(runningFile, 'utf8')) : {};
    return address ? `at ${address}` : 'and is still starting';
  }
  const kinds = [there.filter((p) => p.kind === 'server'), there.filter((p) => p.kind === 'database')];
  if (there.length > 0) console.log('Ending what an earlier run left behind …');
  for (const kind of kinds) await end(kind.map((p) => p.pid));
  rmSync(runningFile, { force: true });
  return null;
}

/** A port for something beside the application, whose own is free too until it listens. */
async function otherPort() {
  for (;;) {
    const found = await freePort();
    if (found !== port) return found;
  }
}

/** Asked on this machine, whose own certificate need not name it. */
const isHealthy = () =>
  new Promise((resolve) => {
    const { get } = scheme === 'https' ? https : http;
    get(
      `${url}/api/health`,
      { rejectUnauthorized: false },
      (answer) => (answer.resume(), resolve(answer.statusCode === 200)),
    ).once('error', () => resolve(false));
  });

async function waitUntilReady(child) {
  let over = false;
  child.once('exit', () => (over = true));
  for (let tries = 0; tries < 1200; tries++) {
    if (over) throw new PlainError('The server stopped while starting; its reason stands above.');
    if (await isHealthy()) return;
    await new Promise((next) => setTimeout(next, 100));
  }
  throw new PlainError('The server did not become ready within two minutes.');
}

let database = null;
/** It may still be getting ready when all is stopped. */
let gettingReady = null;
const children = [];
let stopping = null;

/** Ends everything in order: what uses the database first. */
function stop(code) {
  return (stopping ??= (async () => {
    const living = children.filter((c) => c.exitCode === null && c.signalCode === null && c.pid);
    await end(
      living.map((c) => c.pid),
      5000,
    );
    await gettingReady?.catch(() => undefined);
    await database?.stop();
    rmSync(runningFile, { force: true });
    process.exit(code);
  })());
}

/**
 * A program of ours in its own process group, so that Ctrl-C reaches this process alone, which then ends all in order. It holds a
 * line to this process, and ends by itself when that breaks.
 */
function child(script, env, stdio = ['ignore', 'inherit', 'inherit', 'ipc']) {
  const made = spawn(process.execPath, [join(ROOT, script)], { env, stdio, detached: true });
  children.push(made);
  return made;
}

/** Brings the database back where only that has ended. */
function keepDatabase(folder) {
  const ends = [];
  const watch = () =>
    void database.exited.then(async (code) => {
      if (stopping) return;
      const now = performance.now();
      ends.push(now);
      if (ends.filter((t) => now - t < RESTARTS_WITHIN_MS).length > MOST_RESTARTS) {
        console.error(
          `The database ended ${MOST_RESTARTS + 1} times in ten minutes (exit ${code}). Its log is ${folder}/error.log.`,
        );
        return stop(1);
      }
      console.error(`The database ended by itself (exit ${code}); starting it again.`);
      try {
        database = await startMariadb({ dataDir: folder, port: database.port });
        watch();
      } catch (error) {
        console.error(error.message);
        await stop(1);
      }
    });
  watch();
}

/** Run by npm and left by it: what was to end with it ends too. */
function endWithNpm() {
  if (!process.env.npm_lifecycle_event) return;
  const parent = process.ppid;
  setInterval(() => process.ppid !== parent && void stop(0), 500).unref();
}

/** The addresses that devices in the room open, or how they are let in. */
function inTheRoom() {
  const require = createRequire(import.meta.url);
  const { ownAddresses } = require('@bright-sprout/core/wayIn/ownAddresses');
  const cards = Object.values(networkInterfaces()).flat();
  const addresses = ownAddresses({ said: process.env.SPROUT_ADDRESS || null, scheme, host, port, cards });
  if (addresses.length === 0) return 'This machine only; for devices in the room: npm start -- --room\n';
  return `In the room:   ${addresses.join(' or ')}\n`;
}

/** The private database in the data folder: its address. */
async function ownDatabase() {
  const folder = join(dataDir, 'mariadb');
  gettingReady = otherPort().then((free) => startMariadb({ dataDir: folder, port: free }));
  database = await gettingReady;
  keepDatabase(folder);
  return database.url('bright_sprout');
}

async function main() {
  checkNode();
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new PlainError(`PORT is “${process.env.PORT}”; it must be a number from 1 to 65535.`);
  makeDataDir();
  const already = await whatRunsAlready();
  if (already) {
    console.log(`Bright Sprout runs on ${dataDir} already, ${already}. Ctrl-C in its window stops it.`);
    return;
  }
  if (!(await portIsFree(port, host)))
    throw new PlainError(`Port ${port} is in use by another program. Choose another: PORT=4311 npm start`);
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));
  endWithNpm();
  try {
    installModules();
    // The database gets ready while the application is built.
    const [databaseUrl] = await Promise.all([process.env.DATABASE_URL ?? ownDatabase(), build()]);
    // The demo has a simulated sensor box in its room; a real one is named by SPROUT_SENSOR_URL.
    let sensorUrl = '';
    if (!process.env.SPROUT_SENSOR_URL && process.env.SPROUT_DEMO !== 'off') {
      const sensorPort = await otherPort();
      sensorUrl = `http://127.0.0.1:${sensorPort}`;
      child('scripts/sensorBox.mjs', { ...process.env, SENSOR_PORT: String(sensorPort) }, ['ignore', 'ignore', 'ignore', 'ipc']);
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
    const preparing = child('apps/server/dist/prepare.js', env);
    const prepared = await new Promise((next) => preparing.once('exit', next));
    if (stopping) return;
    if (prepared !== 0) throw new PlainError('The database could not be prepared; its reason stands above.');
    const server = child('apps/server/dist/main.js', env);
    server.once('exit', (code) => stopping ?? (console.error(`The server stopped unexpectedly (exit ${code}).`), stop(1)));
    await waitUntilReady(server);
    writeWhole(runningFile, JSON.stringify({ url }));
    const { signIns } = await import('./demoSignIns.mjs');
    console.log(
      `\nBright Sprout is ready: ${url}\n${inTheRoom()}${process.env.SPROUT_DEMO === 'off' ? '' : signIns(url)}\nCtrl-C stops it.`,
    );
    // Pictures take longer than the rest of the demo, and come while it can be looked at already.
    if ((process.env.SPROUT_DEMO ?? 'on') === 'on') child('apps/server/dist/demoPictures.js', env);
  } catch (error) {
    if (!stopping) console.error(error instanceof PlainError ? error.message : error);
    await stop(1);
  }
}

main().catch(exitWith);
