import { crossReacting, isAllergen, isDiet, type Allergen, type Diet, type Needs } from '../allergens';
import { exact, type ExactText } from '../exact';
import { allergensOf, dietOf, SHIPPED_BOOK, type FactBook } from '../ingredients';
import { plain } from '../text';

/**
 * What an ingredient does in a dish; what stands in for it, and how much, depends on which of these is meant. A yolk that thickens is
 * replaced by starch, one that emulsifies by lecithin or mustard.
 */
export const FUNCTIONS = ['as it is', 'thickens', 'emulsifies', 'sets', 'binds', 'raises', 'foams', 'colours', 'enriches'] as const;
export type IngredientFunction = (typeof FUNCTIONS)[number];

/** Something that can stand in for an ingredient, how much of it, and what it does to the result. */
export interface Substitute {
  readonly item: string;
  readonly function: IngredientFunction;
  /** Amount of the substitute for one of the original, by mass; by volume where both are measured so. */
  readonly ratio: ExactText;
  readonly changes: string;
}

/**
 * Kitchen substitutions: ingredient (by fact) | needs it answers | what it does there | instead | ratio | what changes.
 * Ours, from common practice; each is tried before it is served, and the label of the substitute decides. Every row is held against
 * the facts of what is put in, so none answers a need that it goes against itself.
 */
