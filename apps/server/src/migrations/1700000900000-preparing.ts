import type { MigrationInterface, QueryRunner } from 'typeorm';

const KEY = 'CHARACTER SET ascii COLLATE ascii_bin';
const ID = `CHAR(36) ${KEY} NOT NULL`;

const UP = [
  `CREATE TABLE lesson_demonstration (
    lesson_id ${ID},
    dish_id ${ID},
    content LONGTEXT NOT NULL CHECK (JSON_VALID(content)),
    version INT NOT NULL,
    updated_at DATETIME NOT NULL,
    updated_by ${ID},
    PRIMARY KEY (lesson_id, dish_id),
    KEY lesson_demonstration_dish (dish_id),
    CONSTRAINT lesson_demonstration_of FOREIGN KEY (lesson_id) REFERENCES lesson (id) ON DELETE CASCADE,
    CONSTRAINT lesson_demonstration_what FOREIGN KEY (dish_id) REFERENCES dish (id) ON DELETE CASCADE,
    CONSTRAINT lesson_demonstration_by FOREIGN KEY (updated_by) REFERENCES person (id)
  )`,
  // A question outlives the lesson it was asked in: it stands in the next script of its dish.
  `CREATE TABLE asked_question (
    id ${ID} PRIMARY KEY,
    dish_id ${ID},
    step_id VARCHAR(40) ${KEY} NOT NULL,
    lesson_id CHAR(36) ${KEY} NULL,
    asked VARCHAR(600) NOT NULL,
    answer VARCHAR(600) NOT NULL,
    asked_at DATETIME NOT NULL,
    asked_by ${ID},
    KEY asked_question_dish (dish_id, asked_at),
    KEY asked_question_lesson (lesson_id),
    CONSTRAINT asked_question_of FOREIGN KEY (dish_id) REFERENCES dish (id) ON DELETE CASCADE,
    CONSTRAINT asked_question_in FOREIGN KEY (lesson_id) REFERENCES lesson (id) ON DELETE SET NULL,
    CONSTRAINT asked_question_by FOREIGN KEY (asked_by) REFERENCES person (id)
  )`,
  // What of a lesson's preparation is done, by whom.
  `CREATE TABLE preparation_tick (
    lesson_id ${ID},
    task VARCHAR(160) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
    done_at DATETIME NOT NULL,
    done_by ${ID},
    PRIMARY KEY (lesson_id, task),
    CONSTRAINT preparation_tick_of FOREIGN KEY (lesson_id) REFERENCES lesson (id) ON DELETE CASCADE,
    CONSTRAINT preparation_tick_by FOREIGN KEY (done_by) REFERENCES person (id)
  )`,
  // Days on which the school does not teach.
  `CREATE TABLE day_off (
    id ${ID} PRIMARY KEY,
    first DATE NOT NULL,
    last DATE NOT NULL,
    name VARCHAR(120) NOT NULL,
    uid VARCHAR(255) NOT NULL,
    KEY day_off_first (first),
    UNIQUE KEY day_off_same (first, last, name),
    CONSTRAINT day_off_order CHECK (last >= first)
  )`,
  // The secret of a feed is stored as its hash only.
  `CREATE TABLE calendar_feed (
    id ${ID} PRIMARY KEY,
    class_id ${ID},
    secret_hash CHAR(64) ${KEY} NOT NULL,
    name VARCHAR(120) NOT NULL,
    created_at DATETIME NOT NULL,
    created_by ${ID},
    UNIQUE KEY calendar_feed_secret (secret_hash),
    KEY calendar_feed_class (class_id),
    CONSTRAINT calendar_feed_of FOREIGN KEY (class_id) REFERENCES class (id) ON DELETE CASCADE,
    CONSTRAINT calendar_feed_by FOREIGN KEY (created_by) REFERENCES person (id)
  )`,
];

const DOWN = ['calendar_feed', 'day_off', 'preparation_tick', 'asked_question', 'lesson_demonstration'].map(
  (table) => `DROP TABLE ${table}`,
);

/** What is shown and what is ready: demonstrations, questions asked, preparation; and the term: days off and calendar feeds. */
export class Preparing1700000900000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}
