import { hash } from 'node:crypto';
import { In, type EntityManager } from 'typeorm';
import { lessonReadiness, remembered, type Purpose, type Strand } from '@pelvo/core';
import { LESSONS_SHOWN, makingPlanOf, type LessonRange, type LessonSummary } from '@pelvo/contract';
import { titlesOfEditions } from '../dishes';
import { BUILD } from '../platform/build';
import { Lesson } from './lesson.entity';
import { lessonFacts } from './lessonFacts';
import { LessonOrder } from './lessonOrder.entity';

interface LessonRow {
  readonly id: string;
  readonly classId: string;
  readonly className: string;
  readonly title: string;
  readonly date: string;
  readonly start: string;
  readonly end: string;
  readonly kitchen: string;
  readonly teamSize: number;
  readonly portionsATeam: number;
  readonly demonstrationPortions: number;
  readonly referencePlates: number;
  readonly tastingPortions: number;
  readonly spareMakings: number;
  readonly studentCount: number | null;
  readonly hasRubric: number;
  readonly released: number;
  readonly marked: number;
  /** Of what is cooked instead of what, which the order depends on. */
  readonly swaps: string;
  readonly timeOpen: number;
  readonly madeFrom: string | null;
  readonly held: number | null;
  readonly buy: number | null;
}

const LESSONS = `SELECT l.id, l.class_id AS classId, c.name AS className, l.title, l.date, l.start, l.end, COALESCE(k.name, l.kitchen) AS kitchen, l.team_size AS teamSize,
  l.portions_a_team AS portionsATeam, l.demonstration_portions AS demonstrationPortions, l.reference_plates AS referencePlates,
  l.tasting_portions AS tastingPortions, l.spare_makings AS spareMakings, l.student_count AS studentCount, l.rubric_edition_id IS NOT NULL AS hasRubric,
  l.released_at IS NOT NULL AS released, l.dishes_marked AS marked, MD5(l.substitutions) AS swaps, COALESCE(NOT p.holds, 0) AS timeOpen, o.made_from AS madeFrom, o.held, o.buy
  FROM lesson l JOIN class c ON c.id = l.class_id LEFT JOIN kitchen k ON k.id = l.kitchen_id LEFT JOIN lesson_order o ON o.lesson_id = l.id LEFT JOIN time_plan p ON p.lesson_id = l.id
  WHERE l.date BETWEEN ? AND ? ORDER BY l.date DESC, l.start DESC, l.id LIMIT ?`;

// A row a lesson, not one a dish and one a technique: most of the time of a full year goes into reading rows.
const DISHES = `SELECT d.lesson_id AS lessonId, GROUP_CONCAT(d.dish_edition_id ORDER BY d.position) AS editionIds FROM lesson_dish d
  JOIN lesson l ON l.id = d.lesson_id WHERE l.date BETWEEN ? AND ? GROUP BY d.lesson_id`;

const IN_FOCUS = `SELECT r.lesson_id AS lessonId, GROUP_CONCAT(r.technique_id, ' ', r.purpose ORDER BY r.position) AS focus
  FROM lesson_technique r JOIN lesson l ON l.id = r.lesson_id WHERE l.date BETWEEN ? AND ? GROUP BY r.lesson_id`;

const TECHNIQUES = 'SELECT id, name, strand FROM technique';

const ROSTERS = 'SELECT class_id AS classId, COUNT(*) AS students FROM student WHERE active GROUP BY class_id';

const ABSENCES = `SELECT s.class_id AS classId, a.date, COUNT(*) AS away FROM absence a JOIN student s ON s.id = a.student_id AND s.active
  WHERE a.date BETWEEN ? AND ? GROUP BY s.class_id, a.date`;

/** Of each team, how many of it are there, and which dishes it cooks; of each lesson, how many cook only some, and how many plates that is. */
const TEAMS = `SELECT team.lessonId, MD5(GROUP_CONCAT(team.name, ':', team.hands, ':', COALESCE(team.dishes, '') ORDER BY team.position)) AS stamp,
    SUM(IF(team.dishes IS NULL, 0, team.hands)) AS choosy, SUM(team.hands * team.cooks) AS plates
  FROM (SELECT t.lesson_id AS lessonId, t.name, t.position,
      (SELECT COUNT(*) FROM lesson_team_member m JOIN student s ON s.id = m.student_id AND s.active
        LEFT JOIN absence a ON a.student_id = s.id AND a.date = l.date WHERE m.team_id = t.id AND a.student_id IS NULL) AS hands,
      (SELECT GROUP_CONCAT(d.dish_id ORDER BY d.dish_id) FROM lesson_team_dish d WHERE d.team_id = t.id) AS dishes,
      (SELECT COUNT(*) FROM lesson_team_dish d WHERE d.team_id = t.id) AS cooks
    FROM lesson_team t JOIN lesson l ON l.id = t.lesson_id WHERE l.date BETWEEN ? AND ?) team GROUP BY team.lessonId`;

const OWN_FACTS = 'SELECT MD5(GROUP_CONCAT(MD5(fact) ORDER BY name_key)) AS stamp FROM ingredient_fact';

/**
 * The lessons between two days, in their order, the newest `LESSONS_SHOWN` of them: some light queries whatever their number. How
 * an order stands is computed only for those lessons of which something has changed that the order is made from.
 */
