import { factBook, teamsCooking, type OrderInput } from '@pelvo/core';
import type { LessonDetail } from './lessons';
import { makingPlanOf } from './plain';

/**
 * What the order of a lesson is computed from, by the same core that the server uses.
 *
 * @param students - other than are there asks what it would be; then size alone makes the teams
 */
export function orderInputOf(lesson: LessonDetail, students: number = lesson.present): OrderInput {
  const byHand = lesson.teams.length > 0 && students === lesson.present;
  return {
    plan: makingPlanOf(lesson, students, byHand ? lesson.cooking : undefined),
    dishes: lesson.dishes.map(({ editionId, dishId, content }) => {
      const teams = byHand ? teamsCooking(lesson.cooking, dishId) : undefined;
      const further = lesson.standIns[dishId];
      return {
        editionId,
        content,
        ...(teams ? { teams } : {}),
        ...(further ? { standIns: new Map(Object.entries(further)) } : {}),
      };
    }),
    preparations: new Map(Object.entries(lesson.preparations)),
    book: factBook(lesson.facts),
    substitutions: lesson.substitutions,
    atRisk: lesson.atRisk,
  };
}
