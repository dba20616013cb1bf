export { RulesModule } from './rules.module';
export { loadRules } from './rulesInForce';
export { RuleChangeRow } from './ruleChange.entity';
