import type { EntityManager } from 'typeorm';
import {
  estimateSkill,
  grouped,
  MARK_VALUE,
  markInWords,
  signsOf,
  type Criterion,
  type MarkValue,
  type RubricContent,
  type Skill,
  type TechniqueSign,
} from '@pelvo/core';
import { SKILL_SIGNS_SHOWN, type ClassSkills, type SkillSignSaid } from '@pelvo/contract';
import { openStored, parsedJson } from '../platform/database/documentColumn';
import { notFound } from '../platform/problems';
import { rubricsOfEditions } from '../rubrics';

interface LessonOfClass {
  readonly id: string;
  readonly title: string;
  readonly date: string;
}

interface DishCooked {
  readonly id: string;
  readonly title: string;
  readonly techniqueIds: unknown;
}

/** A dish that was marked. */
interface MarkedPlate {
  readonly id: string;
  readonly studentId: string;
  readonly lessonId: string;
  readonly dishEditionId: string;
  readonly rubricEditionId: string;
  /** Its judgements, "key value" a line; null where all were taken back. */
  readonly marks: string | null;
}

/** The newest that are looked at: more than a class cooks in a year. */
const MOST_PLATES = 10_000;
const DAY_MS = 86_400_000;

export const dayOf = (date: string): number => Math.round(Date.parse(`${date}T00:00:00Z`) / DAY_MS);

/** A judgement that says something of a technique: where it was given, and the judgement as it is stored, "key value". */
interface Sign {
  readonly says: TechniqueSign;
  readonly plate: MarkedPlate;
  readonly day: number;
  readonly judged: string;
}

interface SignsOfClass {
  /** By student, then by technique, the newest first. */
  readonly of: ReadonlyMap<string, ReadonlyMap<string, readonly Sign[]>>;
  readonly lessons: ReadonlyMap<string, LessonOfClass>;
  readonly dishes: ReadonlyMap<string, DishCooked>;
  readonly rubrics: ReadonlyMap<string, RubricContent>;
  readonly techniques: ReadonlyMap<string, string>;
}

/**
 * Names of the techniques that a dish exercises and its lesson takes up.
 *
 * @param techniques - names by id
 */
export function namesIn({
  dishes,
  taught,
  techniques,
}: {
  readonly dishes: ReadonlyMap<string, Pick<DishCooked, 'techniqueIds'>>;
  readonly taught: readonly { readonly lessonId: string; readonly techniqueId: string }[];
  readonly techniques: ReadonlyMap<string, string>;
}): (plate: Pick<MarkedPlate, 'lessonId' | 'dishEditionId'>) => ReadonlySet<string> {
  const inFocus = grouped(taught, ({ lessonId }) => lessonId);
  return ({ lessonId, dishEditionId }) => {
    const exercised = (parsedJson(dishes.get(dishEditionId)?.techniqueIds ?? null) as readonly string[] | null) ?? [];
    const ids = [...exercised, ...(inFocus.get(lessonId) ?? []).map(({ techniqueId }) => techniqueId)];
    return new Set(ids.flatMap((id) => techniques.get(id) ?? []));
  };
}

