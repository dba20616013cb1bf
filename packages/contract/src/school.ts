import Joi from 'joi';
import {
  ALLERGEN_LIST_KEYS,
  COUNTING_RULES,
  checkDoneness,
  CLOCKS,
  DATE_ORDERS,
  DONENESS_KEYS,
  DONENESS_LIMITS,
  FOOD_STATES,
  RETENTION_MONTHS,
  KEPT_FOREVER,
  MARKING_WAYS,
  NO_BOARDS,
  refusedInWords,
  TEMPERATURE_SCALES,
  UNIT_SYSTEMS,
  WEEK_STARTS,
  WEIGHING_OUT,
  type DonenessBand,
  type FoodState,
  type OwnDoneness,
  type Retention,
  type LessonSettings,
  type Preferences,
  type SchoolBoard,
  type SchoolBoards,
  type SchoolSettings,
} from '@pelvo/core';
import { shape } from './common';
import { FieldError } from './problems';

const oneOf = (values: readonly string[]) => Joi.string().valid(...values);

export const lessonSettingsSchema = shape<LessonSettings>({
  marking: oneOf(MARKING_WAYS).allow(null).required(),
  weighingOut: oneOf(WEIGHING_OUT).allow(null).required(),
});

const timeZone = Joi.string()
  .max(60)
  .required()
  .custom((value: string) => {
    try {
      return new Intl.DateTimeFormat('en-GB', { timeZone: value }).resolvedOptions().timeZone && value;
    } catch {
      throw new FieldError(`"${value.slice(0, 60)}" is not a time zone.`, 'Use a name like Europe/Vienna.');
    }
  });

const board = shape<SchoolBoard>({
  name: Joi.string().trim().allow('').max(40).required(),
  colour: Joi.string()
    .pattern(/^#[0-9a-f]{6}$/i, 'a colour like #b03030')
    .required(),
}).required();

const months = Joi.number().integer().min(RETENTION_MONTHS.least).max(RETENTION_MONTHS.most).allow(null).required();

const core = Joi.number().min(DONENESS_LIMITS.least).max(DONENESS_LIMITS.most).precision(1).required();
const words = Joi.string().trim().min(1).max(DONENESS_LIMITS.text).required();
const bandSchema = shape<DonenessBand>({ from: core, to: core, cue: words, rest: words });

export const schoolSettingsSchema = shape<SchoolSettings>({
  marking: oneOf(MARKING_WAYS).required(),
  weighingOut: oneOf(WEIGHING_OUT).required(),
  counting: oneOf(COUNTING_RULES).default('newest'),
  allergenList: oneOf(ALLERGEN_LIST_KEYS).required(),
  timeZone,
  boards: shape<SchoolBoards>(Object.fromEntries(FOOD_STATES.map((state) => [state, board])) as Record<FoodState, Joi.Schema>).default(
    NO_BOARDS,
  ),
  retention: shape<Retention>({ photos: months, left: months }).default(KEPT_FOREVER),
  doneness: Joi.object<OwnDoneness>()
    .pattern(Joi.string().valid(...DONENESS_KEYS), bandSchema)
    .default({})
    .custom((own: OwnDoneness) => {
      for (const [key, band] of Object.entries(own)) {
        const wrong = checkDoneness(key, band, own);
        if (!wrong) continue;
        const { problem, remedy } = refusedInWords(wrong);
        throw new FieldError(problem, remedy);
      }
      return own;
    }),
});

/** How the school runs its lessons, with the version to save against. */
export interface School {
  readonly version: number;
  readonly settings: SchoolSettings;
}

/** What of the preferences is changed: only what is named, so that touches of the same moment do not undo each other. */
export const preferencesChangeSchema = shape<Preferences>({
  units: oneOf(UNIT_SYSTEMS),
  temperature: oneOf(TEMPERATURE_SCALES),
  clock: oneOf(CLOCKS),
  dates: oneOf(DATE_ORDERS),
  weekStart: oneOf(WEEK_STARTS),
}).min(1);

/** How much would be taken away; of each at most `OVERDUE_AT_ONCE`. */
export interface Overdue {
  readonly photos: number;
  readonly left: number;
}

/** Months as a query has them; left out for as long as nobody takes it away. */
export const overdueQuerySchema = Joi.object<Retention>({
  photos: Joi.number().integer().min(RETENTION_MONTHS.least).max(RETENTION_MONTHS.most).default(null),
  left: Joi.number().integer().min(RETENTION_MONTHS.least).max(RETENTION_MONTHS.most).default(null),
});
