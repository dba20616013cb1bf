import { exact } from '../exact';
import { linesOf, type Component, type DishContent, type IngredientLine, type MethodStep } from '../dish/types';
import { unitOf } from '../quantity';
import { SHIPPED_BOOK, type FactBook, type FoodKind } from '../ingredients';
import { minutesNamed } from './timesIn';

/** What can go wrong with a component. */
export const DISH_HAZARDS = [
  'cooked-kept',
  'raw-egg',
  'raw-fish-or-meat',
  'under-oil',
  'sprouts-or-cut-melon',
  'low-oxygen',
  'reheated',
  'raw-to-cook',
] as const;
export type DishHazard = (typeof DISH_HAZARDS)[number];

export const DISH_HAZARD_NAMES: Readonly<Record<DishHazard, string>> = {
  'cooked-kept': 'cooked meat, fish, egg, milk or grain that is kept',
  'raw-egg': 'raw or barely cooked egg',
  'raw-fish-or-meat': 'fish or meat served raw, cured or lightly cooked',
  'under-oil': 'garlic, herbs or vegetables under oil',
  'sprouts-or-cut-melon': 'sprouts or cut melon',
  'low-oxygen': 'packed without air',
  reheated: 'cooked, cooled and reheated',
  'raw-to-cook': 'raw meat, poultry or fish that is cooked here',
};

export interface ComponentHazards {
  readonly componentId: string;
  readonly name: string;
  readonly hazards: readonly DishHazard[];
}

export const FLESH: readonly FoodKind[] = ['cattle', 'pig', 'other mammal', 'poultry', 'fish', 'crustacean', 'mollusc'];
/** Of animals, but dry, sour, salt or fat enough to stand by themselves. */
const STABLE = new Set([
  'butter',
  'ghee',
  'parmesan',
  'comte',
  'cheddar',
  'lard',
  'suet',
  'duck fat',
  'honey',
  'anchovy fillets',
  'fish sauce',
  'bonito flakes',
  'worcester sauce',
  'gelatine',
  'powdered gelatine',
  'milk powder',
  'buttermilk powder',
  'dried egg white',
  'meringue',
  'condensed milk',
  'mayonnaise',
  'chocolate',
  'milk chocolate',
]);
const STARCH = new Set([
  'rice',
  'short grain rice',
  'wild rice',
  'pasta',
  'egg pasta',
  'noodles',
  'barley',
  'bulgur',
  'couscous',
  'farro',
  'quinoa',
  'polenta',
  'lentils',
  'dried chickpeas',
  'black beans',
  'butter beans',
  'potato',
]);
export const COOKED =
  /\b(?:cook|boil|simmer|braise|stew|roast|bake|fry|sear|poach|steam|blanch|sweat|grill|reduce|scald|confit|sauté|saute|render|heat)\w*/i;
/** Kept at a serving heat, which only what is cooked is. */
export const WARM =
  /\b(?:keep|hold|kept|held)\b[^.;]{0,24}\b(?:warm|hot)\b|\bhot[- ]hold|\bunder (?:the |a |heat )*lamps?\b|\b(?:hot|heated|warming) (?:cupboards?|cabinets?|drawers?|trolleys?)\b|\b(?:plate|food) warmer/i;
/** Ways of cooking flesh that nothing else is called by. */
const COOKS_FLESH = new RegExp(
  `${COOKED.source}|\\b(?:barbecue|griddle|deep-?fry|deep-?fried|sous[- ]vide|hot[- ]smok|water bath|bath(?= (?:at|of|set|to) )|bast|broil|salamander|oven|wok|plancha|embers|coals|spit|(?:hot|dry|heavy|frying|covered|smoking) pan|brown (?:it|them|hard|well|all|the|in)|(?:until|till) (?:it is |they are |just )?(?:done|opaque|flak))\\w*`,
  'i',
);
/** A verb of cooking and the two words that follow, which may be what it cooks. */
const COOKED_OBJECT = new RegExp(
  `${COOKED.source}\\s*(?:(?:the|all|your|some|half|a|an)\\s+)*((?:(?!in |with |at |over |on |for |until )[\\p{L}-]+\\s*){0,2})`,
  'giu',
);
/** Flesh that is bought ready to eat. */
const READY =
  /\b(?:smoked(?! (?:haddock|cod|bacon|pancetta|lardons))|cooked|boiled|roasted?|tinned|canned|dried|potted|paté|pâté|pate|rillettes|ham(?! hocks?)|prosciutto|salami|bresaola|mortadella|chorizo|crab ?meat|(?:white|brown|picked) crab)\b/i;