const TABLE = `
butter | milk, vegan | as it is | margarine | 1 | less flavour, softer when cold
butter | milk, vegan | enriches | olive oil | 4/5 | no setting when cold; taste of olive
cream | milk, vegan | as it is | oat cream | 1 | thinner, does not whip; reduce a little longer
cream | milk, vegan | as it is | coconut milk | 1 | sweet coconut taste
creme fraiche | milk, vegan | as it is | soya cream | 1 | splits when boiled: stir in off the heat
milk | milk, vegan | as it is | oat milk | 1 | sweeter; contains gluten
milk | milk, vegan, gluten | as it is | soya milk | 1 | beany when raw; contains soya
yoghurt | milk, vegan | as it is | soya cream | 1 | less sour; contains soya
parmesan | milk, vegan, vegetarian | as it is | toasted yeast flakes | 1/2 | savoury but does not melt
comte | milk, vegan, vegetarian | as it is | smoked tofu | 1 | does not melt; contains soya
cheese | milk, vegan | as it is | smoked tofu | 1 | does not melt; contains soya
cheddar | milk, vegan | as it is | smoked tofu | 1 | does not melt; contains soya
halloumi | milk, vegan | as it is | firm tofu | 1 | press and salt it first; contains soya
hazelnuts | nuts | as it is | toasted pumpkin seeds | 1 | greener taste, as crisp
almonds | nuts | as it is | toasted sunflower seeds | 1 | greyer when ground
flaked almonds | nuts | as it is | toasted sunflower seeds | 1 | browner, less crisp
ground almonds | nuts | as it is | ground sunflower seeds | 1 | greyer; greens with bicarbonate
walnuts | nuts | as it is | toasted pumpkin seeds | 1 | less bitter
almond oil | nuts | as it is | rapeseed oil | 1 | no nut flavour: toast some seeds in it
flour | gluten | as it is | gluten free flour blend | 1 | thickens alike; doughs need a binder and tear
flour | gluten | thickens | cornflour | 1/2 | clear, thins when boiled long
bread | gluten | as it is | gluten free bread | 1 | drier, colours faster; contains egg
breadcrumbs | gluten | as it is | polenta | 1 | grainier crust
barley | gluten | as it is | short grain rice | 1 | cooks in half the time; softer
pasta | gluten | as it is | gluten free pasta | 1 | breaks sooner: shorter boil
egg pasta | egg, vegan | as it is | dried pasta | 7/10 | less rich, longer boil
egg yolk | egg, vegan | thickens | cornflour | 1/2 | thickens without richness; boil it once
egg yolk | egg | emulsifies | sunflower lecithin | 1/20 | holds as much oil; no taste or colour
egg yolk | egg, vegan | sets | agar | 1/20 | sets cold and cuts clean; must boil
egg yolk | egg, vegan | colours | turmeric | 1/100 | colour only
egg yolk | egg, vegan | enriches | olive oil | 1/2 | richness only
egg | egg, vegan | binds | chickpea flour | 1/2 | binds with as much water; no rise
egg | egg, vegan | raises | baking powder | 1/12 | rise only: add 45 ml of water for each egg
egg white | egg, vegan | foams | aquafaba | 1 | whips longer, weeps sooner
egg white | egg, vegan | binds | cornflour | 1/4 | coats as well; no foam
mustard | mustard | as it is | wasabi paste | 1/2 | sharp; its label often says mustard
mustard | mustard | emulsifies | sunflower lecithin | 1/10 | holds the oil; no sharpness
celery | celery | as it is | fennel | 1 | aniseed note
celeriac | celery | as it is | parsley root | 1 | sweeter, firmer
sesame seeds | sesame | as it is | poppy seeds | 1 | less oily
tahini | sesame | as it is | sunflower seed paste | 1 | greyer, less bitter
soy sauce | soya, gluten | as it is | coconut seasoning sauce | 1 | sweeter, less salt
soy sauce | gluten | as it is | tamari | 1 | darker, rounder
white wine | no alcohol, sulphites | as it is | verjuice | 1 | sharper: less lemon elsewhere
red wine | no alcohol, sulphites | as it is | grape juice | 1 | sweeter: one part vinegar to seven of juice
port | no alcohol, sulphites | as it is | grape juice | 2 | reduce it by half first
cider | no alcohol, sulphites | as it is | apple juice | 1 | sweeter: add a few drops of vinegar
brandy | no alcohol | as it is | apple juice | 1 | no warmth of alcohol
trout fillet | fish, vegetarian, vegan | as it is | firm tofu | 1 | poach shorter; contains soya
trout | fish, vegetarian, vegan | as it is | firm tofu | 1 | poach shorter; contains soya
anchovy fillets | fish, vegetarian, vegan | as it is | capers | 1 | salt without depth
mussels | molluscs, vegetarian, vegan | as it is | oyster mushrooms | 1/4 | no shells: a quarter of the weight
duck breast | vegetarian, vegan | as it is | king oyster mushrooms | 1 | sears like meat; no fat to render
bacon | vegetarian, vegan, no pork | as it is | smoked tofu | 1 | contains soya; fry it crisp in oil
lard | vegetarian, vegan, no pork | as it is | shortening | 1 | less flavour
suet | vegetarian, vegan, no beef | as it is | vegetable suet | 1 | melts sooner
gelatine | vegetarian, vegan, no pork, no beef | sets | agar | 1/3 | sets firmer and sooner; must boil
powdered gelatine | vegetarian, vegan, no pork, no beef | sets | agar | 1/3 | sets firmer and sooner; must boil
honey | vegan | as it is | maple syrup | 1 | thinner
`;

interface Row extends Substitute {
  readonly fact: string;
  readonly needs: readonly (Allergen | Diet)[];
}

const ROWS: readonly Row[] = TABLE.trim()
  .split('\n')
  .map((row) => {
    const [fact = '', needs = '', does = '', item = '', ratio = '', changes = ''] = row.split('|').map((cell) => cell.trim());
    return {
      fact,
      needs: needs.split(', ').filter((word): word is Allergen | Diet => isAllergen(word) || isDiet(word)),
      function: does as IngredientFunction,
      item,
      ratio,
      changes,
    };
  });

/**
 * What can stand in for an item where it goes against a need, by the ingredients named in it; what goes against the same need by the
 * school's facts is left out. Several where it depends on what the ingredient does in the dish.
 */
export function proposeSubstitutes(item: string, need: Allergen | Diet, book: FactBook = SHIPPED_BOOK): readonly Substitute[] {
  const names = new Set(book.read(item).found.map(({ fact }) => plain(fact.name)));
  return ROWS.filter((row) => names.has(plain(row.fact)) && row.needs.includes(need))
    .filter((row) => !holds(row.item, need, book))
    .map(({ item: instead, function: does, ratio, changes }) => ({ item: instead, function: does, ratio, changes }));
}

