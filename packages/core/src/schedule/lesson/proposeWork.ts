import type { Component, FoodState, MayBeAhead, MethodStep, StepWork } from '../../dish';
import type { EquipmentKind } from '../../kitchen';
import { SHIPPED, type FoodKind } from '../../ingredients';
import { stepTimes } from '../../reading';
import { plain, singular } from '../../text';

/** What a step occupies besides hands. */
export type WorkNeed =
  | { readonly kind: 'burner' }
  | { readonly kind: 'oven'; readonly celsius: number }
  | { readonly kind: 'equipment'; readonly of: EquipmentKind };

/** A moderate oven, where a step bakes and names no heat. */
const GUESSED_CELSIUS = 180;

const ON_A_BURNER =
  /\b(?:boil|simmer|poach|fry|sauté|saute|sear|sweat|soften|blanch|reduce|melt|caramelise|caramelize|brown|scald|steam|warm (?:through|gently|the)|heat the|bring (?:it |the [\p{L}\s]{2,30} )?to|deglaze|toast|char|braise on|stew|wilt|cook)\b/iu;
const IN_AN_OVEN = /\b(?:bake|baking|roast|oven|gratinate)\b/i;

const KINDS: readonly (readonly [RegExp, EquipmentKind])[] = [
  [/\b(?:blend|blender|blitz|whizz|liquidi[sz]e|purée|puree)\b/i, 'blender'],
  [/\b(?:mixer|machine)\b/i, 'mixer'],
  [/\b(?:fryer|deep[- ]fr(?:y|ied))\b/i, 'fryer'],
  [/\b(?:water bath|sous vide)\b/i, 'water bath'],
  [/\bsink\b|\b(?:wash|rinse)\b(?! (?:up|your|the hands|hands))/i, 'sink'],
  [/\bfreez(?:e|er)\b/i, 'freezer'],
  [/\bchill(?:er|ed)?\b|\bfridge\b/i, 'chiller'],
];

/** What a step occupies, by what it says of equipment, else by its words. */
export function needsOf({ equipment, text, celsius, heats }: MethodStep): readonly WorkNeed[] {
  const said = equipment.trim();
  if (/\boven\b/i.test(said) || (!said && IN_AN_OVEN.test(text)) || (celsius !== null && heats === 'oven'))
    return [{ kind: 'oven', celsius: Math.round(celsius ?? GUESSED_CELSIUS) }];
  const named = KINDS.find(([word]) => word.test(said)) ?? (said ? undefined : KINDS.find(([word]) => word.test(text)));
  if (named) return [{ kind: 'equipment', of: named[1] }];
  return ON_A_BURNER.test(text) || /\b(?:burner|hob|pan)\b/i.test(said) ? [{ kind: 'burner' }] : [];
}

/** What is done piece by piece, as a verb: not "to a core of 56 °C", "under the spoon", "on a plate". */
const PIECE_BY_PIECE =
  /(?<!\b(?:a|an|the|its|each|of|in|on|with|under|from|into|per|by) )\b(?:peel|slice|dice|chop|cut|trim|pick|segment|shape|roll|pit|stone|core|zest|clean|wash|rinse|pick over|fillet|scale|bone|fill|wrap|string|shred|grate|julienne|plate|dress|arrange|spoon)\b/i;
/** Percent of hands-on minutes that grow with the amount. @source our own working figure: what is done piece by piece grows, a pan that is stirred hardly */
const GROWS_BY_PIECE = 90;
const GROWS_OTHERWISE = 25;

const WATER_TO_BOIL = /\b(?:boiling|salted) water\b|\bwater (?:to|at) (?:a|the) boil\b|\bblanch\b/i;
/** Minutes until a pot of water on one burner boils. @source our own working figure for 3 to 4 litres on a strong burner */
const WATER_BOILS = 10;

const WAITS_WELL = /\b(?:chill|rest|soak|cure|marinate|brine|set|freeze|steep|infuse|stock|overnight|dry)\b/i;
/** Hours that what has been chilled or set is taken to keep where nobody has said. @source our own cautious figure: the next day */
const KEEPS_HOURS = 24;
const FOR_THE_PLATE = /\b(?:plate|plates|serve|serving|garnish|dress)\b/i;

const DONE_AGAIN = /\b(?:emulsi|mayonnaise|hollandaise|caramel|whip|whisk the (?:cream|whites)|custard|mount)/i;

