import Joi from 'joi';
import { ALLERGENS, DIETS, ROSTER_LIMITS, type Needs, type RosterProblem, type RosterRow } from '@pelvo/core';
import { dateSchema } from './common';
import { FieldError } from './problems';

export interface ClassSummary {
  readonly id: string;
  readonly name: string;
  readonly term: string;
  readonly students: number;
}

export interface Student {
  readonly id: string;
  readonly name: string;
  readonly number: string;
  readonly needs: Needs;
  /** Days away, ISO dates, ascending. */
  readonly absences: readonly string[];
  /** False once the student has left the class; the record stays. */
  readonly active: boolean;
  readonly hasAccount: boolean;
}

export interface ClassDetail {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly term: string;
  readonly students: readonly Student[];
}

export interface ClassFields {
  readonly name: string;
  readonly term: string;
}
export const classSchema = Joi.object<ClassFields>({
  name: Joi.string().trim().max(120).required(),
  term: Joi.string().trim().allow('').max(80).required(),
});

const plainText = (max: number) =>
  Joi.string()
    .trim()
    .max(max)
    .custom((value: string) => {
      if (/^[=+@\t\r]/.test(value))
        throw new FieldError(`This starts with "${value[0]}", as a spreadsheet formula does.`, 'Type the plain text.');
      return value;
    });

export interface StudentFields {
  readonly name: string;
  readonly number: string;
  readonly needs: Needs;
}
export const studentSchema = Joi.object<StudentFields>({
  name: plainText(ROSTER_LIMITS.name).required(),
  number: plainText(40).allow('').required(),
  needs: Joi.object({
    allergens: Joi.array()
      .items(Joi.string().valid(...ALLERGENS))
      .unique()
      .required(),
    diets: Joi.array()
      .items(Joi.string().valid(...DIETS))
      .unique()
      .required(),
    note: plainText(ROSTER_LIMITS.note).allow('').required(),
  }).required(),
});

/** Everything that is held on a student; `docs/formats/student-file.md` says what stands in it. */
export interface StudentFile {
  readonly format: 'pelvo-student-file';
  readonly version: 1;
  readonly written: string;
  readonly student: {
    readonly name: string;
    readonly number: string;
    readonly class: string;
    readonly needs: Needs;
    readonly active: boolean;
  };
  readonly accounts: readonly { readonly signIn: string | null; readonly createdAt: string }[];
  readonly absences: readonly string[];
  readonly teams: readonly { readonly lesson: string; readonly date: string; readonly team: string }[];
  readonly photos: readonly {
    readonly lesson: string;
    readonly date: string;
    readonly dish: string;
    readonly takenAt: string;
    readonly by: string;
    /** The image in base64. */
    readonly jpeg: string;
  }[];
  readonly dishes: readonly {
    readonly lesson: string;
    readonly date: string;
    readonly dish: string;
    readonly dishEdition: number;
    readonly rubric: string;
    readonly rubricEdition: number;
    /** The mark as it was told; null while it was not. */
    readonly told: string | null;
    readonly judgements: readonly {
      readonly criterion: string;
      readonly said: string;
      readonly means: string;
      readonly faults: readonly string[];
      readonly by: string;
      readonly at: string | null;
    }[];
    readonly givenOut: readonly { readonly at: string; readonly why: string }[];
  }[];
}

/** Who is erased is named, so that it is not done by a slip. */
export const erasureSchema = Joi.object<{ name: string }>({ name: Joi.string().trim().max(120).required() });

export const studentActiveSchema = Joi.object<{ active: boolean }>({ active: Joi.boolean().required() });
export const absenceParamsSchema = Joi.object<{ date: string }>({ date: dateSchema.required() });

/** What an import of a roster would do, or did. */
export interface RosterImport {
  readonly rows: readonly RosterRow[];
  readonly problems: readonly RosterProblem[];
  /** Nothing of the file can be taken. */
  readonly refused: boolean;
  /** Students added; 0 for a preview. */
  readonly added: number;
}
