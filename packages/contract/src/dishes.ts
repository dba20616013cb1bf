import Joi from 'joi';
import { DISH_LIMITS, isExactText, RULE_KINDS, UNIT_CODES, type DishContent } from '@pelvo/core';
import { FieldError } from './problems';
import { idSchema, keySchema } from './common';

export interface DishSummary {
  readonly id: string;
  readonly title: string;
  readonly portions: number;
  readonly lines: number;
  readonly held: number;
  readonly techniques: readonly string[];
  /** Number of the latest published edition; null for a draft that was never published. */
  readonly edition: number | null;
  readonly editionId: string | null;
  /** True when the draft differs from the latest edition. */
  readonly changed: boolean;
  readonly isPreparation: boolean;
  readonly archived: boolean;
}

export interface Dish {
  readonly id: string;
  readonly version: number;
  readonly content: DishContent;
  readonly archived: boolean;
  readonly editions: readonly EditionSummary[];
  readonly changed: boolean;
}

export interface EditionSummary {
  readonly id: string;
  readonly number: number;
  readonly publishedAt: string;
  readonly publishedBy: string;
}

export interface DishEdition extends EditionSummary {
  readonly dishId: string;
  readonly content: DishContent;
}

const exactSchema = Joi.string()
  .max(30)
  .custom((value: string) => {
    if (!isExactText(value))
      throw new FieldError(`"${value.slice(0, 30)}" is not an amount.`, 'Give a number or a fraction, such as 3 or 1/3.');
    if (value.startsWith('-')) throw new FieldError('The amount is negative.', 'Give an amount of 0 or more.');
    return value;
  });

const amountSchema = Joi.object({
  min: exactSchema.required(),
  max: exactSchema.required(),
  unit: Joi.string()
    .valid(...UNIT_CODES)
    .required(),
  about: Joi.boolean().required(),
});

const text = (max: number) => Joi.string().allow('').max(max).required();

const ruleSchema = Joi.object({
  kind: Joi.string()
    .valid(...RULE_KINDS)
    .required(),
})
  .when(Joi.object({ kind: 'byTheLoad' }).unknown(), { then: Joi.object({ portionsALoad: exactSchema.required() }) })
  .when(Joi.object({ kind: 'percentOf' }).unknown(), {
    then: Joi.object({ lineId: keySchema.required(), percent: exactSchema.required() }),
  })
  .when(Joi.object({ kind: 'toTaste' }).unknown(), { then: Joi.object({ allowance: amountSchema.allow(null).required() }) });

const lineSchema = Joi.object({
  id: keySchema.required(),
  written: text(DISH_LIMITS.text),
  item: text(300),
  amount: amountSchema.allow(null).required(),
  one: amountSchema.allow(null).required(),
  size: text(40),
  preparation: text(300),
  note: text(500),
  rule: ruleSchema.required(),
  certainty: Joi.string().valid('sure', 'doubtful', 'held').required(),
  doubts: Joi.array().items(Joi.string().max(500)).max(10).required(),
  preparationEditionId: idSchema.allow(null),
});

export const dishContentSchema = Joi.object<DishContent>({
  title: Joi.string().trim().max(DISH_LIMITS.title).required(),
  portions: Joi.number().integer().min(1).max(1000).required(),
  gives: Joi.object({ amount: amountSchema.required() }).allow(null).required(),
  components: Joi.array()
    .items(
      Joi.object({
        id: keySchema.required(),
        name: text(120),
        lines: Joi.array().items(lineSchema).max(DISH_LIMITS.lines).required(),
      }),
    )
    .max(DISH_LIMITS.components)
    .required(),
  method: Joi.array()
    .items(
      Joi.object({
        id: keySchema.required(),
        text: Joi.string().max(DISH_LIMITS.text).required(),
        minutes: Joi.number().integer().min(0).max(20160).allow(null).required(),
        techniqueIds: Joi.array().items(idSchema).max(12).unique().required(),
      }),
    )
    .max(DISH_LIMITS.steps)
    .required(),
}).custom((dish: DishContent) => {
  const ids = dish.components.flatMap((component) => [component.id, ...component.lines.map((line) => line.id)]);
  if (new Set(ids).size !== ids.length) throw new FieldError('Two lines share an id.', 'Give each line an id of its own.');
  return dish;
});

export const archivedSchema = Joi.object<{ archived: boolean }>({ archived: Joi.boolean().required() });

/** A recipe as text, read on the server for those who come by the API; the screen reads it itself. */
export interface RecipeText {
  readonly text: string;
}
export const recipeTextSchema = Joi.object<RecipeText>({ text: Joi.string().max(DISH_LIMITS.pasteBytes).required() });
