import type { MigrationInterface, QueryRunner } from 'typeorm';

const UP = [
  'ALTER TABLE lesson ADD COLUMN tasting_portions INT NOT NULL DEFAULT 0',
  'ALTER TABLE lesson ADD CONSTRAINT lesson_tasting CHECK (tasting_portions >= 0)',
  // What is not known of a dish is found too now: with no words, every dish is indexed anew when the server starts.
  'DELETE FROM dish_word',
];

const DOWN = [
  "DELETE FROM dish_facet WHERE kind = 'allergen' AND value = 'not known'",
  'ALTER TABLE lesson DROP CONSTRAINT lesson_tasting',
  'ALTER TABLE lesson DROP COLUMN tasting_portions',
];

/** Portions for tasting, and dishes found by what is not known of them. */
export class Figures1700000600000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}
