import { randomUUID } from 'node:crypto';
import type { EntityManager } from 'typeorm';
import {
  grouped,
  MARK_EVENT,
  MARK_VALUE,
  marksInForce,
  refusesValue,
  type GivenMark,
  type MarkBody,
  type RubricContent,
} from '@pelvo/core';
import { markBodySchema } from '@pelvo/contract';
import type { EventSpec, TakenEvent } from '../day';
import { openStored, sealed } from '../platform/database/documentColumn';
import { places } from '../platform/database/places';
import { TEACHING } from '../platform/identity';
import { conflict, invalid } from '../platform/problems';
import { rubricOfEdition } from '../rubrics';
import type { MarkRow } from './mark.entity';

const plateKey = ({ studentId, dishEditionId }: Pick<MarkBody, 'studentId' | 'dishEditionId'>) => `${studentId} ${dishEditionId}`;

/** Marks as they come out of the stream: checked against the lesson, and kept by assessor beside it. */
export const MARKS: EventSpec<MarkBody> = {
  kind: 'mark',
  format: MARK_EVENT,
  schema: markBodySchema,
  roles: TEACHING,
  // As little as a touch needs: many are given at once, and each holds its lesson meanwhile.
  take: async (manager, lessonId, events, at) => {
    const { rubricEditionId, plates } = await platesOf(manager, lessonId, events, at);
    const rubric = await rubricOfEdition(manager, rubricEditionId);
    for (const event of events) {
      checkValue(rubric, event.body, at(event.id));
      give(plates.get(plateKey(event.body))!, event);
    }
    await makePlates(manager, { lessonId, rubricEditionId }, [...plates.values()]);
    await writeMarks(manager, [...plates.values()]);
    await countMarked(manager, lessonId, rubric, [...plates.values()]);
  },
};

/** A student's dish as it is marked. */
interface Plate {
  readonly id: string;
  readonly studentId: string;
  readonly dishEditionId: string;
  /** There was none before. */
  readonly first: boolean;
  readonly complete: boolean;
  /** Every assessor's last word on each criterion, by both. */
  readonly given: Map<string, GivenMark>;
  /** Those of them that are new. */
  readonly fresh: Set<string>;
  /** Criteria whose agreement is made anew, or taken back. */
  readonly undone: Set<string>;
}

function give(plate: Plate, { body, personId, number }: TakenEvent<MarkBody>): void {
  const { criterionKey, value } = body;
  const key = slotOf({ criterionKey, assessorId: personId, agreed: body.agreed });
  if (!body.agreed) {
    plate.given.set(key, { assessorId: personId, criterionKey, value, number });
    plate.fresh.add(key);
    return;
  }
  // One agreement for a criterion, whoever puts it down; taken back, there is none.
  plate.fresh.delete(key);
  plate.given.delete(key);
  plate.undone.add(criterionKey);
  if (value === null) return;
  plate.given.set(key, { assessorId: personId, criterionKey, value, number, agreed: true });
  plate.fresh.add(key);
}

/** Where a judgement lies: an assessor's own, or what was agreed on. */
const slotOf = ({ criterionKey, assessorId, agreed }: Pick<GivenMark, 'criterionKey' | 'assessorId' | 'agreed'>): string =>
  `${criterionKey} ${agreed ? 'agreed' : assessorId}`;

interface PlateRow {
  readonly rubric: string | null;
  readonly student: string;
  readonly edition: string;
  readonly inClass: number;
  readonly cooked: number;
  readonly id: string | null;
  readonly complete: number;
  readonly criterionKey: string | null;
  readonly assessorId: string;
  readonly agreed: number;
  readonly number: number;
  readonly value: unknown;
}

