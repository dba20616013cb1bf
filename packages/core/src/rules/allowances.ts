import type { DishContent } from '../dish/types';
import type { FoodKind } from '../ingredients/kinds';
import { ruleValue, type LocalRules, type RuleKey } from './specs';
import type { Said } from '../words';

/** Ways in which a local code may allow food below its rule. */
export const ALLOWANCES = ['whole-pink', 'raw-fish'] as const;
export type AllowanceKey = (typeof ALLOWANCES)[number];

/** A component that somebody has marked as served below the rule, with their reason and which conditions they have seen kept. */
export interface AllowanceMark {
  readonly allowance: AllowanceKey;
  readonly reason: string;
  /** Keys of the conditions that are kept. */
  readonly kept: readonly string[];
}

interface AllowanceSpec {
  readonly name: string;
  /** The rule that says whether the school's code allows it. */
  readonly rule: RuleKey;
  /** What food it can reach. */
  readonly kinds: readonly FoodKind[];
  readonly conditions: Readonly<Record<string, string>>;
}

export const ALLOWANCE_SPECS: Readonly<Record<AllowanceKey, AllowanceSpec>> = {
  'whole-pink': {
    name: 'whole muscle served pink',
    rule: 'allow-whole-pink',
    kinds: ['cattle', 'other mammal', 'poultry'],
    conditions: {
      whole: 'whole and uncut: not minced, filled, rolled, tied or needle-tenderised',
      seared: 'seared all over outside, to a changed colour',
      notice: 'those who eat it are told in writing',
      risk: 'nobody at risk eats it; a separate making is cooked through for them',
    },
  },
  'raw-fish': {
    name: 'fish served raw or just set',
    rule: 'allow-raw-fish',
    kinds: ['fish', 'mollusc', 'crustacean'],
    conditions: {
      frozen: 'frozen by the rule in all its parts, with the supplier’s or the kitchen’s own record',
      cold: 'kept cold until it is served',
      notice: 'those who eat it are told in writing',
      risk: 'nobody at risk eats it; a separate making is cooked through for them',
    },
  },
};

/** What no allowance reaches: what was outside is inside. */
const REFUSED: readonly (readonly [RegExp, string])[] = [
  [
    /\bminced?\b|\bground (?:beef|lamb|veal|pork|meat|poultry|venison)\b|\bburgers?\b|\bsausages?\b|\bmeatballs?\b|\btartare\b/i,
    'it is minced',
  ],
  [/\bstuff(?:ed|ing)?\b|\bfill(?:ed|ing)\b/i, 'it is filled'],
  [
    /\brolled\b|\broll (?:up|it|them)\b|\btied\b|\btie (?:it|them|up|with)\b|\btrussed?\b|\bbutterfl/i,
    'it is rolled or tied, so that what was outside lies inside',
  ],
  [/\bneedle|\bjaccard|\btenderi[sz]ed\b|\binjected\b/i, 'it is pierced, so that what was outside lies inside'],
];

/** How an allowance stands for some food. */
export type AllowanceStand =
  | { readonly kind: 'refused'; readonly said: Said }
  /** Below the rule, with the conditions that nobody has confirmed yet. */
  | { readonly kind: 'below'; readonly open: readonly string[]; readonly said: Said };

/**
 * Whether a component may be served below the rule: what the school's code allows, what kind of food it is, how it is made, and which
 * conditions are kept. It never says that food is safe.
 *
 * @param kinds - kinds of food in the component
 * @param told - names and words of the component, its lines and the steps that make it
 */
export function allowanceFor(
  mark: AllowanceMark,
  { kinds, told }: { kinds: readonly FoodKind[]; told: string },
  rules: LocalRules,
): AllowanceStand {
  const { name, rule, kinds: reaches, conditions } = ALLOWANCE_SPECS[mark.allowance];
  const refused = (because: string): AllowanceStand => ({ kind: 'refused', said: { code: 'plan.allowance-refused', name, because } });
  if (ruleValue(rule, rules) !== 1) return refused('the local rules of this school do not allow it');
  if (!kinds.some((kind) => reaches.includes(kind))) return refused('this is not the kind of food it reaches');
  const beyond = kinds.find((kind) => FLESH.includes(kind) && !reaches.includes(kind));
  if (beyond) return refused(`it also holds ${beyond}, which it does not reach`);
  if (mark.allowance === 'whole-pink') {
    const hit = REFUSED.find(([words]) => words.test(told));
    if (hit) return refused(hit[1]);
  }
  const open = Object.entries(conditions)
    .filter(([key]) => !mark.kept.includes(key))
    .map(([, text]) => text);
  return { kind: 'below', open, said: { code: 'plan.below-allowance', name, open } };
}

/** What of a dish is served below its rule on purpose, with the conditions by which it is judged at the pass instead of by its core. */
export function servedBelow(dish: DishContent): readonly Said[] {
  return dish.components.flatMap(({ name, allowance }): Said[] => {
    if (!allowance) return [];
    const spec = ALLOWANCE_SPECS[allowance.allowance];
    return [{ code: 'plan.served-below', component: name || dish.title, name: spec.name, conditions: Object.values(spec.conditions) }];
  });
}

const FLESH: readonly FoodKind[] = ['cattle', 'pig', 'other mammal', 'poultry', 'fish', 'crustacean', 'mollusc'];
