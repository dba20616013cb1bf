import { In, type EntityManager } from 'typeorm';
import { assessorsInForce, marksInForce, sameDocument, type ReleasedMarks } from '@pelvo/core';
import { Assessment } from './assessment.entity';
import { MarkRow } from './mark.entity';
import { givenMark } from './takeMarks';

/** Keeps the marks as students are given them: what is marked afterwards reaches them when results are given out again. */
export async function snapshotMarks(
  manager: EntityManager,
  { lessonId, released }: { readonly lessonId: string; readonly released: boolean },
): Promise<void> {
  const rows = await manager.findBy(Assessment, { lessonId });
  const marks = released && rows.length > 0 ? await manager.findBy(MarkRow, { assessmentId: In(rows.map(({ id }) => id)) }) : [];
  for (const { id } of rows) {
    const given = marks.filter(({ assessmentId }) => assessmentId === id).map(givenMark);
    const snapshot: ReleasedMarks = { marks: marksInForce(given), assessorIds: assessorsInForce(given) };
    await manager.update(Assessment, { id }, { released: released ? snapshot : null });
  }
}

/** Whether marks were given or taken back since they were released. */
export const changedSince = (released: ReleasedMarks | null, marks: ReleasedMarks['marks']): boolean =>
  released !== null && !sameDocument(released.marks, marks);
