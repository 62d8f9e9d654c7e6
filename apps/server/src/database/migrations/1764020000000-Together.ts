import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Plants that the whole class reads at once. */
export class Together1764020000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS \`together\` (
      id uuid NOT NULL,
      container_id uuid NOT NULL,
      opened_at datetime(3) NOT NULL,
      closed_at datetime(3) NULL,
      settled_mm double NULL,
      INDEX together_container (container_id),
      PRIMARY KEY (id)
    ) ENGINE=InnoDB`);
    await runner.query(`CREATE TABLE IF NOT EXISTS \`together_reading\` (
      together_id uuid NOT NULL,
      team_id uuid NOT NULL,
      value_mm double NOT NULL,
      typed varchar(40) NOT NULL,
      PRIMARY KEY (together_id, team_id)
    ) ENGINE=InnoDB`);
    for (const [table, name, column, target] of [
      ['together', 'FK_9662e915e4639257c65316487b1', 'container_id', 'container'],
      ['together_reading', 'FK_17002a08f357ecd76dd7407778a', 'together_id', 'together'],
      ['together_reading', 'FK_54835a42e79248e4a65c4bfcc92', 'team_id', 'team'],
    ])
      await runner.query(
        `ALTER TABLE ${table} ADD CONSTRAINT ${name} FOREIGN KEY IF NOT EXISTS (${column}) REFERENCES ${target}(id) ON DELETE CASCADE ON UPDATE NO ACTION`,
      );
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['together_reading', 'together']) await runner.query(`DROP TABLE ${table}`);
  }
}
