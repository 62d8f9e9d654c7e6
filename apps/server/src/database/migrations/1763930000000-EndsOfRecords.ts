import { type MigrationInterface, type QueryRunner } from 'typeorm';

const RULE = 'ALTER TABLE reading DROP CONSTRAINT reading_rule_1, ADD CONSTRAINT reading_rule_1 CHECK (state IN';

/** A plant can also be thinned or moved away. */
export class EndsOfRecords1763930000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`${RULE} ('measured', 'not-up', 'lost', 'thinned', 'moved', 'not-checked'))`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`${RULE} ('measured', 'not-up', 'lost', 'not-checked'))`);
  }
}
