import { In, type EntityManager } from 'typeorm';
import { computeResult, open, RELEASED_MARKS, sameDocument, seal, shownOf, type ReleasedMarks } from '@pelvo/core';
import type { ResultChange } from '@pelvo/contract';
import { BEGINNING, hashOf } from '../../../../tools/lib/record.mjs';
import { Person } from '../people';
import { rubricsOfEditions } from '../rubrics';
import { holdSchool } from '../school';
import { Assessment } from './assessment.entity';
import { ToldRecordRow } from './toldRecord.entity';

/** What a student is told of a dish from now on; null when it is taken back. */
export interface Told {
  readonly assessmentId: string;
  /** What they were told so far, by the dish itself: where it was given out before there was a record. */
  readonly had: ReleasedMarks | null;
  readonly has: ReleasedMarks | null;
}

export interface GivenOut {
  readonly lessonId: string;
  readonly personId: string;
  readonly why: string;
}

const writtenAs = (marks: ReleasedMarks | null): string | null => (marks ? JSON.stringify(seal(RELEASED_MARKS, marks)) : null);
const readAs = (text: string | null): ReleasedMarks | null => {
  const found = text === null ? null : open(RELEASED_MARKS, JSON.parse(text) as unknown);
  return found?.kind === 'opened' ? found.content : null;
};

/** What each dish was last said to be, by the record; null where it was taken back, missing where it was never told. */
async function lastTold(manager: EntityManager, assessmentIds: readonly string[]): Promise<ReadonlyMap<string, string | null>> {
  const rows = await manager.find(ToldRecordRow, {
    where: { assessmentId: In([...assessmentIds]) },
    order: { number: 'ASC' },
    select: { assessmentId: true, before: true, after: true, number: true },
  });
  // What was taken back is still what they were told last.
  return new Map(rows.map(({ assessmentId, before, after }) => [assessmentId, after ?? before]));
}

/** Dishes whose students were told something else before. */
export async function changedTold(manager: EntityManager, told: readonly Told[]): Promise<readonly Told[]> {
  if (told.length === 0) return [];
  const last = await lastTold(
    manager,
    told.map(({ assessmentId }) => assessmentId),
  );
  return told.filter(({ assessmentId, had, has }) => {
    const before = last.has(assessmentId) ? readAs(last.get(assessmentId)!) : had;
    return before !== null && has !== null && !sameDocument(before.marks, has.marks);
  });
}

/**
 * Writes down what students are told from now on, behind everything that was written before. The school is held until the transaction
 * ends: the chain has one end, whoever writes to it.
 */
export async function recordTold(manager: EntityManager, told: readonly Told[], { lessonId, personId, why }: GivenOut): Promise<void> {
  if (told.length === 0) return;
  await holdSchool(manager);
  const [last] = await manager.find(ToldRecordRow, { order: { number: 'DESC' }, take: 1, select: { number: true, hash: true } });
  let [number, previous] = [last?.number ?? 0, last?.hash ?? BEGINNING];
  const at = new Date().toISOString();
  const rows = told.map(({ assessmentId, had, has }): ToldRecordRow => {
    number += 1;
    const entry = { number, lessonId, assessmentId, personId, at, why, before: writtenAs(had), after: writtenAs(has) };
    const row = { ...entry, previous, hash: hashOf(previous, entry) };
    previous = row.hash;
    return row;
  });
  await manager.insert(ToldRecordRow, rows);
}

const MOST_CHANGES = 500;

/** Changes of what students of a lesson were told, the newest first. */
export async function changesOf(manager: EntityManager, lessonId: string): Promise<readonly ResultChange[]> {
  const rows = await manager.find(ToldRecordRow, { where: { lessonId }, order: { number: 'DESC' }, take: MOST_CHANGES });
  if (rows.length === 0) return [];
  const assessments = await manager.find(Assessment, {
    where: { id: In(rows.map(({ assessmentId }) => assessmentId)) },
    relations: { student: true, lesson: true, dishEdition: true },
  });
  const of = new Map(assessments.map((each) => [each.id, each]));
  const names = new Map((await manager.find(Person, { select: { id: true, name: true } })).map(({ id, name }) => [id, name]));
  const rubrics = new Map(
    (await rubricsOfEditions(manager, [...new Set(assessments.map(({ rubricEditionId }) => rubricEditionId))])).map((each) => [
      each.editionId,
      each.content,
    ]),
  );
  return rows.flatMap(({ number, at, why, personId, assessmentId, before, after }): ResultChange[] => {
    const assessment = of.get(assessmentId);
    if (!assessment) return [];
    const markOf = (text: string | null) => {
      const marks = readAs(text);
      const mark =
        marks && computeResult(rubrics.get(assessment.rubricEditionId)!, marks.marks, assessment.lesson.releasedWay ?? 'levels').mark;
      return mark ? shownOf(mark) : null;
    };
    return [
      {
        number,
        at,
        why,
        by: names.get(personId) ?? '',
        student: assessment.student.name,
        dish: assessment.dishEdition.content.title,
        before: markOf(before),
        after: markOf(after),
      },
    ];
  });
}
