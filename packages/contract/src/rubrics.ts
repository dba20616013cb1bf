import Joi from 'joi';
import { LEVELS, STRANDS, type RubricContent } from '@pelvo/core';
import { keySchema, shape } from './common';
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
});

const base = {
  key: keySchema.required(),
  name: line(80),
  strand: Joi.string()
    .valid(...STRANDS)
    .required(),
  evidence: Joi.string().valid('measured', 'seen', 'tasted').required(),
  faults: Joi.array().items(faultSchema).max(12).unique('key').required(),
};

const criterionSchema = Joi.alternatives().conditional(Joi.object({ kind: 'critical' }).unknown(), {
  then: Joi.object({
    ...base,
    kind: Joi.string().valid('critical').required(),
    met: line(300),
    notMet: line(300),
    cap: Joi.number().min(0).max(100).required(),
  }),
  otherwise: Joi.object({
    ...base,
    kind: Joi.string().valid('levels').required(),
    weight: Joi.number().greater(0).max(100).required(),
    descriptors: Joi.array().items(Joi.string().trim().max(300)).length(4).required(),
  }),
});

export const rubricContentSchema = shape<RubricContent>({
  name: line(120),
  strandWeights: Joi.object(Object.fromEntries(STRANDS.map((strand) => [strand, Joi.number().min(0).max(100).required()]))).required(),
  levelShares: Joi.array().items(Joi.number().min(0).max(1)).length(4).required(),
  criteria: Joi.array().items(criterionSchema).max(30).required(),
  passAt: Joi.number()
    .valid(...LEVELS.slice(1))
    .required(),
});
