import type { MigrationInterface, QueryRunner } from 'typeorm';

const ID = 'CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL';
const WORD = 'VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL';

const UP = [
  `CREATE TABLE ingredient_fact (name_key VARCHAR(120) NOT NULL PRIMARY KEY, fact JSON NOT NULL, version INT NOT NULL DEFAULT 1, updated_at DATETIME NOT NULL)`,
  `ALTER TABLE lesson ADD COLUMN substitutions JSON NOT NULL DEFAULT '[]'`,
  `ALTER TABLE dish ADD COLUMN minutes INT NOT NULL DEFAULT 0`,
  // What can be searched in a dish, derived from its draft: its words, the parts of words (for spelling), and facets.
  `CREATE TABLE dish_word (word ${WORD}, dish_id ${ID}, weight TINYINT NOT NULL, PRIMARY KEY (word, dish_id), KEY dish_word_dish (dish_id), CONSTRAINT dish_word_dish FOREIGN KEY (dish_id) REFERENCES dish (id) ON DELETE CASCADE)`,
  `CREATE TABLE word_gram (gram CHAR(3) CHARACTER SET ascii COLLATE ascii_bin NOT NULL, word ${WORD}, PRIMARY KEY (gram, word))`,
  `CREATE TABLE dish_facet (kind ENUM('technique','allergen','equipment') NOT NULL, value VARCHAR(80) NOT NULL, dish_id ${ID}, PRIMARY KEY (kind, value, dish_id), KEY dish_facet_dish (dish_id), CONSTRAINT dish_facet_dish FOREIGN KEY (dish_id) REFERENCES dish (id) ON DELETE CASCADE)`,
];

const DOWN = [
  'DROP TABLE dish_facet',
  'DROP TABLE word_gram',
  'DROP TABLE dish_word',
  'ALTER TABLE dish DROP COLUMN minutes',
  'ALTER TABLE lesson DROP COLUMN substitutions',
  'DROP TABLE ingredient_fact',
];

/** Facts of the school's own, substitutions in lessons, and what makes dishes findable. */
export class Formulas1700000100000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}
