import 'reflect-metadata';
import { setClock } from '@bright-sprout/core/clock/clock';
import { DataSource } from 'typeorm';
import { Database } from './database/database';
import { databaseOptions } from './database/dataSource';
import { loadDemoPictures } from './demo/demoFilm';
import { FolderBlobStore } from './photos/blobStore';
import { readSettings } from './settings';
import { speakAsAsked } from './words/spoken';

/** Photographs the demo's pan beside the running application; then ends. */
async function photograph(): Promise<void> {
  speakAsAsked();
  const settings = readSettings();
  if (settings.startsAt) setClock(settings.startsAt);
  const dataSource = await new DataSource(databaseOptions(settings.databaseUrl)).initialize();
  await loadDemoPictures(new Database(dataSource), new FolderBlobStore(settings.blobFolder));
  await dataSource.destroy();
}

// Left by the command that started it.
process.once('disconnect', () => process.exit(1));

photograph()
  .then(() => process.exit(0))
  .catch((error: unknown) => {
    console.error(error instanceof Error ? error.message : error);
    process.exit(1);
  });
