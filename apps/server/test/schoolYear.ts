import { randomUUID } from 'node:crypto';
import type { DataSource } from 'typeorm';

export interface SchoolYear {
  /** Lessons beside those of the demo school. */
  readonly lessons: number;
  /** Dishes beside those of the demo school, each with an edition; lessons go through them in turn. */
  readonly dishes: number;
}

/** Lays a year of lessons over the demo school, made of copies of its own: as long, and as many in a lesson. */
export async function addSchoolYear(database: DataSource, { lessons, dishes }: SchoolYear): Promise<void> {
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
  const classes = (await database.query('SELECT id FROM class ORDER BY id')) as { id: string }[];
  for (let index = 0; index < lessons; index += 1) {
    const id = randomUUID();
    await database.query(
      `INSERT INTO lesson (id, class_id, title, date, start, end, kitchen, team_size, portions_a_team, demonstration_portions, reference_plates, spare_makings, student_count, rubric_edition_id, substitutions, practices)
       SELECT ?, ?, CONCAT('Lesson ', ?), DATE_ADD('2027-01-01', INTERVAL ? DAY), start, end, kitchen, team_size, portions_a_team, demonstration_portions, reference_plates, spare_makings, NULL,
         (SELECT id FROM rubric_edition ORDER BY id LIMIT 1), '{"document":"substitutions","version":1,"content":{"items":[]}}', practices FROM lesson WHERE id = ?`,
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
}
