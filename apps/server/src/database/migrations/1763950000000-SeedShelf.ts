import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Seed lots with their packet directions and tests. */
export class SeedShelf1763950000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS \`seed_lot\` (
      id uuid NOT NULL,
      school_id uuid NOT NULL,
      species_id varchar(60) NOT NULL,
      name varchar(60) NOT NULL,
      year int NULL,
      count int NULL,
      depth_mm text NULL,
      spacing_mm double NULL,
      days_to_sprout text NULL,
      tests text NOT NULL,
      INDEX seed_lot_school (school_id),
      PRIMARY KEY (id)
    ) ENGINE=InnoDB`);
    await runner.query(
      'ALTER TABLE seed_lot ADD CONSTRAINT FK_7cd2f291971de21c9f3f21760e2 FOREIGN KEY IF NOT EXISTS (school_id) REFERENCES school(id) ON DELETE CASCADE ON UPDATE NO ACTION',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE seed_lot');
  }
}
