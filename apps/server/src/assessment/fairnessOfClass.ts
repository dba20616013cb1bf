import type { EntityManager } from 'typeorm';
import { grouped, fairnessOf, MARK_VALUE, seenOf, standingOf, weighs, type Judgement } from '@pelvo/core';
import type { ClassFairness } from '@pelvo/contract';
import { openStored } from '../platform/database/documentColumn';
import { notFound } from '../platform/problems';
import { rubricsOfEditions } from '../rubrics';

interface JudgedRow {
  readonly assessmentId: string;
  readonly lessonId: string;
  readonly rubricEditionId: string;
  readonly criterionKey: string;
  readonly assessorId: string;
  readonly assessor: string;
  readonly number: number;
  readonly value: unknown;
  /** Minutes between the plate's coming and its being judged; null where nobody said that it came. */
  readonly waited: number | null;
}

/** The newest that are looked at: more than a class is marked in a year. */
const MOST_MARKS = 60_000;
/** A plate that was judged the next day did not wait at the pass. */
const LONGEST_WAIT = 240;

/** How fairly a class was marked, over all its lessons: of what assessors said last of each criterion. */
export async function fairnessOfClass(manager: EntityManager, classId: string): Promise<ClassFairness> {
  const [found] = (await manager.query('SELECT name FROM class WHERE id = ?', [classId])) as { name: string }[];
  if (!found) throw notFound('class');
  const rows = (await manager.query(
    `SELECT a.id AS assessmentId, a.lesson_id AS lessonId, a.rubric_edition_id AS rubricEditionId, m.criterion_key AS criterionKey,
       m.assessor_id AS assessorId, person.name AS assessor, m.number, m.value,
       TIMESTAMPDIFF(SECOND, arrival.arrived_at, event.happened_at) / 60 AS waited
     FROM lesson
     JOIN assessment a ON a.lesson_id = lesson.id
     JOIN mark m ON m.assessment_id = a.id AND NOT m.agreed
     JOIN person ON person.id = m.assessor_id
     JOIN lesson_event event ON event.lesson_id = a.lesson_id AND event.number = m.number
     LEFT JOIN plate_arrival arrival
       ON arrival.lesson_id = a.lesson_id AND arrival.student_id = a.student_id AND arrival.dish_edition_id = a.dish_edition_id
     WHERE lesson.class_id = ?
     ORDER BY lesson.date DESC, m.number LIMIT ?`,
    [classId, MOST_MARKS],
  )) as JudgedRow[];
  const rubrics = await rubricsOfEditions(manager, [...new Set(rows.map(({ rubricEditionId }) => rubricEditionId))]);
  const contents = new Map(rubrics.map(({ editionId, content }) => [editionId, content]));
  const positions = positionsOf(rows);
  const names = new Map<string, string>();
  const judgements = rows.flatMap((row): Judgement[] => {
    const rubric = contents.get(row.rubricEditionId)!;
    const criterion = rubric.criteria.find(({ key }) => key === row.criterionKey);
    const seen = criterion && weighs(criterion) ? seenOf(criterion, openStored(MARK_VALUE, row.value).value) : null;
    if (!criterion || !seen || (seen.kind === 'measured' && seen.level === null)) return [];
    const waited = row.waited === null ? null : Number(row.waited);
    // A criterion stays itself over the editions of its rubric.
    const name = `${rubric.name}: ${row.criterionKey}`;
    names.set(name, criterion.name);
    return [
      {
        plate: row.assessmentId,
        criterion: name,
        assessorId: row.assessorId,
        level: standingOf(criterion, seen, rubric).level,
        position: positions.get(`${row.assessmentId} ${row.assessorId}`)!,
        waited: waited !== null && waited >= 0 && waited <= LONGEST_WAIT ? waited : null,
      },
    ];
  });
  return {
    classId,
    className: found.name,
    fairness: fairnessOf(judgements),
    assessors: Object.fromEntries(rows.map(({ assessorId, assessor }) => [assessorId, assessor])),
    criteria: Object.fromEntries(names),
  };
}

/** How many plates an assessor had begun in a lesson when each came, from 1. */
function positionsOf(rows: readonly JudgedRow[]): ReadonlyMap<string, number> {
  const positions = new Map<string, number>();
  for (const own of grouped(rows, ({ lessonId, assessorId }) => `${lessonId} ${assessorId}`).values()) {
    const first = new Map<string, number>();
    for (const { assessmentId, number } of own) first.set(assessmentId, Math.min(number, first.get(assessmentId) ?? number));
    [...first].sort((a, b) => a[1] - b[1]).forEach(([assessmentId], at) => positions.set(`${assessmentId} ${own[0]!.assessorId}`, at + 1));
  }
  return positions;
}
