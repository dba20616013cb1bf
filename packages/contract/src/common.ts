import Joi from 'joi';
import type { Paper } from '@pelvo/core';
import { FieldError } from './problems';

export const ID_PATTERN = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

export const idSchema = Joi.string().pattern(ID_PATTERN, 'an id of this school');
/** Ids inside a document: lines, components, steps, criteria. */
export const keySchema = Joi.string().pattern(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _, at most 40');
export const dateSchema = Joi.string().custom((value: string) => {
  const day = /^\d{4}-\d{2}-\d{2}$/.test(value) ? new Date(`${value}T00:00:00Z`) : null;
  // A day that does not exist, such as 30 February, comes back as another one or as none.
  if (!day || Number.isNaN(day.getTime()) || !day.toISOString().startsWith(value))
    throw new FieldError(`"${value.slice(0, 20)}" is not a day.`, 'Use a date like 2026-11-30.');
  return value;
});
export const timeSchema = Joi.string().pattern(/^(?:[01]\d|2[0-3]):[0-5]\d$/, 'a time like 09:30');

export const paperField = Joi.string().uppercase().valid('A4', 'LETTER').default('A4');

/**
 * An object schema with a rule for every field of its type and for no other: a field that is added to the type without a
 * rule, or the other way round, does not compile.
 */
export const shape = <T>(keys: Readonly<Record<keyof T, Joi.Schema>>): Joi.ObjectSchema<T> => Joi.object<T>(keys as Joi.SchemaMap<T>);

/** The paper of a printed thing. */
export interface PaperQuery {
  readonly paper: Paper;
}
export const paperSchema = Joi.object<PaperQuery>({ paper: paperField });

/** A page of a list. Lists are bounded: `total` says how many there are in all. */
export interface Page<T> {
  readonly items: readonly T[];
  readonly total: number;
}

export const pageQuerySchema = Joi.object({
  page: Joi.number().integer().min(1).max(1000).default(1),
  search: Joi.string().trim().max(100).allow('').default(''),
});

export interface PageQuery {
  readonly page: number;
  readonly search: string;
}

/**
 * One of several shapes, told apart by their `kind`.
 *
 * @param shapes - what each kind consists of besides its name
 */
export const byKind = (shapes: Readonly<Record<string, Joi.PartialSchemaMap>>): Joi.AlternativesSchema =>
  Joi.alternatives().conditional('.kind', {
    switch: Object.entries(shapes).map(([kind, parts]) => ({
      is: kind,
      then: Joi.object({ ...parts, kind: Joi.string().valid(kind).required() }),
    })),
    otherwise: Joi.object({
      kind: Joi.string()
        .valid(...Object.keys(shapes))
        .required(),
    }).unknown(),
  });
