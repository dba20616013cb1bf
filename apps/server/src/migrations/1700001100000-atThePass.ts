import type { MigrationInterface, QueryRunner } from 'typeorm';

const KEY = 'CHARACTER SET ascii COLLATE ascii_bin';
const ID = `CHAR(36) ${KEY} NOT NULL`;

const UP = `CREATE TABLE plate_arrival (
  lesson_id ${ID},
  student_id ${ID},
  dish_edition_id ${ID},
  arrived_at DATETIME(3) NOT NULL,
  PRIMARY KEY (lesson_id, student_id, dish_edition_id),
  KEY plate_arrival_student (student_id),
  KEY plate_arrival_dish (dish_edition_id),
  CONSTRAINT plate_arrival_in FOREIGN KEY (lesson_id) REFERENCES lesson (id) ON DELETE CASCADE,
  CONSTRAINT plate_arrival_of FOREIGN KEY (student_id) REFERENCES student (id) ON DELETE CASCADE,
  CONSTRAINT plate_arrival_what FOREIGN KEY (dish_edition_id) REFERENCES dish_edition (id) ON DELETE CASCADE
)`;

/** Plates that have come to the pass, kept beside the stream that says so. */
export class AtThePass1700001100000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(UP);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE plate_arrival');
  }
}
