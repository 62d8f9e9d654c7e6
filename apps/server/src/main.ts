import 'reflect-metadata';
import { createApp } from './createApp';
import { readSettings, SettingsError } from './settings';

async function main(): Promise<void> {
  const settings = readSettings();
  const app = await createApp(settings);
  await app.listen(settings.port, settings.host);
  process.send?.('ready');
}

main().catch((error: unknown) => {
  console.error(error instanceof SettingsError ? error.message : error);
  process.exit(1);
});
