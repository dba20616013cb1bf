import { carriedPart, carriedSteps, factBook, madeEarlier, teamsCooking, type OrderInput } from '@pelvo/core';
import type { LessonDetail } from './lessons';
import { carriedPieces, madeElsewhere, type CarriedRecord } from './carried';
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
      const earlier = madeElsewhere(lesson).filter((each) => each.dishId === dishId);
      return {
        editionId,
        content,
        ...(teams ? { teams } : {}),
        ...(further ? { standIns: new Map(Object.entries(further)) } : {}),
        ...(earlier.length > 0 ? { madeEarlier: madeEarlier(content, earlier.map(madeIn)) } : {}),
      };
    }),
    preparations: new Map(Object.entries(lesson.preparations)),
    book: factBook(lesson.facts),
    substitutions: lesson.substitutions,
    atRisk: lesson.atRisk,
  };
}

const madeIn = ({ stepId, doneBefore, from }: CarriedRecord) => ({ stepId, doneBefore, date: from.date, lesson: from.title });

/** What the teams of a lesson buy for a stage that they make in it for another: the lines of that stage alone, by the amounts of the other. */
export function carriedOrderInput(lesson: LessonDetail, record: CarriedRecord): OrderInput {
  const { content, stepId, doneBefore, portionsATeam } = record;
  const pieces = carriedPieces(record).pieces.map(({ made }) => made);
  const none = { demonstrationPortions: 0, referencePlates: 0, tastingPortions: 0, spareMakings: 0 };
  const { components } = carriedPart(content, carriedSteps(content, stepId, doneBefore));
  return {
    plan: makingPlanOf({ ...none, teamSize: lesson.teamSize, portionsATeam }, pieces.length, pieces),
    dishes: [{ editionId: 'carried', content, only: new Set(components.map(({ id }) => id)) }],
    preparations: new Map(Object.entries(lesson.preparations)),
    book: factBook(lesson.facts),
    substitutions: [],
    atRisk: 0,
  };
}
