import { type DataSourceOptions } from 'typeorm';
import { ENTITIES } from './entities';
import { FirstTables1763900000000 } from './migrations/1763900000000-FirstTables';
import { EndsOfRecords1763930000000 } from './migrations/1763930000000-EndsOfRecords';
import { Plans1763940000000 } from './migrations/1763940000000-Plans';
import { SeedShelf1763950000000 } from './migrations/1763950000000-SeedShelf';
import { Predictions1763960000000 } from './migrations/1763960000000-Predictions';
import { Sowing1763970000000 } from './migrations/1763970000000-Sowing';

/** One place says how the database is reached: UTC, days as text, migrations only. */
export function databaseOptions(url: string): DataSourceOptions {
  return {
    type: 'mariadb',
    url,
    entities: ENTITIES,
    migrations: [
      FirstTables1763900000000,
      EndsOfRecords1763930000000,
      Plans1763940000000,
      SeedShelf1763950000000,
      Predictions1763960000000,
      Sowing1763970000000,
    ],
    migrationsTableName: 'migration',
    synchronize: false,
    timezone: 'Z',
    dateStrings: ['DATE'],
    charset: 'utf8mb4',
    poolSize: 12,
  } as DataSourceOptions;
}
