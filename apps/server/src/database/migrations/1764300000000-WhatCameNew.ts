import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Listeners are told which check or picture came, and ask for that alone. */
export class WhatCameNew1764300000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE change_log ADD COLUMN IF NOT EXISTS subject_id uuid NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE change_log DROP COLUMN subject_id');
  }
}