/** The plates that are touched, with what was said of them, in one look. The lesson is locked: nobody else touches them meanwhile. */
async function platesOf(
  manager: EntityManager,
  lessonId: string,
  events: readonly TakenEvent<MarkBody>[],
  at: (id: string) => string,
): Promise<{ readonly rubricEditionId: string; readonly plates: ReadonlyMap<string, Plate> }> {
  const touched = new Map(events.map(({ id, body }) => [plateKey(body), { ...body, at: at(id) }]));
  const rows = (await manager.query(
    `SELECT lesson.rubric_edition_id AS rubric, touched.student, touched.edition,
       student.id IS NOT NULL AS inClass, cooked.lesson_id IS NOT NULL AS cooked,
       a.id, a.complete, m.criterion_key AS criterionKey, m.assessor_id AS assessorId, m.agreed, m.number, m.value
     FROM lesson
     JOIN (${[...touched].map(() => 'SELECT ? AS student, ? AS edition').join(' UNION ALL ')}) touched
     LEFT JOIN student ON student.id = touched.student AND student.class_id = lesson.class_id
     LEFT JOIN lesson_dish cooked ON cooked.lesson_id = lesson.id AND cooked.dish_edition_id = touched.edition
     LEFT JOIN assessment a ON a.lesson_id = lesson.id AND a.student_id = student.id AND a.dish_edition_id = cooked.dish_edition_id
     LEFT JOIN mark m ON m.assessment_id = a.id
     WHERE lesson.id = ?`,
    [...[...touched.values()].flatMap(({ studentId, dishEditionId }) => [studentId, dishEditionId]), lessonId],
  )) as PlateRow[];
  const rubricEditionId = rows[0]!.rubric;
  if (!rubricEditionId) throw conflict('rubric', 'The lesson has no rubric.', 'Choose one in its plan.');
  const plates = new Map<string, Plate>();
  for (const [key, own] of grouped(rows, ({ student, edition }) => plateKey({ studentId: student, dishEditionId: edition }))) {
    const [row] = own as [PlateRow];
    const { studentId, dishEditionId, at: place } = touched.get(key)!;
    if (!row.inClass) throw invalid(`${place}.studentId`, 'This student is not in the class.', 'Load the marking screen again.');
    if (!row.cooked) throw invalid(`${place}.dishEditionId`, 'This dish is not in the lesson.', 'Load the marking screen again.');
    const said = own.flatMap(({ criterionKey, assessorId, agreed, number, value }) => {
      if (criterionKey === null) return [];
      const mark: GivenMark = {
        criterionKey,
        assessorId,
        number,
        value: openStored(MARK_VALUE, value).value,
        ...(agreed ? { agreed: true } : {}),
      };
      return [[slotOf(mark), mark] as const];
    });
    const { id, complete } = row;
    plates.set(key, {
      id: id ?? randomUUID(),
      studentId,
      dishEditionId,
      first: !id,
      complete: Boolean(complete),
      given: new Map(said),
      fresh: new Set(),
      undone: new Set(),
    });
  }
  return { rubricEditionId, plates };
}

async function makePlates(
  manager: EntityManager,
  { lessonId, rubricEditionId }: { readonly lessonId: string; readonly rubricEditionId: string },
  plates: readonly Plate[],
): Promise<void> {
  const made = plates.filter(({ first }) => first);
  if (made.length === 0) return;
  await manager.query(
    `INSERT INTO assessment (id, lesson_id, student_id, dish_edition_id, rubric_edition_id, complete) VALUES ${places(made.length, 6)}`,
    made.flatMap(({ id, studentId, dishEditionId }) => [id, lessonId, studentId, dishEditionId, rubricEditionId, false]),
  );
}

/** @param at - where it stands in what was sent; empty for the body itself */
export function checkValue(rubric: RubricContent, { criterionKey, value }: Pick<MarkBody, 'criterionKey' | 'value'>, at: string): void {
  const field = (name: string) => (at ? `${at}.${name}` : name);
  const criterion = rubric.criteria.find(({ key }) => key === criterionKey);
  if (!criterion) throw invalid(field('criterionKey'), `The rubric has no criterion "${criterionKey}".`, 'Load the marking screen again.');
  if (!value) return;
  const refused = refusesValue(criterion, value);
  if (refused) throw invalid(field('value'), refused, 'Send a mark of that kind, with figures that can be.');
  if (value.kind === 'notSeen') return;
  if (value.faults.some((key) => !criterion.faults.some((fault) => fault.key === key))) {
    throw invalid(field('value.faults'), `"${criterion.name}" has no such fault.`, 'Choose one of its faults.');
  }
}

/** Each assessor's last word on each criterion. */
async function writeMarks(manager: EntityManager, plates: readonly Plate[]): Promise<void> {
  for (const { id, undone } of plates)
    if (undone.size > 0)
      await manager.query('DELETE FROM mark WHERE assessment_id = ? AND agreed AND criterion_key IN (?)', [id, [...undone]]);
  const rows = plates.flatMap(({ id, given, fresh }) =>
    [...fresh].map((key) => {
      const { criterionKey, assessorId, value, number, agreed = false } = given.get(key)!;
      return [id, criterionKey, assessorId, agreed, sealed(MARK_VALUE, { value }), number];
    }),
  );
  if (rows.length === 0) return;
  await manager.query(
    `INSERT INTO mark (assessment_id, criterion_key, assessor_id, agreed, value, number) VALUES ${places(rows.length, 6)}
     ON DUPLICATE KEY UPDATE value = VALUES(value), number = VALUES(number)`,
    rows.flat(),
  );
}

/** Keeps with each dish whether all of it is marked, and with the lesson how many are. */
async function countMarked(manager: EntityManager, lessonId: string, rubric: RubricContent, plates: readonly Plate[]): Promise<void> {
  let more = 0;
  for (const { id, complete, given } of plates) {
    const marks = marksInForce([...given.values()]);
    const now = rubric.criteria.every(({ key }) => marks[key]);
    if (now === complete) continue;
    await manager.query('UPDATE assessment SET complete = ? WHERE id = ?', [now, id]);
    more += now ? 1 : -1;
  }
  if (more !== 0) await manager.query('UPDATE lesson SET dishes_marked = dishes_marked + ? WHERE id = ?', [more, lessonId]);
}

export const givenMark = ({ assessorId, criterionKey, value, number, agreed }: MarkRow): GivenMark => ({
  assessorId,
  criterionKey,
  value: value.value,
  number,
  ...(agreed ? { agreed } : {}),
});
