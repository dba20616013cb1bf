import Joi from 'joi';
import {
  STANDARDISATION_LIMITS,
  type MarkValue,
  type RubricContent,
  type SampleDish,
  type SampleJudge,
  type SampleMark,
} from '@pelvo/core';
import { markValueSchema } from './assessment';
import { idSchema, keySchema, shape } from './common';

export interface StandardisationSummary {
  readonly id: string;
  readonly title: string;
  readonly rubric: string;
  readonly samples: number;
  /** Assessors who have begun. */
  readonly judges: number;
  readonly closed: boolean;
  readonly createdAt: string;
}

/** Sample dishes that all who mark judge, each alone. */
export interface Standardisation {
  readonly id: string;
  readonly title: string;
  readonly closed: boolean;
  readonly rubric: RubricContent;
  readonly samples: readonly SampleDish[];
  readonly mine: readonly SampleMark[];
  /** What everybody said, and the standard: only once one has judged all, or when it is closed. */
  readonly shown: { readonly judges: readonly SampleJudge[]; readonly standard: readonly SampleMark[] } | null;
}

export interface NewStandardisation {
  readonly title: string;
  readonly rubricEditionId: string;
  readonly samples: readonly Omit<SampleDish, 'id'>[];
}

export const newStandardisationSchema = shape<NewStandardisation>({
  title: Joi.string().trim().min(1).max(STANDARDISATION_LIMITS.title).required(),
  rubricEditionId: idSchema.required(),
  samples: Joi.array()
    .items(
      shape<Omit<SampleDish, 'id'>>({
        title: Joi.string().trim().min(1).max(STANDARDISATION_LIMITS.title).required(),
        about: Joi.string().trim().allow('').max(STANDARDISATION_LIMITS.about).required(),
        assessmentId: idSchema.allow(null).required(),
      }),
    )
    .min(1)
    .max(STANDARDISATION_LIMITS.samples)
    .required(),
});

/** One judgement of a sample dish; null takes it back. `standard` sets what the school takes for right. */
export interface SampleMarkBody {
  readonly sampleId: string;
  readonly criterionKey: string;
  readonly value: MarkValue | null;
  readonly standard: boolean;
}

export const sampleMarkSchema = shape<SampleMarkBody>({
  sampleId: idSchema.required(),
  criterionKey: keySchema.required(),
  value: markValueSchema.allow(null).required(),
  standard: Joi.boolean().required(),
});

export const closedSchema = shape<{ closed: boolean }>({ closed: Joi.boolean().required() });
