import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Plans under construction, and what the fair-test check still said when an investigation was sown. */
export class Plans1763940000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS \`plan\` (
      id uuid NOT NULL,
      class_id uuid NOT NULL,
      version int NOT NULL,
      document text NOT NULL,
      request_hash char(64) NOT NULL,
      changed_at datetime(3) NOT NULL,
      sown tinyint NOT NULL DEFAULT 0,
      INDEX plan_class (class_id),
      PRIMARY KEY (id),
      CONSTRAINT plan_rule_1 CHECK (version > 0)
    ) ENGINE=InnoDB`);
    await runner.query(
      'ALTER TABLE plan ADD CONSTRAINT FK_147aca0f4f1afa2f336df796c66 FOREIGN KEY IF NOT EXISTS (class_id) REFERENCES class_group(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
    await runner.query("ALTER TABLE investigation ADD COLUMN IF NOT EXISTS plan_cautions text NOT NULL DEFAULT '[]'");
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE investigation DROP COLUMN plan_cautions');
    await runner.query('DROP TABLE plan');
  }
}
