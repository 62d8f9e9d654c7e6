import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** More than a height at the bench, questions with their answers, the plan's days, and a bench that can be closed. */
export class Bench1764000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE reading ADD COLUMN IF NOT EXISTS more text NULL, ADD COLUMN IF NOT EXISTS doubt text NULL');
    // A plant that was looked at without its height is measured all the same: something else was found.
    await runner.query(
      "ALTER TABLE reading DROP CONSTRAINT reading_rule_2, ADD CONSTRAINT reading_rule_2 CHECK ((state = 'measured') = (value_mm IS NOT NULL OR more IS NOT NULL))",
    );
    await runner.query(
      "ALTER TABLE plant_check DROP CONSTRAINT plant_check_rule_1, ADD CONSTRAINT plant_check_rule_1 CHECK (source IN ('bench', 'teacher', 'together', 'import', 'simulated'))",
    );
    await runner.query('ALTER TABLE plant_check ADD COLUMN IF NOT EXISTS day_reason varchar(200) NULL');
    await runner.query(
      "ALTER TABLE investigation ADD COLUMN IF NOT EXISTS bench text NULL, ADD COLUMN IF NOT EXISTS schedule text NOT NULL DEFAULT '[]', ADD COLUMN IF NOT EXISTS checking_closed_at datetime(3) NULL",
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE investigation DROP COLUMN checking_closed_at, DROP COLUMN schedule, DROP COLUMN bench');
    await runner.query('ALTER TABLE plant_check DROP COLUMN day_reason');
    await runner.query(
      "ALTER TABLE reading DROP CONSTRAINT reading_rule_2, ADD CONSTRAINT reading_rule_2 CHECK ((state = 'measured') = (value_mm IS NOT NULL))",
    );
    await runner.query('ALTER TABLE reading DROP COLUMN doubt, DROP COLUMN more');
  }
}
