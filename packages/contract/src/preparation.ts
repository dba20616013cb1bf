import Joi from 'joi';
import type { Paper, TechniqueCard } from '@pelvo/core';
import { paperField, shape } from './common';

/** What of a lesson's preparation is done, and what it needs to know besides the lesson. */
export interface PreparationOfLesson {
  readonly done: readonly { readonly task: string; readonly by: string; readonly at: string }[];
  /** Names and tools of the techniques that the dishes name, by id. */
  readonly cards: Readonly<Record<string, Pick<TechniqueCard, 'name' | 'tools'>>>;
}

export interface TickFields {
  /** Key of a piece of work: whose it is, the item, and what is done to it. */
  readonly task: string;
  readonly done: boolean;
}

/** The most that one lesson keeps ticked off. */
export const TICKS_KEPT = 600;

export const tickSchema = shape<TickFields>({
  task: Joi.string().trim().min(1).max(160).required(),
  done: Joi.boolean().required(),
});

/** What labels are printed for. */
export const LABELS_FOR = ['carried', 'bulk', 'trays'] as const;
export type LabelsFor = (typeof LABELS_FOR)[number];

export interface LabelsQuery {
  readonly paper: Paper;
  readonly for: LabelsFor;
}
export const labelsQuerySchema = Joi.object<LabelsQuery>({
  paper: paperField,
  for: Joi.string()
    .valid(...LABELS_FOR)
    .default('trays'),
});
