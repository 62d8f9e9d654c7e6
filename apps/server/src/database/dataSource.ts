import { type DataSourceOptions } from 'typeorm';
import { ENTITIES } from './entities';
import { Baseline1765300000000 } from './migrations/1765300000000-Baseline';

/** One place says how the database is reached: UTC, days as text, migrations only. */
export function databaseOptions(url: string): DataSourceOptions {
  return {
    type: 'mariadb',
    url,
    entities: ENTITIES,
    migrations: [Baseline1765300000000],
    migrationsTableName: 'migration',
    synchronize: false,
    timezone: 'Z',
    dateStrings: ['DATE'],
    charset: 'utf8mb4',
    poolSize: 12,
    // A stack taken for each of a hundred statements a second costs more than it ever told.
    extra: { trace: false },
  } as DataSourceOptions;
}
