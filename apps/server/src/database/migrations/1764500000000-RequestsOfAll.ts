import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Requests are counted over all server processes. */
export class RequestsOfAll1764500000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS request_count (
      sender varchar(64) NOT NULL,
      since bigint NOT NULL,
      hits int NOT NULL,
      INDEX request_count_since (since),
      PRIMARY KEY (sender, since)
    ) ENGINE=InnoDB`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE request_count');
  }
}