/** Cured until it keeps, by whoever sells it; what is cured here is raw. */
const CURED_TO_KEEP = /\b(?:(?:dry|air|salt)[- ])?cured (?=(?:ham|sausage|meats|bacon|salami|chorizo|beef)\b)/gi;
/** What is made of flesh, or of what is round it, and is no piece of it any more. */
const NO_PIECE =
  /\b(?:stock|broth|bouillon|fond|demi[- ]glace|jus|gelatine|roe|caviar|paste|sauce|essence|ink|fat|lard|suet|dripping|skins?|bones?)\b/i;
const MADE_OF = /\b(?:stock|broth|dashi|sauce|paste|essence)\b/i;
const BAKED = /\b(?:bake|baked|baking|oven)\b/i;
/** "Serve it raw"; what is bought or frozen raw is cooked all the same. */
const SERVED_RAW =
  /\b(?:serv(?:e|ed|ing)|eat(?:en)?|leave|left|slice[ds]?|dice[ds]?|open(?:ed)?)\s+(?:(?:it|them|the\s+\p{L}+(?:\s+\p{L}+)?)\s+)?raw\b(?!\s+(?!with|on|and|at|in|over|as)\p{L}{3,})/iu;
const RAW =
  /\b(?:ceviche|tartare|carpaccio|sashimi|crudo|gravlax|cure[ds]?|curing|lightly (?:cooked|cured|seared|smoked)|just set|barely|rare|pink|tataki|cold[- ]smok\w+)\b/i;
const matched = (component: Component, book: FactBook) =>
  component.lines.flatMap((line) => (line.componentId ? [] : book.read(line.item).found.map(({ fact }) => ({ line, fact }))));

const lineWords = ({ written, item, preparation, note }: IngredientLine) => [written, item, preparation, note].join(' ');

/** Words of a component: its name, its lines and what is done to them. */
const wordsOf = ({ name, lines }: Component) => [name, ...lines.map(lineWords)].join(' ');

/** Steps that speak of a component: by its name or one of its ingredients; all of them where it is the only one. */
export function stepsOf(dish: DishContent, component: Component): readonly MethodStep[] {
  if (dish.components.length === 1) return dish.method;
  const own = named(dish, component);
  if (component.name) return own;
  // The main list is also what no other component claims.
  const claimed = new Set(dish.components.flatMap((other) => (other === component ? [] : named(dish, other))));
  return dish.method.filter((step) => own.includes(step) || !claimed.has(step));
}

function named(dish: DishContent, component: Component): readonly MethodStep[] {
  const words = [component.name, ...component.lines.map(({ item }) => item)]
    .flatMap((text) => text.toLowerCase().split(/[^\p{L}]+/u))
    .filter((word) => word.length > 3);
  return dish.method.filter(({ text, componentId }) => {
    if (componentId === component.id) return true;
    const said = text.toLowerCase();
    return words.some((word) => said.includes(word.replace(/e?s$/, '')));
  });
}

/** Nothing that stands at such a heat stays raw, whatever the words for it; smoke and a core are told of less. */
const heatsThrough = ({ text, celsius }: MethodStep): boolean =>
  celsius !== null && (celsius >= 100 || (celsius >= 60 && /\bsmok\w*|\bcore\b/i.test(text) && !REHEAT.test(text)));

/**
 * Whether flesh among the lines is eaten as it is: no step that speaks of it, or of no ingredient in particular, cooks it. A component
 * without any step says nothing about it.
 */
