import Joi from 'joi';
import {
  AS_THE_SCHOOL,
  isExactText,
  isRatio,
  PURPOSES,
  type DishContent,
  type IngredientFact,
  type CookingTeam,
  type LessonTeam,
  type LineSubstitution,
  type Needs,
  type PracticeChoices,
  type SchoolSettings,
  type Purpose,
  type LessonSettings,
  type PhaseReadiness,
  type Strand,
} from '@pelvo/core';
import { dateSchema, idSchema, keySchema, shape, timeSchema } from './common';
import type { CarriedRecord } from './carried';
import { practiceChoicesSchema } from './practices';
import { lessonSettingsSchema } from './school';
import { LESSON_LIMITS } from './plain';
import { FieldError } from './problems';

export interface LessonFields {
  readonly title: string;
  readonly date: string;
  readonly start: string;
  readonly end: string;
  /** Where it takes place; null where no kitchen is chosen. */
  readonly kitchenId: string | null;
  readonly classId: string;
  /** 1 alone, 2 in pairs, n in teams. */
  readonly teamSize: number;
  readonly portionsATeam: number;
  readonly demonstrationPortions: number;
  readonly referencePlates: number;
  /** Cut up for everyone to taste, cooked with the demonstration. */
  readonly tastingPortions: number;
  readonly spareMakings: number;
  /** Overrides the number of students present by roster and absences; null follows them. */
  readonly studentCount: number | null;
  /** Who cooks with whom, where that was put together; empty where the size alone decides. */
  readonly teams: readonly LessonTeam[];
  readonly dishEditionIds: readonly string[];
  readonly techniques: readonly { readonly id: string; readonly purpose: Purpose }[];
  readonly rubricEditionId: string | null;
  /** What is cooked with something else, for one team, some, or all. */
  readonly substitutions: readonly LineSubstitution[];
  /** Practices it teaches otherwise than the school. */
  readonly practices: PracticeChoices;
  /** How it runs, where otherwise than the school. */
  readonly settings: LessonSettings;
}

const count = (min: number, max: number) => Joi.number().integer().min(min).max(max).required();

export const lessonSchema = shape<LessonFields>({
  title: Joi.string().trim().max(160).required(),
  date: dateSchema.required(),
  start: timeSchema.required(),
  end: timeSchema.required().custom((end: string, helpers) => {
    const { start } = helpers.state.ancestors[0] as LessonFields;
    if (start && end <= start) throw new FieldError(`The lesson ends at ${end}, but starts at ${start}.`, 'Let it end after it starts.');
    return end;
  }),
  kitchenId: idSchema.allow(null).required(),
  classId: idSchema.required(),
  teamSize: count(1, 12),
  portionsATeam: count(1, 100),
  demonstrationPortions: count(0, 100),
  referencePlates: count(0, 20),
  tastingPortions: count(0, 100),
  spareMakings: count(0, 20),
  studentCount: Joi.number().integer().min(1).max(LESSON_LIMITS.students).allow(null).required(),
  teams: Joi.array()
    .items(
      shape<LessonTeam>({
        id: idSchema.required(),
        name: Joi.string().trim().min(1).max(LESSON_LIMITS.teamName).required(),
        station: Joi.string().trim().allow('').max(40).required(),
        studentIds: Joi.array().items(idSchema).max(LESSON_LIMITS.students).unique().required(),
        dishIds: Joi.array().items(idSchema).max(LESSON_LIMITS.dishes).unique().allow(null).required(),
      }),
    )
    .max(LESSON_LIMITS.teams)
    .unique('id')
    .unique((a: LessonTeam, b: LessonTeam) => a.name.toLowerCase() === b.name.toLowerCase())
    .custom((teams: readonly LessonTeam[]) => {
      const members = teams.flatMap(({ studentIds }) => studentIds);
      if (new Set(members).size < members.length) throw new FieldError('Somebody stands in two teams.', 'Leave everyone in one team.');
      return teams;
    })
    .default([]),
  dishEditionIds: Joi.array().items(idSchema).max(LESSON_LIMITS.dishes).unique().required(),
  techniques: Joi.array()
    .items(
      Joi.object({
        id: idSchema.required(),
        purpose: Joi.string()
          .valid(...PURPOSES)
          .required(),
      }),
    )
    .max(LESSON_LIMITS.techniques)
    .unique('id')
    .required(),
  rubricEditionId: idSchema.allow(null).required(),
  substitutions: Joi.array()
    .items(
      Joi.object({
        editionId: idSchema.required(),
        lineId: keySchema.required(),
        item: Joi.string().trim().min(1).max(120).required(),
        ratio: Joi.string()
          .required()
          .custom((value: string) => {
            if (!isExactText(value) || !isRatio(value)) throw new FieldError('This is not a ratio.', 'Give a number above 0.');
            return value;
          }),
        makings: Joi.alternatives().try(Joi.number().integer().min(1).max(200), Joi.string().valid('all')).required(),
        reason: Joi.string().trim().allow('').max(200).required(),
      }),
    )
    .max(50)
    .unique((a: LineSubstitution, b: LineSubstitution) => a.editionId === b.editionId && a.lineId === b.lineId)
    .default([]),
  practices: practiceChoicesSchema.default({}),
  settings: lessonSettingsSchema.default(AS_THE_SCHOOL),
});

