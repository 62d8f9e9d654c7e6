import { type Finding } from '@bright-sprout/core/measures/finding';
import { type Database } from '../database/database';
import { type ObjectLiteral } from 'typeorm';
import { FindingEntity } from './finding.entity';
import { ReadingEntity } from './reading.entity';

const CHUNK = 500;

/** A reading as it is put into the database, with what it found. */
export type NewReading = Pick<ReadingEntity, 'id' | 'checkId' | 'plant' | 'state'> &
  Partial<Pick<ReadingEntity, 'doubt' | 'lostReason' | 'note' | 'supersedesId'>> & { findings: readonly Finding[] };

/** The one way in which readings come into the database: each with its findings, corrections after what they correct. */
export async function insertReadings(db: Database, readings: readonly NewReading[]): Promise<void> {
  await insertInChunks(
    db,
    ReadingEntity,
    readings.map(({ findings: _findings, ...row }) => row),
  );
  await insertInChunks(
    db,
    FindingEntity,
    readings.flatMap(({ id, findings }) => findings.map((f) => ({ ...f, readingId: id }))),
  );
}

/** Many rows in statements of a bounded size. */
export async function insertInChunks<T extends ObjectLiteral>(
  db: Database,
  entity: new () => T,
  rows: readonly Partial<T>[],
): Promise<void> {
  for (let from = 0; from < rows.length; from += CHUNK) await db.of(entity).insert(rows.slice(from, from + CHUNK) as never);
}
