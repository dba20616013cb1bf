import Joi from 'joi';
import {
  ALLERGENS,
  ALLOWANCES,
  DISH_FILE_VERSION,
  DISH_LIMITS,
  isExactText,
  MEASURE_SYSTEMS,
  DOUBT_CODES,
  DOUBT_VALUES,
  SCALING_KINDS,
  ladderOf,
  LADDERS,
  STORES,
  UNIT_CODES,
  type Allergen,
  type Component,
  type DishContent,
  type DishFile,
  type IngredientLine,
  type MethodStep,
  type FormatName,
  type Paper,
  HEATED,
  isYield,
  MOST_GAIN,
  ONE_IS,
  ringOfSteps,
  type YieldStep,
  type WantedStage,
} from '@pelvo/core';
import { FieldError } from './problems';
import { idSchema, keySchema, paperField, shape } from './common';
import { stepWorkSchema } from './stepWork';

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
  /** Formulas of the sub-preparations it draws on, by edition id. */
  readonly preparations: Readonly<Record<string, DishContent>>;
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

const yieldSchema = Joi.object<YieldStep>({
  kind: Joi.string().valid('trim', 'cooking', 'reduction').required(),
  fraction: exactSchema.required().custom((fraction: string, helpers) => {
    const [{ kind }] = helpers.state.ancestors as [YieldStep];
    if (!isYield({ kind, fraction }))
      throw new FieldError(
        `A yield of ${fraction} cannot be.`,
        kind === 'cooking'
          ? `Give what one part becomes, above 0 and at most ${MOST_GAIN}.`
          : 'Give a fraction above 0 and at most 1, such as 0.85.',
      );
    return fraction;
  }),
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

/** One way of scaling with what it needs to know; the others need nothing. */
const scalingSchema = (['byTheLoad', 'percentOf', 'toTaste'] as const).reduce<Joi.Schema>(
  (otherwise, kind) => {
    const needs = {
      byTheLoad: { portionsALoad: exactSchema.required() },
      percentOf: { lineId: keySchema.required(), percent: exactSchema.required() },
      toTaste: { allowance: amountSchema.allow(null).required() },
    }[kind];
    return Joi.alternatives().conditional(Joi.object({ kind }).unknown(), {
      then: Joi.object({ kind: Joi.string().valid(kind).required(), ...needs }),
      otherwise,
    });
  },
  Joi.object({
    kind: Joi.string()
      .valid(...SCALING_KINDS)
      .required(),
  }),
);

/** A doubt by its code; its values are short texts. */
const doubtSchema = Joi.object({
  code: Joi.string()
    .valid(...DOUBT_CODES)
    .required(),
  ...Object.fromEntries(DOUBT_VALUES.map((name) => [name, Joi.string().allow('').max(500)])),
});

const lineSchema = shape<IngredientLine>({
  id: keySchema.required(),
  written: text(DISH_LIMITS.text),
  item: text(300),
  amount: amountSchema.allow(null).required(),
  one: amountSchema.allow(null).required(),
  oneIs: Joi.string()
    .valid(...ONE_IS)
    .required(),
  size: text(40),
  preparation: text(300),
  note: text(500),
  extra: Joi.boolean().required(),
  scaling: scalingSchema.required(),
  certainty: Joi.string().valid('sure', 'doubtful', 'held').required(),
  doubts: Joi.array().items(doubtSchema).max(10).required(),
  preparationEditionId: idSchema.allow(null).required(),
  componentId: keySchema.allow(null).required(),
  yields: Joi.array().items(yieldSchema).max(4).required(),
});

const minutes = Joi.number().integer().min(0).max(525_600).allow(null).required();
const spanSchema = Joi.object({ least: minutes, most: minutes }).custom((span: { least: number | null; most: number | null }) => {
  if (span.least !== null && span.most !== null && span.most < span.least)
    throw new FieldError('The latest lies before the earliest.', 'Swap the two, or leave one empty.');
  return span;
});

const componentSchema = shape<Component>({
  id: keySchema.required(),
  name: text(120),
  lines: Joi.array().items(lineSchema).max(DISH_LIMITS.lines).required(),
  gives: amountSchema.allow(null).required(),
  gave: Joi.array().items(exactSchema).max(50).required(),
  keeps: Joi.array()
    .items(
      Joi.object({
        store: Joi.string()
          .valid(...STORES)
          .required(),
        hours: Joi.number().greater(0).max(87_600).required(),
      }),
    )
    .max(4)
    .unique('store')
    .required(),
  before: spanSchema.required(),
  allowance: Joi.object({
    allowance: Joi.string()
      .valid(...ALLOWANCES)
      .required(),
    reason: Joi.string().trim().min(5).max(300).required(),
    kept: Joi.array().items(Joi.string().max(20)).max(10).unique().required(),
  })
    .allow(null)
    .required(),
});

export const dishContentSchema = shape<DishContent>({
  title: Joi.string().trim().max(DISH_LIMITS.title).required(),
  portions: Joi.number().integer().min(1).max(1000).required(),
  gives: Joi.object({ amount: amountSchema.required() }).allow(null).required(),
  components: Joi.array().items(componentSchema).max(DISH_LIMITS.components).required(),
  method: Joi.array()
    .items(
      shape<MethodStep>({
        id: keySchema.required(),
        text: Joi.string().max(DISH_LIMITS.text).required(),
        minutes: Joi.number().integer().min(0).max(20160).allow(null).required(),
        techniqueIds: Joi.array().items(idSchema).max(12).unique().required(),
        componentId: keySchema.allow(null).required(),
        hands: Joi.string().valid('on', 'off').required(),
        noviceMinutes: Joi.number().integer().min(0).max(20160).allow(null).required(),
        equipment: text(80),
        celsius: Joi.number().min(-40).max(600).allow(null).required(),
        heats: Joi.string()
          .valid(...HEATED)
          .required(),
        sharedWith: Joi.array()
          .items(Joi.string().valid(...ALLERGENS))
          .unique()
          .required(),
        store: Joi.string()
          .valid(...STORES)
          .allow(null)
          .required(),
        wants: Joi.object({
          ladder: Joi.string()
            .valid(...LADDERS.map(({ key }) => key))
            .required(),
          stage: Joi.string().max(40).required(),
        })
          .custom((wants: WantedStage) => {
            if (ladderOf(wants.ladder)?.stages.some(({ key }) => key === wants.stage)) return wants;
            throw new FieldError('This ladder has no such stage.', 'Choose one of its stages, or none.');
          })
          .allow(null)
          .required(),
        critical: text(300),
        toNext: spanSchema.required(),
        caution: text(300),
        work: stepWorkSchema.required(),
      }),
    )
    .max(DISH_LIMITS.steps)
    .required(),
  measures: Joi.string()
    .valid(...MEASURE_SYSTEMS)
    .required(),
  plate: Joi.array()
    .items(Joi.object({ componentId: keySchema.required(), amount: amountSchema.required() }))
    .max(DISH_LIMITS.components)
    .unique('componentId')
    .required(),
  tools: Joi.array().items(Joi.string().trim().min(1).max(120)).max(DISH_LIMITS.tools).required(),
  notes: Joi.array().items(Joi.string().trim().min(1).max(500)).max(DISH_LIMITS.notes).required(),
}).custom((dish: DishContent) => {
  const ids = dish.components.flatMap((component) => [component.id, ...component.lines.map((line) => line.id)]);
  if (new Set(ids).size !== ids.length) throw new FieldError('Two lines share an id.', 'Give each line an id of its own.');
  const ring = ringOfSteps(dish);
  if (ring.length > 0)
    throw new FieldError(
      `These steps wait for each other: ${ring.map((id) => `"${dish.method.find((step) => step.id === id)!.text.slice(0, 60)}"`).join(', ')}.`,
      'Let one of them wait for less.',
    );
  return dish;
});

export const archivedSchema = Joi.object<{ archived: boolean }>({ archived: Joi.boolean().required() });

/** A recipe as text, read on the server for those who come by the API; the screen reads it itself. */
export interface RecipeText {
  readonly text: string;
}
export const recipeTextSchema = Joi.object<RecipeText>({ text: Joi.string().max(DISH_LIMITS.pasteBytes).required() });

/** What is asked of the list of dishes; every part that is given must hold. */
export interface DishQuery {
  readonly page: number;
  /** Words of titles, ingredients and components; spelling may be off. */
  readonly search: string;
  readonly technique?: string;
  readonly freeOf?: Allergen;
  /** At most so many minutes of method. */
  readonly within?: number;
  readonly equipment?: string;
  /** Only what other dishes can be made with. */
  readonly preparation?: boolean;
  /** Only what has an edition. */
  readonly published?: boolean;
}

export const dishQuerySchema = Joi.object<DishQuery>({
  page: Joi.number().integer().min(1).max(1000).default(1),
  search: Joi.string().trim().max(100).allow('').default(''),
  technique: idSchema,
  freeOf: Joi.string().valid(...ALLERGENS),
  within: Joi.number().integer().min(1).max(20160),
  equipment: Joi.string().trim().max(80),
  preparation: Joi.boolean(),
  published: Joi.boolean(),
});

/** A Pelvo file of dishes, of today's version. */
export const dishFileSchema = Joi.object<DishFile>({
  format: Joi.string().valid('pelvo-dishes').required(),
  version: Joi.number().valid(DISH_FILE_VERSION).required(),
  dishes: Joi.array().items(dishContentSchema).max(200).required(),
});

/** One dish of an import: what it would become, and what keeps it from being taken. */
export interface ImportedDish {
  readonly content: DishContent;
  readonly problems: readonly { readonly field: string; readonly problem: string; readonly remedy: string }[];
}

/** What an import would do, or did. Nothing is taken unless all can be. */
export interface DishImport {
  readonly format: FormatName;
  readonly dishes: readonly ImportedDish[];
  /** Ids of the dishes made; empty for a preview. */
  readonly made: readonly string[];
}

export interface HandoutQuery {
  readonly portions: number;
  readonly paper: Paper;
}
export const handoutQuerySchema = Joi.object<HandoutQuery>({
  portions: Joi.number().integer().min(1).max(1000).required(),
  paper: paperField,
});