function eatenRaw(dish: DishContent, component: Component, book: FactBook): boolean {
  const steps = stepsOf(dish, component);
  if (steps.length === 0) return false;
  const wordsIn = (text: string) =>
    text
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .filter((word) => word.length > 2)
      .map((word) => word.replace(/e?s$/, ''));
  const others = new Set(linesOf(dish).flatMap(({ item }) => wordsIn(item)));
  return matched(component, book).some(({ line, fact }) => {
    if (!fact.kinds.some((kind) => FLESH.includes(kind)) || STABLE.has(fact.name) || fact.label) return false;
    if (READY.test(lineWords(line)) || NO_PIECE.test(line.item)) return false;
    const own = new Set(wordsIn(line.item));
    /** "Boil the rice": what the verb cooks is something else. */
    const cooksAnother = (object: string) => wordsIn(object).some((word) => others.has(word) && !own.has(word));
    return !dish.method.some((step) => {
      const { text } = step;
      const hot = heatsThrough(step);
      if (!COOKS_FLESH.test(text) && !hot) return false;
      if (wordsIn(text).some((word) => own.has(word))) return true;
      // "Into the simmering stock": what is dropped in is cooked, not the stock.
      return (
        [...text.matchAll(COOKED_OBJECT)].some(([said, object = '']) => !cooksAnother(object) || /^(?:simmer|boil|poach)ing/i.test(said)) ||
        !COOKED.test(text)
      );
    });
  });
}

/** The step in which what is baked gets a filling or a top that is not baked: from there on it keeps as cream does. */
function filledAfter(steps: readonly MethodStep[]): MethodStep | null {
  const baked = steps.findLastIndex(({ text }) => BAKED.test(text));
  return steps.slice(baked + 1).find(({ text }) => COLD_FILLING.test(text)) ?? null;
}

/** Milk and cream for the flour, above which what is baked sets like a custard or a sauce, and is no bread. Our own. */
const WETTER = 1.6;

/** Grams or millilitres of the ingredients of one sort, as far as they are measured and not counted. */
const measuredOf = (found: ReturnType<typeof matched>, is: (fact: (typeof found)[number]['fact']) => boolean): number =>
  found
    .filter(({ fact }) => is(fact))
    .reduce((all, { line: { amount } }) => {
      const unit = amount ? unitOf(amount.unit) : null;
      return amount && unit && unit.dimension !== 'count' ? all + exact(amount.max).mul(unit.size).valueOf() : all;
    }, 0);
/** Set with egg and milk in a case of pastry: no bread, though it has flour in it. */
const CUSTARDY = /\b(?:quiches?|tarts?|tartlets?|flans?|custards?|clafoutis|cheesecakes?|gratins?|pies?)\b/i;
const COLD_FILLING =
  /\b(?:fill|pipe|top|layer|sandwich|spread|split)\w*\b[^.;]{0,40}\b(?:cream|custard|mousse|mascarpone|curd|ricotta|chantilly)\b/i;

/** Degrees at which egg is cooked through. @source UK Food Standards Agency, guidance on cooking: 70 °C for two minutes */
const SETS_EGG = 70;
const HOT = /\b(?:bake|boil|fry|poach|scramble|cook|simmer)\w*/i;

/** Whether egg is whisked or folded in after the last heat: icing on what is baked. */
function whiskedAfter(steps: readonly MethodStep[]): boolean {
  const hot = steps.findLastIndex(({ text, celsius }) => HOT.test(text) || (celsius !== null && celsius >= SETS_EGG));
  return (
    hot >= 0 && steps.slice(hot + 1).some(({ text }) => /\b(?:whisk|whip|beat|fold)\w*\b[^.;]{0,24}\b(?:egg|white|yolk)s?\b/i.test(text))
  );
}

/** Half of it is oil and it is kept: whatever it is called, what is in it lies under oil. Egg, flour and vinegar make another thing of it. */
function liesInOil(found: ReturnType<typeof matched>, steps: readonly MethodStep[]): boolean {
  const all = measuredOf(found, () => true);
  const another = found.some(({ fact: { name, kinds } }) => kinds.includes('egg') || /flour|vinegar|juice/.test(name));
  return (
    !another &&
    measuredOf(found, ({ name }) => /(?:^| )oil$/.test(name)) * 2 >= all &&
    steps.some(({ text }) => /\b(?:keep|kept|keeps|stor(?:e|ed|es)|jars?|bottles?|lasts?|shelf)\b/i.test(text)) &&
    !steps.some(({ text }) => /\b(?:fry|drain|lift)\w*/i.test(text))
  );
}

