import Joi from 'joi';
import { COOLING_SETS, RULE_KEYS, type LocalRules, type RuleKey } from '@pelvo/core';

/** A change of the local rules. Nothing is ever overwritten. */
export interface RuleChange {
  readonly rule: RuleKey;
  /** Null went back to the default. */
  readonly value: number | null;
  readonly reason: string;
  readonly by: string;
  readonly at: string;
}

export interface RulesProfile {
  readonly rules: LocalRules;
  /** Newest first. */
  readonly changes: readonly RuleChange[];
  /** Number of changes a rule has had: what a change is saved against. */
  readonly versions: Readonly<Record<RuleKey, number>>;
}

export interface RuleFields {
  readonly value: number | null;
  readonly reason: string;
}

export const ruleKeySchema = Joi.string().valid(...RULE_KEYS);

export const ruleSchema = Joi.object<RuleFields>({
  value: Joi.number().min(-100).max(10_000).precision(2).allow(null).required(),
  reason: Joi.string().trim().min(5).max(300).required(),
});

/** Which code food is cooled by, all its values at once. */
export interface CoolingSetChoice {
  readonly set: string;
}

export const coolingSetSchema = Joi.object<CoolingSetChoice>({
  set: Joi.string()
    .valid(...COOLING_SETS.map(({ key }) => key))
    .required(),
});
