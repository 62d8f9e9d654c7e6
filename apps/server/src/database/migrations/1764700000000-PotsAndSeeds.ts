import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Pots that stand in reserve, pots of which each is a child's own, and seeds that were counted. */
export class PotsAndSeeds1764700000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE container ADD COLUMN IF NOT EXISTS in_reserve tinyint NOT NULL DEFAULT 0');
    await runner.query('ALTER TABLE container ADD COLUMN IF NOT EXISTS child_number int NULL');
    await runner.query('ALTER TABLE deviation ADD COLUMN IF NOT EXISTS seeds int NULL');
    await runner.query('ALTER TABLE run_change ADD COLUMN IF NOT EXISTS replaces varchar(40) NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE run_change DROP COLUMN replaces');
    await runner.query('ALTER TABLE deviation DROP COLUMN seeds');
    await runner.query('ALTER TABLE container DROP COLUMN child_number');
    await runner.query('ALTER TABLE container DROP COLUMN in_reserve');
  }
}
