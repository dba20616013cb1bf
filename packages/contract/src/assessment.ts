import Joi from 'joi';
import type { CriterionLevels, MarkingWay, Marks, MarkValue, Result, RubricContent, Needs } from '@pelvo/core';
import { idSchema, keySchema } from './common';

/** One touch at the pass. The id is made by the device, so that sending it twice counts once. */
export interface MarkEvent {
  readonly id: string;
  readonly studentId: string;
  readonly dishEditionId: string;
  readonly criterionKey: string;
  /** Null takes the mark back. */
  readonly value: MarkValue | null;
  /** When it was touched, by the device's clock. */
  readonly at: string;
}

const faults = Joi.array().items(keySchema).max(12).unique().required();

const markValueSchema = Joi.alternatives().try(
  Joi.object({ kind: Joi.string().valid('level').required(), level: Joi.number().valid(1, 2, 3, 4).required(), faults }),
  Joi.object({ kind: Joi.string().valid('critical').required(), met: Joi.boolean().required(), faults }),
  Joi.object({ kind: Joi.string().valid('notSeen').required() }),
);

export const markEventsSchema = Joi.object<{ events: readonly MarkEvent[] }>({
  events: Joi.array()
    .items(
      Joi.object({
        id: idSchema.required(),
        studentId: idSchema.required(),
        dishEditionId: idSchema.required(),
        criterionKey: keySchema.required(),
        value: markValueSchema.allow(null).required(),
        at: Joi.string().isoDate().max(40).required(),
      }),
    )
    .min(1)
    .max(100)
    .required(),
});

export interface MarkingStudent {
  readonly id: string;
  readonly name: string;
  readonly absent: boolean;
  readonly needs: Needs;
}

/** Everything the marking screen needs, so that it can go on without a network. */
export interface MarkingSheet {
  readonly lessonId: string;
  readonly title: string;
  /** Practices that hold in this lesson, in words: nobody is marked down for following them. */
  readonly teaches: readonly string[];
  /** How its results are told. */
  readonly way: MarkingWay;
  readonly rubric: { readonly editionId: string; readonly content: RubricContent } | null;
  readonly dishes: readonly { readonly editionId: string; readonly title: string }[];
  readonly students: readonly MarkingStudent[];
  readonly marks: readonly { readonly studentId: string; readonly dishEditionId: string; readonly marks: Marks }[];
}

/** A dish's result as stored: everything that explains it is of the editions it was marked with. */
export interface DishResult {
  readonly id: string;
  readonly studentId: string;
  readonly student: string;
  readonly dish: string;
  readonly dishEdition: number;
  readonly dishEditionId: string;
  readonly rubric: string;
  readonly rubricEdition: number;
  readonly lesson: string;
  readonly date: string;
  readonly assessors: readonly string[];
  readonly marks: Marks;
  readonly criteria: RubricContent['criteria'];
  readonly result: Result;
}

export interface ClassResults {
  readonly lessonId: string;
  readonly title: string;
  readonly releasedAt: string | null;
  readonly results: readonly DishResult[];
  /** Students and dishes that have no mark yet. */
  readonly unmarked: readonly { readonly student: string; readonly dish: string }[];
  readonly levels: readonly CriterionLevels[];
}

export interface MyResult {
  readonly id: string;
  readonly dish: string;
  readonly lesson: string;
  readonly date: string;
  readonly mark: string | null;
}