/** What every judgement of a class, or of one of its students, says of techniques. */
async function signsOfClass(manager: EntityManager, classId: string, studentId?: string): Promise<SignsOfClass> {
  const of = [classId, studentId ?? null, studentId ?? null, MOST_PLATES];
  const [plates, lessonRows, dishRows, techniqueRows, taught, agreedRows] = await Promise.all([
    // A row a plate, its marks in one text: most of the time of a year's marks goes into reading rows.
    manager.query(
      `SELECT a.id, a.student_id AS studentId, a.lesson_id AS lessonId, a.dish_edition_id AS dishEditionId, a.rubric_edition_id AS rubricEditionId,
         (SELECT GROUP_CONCAT(m.criterion_key, ' ', m.value SEPARATOR '\\n') FROM mark m WHERE m.assessment_id = a.id) AS marks
       FROM lesson JOIN assessment a ON a.lesson_id = lesson.id WHERE lesson.class_id = ? AND (? IS NULL OR a.student_id = ?) LIMIT ?`,
      of,
    ) as Promise<MarkedPlate[]>,
    manager.query('SELECT id, title, date FROM lesson WHERE class_id = ?', [classId]) as Promise<LessonOfClass[]>,
    manager.query(
      `SELECT id, title, technique_ids AS techniqueIds FROM dish_edition WHERE id IN (
         SELECT cooked.dish_edition_id FROM lesson JOIN lesson_dish cooked ON cooked.lesson_id = lesson.id WHERE lesson.class_id = ?)`,
      [classId],
    ) as Promise<DishCooked[]>,
    manager.query('SELECT id, name FROM technique') as Promise<{ id: string; name: string }[]>,
    manager.query(
      'SELECT focus.lesson_id AS lessonId, focus.technique_id AS techniqueId FROM lesson_technique focus JOIN lesson ON lesson.id = focus.lesson_id WHERE lesson.class_id = ?',
      [classId],
    ) as Promise<{ lessonId: string; techniqueId: string }[]>,
    // Few of all the marks of a school, found by their own index.
    manager.query("SELECT assessment_id AS plateId, CONCAT(criterion_key, ' ', value) AS judged FROM mark WHERE agreed = 1") as Promise<
      { plateId: string; judged: string }[]
    >,
  ]);
  const editions = await rubricsOfEditions(manager, [...new Set(plates.map(({ rubricEditionId }) => rubricEditionId))]);
  const rubrics = new Map(editions.map(({ editionId, content }) => [editionId, content]));
  const lessons = new Map(lessonRows.map((lesson) => [lesson.id, lesson]));
  const dishes = new Map(dishRows.map((dish) => [dish.id, dish]));
  const techniques = new Map(techniqueRows.map(({ id, name }) => [id, name]));
  const dayOfLesson = new Map(lessonRows.map(({ id, date }) => [id, dayOf(date)]));
  const inLesson = namesIn({ dishes, taught, techniques });
  // Whoever cooked a dish in a lesson is judged over the same techniques, mostly in the same few ways: each is worked out once.
  const agreed = grouped(agreedRows, ({ plateId }) => plateId);
  const ways = new Map<string, { readonly names: ReadonlySet<string>; readonly said: Map<string, readonly TechniqueSign[]> }>();
  const found = new Map<string, Map<string, Sign[]>>();
  const newestFirst = [...plates].sort((a, b) => (dayOfLesson.get(b.lessonId) ?? 0) - (dayOfLesson.get(a.lessonId) ?? 0));
  for (const plate of newestFirst) {
    const key = plate.lessonId + plate.dishEditionId + plate.rubricEditionId;
    const way = ways.get(key) ?? { names: inLesson(plate), said: new Map<string, readonly TechniqueSign[]>() };
    ways.set(key, way);
    const rubric = rubrics.get(plate.rubricEditionId)!;
    const own = found.get(plate.studentId) ?? new Map<string, Sign[]>();
    found.set(plate.studentId, own);
    const day = dayOfLesson.get(plate.lessonId) ?? 0;
    for (const mark of settledIn(plate.marks, agreed.get(plate.id))) {
      let says = way.said.get(mark);
      if (!says) {
        says = signsIn(mark, rubric, way.names);
        way.said.set(mark, says);
      }
      for (const sign of says) {
        const of = own.get(sign.technique);
        if (of) of.push({ says: sign, plate, day, judged: mark });
        else own.set(sign.technique, [{ says: sign, plate, day, judged: mark }]);
      }
    }
  }
  return { of: found, lessons, dishes, rubrics, techniques };
}

/** The judgements of a plate; of a criterion that was agreed on, only that. */
function settledIn(marks: string | null, agreed: readonly { readonly judged: string }[] = []): readonly string[] {
  const all = marks?.split('\n') ?? [];
  if (agreed.length === 0) return all;
  const keyOf = (mark: string) => mark.slice(0, mark.indexOf(' '));
  const settled = new Set(agreed.map(({ judged }) => keyOf(judged)));
  return [...agreed.map(({ judged }) => judged), ...all.filter((mark) => !settled.has(keyOf(mark)))];
}

/** "key value", in two; no key holds a blank. */
function judgedOf(mark: string, rubric: RubricContent): { criterion: Criterion | undefined; value: MarkValue | null } {
  const cut = mark.indexOf(' ');
  const key = mark.slice(0, cut);
  return {
    criterion: rubric.criteria.find((criterion) => criterion.key === key),
    value: openStored(MARK_VALUE, mark.slice(cut + 1)).value,
  };
}

