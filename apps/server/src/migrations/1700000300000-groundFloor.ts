import type { MigrationInterface, QueryRunner } from 'typeorm';

const ID = 'CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL';

/** Settings as they were first written; a migration holds what it needs itself, so that it goes on meaning the same. */
const settings = (marking: string, weighingOut: string) =>
  JSON.stringify({ document: 'school-settings', version: 1, content: { marking, weighingOut, timeZone: 'UTC' } });

const BEFORE = [
  `ALTER TABLE person ADD COLUMN session_epoch INT NOT NULL DEFAULT 1, ADD COLUMN preferences JSON NULL`,
  `CREATE TABLE school (id TINYINT NOT NULL PRIMARY KEY, settings JSON NOT NULL, version INT NOT NULL DEFAULT 1, CONSTRAINT school_one CHECK (id = 1))`,
  `ALTER TABLE lesson ADD COLUMN settings JSON NOT NULL DEFAULT '{"document":"lesson-settings","version":1,"content":{"marking":null,"weighingOut":null}}', ADD COLUMN events INT NOT NULL DEFAULT 0, ADD COLUMN dishes_marked INT NOT NULL DEFAULT 0`,
  `CREATE TABLE lesson_event (lesson_id ${ID}, number INT NOT NULL, id ${ID}, kind VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL, body JSON NOT NULL, person_id ${ID}, happened_at DATETIME(3) NOT NULL, received_at DATETIME(3) NOT NULL,
    PRIMARY KEY (lesson_id, number), UNIQUE KEY lesson_event_id (id), CONSTRAINT lesson_event_lesson FOREIGN KEY (lesson_id) REFERENCES lesson (id), CONSTRAINT lesson_event_person FOREIGN KEY (person_id) REFERENCES person (id))`,
  `ALTER TABLE assessment ADD COLUMN complete BOOLEAN NOT NULL DEFAULT FALSE, ADD COLUMN released JSON NULL`,
  `CREATE TABLE mark (assessment_id ${ID}, criterion_key VARCHAR(40) NOT NULL, assessor_id ${ID}, value JSON NOT NULL, number INT NOT NULL,
    PRIMARY KEY (assessment_id, criterion_key, assessor_id), CONSTRAINT mark_assessment FOREIGN KEY (assessment_id) REFERENCES assessment (id), CONSTRAINT mark_assessor FOREIGN KEY (assessor_id) REFERENCES person (id))`,
];

const MARKS_INTO_STREAM = [
  // Marks become events of their lesson, numbered in the order in which they came.
  `INSERT INTO lesson_event (lesson_id, number, id, kind, body, person_id, happened_at, received_at)
   SELECT a.lesson_id, ROW_NUMBER() OVER (PARTITION BY a.lesson_id ORDER BY m.seq), m.id, 'mark',
     JSON_COMPACT(CONCAT('{"document":"mark","version":1,"content":', JSON_OBJECT('studentId', a.student_id, 'dishEditionId', a.dish_edition_id, 'criterionKey', m.criterion_key, 'value', JSON_COMPACT(COALESCE(m.value, 'null'))), '}')),
     m.assessor_id, m.touched_at, m.received_at
   FROM mark_event m JOIN assessment a ON a.id = m.assessment_id`,
  `UPDATE lesson SET events = COALESCE((SELECT MAX(number) FROM lesson_event WHERE lesson_event.lesson_id = lesson.id), 0)`,
  // What was taken back was taken back from the dish, by whoever did it: then no assessor's word is left.
  `INSERT INTO mark (assessment_id, criterion_key, assessor_id, value, number)
   SELECT m.assessment_id, m.criterion_key, m.assessor_id,
     CONCAT('{"document":"mark-value","version":2,"content":{"value":', IF(newest.value IS NULL, 'null', COALESCE(m.value, 'null')), '}}'), e.number
   FROM mark_event m
   JOIN lesson_event e ON e.id = m.id
   JOIN mark_event newest ON newest.seq = (SELECT MAX(n.seq) FROM mark_event n WHERE n.assessment_id = m.assessment_id AND n.criterion_key = m.criterion_key)
   WHERE m.seq = (SELECT MAX(o.seq) FROM mark_event o WHERE o.assessment_id = m.assessment_id AND o.criterion_key = m.criterion_key AND o.assessor_id = m.assessor_id)`,
  `UPDATE assessment SET complete = (SELECT COUNT(DISTINCT mark.criterion_key) FROM mark WHERE mark.assessment_id = assessment.id AND JSON_EXTRACT(mark.value, '$.content.value.kind') IS NOT NULL)
     >= (SELECT JSON_LENGTH(COALESCE(JSON_EXTRACT(e.content, '$.content.criteria'), JSON_EXTRACT(e.content, '$.criteria'))) FROM rubric_edition e WHERE e.id = assessment.rubric_edition_id)`,
  `UPDATE lesson SET dishes_marked = (SELECT COUNT(*) FROM assessment WHERE assessment.lesson_id = lesson.id AND assessment.complete)`,
];

