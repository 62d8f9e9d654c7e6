import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Pictures of containers; the files themselves lie in the blob store. */
export class Photos1764040000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS \`photo\` (
      id uuid NOT NULL,
      container_id uuid NOT NULL,
      team_id uuid NULL,
      day date NOT NULL,
      hash char(64) NOT NULL,
      small_hash char(64) NOT NULL,
      width int NOT NULL,
      height int NOT NULL,
      recorded_at datetime(3) NOT NULL,
      taken_back_at datetime(3) NULL,
      INDEX photo_container (container_id),
      PRIMARY KEY (id)
    ) ENGINE=InnoDB`);
    await runner.query(
      'ALTER TABLE photo ADD CONSTRAINT FK_a790ce6ddfdd74539c74d064511 FOREIGN KEY IF NOT EXISTS (container_id) REFERENCES container(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await runner.query(
      'ALTER TABLE photo ADD CONSTRAINT FK_5cbe6c9a49c8947acf24f0089aa FOREIGN KEY IF NOT EXISTS (team_id) REFERENCES team(id) ON DELETE SET NULL ON UPDATE NO ACTION',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE photo');
  }
}
