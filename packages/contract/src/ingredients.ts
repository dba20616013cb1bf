import Joi from 'joi';
import { ALLERGENS, checkFact, isExactText, ORIGINS, UNIT_CODES, words, type IngredientFact } from '@pelvo/core';
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
        grams: exactText.required(),
      }),
    )
    .max(12)
    .unique('unit')
    .required(),
  trim: Joi.array()
    .items(Joi.object({ preparation: Joi.string().trim().max(60).required(), fraction: exactText.required() }))
    .max(12)
    .unique('preparation')
    .required(),
  allergens,
  mayContain: allergens,
  origin: Joi.string()
    .valid(...ORIGINS)
    .required(),
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
