import { linesOf, type DishContent, type MethodStep } from '../dish/types';
import { heatsIn } from '../quantity';
import { SHIPPED_BOOK, type FactBook, type FoodKind } from '../ingredients';
import type { Said } from '../words';
import { allowanceFor } from './allowances';
import { CHILLED, COOKED, DAY_BEFORE, FLESH, KEPT_LONG, natureOf, REHEAT, stepsOf, WARM, type Nature } from './nature';
import type { LocalRules, RuleKey } from './specs';
import { ruleValue } from './specs';
import { longestTime, minutesNamed } from './timesIn';
import { COOLS, waitsIn } from './waits';

/** A place in a dish that a local rule has something to say to. */
export interface RuleNotice {
  readonly rule: RuleKey;
  readonly where: string;
  readonly said: Said;
}

const IN_THE_ROOM =
  /\b(?:room temperature|(?:on|from) the (?:counter|bench|side|worktop|(?:\w+ )?tables?|buffet|pass|work surface|terrace|lawn|stall|sideboard|trolley|hatch|rack(?= (?:by|near|beside))|(?:back |cold )?burner)|at the (?:counter|buffet|stall|bar)\b|outdoors|outside in the|in the (?:garden|sun|shade|yard)|(?:by|at|near) an? open window|in the (?:(?:dining|class|staff|service|show|back) ?room|corridor|hall(?:way)?|sink|van|car|lobby|marquee|tent)\b|(?:in|at) (?:a|the) (?:(?:warm|cool|dark|dry),? (?:and )?)+place|(?:in|on|to) (?:a|the) (?:(?:cool|dark|dry|store|kitchen|top|spice|open) ?)*(?:cupboard|pantry|larder|cellar|shelf|dry store|window ?sill)|(?:at|by|near|beside|next to) the (?:stove|range|hob|oven|window)|ambient|in the kitchen|unrefrigerated|out of the fridge|(?:leave|left|stand|sit|keep|kept|set) (?:them |it |all )?out(?=\s+(?:for|until|till|overnight|all|at|on|in|to|from|while|during)\b|[.,;]|$))(?!\w)/i;
const STANDS =
  /\b(?:(?:lay|lays|laid|put|display\w*) (?:them |it |all )?out|display|stand|leave|left|rest|sit|keep|kept|hold|held|cool|marinate|soak|set|infuse|prove|spread|serve|drain|hang|stor(?:e|ed|ing))\w*\b/i;
const DRY_GOODS =
  /\b(?:beans?|peas|chickpeas|lentils|pulses|rice|grains?|barley|wheat|oats?|nuts|almonds|cashews|raisins|prunes|apricots|seeds)\b/i;
/** Left to cool in what it was cooked in, which stands in the room. */
const COOLS_IN_POT =
  /\b(?:cool\w*|cold)\b[^.;]{0,30}\b(?:in (?:the|its|their) (?:(?:stock|cooking|(?:switched|turned)[- ]off) ?)?(?:pot|pan|water|liquor|liquid|oven)|on the (?:stove|hob|range))\b|\bin (?:the|its|their) (?:(?:stock|cooking|poaching) ?)?(?:pot|pan|water|liquor|liquid|stock)\b[^.;]{0,20}\b(?:cool|cold)\b/i;
/** Cooked by a heat that is round the food: its core gets no hotter. */
const COOKED_IN =
  /\b(?:sous[- ]vide|(?:water )?bath|bags?|pouch(?:es)?|circulator|cook\w*|poach\w*|confit\w*|steam\w*|roast\w*|bak(?:e|ed|ing)|simmer\w*|brais\w*)\b/i;
/** What else is brought to so little heat. */
const ANOTHER =
  /\b(?:chocolate|gelatine?|milk|cream|custard|dough|yeast|butter|yolks?|eggs?|syrup|sugar|caramel|jelly|yoghurt|vegetables?|potatoes?|onions?|carrots?)\b/i;
/** A step that keeps, rests or cools what is cooked elsewhere. */
const NO_COOKING =
  /\b(?:keep|kept|hold|held|rest\w*|warm(?:ed)?|chill\w*|cool\w*|freez\w*|marinat\w*|brin(?:e|ed|ing)|cur(?:e|ed|ing)|smok\w*|serve|plates?|dish(?:es)?)\b/i;
