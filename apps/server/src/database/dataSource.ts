import { type DataSourceOptions } from 'typeorm';
import { ENTITIES } from './entities';
import { FirstTables1763900000000 } from './migrations/1763900000000-FirstTables';
import { EndsOfRecords1763930000000 } from './migrations/1763930000000-EndsOfRecords';
import { Plans1763940000000 } from './migrations/1763940000000-Plans';
import { SeedShelf1763950000000 } from './migrations/1763950000000-SeedShelf';
import { Predictions1763960000000 } from './migrations/1763960000000-Predictions';
import { Sowing1763970000000 } from './migrations/1763970000000-Sowing';
import { KindsAndSowings1763980000000 } from './migrations/1763980000000-KindsAndSowings';
import { Care1763990000000 } from './migrations/1763990000000-Care';
import { Bench1764000000000 } from './migrations/1764000000000-Bench';
import { Running1764010000000 } from './migrations/1764010000000-Running';
import { Together1764020000000 } from './migrations/1764020000000-Together';
import { Outlook1764030000000 } from './migrations/1764030000000-Outlook';
import { Findings1764100000000 } from './migrations/1764100000000-Findings';
import { AfterTheEnd1764200000000 } from './migrations/1764200000000-AfterTheEnd';
import { WhatCameNew1764300000000 } from './migrations/1764300000000-WhatCameNew';
import { TeamsTakenAway1764400000000 } from './migrations/1764400000000-TeamsTakenAway';
import { RequestsOfAll1764500000000 } from './migrations/1764500000000-RequestsOfAll';
import { SchoolYear1764600000000 } from './migrations/1764600000000-SchoolYear';
import { PotsAndSeeds1764700000000 } from './migrations/1764700000000-PotsAndSeeds';
import { SavedQuestions1764800000000 } from './migrations/1764800000000-SavedQuestions';
import { Conclude1764900000000 } from './migrations/1764900000000-Conclude';
import { Brought1765000000000 } from './migrations/1765000000000-Brought';
import { Keeping1765100000000 } from './migrations/1765100000000-Keeping';
import { Films1765200000000 } from './migrations/1765200000000-Films';
import { Photos1764040000000 } from './migrations/1764040000000-Photos';

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
      KindsAndSowings1763980000000,
      Care1763990000000,
      Bench1764000000000,
      Running1764010000000,
      Together1764020000000,
      Outlook1764030000000,
      Photos1764040000000,
      Findings1764100000000,
      AfterTheEnd1764200000000,
      WhatCameNew1764300000000,
      TeamsTakenAway1764400000000,
      RequestsOfAll1764500000000,
      SchoolYear1764600000000,
      PotsAndSeeds1764700000000,
      SavedQuestions1764800000000,
      Conclude1764900000000,
      Brought1765000000000,
      Keeping1765100000000,
      Films1765200000000,
    ],
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
