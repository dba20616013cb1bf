import type { MigrationInterface, QueryRunner } from 'typeorm';

const KEY = 'CHARACTER SET ascii COLLATE ascii_bin';
const ID = `CHAR(36) ${KEY} NOT NULL`;

const PHOTO = `CREATE TABLE plate_photo (
  id ${ID},
  lesson_id ${ID},
  student_id ${ID},
  dish_edition_id ${ID},
  person_id ${ID},
  taken_at DATETIME(3) NOT NULL,
  width INT NOT NULL,
  height INT NOT NULL,
  bytes INT NOT NULL,
  PRIMARY KEY (id),
  KEY plate_photo_plate (lesson_id, student_id, dish_edition_id),
  KEY plate_photo_student (student_id),
  KEY plate_photo_dish (dish_edition_id),
  KEY plate_photo_person (person_id),
  CONSTRAINT plate_photo_in FOREIGN KEY (lesson_id) REFERENCES lesson (id) ON DELETE CASCADE,
  CONSTRAINT plate_photo_of FOREIGN KEY (student_id) REFERENCES student (id) ON DELETE CASCADE,
  CONSTRAINT plate_photo_what FOREIGN KEY (dish_edition_id) REFERENCES dish_edition (id) ON DELETE CASCADE,
  CONSTRAINT plate_photo_by FOREIGN KEY (person_id) REFERENCES person (id)
)`;

// The image lies beside its row, so that no list of plates ever reads one.
const IMAGE = `CREATE TABLE plate_photo_image (
  photo_id ${ID},
  image MEDIUMBLOB NOT NULL,
  PRIMARY KEY (photo_id),
  CONSTRAINT plate_photo_image_of FOREIGN KEY (photo_id) REFERENCES plate_photo (id) ON DELETE CASCADE
)`;

/** Photos of plates, as evidence beside their marks. */
export class PlatePhotos1700001400000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(PHOTO);
    await runner.query(IMAGE);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE plate_photo_image');
    await runner.query('DROP TABLE plate_photo');
  }
}
