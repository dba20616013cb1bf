import { In, type EntityManager } from 'typeorm';
import {
  assessorsInForce,
  computeResult,
  marksInForce,
  sameDocument,
  shownOf,
  type Counting,
  type MarkingWay,
  type ReleasedMarks,
} from '@pelvo/core';
import { grouped } from '../platform/grouped';
import { Person } from '../people';
import { rubricOfEdition } from '../rubrics';
import { loadSchool } from '../school';
import { Assessment } from './assessment.entity';
import { MarkRow } from './mark.entity';
import { givenMark } from './takeMarks';

/** The marks that count, of every assessor's. */
export function inForce(rows: readonly MarkRow[], counting: Counting): ReleasedMarks {
  const given = rows.map(givenMark);
  return { marks: marksInForce(given, counting), assessorIds: assessorsInForce(given, counting) };
}

/** Whose mark counts at the school where two marked the same. */
export async function countingOf(manager: EntityManager): Promise<Counting> {
  const { settings } = await loadSchool(manager);
  const leads = await manager.find(Person, { where: { role: 'lead' }, select: { id: true } });
  return { rule: settings.counting, leadIds: leads.map(({ id }) => id) };
}

/**
 * Keeps the marks as students are given them, and how they are told: what is marked afterwards reaches them when results are
 * given out again.
 *
 * @param way - how they are told; null when they are taken back
 */
export async function snapshotMarks(
  manager: EntityManager,
  { lessonId, way }: { readonly lessonId: string; readonly way: MarkingWay | null },
): Promise<void> {
  if (way === null) {
    await manager.update(Assessment, { lessonId }, { released: null, told: null });
    return;
  }
  const rows = await manager.find(Assessment, { where: { lessonId }, select: { id: true, rubricEditionId: true } });
  if (rows.length === 0) return;
  const counting = await countingOf(manager);
  const marks = grouped(await manager.findBy(MarkRow, { assessmentId: In(rows.map(({ id }) => id)) }), ({ assessmentId }) => assessmentId);
  for (const { id, rubricEditionId } of rows) {
    const released = inForce(marks.get(id) ?? [], counting);
    const { mark } = computeResult(await rubricOfEdition(manager, rubricEditionId), released.marks, way);
    await manager.update(Assessment, { id }, { released, told: nothingIn(released) ? null : mark ? shownOf(mark) : '' });
  }
}

const nothingIn = ({ marks }: ReleasedMarks): boolean => Object.keys(marks).length === 0;

/** Whether marks were given or taken back since they were released. */
export const changedSince = (released: ReleasedMarks | null, marks: ReleasedMarks['marks']): boolean =>
  released !== null && !sameDocument(released.marks, marks);
