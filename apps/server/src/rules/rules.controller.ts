import { Body, Controller, Get, Headers, Param, Put } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { checkRuleValue, COOLING_SETS, refusedInWords, RULE_KEYS, RULE_SPECS, ruleValue, type RuleKey } from '@pelvo/core';
import { coolingSetSchema, ruleKeySchema, ruleSchema, type CoolingSetChoice, type RuleFields, type RulesProfile } from '@pelvo/contract';
import { inTransaction } from '../platform/database/transaction';
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

  /** Takes over how one code has food cooled, all its values at once. */
  @Put('cooling-set')
  @Allow('lead')
  async coolBy(@Body(joi(coolingSetSchema)) { set }: CoolingSetChoice, @Who() who: SignedIn): Promise<RulesProfile> {
    const chosen = COOLING_SETS.find(({ key }) => key === set)!;
    const { rules } = await this.profile(who);
    const entries = (Object.entries(chosen.values) as [RuleKey, number][]).filter(([key, value]) => ruleValue(key, rules) !== value);
    const taken = await inTransaction(this.database, async (manager) => {
      for (const [key, value] of entries) {
        const number = ((await manager.maximum(RuleChangeRow, 'number', { ruleKey: key })) ?? 0) + 1;
        const stored = RULE_SPECS[key].value === value ? null : value;
        const { affectedRows } = (await manager.query(
          'INSERT IGNORE INTO rule_change (rule_key, number, value, reason, person_id, changed_at) VALUES (?, ?, ?, ?, ?, ?)',
          [key, number, stored, `Cooled by: ${chosen.name}`, who.id, new Date()],
        )) as { affectedRows: number };
        if (affectedRows !== 1) return false;
      }
      return true;
    });
    const stored = await this.profile(who);
    if (!taken) throw changedMeanwhile('How food is cooled', stored);
    return stored;
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
