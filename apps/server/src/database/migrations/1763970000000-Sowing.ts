import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** The run sheet an investigation was sown by, and what went otherwise. */
export class Sowing1763970000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE investigation ADD COLUMN IF NOT EXISTS run_sheet text NOT NULL DEFAULT '[]'");
    await runner.query(`CREATE TABLE IF NOT EXISTS \`deviation\` (
      id uuid NOT NULL,
      container_id uuid NOT NULL,
      team_id uuid NULL,
      kind varchar(20) NOT NULL,
      note varchar(200) NULL,
      recorded_at datetime(3) NOT NULL,
      taken_back_at datetime(3) NULL,
      INDEX deviation_container (container_id),
      PRIMARY KEY (id)
    ) ENGINE=InnoDB`);
    await runner.query(
      'ALTER TABLE deviation ADD CONSTRAINT FK_a7febc5f9bef04962a91756d5cc FOREIGN KEY IF NOT EXISTS (container_id) REFERENCES container(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await runner.query(
      'ALTER TABLE deviation ADD CONSTRAINT FK_1c2970ebf1992bc9f926b924c81 FOREIGN KEY IF NOT EXISTS (team_id) REFERENCES team(id) ON DELETE SET NULL ON UPDATE NO ACTION',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE deviation');
    await runner.query('ALTER TABLE investigation DROP COLUMN run_sheet');
  }
}
