import Joi from 'joi';
import {
  LEAST_STAGES,
  LEVELS,
  MEASURED_FROM,
  MEASURED_TO,
  MOST_COUNTED,
  MOST_PIECES,
  MOST_STAGES,
  RUBRIC_STRANDS,
  STRANDS,
  type Criterion,
  type RubricContent,
} from '@pelvo/core';
import { byKind, keySchema, shape } from './common';
import { holdsUnderSchema, looksLikeSchema } from './techniques';
import type { EditionSummary } from './dishes';

export interface RubricSummary {
  readonly id: string;
  readonly name: string;
  readonly criteria: number;
  readonly edition: number | null;
  readonly editionId: string | null;
  readonly changed: boolean;
}

export interface Rubric {
  readonly id: string;
  readonly version: number;
  readonly content: RubricContent;
  readonly editions: readonly EditionSummary[];
  readonly changed: boolean;
}

/** A lesson whose dishes were marked with some edition of a rubric: what a change of it can be tried on. */
export interface LessonMarkedWith {
  readonly id: string;
  readonly title: string;
  readonly date: string;
  readonly className: string;
  readonly dishesMarked: number;
}

export const LESSONS_MARKED_SHOWN = 50;

export interface RubricEdition extends EditionSummary {
  readonly rubricId: string;
  readonly content: RubricContent;
}

const line = (max: number) => Joi.string().trim().max(max).required();

const faultSchema = Joi.object({
  key: keySchema.required(),
  see: line(300),
  cause: Joi.string().trim().allow('').max(300).required(),
  correction: Joi.string().trim().allow('').max(300).required(),
  rescue: Joi.string().trim().allow('').max(300).required(),
  technique: Joi.string().trim().allow('').max(120).required(),
  looksLike: looksLikeSchema,
  under: holdsUnderSchema,
});

const base = {
  key: keySchema.required(),
  name: line(80),
  strand: Joi.string()
    .valid(...RUBRIC_STRANDS)
    .required(),
  evidence: Joi.string().valid('measured', 'seen', 'tasted').required(),
  faults: Joi.array().items(faultSchema).max(12).unique('key').required(),
};

const weighed = { ...base, weight: Joi.number().greater(0).max(100).required() };
const size = Joi.number().min(MEASURED_FROM).max(MEASURED_TO).required();
const share = Joi.number().min(0).max(1);

/** What a criterion of each kind consists of. */
const criteria: { readonly [K in Criterion['kind']]: Joi.PartialSchemaMap } = {
  levels: { ...weighed, descriptors: Joi.array().items(Joi.string().trim().max(300)).length(4).required() },
  critical: { ...base, met: line(300), notMet: line(300), cap: Joi.number().min(0).max(100).required() },
  measured: {
    ...weighed,
    target: Joi.object({
      unit: line(12),
      sizes: Joi.array()
        .items(Joi.object({ name: line(40), least: size, most: size }))
        .min(1)
        .max(3)
        .required(),
      pieces: Joi.number().integer().min(1).max(MOST_PIECES).required(),
      shares: Joi.array().items(share).length(3).required(),
    }).required(),
  },
  counted: {
    ...weighed,
    counts: line(80),
    most: Joi.array().items(Joi.number().integer().min(0).max(MOST_COUNTED)).length(3).required(),
  },
  ladder: {
    ...weighed,
    stages: Joi.array()
      .items(Joi.object({ name: line(120), share: share.required() }))
      .min(LEAST_STAGES)
      .max(MOST_STAGES)
      .required(),
  },
};

const criterionSchema = byKind(criteria);

export const rubricContentSchema = shape<RubricContent>({
  name: line(120),
  // How the work was done is not weighed in rubrics from before it could be.
  strandWeights: Joi.object({
    ...Object.fromEntries(STRANDS.map((strand) => [strand, Joi.number().min(0).max(100).required()])),
    process: Joi.number().min(0).max(100).default(0),
  }).required(),
  levelShares: Joi.array().items(Joi.number().min(0).max(1)).length(4).required(),
  criteria: Joi.array().items(criterionSchema).max(30).required(),
  passAt: Joi.number()
    .valid(...LEVELS.slice(1))
    .required(),
});
