import type { DishContent } from '../dish';
import type { LocalRules, RuleKey } from './specs';
import { ruleValue, showRule } from './specs';

/** A place in a dish that a local rule has something to say to. */
export interface RuleNotice {
  readonly rule: RuleKey;
  readonly where: string;
  readonly said: string;
}

/**
 * What a dish plans that the local rules speak against: lives in a store that are too long, waits in hot holding,
 * frying fat that is too hot, a chill that takes too long.
 */
export function dishRuleNotices(dish: DishContent, rules: LocalRules): readonly RuleNotice[] {
  const notices: RuleNotice[] = [];
  const add = (rule: RuleKey, where: string, said: string) => notices.push({ rule, where, said: `${said} ${showRule(rule, rules)}.` });
  for (const component of dish.components) {
    const where = component.name || dish.title;
    for (const { store, hours } of component.keeps) {
      if (store === 'chilled' && hours > ruleValue('chilled-life', rules)) add('chilled-life', where, `Kept chilled for ${hours} h.`);
      if (store === 'ambient' && hours * 60 > ruleValue('out-of-control', rules) && component.lines.some(isWet))
        add('out-of-control', where, `Kept ambient for ${hours} h; if it is not a dry or acid food, that is too long.`);
    }
  }
  dish.method.forEach((step, index) => {
    const where = `Step ${index + 1}`;
    const text = step.text.toLowerCase();
    if (step.celsius && /\b(deep-?fry|fry|frying|hot oil|hot fat)\b/.test(text) && step.celsius > ruleValue('frying-fat', rules))
      add('frying-fat', where, `Fat at ${step.celsius} °C.`);
    if (step.minutes && /\b(cool|chill)/.test(text) && step.minutes > ruleValue('cooling-total', rules) && !/overnight|set|rest/.test(text))
      add('cooling-total', where, `Cools for ${step.minutes} min.`);
    if (step.minutes && /\b(keep|hold) (?:it |them )?(?:warm|hot)\b/.test(text) && step.minutes > ruleValue('out-of-control', rules))
      add('hot-holding', where, `Held for ${step.minutes} min.`);
  });
  return notices;
}

/** Milk, cream, stock, egg and the like: what makes an ambient life doubtful. */
const isWet = (line: { readonly item: string }) => /cream|milk|stock|egg|yog|butter|meat|fish|cheese|puree/i.test(line.item);
