import Joi from 'joi';
import type { CarriedInTerm, CarryingDish, DayOff, TakenKitchen, TermLesson } from '@pelvo/core';
import { dateSchema, idSchema, shape } from './common';
import { FieldError } from './problems';

/** A lesson in its term, as it is stored. */
export interface StoredTermLesson extends TermLesson {
  readonly version: number;
  readonly kitchen: string;
  /** Marks were given: it stays on its day. */
  readonly held: boolean;
}

export interface StoredDayOff extends DayOff {
  readonly id: string;
}

/** A calendar address of a class. The address itself is told once, when it is made. */
export interface CalendarFeed {
  readonly id: string;
  readonly name: string;
  readonly createdAt: string;
}

/** The term of a class, with everything that a change of it is held against. */
export interface TermOfClass {
  readonly classId: string;
  readonly name: string;
  readonly term: string;
  readonly students: readonly { readonly id: string; readonly name: string }[];
  readonly lessons: readonly StoredTermLesson[];
  readonly absences: readonly { readonly date: string; readonly studentIds: readonly string[] }[];
  readonly daysOff: readonly StoredDayOff[];
  readonly taken: readonly TakenKitchen[];
  readonly carried: readonly CarriedInTerm[];
  readonly feeds: readonly CalendarFeed[];
  /** Dishes with the techniques that they carry. */
  readonly dishes: readonly CarryingDish[];
  readonly timeZone: string;
}

export const TERM_LIMITS = { moves: 100, copies: 100, daysOff: 2000, name: 120, feeds: 20, dishes: 1000, events: 50_000 } as const;

export interface TermMoves {
  readonly moves: readonly { readonly lessonId: string; readonly date: string; readonly version: number }[];
}
export const termMovesSchema = shape<TermMoves>({
  moves: Joi.array()
    .items(Joi.object({ lessonId: idSchema.required(), date: dateSchema.required(), version: Joi.number().integer().min(1).required() }))
    .min(1)
    .max(TERM_LIMITS.moves)
    .unique('lessonId')
    .required(),
});

export interface TermCopy {
  readonly lessonIds: readonly string[];
  /** The class that gets them. */
  readonly classId: string;
  /** Days by which each is later, or earlier where below 0. */
  readonly days: number;
}
export const termCopySchema = shape<TermCopy>({
  lessonIds: Joi.array().items(idSchema).min(1).max(TERM_LIMITS.copies).unique().required(),
  classId: idSchema.required(),
  days: Joi.number().integer().min(-3660).max(3660).required(),
});

export const dayOffSchema = shape<DayOff>({
  first: dateSchema.required(),
  last: dateSchema.required().custom((last: string, helpers) => {
    const { first } = helpers.state.ancestors[0] as DayOff;
    if (first && last < first) throw new FieldError('It ends before it begins.', 'Let it end on the same day or later.');
    return last;
  }),
  name: Joi.string().trim().min(1).max(TERM_LIMITS.name).required(),
});

/** What an import of a calendar did. */
export interface DaysOffImport {
  readonly added: number;
  /** Was there already. */
  readonly known: number;
  readonly leftOut: readonly { readonly what: string; readonly because: string }[];
  /** How many were left out in all; the list names the first. */
  readonly leftOutInAll: number;
}

export const feedSchema = Joi.object<{ name: string }>({ name: Joi.string().trim().min(1).max(TERM_LIMITS.name).required() });

export interface NewFeed extends CalendarFeed {
  /** Path of the address, told once. */
  readonly path: string;
}
