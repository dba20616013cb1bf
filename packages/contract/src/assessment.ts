import Joi from 'joi';
import {
  LEVELS,
  MEASURED_FROM,
  MEASURED_TO,
  MOST_COUNTED,
  MOST_PIECES,
  MOST_STAGES,
  type ArrivedBody,
  type Counting,
  type CountingRule,
  type Fairness,
  type GivenMark,
  type MarkBody,
  type MarkingWay,
  type Marks,
  type MarkValue,
  type Needs,
  type Result,
  NOTED_LIMITS,
  type FaultNote,
  type PlacedComponent,
  type RubricContent,
  type WantedStage,
} from '@pelvo/core';
import { byKind, idSchema, keySchema, shape } from './common';
import { FieldError } from './problems';

const faults = Joi.array().items(keySchema).max(NOTED_LIMITS.faults).unique().required();
/** Where faults sit, and own words for them; of faults that are noted only. */
const notes = Joi.object<Readonly<Record<string, FaultNote>>>()
  .pattern(
    keySchema,
    Joi.object({
      place: Joi.string().trim().min(1).max(NOTED_LIMITS.place),
      nextTime: Joi.string().trim().min(1).max(NOTED_LIMITS.nextTime),
    }),
  )
  .custom((given: Readonly<Record<string, FaultNote>>, helpers) => {
    const { faults: noted = [] } = helpers.state.ancestors[0] as { faults?: readonly string[] };
    const stray = Object.keys(given).find((key) => !noted.includes(key));
    if (stray) throw new FieldError(`"${stray}" is not among the faults that were noted.`, 'Note the fault first.');
    return given;
  });

const level = Joi.number()
  .valid(...LEVELS)
  .required();
/** What a judgement of each kind consists of. */
const values: { readonly [K in MarkValue['kind']]: Joi.PartialSchemaMap } = {
  level: { level, faults, notes },
  critical: { met: Joi.boolean().required(), faults, notes },
  measured: {
    pieces: Joi.array()
      .items(Joi.array().items(Joi.number().min(MEASURED_FROM).max(MEASURED_TO)).min(1).max(3))
      .max(MOST_PIECES)
      .required(),
    // Pieces are kept before anybody gives a level.
    level: level.allow(null),
    faults,
    notes,
  },
  counted: { count: Joi.number().integer().min(0).max(MOST_COUNTED).required(), faults, notes },
  ladder: {
    stage: Joi.number()
      .integer()
      .min(0)
      .max(MOST_STAGES - 1)
      .required(),
    wanted: Joi.number()
      .integer()
      .min(0)
      .max(MOST_STAGES - 1),
    faults,
    notes,
  },
  notSeen: {},
};

export const markValueSchema = byKind(values);

/** What a `mark` says; see `LessonEvent`. */
export const markBodySchema = shape<MarkBody>({
  studentId: idSchema.required(),
  dishEditionId: idSchema.required(),
  criterionKey: keySchema.required(),
  value: markValueSchema.allow(null).required(),
  agreed: Joi.boolean().valid(true),
});

/** What an `arrived` says. */
export const arrivedBodySchema = shape<ArrivedBody>({
  studentId: idSchema.required(),
  dishEditionId: idSchema.required(),
  arrived: Joi.boolean().required(),
});

/** When a plate came to the pass, or is due there. */
export interface PlateAt {
  readonly studentId: string;
  readonly dishEditionId: string;
  readonly at: string;
}

export interface MarkingStudent {
  readonly id: string;
  readonly name: string;
  readonly absent: boolean;
  readonly needs: Needs;
  /** Where they work, by number: the order of the teams of the day. Null for who is away. */
  readonly station: number | null;
  /** Name of their team; left out where none was put together. */
  readonly team?: string;
  /** Editions they cook, where their team does not cook all. */
  readonly cooks?: readonly string[];
  /** What they were told last and work on today; left out where nothing was. */
  readonly aim?: string;
}

/** Everything the marking screen needs, so that it can go on without a network. */
export interface DishAtPass {
  readonly editionId: string;
  readonly title: string;
  /** What of it is served below its rule on purpose, with its conditions, in words; left out where nothing is. */
  readonly below?: readonly string[];
  /** The stages it wants, one for each ladder; left out where it wants none. */
  readonly wants?: readonly WantedStage[];
  /** Its components, and without a name all that is of none of them, where there are several: a fault sits on one of them. */
  readonly components?: readonly PlacedComponent[];
}

