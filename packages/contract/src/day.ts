import Joi from 'joi';
import { idSchema } from './common';

/** Kinds of what can happen in a lesson. */
export const EVENT_KINDS = ['mark', 'arrived', 'cooled'] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/**
 * Something that happened in a lesson, said by a person on a device, once. The id is made by the device: sent twice it
 * counts once.
 */
export interface SaidEvent {
  readonly id: string;
  readonly kind: EventKind;
  readonly body: object;
  /** When it happened, by the device's clock. */
  readonly at: string;
}

/** An event as the lesson's stream has it: numbered without gaps, in the order in which they count. */
export interface LessonEvent extends SaidEvent {
  readonly number: number;
  readonly by: { readonly id: string; readonly name: string };
  /** When it came to the server. */
  readonly receivedAt: string;
}

export const EVENTS_A_REQUEST = 100;

/** Events of one lesson; what a body holds is checked by its kind. */
export interface SaidEvents {
  readonly events: readonly SaidEvent[];
  /** What the device's clock says as they are sent: a clock that is wrong is seen by it, and what it said is put right. */
  readonly sentAt?: string;
}
export const saidEventsSchema = Joi.object<SaidEvents>({
  sentAt: Joi.string().isoDate().max(40),
  events: Joi.array()
    .items(
      Joi.object({
        id: idSchema.required(),
        kind: Joi.string()
          .valid(...EVENT_KINDS)
          .required(),
        body: Joi.object().unknown().required(),
        at: Joi.string().isoDate().max(40).required(),
      }),
    )
    .min(1)
    .max(EVENTS_A_REQUEST)
    .required(),
});

/** What came of sending: how many were new, and the last number of the lesson. */
export interface EventsTaken {
  readonly stored: number;
  readonly number: number;
}

/** A page of a lesson's stream. */
export interface EventsPage {
  readonly events: readonly LessonEvent[];
  /** The last number there is; more pages follow while it is above that of the last event here. */
  readonly number: number;
}

export const EVENTS_A_PAGE = 500;

export const afterSchema = Joi.object<{ after: number }>({ after: Joi.number().integer().min(0).max(1_000_000_000).default(0) });
