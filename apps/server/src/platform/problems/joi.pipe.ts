import type { PipeTransform } from '@nestjs/common';
import type { Schema } from 'joi';
import { explainValidation, readDocument, type Guard } from '@pelvo/contract';
import { ProblemException } from './problem';

/** Checks a body, query or parameter against its schema from the contract; what does not fit is told field by field. */
export function joi(schema: Schema): PipeTransform {
  return { transform: (value: unknown) => validated(schema, value) };
}

/** A value as its schema takes it. @throws ProblemException `invalid-input`, field by field */
export function validated<T>(schema: Schema<T>, value: unknown, at = ''): T {
  const { error, value: clean } = schema.validate(value ?? {}, { abortEarly: false, convert: true });
  if (error)
    throw new ProblemException('invalid-input', {
      errors: explainValidation(error.details).map((found) => (at ? { ...found, field: `${at}.${found.field}` } : found)),
    });
  return clean as T;
}

/** Takes a document of any version that is known, upgrades it to today's, and checks it field by field. */
export function document<T>(guard: Guard<T>): PipeTransform {
  return {
    transform(value: unknown) {
      const read = readDocument(guard, value);
      if ('errors' in read) throw new ProblemException('invalid-input', { errors: read.errors });
      return read.content;
    },
  };
}
