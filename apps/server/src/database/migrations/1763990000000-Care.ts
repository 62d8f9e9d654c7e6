import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** What is done for the plants between checks. */
export class Care1763990000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS \`care_event\` (
      id uuid NOT NULL,
      investigation_id uuid NOT NULL,
      team_id uuid NULL,
      kind varchar(20) NOT NULL,
      task varchar(60) NOT NULL,
      day date NOT NULL,
      amount_ml double NULL,
      skipped tinyint NOT NULL DEFAULT 0,
      note varchar(200) NULL,
      recorded_at datetime(3) NOT NULL,
      taken_back_at datetime(3) NULL,
      INDEX care_event_investigation (investigation_id),
      PRIMARY KEY (id)
    ) ENGINE=InnoDB`);
    await runner.query(
      'ALTER TABLE care_event ADD CONSTRAINT FK_1c158f03819c45beadfb3349627 FOREIGN KEY IF NOT EXISTS (investigation_id) REFERENCES investigation(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await runner.query(
      'ALTER TABLE care_event ADD CONSTRAINT FK_f4112f6b5716197199b809dd16b FOREIGN KEY IF NOT EXISTS (team_id) REFERENCES team(id) ON DELETE SET NULL ON UPDATE NO ACTION',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE care_event');
  }
}
