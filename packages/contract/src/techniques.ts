import Joi from 'joi';
import {
  CALCULATOR_KEYS,
  LADDER_KEYS,
  CARD_LIMITS,
  DRAWING_KINDS,
  HAZARDS,
  MATTERS,
  oneLine,
  practiceOf,
  readInline,
  SENSES,
  STRANDS,
  writeInline,
  type Fault,
  type HoldsUnder,
  type LooksLike,
  type PortableTechnique,
  type Strand,
  type TaughtLesson,
  type TechniqueCard,
} from '@pelvo/core';
import { idSchema, keySchema, paperField, shape, type PaperQuery } from './common';
import { FieldError, type FieldProblem } from './problems';

/** A technique as it is stored: its card, what is to learn first, and the version to save against. */
export interface Technique extends TechniqueCard {
  readonly id: string;
  readonly version: number;
  readonly archived: boolean;
  /** Ids of the techniques to be learned before. */
  readonly prerequisites: readonly string[];
}

export type TechniqueFields = Omit<Technique, 'id' | 'version' | 'archived'>;

/** What lists, lessons and dishes need of a technique. */
export interface TechniqueSummary {
  readonly id: string;
  readonly name: string;
  readonly strand: Strand;
  readonly purpose: string;
  readonly minutes: TechniqueCard['minutes'];
  readonly cautions: readonly string[];
  readonly matters: TechniqueCard['matters'];
  readonly words: readonly string[];
  readonly prerequisites: readonly string[];
}

/** A technique with what builds on it. */
export interface TechniqueWithUse extends Technique {
  /** Techniques that need this one first. */
  readonly leadsTo: readonly { readonly id: string; readonly name: string }[];
}

export const TECHNIQUES_LIMIT = 500;

/** What the map of one class is drawn from. */
export interface Course {
  readonly classId: string;
  readonly students: readonly { readonly id: string; readonly name: string }[];
  readonly lessons: readonly TaughtLesson[];
  /** Dishes that exercise each technique, by its id. */
  readonly dishes: Readonly<Record<string, number>>;
}

/** What importing a file of techniques would do, or did. */
export interface TechniqueImport {
  readonly techniques: readonly {
    readonly name: string;
    readonly state: 'new' | 'replaces' | 'same';
    readonly problems: readonly FieldProblem[];
  }[];
  /** What stands in the file and has no place on a card. */
  readonly leftOut: readonly string[];
  readonly made: number;
  readonly replaced: number;
}

const plain = (max: number) =>
  Joi.string()
    .custom((value: string) => filled(oneLine(value)))
    .max(max);
const plainOrNothing = (max: number) =>
  Joi.string()
    .allow('')
    .custom((value: string) => oneLine(value))
    .max(max)
    .required();
const rich = (max: number) =>
  Joi.string()
    .custom((value: string) => filled(writeInline(readInline(value))))
    .max(max);

function filled(value: string): string {
  if (!value) throw new FieldError('There is nothing in it.', 'Write something, or take it out.');
  return value;
}

const list = (item: Joi.Schema, max: number) => Joi.array().items(item).max(max).required();
const oneOf = (values: readonly string[]) => Joi.string().valid(...values);
const minutes = Joi.number().integer().min(1).max(1440).allow(null).required();

/** What a fault looks like, and how they are told apart. */
export const looksLikeSchema = Joi.object<LooksLike>({ fault: keySchema.required(), test: plain(CARD_LIMITS.short).required() });

/** Under which practice something holds: one that the matter knows. */
export const holdsUnderSchema = Joi.object<HoldsUnder>({
  matter: oneOf(MATTERS).required(),
  practice: Joi.string().max(40).required(),
}).custom((under: HoldsUnder) => {
  if (!practiceOf(under.matter, under.practice))
    throw new FieldError(
      `There is no practice "${under.practice}" in that matter.`,
      'Choose one that it offers, or take the condition out.',
    );
  return under;
});