/** Left for hours, with no word of where: what is soaked, salted or raised is meant to stand. */
const LEFT = /\b(?:stand|leave|left|rest|sit|keep|kept|hold|held|set aside)\w*\b/i;
const MEANT_TO_STAND =
  /\b(?:soak|prove|rise|ferment|culture|cur(?:e|ed|ing)|brin(?:e|ed|ing)|salt|marinat|pickl|dry|dried|dehydrat|hang|hung|oven|freez|frozen)\w*/i;
/** Milk that is turned by what is stirred into it has to be kept warm. */
const TURNED =
  /\b(?:incubat|ferment|cultur)\w*|\b(?:stir|whisk|mix) in (?:the |a |some |live )*(?:yoghurt|yogurt|kefir|buttermilk|starter)\b/i;
/** Degrees below which food is meant to be kept cold, and above which hot. Our own. */
const LUKEWARM = 25;
/** An oven that is off is a cupboard. */
const OFF_OVEN = /\b(?:switched|turned)[- ]off oven\b|\boven (?:that is |is )?(?:switched |turned )?off\b/i;
const COLD_PLACE = /\b(?:fridge|refrigerat\w*|chill\w*|cold room|ice|iced|freez\w*|walk[- ]in)\b/i;
const OVERNIGHT = /\bover ?night|\bnext (?:day|morning)/i;
const HOLDS = /\b(?:keep|hold|kept|held|stand|stands)\b/i;
/** Food that is kept for later, which has a longest life; what cures, ripens or marinates is not meant. */
const KEPT =
  /\b(?:shelf[- ]life|good for(?= (?:\w+ )?(?:days?|weeks?)\b)|keeps?|kept|used? (?:with)?in(?= (?:\w+ )?(?:days?|weeks?)\b)|(?:holds?|held)(?= (?:for )?(?:\w+ )?(?:days?|weeks?|months?)\b)|stored?|stores|lasts?|press(?:ed)?|refrigerat\w*|(?:in|into) the (?:fridge|refrigerator|cold room|walk[- ]in))\b/i;
const NOT_KEPT =
  /\b(?:freez\w*|frozen|cur(?:e|ed|ing)|brin(?:e|ed|ing)|marinat\w*|salt(?:ed|ing)?|hang|hung|ferment\w*|pickl\w*|dry|dried)\b/i;

/** Which core rule holds for a kind of food; for minced, filled and rolled food the strictest. */
function coreRuleOf(kinds: ReadonlySet<FoodKind>, told: string): { readonly rule: RuleKey; readonly food: string } | null {
  const flesh = kinds.has('cattle') || kinds.has('other mammal') || kinds.has('pig') || kinds.has('poultry');
  if (
    flesh &&
    /\bminced?\b|\bsausage|\bburger|\bstuff(?:ed)?\b|\bfilled\b|\broll(?:ed)?\b(?! out)|\btied?\b|\bterrine\b|\bmeatball/i.test(told)
  )
    return { rule: 'core-minced', food: 'minced, filled or rolled' };
  if (/\bvenison|\brabbit|\bhare\b|\bboar\b|\bpheasant|\bpartridge|\bpigeon|\bgrouse|\bgame\b/i.test(told))
    return { rule: 'core-game', food: 'game' };
  if (kinds.has('poultry')) return { rule: 'core-poultry', food: 'poultry' };
  if (kinds.has('pig')) return { rule: 'core-pork', food: 'pork' };
  if (kinds.has('cattle') || kinds.has('other mammal')) return { rule: 'core-whole', food: 'whole cut' };
  if (kinds.has('fish') || kinds.has('crustacean') || kinds.has('mollusc')) return { rule: 'core-fish', food: 'fish or shellfish' };
  return kinds.has('egg') ? { rule: 'core-egg', food: 'egg' } : null;
}

/** Degrees Celsius that a text gives for a core; null when it gives none. */
export function coreIn({ text, celsius, heats }: MethodStep): number | null {
  const said = coreSaid(text);
  if (heats !== 'core' || celsius === null) return said;
  // Where the words name another core than the step is set to, the lower one is looked at.
  return said === null ? celsius : Math.min(said, celsius);
}

