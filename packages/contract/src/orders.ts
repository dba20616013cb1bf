import Joi from 'joi';
import type { Paper } from '@pelvo/core';
import { paperField } from './common';
import { LESSON_LIMITS } from './plain';

export interface OrderQuery {
  /** What-if number of students; the lesson's own when left out. */
  readonly students?: number;
}
export const orderQuerySchema = Joi.object<OrderQuery>({ students: Joi.number().integer().min(1).max(LESSON_LIMITS.students) });

export interface PdfQuery extends OrderQuery {
  readonly paper: Paper;
}
export const pdfQuerySchema = Joi.object<PdfQuery>({
  students: Joi.number().integer().min(1).max(LESSON_LIMITS.students),
  paper: paperField,
});
