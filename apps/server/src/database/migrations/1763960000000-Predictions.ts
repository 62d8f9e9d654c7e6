import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** What teams expect of a plan, one answer each. */
export class Predictions1763960000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS \`prediction\` (
      id uuid NOT NULL,
      plan_id uuid NOT NULL,
      team_id uuid NOT NULL,
      first_sprout_day int NULL,
      height_mm double NULL,
      winner char(1) NULL,
      recorded_at datetime(3) NOT NULL,
      UNIQUE INDEX prediction_team (plan_id, team_id),
      PRIMARY KEY (id)
    ) ENGINE=InnoDB`);
    await runner.query(
      'ALTER TABLE prediction ADD CONSTRAINT FK_742020f6444a64ed717f9316770 FOREIGN KEY IF NOT EXISTS (plan_id) REFERENCES plan(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await runner.query(
      'ALTER TABLE prediction ADD CONSTRAINT FK_bfdc1425aab36661e67de0bc77c FOREIGN KEY IF NOT EXISTS (team_id) REFERENCES team(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE prediction');
  }
}
