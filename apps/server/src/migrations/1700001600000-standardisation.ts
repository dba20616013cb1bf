import type { MigrationInterface, QueryRunner } from 'typeorm';

const KEY = 'CHARACTER SET ascii COLLATE ascii_bin';
const ID = `CHAR(36) ${KEY} NOT NULL`;

const TABLES = [
  `CREATE TABLE standardisation (
    id ${ID},
    title VARCHAR(120) NOT NULL,
    rubric_edition_id ${ID},
    person_id ${ID},
    closed TINYINT(1) NOT NULL DEFAULT 0,
    created_at DATETIME(3) NOT NULL,
    PRIMARY KEY (id),
    KEY standardisation_rubric (rubric_edition_id),
    KEY standardisation_person (person_id),
    CONSTRAINT standardisation_by FOREIGN KEY (rubric_edition_id) REFERENCES rubric_edition (id),
    CONSTRAINT standardisation_of FOREIGN KEY (person_id) REFERENCES person (id)
  )`,
  // A plate that is erased with its student leaves the sample as it was told in words.
  `CREATE TABLE sample_dish (
    id ${ID},
    standardisation_id ${ID},
    position INT NOT NULL,
    title VARCHAR(120) NOT NULL,
    about TEXT NOT NULL,
    assessment_id CHAR(36) ${KEY} NULL,
    PRIMARY KEY (id),
    KEY sample_dish_in (standardisation_id, position),
    KEY sample_dish_plate (assessment_id),
    CONSTRAINT sample_dish_in FOREIGN KEY (standardisation_id) REFERENCES standardisation (id) ON DELETE CASCADE,
    CONSTRAINT sample_dish_plate FOREIGN KEY (assessment_id) REFERENCES assessment (id) ON DELETE SET NULL
  )`,
  // Of a person, or the standard that was set, under no person's id.
  `CREATE TABLE sample_mark (
    sample_id ${ID},
    judge ${ID},
    criterion_key VARCHAR(40) ${KEY} NOT NULL,
    value LONGTEXT NOT NULL,
    PRIMARY KEY (sample_id, judge, criterion_key),
    CONSTRAINT sample_mark_of FOREIGN KEY (sample_id) REFERENCES sample_dish (id) ON DELETE CASCADE
  )`,
];

/** Sample dishes that all who mark judge, each alone, and the standard they are held against. */
export class Standardisation1700001600000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const table of TABLES) await runner.query(table);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['sample_mark', 'sample_dish', 'standardisation']) await runner.query(`DROP TABLE ${table}`);
  }
}