function coreSaid(text: string): number | null {
  const match =
    /\b(?:core|internal(?: temperature)?|inside|filling|centre|center|middle|thickest part|probe|(?:at|by|near|beside|against|next to) the \w*bone|reads|registers)\b[^.;]{0,40}?(\d{2,3})\s*°?\s*(c|f)?\b/i.exec(
      text,
    ) ??
    /\b(\d{2,3})\s*°?\s*(c|f)\b[^.;\d]{0,20}\b(?:core|in(?:to)? the (?:centre|center|middle|thickest)|at the (?:centre|center|thickest)|(?:at|by|near|beside|against|next to) the (?:\w*bone|(?:\w+ )?joint|thigh)|internal|inside|within(?=[.,;]|$))/i.exec(
      text,
    ) ??
    // "Roast to 68 °C": no oven, pan or grill that cooks is as cool, so it is meant of the food.
    /\b(?:roast|grill|sear|fry|barbecue|griddle|bake)\b(?:(?!\b(?:oven|oil|fat|water|bath|pan)\b)[^.;]){0,40}\bto (?:about |around )?(\d{2})\s*°\s*(c)\b/i.exec(
      text,
    );
  if (!match) return null;
  const value = Number(match[1]);
  return /f/i.test(match[2] ?? '') ? Math.round(((value - 32) * 5) / 9) : value;
}

/**
 * What a dish plans that the local rules speak against, component by component and step by step: lives in a store that are too long,
 * food that stands or is kept warm without a time, cores below their rule, cooling in the room, fat that is too hot. A component that
 * is marked as served below the rule is held to the conditions of its allowance instead.
 */