function signsIn(mark: string, rubric: RubricContent, inLesson: ReadonlySet<string>): readonly TechniqueSign[] {
  const { criterion, value } = judgedOf(mark, rubric);
  return criterion ? signsOf(criterion, value, { rubric, inLesson }) : [];
}

const skillOf = (signs: readonly Sign[], today: number): Skill =>
  estimateSkill(
    signs.map(({ says: { level, evidence, sharedBy }, day }) => ({ level, evidence, sharedBy, day })),
    today,
  )!;

/** How every student of a class stands with every technique of which marks say something. @throws ProblemException when there is no such class */
export async function skillsOfClass(manager: EntityManager, classId: string, today: string): Promise<ClassSkills> {
  const [found] = (await manager.query('SELECT name FROM class WHERE id = ?', [classId])) as { name: string }[];
  if (!found) throw notFound('class');
  const students = (await manager.query('SELECT id, name FROM student WHERE class_id = ? AND active ORDER BY name LIMIT 100', [
    classId,
  ])) as {
    id: string;
    name: string;
  }[];
  const signs = await signsOfClass(manager, classId);
  const ids = new Map([...signs.techniques].map(([id, name]) => [name, id]));
  const sees = new Map<string, string>(
    [...signs.rubrics.values()].flatMap(({ criteria }) =>
      criteria.flatMap(({ faults }) => faults.map(({ technique, key, see }) => [`${technique} ${key}`, see] as const)),
    ),
  );
  const faults = new Map<
    string,
    { readonly technique: string; readonly place: string; readonly see: string; times: number; readonly students: Set<string> }
  >();
  const cells: ClassSkills['cells'][number][] = [];
  for (const { id: studentId } of students)
    for (const [technique, own] of signs.of.get(studentId) ?? []) {
      cells.push({ studentId, technique, skill: skillOf(own, dayOf(today)) });
      for (const { says } of own)
        for (const { key, place } of says.faults) {
          const at = `${technique} ${key} ${place}`;
          const known = faults.get(at) ?? {
            technique,
            place,
            see: sees.get(`${technique} ${key}`) ?? key,
            times: 0,
            students: new Set<string>(),
          };
          faults.set(at, known);
          known.times += 1;
          known.students.add(studentId);
        }
    }
  return {
    classId,
    className: found.name,
    today,
    students,
    techniques: [...new Set(cells.map(({ technique }) => technique))].sort().map((name) => ({ name, id: ids.get(name) ?? null })),
    cells,
    faults: [...faults.values()]
      .map((fault) => ({ ...fault, students: fault.students.size }))
      .sort((a, b) => b.students - a.students || b.times - a.times)
      .slice(0, COMMONEST),
  };
}

const COMMONEST = 20;

/** What stands behind one student's standing with one technique, the newest first. */
export async function signsBehind(
  manager: EntityManager,
  of: { readonly classId: string; readonly studentId: string; readonly technique: string },
): Promise<readonly SkillSignSaid[]> {
  const signs = await signsOfClass(manager, of.classId, of.studentId);
  const own = (signs.of.get(of.studentId)?.get(of.technique) ?? []).slice(0, SKILL_SIGNS_SHOWN);
  if (own.length === 0) return [];
  const people = (await manager.query(
    `SELECT m.assessment_id AS plateId, CONCAT(m.criterion_key, ' ', m.value) AS judged, person.name FROM mark m JOIN person ON person.id = m.assessor_id
     WHERE m.assessment_id IN (?)`,
    [[...new Set(own.map(({ plate }) => plate.id))]],
  )) as { plateId: string; judged: string; name: string }[];
  const by = new Map(people.map(({ plateId, judged, name }) => [`${plateId} ${judged}`, name]));
  return own.map(({ says, plate, judged }) => {
    const { criterion, value } = judgedOf(judged, signs.rubrics.get(plate.rubricEditionId)!);
    const [said, means] = markInWords(criterion!, value!);
    const lesson = signs.lessons.get(plate.lessonId)!;
    return {
      lesson: lesson.title,
      lessonId: lesson.id,
      date: lesson.date,
      dish: signs.dishes.get(plate.dishEditionId)?.title ?? '',
      criterion: criterion!.name,
      said: means ? `${said}: ${means}` : said,
      level: says.level,
      evidence: says.evidence,
      sharedBy: says.sharedBy,
      by: by.get(`${plate.id} ${judged}`) ?? '',
    };
  });
}