const FLESH = /\b(?:fish|fillets?|mussels?|meat|breasts?|mince|shellfish|bird|joint|carcass)\b/i;
/** Fats and cured things are of cattle and pigs mostly: these say what they are by other words. */
const FLESH_KINDS: ReadonlySet<FoodKind> = new Set(['fish', 'crustacean', 'mollusc', 'poultry', 'other mammal']);
/** Names of fish, birds and other flesh that ship, in one word each: "mackerel", "quail". */
const FLESH_NAMES: ReadonlySet<string> = new Set(
  SHIPPED.filter(({ kinds, name }) => kinds.length === 1 && FLESH_KINDS.has(kinds[0]!) && !name.includes(' ')).map(({ name }) =>
    singular(plain(name)),
  ),
);
const isFlesh = (text: string): boolean =>
  FLESH.test(text) ||
  plain(text)
    .split(/[^\p{L}]+/u)
    .some((word) => FLESH_NAMES.has(singular(word)));
const VEGETABLE =
  /\b(?:vegetables?|onions?|shallots?|leeks?|carrots?|fennel|cabbage|mushrooms?|cucumbers?|sorrel|spinach|chard|herbs?|leaves|potatoes|aubergines?|courgettes?|peppers?|beans|peas|tomatoes|garlic|celery|celeriac|beetroots?|turnips?|swedes?|radish(?:es)?|lettuces?|chicory|salad|sprouts|broccoli|asparagus|artichokes?|parsnips?|apples?|pears?|oranges?|lemons?|parsley|chives)\b/i;
const ONLY = /^(?:only )?if ([^,.;]{3,80}?)(?:,|;| then )/i;
const LIKELY = /\b(?:usually|mostly|as a rule|often)\b/i;

function foodOf({ text, hands }: MethodStep, needs: readonly WorkNeed[], last: boolean): FoodState | null {
  if (last || FOR_THE_PLATE.test(text)) return 'ready';
  if (hands === 'off' || needs.some((need) => need.kind !== 'equipment' || need.of !== 'sink')) return null;
  if (isFlesh(text)) return 'raw flesh';
  return VEGETABLE.test(text) && PIECE_BY_PIECE.test(text) ? 'raw vegetable' : null;
}

function aheadOf({ text, hands }: MethodStep, component: Component | undefined, last: boolean): MayBeAhead | null {
  if (last || FOR_THE_PLATE.test(text)) return null;
  const [keeps] = [...(component?.keeps ?? [])].sort((a, b) => b.hours - a.hours);
  if (keeps) return { may: true, hours: keeps.hours, store: keeps.store, by: 'technician' };
  if (hands === 'on' || !WAITS_WELL.test(text)) return null;
  return { may: true, hours: KEEPS_HOURS, store: /\bfreez/i.test(text) ? 'frozen' : 'chilled', by: 'technician' };
}

/**
 * Minutes that a step says by the clock ("12 minutes, turn, 2 minutes"), never more than it takes as a whole: however little is cooked,
 * they are not shorter.
 */
export const byTheClock = ({ text, minutes }: Pick<MethodStep, 'text' | 'minutes'>): number =>
  Math.min(
    minutes ?? 0,
    stepTimes(text).reduce((all, { kind, least, times }) => all + (kind === 'lasts' ? least * times : 0), 0),
  );

/** What is said of a step's place in time, completed by what its text proposes. `after` is left to the network. */
export function proposeWork(
  step: MethodStep,
  component: Component | undefined,
  last: boolean,
): Omit<StepWork, 'after' | 'grows' | 'warmUp'> & { readonly grows: number; readonly warmUp: number } {
  const { work, text, hands, minutes } = step;
  const needs = needsOf(step);
  const only = ONLY.exec(text.trim());
  const said = stepTimes(text).find(
    ({ kind, least, most }) => kind === 'lasts' && (minutes === null || (least <= minutes && minutes <= most)),
  );
  const cue =
    said && (said.until || said.most > said.least)
      ? { text: said.until || 'it is done', least: Math.floor(said.least), most: Math.ceil(said.most) }
      : null;
  return {
    grows: work.grows ?? (hands === 'off' ? 0 : PIECE_BY_PIECE.test(text) ? GROWS_BY_PIECE : GROWS_OTHERWISE),
    band: work.band,
    warmUp: work.warmUp ?? (needs.some(({ kind }) => kind === 'burner') && WATER_TO_BOIL.test(text) ? WATER_BOILS : 0),
    ahead: work.ahead ?? aheadOf(step, component, last),
    cue: work.cue ?? cue,
    only: work.only ?? (only ? { when: only[1]!, likely: LIKELY.test(text) } : null),
    redo: work.redo ?? (hands === 'on' && DONE_AGAIN.test(text) ? { times: 1, minutes: minutes ?? 5 } : null),
    food: work.food ?? foodOf(step, needs, last),
  };
}