export function dishRuleNotices(dish: DishContent, rules: LocalRules, book: FactBook = SHIPPED_BOOK): readonly RuleNotice[] {
  const notices: RuleNotice[] = [];
  const add = (where: string, said: KeptSaid) => notices.push({ rule: said.rule, where, said });
  const of = (rule: RuleKey) => ({ rule, limit: ruleValue(rule, rules) });
  const natures = dish.components.map((component) => ({ component, nature: natureOf(dish, component, book) }));
  const excused = new Set<FoodKind>();
  for (const { component, nature } of natures) {
    const where = component.name || dish.title;
    const { hazards, perishable, kinds, told } = nature;
    for (const { store, hours } of component.keeps) {
      if (store === 'chilled') {
        if (hazards.includes('raw-egg') && hours > ruleValue('raw-egg-life', rules))
          add(where, { code: 'plan.raw-egg', ...of('raw-egg-life'), hours });
        if (airless(nature) && hours > ruleValue('low-oxygen-life', rules))
          add(where, { code: 'plan.low-oxygen', ...of('low-oxygen-life'), hours });
        else if (perishable && !hazards.includes('under-oil') && hours > ruleValue('chilled-life', rules))
          add(where, { code: 'plan.chilled', ...of('chilled-life'), hours });
      }
      if (store === 'ambient' && perishable && hours * 60 > ruleValue('out-of-control', rules))
        add(where, { code: 'plan.ambient', ...of('out-of-control'), hours });
    }
    if (component.allowance) {
      const stand = allowanceFor(component.allowance, { kinds: [...kinds], told }, rules);
      notices.push({ rule: component.allowance.allowance === 'raw-fish' ? 'allow-raw-fish' : 'allow-whole-pink', where, said: stand.said });
      if (stand.kind === 'below') for (const kind of kinds) if (FLESH.includes(kind)) excused.add(kind);
    }
  }
  const perishableAt = ({ perishable, from }: Nature, index: number) => perishable && (from === null || dish.method.indexOf(from) <= index);
  const allKinds = new Set(natures.flatMap(({ nature }) => [...nature.kinds]));
  const wetKinds = [...allKinds].some((kind) => FLESH.includes(kind) || kind === 'egg' || kind === 'milk');
  const waits = waitsIn(dish.method, ruleValue('out-of-control', rules));
  const allTold = [dish.title, ...linesOf(dish).map(({ written }) => written), ...dish.method.map(({ text }) => text)].join('. ');
  dish.method.forEach((step, index) => {
    const where = `Step ${index + 1}`;
    const before = notices.length;
    const { text } = step;
    const time = longestTime(step);
    if (
      step.celsius !== null &&
      (step.heats === 'fat' || /\b(?:deep-?fry|hot oil|hot fat)\b/i.test(text)) &&
      step.celsius > ruleValue('frying-fat', rules)
    )
      add(where, { code: 'plan.fat', ...of('frying-fat'), celsius: step.celsius });
    const core = coreIn(step);
    if (core !== null) {
      const own = natures.find(
        ({ component }) => stepsOf(dish, component).includes(step) && coreRuleOf(natureOf(dish, component, book).kinds, allTold),
      );
      const kinds = own?.nature.kinds ?? allKinds;
      if (REHEAT.test(text) && core < ruleValue('reheating', rules))
        add(where, { code: 'plan.reheats', ...of('reheating'), celsius: core });
      else {
        const found = coreRuleOf(kinds, allTold);
        const below = [...kinds].some((kind) => excused.has(kind));
        if (found && !below && core < ruleValue(found.rule, rules))
          add(where, { code: 'plan.core', ...of(found.rule), celsius: core, food: found.food });
      }
    } else if (step.celsius !== null && step.heats !== 'sugar') {
      const { celsius } = step;
      const cooksIt = natures.find(
        ({ component, nature }) => nature.hazards.includes('raw-to-cook') && stepsOf(dish, component).includes(step),
      );
      const found = cooksIt ? coreRuleOf(cooksIt.nature.kinds, allTold) : null;
      const below = cooksIt && [...cooksIt.nature.kinds].some((kind) => excused.has(kind));
      const cookedBefore = dish.method.slice(0, index).some((earlier) => COOKED.test(earlier.text));
      if (
        REHEAT.test(text) &&
        (cookedBefore || /\b(?:again|re-?heat|re-?warm|regenerat)/i.test(text)) &&
        !/\b(?:yeast|dough|chocolate|gelatine?)\b/i.test(text) &&
        reheatedTo(text, celsius) < ruleValue('reheating', rules)
      )
        add(where, { code: 'plan.reheats', ...of('reheating'), celsius: reheatedTo(text, celsius) });
      else if (
        found &&
        !below &&
        celsius > 30 &&
        celsius < ruleValue(found.rule, rules) &&
        COOKED_IN.test(text) &&
        !ANOTHER.test(text) &&
        !NO_COOKING.test(text)
      )
        add(where, { code: 'plan.round-it', ...of(found.rule), celsius, food: found.food });
    }
    const about = step.componentId === null ? natures : natures.filter(({ component }) => component.id === step.componentId);
    if (!about.some(({ nature }) => perishableAt(nature, index))) return;
    const keeper = natures.find(({ component, nature }) => perishableAt(nature, index) && stepsOf(dish, component).includes(step));
    if (step.store !== null) {
      if (keeper) storedNotices(step, keeper.nature, rules).forEach((said) => add(where, said));
      return;
    }
    if (
      keeper &&
      time !== null &&
      (KEPT.test(text) || (CHILLED.test(text) && time >= DAY)) &&
      !NOT_KEPT.test(text) &&
      (!IN_THE_ROOM.test(text) || COLD_PLACE.test(text))
    ) {
      const { code, rule } = lifeOf(keeper.nature);
      if (time > ruleValue(rule, rules) * 60) add(where, { code, ...of(rule), hours: time / 60 });
    }
    if (keeper && KEPT_LONG.test(text) && !NOT_KEPT.test(text) && !IN_THE_ROOM.test(text) && airless(keeper.nature)) {
      const said = stepsOf(dish, keeper.component).map((each) => each.text);
      if (!COLD_PLACE.test(said.join('. ')) && keeper.component.keeps.length === 0)
        add(where, { code: 'plan.low-oxygen-nowhere', ...of('low-oxygen-holding') });
    }
    const cools = COOLS.test(text);
    // Dried beans and grain may soak in the room before they are cooked.
    const soaks =
      /\bsoak\w*/i.test(text) &&
      !dish.method.slice(0, index).some((earlier) => COOKED.test(earlier.text)) &&
      (DRY_GOODS.test(text) || !wetKinds) &&
      !/\b(?:milk|cream|eggs?)\b/i.test(text);
    const coolsFor = cools ? coolingTime(step) : null;
    const inRoom = IN_THE_ROOM.test(text) || OFF_OVEN.test(text);
    const inPot = COOLS_IN_POT.test(text) && !COLD_PLACE.test(text);
    if (cools && (inRoom || inPot)) add(where, { code: 'plan.cools-in-the-room', ...of('cooling-first') });
    else if (coolsFor !== null && coolsFor > ruleValue('cooling-total', rules))
      add(where, { code: 'plan.cools', ...of('cooling-total'), minutes: coolsFor });
    else if (
      inRoom &&
      !soaks &&
      (STANDS.test(text) || !(COOKED.test(text) || MEANT_TO_STAND.test(text))) &&
      !COLD_PLACE.test(text.replace(IN_THE_ROOM, ''))
    ) {
      const stood = COOKED.test(text) ? (longestTime({ text: leftWords(text), minutes: null }) ?? time) : time;
      if (stood === null) add(where, { code: 'plan.stands-untimed', ...of('out-of-control') });
      else if (stood > ruleValue('out-of-control', rules)) add(where, { code: 'plan.stands', ...of('out-of-control'), minutes: stood });
    }
    const held = heldAt(step);
    const isWarm = HOLDS.test(text) && held !== null && held > ruleValue('cold-holding', rules) && held < ruleValue('hot-holding', rules);
    const leftSomewhere =
      keeper !== undefined &&
      !TURNED.test(text) &&
      !cools &&
      !inRoom &&
      LEFT.test(text) &&
      !COLD_PLACE.test(text) &&
      !MEANT_TO_STAND.test(text.replace(OFF_OVEN, ' ')) &&
      (!COOKED.test(leftWords(text)) || OVERNIGHT.test(text) || DAY_BEFORE.test(text)) &&
      !(step.celsius !== null && step.celsius >= ruleValue('hot-holding', rules)) &&
      !KEPT.test(text) &&
      !WARM.test(text) &&
      !isWarm;
    if (leftSomewhere && time === null && DAY_BEFORE.test(`${dish.method[index - 1]?.text ?? ''} ${text}`))
      add(where, { code: 'plan.stands-untimed', ...of('out-of-control') });
    const leftFor = leftSomewhere ? (longestTime({ text: leftWords(text), minutes: null }) ?? (COOKED.test(text) ? null : time)) : null;
    if (leftFor !== null && leftFor > ruleValue('out-of-control', rules))
      add(where, { code: 'plan.stands', ...of('out-of-control'), minutes: leftFor });
    if ((WARM.test(text) || isWarm) && !TURNED.test(text) && !(held !== null && held >= ruleValue('hot-holding', rules))) {
      // What is kept a little too warm is not kept hot.
      const holding = isWarm && held < LUKEWARM ? 'cold-holding' : 'hot-holding';
      if (time === null) add(where, { code: 'plan.warm-untimed', ...of(holding), ...(isWarm ? { celsius: held } : {}) });
      else if (time > ruleValue('out-of-control', rules)) add(where, { code: 'plan.held-warm', ...of(holding), minutes: time });
    }
    // What none of the words above told of: it waits, and nobody said that it is cold or hot.
    const wait = keeper && notices.length === before && !TURNED.test(text) ? waits.get(step) : undefined;
    if (wait)
      add(
        where,
        wait.minutes === null
          ? { code: 'plan.stands-untimed', ...of('out-of-control') }
          : { code: 'plan.stands', ...of('out-of-control'), minutes: wait.minutes },
      );
  });
  return notices;
}

