import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Kinds side by side have a kind each; staggered sowings a day each. */
export class KindsAndSowings1763980000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE treatment ADD COLUMN IF NOT EXISTS species_id varchar(60) NULL');
    await runner.query('ALTER TABLE container ADD COLUMN IF NOT EXISTS sown_on date NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE container DROP COLUMN sown_on');
    await runner.query('ALTER TABLE treatment DROP COLUMN species_id');
  }
}
