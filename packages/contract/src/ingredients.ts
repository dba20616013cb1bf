import Joi from 'joi';
import { ALLERGENS, checkFact, FOOD_KINDS, isExactText, PIECES, UNIT_CODES, words, type IngredientFact } from '@pelvo/core';
import { shape } from './common';
import { FieldError } from './problems';

/** What is known of an ingredient: what ships, and what the school has entered over it. */
export interface IngredientRecord {
  readonly name: string;
  readonly shipped: IngredientFact | null;
  readonly own: IngredientFact | null;
  /** Of the school's own fact; 0 while there is none. */
  readonly version: number;
}

const exactText = Joi.string()
  .max(30)
  .custom((value: string) => {
    if (!isExactText(value)) throw new FieldError(`"${value.slice(0, 30)}" is not an amount.`, 'Give a number or a fraction.');
    return value;
  });

const allergens = Joi.array()
  .items(Joi.string().valid(...ALLERGENS))
  .unique()
  .required();

const kinds = Joi.array()
  .items(Joi.string().valid(...FOOD_KINDS))
  .unique()
  .required();

export const ingredientFactSchema = shape<IngredientFact>({
  name: Joi.string().trim().lowercase().min(2).max(120).required(),
  otherNames: Joi.array().items(Joi.string().trim().lowercase().min(2).max(120)).max(30).unique().required(),
  density: exactText.allow(null).required(),
  gramsOfOne: Joi.array()
    .items(
      Joi.object({
        unit: Joi.string()
          .valid(...UNIT_CODES)
          .required(),
        size: Joi.string().trim().allow('').max(40).required(),
        grams: exactText.required(),
      }),
    )
    .max(16)
    .unique((a: { unit: string; size: string }, b: { unit: string; size: string }) => a.unit === b.unit && a.size === b.size)
    .required(),
  trim: Joi.array()
    .items(Joi.object({ preparation: Joi.string().trim().max(60).required(), fraction: exactText.required() }))
    .max(12)
    .unique('preparation')
    .required(),
  cooked: Joi.array()
    .items(Joi.object({ way: Joi.string().trim().max(60).required(), factor: exactText.required() }))
    .max(12)
    .unique('way')
    .required(),
  liquid: Joi.boolean().required(),
  piece: Joi.string()
    .valid(...PIECES)
    .required(),
  allergens,
  mayContain: allergens,
  kinds: kinds.min(1),
  mayBe: kinds,
  label: Joi.boolean().required(),
  exacting: Joi.boolean().required(),
  strong: Joi.boolean().required(),
  price: Joi.object({ amount: exactText.required(), per: Joi.string().valid('kg', 'l', 'each').required() })
    .allow(null)
    .required(),
  source: Joi.string().trim().max(400).required(),
}).custom((fact: IngredientFact) => {
  const [first] = checkFact(fact);
  if (first) throw new FieldError(`${first.field}: ${words(first.problem)}`, words(first.remedy));
  return fact;
});
