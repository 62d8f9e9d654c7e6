import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Changes while an investigation grows, screens that may look on, and the record of the room. */
export class Running1764010000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS \`run_change\` (
      id uuid NOT NULL,
      container_id uuid NOT NULL,
      kind varchar(20) NOT NULL,
      from_team uuid NULL,
      to_team uuid NULL,
      note varchar(200) NULL,
      recorded_at datetime(3) NOT NULL,
      undone_at datetime(3) NULL,
      INDEX run_change_container (container_id),
      PRIMARY KEY (id)
    ) ENGINE=InnoDB`);
    await runner.query(`CREATE TABLE IF NOT EXISTS \`screen_link\` (
      id uuid NOT NULL,
      investigation_id uuid NOT NULL,
      token_hash char(64) NOT NULL,
      made_at datetime(3) NOT NULL,
      last_seen_at datetime(3) NULL,
      revoked_at datetime(3) NULL,
      INDEX screen_link_investigation (investigation_id),
      UNIQUE INDEX screen_link_token (token_hash),
      PRIMARY KEY (id)
    ) ENGINE=InnoDB`);
    await runner.query(`CREATE TABLE IF NOT EXISTS \`room_reading\` (
      id uuid NOT NULL,
      class_id uuid NOT NULL,
      at datetime(3) NOT NULL,
      kind varchar(12) NOT NULL,
      value double NOT NULL,
      source varchar(8) NOT NULL,
      INDEX room_reading_class_at (class_id, at),
      PRIMARY KEY (id)
    ) ENGINE=InnoDB`);
    await runner.query('ALTER TABLE class_group ADD COLUMN IF NOT EXISTS sensor_on tinyint NOT NULL DEFAULT 0');
    await runner.query(
      'ALTER TABLE run_change ADD CONSTRAINT FK_75b0e1be20c646f99693ba2b0a6 FOREIGN KEY IF NOT EXISTS (container_id) REFERENCES container(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await runner.query(
      'ALTER TABLE screen_link ADD CONSTRAINT FK_89a492c8ba532a95741cb94e4c4 FOREIGN KEY IF NOT EXISTS (investigation_id) REFERENCES investigation(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await runner.query(
      'ALTER TABLE room_reading ADD CONSTRAINT FK_6cf3a59bbc03a7e728b8aede403 FOREIGN KEY IF NOT EXISTS (class_id) REFERENCES class_group(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE class_group DROP COLUMN sensor_on');
    for (const table of ['room_reading', 'screen_link', 'run_change']) await runner.query(`DROP TABLE ${table}`);
  }
}