export interface LessonSummary {
  readonly id: string;
  readonly title: string;
  readonly date: string;
  readonly start: string;
  readonly end: string;
  readonly kitchen: string;
  readonly className: string;
  readonly present: number;
  readonly dishes: readonly string[];
  readonly techniques: readonly { readonly name: string; readonly strand: Strand; readonly purpose: Purpose }[];
  readonly readiness: readonly PhaseReadiness[];
}

export interface LessonDish {
  readonly editionId: string;
  readonly dishId: string;
  readonly number: number;
  readonly content: DishContent;
  /** The dish's newest edition, when it is newer than the one in the lesson. */
  readonly newer: { readonly editionId: string; readonly number: number } | null;
}

export interface LessonStudent {
  readonly id: string;
  readonly name: string;
  readonly needs: Needs;
  readonly absent: boolean;
}

export interface LessonDetail extends Omit<LessonFields, 'dishEditionIds' | 'techniques' | 'rubricEditionId'> {
  readonly id: string;
  readonly version: number;
  /** The name of its kitchen; what was said before, where that kitchen is gone or never was one. */
  readonly kitchen: string;
  /** The teams of the day; without their members for people who do not need names. */
  readonly cooking: readonly CookingTeam[];
  readonly className: string;
  /** Empty for people who do not need names; `present` always counts. */
  readonly students: readonly LessonStudent[];
  readonly present: number;
  /** How many of those present get theirs cooked through; a number, since whoever orders and weighs sees no names. */
  readonly atRisk: number;
  readonly dishes: readonly LessonDish[];
  /** Sub-preparations the dishes draw on, by edition id. */
  readonly preparations: Readonly<Record<string, DishContent>>;
  /** Makings of components that stand ready for a demonstration, by dish and component. */
  readonly standIns: Readonly<Record<string, Readonly<Record<string, number>>>>;
  /** What is made in another lesson for this one, and in this one for another. */
  readonly carried: readonly CarriedRecord[];
  /** The school's own ingredient facts, so that the browser computes as the server does. */
  readonly facts: readonly IngredientFact[];
  readonly techniques: readonly { readonly id: string; readonly name: string; readonly strand: Strand; readonly purpose: Purpose }[];
  readonly rubric: { readonly editionId: string; readonly name: string; readonly number: number } | null;
  readonly readiness: readonly PhaseReadiness[];
  readonly releasedAt: string | null;
  /** How lessons run at the school, so that the browser decides as the server does. */
  readonly school: SchoolSettings;
}

/** Gives results out, or takes them back. */
export interface Release {
  readonly released: boolean;
  /** Why results that students have already are given out otherwise; asked for where any is. */
  readonly why: string;
}

export const releaseSchema = shape<Release>({
  released: Joi.boolean().required(),
  why: Joi.string().trim().allow('').max(300).default(''),
});

export interface LessonRange {
  readonly from: string;
  readonly to: string;
}
export const lessonRangeSchema = Joi.object<LessonRange>({
  from: dateSchema.default('2000-01-01'),
  to: dateSchema.default('2100-01-01'),
});