export interface Nature {
  readonly kinds: ReadonlySet<FoodKind>;
  /** It has to be kept hot or cold. */
  readonly perishable: boolean;
  /** The step from which on it has to be, where what is baked keeps until it is filled. */
  readonly from: MethodStep | null;
  readonly told: string;
  readonly hazards: readonly DishHazard[];
}

/** What a component is and what can go wrong with it, from its ingredients and the steps that speak of it. */
export function natureOf(dish: DishContent, component: Component, book: FactBook): Nature {
  const found = matched(component, book);
  const steps = stepsOf(dish, component);
  const title = dish.components.length === 1 ? dish.title : '';
  const told = [title, wordsOf(component), ...steps.map(({ text }) => text)].join('. ').replace(CURED_TO_KEEP, ' ');
  const facts = found.map(({ fact }) => fact);
  const kinds = new Set(facts.flatMap((fact) => fact.kinds));
  const cooked =
    steps.some((step) => COOKED.test(step.text) || WARM.test(step.text) || heatsThrough(step)) ||
    /\b(?:cooked|boiled|roasted|braised)\b/i.test(wordsOf(component));
  const bread =
    facts.some(({ name }) => /flour|dough|semolina|ground almonds/.test(name)) &&
    steps.some(({ text }) => BAKED.test(text)) &&
    !(CUSTARDY.test(told) && facts.some(({ kinds, name }) => kinds.includes('milk') && !STABLE.has(name))) &&
    measuredOf(found, ({ kinds, liquid }) => liquid && kinds.includes('milk')) <=
      WETTER * measuredOf(found, ({ name }) => /flour|dough|semolina/.test(name));
  const from = bread ? filledAfter(steps) : null;
  // Bread and cake keep until they are filled.
  const baked = bread && from === null;
  const perishing = facts.filter((fact) => !STABLE.has(fact.name));
  const flesh = perishing.some((fact) => fact.kinds.some((kind) => FLESH.includes(kind)));
  const milk = perishing.some((fact) => fact.kinds.includes('milk') && fact.name !== 'butter');
  // Meringue and the like: whites and sugar, baked or dried through.
  const eggs = perishing.filter((fact) => fact.kinds.includes('egg'));
  const driedOut =
    eggs.every(({ name }) => name === 'egg white') &&
    facts.some(({ name }) => /sugar$/.test(name)) &&
    !facts.some(({ liquid }) => liquid) &&
    steps.some(({ text }) => BAKED.test(text) || /\bdr(?:y|ied)\b[^.;]{0,30}\d/i.test(text));
  const eggOrMilk = milk || (eggs.length > 0 && !driedOut);
  // Out of a tin they are cooked, whatever is done with them here.
  const tinned = found.some(
    ({ fact: { name }, line }) =>
      name === 'chickpeas' || (STARCH.has(name) && /\b(?:tins?|tinned|cans?|canned|drained)\b/i.test(line.written)),
  );
  const starch = tinned || (cooked && facts.some(({ name }) => STARCH.has(name)));
  const madeWet =
    cooked &&
    facts.some(({ name, liquid }) => /stock/.test(name) || (liquid && name === 'water')) &&
    !bread &&
    facts.some(({ kinds: of, exacting }) => of.includes('plant') && !exacting);
  const oil = facts.some(({ name }) => /(?:^| )oil$/.test(name) && !/^(?:chilli)/.test(name));
  const wet = found.some(({ fact, line }) => isFreshVegetable(fact.name, book) && !/\bdried\b/i.test(line.item));
  const underOil =
    oil &&
    wet &&
    (liesInOil(found, steps) ||
      /\boil\b|\bconfit\b/i.test(component.name || (dish.components.length === 1 ? dish.title : '')) ||
      /\b(?:under|below|beneath|submerged in) (?:the |its )?oil\b|\bcover\w* (?:with|in) (?:the |its )?oil\b|\bin oil\b|\b(?:leave|left|keep|kept|stor(?:e|ed)|lie|steep)\b[^.;]{0,20}\bin (?:the|its|their|that) oil\b|\binfuse\w*[^.]{0,40}\boil\b|\boil\b[^.]{0,40}\binfuse/i.test(
        told,
      ) ||
      // Herbs blended with oil, not a soup or a spread that has oil in it.
      (/\bblend\w*[^.]{0,40}\boil\b/i.test(told) && !facts.some(({ name }) => BULK.test(name))));
  const lowOxygen =
    /\bvacuum|\bsous[- ]vide|\bsealed (?:bag|pouch|jar)|\breduced[- ]oxygen|\bbag(?:ged)? and seal|\b(?:under|below|beneath|submerged (?:in|under)|buried (?:in|under)) (?:(?:the|its|their|a layer of|melted) )*fat\b|\b(?:cover|seal)\w* (?:it |them )?(?:with|in|under) (?:(?:(?:the|its|their|a layer of|melted|clarified) )*butter|(?:[a-z]+ ){0,4}fat)\b/i.test(
      told,
    );
  const sprouts = /\bsprout(?:s|ed)\b|\balfalfa\b/i.test(wordsOf(component)) && !/brussels/i.test(wordsOf(component));
  const melon = facts.some(({ name }) => name === 'melon' || name === 'watermelon');
  const hasEgg = facts.some(({ kinds: of, name }) => of.includes('egg') && !/pasteurised|dried/.test(name) && !STABLE.has(name));
  // Boiling syrup poured on whites does not cook them through.
  // Cooked to less than sets it, it is barely cooked: "cook to 65 °C".
  const hotEgg = steps.some(
    ({ text, celsius, heats }) =>
      !(celsius !== null && celsius < SETS_EGG && !/\boven\b|\bbak/i.test(text)) &&
      !(/\b(?:syrup|sugar|caramel)\b/i.test(text) && !/\b(?:bake|custard|cream|milk|poach|scramble)\w*/i.test(text)) &&
      (/\b(?:bake|boil|fry|poach|scramble|cook)\w*/i.test(text) ||
        (celsius !== null && celsius >= SETS_EGG && heats !== 'surface' && heats !== 'sugar')),
  );
  const perishable =
    flesh || (lowOxygen && cooked) || (eggOrMilk && !baked) || (starch && !baked) || madeWet || underOil || sprouts || melon;
  const cookedBefore = (index: number) => steps.slice(0, index).some(({ text }) => COOKED.test(text));
  const reheats = steps.some(
    ({ text }, index) => REHEAT.test(text) && (cookedBefore(index) || !/\bwarm\w* (?:it |them )?(?:to|up)\b/i.test(text)),
  );
  const hazards: DishHazard[] = [];
  if (
    perishable &&
    cooked &&
    (component.keeps.length > 0 ||
      steps.some(isKeptLong) ||
      (reheats && steps.some(({ text }, index) => CHILLED.test(text) && cookedBefore(index))))
  )
    hazards.push('cooked-kept');
  if (hasEgg && ((!hotEgg && !baked) || whiskedAfter(steps))) hazards.push('raw-egg');
  if (
    flesh &&
    (RAW.test(told) ||
      SERVED_RAW.test(told) ||
      /^raw\b/i.test(component.name || title) ||
      component.allowance ||
      eatenRaw(dish, component, book))
  )
    hazards.push('raw-fish-or-meat');
  if (underOil) hazards.push('under-oil');
  if (sprouts || melon) hazards.push('sprouts-or-cut-melon');
  if (lowOxygen) hazards.push('low-oxygen');
  if (reheats) hazards.push('reheated');
  const raw = found.some(
    ({ fact, line }) =>
      perishing.includes(fact) &&
      fact.kinds.some((kind) => FLESH.includes(kind)) &&
      !READY.test(lineWords(line)) &&
      !MADE_OF.test(fact.name),
  );
  if (raw && (cooked || steps.some((step) => COOKS_FLESH.test(step.text) || heatsThrough(step)))) hazards.push('raw-to-cook');
  return { kinds, perishable, from, told, hazards };
}

