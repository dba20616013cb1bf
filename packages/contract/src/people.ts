import Joi from 'joi';
import type { Preferences } from '@pelvo/core';
import { idSchema } from './common';
import type { Role } from './plain';

/** Who is signed in. */
export interface Me {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
}

export interface SessionState {
  readonly me: Me | null;
  /** True until the first lead instructor has been created. */
  readonly firstVisit: boolean;
  /** How the person likes figures, times and dates shown; the house's way while nobody is signed in. */
  readonly preferences: Preferences;
  /** IANA name; the day and the hour of a lesson are of this zone. */
  readonly timeZone: string;
}

export interface Person {
  readonly id: string;
  readonly name: string;
  readonly signIn: string | null;
  readonly role: Role;
  readonly active: boolean;
  /** True while a one-time code is waiting to be used. */
  readonly invited: boolean;
}

/** A one-time code, shown once to the lead who asked for it. */
export interface Invitation {
  readonly person: Person;
  readonly code: string;
  readonly expires: string;
}

const name = Joi.string().trim().max(120).required();
/** What a sign-in name is made of. */
export const SIGN_IN_NAME = /^[a-z0-9][a-z0-9._-]{2,39}$/;
const signIn = Joi.string().trim().lowercase().pattern(SIGN_IN_NAME, '3 to 40 letters, digits, dots or dashes').required();
const newPassword = Joi.string().min(10).max(200).required();
const code = Joi.string().trim().uppercase().max(40).required();

export interface SignIn {
  readonly signIn: string;
  readonly password: string;
}
export const signInSchema = Joi.object<SignIn>({
  signIn: Joi.string().trim().lowercase().max(80).required(),
  password: Joi.string().max(200).required(),
});

export interface FirstLead extends SignIn {
  readonly code: string;
  readonly name: string;
}
export const firstLeadSchema = Joi.object<FirstLead>({ code, name, signIn, password: newPassword });

export interface Join extends SignIn {
  readonly code: string;
}
export const joinSchema = Joi.object<Join>({ code, signIn, password: newPassword });

export interface NewPerson {
  readonly name: string;
  readonly role: Exclude<Role, 'student'>;
}
export const newPersonSchema = Joi.object<NewPerson>({ name, role: Joi.string().valid('lead', 'assistant', 'stores').required() });

export const activeSchema = Joi.object<{ active: boolean }>({ active: Joi.boolean().required() });
export const studentAccountSchema = Joi.object<{ studentId: string }>({ studentId: idSchema.required() });
