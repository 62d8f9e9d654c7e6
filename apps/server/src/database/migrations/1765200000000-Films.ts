import { type MigrationInterface, type QueryRunner } from 'typeorm';

const sources = (list: string) =>
  `ALTER TABLE plant_check DROP CONSTRAINT IF EXISTS plant_check_rule_1, ADD CONSTRAINT plant_check_rule_1 CHECK (source IN (${list}))`;

/** Films of what grows, their pictures and what was put right on them; a finding may have been seen in a picture. */
export class Films1765200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS film (
      id uuid NOT NULL,
      investigation_id uuid NOT NULL,
      version int NOT NULL DEFAULT 1,
      name varchar(60) NOT NULL,
      kind varchar(12) NOT NULL,
      across int NOT NULL,
      behind int NOT NULL,
      cells text NOT NULL,
      wide_mm int NULL,
      deep_mm int NULL,
      green_index varchar(24) NOT NULL,
      removed_at datetime(3) NULL,
      PRIMARY KEY (id),
      KEY film_investigation (investigation_id),
      CONSTRAINT FK_0665dbae7e3ed3689b272a6358c FOREIGN KEY (investigation_id) REFERENCES investigation (id) ON DELETE CASCADE ON UPDATE NO ACTION
    )`);
    await runner.query(`CREATE TABLE IF NOT EXISTS frame (
      id uuid NOT NULL,
      film_id uuid NOT NULL,
      team_id uuid NULL,
      day date NOT NULL,
      hash char(64) NOT NULL,
      small_hash char(64) NOT NULL,
      width int NOT NULL,
      height int NOT NULL,
      recorded_at datetime(3) NOT NULL,
      seen_at datetime(3) NULL,
      taken_back_at datetime(3) NULL,
      goes_at datetime(3) NULL,
      PRIMARY KEY (id),
      KEY frame_film (film_id),
      CONSTRAINT FK_e8ce34a8fd72e116e8983ae1874 FOREIGN KEY (film_id) REFERENCES film (id) ON DELETE CASCADE ON UPDATE NO ACTION,
      CONSTRAINT FK_7c72875ec3e9f758ff1f2419176 FOREIGN KEY (team_id) REFERENCES team (id) ON DELETE SET NULL ON UPDATE NO ACTION
    )`);
    await runner.query(`CREATE TABLE IF NOT EXISTS frame_mending (
      id uuid NOT NULL,
      frame_id uuid NOT NULL,
      kind varchar(12) NOT NULL,
      places text NOT NULL,
      green tinyint NULL,
      radius double NULL,
      recorded_at datetime(3) NOT NULL,
      taken_back_at datetime(3) NULL,
      PRIMARY KEY (id),
      KEY frame_mending_frame (frame_id),
      CONSTRAINT FK_d63a2b7ae217a396074cdafc531 FOREIGN KEY (frame_id) REFERENCES frame (id) ON DELETE CASCADE ON UPDATE NO ACTION
    )`);
    await runner.query('ALTER TABLE finding ADD COLUMN IF NOT EXISTS seen text NULL');
    await runner.query(sources("'bench', 'teacher', 'together', 'import', 'picture', 'simulated'"));
    // Pictures of before were shown already.
    await runner.query('ALTER TABLE photo ADD COLUMN IF NOT EXISTS seen_at datetime(3) NULL');
    await runner.query('UPDATE photo SET seen_at = recorded_at WHERE seen_at IS NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query("DELETE FROM plant_check WHERE source = 'picture'");
    await runner.query(sources("'bench', 'teacher', 'together', 'import', 'simulated'"));
    await runner.query('ALTER TABLE photo DROP COLUMN seen_at');
    await runner.query('ALTER TABLE finding DROP COLUMN seen');
    for (const table of ['frame_mending', 'frame', 'film']) await runner.query(`DROP TABLE ${table}`);
  }
}