type KeptSaid = Extract<Said, { rule: RuleKey; limit: number }>;

/** What the rules say to a step of which a person set where the food is meanwhile: its words are not listened to for that. */
function storedNotices(step: MethodStep, nature: Nature, rules: LocalRules): readonly KeptSaid[] {
  const of = (rule: RuleKey) => ({ rule, limit: ruleValue(rule, rules) });
  const time = longestTime(step);
  const tooLong = time !== null && time > ruleValue('out-of-control', rules);
  switch (step.store) {
    case 'ambient':
      if (COOLS.test(step.text)) return [{ code: 'plan.cools-in-the-room', ...of('cooling-first') }];
      if (time === null) return [{ code: 'plan.stands-untimed', ...of('out-of-control') }];
      return tooLong ? [{ code: 'plan.stands', ...of('out-of-control'), minutes: time }] : [];
    case 'hot-held':
      if (step.celsius === null || step.celsius >= ruleValue('hot-holding', rules)) return [];
      if (time === null) return [{ code: 'plan.warm-untimed', ...of('hot-holding'), celsius: step.celsius }];
      return tooLong ? [{ code: 'plan.held-warm', ...of('hot-holding'), minutes: time }] : [];
    case 'chilled': {
      const cooling = COOLS.test(step.text) ? coolingTime(step) : null;
      if (cooling !== null && cooling > ruleValue('cooling-total', rules))
        return [{ code: 'plan.cools', ...of('cooling-total'), minutes: cooling }];
      const { code, rule } = lifeOf(nature);
      return time !== null && time > ruleValue(rule, rules) * 60 ? [{ code, ...of(rule), hours: time / 60 }] : [];
    }
    default:
      return [];
  }
}

