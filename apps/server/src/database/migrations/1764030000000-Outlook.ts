import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** What a sown plan lets expect of the days to come. */
export class Outlook1764030000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE investigation ADD COLUMN IF NOT EXISTS outlook text NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE investigation DROP COLUMN outlook');
  }
}