export interface MarkingSheet {
  readonly lessonId: string;
  readonly title: string;
  /** Practices that hold in this lesson, in words: nobody is marked down for following them. */
  readonly teaches: readonly string[];
  /** How its results are told. */
  readonly way: MarkingWay;
  /** Whose mark counts where two marked the same. */
  readonly counting: Counting;
  readonly rubric: { readonly editionId: string; readonly content: RubricContent } | null;
  readonly dishes: readonly DishAtPass[];
  readonly students: readonly MarkingStudent[];
  /** Every assessor's judgements, by dish; `marksInForce` says what counts. */
  readonly plates: readonly MarkedPlate[];
  /** Plates that have come to the pass. */
  readonly arrivals: readonly PlateAt[];
  /** When the plan of time has each plate at the pass; empty where there is no plan. */
  readonly due: readonly PlateAt[];
  /** Minutes that a plate may stand; null where no plan says so. */
  readonly plateWaits: number | null;
  /** Names of the assessors, by id. */
  readonly assessors: Readonly<Record<string, string>>;
  /** Number of the last event of the lesson that is in it: the stream goes on from there. */
  readonly number: number;
  /** When students were given the results; marks given since then reach them only when they are given out again. */
  readonly releasedAt: string | null;
}

export interface MarkedPlate {
  readonly studentId: string;
  readonly dishEditionId: string;
  readonly given: readonly GivenMark[];
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
  /** Whose mark counts, where more than one assessor marked. */
  readonly counting: CountingRule;
  /** Keys of the criteria whose mark those agreed on who had marked differently. */
  readonly agreed: readonly string[];
  readonly marks: Marks;
  readonly criteria: RubricContent['criteria'];
  readonly result: Result;
  /** Marks were given or taken back since the student was given this result. */
  readonly changedSince: boolean;
  /** Where those who marked it differ, by name; only for those who mark. */
  readonly differing?: { readonly lessonId: string; readonly criteria: readonly DifferingMarks[] };
}

/** A criterion that was judged differently, and what was agreed on. */
export interface DifferingMarks {
  readonly criterionKey: string;
  readonly said: readonly { readonly assessor: string; readonly value: MarkValue }[];
  readonly agreed: MarkValue | null;
}

/** A dish as it was marked; what its result is follows from its rubric and the way of the lesson. */
export interface MarkedDish {
  readonly id: string;
  readonly studentId: string;
  readonly student: string;
  readonly dishEditionId: string;
  readonly rubricEditionId: string;
  readonly assessors: readonly string[];
  /** Keys of the criteria whose mark those agreed on who had marked differently. */
  readonly agreed: readonly string[];
  readonly marks: Marks;
  readonly changedSince: boolean;
}

/** The marks of a class in a lesson. Each rubric comes once, and results are computed where they are shown. */
export interface ClassResults {
  readonly lessonId: string;
  readonly title: string;
  readonly date: string;
  readonly way: MarkingWay;
  readonly counting: CountingRule;
  readonly releasedAt: string | null;
  readonly dishes: readonly { readonly editionId: string; readonly title: string; readonly number: number }[];
  readonly rubrics: readonly { readonly editionId: string; readonly number: number; readonly content: RubricContent }[];
  /** By student, then dish. */
  readonly marked: readonly MarkedDish[];
  /** Students and dishes that have no mark yet. */
  readonly unmarked: readonly { readonly student: string; readonly dish: string }[];
}

export interface MyResult {
  readonly id: string;
  readonly dish: string;
  readonly lesson: string;
  readonly date: string;
  readonly mark: string | null;
}

/** What a student was told, and what they are told since. */
export interface ResultChange {
  readonly number: number;
  readonly at: string;
  readonly by: string;
  readonly why: string;
  readonly student: string;
  readonly dish: string;
  /** The mark as it was told; null for none. */
  readonly before: string | null;
  readonly after: string | null;
}

/** How fairly a class was marked, with names. */
export interface ClassFairness {
  readonly classId: string;
  readonly className: string;
  readonly fairness: Fairness;
  /** Names of the assessors, by id. */
  readonly assessors: Readonly<Record<string, string>>;
  /** Names of the criteria, by what `fairness` calls them. */
  readonly criteria: Readonly<Record<string, string>>;
}
