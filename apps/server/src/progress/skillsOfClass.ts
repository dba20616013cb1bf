import type { EntityManager } from 'typeorm';
import { estimateSkill, grouped, MARK_VALUE, markInWords, signsOf, type Skill, type TechniqueSign } from '@pelvo/core';
import { SKILL_SIGNS_SHOWN, type ClassSkills, type SkillSignSaid } from '@pelvo/contract';
import { openStored, parsedJson } from '../platform/database/documentColumn';
import { notFound } from '../platform/problems';
import { rubricsOfEditions } from '../rubrics';

interface JudgedRow {
  readonly studentId: string;
  readonly lessonId: string;
  readonly lesson: string;
  readonly date: string;
  readonly dish: string;
  readonly techniqueIds: unknown;
  readonly rubricEditionId: string;
  readonly criterionKey: string;
  readonly assessor: string;
  readonly value: unknown;
}

/** The newest that are looked at: more than a class is marked in a year. */
const MOST_MARKS = 60_000;
const DAY_MS = 86_400_000;

const dayOf = (date: string): number => Math.round(Date.parse(`${date}T00:00:00Z`) / DAY_MS);

type Sign = TechniqueSign & { readonly row: JudgedRow };

/** What every judgement of a class says of its students' techniques, by student and technique. */
async function signsOfClass(manager: EntityManager, classId: string, studentId?: string): Promise<ReadonlyMap<string, readonly Sign[]>> {
  const rows = (await manager.query(
    `SELECT a.student_id AS studentId, lesson.id AS lessonId, lesson.title AS lesson, lesson.date, edition.title AS dish,
       edition.technique_ids AS techniqueIds, a.rubric_edition_id AS rubricEditionId, m.criterion_key AS criterionKey,
       person.name AS assessor, m.value
     FROM lesson
     JOIN assessment a ON a.lesson_id = lesson.id
     JOIN dish_edition edition ON edition.id = a.dish_edition_id
     JOIN mark m ON m.assessment_id = a.id
     JOIN person ON person.id = m.assessor_id
     WHERE lesson.class_id = ? AND (? IS NULL OR a.student_id = ?)
     ORDER BY lesson.date DESC, m.number LIMIT ?`,
    [classId, studentId ?? null, studentId ?? null, MOST_MARKS],
  )) as JudgedRow[];
  const [techniques, taught, rubrics] = await Promise.all([
    manager.query('SELECT id, name FROM technique') as Promise<{ id: string; name: string }[]>,
    manager.query(
      'SELECT focus.lesson_id AS lessonId, focus.technique_id AS techniqueId FROM lesson_technique focus JOIN lesson ON lesson.id = focus.lesson_id WHERE lesson.class_id = ?',
      [classId],
    ) as Promise<{ lessonId: string; techniqueId: string }[]>,
    rubricsOfEditions(manager, [...new Set(rows.map(({ rubricEditionId }) => rubricEditionId))]),
  ]);
  const contents = new Map(rubrics.map(({ editionId, content }) => [editionId, content]));
  const nameOf = new Map(techniques.map(({ id, name }) => [id, name]));
  const inFocus = grouped(taught, ({ lessonId }) => lessonId);
  const named = new Map<string, ReadonlySet<string>>();
  /** Names of what a dish exercises and its lesson takes up; the same for all who cooked it there. */
  const inLesson = ({ lessonId, dish, techniqueIds }: JudgedRow): ReadonlySet<string> => {
    const key = `${lessonId} ${dish}`;
    const known = named.get(key);
    if (known) return known;
    const ids = [
      ...((parsedJson(techniqueIds) as readonly string[] | null) ?? []),
      ...(inFocus.get(lessonId) ?? []).map(({ techniqueId }) => techniqueId),
    ];
    const names = new Set(ids.flatMap((id) => nameOf.get(id) ?? []));
    named.set(key, names);
    return names;
  };
  const signs = rows.flatMap((row): Sign[] => {
    const rubric = contents.get(row.rubricEditionId)!;
    const criterion = rubric.criteria.find(({ key }) => key === row.criterionKey);
    if (!criterion) return [];
    const { value } = openStored(MARK_VALUE, row.value);
    return signsOf(criterion, value, { rubric, inLesson: inLesson(row) }).map((sign) => ({ ...sign, row }));
  });
  return grouped(signs, ({ technique, row }) => `${row.studentId} ${technique}`);
}

