// Compares what was confirmed with what is there.
import mysql from 'mysql2/promise';

const parsed = (value) => (typeof value === 'string' ? JSON.parse(value) : value);
const sameWord = (a, b) => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));
const sorted = (value) =>
  value && typeof value === 'object' && !Array.isArray(value)
    ? Object.fromEntries(
        Object.keys(value)
          .sort()
          .map((key) => [key, sorted(value[key])]),
      )
    : value;

/**
 * Counts confirmed marks that are lost, events that are there twice, numbers with gaps, and marks that do not say what their
 * lesson's events say last.
 *
 * @param {string} url - of the database
 * @param {ReadonlyMap<string, object>} confirmed - marks by the id of their event
 */
export async function countMarks(url, confirmed) {
  const database = await mysql.createConnection(url.replace(/^mariadb:/, 'mysql:'));
  try {
    const [events] = await database.query(
      'SELECT id, lesson_id AS lessonId, number, person_id AS personId, body FROM lesson_event ORDER BY lesson_id, number',
    );
    const times = new Map();
    for (const { id } of events) times.set(id, (times.get(id) ?? 0) + 1);
    const lost = [...confirmed.keys()].filter((id) => !times.has(id)).length;
    const doubled = [...times.values()].filter((count) => count > 1).length;
    const [lessons] = await database.query('SELECT id, events, dishes_marked AS marked FROM lesson');
    const [plates] = await database.query(
      'SELECT id, lesson_id AS lessonId, student_id AS studentId, dish_edition_id AS dishEditionId, complete FROM assessment',
    );
    const [marks] = await database.query(
      'SELECT assessment_id AS plate, criterion_key AS criterion, assessor_id AS assessor, value, number FROM mark',
    );
    let gaps = 0;
    let miscounted = 0;
    const last = new Map();
    const plateOf = new Map(plates.map((plate) => [`${plate.lessonId} ${plate.studentId} ${plate.dishEditionId}`, plate.id]));
    for (const lesson of lessons) {
      const own = events.filter(({ lessonId }) => lessonId === lesson.id);
      if (own.some(({ number }, index) => number !== index + 1) || lesson.events !== own.length) gaps += 1;
      if (plates.filter(({ lessonId, complete }) => lessonId === lesson.id && complete).length !== lesson.marked) miscounted += 1;
      for (const event of own) {
        const { studentId, dishEditionId, criterionKey, value } = parsed(event.body).content;
        // Rounds, readings of what cools and the like are no marks.
        if (criterionKey === undefined) continue;
        const plate = plateOf.get(`${lesson.id} ${studentId} ${dishEditionId}`);
        last.set(`${plate} ${criterionKey} ${event.personId}`, { value, number: event.number });
      }
    }
    const wrong =
      marks.filter(({ plate, criterion, assessor, value, number }) => {
        const said = last.get(`${plate} ${criterion} ${assessor}`);
        return !said || said.number !== number || !sameWord(parsed(value).content.value, said.value);
      }).length + Math.abs(last.size - marks.length);
    return { confirmed: confirmed.size, there: events.length, lost, doubled, gaps, miscounted, wrong };
  } finally {
    await database.end();
  }
}

/** One line for the console; throws when anything is amiss. */
export function report(what, { confirmed, there, lost, doubled, gaps, miscounted, wrong }, refused, more = '') {
  const amiss = lost + doubled + gaps + miscounted + wrong + refused.length;
  console.log(
    `${what}: ${confirmed} confirmed, ${lost} lost, ${doubled} doubled, ${gaps} lessons with gaps, ${wrong + miscounted} derived wrongly, ${refused.length} refused` +
      `${more ? `; ${more}` : ''} (${there} events there)`,
  );
  if (refused.length > 0) console.log(JSON.stringify(refused[0]).slice(0, 500));
  return amiss === 0;
}
