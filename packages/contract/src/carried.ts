import Joi from 'joi';
import {
  carriedSteps,
  STORES,
  whoCooksOn,
  type CarriedBetween,
  type CarriedPieces,
  type CarriedWork,
  type CookingTeam,
  type DishContent,
} from '@pelvo/core';
import { idSchema, keySchema, shape } from './common';
import { LESSON_LIMITS } from './plain';

export const CARRIED_LIMITS = { aLesson: 40, hours: 2000 } as const;

/** One of the two lessons between which something is carried over; teams without their members for people who do not need names. */
export interface CarriedLesson extends CarriedBetween {
  readonly id: string;
  readonly title: string;
  readonly cooking: readonly CookingTeam[];
}

/** What is made in one lesson for another, as it is stored, with what both of them need to know of it. */
export interface CarriedRecord extends CarriedWork {
  readonly id: string;
  readonly version: number;
  readonly from: CarriedLesson;
  readonly to: CarriedLesson;
  /** The dish as the later lesson cooks it. */
  readonly content: DishContent;
  readonly portionsATeam: number;
  /** Last steps of what is made of it in lessons before the one that makes this. */
  readonly doneBefore: readonly string[];
}

/** What may be changed of it: how it is kept, and who takes over from whom. */
export type CarriedFields = Pick<CarriedWork, 'store' | 'hours' | 'covers'>;
export interface NewCarried extends CarriedFields {
  readonly fromLessonId: string;
  readonly dishId: string;
  readonly stepId: string;
}

const fields = {
  store: Joi.string()
    .valid(...STORES)
    .allow(null)
    .required(),
  hours: Joi.number().min(1).max(CARRIED_LIMITS.hours).allow(null).required(),
  covers: Joi.array()
    .items(
      Joi.object({
        studentId: idSchema.required(),
        from: Joi.alternatives().try(Joi.string().valid('technician'), idSchema).required(),
      }),
    )
    .max(LESSON_LIMITS.students)
    .unique('studentId')
    .required(),
};

export const carriedSchema = shape<CarriedFields>(fields);
export const newCarriedSchema = shape<NewCarried>({
  ...fields,
  fromLessonId: idSchema.required(),
  dishId: idSchema.required(),
  stepId: keySchema.required(),
});

interface Carrying {
  readonly id: string;
  readonly carried: readonly CarriedRecord[];
}

/** Stages that are made in a lesson for others. */
export const madeFor = ({ id, carried }: Carrying): readonly CarriedRecord[] => carried.filter(({ from }) => from.id === id);
/** Stages that are made in other lessons for one. */
export const madeElsewhere = ({ id, carried }: Carrying): readonly CarriedRecord[] => carried.filter(({ to }) => to.id === id);
/** How a plan of time calls a stage that is made for another lesson. */
export const carriedDishId = (id: string): string => `for-${id}`;
export const isForAnother = (dishId: string): boolean => dishId.startsWith('for-');
/** Titles of the lessons that make a step of a lesson's dishes, by dish and step. */
export const madeInOf = (lesson: Carrying): ReadonlyMap<string, string> =>
  new Map(
    madeElsewhere(lesson).flatMap(({ dishId, content, stepId, doneBefore, from }) =>
      [...carriedSteps(content, stepId, doneBefore)].map((step): [string, string] => [`${dishId} ${step}`, from.title]),
    ),
  );

/** Who makes pieces of it, and who cooks on with them. */
export const carriedPieces = ({ from, to, dishId, covers }: CarriedRecord): CarriedPieces =>
  whoCooksOn(
    from.cooking,
    to.cooking.filter(({ dishIds }) => dishIds === null || dishIds.includes(dishId)),
    covers,
  );
