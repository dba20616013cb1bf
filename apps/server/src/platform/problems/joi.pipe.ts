import type { PipeTransform } from '@nestjs/common';
import type { Schema } from 'joi';
import { explainValidation } from '@pelvo/contract';
import { ProblemException } from './problem';

/** Checks a body, query or parameter against its schema from the contract; what does not fit is told field by field. */
export function joi(schema: Schema): PipeTransform {
  return {
    transform(value: unknown) {
      const { error, value: clean } = schema.validate(value ?? {}, { abortEarly: false, convert: true }) as {
        error?: import('joi').ValidationError;
        value: unknown;
      };
      if (error) throw new ProblemException('invalid-input', { errors: explainValidation(error.details) });
      return clean;
    },
  };
}
