import type { MigrationInterface, QueryRunner } from 'typeorm';

const ID = 'CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL';

const UP = [
  // A lesson takes place in a kitchen, not in a line of text; the line stays where no kitchen bears its name.
  `ALTER TABLE kitchen MODIFY id ${ID}`,
  `ALTER TABLE lesson ADD COLUMN kitchen_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NULL`,
  'ALTER TABLE lesson ADD CONSTRAINT lesson_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchen (id)',
  'UPDATE lesson l JOIN kitchen k ON k.name = l.kitchen SET l.kitchen_id = k.id',
  `CREATE TABLE lesson_team (
    id ${ID} PRIMARY KEY,
    lesson_id ${ID},
    position INT NOT NULL,
    name VARCHAR(60) NOT NULL,
    station VARCHAR(40) NOT NULL,
    KEY lesson_team_lesson (lesson_id),
    CONSTRAINT lesson_team_of FOREIGN KEY (lesson_id) REFERENCES lesson (id) ON DELETE CASCADE
  )`,
  // A student cooks in one team of a lesson; who is erased leaves it.
  `CREATE TABLE lesson_team_member (
    lesson_id ${ID},
    student_id ${ID},
    team_id ${ID},
    PRIMARY KEY (lesson_id, student_id),
    KEY lesson_team_member_team (team_id),
    KEY lesson_team_member_student (student_id),
    CONSTRAINT lesson_team_member_of FOREIGN KEY (team_id) REFERENCES lesson_team (id) ON DELETE CASCADE,
    CONSTRAINT lesson_team_member_who FOREIGN KEY (student_id) REFERENCES student (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE lesson_team_dish (
    team_id ${ID},
    dish_id ${ID},
    PRIMARY KEY (team_id, dish_id),
    KEY lesson_team_dish_dish (dish_id),
    CONSTRAINT lesson_team_dish_of FOREIGN KEY (team_id) REFERENCES lesson_team (id) ON DELETE CASCADE,
    CONSTRAINT lesson_team_dish_what FOREIGN KEY (dish_id) REFERENCES dish (id)
  )`,
  `CREATE TABLE time_plan (
    lesson_id ${ID} PRIMARY KEY,
    content LONGTEXT NOT NULL CHECK (JSON_VALID(content)),
    version INT NOT NULL,
    updated_at DATETIME NOT NULL,
    updated_by ${ID},
    CONSTRAINT time_plan_of FOREIGN KEY (lesson_id) REFERENCES lesson (id) ON DELETE CASCADE,
    CONSTRAINT time_plan_by FOREIGN KEY (updated_by) REFERENCES person (id)
  )`,
];

const DOWN = [
  'DROP TABLE time_plan',
  'DROP TABLE lesson_team_dish',
  'DROP TABLE lesson_team_member',
  'DROP TABLE lesson_team',
  'UPDATE lesson l JOIN kitchen k ON k.id = l.kitchen_id SET l.kitchen = k.name',
  'ALTER TABLE lesson DROP CONSTRAINT lesson_kitchen',
  'ALTER TABLE lesson DROP COLUMN kitchen_id',
];

/** Lessons in kitchens, their teams, and their plans of time. */
export class Time1700000800000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}
