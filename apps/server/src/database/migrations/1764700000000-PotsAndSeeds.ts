import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Eight treatments instead of six; pots that stand in reserve, pots of which each is a child's own, and seeds that were counted. */
export class PotsAndSeeds1764700000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE treatment DROP CONSTRAINT IF EXISTS treatment_rule_1');
    await runner.query("ALTER TABLE treatment ADD CONSTRAINT treatment_rule_1 CHECK (code BETWEEN 'A' AND 'H')");
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
    await runner.query('ALTER TABLE treatment DROP CONSTRAINT treatment_rule_1');
    await runner.query("ALTER TABLE treatment ADD CONSTRAINT treatment_rule_1 CHECK (code BETWEEN 'A' AND 'F')");
  }
}