/** What a step says from where food is left somewhere: "boil, and leave in a tub for four hours"; "leave to simmer" is no such place. */
const leftWords = (text: string): string => text.slice(Math.max(0, text.search(LEFT)));

/** Minutes; chilled for longer, it is kept. */
const DAY = 1440;

/** Degrees Celsius that food is brought back to: what stands behind the word for it, "cool to 5 °C, reheat to 82 °C". */
const reheatedTo = (text: string, celsius: number): number => heatsIn(text.slice(Math.max(0, text.search(REHEAT))))[0]?.most ?? celsius;

/** How long a step cools for: "cool in ice, keep chilled for a week" does not cool for a week. */
function coolingTime(step: MethodStep): number | null {
  const { text } = step;
  const [kept] =
    /\b(?:keeps?|kept|holds?|held|stored?|stores|lasts?|use within|matur\w*|press\w*|vacuum\w*|bag\w*|jar\w*|label\w*|refrigerat\w*|chill\w*|freez\w*)\b.*$/is.exec(
      text.slice(text.search(COOLS)),
    ) ?? [];
  if (kept === undefined) {
    const time = longestTime(step);
    // Nobody cools for days: that is how long it keeps.
    return time !== null && time >= DAY ? null : time;
  }
  const times = minutesNamed(text.slice(0, text.length - kept.length));
  return times.length > 0 ? Math.max(...times) : null;
}

/** The temperature at which a step holds food: what stands behind its word for it, else the only one it names. */
function heldAt({ text, celsius }: MethodStep): number | null {
  const [, value, unit] = /\b(?:keep|hold|kept|held|stands?)\b[^.;]{0,40}?\b(\d{2,3})\s*°\s*([cf])?/i.exec(text) ?? [];
  // "Fry at 175 °C. Keep warm": the heat it is cooked at is not the one it is kept at.
  if (value === undefined) return COOKED.test(text) ? null : celsius;
  return /f/i.test(unit ?? '') ? Math.round(((Number(value) - 32) * 5) / 9) : Number(value);
}

/** Whether it is kept without air: under oil, in fat, in a pack. Warm, that is where the worst of them grows. */
const airless = ({ hazards }: Pick<Nature, 'hazards'>): boolean => hazards.includes('under-oil') || hazards.includes('low-oxygen');

/** How long a component may be kept cold, by what can go wrong with it. */
function lifeOf({ hazards }: Nature): { readonly code: 'plan.raw-egg' | 'plan.low-oxygen' | 'plan.chilled'; readonly rule: RuleKey } {
  if (hazards.includes('raw-egg')) return { code: 'plan.raw-egg', rule: 'raw-egg-life' };
  if (airless({ hazards })) return { code: 'plan.low-oxygen', rule: 'low-oxygen-life' };
  return { code: 'plan.chilled', rule: 'chilled-life' };
}