const holds = (item: string, need: Allergen | Diet, book: FactBook): boolean =>
  isAllergen(need) ? allergensOf(item, book).allergens.includes(need) : dietOf(item, need, book) === 'against';

/** Why something that is put in is refused or asked about. */
export interface SubstituteDoubt {
  readonly need: Allergen | Diet;
  readonly because: 'contains' | 'may contain' | 'reacts alike' | 'not known';
  /** The allergen in it that reacts like the one that is named. */
  readonly by: Allergen | null;
}

export interface SubstituteVerdict {
  /** It holds what someone who eats the same making must or will not eat. */
  readonly refused: readonly SubstituteDoubt[];
  /** It may hold it, often reacts alike, or is not known: a person who knows the label decides. */
  readonly asked: readonly SubstituteDoubt[];
}

/**
 * What is put in, held against everyone who eats the same making, by the facts of what is put in.
 *
 * @example judgeSubstitute('soya milk', [{ allergens: ['soya'], diets: [], note: '' }]).refused[0]?.need // 'soya'
 */
export function judgeSubstitute(item: string, eaters: readonly Needs[], book: FactBook = SHIPPED_BOOK): SubstituteVerdict {
  const { allergens, mayContain, known } = allergensOf(item, book);
  const refused: SubstituteDoubt[] = [];
  const asked: SubstituteDoubt[] = [];
  for (const need of new Set(eaters.flatMap((eater) => eater.allergens))) {
    const alike = crossReacting(need).find((other) => allergens.includes(other));
    if (allergens.includes(need)) refused.push({ need, because: 'contains', by: need });
    else if (mayContain.includes(need)) asked.push({ need, because: 'may contain', by: need });
    else if (alike) asked.push({ need, because: 'reacts alike', by: alike });
    else if (known !== 'known') asked.push({ need, because: 'not known', by: null });
  }
  for (const need of new Set(eaters.flatMap((eater) => eater.diets))) {
    const answer = dietOf(item, need, book);
    if (answer === 'against') refused.push({ need, because: 'contains', by: null });
    else if (answer === 'perhaps') asked.push({ need, because: 'may contain', by: null });
    else if (answer === 'open') asked.push({ need, because: 'not known', by: null });
  }
  return { refused, asked };
}

/** A substitution in a lesson: which line of which edition, by what, for how many makings of the teams. */
export interface LineSubstitution {
  readonly editionId: string;
  readonly lineId: string;
  readonly item: string;
  readonly ratio: ExactText;
  /** Teams whose making it concerns; `all` for everyone's, the demonstration and second tries too. */
  readonly makings: number | 'all';
  /** The need it answers, in words; never a name, since whoever buys and weighs reads it too. */
  readonly reason: string;
}

/**
 * What speaks against putting something in, for those who would eat it: everyone, where it is for all makings; else those who cannot
 * eat what it replaces, of whom it has to suit one at least. Empty where nothing does.
 *
 * @param instead - the item it replaces
 * @param eaters - needs of everyone who eats in the lesson
 */
export function substitutionRefused(
  { item, makings }: Pick<LineSubstitution, 'item' | 'makings'>,
  instead: string,
  eaters: readonly Needs[],
  book: FactBook = SHIPPED_BOOK,
): readonly SubstituteDoubt[] {
  if (makings === 'all') return judgeSubstitute(item, eaters, book).refused;
  const meant = eaters.filter((eater) => {
    const { refused, asked } = judgeSubstitute(instead, [eater], book);
    return refused.length > 0 || asked.some(({ because }) => because === 'may contain');
  });
  const against = meant.map((eater) => judgeSubstitute(item, [eater], book).refused);
  return against.some((refused) => refused.length === 0) ? [] : [...new Map(against.flat().map((each) => [each.need, each])).values()];
}

/** Whether a ratio makes sense. */
export function isRatio(ratio: ExactText): boolean {
  return exact(ratio).compare(0) > 0;
}
