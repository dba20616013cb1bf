import Joi from 'joi';
import {
  demonstratedIn,
  DEMONSTRATION_LIMITS,
  DISH_LIMITS,
  isExactText,
  MAKERS,
  optionFor,
  readyList,
  showSteps,
  usedUp,
  WANTED,
  words,
  type AskedQuestion,
  type Choice,
  type Demonstration,
  type StepWords,
  type TechniqueCard,
  type Weighing,
} from '@pelvo/core';
import { keySchema, shape } from './common';
import type { LessonDetail } from './lessons';
import { FieldError } from './problems';

/** A question that was asked in a demonstration of a dish, in this lesson or an earlier one. */
export interface AskedRecord extends AskedQuestion {
  readonly id: string;
  readonly dishId: string;
  /** Title and day of the lesson; empty where it is gone. */
  readonly lesson: string;
  readonly date: string;
}

/** One demonstration of a lesson, as it is stored. */
export interface StoredDemonstration {
  readonly dishId: string;
  /** 0 while nothing is stored. */
  readonly version: number;
  readonly content: Demonstration;
}

/** What the demonstrations of a lesson need to know besides the lesson. */
export interface DemonstrationsOfLesson {
  readonly items: readonly StoredDemonstration[];
  readonly asked: readonly AskedRecord[];
  /** What was weighed back in other lessons, by dish. */
  readonly weighedBefore: Readonly<Record<string, readonly Weighing[]>>;
  /** Cards of the techniques that the dishes name, by id. */
  readonly cards: Readonly<Record<string, TechniqueCard>>;
}

const minutes = Joi.number().integer().min(0).max(DEMONSTRATION_LIMITS.minutes);
const spoken = Joi.string().trim().allow('').max(DEMONSTRATION_LIMITS.text).required();
const grams = Joi.string()
  .max(20)
  .required()
  .custom((value: string) => {
    if (!isExactText(value) || value.startsWith('-')) throw new FieldError('This is not a weight.', 'Give grams, 0 or more.');
    return value;
  });
const steps = Joi.array().items(keySchema).max(DISH_LIMITS.steps).unique().required();

export const demonstrationSchema = shape<Demonstration>({
  slot: minutes.min(1).required(),
  begins: Joi.number().integer().min(0).max(1440).required(),
  camera: Joi.string().trim().allow('').max(DEMONSTRATION_LIMITS.place).required(),
  wanted: Joi.object()
    .pattern(keySchema, Joi.string().valid(...WANTED))
    .max(DISH_LIMITS.steps)
    .required(),
  choice: shape<Choice>({ shown: steps, jumps: steps }).allow(null).required(),
  took: Joi.object().pattern(keySchema, minutes.min(1)).max(DISH_LIMITS.steps).required(),
  words: Joi.object()
    .pattern(keySchema, shape<StepWords>({ say: spoken, ask: spoken, pass: spoken, place: spoken }))
    .max(DISH_LIMITS.steps)
    .required(),
  ready: Joi.object()
    .pattern(
      keySchema,
      shape<Demonstration['ready'][string]>({
        by: Joi.string()
          .valid(...MAKERS)
          .required(),
        where: Joi.string().trim().allow('').max(DEMONSTRATION_LIMITS.place).required(),
      }),
    )
    .max(DISH_LIMITS.steps)
    .required(),
  weighings: Joi.array()
    .items(
      shape<Weighing>({
        id: keySchema.required(),
        lineId: keySchema.required(),
        before: grams,
        added: Joi.array().items(grams.optional()).max(DEMONSTRATION_LIMITS.additions).required(),
        after: grams,
      }).custom((weighing: Weighing) => {
        const used = usedUp(weighing);
        if ('field' in used) throw new FieldError(words(used.problem), words(used.remedy));
        return weighing;
      }),
    )
    .max(DEMONSTRATION_LIMITS.weighings)
    .unique('id')
    .required(),
});

export interface AskedFields {
  readonly stepId: string;
  readonly asked: string;
  readonly answer: string;
}
export const askedSchema = shape<AskedFields>({
  stepId: keySchema.required(),
  asked: Joi.string().trim().min(1).max(DEMONSTRATION_LIMITS.text).required(),
  answer: Joi.string().trim().allow('').max(DEMONSTRATION_LIMITS.text).required(),
});

/** What stands ready for the demonstrations of a lesson, dish by dish. */
export const standsReady = (lesson: Pick<LessonDetail, 'dishes' | 'techniques'>, shown: readonly StoredDemonstration[]) =>
  shown.flatMap(({ dishId, content }) => {
    const dish = lesson.dishes.find((each) => each.dishId === dishId);
    if (!dish || !content.choice) return [];
    const steps = showSteps(dish.content, content, demonstratedIn(lesson.techniques));
    const option = optionFor(steps, content.choice);
    return (option ? readyList(dish.content, steps, option, content) : []).map((each) => ({ ...each, dishId, dish: dish.content.title }));
  });
