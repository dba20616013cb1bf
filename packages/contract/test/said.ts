import type Joi from 'joi';
import { explainValidation, type FieldProblem } from '../src';

/** What a schema says of a value, as the server tells it; empty when the value is right. */
export function saidOf(schema: Joi.Schema, value: unknown): readonly FieldProblem[] {
  const { error } = schema.validate(value, { abortEarly: false });
  return error ? explainValidation(error.details) : [];
}

/** The value as it is stored: trimmed, defaults filled in. */
export function storedAs<T>(schema: Joi.Schema<T>, value: unknown): T {
  const { error, value: stored } = schema.validate(value, { abortEarly: false });
  if (error) throw error;
  return stored as T;
}

export const fieldsIn = (schema: Joi.Schema, value: unknown) => saidOf(schema, value).map(({ field }) => field);

export const ID = '00000000-0000-4000-8000-000000000001';
export const OTHER_ID = '00000000-0000-4000-8000-000000000002';
