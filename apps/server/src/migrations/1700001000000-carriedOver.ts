import type { MigrationInterface, QueryRunner } from 'typeorm';

const KEY = 'CHARACTER SET ascii COLLATE ascii_bin';
const ID = `CHAR(36) ${KEY} NOT NULL`;

const UP = `CREATE TABLE carried_work (
  id ${ID} PRIMARY KEY,
  from_lesson_id ${ID},
  to_lesson_id ${ID},
  dish_id ${ID},
  step_id VARCHAR(40) ${KEY} NOT NULL,
  store VARCHAR(20) ${KEY} NULL,
  hours DOUBLE NULL,
  covers LONGTEXT NOT NULL CHECK (JSON_VALID(covers)),
  version INT NOT NULL,
  updated_at DATETIME NOT NULL,
  updated_by ${ID},
  UNIQUE KEY carried_work_once (to_lesson_id, dish_id, step_id),
  KEY carried_work_from (from_lesson_id),
  KEY carried_work_dish (dish_id),
  CONSTRAINT carried_work_made_in FOREIGN KEY (from_lesson_id) REFERENCES lesson (id) ON DELETE CASCADE,
  CONSTRAINT carried_work_made_for FOREIGN KEY (to_lesson_id) REFERENCES lesson (id) ON DELETE CASCADE,
  CONSTRAINT carried_work_what FOREIGN KEY (dish_id) REFERENCES dish (id) ON DELETE CASCADE,
  CONSTRAINT carried_work_by FOREIGN KEY (updated_by) REFERENCES person (id),
  CONSTRAINT carried_work_two CHECK (from_lesson_id <> to_lesson_id)
)`;

/** What a class makes in one lesson for another. */
export class CarriedOver1700001000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(UP);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE carried_work');
  }
}
