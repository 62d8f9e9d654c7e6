import 'reflect-metadata';
import { setClock } from '@bright-sprout/core/clock/clock';
import { createApp } from './createApp';
import { readSettings, SettingsError } from './settings';

async function main(): Promise<void> {
  const settings = readSettings();
  if (settings.startsAt) setClock(settings.startsAt);
  const app = await createApp(settings);
  // Started by another process and left by it: nothing is kept running that nobody can stop.
  process.once('disconnect', () => void app.close().finally(() => process.exit(0)));
  await app.listen(settings.port, settings.host);
  process.send?.('ready');
}

main().catch((error: unknown) => {
  console.error(error instanceof SettingsError ? error.message : error);
  process.exit(1);
});
