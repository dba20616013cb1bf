import Joi from 'joi';
import { COOLED_LIMITS, type CooledBody, type SaidCooled } from '@pelvo/core';
import { idSchema, shape } from './common';

/** What a `cooled` says. */
export const cooledBodySchema = shape<CooledBody>({
  readingId: idSchema.required(),
  food: Joi.string().trim().min(1).max(COOLED_LIMITS.food).required(),
  celsius: Joi.number().min(COOLED_LIMITS.celsius[0]).max(COOLED_LIMITS.celsius[1]).allow(null).required(),
});

/** A reading as the log of a lesson has it, or that one was taken back. */
export interface CooledReading extends SaidCooled {
  /** Name of who read it. */
  readonly by: string;
}

/** All that was said of cooling in a lesson, in the order in which it counts. */
export interface CoolingOfLesson {
  readonly lessonId: string;
  readonly title: string;
  /** What is cooked, by its components: what may have to cool. */
  readonly foods: readonly string[];
  readonly said: readonly CooledReading[];
  /** Number of the last event of the lesson that is in it: the stream goes on from there. */
  readonly number: number;
}
