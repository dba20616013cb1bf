import type { MigrationInterface, QueryRunner } from 'typeorm';

const KEY = 'CHARACTER SET ascii COLLATE ascii_bin';
const ID = `CHAR(36) ${KEY} NOT NULL`;

// No foreign key: what was told stays on record when a lesson goes. Texts as they were written, since they are hashed.
const UP = `CREATE TABLE told_record (
  number INT NOT NULL,
  lesson_id ${ID},
  assessment_id ${ID},
  person_id ${ID},
  at VARCHAR(24) ${KEY} NOT NULL,
  why VARCHAR(300) NOT NULL,
  before_told LONGTEXT NULL,
  after_told LONGTEXT NULL,
  previous CHAR(64) ${KEY} NOT NULL,
  hash CHAR(64) ${KEY} NOT NULL,
  PRIMARY KEY (number),
  KEY told_record_lesson (lesson_id, number),
  KEY told_record_assessment (assessment_id, number)
)`;

/** What students were told, and every change of it, in a chain of hashes. */
export class ToldRecord1700001200000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(UP);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE told_record');
  }
}