const skillOf = (signs: readonly Sign[], today: string): Skill =>
  estimateSkill(
    signs.map(({ row, ...sign }) => ({ ...sign, day: dayOf(row.date) })),
    dayOf(today),
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
  const there = new Set(students.map(({ id }) => id));
  const signs = [...(await signsOfClass(manager, classId)).values()].filter(([first]) => there.has(first!.row.studentId));
  const ids = new Map(
    ((await manager.query('SELECT id, name FROM technique')) as { id: string; name: string }[]).map(({ id, name }) => [name, id]),
  );
  const faults = new Map<string, { technique: string; key: string; times: number; students: Set<string> }>();
  for (const { technique, faults: noted, row } of signs.flat())
    for (const key of noted) {
      const at = `${technique} ${key}`;
      const known = faults.get(at) ?? { technique, key, times: 0, students: new Set() };
      known.times += 1;
      known.students.add(row.studentId);
      faults.set(at, known);
    }
  const sees = await seesOf(manager, signs.flat());
  return {
    classId,
    className: found.name,
    today,
    students,
    techniques: [...new Set(signs.map(([first]) => first!.technique))].sort().map((name) => ({ name, id: ids.get(name) ?? null })),
    cells: signs.map((own) => ({ studentId: own[0]!.row.studentId, technique: own[0]!.technique, skill: skillOf(own, today) })),
    faults: [...faults.values()]
      .map(({ technique, key, times, students: of }) => ({
        technique,
        see: sees.get(`${technique} ${key}`) ?? key,
        times,
        students: of.size,
      }))
      .sort((a, b) => b.students - a.students || b.times - a.times)
      .slice(0, 20),
  };
}

/** What each fault looks like, in the words of the newest edition that has it. */
async function seesOf(manager: EntityManager, signs: readonly Sign[]): Promise<ReadonlyMap<string, string>> {
  const editions = await rubricsOfEditions(manager, [...new Set(signs.map(({ row }) => row.rubricEditionId))]);
  return new Map(
    editions.flatMap(({ content }) =>
      content.criteria.flatMap(({ faults }) => faults.map(({ technique, key, see }) => [`${technique} ${key}`, see] as const)),
    ),
  );
}

/** What stands behind one student's standing with one technique, the newest first. */
export async function signsBehind(
  manager: EntityManager,
  of: { readonly classId: string; readonly studentId: string; readonly technique: string },
): Promise<readonly SkillSignSaid[]> {
  const own = (await signsOfClass(manager, of.classId, of.studentId)).get(`${of.studentId} ${of.technique}`) ?? [];
  const rubrics = new Map(
    (await rubricsOfEditions(manager, [...new Set(own.map(({ row }) => row.rubricEditionId))])).map((each) => [
      each.editionId,
      each.content,
    ]),
  );
  return own.slice(0, SKILL_SIGNS_SHOWN).map(({ row, level, evidence, sharedBy }) => {
    const criterion = rubrics.get(row.rubricEditionId)!.criteria.find(({ key }) => key === row.criterionKey)!;
    const value = openStored(MARK_VALUE, row.value).value!;
    const [said, means] = markInWords(criterion, value);
    return {
      lesson: row.lesson,
      lessonId: row.lessonId,
      date: row.date,
      dish: row.dish,
      criterion: criterion.name,
      said: means ? `${said}: ${means}` : said,
      level,
      evidence,
      sharedBy,
      by: row.assessor,
    };
  });
}