/** Kept over a night or for days, as steps say it. */
export const KEPT_LONG =
  /\b(?:shelf[- ]life|good for|use (?:with)?in|use by|keep|kept|keeps|store[sd]?|hold|held|leave|left|refrigerat\w*|chill\w*|fridge|cold room|walk[- ]in|larder|cellar|last[s]?)\b[^.;]{0,50}\b(?:over ?night|(?:\d{1,2}|one|two|three|four|five|six|seven|a few|several|an?|some) (?:days?|weeks?|months?)|(?:(?:un)?til|for) (?:tomorrow|(?:[\p{L}]+ ){0,2}the (?:next|following) (?:day|morning|evening|afternoon)|the day after))\b/iu;

/** A night at the least. */
const NIGHT = 720;
const KEEPS =
  /\b(?:keep|kept|keeps|store[sd]?|hold|held|leave|left|refrigerat\w*|chill\w*|fridge|cold room|walk[- ]in|larder|cellar|lasts?|holds|press|weigh(?:t|ed)|matur(?:e|ed|es)|life|jar\w*|bottle\w*|bag\w*|vacuum\w*)\b/i;
/** What is made to get cold for later. */
export const CHILLED = /\b(?:blast[- ]chill\w*|chiller|fridge|refrigerat\w*|cold room|walk[- ]in|chill\w*)\b/i;

