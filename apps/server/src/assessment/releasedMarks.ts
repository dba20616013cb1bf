import { In, type EntityManager } from 'typeorm';
import {
  grouped,
  agreedInForce,
  assessorsInForce,
  computeResult,
  marksInForce,
  sameDocument,
  shownOf,
  type Counting,
  type MarkingWay,
  type ReleasedMarks,
} from '@pelvo/core';
import { Person } from '../people';
import { rubricOfEdition } from '../rubrics';
import { loadSchool } from '../school';
import { Assessment } from './assessment.entity';
import { invalid } from '../platform/problems';
import { MarkRow } from './mark.entity';
import { givenMark } from './takeMarks';
import { changedTold, recordTold, type GivenOut } from './toldRecord';

/** The marks that count, of every assessor's. */
export function inForce(rows: readonly MarkRow[], counting: Counting): ReleasedMarks {
  const given = rows.map(givenMark);
  return {
    marks: marksInForce(given, counting),
    assessorIds: assessorsInForce(given, counting),
    rule: counting.rule,
    agreed: agreedInForce(given),
  };
}

/** Whose mark counts at the school where two marked the same. */
export async function countingOf(manager: EntityManager): Promise<Counting> {
  const { settings } = await loadSchool(manager);
  const leads = await manager.find(Person, { where: { role: 'lead' }, select: { id: true } });
  return { rule: settings.counting, leadIds: leads.map(({ id }) => id) };
}

/**
 * Keeps the marks as students are given them, and how they are told: what is marked afterwards reaches them when results are
 * given out again. Everything they are told is written into the record; a change of it says why.
 *
 * @param way - how they are told; null when they are taken back
 * @throws ProblemException when something that students were told changes and nobody says why
 */
export async function snapshotMarks(
  manager: EntityManager,
  { lessonId, way, personId, why }: GivenOut & { readonly way: MarkingWay | null },
): Promise<void> {
  const rows = await manager.find(Assessment, { where: { lessonId }, select: { id: true, rubricEditionId: true, released: true } });
  if (rows.length === 0) return;
  const counting = await countingOf(manager);
  const marks = grouped(await manager.findBy(MarkRow, { assessmentId: In(rows.map(({ id }) => id)) }), ({ assessmentId }) => assessmentId);
  /** A dish that nobody marked was not told. */
  const toldOf = (released: ReleasedMarks | null) => (released && !nothingIn(released) ? released : null);
  const told = rows.map(({ id, rubricEditionId, released: had }) => {
    const now = inForce(marks.get(id) ?? [], counting);
    return { assessmentId: id, rubricEditionId, had: toldOf(had), now, has: way === null ? null : toldOf(now) };
  });
  if (why === '' && (await changedTold(manager, told)).length > 0)
    throw invalid('why', 'Students have been told other results than these.', 'Say in a few words why they change; it stays on record.');
  await recordTold(
    manager,
    told.filter(({ had, has }) => !(had === null && has === null) && !(had && has && sameDocument(had.marks, has.marks))),
    { lessonId, personId, why },
  );
  if (way === null) {
    await manager.update(Assessment, { lessonId }, { released: null, told: null });
    return;
  }
  for (const { assessmentId: id, rubricEditionId, now, has } of told) {
    const { mark } = computeResult(await rubricOfEdition(manager, rubricEditionId), now.marks, way);
    await manager.update(Assessment, { id }, { released: now, told: has ? (mark ? shownOf(mark) : '') : null });
  }
}

const nothingIn = ({ marks }: ReleasedMarks): boolean => Object.keys(marks).length === 0;

/** Whether marks were given or taken back since they were released. */
export const changedSince = (released: ReleasedMarks | null, marks: ReleasedMarks['marks']): boolean =>
  released !== null && !sameDocument(released.marks, marks);
