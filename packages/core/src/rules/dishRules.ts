import type { DishContent } from '../dish';
import type { LocalRules, RuleKey } from './specs';
import { ruleValue } from './specs';
import type { Said } from '../words';

/** A place in a dish that a local rule has something to say to. */
export interface RuleNotice {
  readonly rule: RuleKey;
  readonly where: string;
  readonly said: Said;
}

/**
 * What a dish plans that the local rules speak against: lives in a store that are too long, waits in hot holding,
 * frying fat that is too hot, a chill that takes too long.
 */
export function dishRuleNotices(dish: DishContent, rules: LocalRules): readonly RuleNotice[] {
  const notices: RuleNotice[] = [];
  const add = (where: string, said: Extract<Said, { rule: RuleKey; limit: number }>) => notices.push({ rule: said.rule, where, said });
  const of = (rule: RuleKey) => ({ rule, limit: ruleValue(rule, rules) });
  for (const component of dish.components) {
    const where = component.name || dish.title;
    for (const { store, hours } of component.keeps) {
      if (store === 'chilled' && hours > ruleValue('chilled-life', rules))
        add(where, { code: 'plan.chilled', ...of('chilled-life'), hours });
      if (store === 'ambient' && hours * 60 > ruleValue('out-of-control', rules) && component.lines.some(isWet))
        add(where, { code: 'plan.ambient', ...of('out-of-control'), hours });
    }
  }
  dish.method.forEach((step, index) => {
    const where = `Step ${index + 1}`;
    const text = step.text.toLowerCase();
    if (step.celsius && /\b(deep-?fry|fry|frying|hot oil|hot fat)\b/.test(text) && step.celsius > ruleValue('frying-fat', rules))
      add(where, { code: 'plan.fat', ...of('frying-fat'), celsius: step.celsius });
    if (step.minutes && /\b(cool|chill)/.test(text) && step.minutes > ruleValue('cooling-total', rules) && !/overnight|set|rest/.test(text))
      add(where, { code: 'plan.cools', ...of('cooling-total'), minutes: step.minutes });
    if (step.minutes && /\b(keep|hold) (?:it |them )?(?:warm|hot)\b/.test(text) && step.minutes > ruleValue('out-of-control', rules))
      add(where, { code: 'plan.held-warm', ...of('hot-holding'), minutes: step.minutes });
  });
  return notices;
}

/** Milk, cream, stock, egg and the like: what makes an ambient life doubtful. */
const isWet = (line: { readonly item: string }) => /cream|milk|stock|egg|yog|butter|meat|fish|cheese|puree/i.test(line.item);
