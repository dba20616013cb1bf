import type { Allergen, Diet } from '../allergens';
import { isAllergen, isDiet } from '../allergens';
import { exact, type ExactText } from '../exact';
import { SHIPPED_BOOK, type FactBook } from '../ingredients';
import { plain } from '../text';

/** Something that can stand in for an ingredient, how much of it, and what it does to the result. */
export interface Substitute {
  readonly item: string;
  /** Amount of the substitute for one of the original. */
  readonly ratio: ExactText;
  readonly changes: string;
}

/**
 * Kitchen substitutions: ingredient (by fact) | needs it answers | instead | ratio | what changes.
 * Ours, from common practice; each is tried before it is served, and the label of the substitute decides.
 */
const TABLE = `
butter | milk, vegan | plant margarine | 1 | less flavour, softer when cold
butter | milk, vegan | olive oil | 4/5 | no setting when cold; taste of olive
cream | milk, vegan | oat cream | 1 | thinner, does not whip; reduce a little longer
cream | milk | coconut milk | 1 | sweet coconut taste
creme fraiche | milk, vegan | soya yoghurt | 1 | splits when boiled: stir in off the heat
milk | milk, vegan | oat milk | 1 | sweeter; contains gluten
milk | milk, vegan, gluten | soya milk | 1 | beany when raw; contains soya
yoghurt | milk, vegan | soya yoghurt | 1 | less sour; contains soya
parmesan | milk, vegan | toasted yeast flakes | 1/2 | savoury but does not melt
cheese | milk, vegan | smoked tofu | 1 | does not melt; contains soya
halloumi | milk, vegan | firm tofu | 1 | press and salt it first; contains soya
hazelnuts | nuts | toasted pumpkin seeds | 1 | greener taste, as crisp
almonds | nuts | toasted sunflower seeds | 1 | greyer when ground
walnuts | nuts | toasted pumpkin seeds | 1 | less bitter
hazelnut oil | nuts | rapeseed oil | 1 | no nut flavour: toast some seeds in it
walnut oil | nuts | rapeseed oil | 1 | no nut flavour
flour | gluten | gluten-free flour blend | 1 | thickens alike; doughs need a binder and tear
bread | gluten | gluten-free bread | 1 | drier, colours faster
barley | gluten | short grain rice | 1 | cooks in half the time; softer
pasta | gluten | rice pasta | 1 | breaks sooner: shorter boil
egg yolk | egg, vegan | cornflour | 1/2 | thickens without richness: 9 g for a yolk of 18 g
egg | egg, vegan | chickpea flour | 1/2 | binds with as much water; no rise
mustard | mustard | horseradish | 1/2 | sharp without mustard; contains sulphites
celery | celery | fennel | 1 | aniseed note
sesame seeds | sesame | poppy seeds | 1 | less oily
tahini | sesame | sunflower seed paste | 1 | greyer, less bitter
soy sauce | soya, gluten | coconut seasoning sauce | 1 | sweeter, less salt
white wine | no alcohol, sulphites | verjuice | 1 | sharper: less lemon elsewhere
red wine | no alcohol, sulphites | grape juice with vinegar | 1 | sweeter: one part vinegar to seven of juice
port | no alcohol, sulphites | grape juice reduced by half | 1 | no warmth of alcohol
cider | no alcohol, sulphites | apple juice | 1 | sweeter: add a few drops of vinegar
trout fillet | fish, vegetarian, vegan | firm tofu | 1 | poach shorter; contains soya
anchovy fillets | fish, vegetarian, vegan | capers | 1 | salt without depth
mussels | molluscs | oyster mushrooms | 1/4 | no shells: a quarter of the weight
duck breast | vegetarian, vegan | king oyster mushroom | 1 | sears like meat; no fat to render
gelatine | vegetarian, vegan | agar | 1/3 | sets firmer and sooner; must boil
honey | vegan | maple syrup | 1 | thinner
`;

interface Row extends Substitute {
  readonly fact: string;
  readonly needs: readonly (Allergen | Diet)[];
}

const ROWS: readonly Row[] = TABLE.trim()
  .split('\n')
  .map((row) => {
    const [fact = '', needs = '', item = '', ratio = '', changes = ''] = row.split('|').map((cell) => cell.trim());
    return {
      fact,
      needs: needs.split(', ').filter((word): word is Allergen | Diet => isAllergen(word) || isDiet(word)),
      item,
      ratio,
      changes,
    };
  });

/** What can stand in for an item where it goes against a need, by the ingredients named in it. */
export function proposeSubstitutes(item: string, need: Allergen | Diet, book: FactBook = SHIPPED_BOOK): readonly Substitute[] {
  const names = new Set(book.within(item).map((fact) => plain(fact.name)));
  return ROWS.filter((row) => names.has(plain(row.fact)) && row.needs.includes(need)).map(({ item: instead, ratio, changes }) => ({
    item: instead,
    ratio,
    changes,
  }));
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

/** Whether a ratio makes sense. */
export function isRatio(ratio: ExactText): boolean {
  return exact(ratio).compare(0) > 0;
}
