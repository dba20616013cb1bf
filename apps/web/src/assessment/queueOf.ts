import { passQueue, type QueuedPlate, type RubricContent } from '@pelvo/core';
import type { MarkingSheet, MarkingStudent, PlateAt } from '@pelvo/contract';
import { marksOf } from './useMarking';

/** Everyone's plates, of those dishes that they cook. */
export const platesOf = ({ students, dishes }: MarkingSheet) =>
  students.flatMap((student) =>
    dishes.filter(({ editionId }) => !student.cooks || student.cooks.includes(editionId)).map((dish) => ({ student, dish })),
  );

/** Nobody waits for the plate of somebody who is away, unless it is marked already. */
export const isAway = (sheet: MarkingSheet, student: Pick<MarkingStudent, 'id' | 'absent'>, dishEditionId: string): boolean =>
  student.absent && Object.keys(marksOf(sheet, student.id, dishEditionId)).length === 0;

const timeOf = (list: readonly PlateAt[], studentId: string, dishEditionId: string): number | null => {
  const found = list.find((each) => each.studentId === studentId && each.dishEditionId === dishEditionId);
  return found ? Date.parse(found.at) : null;
};

/** The queue at the pass, of a sheet. @param now - milliseconds since 1970 */
export function queueOf(sheet: MarkingSheet, rubric: RubricContent, now: number): readonly QueuedPlate[] {
  const here = platesOf(sheet).filter(({ student, dish }) => !isAway(sheet, student, dish.editionId));
  return passQueue(
    here.map(({ student, dish }) => ({
      studentId: student.id,
      dishEditionId: dish.editionId,
      dueAt: timeOf(sheet.due, student.id, dish.editionId),
      arrivedAt: timeOf(sheet.arrivals, student.id, dish.editionId),
      given: Object.values(marksOf(sheet, student.id, dish.editionId)).filter(Boolean).length,
      of: rubric.criteria.length,
    })),
    now,
    sheet.plateWaits,
  );
}
