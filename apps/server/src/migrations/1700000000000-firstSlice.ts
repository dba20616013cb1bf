import type { MigrationInterface, QueryRunner } from 'typeorm';

const ID = 'CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL';
const ID_OR_NULL = 'CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NULL';

const UP = [
  `CREATE TABLE setting (name VARCHAR(60) NOT NULL PRIMARY KEY, value VARCHAR(500) NOT NULL)`,
  `CREATE TABLE session (session_id VARCHAR(128) COLLATE utf8mb4_bin NOT NULL PRIMARY KEY, expires INT UNSIGNED NOT NULL, data MEDIUMTEXT COLLATE utf8mb4_bin, KEY session_expires (expires))`,
  'CREATE TABLE rate_limit (`key` VARCHAR(255) CHARACTER SET utf8 NOT NULL PRIMARY KEY, points INT(9) NOT NULL DEFAULT 0, expire BIGINT UNSIGNED)',
  `CREATE TABLE technique (id ${ID} PRIMARY KEY, name VARCHAR(120) NOT NULL, strand ENUM('knife','cooking','plating') NOT NULL, position INT NOT NULL DEFAULT 0, card JSON NOT NULL, UNIQUE KEY technique_name (name))`,
  `CREATE TABLE class (id ${ID} PRIMARY KEY, name VARCHAR(120) NOT NULL, term VARCHAR(80) NOT NULL, version INT NOT NULL DEFAULT 1, UNIQUE KEY class_name (name, term))`,
  `CREATE TABLE student (id ${ID} PRIMARY KEY, class_id ${ID}, name VARCHAR(120) NOT NULL, name_key VARCHAR(120) NOT NULL, number VARCHAR(40) NOT NULL, needs JSON NOT NULL, active BOOLEAN NOT NULL DEFAULT TRUE,
    UNIQUE KEY student_name (class_id, name_key), CONSTRAINT student_class FOREIGN KEY (class_id) REFERENCES class (id))`,
  `CREATE TABLE absence (student_id ${ID}, date DATE NOT NULL, PRIMARY KEY (student_id, date), CONSTRAINT absence_student FOREIGN KEY (student_id) REFERENCES student (id))`,
  `CREATE TABLE person (id ${ID} PRIMARY KEY, name VARCHAR(120) NOT NULL, sign_in VARCHAR(40) NULL, role ENUM('lead','assistant','stores','student') NOT NULL, password_hash VARCHAR(200) NULL, student_id ${ID_OR_NULL}, active BOOLEAN NOT NULL DEFAULT TRUE, created_at DATETIME NOT NULL,
    UNIQUE KEY person_sign_in (sign_in), UNIQUE KEY person_student (student_id), CONSTRAINT person_student FOREIGN KEY (student_id) REFERENCES student (id),
    CONSTRAINT person_student_role CHECK ((role = 'student') = (student_id IS NOT NULL)))`,
  `CREATE TABLE invitation (person_id ${ID} PRIMARY KEY, code_hash CHAR(64) CHARACTER SET ascii NOT NULL, expires_at DATETIME NOT NULL, UNIQUE KEY invitation_code (code_hash), CONSTRAINT invitation_person FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE)`,
  `CREATE TABLE dish (id ${ID} PRIMARY KEY, title VARCHAR(160) NOT NULL, content JSON NOT NULL, version INT NOT NULL DEFAULT 1, archived BOOLEAN NOT NULL DEFAULT FALSE, updated_at DATETIME NOT NULL, KEY dish_title (archived, title))`,
  `CREATE TABLE dish_edition (id ${ID} PRIMARY KEY, dish_id ${ID}, number INT NOT NULL, content JSON NOT NULL, published_at DATETIME NOT NULL, published_by ${ID},
    UNIQUE KEY dish_edition_number (dish_id, number), CONSTRAINT dish_edition_dish FOREIGN KEY (dish_id) REFERENCES dish (id), CONSTRAINT dish_edition_person FOREIGN KEY (published_by) REFERENCES person (id))`,
  `CREATE TABLE rubric (id ${ID} PRIMARY KEY, name VARCHAR(120) NOT NULL, content JSON NOT NULL, version INT NOT NULL DEFAULT 1, updated_at DATETIME NOT NULL, UNIQUE KEY rubric_name (name))`,
  `CREATE TABLE rubric_edition (id ${ID} PRIMARY KEY, rubric_id ${ID}, number INT NOT NULL, content JSON NOT NULL, published_at DATETIME NOT NULL, published_by ${ID},
    UNIQUE KEY rubric_edition_number (rubric_id, number), CONSTRAINT rubric_edition_rubric FOREIGN KEY (rubric_id) REFERENCES rubric (id), CONSTRAINT rubric_edition_person FOREIGN KEY (published_by) REFERENCES person (id))`,
  `CREATE TABLE lesson (id ${ID} PRIMARY KEY, class_id ${ID}, title VARCHAR(160) NOT NULL, date DATE NOT NULL, start TIME NOT NULL, end TIME NOT NULL, kitchen VARCHAR(80) NOT NULL, team_size INT NOT NULL, portions_a_team INT NOT NULL, demonstration_portions INT NOT NULL, reference_plates INT NOT NULL, spare_makings INT NOT NULL, student_count INT NULL, rubric_edition_id ${ID_OR_NULL}, released_at DATETIME NULL, version INT NOT NULL DEFAULT 1,
    KEY lesson_date (date), CONSTRAINT lesson_class FOREIGN KEY (class_id) REFERENCES class (id), CONSTRAINT lesson_rubric FOREIGN KEY (rubric_edition_id) REFERENCES rubric_edition (id),
    CONSTRAINT lesson_times CHECK (start < end), CONSTRAINT lesson_team CHECK (team_size >= 1 AND portions_a_team >= 1), CONSTRAINT lesson_counts CHECK (demonstration_portions >= 0 AND reference_plates >= 0 AND spare_makings >= 0 AND (student_count IS NULL OR student_count >= 1)))`,
  `CREATE TABLE lesson_dish (lesson_id ${ID}, dish_edition_id ${ID}, position INT NOT NULL, PRIMARY KEY (lesson_id, dish_edition_id), CONSTRAINT lesson_dish_lesson FOREIGN KEY (lesson_id) REFERENCES lesson (id) ON DELETE CASCADE, CONSTRAINT lesson_dish_edition FOREIGN KEY (dish_edition_id) REFERENCES dish_edition (id))`,
  `CREATE TABLE lesson_technique (lesson_id ${ID}, technique_id ${ID}, purpose ENUM('introduce','practise','assess') NOT NULL, position INT NOT NULL, PRIMARY KEY (lesson_id, technique_id), CONSTRAINT lesson_technique_lesson FOREIGN KEY (lesson_id) REFERENCES lesson (id) ON DELETE CASCADE, CONSTRAINT lesson_technique_technique FOREIGN KEY (technique_id) REFERENCES technique (id))`,
  `CREATE TABLE assessment (id ${ID} PRIMARY KEY, lesson_id ${ID}, student_id ${ID}, dish_edition_id ${ID}, rubric_edition_id ${ID},
    UNIQUE KEY assessment_dish (lesson_id, student_id, dish_edition_id), KEY assessment_student (student_id), CONSTRAINT assessment_lesson FOREIGN KEY (lesson_id) REFERENCES lesson (id), CONSTRAINT assessment_student FOREIGN KEY (student_id) REFERENCES student (id), CONSTRAINT assessment_edition FOREIGN KEY (dish_edition_id) REFERENCES dish_edition (id), CONSTRAINT assessment_rubric FOREIGN KEY (rubric_edition_id) REFERENCES rubric_edition (id))`,
  `CREATE TABLE mark_event (seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY, id ${ID}, assessment_id ${ID}, criterion_key VARCHAR(40) NOT NULL, value JSON NULL, assessor_id ${ID}, touched_at DATETIME(3) NOT NULL, received_at DATETIME(3) NOT NULL,
    UNIQUE KEY mark_event_id (id), KEY mark_event_criterion (assessment_id, criterion_key, seq), CONSTRAINT mark_event_assessment FOREIGN KEY (assessment_id) REFERENCES assessment (id), CONSTRAINT mark_event_assessor FOREIGN KEY (assessor_id) REFERENCES person (id))`,
];

const TABLES = [
  'mark_event',
  'assessment',
  'lesson_technique',
  'lesson_dish',
  'lesson',
  'rubric_edition',
  'rubric',
  'dish_edition',
  'dish',
  'invitation',
  'person',
  'absence',
  'student',
  'class',
  'technique',
  'rate_limit',
  'session',
  'setting',
];

/** Everything the path from technique to mark stores. Editions and mark events are only ever added to. */
export class FirstSlice1700000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of TABLES) await runner.query(`DROP TABLE ${table}`);
  }
}
