import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** What the lesson at the end is made of, what teams conclude, and what the teacher says to it. */
export class Conclude1764900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS lesson (
      investigation_id uuid NOT NULL PRIMARY KEY,
      version int NOT NULL,
      document text NOT NULL,
      request_hash char(64) NOT NULL,
      CONSTRAINT FK_06bb22e6c9075af3ad99bb6ddbe FOREIGN KEY (investigation_id) REFERENCES investigation (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ENGINE=InnoDB`);
    await runner.query(`CREATE TABLE IF NOT EXISTS claim_entry (
      id uuid NOT NULL PRIMARY KEY,
      investigation_id uuid NOT NULL,
      team_id uuid NOT NULL,
      part varchar(100) NOT NULL,
      text text NOT NULL,
      recorded_at datetime(3) NOT NULL,
      INDEX claim_entry_of (investigation_id, team_id),
      CONSTRAINT FK_a0f13692468c7167f38e6d60dee FOREIGN KEY (investigation_id) REFERENCES investigation (id) ON DELETE CASCADE ON UPDATE NO ACTION,
      CONSTRAINT FK_2f78d77f9080acf4d3b58f5ce3e FOREIGN KEY (team_id) REFERENCES team (id) ON DELETE CASCADE ON UPDATE NO ACTION
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
      CONSTRAINT FK_fe74b6813fc2917af9e10c0c30e FOREIGN KEY (investigation_id) REFERENCES investigation (id) ON DELETE CASCADE ON UPDATE NO ACTION,
      CONSTRAINT FK_0ccd93cc040e2f171546c802116 FOREIGN KEY (team_id) REFERENCES team (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ENGINE=InnoDB`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['claim_note', 'claim_entry', 'lesson']) await runner.query(`DROP TABLE ${table}`);
  }
}
