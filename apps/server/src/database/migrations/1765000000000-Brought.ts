import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Records that came as a table keep what was said of it: how it was read, and how its treatments are made. */
export class Brought1765000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE investigation ADD COLUMN IF NOT EXISTS brought text NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE investigation DROP COLUMN brought');
  }
}
