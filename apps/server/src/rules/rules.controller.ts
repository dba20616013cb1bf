import { Body, Controller, Get, Headers, Param, Put } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { checkRuleValue, refusedInWords, RULE_KEYS, RULE_SPECS, type RuleKey } from '@pelvo/core';
import { ruleKeySchema, ruleSchema, type RuleFields, type RulesProfile } from '@pelvo/contract';
import { Allow, STAFF, Who, type SignedIn } from '../platform/identity';
import { joi, notFound, ProblemException, versionOf } from '../platform/problems';
import { changedMeanwhile } from '../platform/saving';
import { RuleChangeRow } from './ruleChange.entity';
import { newestChanges, valuesOf } from './rulesInForce';

/** Changes that are shown; the newest of each rule counts, however old. */
const SHOWN = 200;

@Controller('api/rules')
export class RulesController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow(...STAFF)
  async profile(@Who() who: SignedIn): Promise<RulesProfile> {
    const { manager } = this.database;
    const [newest, changes] = await Promise.all([
      newestChanges(manager),
      manager.find(RuleChangeRow, { order: { seq: 'DESC' }, relations: { person: true }, take: SHOWN }),
    ]);
    const versions = new Map(newest.map((row) => [row.ruleKey, row.number]));
    const named = who.role === 'lead' || who.role === 'assistant';
    return {
      rules: valuesOf(newest),
      versions: Object.fromEntries(RULE_KEYS.map((key) => [key, versions.get(key) ?? 0])) as RulesProfile['versions'],
      changes: changes.map((row) => ({
        rule: row.ruleKey,
        value: row.value === null ? null : Number(row.value),
        reason: row.reason,
        by: named ? row.person.name : '',
        at: row.changedAt.toISOString(),
      })),
    };
  }

  @Put(':key')
  @Allow('lead')
  async change(
    @Param('key') name: string,
    @Body(joi(ruleSchema)) body: RuleFields,
    @Who() who: SignedIn,
    @Headers('if-match') ifMatch?: string,
  ): Promise<RulesProfile> {
    if (ruleKeySchema.validate(name).error) throw notFound('rule');
    const key = name as RuleKey;
    const { rules } = await this.profile(who);
    const wrong = checkRuleValue(key, body.value ?? RULE_SPECS[key].value, rules);
    if (wrong) throw new ProblemException('invalid-input', { errors: [{ field: 'value', ...refusedInWords(wrong) }] });
    const number = versionOf(ifMatch) + 1;
    // The unique key on rule and number is what lets only one of two savers through.
    const last = await this.database.manager.maximum(RuleChangeRow, 'number', { ruleKey: key });
    const inserted =
      (last ?? 0) + 1 === number &&
      (
        (await this.database.manager.query(
          'INSERT IGNORE INTO rule_change (rule_key, number, value, reason, person_id, changed_at) VALUES (?, ?, ?, ?, ?, ?)',
          [key, number, body.value, body.reason, who.id, new Date()],
        )) as { affectedRows: number }
      ).affectedRows === 1;
    const stored = await this.profile(who);
    if (!inserted) throw changedMeanwhile('This rule', stored);
    return stored;
  }
}
