import type { EntityManager } from 'typeorm';
import type { LocalRules } from '@pelvo/core';
import { RuleChangeRow } from './ruleChange.entity';

/** The newest change of each rule that has ever been changed. */
export function newestChanges(manager: EntityManager): Promise<RuleChangeRow[]> {
  return manager
    .createQueryBuilder(RuleChangeRow, 'rule')
    .where('rule.number = (SELECT MAX(other.number) FROM rule_change other WHERE other.rule_key = rule.rule_key)')
    .getMany();
}

/** The school's values where they differ from the defaults. */
export function valuesOf(newest: readonly RuleChangeRow[]): LocalRules {
  return Object.fromEntries(newest.flatMap((row) => (row.value === null ? [] : [[row.ruleKey, Number(row.value)]]))) as LocalRules;
}

export const loadRules = async (manager: EntityManager): Promise<LocalRules> => valuesOf(await newestChanges(manager));
