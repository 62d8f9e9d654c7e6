import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** A team that is taken away can be brought back, with its PIN and all it said. */
export class TeamsTakenAway1764400000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE team ADD COLUMN IF NOT EXISTS removed_at datetime(3) NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE team DROP COLUMN removed_at');
  }
}
