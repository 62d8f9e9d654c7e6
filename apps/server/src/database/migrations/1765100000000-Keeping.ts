import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** What is deleted goes on a day that is told, and can be taken back until then; how long things are kept is said by the school. */
export class Keeping1765100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'ALTER TABLE school ADD COLUMN IF NOT EXISTS undo_days int NOT NULL DEFAULT 30, ADD COLUMN IF NOT EXISTS picture_days int NULL',
    );
    for (const table of ['teacher', 'class_group', 'investigation', 'photo'])
      await runner.query(`ALTER TABLE ${table} ADD COLUMN IF NOT EXISTS goes_at datetime(3) NULL`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['teacher', 'class_group', 'investigation', 'photo'])
      await runner.query(`ALTER TABLE ${table} DROP COLUMN goes_at`);
    await runner.query('ALTER TABLE school DROP COLUMN undo_days, DROP COLUMN picture_days');
  }
}
