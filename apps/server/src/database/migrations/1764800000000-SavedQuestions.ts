import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Questions that are kept with an investigation, and the one that a screen shows. */
export class SavedQuestions1764800000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS saved_question (
      id uuid NOT NULL PRIMARY KEY,
      investigation_id uuid NOT NULL,
      name varchar(160) NOT NULL,
      address varchar(800) NOT NULL,
      saved_at datetime(3) NOT NULL,
      removed_at datetime(3) NULL,
      INDEX saved_question_investigation (investigation_id),
      CONSTRAINT FK_16cadaf83b4c4df7be3b8ab8f8c FOREIGN KEY (investigation_id) REFERENCES investigation (id) ON DELETE CASCADE ON UPDATE NO ACTION
    ) ENGINE=InnoDB`);
    await runner.query('ALTER TABLE screen_link ADD COLUMN IF NOT EXISTS question varchar(800) NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE screen_link DROP COLUMN question');
    await runner.query('DROP TABLE saved_question');
  }
}
