import type { MigrationInterface, QueryRunner } from 'typeorm';

const ID = 'CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL';

const UP = [
  // Lists show the titles of editions; their documents are long, and not read for that.
  `ALTER TABLE dish_edition ADD COLUMN title VARCHAR(160) GENERATED ALWAYS AS (COALESCE(JSON_VALUE(content, '$.content.title'), JSON_VALUE(content, '$.title'))) STORED`,
  // Pickers of sub-preparations ask for them; a dish is one when it says what one making gives.
  `ALTER TABLE dish ADD COLUMN is_preparation BOOLEAN GENERATED ALWAYS AS (COALESCE(JSON_EXTRACT(content, '$.content.gives'), JSON_EXTRACT(content, '$.gives'), 'null') <> 'null') STORED`,
  `CREATE TABLE lesson_order (lesson_id ${ID} PRIMARY KEY, made_from CHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL, held INT NOT NULL, buy INT NOT NULL,
    CONSTRAINT lesson_order_lesson FOREIGN KEY (lesson_id) REFERENCES lesson (id) ON DELETE CASCADE)`,
];

const DOWN = ['DROP TABLE lesson_order', 'ALTER TABLE dish DROP COLUMN is_preparation', 'ALTER TABLE dish_edition DROP COLUMN title'];

/** What lists need without reading documents: titles of editions, and how an order stands. */
export class SchoolSize1700000400000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}
