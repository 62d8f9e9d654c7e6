import { type Finding } from '@bright-sprout/core/measures/finding';
import { type ObjectLiteral } from 'typeorm';
import { type Database } from '../database/database';
import { FindingEntity } from './finding.entity';
import { ReadingEntity } from './reading.entity';

/** Rows in one statement; a few hundred kilobytes. */
const CHUNK = 1000;

/** A reading as it is put into the database, with what it found. */
export type NewReading = Pick<ReadingEntity, 'id' | 'checkId' | 'plant' | 'state'> &
  Partial<Pick<ReadingEntity, 'doubt' | 'lostReason' | 'note' | 'supersedesId'>> & { findings: readonly Finding[] };

/** Told of rows that were written; may throw to end it. */
type Written = (rows: number) => void;

/** The one way in which readings come into the database: each with its findings, corrections after what they correct. */
export async function insertReadings(db: Database, readings: readonly NewReading[], written: Written = () => {}): Promise<void> {
  await insertInChunks(
    db,
    ReadingEntity,
    readings.map(({ findings: _findings, ...row }) => row),
    written,
  );
  await insertInChunks(
    db,
    FindingEntity,
    readings.flatMap(({ id, findings }) => findings.map((f) => ({ ...f, readingId: id }))),
    written,
  );
}

/** Many rows in statements of a bounded size. Rows are written as they are: what a row does not say is null. */
export async function insertInChunks<T extends ObjectLiteral>(
  db: Database,
  entity: new () => T,
  rows: readonly Partial<T>[],
  written: Written = () => {},
): Promise<void> {
  const { metadata, manager } = db.of(entity);
  const { driver } = manager.connection;
  const columns = metadata.columns.filter((c) => rows.some((r) => r[c.propertyName] !== undefined));
  const names = columns.map((c) => driver.escape(c.databaseName)).join(', ');
  for (let from = 0; from < rows.length; from += CHUNK) {
    const part = rows.slice(from, from + CHUNK);
    const values = part.map((row) =>
      columns.map((c) => (driver.preparePersistentValue(row[c.propertyName], c) as unknown) ?? null),
    );
    await db.query(`INSERT INTO ${driver.escape(metadata.tableName)} (${names}) VALUES ?`, [values]);
    written(part.length);
  }
}
