import 'reflect-metadata';
import { type Server } from 'node:http';
import { setClock } from '@bright-sprout/core/clock/clock';
import { createApp } from './createApp';
import { readSettings, SettingsError } from './settings';

/** Longer than browsers and proxies keep a connection that rests: else one is used again in the moment in which it is closed. */
const RESTING_MS = 75_000;

async function main(): Promise<void> {
  const settings = readSettings();
  if (settings.startsAt) setClock(settings.startsAt);
  const app = await createApp(settings);
  // Started by another process and left by it: nothing is kept running that nobody can stop.
  process.once('disconnect', () => void app.close().finally(() => process.exit(0)));
  const server = app.getHttpServer() as Server;
  server.keepAliveTimeout = RESTING_MS;
  server.headersTimeout = RESTING_MS + 5000;
  await app.listen(settings.port, settings.host);
  process.send?.('ready');
}

main().catch((error: unknown) => {
  console.error(error instanceof SettingsError ? error.message : error);
  process.exit(1);
});