/** It is eaten on another day than it is made. */
export const NEXT_DAY =
  /\b(?:better|best|nicer|eat(?:en)?|serv(?:e|ed)|us(?:e|ed)|finish(?:ed)?|fry|slice|unmould|turn out|cut) (?:it |them )?(?:on )?(?:tomorrow|(?:the )?(?:next|following) (?:day|morning|evening)|(?:a|the) day (?:later|after))\b/i;

/** Whether a step keeps what is cooked over a night or for days, or cooks it the day before. */
const isKeptLong = ({ text }: MethodStep): boolean =>
  KEPT_LONG.test(text) ||
  (NEXT_DAY.test(text) && !MEANT_TO_LIE.test(text)) ||
  (COOKED.test(text) && DAY_BEFORE.test(text)) ||
  (KEEPS.test(text) && !COOKED.test(text) && Math.max(0, ...minutesNamed(text)) >= NIGHT && !MEANT_TO_LIE.test(text));
/** Before it is cooked. */
const MEANT_TO_LIE = /\b(?:soak|salt|marinat|brin(?:e|ed|ing)|cur(?:e|ed|ing)|freez|frozen|ferment)\w*/i;

/** Done so long before that it lies over a night. */
export const DAY_BEFORE = /\b(?:the )?(?:day|night|evening) (?:before|ahead)\b|\bthe previous (?:day|night|evening)\b/i;

export const REHEAT =
  /\bre-?heat\w*|(?<!\b(?:keep|kept|hold|held|stay) (?:it |them )?)\bwarm(?:ed)? (?:it |them )?(?:through|again|up|to(?= \d{2,3}\s?°))\b|\bheat(?:ed)? (?:it |them )?(?:through|again)\b|\bbr(?:ing|ought) (?:it |them )?back (?:up )?to (?:temperature|heat|a? ?core|\d)|\bre-?warm\w*|\bregenerat\w*/i;

const HERBS_AND_VEGETABLES =
  /garlic|basil|parsley|thyme|rosemary|sage|chives|tarragon|chervil|dill|mint|coriander|chilli|pepper$|tomato|onion|shallot|mushroom|aubergine|courgette|artichoke|lemon|ginger|herb|truffle|leek|celer|fennel|carrot|oregano|marjoram|savory|lovage|sorrel|horseradish/;
const BULK = /tomato|cucumber|aubergine|courgette|bread|yoghurt|stock|^water$|beans?$|chickpea|lentil|(?:red|green|bell|sweet) pepper/;
const isFreshVegetable = (name: string, book: FactBook) =>
  HERBS_AND_VEGETABLES.test(name) && book.named(name) !== null && !/dried|peppercorn|^pepper$/.test(name);

/** What each component of a dish can go wrong by, from its ingredients and steps, also where it has no step. */
export function dishHazards(dish: DishContent, book: FactBook = SHIPPED_BOOK): readonly ComponentHazards[] {
  return dish.components.map((component) => ({
    componentId: component.id,
    name: component.name || dish.title,
    hazards: natureOf(dish, component, book).hazards,
  }));
}
