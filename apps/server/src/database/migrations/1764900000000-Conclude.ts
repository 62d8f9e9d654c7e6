import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** What the lesson at the end is made of, what teams conclude, and what the teacher says to it. */
export class Conclude1764900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS lesson (
      investigation_id uuid NOT NULL PRIMARY KEY,
      version int NOT NULL,
      document text NOT NULL,
      request_hash char(64) NOT NULL,
      CONSTRAINT FK_lesson FOREIGN KEY (investigation_id) REFERENCES investigation (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ENGINE=InnoDB`);
    await runner.query(`CREATE TABLE IF NOT EXISTS claim_entry (
      id uuid NOT NULL PRIMARY KEY,
      investigation_id uuid NOT NULL,
      team_id uuid NOT NULL,
      part varchar(100) NOT NULL,
      text text NOT NULL,
      recorded_at datetime(3) NOT NULL,
      INDEX claim_entry_of (investigation_id, team_id),
      CONSTRAINT FK_claim_entry_investigation FOREIGN KEY (investigation_id) REFERENCES investigation (id) ON DELETE CASCADE ON UPDATE NO ACTION,
      CONSTRAINT FK_claim_entry_team FOREIGN KEY (team_id) REFERENCES team (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ENGINE=InnoDB`);
    await runner.query(`CREATE TABLE IF NOT EXISTS claim_note (
      id uuid NOT NULL PRIMARY KEY,
      investigation_id uuid NOT NULL,
      team_id uuid NOT NULL,
      kind varchar(10) NOT NULL,
      text varchar(500) NOT NULL,
      written_at datetime(3) NOT NULL,
      removed_at datetime(3) NULL,
      INDEX claim_note_of (investigation_id, team_id),
      CONSTRAINT FK_claim_note_investigation FOREIGN KEY (investigation_id) REFERENCES investigation (id) ON DELETE CASCADE ON UPDATE NO ACTION,
      CONSTRAINT FK_claim_note_team FOREIGN KEY (team_id) REFERENCES team (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ENGINE=InnoDB`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['claim_note', 'claim_entry', 'lesson']) await runner.query(`DROP TABLE ${table}`);
  }
}