export const techniqueCardKeys: Readonly<Record<keyof TechniqueCard, Joi.Schema>> = {
  name: plain(CARD_LIMITS.name).required(),
  strand: oneOf(STRANDS).required(),
  purpose: Joi.string()
    .allow('')
    .custom((value: string) => writeInline(readInline(value)))
    .max(CARD_LIMITS.text)
    .required(),
  tools: list(plain(CARD_LIMITS.name), CARD_LIMITS.tools),
  minutes: Joi.object({ novice: minutes, practised: minutes }).required(),
  aims: Joi.object({
    introduce: plainOrNothing(CARD_LIMITS.short),
    practise: plainOrNothing(CARD_LIMITS.short),
    assess: plainOrNothing(CARD_LIMITS.short),
  }).required(),
  steps: list(rich(CARD_LIMITS.text), CARD_LIMITS.steps),
  criticalPoints: list(Joi.object({ text: rich(CARD_LIMITS.short).required(), under: holdsUnderSchema }), CARD_LIMITS.points),
  cues: list(Joi.object({ sense: oneOf(SENSES).required(), text: plain(CARD_LIMITS.short).required() }), CARD_LIMITS.cues),
  looksWrong: list(
    Joi.object({ see: plain(CARD_LIMITS.short).required(), because: plainOrNothing(CARD_LIMITS.short) }),
    CARD_LIMITS.looksWrong,
  ),
  faults: list(
    Joi.object({
      key: keySchema.required(),
      see: plain(CARD_LIMITS.short).required(),
      cause: plainOrNothing(CARD_LIMITS.short),
      correction: plainOrNothing(CARD_LIMITS.short),
      rescue: plainOrNothing(CARD_LIMITS.short),
      looksLike: looksLikeSchema,
      under: holdsUnderSchema,
    }),
    CARD_LIMITS.faults,
  )
    .unique('key')
    .custom((faults: readonly Fault[]) => {
      const stray = faults.find(
        ({ key, looksLike }) => looksLike && !faults.some((other) => other.key === looksLike.fault && other.key !== key),
      );
      if (stray)
        throw new FieldError(`"${stray.see}" looks like a fault that is not on this card.`, 'Choose another of its faults, or none.');
      return faults;
    }),
  cautions: list(plain(CARD_LIMITS.short), CARD_LIMITS.cautions),
  passedRound: list(plain(CARD_LIMITS.short), CARD_LIMITS.passedRound),
  questions: list(
    Joi.object({ ask: plain(CARD_LIMITS.short).required(), answer: plainOrNothing(CARD_LIMITS.short) }),
    CARD_LIMITS.questions,
  ),
  descriptors: list(
    Joi.object({
      key: keySchema.required(),
      name: plain(80).required(),
      evidence: oneOf(['measured', 'seen', 'tasted']).required(),
      levels: Joi.array().items(Joi.string().allow('').custom(oneLine).max(CARD_LIMITS.short)).length(4).required(),
      under: holdsUnderSchema,
    }),
    CARD_LIMITS.descriptors,
  ).unique('key'),
  matters: list(oneOf(MATTERS), MATTERS.length).unique(),
  variants: list(
    Joi.object({ key: keySchema.required(), name: plain(80).required(), text: rich(CARD_LIMITS.text).required() }),
    CARD_LIMITS.variants,
  ).unique('key'),
  variant: keySchema
    .allow(null)
    .required()
    .custom((key: string | null, helpers) => {
      const { variants } = helpers.state.ancestors[0] as TechniqueCard;
      if (key !== null && Array.isArray(variants) && !variants.some((variant) => variant.key === key))
        throw new FieldError(`There is no variant "${key}" on this card.`, 'Choose one of its variants, or none.');
      return key;
    }),
  calculators: list(oneOf(CALCULATOR_KEYS), CALCULATOR_KEYS.length).unique(),
  ladders: list(oneOf(LADDER_KEYS), LADDER_KEYS.length).unique(),
  drawings: list(Joi.object({ kind: oneOf(DRAWING_KINDS).required(), of: keySchema }), CARD_LIMITS.drawings),
  answered: list(Joi.object({ hazard: oneOf(HAZARDS).required(), because: plain(CARD_LIMITS.short).required() }), HAZARDS.length).unique(
    'hazard',
  ),
  words: list(plain(60), CARD_LIMITS.words),
};

export const techniqueSchema = shape<TechniqueFields>({
  ...techniqueCardKeys,
  prerequisites: Joi.array().items(idSchema).max(CARD_LIMITS.prerequisites).unique().required(),
});

/** A card in a file: prerequisites by name. */
export const portableTechniqueSchema = shape<PortableTechnique>({
  ...techniqueCardKeys,
  prerequisites: list(plain(CARD_LIMITS.name), CARD_LIMITS.prerequisites).unique(),
});

/** A card on paper, for one hand or the other. */
export interface CardQuery extends PaperQuery {
  readonly hand: 'left' | 'right';
}
export const cardQuerySchema = Joi.object<CardQuery>({ paper: paperField, hand: oneOf(['left', 'right']).default('right') });
