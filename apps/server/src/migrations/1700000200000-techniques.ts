import type { MigrationInterface, QueryRunner } from 'typeorm';
import { CUT_SETS_1700000200000 } from './values/cutSets';

const ID = 'CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL';
const KEY = 'VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL';

const UP = [
  `ALTER TABLE technique ADD COLUMN version INT NOT NULL DEFAULT 1, ADD COLUMN archived BOOLEAN NOT NULL DEFAULT FALSE, ADD COLUMN updated_at DATETIME NOT NULL DEFAULT '2026-01-01'`,
  `CREATE TABLE technique_prerequisite (technique_id ${ID}, needs_id ${ID}, position INT NOT NULL DEFAULT 0, PRIMARY KEY (technique_id, needs_id), KEY technique_prerequisite_needs (needs_id),
    CONSTRAINT technique_prerequisite_technique FOREIGN KEY (technique_id) REFERENCES technique (id) ON DELETE CASCADE, CONSTRAINT technique_prerequisite_needs FOREIGN KEY (needs_id) REFERENCES technique (id),
    CONSTRAINT technique_prerequisite_itself CHECK (technique_id <> needs_id))`,
  `ALTER TABLE lesson ADD COLUMN practices JSON NOT NULL DEFAULT '{}', ADD COLUMN released_way VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NULL`,
  // Results that students have keep the way they were told in.
  `UPDATE lesson SET released_way = 'levels' WHERE released_at IS NOT NULL`,
  // A row stays when a choice is taken back, so that its version goes on counting.
  `CREATE TABLE practice_choice (matter ${KEY} PRIMARY KEY, practice VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NULL, version INT NOT NULL DEFAULT 1)`,
  `CREATE TABLE rule_change (seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY, rule_key ${KEY}, number INT NOT NULL, value DECIMAL(8,2) NULL, reason VARCHAR(300) NOT NULL, person_id ${ID}, changed_at DATETIME NOT NULL,
    UNIQUE KEY rule_change_number (rule_key, number), CONSTRAINT rule_change_person FOREIGN KEY (person_id) REFERENCES person (id))`,
  `CREATE TABLE cut_set (id ${ID} PRIMARY KEY, name VARCHAR(80) NOT NULL, content JSON NOT NULL, version INT NOT NULL DEFAULT 1, updated_at DATETIME NOT NULL, UNIQUE KEY cut_set_name (name))`,
];

/** What a card has had since then, empty. A merge patch takes null for "remove": what is null on an empty card is set afterwards. */
const NEWER_PARTS = {
  name: '',
  strand: 'cooking',
  purpose: '',
  tools: [],
  aims: { introduce: '', practise: '', assess: '' },
  steps: [],
  criticalPoints: [],
  cues: [],
  looksWrong: [],
  faults: [],
  cautions: [],
  descriptors: [],
  matters: [],
  variants: [],
  calculators: [],
  drawings: [],
  answered: [],
  words: [],
};

const DOWN = [
  'DROP TABLE cut_set',
  'DROP TABLE rule_change',
  'DROP TABLE practice_choice',
  'ALTER TABLE lesson DROP COLUMN released_way, DROP COLUMN practices',
  'DROP TABLE technique_prerequisite',
  'ALTER TABLE technique DROP COLUMN updated_at, DROP COLUMN archived, DROP COLUMN version',
];

/** Cards that can be edited, their prerequisites, practices, local rules and sets of cuts. */
export class Techniques1700000200000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
    // Cards from before know nothing of the newer parts: they get them empty.
    await runner.query('UPDATE technique SET card = JSON_MERGE_PATCH(?, card)', [JSON.stringify(NEWER_PARTS)]);
    await runner.query(
      `UPDATE technique SET card = JSON_INSERT(card, '$.variant', NULL, '$.minutes', JSON_OBJECT('novice', NULL, 'practised', NULL))`,
    );
    for (const set of CUT_SETS_1700000200000)
      await runner.query('INSERT INTO cut_set (id, name, content, version, updated_at) VALUES (UUID(), ?, ?, 1, UTC_TIMESTAMP())', [
        set.name,
        JSON.stringify(set),
      ]);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}
