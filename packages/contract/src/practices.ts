import Joi from 'joi';
import { MATTER_SPECS, MATTERS, type MatterKey, type PracticeChoices } from '@pelvo/core';
import { idSchema } from './common';
import { FieldError } from './problems';

/** The practices the school has chosen, each with the version to save against; 0 where nobody has chosen yet. */
export interface Practices {
  readonly choices: PracticeChoices;
  readonly versions: Readonly<Record<MatterKey, number>>;
}

const practiceOf = (matter: MatterKey) =>
  matter === 'named-cuts'
    ? idSchema
    : Joi.string().custom((key: string) => {
        const { practices } = MATTER_SPECS[matter];
        if (!practices.some((practice) => practice.key === key))
          throw new FieldError(
            `"${key.slice(0, 40)}" is not known here.`,
            `Choose one of: ${practices.map((each) => each.key).join(', ')}.`,
          );
        return key;
      });

/** What a lesson teaches otherwise than the school. */
export const practiceChoicesSchema = Joi.object<PracticeChoices>(Object.fromEntries(MATTERS.map((matter) => [matter, practiceOf(matter)])));

export const matterSchema = Joi.string().valid(...MATTERS);

/** One choice; null takes it back. */
export const practiceSchema = (matter: MatterKey) =>
  Joi.object<{ practice: string | null }>({ practice: practiceOf(matter).allow(null).required() });
