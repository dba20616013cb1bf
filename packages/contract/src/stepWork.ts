import Joi from 'joi';
import { DISH_LIMITS, FOOD_STATES, MAKERS, STORES, type StepWork } from '@pelvo/core';
import { keySchema, shape } from './common';
import { FieldError } from './problems';

const minutes = (most: number) => Joi.number().integer().min(0).max(most);
const celsius = Joi.number().min(-40).max(600);

/** How a step lies in time, as far as a person has said so. */
export const stepWorkSchema = shape<StepWork>({
  after: Joi.array().items(keySchema).max(DISH_LIMITS.steps).unique().allow(null).required(),
  grows: Joi.number().integer().min(0).max(100).allow(null).required(),
  band: Joi.object({
    from: celsius.required(),
    to: celsius.required().custom((to: number, helpers) => {
      const { from } = helpers.state.ancestors[0] as { from: number };
      if (to < from) throw new FieldError(`The band ends at ${to} °C, but begins at ${from} °C.`, 'Give the lower heat first.');
      return to;
    }),
    minutesAtFrom: minutes(20160).min(1).required(),
    minutesAtTo: minutes(20160).min(1).required(),
  })
    .allow(null)
    .required(),
  warmUp: minutes(240).allow(null).required(),
  ahead: Joi.object({
    may: Joi.boolean().required(),
    hours: Joi.number().integer().min(0).max(8760).required(),
    store: Joi.string()
      .valid(...STORES)
      .required(),
    by: Joi.string()
      .valid(...MAKERS)
      .required(),
  })
    .allow(null)
    .required(),
  cue: Joi.object({
    text: Joi.string().trim().min(1).max(200).required(),
    least: minutes(20160).required(),
    most: minutes(20160)
      .required()
      .custom((most: number, helpers) => {
        const { least } = helpers.state.ancestors[0] as { least: number };
        if (most < least) throw new FieldError(`At most ${most} minutes, but at least ${least}.`, 'Give the shorter time first.');
        return most;
      }),
  })
    .allow(null)
    .required(),
  only: Joi.object({ when: Joi.string().trim().min(1).max(200).required(), likely: Joi.boolean().required() })
    .allow(null)
    .required(),
  redo: Joi.object({ times: Joi.number().integer().min(0).max(9).required(), minutes: minutes(1440).required() })
    .allow(null)
    .required(),
  food: Joi.string()
    .valid(...FOOD_STATES)
    .allow(null)
    .required(),
});