const DOWN = [
  `CREATE TABLE mark_event (seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY, id ${ID}, assessment_id ${ID}, criterion_key VARCHAR(40) NOT NULL, value JSON NULL, assessor_id ${ID}, touched_at DATETIME(3) NOT NULL, received_at DATETIME(3) NOT NULL,
    UNIQUE KEY mark_event_id (id), KEY mark_event_criterion (assessment_id, criterion_key, seq), CONSTRAINT mark_event_assessment FOREIGN KEY (assessment_id) REFERENCES assessment (id), CONSTRAINT mark_event_assessor FOREIGN KEY (assessor_id) REFERENCES person (id))`,
  `INSERT INTO mark_event (id, assessment_id, criterion_key, value, assessor_id, touched_at, received_at)
   SELECT e.id, a.id, JSON_VALUE(e.body, '$.content.criterionKey'), NULLIF(JSON_EXTRACT(e.body, '$.content.value'), 'null'), e.person_id, e.happened_at, e.received_at
   FROM lesson_event e JOIN assessment a ON a.lesson_id = e.lesson_id AND a.student_id = JSON_VALUE(e.body, '$.content.studentId') AND a.dish_edition_id = JSON_VALUE(e.body, '$.content.dishEditionId')
   WHERE e.kind = 'mark' ORDER BY e.received_at, e.lesson_id, e.number`,
  `INSERT INTO practice_choice (matter, practice, version) SELECT 'marking', JSON_VALUE(settings, '$.content.marking'), 1 FROM school`,
  `INSERT INTO practice_choice (matter, practice, version) SELECT 'weighing-out', JSON_VALUE(settings, '$.content.weighingOut'), 1 FROM school`,
  'DROP TABLE mark',
  'ALTER TABLE assessment DROP COLUMN released, DROP COLUMN complete',
  'DROP TABLE lesson_event',
  'ALTER TABLE lesson DROP COLUMN dishes_marked, DROP COLUMN events, DROP COLUMN settings',
  'DROP TABLE school',
  'ALTER TABLE person DROP COLUMN preferences, DROP COLUMN session_epoch',
];

/** The stream of a lesson with what is derived from it, sessions that end, settings of school and lesson, preferences. */
export class GroundFloor1700000300000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of BEFORE) await runner.query(statement);
    await this.settingsFromChoices(runner);
    for (const statement of MARKS_INTO_STREAM) await runner.query(statement);
    await this.keepReleased(runner);
    await runner.query('DROP TABLE mark_event');
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }

  /** Two matters of teaching were settings of how a lesson runs all along. */
  private async settingsFromChoices(runner: QueryRunner): Promise<void> {
    const rows = (await runner.query("SELECT matter, practice FROM practice_choice WHERE matter IN ('marking', 'weighing-out')")) as {
      matter: string;
      practice: string | null;
    }[];
    const chosen = (matter: string, otherwise: string) => rows.find((row) => row.matter === matter)?.practice ?? otherwise;
    await runner.query('INSERT INTO school (id, settings, version) VALUES (1, ?, 1)', [
      settings(chosen('marking', 'levels'), chosen('weighing-out', 'trays')),
    ]);
    await runner.query("DELETE FROM practice_choice WHERE matter IN ('marking', 'weighing-out')");
    await runner.query(
      `UPDATE lesson SET settings = CONCAT('{"document":"lesson-settings","version":1,"content":', JSON_OBJECT('marking', JSON_VALUE(practices, '$.marking'), 'weighingOut', JSON_VALUE(practices, '$."weighing-out"')), '}')
       WHERE JSON_VALUE(practices, '$.marking') IS NOT NULL OR JSON_VALUE(practices, '$."weighing-out"') IS NOT NULL`,
    );
  }

  /** Students keep the results they were given. */
  private async keepReleased(runner: QueryRunner): Promise<void> {
    const rows = (await runner.query(
      `SELECT mark.assessment_id AS id, mark.criterion_key AS criterion, mark.assessor_id AS assessor, mark.number AS number,
         JSON_EXTRACT(mark.value, '$.content.value') AS value
       FROM mark JOIN assessment ON assessment.id = mark.assessment_id JOIN lesson ON lesson.id = assessment.lesson_id
       WHERE lesson.released_at IS NOT NULL AND JSON_EXTRACT(mark.value, '$.content.value.kind') IS NOT NULL
       ORDER BY mark.assessment_id, mark.number`,
    )) as { id: string; criterion: string; assessor: string; value: unknown }[];
    const released = new Map<string, Map<string, { assessor: string; value: unknown }>>();
    for (const { id, criterion, assessor, value } of rows) {
      const own = released.get(id) ?? new Map<string, { assessor: string; value: unknown }>();
      own.set(criterion, { assessor, value: typeof value === 'string' ? JSON.parse(value) : value });
      released.set(id, own);
    }
    for (const [id, own] of released) {
      const content = {
        marks: Object.fromEntries([...own].map(([criterion, { value }]) => [criterion, value])),
        assessorIds: [...new Set([...own.values()].map(({ assessor }) => assessor))],
      };
      await runner.query('UPDATE assessment SET released = ? WHERE id = ?', [
        JSON.stringify({ document: 'released-marks', version: 1, content }),
        id,
      ]);
    }
    const empty = JSON.stringify({ document: 'released-marks', version: 1, content: { marks: {}, assessorIds: [] } });
    await runner.query(
      'UPDATE assessment JOIN lesson ON lesson.id = assessment.lesson_id SET assessment.released = ? WHERE lesson.released_at IS NOT NULL AND assessment.released IS NULL',
      [empty],
    );
  }
}
