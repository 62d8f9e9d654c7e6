import { type MigrationInterface, type QueryRunner } from 'typeorm';

/**
 * When an investigation ended: what was done before is taken after. What could not be taken waits for the teacher. Two crossed
 * factors need the room of both their names, and listeners a place in the log of changes to go on from.
 */
export class AfterTheEnd1764200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'ALTER TABLE investigation ADD COLUMN IF NOT EXISTS finished_at datetime(3) NULL, MODIFY factor varchar(130) NOT NULL',
    );
    await runner.query('ALTER TABLE treatment MODIFY label varchar(130) NOT NULL');
    await runner.query(
      'ALTER TABLE change_log ADD COLUMN IF NOT EXISTS seq bigint NOT NULL AUTO_INCREMENT, ADD UNIQUE INDEX IF NOT EXISTS change_log_seq (seq)',
    );
    await runner.query('ALTER TABLE container ADD COLUMN IF NOT EXISTS taken_back_at datetime(3) NULL');
    await runner.query(`CREATE TABLE IF NOT EXISTS held_entry (
      id uuid NOT NULL,
      class_id uuid NOT NULL,
      team_id uuid NOT NULL,
      investigation_id uuid NULL,
      kind varchar(12) NOT NULL,
      body text NOT NULL,
      reason varchar(400) NOT NULL,
      received_at datetime(3) NOT NULL,
      decided_at datetime(3) NULL,
      taken tinyint NOT NULL DEFAULT 0,
      INDEX held_entry_class (class_id),
      PRIMARY KEY (id)
    ) ENGINE=InnoDB`);
    await runner.query(
      'ALTER TABLE held_entry ADD CONSTRAINT FK_held_entry_class FOREIGN KEY IF NOT EXISTS (class_id) REFERENCES class_group(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await runner.query(
      'ALTER TABLE held_entry ADD CONSTRAINT FK_held_entry_team FOREIGN KEY IF NOT EXISTS (team_id) REFERENCES team(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE held_entry');
    await runner.query('ALTER TABLE change_log DROP COLUMN seq');
    await runner.query('ALTER TABLE container DROP COLUMN taken_back_at');
    await runner.query('ALTER TABLE treatment MODIFY label varchar(60) NOT NULL');
    await runner.query('ALTER TABLE investigation DROP COLUMN finished_at, MODIFY factor varchar(60) NOT NULL');
  }
}
