import type { ObjectSchema } from 'joi';
import {
  CARD,
  DEMONSTRATION,
  CUT_SET,
  DISH,
  FACT,
  KITCHEN,
  open,
  RUBRIC,
  TIME_PLAN,
  unopenableInWords,
  type CutSet,
  type Demonstration,
  type DishContent,
  type DocumentFormat,
  type IngredientFact,
  type Kitchen,
  type RubricContent,
  type TimePlan,
} from '@pelvo/core';
import { cutSetSchema } from './cuts';
import { demonstrationSchema } from './demonstrations';
import { dishContentSchema } from './dishes';
import { ingredientFactSchema } from './ingredients';
import { kitchenSchema } from './kitchens';
import { explainValidation, type FieldProblem } from './problems';
import { rubricContentSchema } from './rubrics';
import { timePlanSchema } from './schedule';
import { techniqueSchema, type TechniqueFields } from './techniques';

/** A document as it comes in: how older versions are brought to today's, and what today's must look like. */
export interface Guard<T> {
  readonly format: DocumentFormat<unknown>;
  readonly schema: ObjectSchema<T>;
}

export const DISH_GUARD: Guard<DishContent> = { format: DISH, schema: dishContentSchema };
export const RUBRIC_GUARD: Guard<RubricContent> = { format: RUBRIC, schema: rubricContentSchema };
export const TECHNIQUE_GUARD: Guard<TechniqueFields> = { format: CARD, schema: techniqueSchema };
export const CUT_SET_GUARD: Guard<CutSet> = { format: CUT_SET, schema: cutSetSchema };
export const KITCHEN_GUARD: Guard<Kitchen> = { format: KITCHEN, schema: kitchenSchema };
export const DEMONSTRATION_GUARD: Guard<Demonstration> = { format: DEMONSTRATION, schema: demonstrationSchema };
export const TIME_PLAN_GUARD: Guard<TimePlan> = { format: TIME_PLAN, schema: timePlanSchema };
export const FACT_GUARD: Guard<IngredientFact> = { format: FACT, schema: ingredientFactSchema };

/** A document that came in, of today's version and checked field by field; or what is wrong with it. */
export function readDocument<T>(
  { format, schema }: Guard<T>,
  value: unknown,
): { readonly content: T } | { readonly errors: readonly FieldProblem[] } {
  const result = open(format, value ?? {});
  if (result.kind === 'refused' && result.because.code !== 'incomplete' && result.because.code !== 'not-a-document')
    return {
      errors: [
        {
          field: 'body',
          problem: `This cannot be taken: ${unopenableInWords(result.because)}`,
          remedy: 'Send it as this Pelvo writes it.',
        },
      ],
    };
  // What lacks a field goes to the schema as it is, which names every field that is missing.
  const { error, value: content } = schema.validate(result.kind === 'opened' ? result.content : (value ?? {}), {
    abortEarly: false,
    convert: true,
  });
  return error ? { errors: explainValidation(error.details) } : { content: content as T };
}
