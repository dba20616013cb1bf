import { Body, Controller, Get, Headers, Param, Put } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { checkRuleValue, COOLING_SETS, refusedInWords, RULE_KEYS, RULE_SPECS, ruleValue, type RuleKey } from '@pelvo/core';
import { coolingSetSchema, ruleKeySchema, ruleSchema, type CoolingSetChoice, type RuleFields, type RulesProfile } from '@pelvo/contract';
import { inTransaction } from '../platform/database/transaction';
import { Allow, STAFF, Who, type SignedIn } from '../platform/identity';
import { joi, notFound, ProblemException, versionOf } from '../platform/problems';
import { changedMeanwhile } from '../platform/saving';
import { holdSchool } from '../school';
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
    await inTransaction(this.database, async (manager) => {
      await holdSchool(manager);
      const newest = await newestChanges(manager);
      const rules = valuesOf(newest);
      for (const [key, value] of Object.entries(chosen.values) as [RuleKey, number][])
        if (ruleValue(key, rules) !== value)
          await this.add(manager, newest, {
            key,
            value: RULE_SPECS[key].value === value ? null : value,
            reason: `Cooled by: ${chosen.name}`,
            by: who.id,
          });
    });
    return this.profile(who);
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
    const version = versionOf(ifMatch);
    const saved = await inTransaction(this.database, async (manager) => {
      await holdSchool(manager);
      // Looked at only now: two that belong together, changed by two at the same moment, must not end up below every code.
      const newest = await newestChanges(manager);
      const wrong = checkRuleValue(key, body.value ?? RULE_SPECS[key].value, valuesOf(newest));
      if (wrong) throw new ProblemException('invalid-input', { errors: [{ field: 'value', ...refusedInWords(wrong) }] });
      if ((newest.find(({ ruleKey }) => ruleKey === key)?.number ?? 0) !== version) return false;
      await this.add(manager, newest, { key, value: body.value, reason: body.reason, by: who.id });
      return true;
    });
    const stored = await this.profile(who);
    if (!saved) throw changedMeanwhile('This rule', stored);
    return stored;
  }

  /** Adds a change of a rule, counted on from its newest. The school is held. */
  private async add(
    manager: EntityManager,
    newest: readonly RuleChangeRow[],
    { key, value, reason, by }: { key: RuleKey; value: number | null; reason: string; by: string },
  ): Promise<void> {
    const number = (newest.find(({ ruleKey }) => ruleKey === key)?.number ?? 0) + 1;
    await manager.insert(RuleChangeRow, {
      ...{ ruleKey: key, number, reason, personId: by, changedAt: new Date() },
      value: value === null ? null : String(value),
    });
  }
}
