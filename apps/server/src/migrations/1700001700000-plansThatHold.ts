import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Whether a plan of time holds stands beside it, so that a list of lessons says so without reading a plan. */
export class PlansThatHold1700001700000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE time_plan ADD holds TINYINT(1) NOT NULL DEFAULT 1 AFTER content');
    await runner.query(`UPDATE time_plan SET holds = JSON_VALUE(content, '$.content.placed.objective') IS NOT NULL`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE time_plan DROP holds');
  }
}