export async function listLessons(manager: EntityManager, { from, to }: LessonRange): Promise<readonly LessonSummary[]> {
  const [rows, dishes, inFocus, techniques, rosters, absences, teams, [facts]] = (await Promise.all([
    manager.query(LESSONS, [from, to, LESSONS_SHOWN]),
    manager.query(DISHES, [from, to]),
    manager.query(IN_FOCUS, [from, to]),
    manager.query(TECHNIQUES),
    manager.query(ROSTERS),
    manager.query(ABSENCES, [from, to]),
    manager.query(TEAMS, [from, to]),
    manager.query(OWN_FACTS),
  ])) as [
    LessonRow[],
    { lessonId: string; editionIds: string }[],
    { lessonId: string; focus: string }[],
    { id: string; name: string; strand: Strand }[],
    { classId: string; students: string }[],
    { classId: string; date: string; away: string }[],
    { lessonId: string; stamp: string; choosy: string; plates: string }[],
    { stamp: string | null }[],
  ];
  const dishesOf = new Map(dishes.map(({ lessonId, editionIds }) => [lessonId, editionIds.split(',')]));
  const focusOf = new Map(inFocus.map(({ lessonId, focus }) => [lessonId, focus.split(',')]));
  const named = new Map(techniques.map(({ id, name, strand }) => [id, { name, strand }]));
  // The same few techniques come again and again over a year.
  const shown = remembered((each: string) => {
    const [id, purpose] = each.split(' ');
    return { ...named.get(id!)!, purpose: purpose as Purpose };
  });
  const titles = await titlesOfEditions(manager, [...dishesOf.values()].flat());
  const studentsOf = new Map(rosters.map(({ classId, students }) => [classId, Number(students)]));
  const awayOf = new Map(absences.map(({ classId, date, away }) => [`${classId} ${date}`, Number(away)]));
  const teamsOf = new Map(teams.map((each) => [each.lessonId, each]));
  const lessons = rows.reverse().map((row) => {
    const here = (studentsOf.get(row.classId) ?? 0) - (awayOf.get(`${row.classId} ${row.date}`) ?? 0);
    const present = row.studentCount ?? here;
    const cooked = dishesOf.get(row.id) ?? [];
    const madeFrom = hash(
      'sha1',
      JSON.stringify([BUILD, facts?.stamp, makingPlanOf(row, present), cooked, row.swaps, teamsOf.get(row.id)?.stamp]),
    );
    return { row, here, present, cooked, madeFrom };
  });
  const orders = await ordersOf(manager, lessons);
  return lessons.map(({ row, here, present, cooked }) => {
    const { id, title, date, kitchen, className } = row;
    const order = orders.get(id) ?? { held: Number(row.held), buy: Number(row.buy) };
    const focus = focusOf.get(id) ?? [];
    return {
      id,
      title,
      date,
      kitchen,
      className,
      present,
      start: row.start.slice(0, 5),
      end: row.end.slice(0, 5),
      dishes: cooked.map((editionId) => titles.get(editionId)!),
      techniques: focus.map(shown),
      readiness: lessonReadiness({
        present,
        dishes: cooked.length,
        techniques: focus.length,
        hasRubric: Boolean(Number(row.hasRubric)),
        timeOpen: Boolean(Number(row.timeOpen)),
        heldLines: order.held,
        orderLines: order.buy,
        toMark: (here - Number(teamsOf.get(id)?.choosy ?? 0)) * cooked.length + Number(teamsOf.get(id)?.plates ?? 0),
        marked: Number(row.marked),
        released: Boolean(Number(row.released)),
      }),
    };
  });
}

interface Standing {
  readonly held: number;
  readonly buy: number;
}

/** How the orders stand of which something has changed since they were kept: they are computed, and kept. */
async function ordersOf(
  manager: EntityManager,
  lessons: readonly { readonly row: LessonRow; readonly madeFrom: string }[],
): Promise<ReadonlyMap<string, Standing>> {
  const standing = new Map<string, Standing>();
  const changed = new Map(lessons.filter(({ row, madeFrom }) => row.madeFrom !== madeFrom).map(({ row, madeFrom }) => [row.id, madeFrom]));
  if (changed.size === 0) return standing;
  const loaded = await manager.find(Lesson, {
    where: { id: In([...changed.keys()]) },
    relations: { dishes: { edition: true }, techniques: true },
  });
  const facts = await lessonFacts(manager, loaded);
  const made = loaded.map(({ id }) => {
    const { order } = facts.get(id)!;
    return { lessonId: id, madeFrom: changed.get(id)!, held: order.held.length, buy: order.lines.length };
  });
  for (const { lessonId, held, buy } of made) standing.set(lessonId, { held, buy });
  // Two that compute the same keep the same; a lesson that has gone meanwhile keeps nothing.
  await manager
    .createQueryBuilder()
    .insert()
    .into(LessonOrder)
    .values(made)
    .orUpdate(['made_from', 'held', 'buy'], ['lesson_id'])
    .execute()
    .catch((error: { code?: string }) => {
      if (error.code !== 'ER_NO_REFERENCED_ROW_2' && error.code !== 'ER_LOCK_DEADLOCK') throw error;
    });
  return standing;
}
