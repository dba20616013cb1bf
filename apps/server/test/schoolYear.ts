import { randomUUID } from 'node:crypto';
import type { DataSource } from 'typeorm';

export interface SchoolYear {
  /** Lessons beside those of the demo school. */
  readonly lessons: number;
  /** Dishes beside those of the demo school, each with an edition; lessons go through them in turn. */
  readonly dishes: number;
  /** Classes of 24 to hold the lessons; those of the demo school when left out. */
  readonly classes?: number;
  /** Whether every dish of the lessons is marked, by every criterion, and given out. */
  readonly marked?: boolean;
}

/** Lays a year of lessons over the demo school, made of copies of its own: as long, and as many in a lesson. */
export async function addSchoolYear(
  database: DataSource,
  { lessons, dishes, classes: own = 0, marked = false }: SchoolYear,
): Promise<void> {
  const [model] = (await database.query(
    'SELECT lesson_id AS id FROM lesson_dish GROUP BY lesson_id ORDER BY COUNT(*) DESC, lesson_id LIMIT 1',
  )) as [{ id: string }];
  const editions = (await database.query('SELECT id, dish_id AS dishId FROM dish_edition ORDER BY id')) as { id: string; dishId: string }[];
  const made: string[] = [];
  for (let index = 0; index < dishes; index += 1) {
    const source = editions[index % editions.length]!;
    const [dish, edition] = [randomUUID(), randomUUID()];
    await database.query(
      "INSERT INTO dish (id, title, content, version, archived, minutes, updated_at) SELECT ?, CONCAT(title, ' ', ?), content, 1, FALSE, minutes, NOW() FROM dish WHERE id = ?",
      [dish, index, source.dishId],
    );
    await database.query(
      'INSERT INTO dish_edition (id, dish_id, number, content, published_at, published_by) SELECT ?, ?, 1, content, NOW(), published_by FROM dish_edition WHERE id = ?',
      [edition, dish, source.id],
    );
    made.push(edition);
  }
  const classes =
    own > 0 ? await addClasses(database, own) : ((await database.query('SELECT id FROM class ORDER BY id')) as { id: string }[]);
  for (let index = 0; index < lessons; index += 1) {
    const id = randomUUID();
    await database.query(
      `INSERT INTO lesson (id, class_id, title, date, start, end, kitchen, team_size, portions_a_team, demonstration_portions, reference_plates, spare_makings, student_count, rubric_edition_id, substitutions, practices)
       SELECT ?, ?, CONCAT('Lesson ', ?), DATE_ADD('2027-01-01', INTERVAL ? DAY), start, end, kitchen, team_size, portions_a_team, demonstration_portions, reference_plates, spare_makings, NULL,
         (SELECT edition.id FROM rubric_edition edition JOIN rubric ON rubric.id = edition.rubric_id WHERE rubric.name = 'Practical dish'), '{"document":"substitutions","version":1,"content":{"items":[]}}', practices FROM lesson WHERE id = ?`,
      [id, classes[index % classes.length]!.id, index, index, model.id],
    );
    for (let position = 0; position < 3 && made.length > 0; position += 1)
      await database.query('INSERT INTO lesson_dish (lesson_id, dish_edition_id, position) VALUES (?, ?, ?)', [
        id,
        made[(index * 3 + position) % made.length],
        position,
      ]);
    await database.query(
      'INSERT INTO lesson_technique SELECT ?, technique_id, purpose, position FROM lesson_technique WHERE lesson_id = ?',
      [id, model.id],
    );
  }
  if (marked) await markAll(database);
}

async function addClasses(database: DataSource, count: number): Promise<{ id: string }[]> {
  const made = Array.from({ length: count }, () => ({ id: randomUUID() }));
  for (const [index, { id }] of made.entries()) {
    await database.query("INSERT INTO class (id, name, term) VALUES (?, CONCAT('Year class ', ?), 'Year')", [id, index]);
    for (let place = 0; place < 24; place += 1)
      await database.query(
        'INSERT INTO student (id, class_id, name, name_key, number, needs) SELECT ?, ?, CONCAT(?, ?), CONCAT(?, ?), ?, needs FROM student ORDER BY id LIMIT 1',
        [randomUUID(), id, 'Student ', place, 'student ', place, String(place)],
      );
  }
  return made;
}

/** Marks as an assessor would have given them, written in sets: two hundred thousand touches would take an hour. */
async function markAll(database: DataSource): Promise<void> {
  const ours = "lesson.title LIKE 'Lesson %'";
  await database.query(
    `INSERT INTO assessment (id, lesson_id, student_id, dish_edition_id, rubric_edition_id, complete)
     SELECT UUID(), lesson.id, student.id, dish.dish_edition_id, lesson.rubric_edition_id, TRUE
     FROM lesson JOIN student ON student.class_id = lesson.class_id JOIN lesson_dish dish ON dish.lesson_id = lesson.id WHERE ${ours}`,
  );
  await database.query(
    `INSERT INTO mark (assessment_id, criterion_key, assessor_id, value, number)
     SELECT a.id, criterion.name, (SELECT id FROM person WHERE role = 'lead' LIMIT 1),
       CONCAT('{"document":"mark-value","version":2,"content":{"value":', IF(criterion.kind = 'critical', '{"kind":"critical","met":true,"faults":[]}', CONCAT('{"kind":"level","level":', 1 + CRC32(a.id) MOD 4, ',"faults":[]}')), '}}'),
       ROW_NUMBER() OVER (PARTITION BY a.lesson_id ORDER BY a.id, criterion.name)
     FROM assessment a JOIN lesson ON lesson.id = a.lesson_id JOIN rubric_edition edition ON edition.id = a.rubric_edition_id
     JOIN JSON_TABLE(edition.content, '$.content.criteria[*]' COLUMNS (name VARCHAR(40) PATH '$.key', kind VARCHAR(20) PATH '$.kind')) criterion
     WHERE ${ours}`,
  );
  await database.query(
    `INSERT INTO lesson_event (lesson_id, number, id, kind, body, person_id, happened_at, received_at)
     SELECT a.lesson_id, mark.number, UUID(), 'mark',
       CONCAT('{"document":"mark","version":1,"content":', JSON_OBJECT('studentId', a.student_id, 'dishEditionId', a.dish_edition_id, 'criterionKey', mark.criterion_key, 'value', JSON_QUERY(mark.value, '$.content.value')), '}'),
       mark.assessor_id, NOW(), NOW()
     FROM mark JOIN assessment a ON a.id = mark.assessment_id JOIN lesson ON lesson.id = a.lesson_id WHERE ${ours}`,
  );
  await database.query(
    `UPDATE assessment JOIN lesson ON lesson.id = assessment.lesson_id
     SET released = CONCAT('{"document":"released-marks","version":1,"content":{"marks":{', (
       SELECT GROUP_CONCAT(JSON_QUOTE(mark.criterion_key), ':', JSON_QUERY(mark.value, '$.content.value')) FROM mark WHERE mark.assessment_id = assessment.id
     ), '},"assessorIds":[', (SELECT GROUP_CONCAT(DISTINCT JSON_QUOTE(mark.assessor_id)) FROM mark WHERE mark.assessment_id = assessment.id), ']}}')
     WHERE ${ours}`,
  );
  await database.query(
    `UPDATE lesson SET events = (SELECT COUNT(*) FROM lesson_event WHERE lesson_event.lesson_id = lesson.id),
       dishes_marked = (SELECT COUNT(*) FROM assessment WHERE assessment.lesson_id = lesson.id AND complete), released_at = NOW(), released_way = 'levels'
     WHERE ${ours}`,
  );
}
