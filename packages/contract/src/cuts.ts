import Joi from 'joi';
import { CUT_LIMITS, CUT_SHAPES, type CutSet } from '@pelvo/core';
import { keySchema, shape } from './common';

export interface StoredCutSet extends CutSet {
  readonly id: string;
  readonly version: number;
}

const millimetres = Joi.number().greater(0).max(CUT_LIMITS.size).precision(2).required();

export const cutSetSchema = shape<CutSet>({
  name: Joi.string().trim().max(CUT_LIMITS.name).required(),
  about: Joi.string().trim().allow('').max(CUT_LIMITS.about).required(),
  cuts: Joi.array()
    .items(
      Joi.object({
        key: keySchema.required(),
        name: Joi.string().trim().max(CUT_LIMITS.name).required(),
        shape: Joi.string()
          .valid(...CUT_SHAPES)
          .required(),
        length: millimetres,
        width: millimetres,
        thickness: millimetres,
        tolerance: Joi.number().min(0).max(CUT_LIMITS.size).precision(2).required(),
        lengthTolerance: Joi.number().min(0).max(CUT_LIMITS.size).precision(2).required(),
      }),
    )
    .min(1)
    .max(CUT_LIMITS.cuts)
    .unique('key')
    .required(),
});
