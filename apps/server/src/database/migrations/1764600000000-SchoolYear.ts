import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** School days and holidays are typed once for a class. */
export class SchoolYear1764600000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE class_group ADD COLUMN IF NOT EXISTS school_year text NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE class_group DROP COLUMN school_year');
  }
}
