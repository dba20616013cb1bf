import Joi from 'joi';
import {
  carriedSteps,
  cookingTeams,
  lessonMinutes,
  TIME_PLAN_LIMITS,
  USUAL_SEGMENTS,
  type ClassPractice,
  type ClassToPlan,
  type Kitchen,
  type Paper,
  type PlacedSteps,
  type Segments,
  type StepChange,
  type TimePlan,
} from '@pelvo/core';
import { carriedDishId, carriedPieces, madeElsewhere, madeFor } from './carried';
import { idSchema, keySchema, paperField, shape } from './common';
import type { LessonDetail } from './lessons';
import { LESSON_LIMITS } from './plain';
import { FieldError } from './problems';

/** The plan of time of a lesson as it is stored, and what it needs to know besides the lesson. */
export interface TimeOfLesson {
  /** 0 while nothing is stored. */
  readonly version: number;
  readonly content: TimePlan | null;
  /** Share of those present who have practised each technique before the lesson, by id. */
  readonly practised: Readonly<Record<string, number>>;
  /** Who saved it last; empty while nothing is stored. */
  readonly savedBy: string;
}

/** What the plan of a lesson is for on paper. */
export const TIME_PAPERS = ['wall', 'stations', 'teams'] as const;
export type TimePaper = (typeof TIME_PAPERS)[number];

export interface TimePdfQuery {
  readonly paper: Paper;
  readonly for: TimePaper;
}
export const timePdfQuerySchema = Joi.object<TimePdfQuery>({
  paper: paperField,
  for: Joi.string()
    .valid(...TIME_PAPERS)
    .default('wall'),
});

const minutes = Joi.number().integer().min(0).max(TIME_PLAN_LIMITS.minutes);
/** Ids of steps of a problem: team, dish and step. */
const stepKey = Joi.string().pattern(/^[A-Za-z0-9._-]{1,200}$/, 'letters, digits, dots, - and _');
const thing = Joi.string().pattern(/^[A-Za-z0-9._-]{1,80}$/, 'letters, digits, dots, - and _');

export const timePlanSchema = shape<TimePlan>({
  segments: shape<Segments>({
    briefing: minutes.required(),
    demonstration: minutes.required(),
    cleanDown: minutes.required(),
    slack: minutes.required(),
    aPlate: minutes.min(1).max(120).required(),
    plateWaits: minutes.required(),
  }).required(),
  ahead: Joi.array()
    .items(Joi.object({ dishId: idSchema.required(), stepId: keySchema.required() }))
    .max(TIME_PLAN_LIMITS.ahead)
    .required(),
  without: Joi.array()
    .items(Joi.object({ dishId: idSchema.required(), componentId: keySchema.required() }))
    .max(TIME_PLAN_LIMITS.ahead)
    .required(),
  borrowed: Joi.object({
    ovens: Joi.number().integer().min(0).max(TIME_PLAN_LIMITS.borrowed).required(),
    assessors: Joi.number().integer().min(0).max(TIME_PLAN_LIMITS.borrowed).required(),
  }).required(),
  changes: Joi.array()
    .items(
      shape<StepChange>({
        step: stepKey.required(),
        pinnedAt: minutes.allow(null).required(),
        minutes: minutes.min(1).allow(null).required(),
        notBefore: minutes.allow(null).required(),
        endBy: minutes
          .allow(null)
          .required()
          .custom((endBy: number | null, helpers) => {
            const { notBefore } = helpers.state.ancestors[0] as StepChange;
            if (endBy !== null && notBefore !== null && endBy < notBefore)
              throw new FieldError('It may end before it may begin.', 'Let it begin earlier, or end later.');
            return endBy;
          }),
        by: thing.allow(null).required(),
        not: Joi.array().items(thing).max(40).unique().required(),
      }),
    )
    .max(TIME_PLAN_LIMITS.changes)
    .unique('step')
    .required(),
  placed: shape<PlacedSteps>({
    starts: Joi.object().pattern(stepKey, minutes).max(TIME_PLAN_LIMITS.changes).required(),
    uses: Joi.object().pattern(stepKey, Joi.array().items(thing).max(LESSON_LIMITS.teams)).max(TIME_PLAN_LIMITS.changes).required(),
    objective: Joi.number().integer().allow(null).required(),
    bound: Joi.number().integer().allow(null).required(),
    status: Joi.string().valid('optimal', 'feasible').required(),
  })
    .allow(null)
    .required(),
  madeFrom: Joi.string().allow('').max(40).required(),
});

/** The segments of a lesson of which nothing is decided yet. */
export const usualSegments = ({ demonstrationPortions }: Pick<LessonDetail, 'demonstrationPortions'>): Segments => ({
  ...USUAL_SEGMENTS,
  demonstration: demonstrationPortions > 0 ? USUAL_SEGMENTS.demonstration : 0,
});

/** Where a class stands before a lesson. */
export const practiceOf = ({ techniques }: Pick<LessonDetail, 'techniques'>, practised: TimeOfLesson['practised']): ClassPractice => ({
  purposes: new Map(techniques.map(({ id, purpose }) => [id, purpose])),
  practised: new Map(Object.entries(practised)),
});

/** What a plan of time is made from, the same in the browser and on the server. */
export function classToPlan(
  lesson: LessonDetail,
  kitchen: Kitchen,
  { segments, ahead, without, borrowed, changes }: TimePlan,
  practised: TimeOfLesson['practised'],
): ClassToPlan {
  return {
    minutes: lessonMinutes(lesson, lesson.school.timeZone),
    teams: lesson.cooking.map(({ id, name, hands, dishIds }) => ({ id, name, hands, dishIds })),
    portionsATeam: lesson.portionsATeam,
    dishes: [
      ...lesson.dishes.map(({ dishId, content }) => ({ id: dishId, content })),
      ...madeFor(lesson).map((record) => {
        const { id, content, stepId, doneBefore, portionsATeam, from } = record;
        // All teams are planned as the busiest: pairs make two pieces where everyone later cooks alone.
        const each = Math.max(1, Math.ceil(carriedPieces(record).pieces.length / Math.max(1, from.cooking.length)));
        return { id: carriedDishId(id), content, only: carriedSteps(content, stepId, doneBefore), portionsATeam: portionsATeam * each };
      }),
    ],
    kitchen,
    practice: practiceOf(lesson, practised),
    segments,
    // What another lesson makes for this one is there when it begins.
    ahead: [...ahead, ...madeElsewhere(lesson).map(({ dishId, stepId }) => ({ dishId, stepId }))],
    without,
    borrowed,
    changes,
  };
}

/** A lesson with other teams: everyone in as many as that size makes, in the order of the roster. */
export function inTeamsOf(lesson: LessonDetail, teamSize: number): LessonDetail {
  const present = lesson.students.filter(({ absent }) => !absent).map(({ id }) => id);
  const studentCount = lesson.studentCount ?? (present.length === 0 ? lesson.present : null);
  return { ...lesson, teamSize, teams: [], cooking: cookingTeams({ teams: [], present, studentCount, teamSize }) };
}
