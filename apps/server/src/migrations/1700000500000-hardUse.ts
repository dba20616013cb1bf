import type { MigrationInterface, QueryRunner } from 'typeorm';

const UP = [
  // The map asks for the techniques of every dish that was cooked; the documents are long, and not read for that.
  `ALTER TABLE dish_edition ADD COLUMN technique_ids JSON GENERATED ALWAYS AS (JSON_EXTRACT(COALESCE(JSON_EXTRACT(content, '$.content'), content), '$.method[*].techniqueIds[*]')) STORED`,
  // The mark as the student was told it; found out once for results that were given out before there was this column.
  'ALTER TABLE assessment ADD COLUMN told VARCHAR(20) NULL',
];

const DOWN = ['ALTER TABLE assessment DROP COLUMN told', 'ALTER TABLE dish_edition DROP COLUMN technique_ids'];

/** What the map and a student's results need without reading documents. */
export class HardUse1700000500000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}
