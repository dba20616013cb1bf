import { crossReacting, isAllergen, isDiet, type Allergen, type Diet, type Needs } from '../allergens';
import { exact, type ExactText } from '../exact';
import { allergensOf, dietOf, SHIPPED_BOOK, type FactBook } from '../ingredients';
import { plain } from '../text';
import { SUBSTITUTIONS } from './table';

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

interface Row extends Substitute {
  readonly fact: string;
  readonly needs: readonly (Allergen | Diet)[];
}

const ROWS: readonly Row[] = SUBSTITUTIONS.trim()
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
  const facts = book.read(item).found.map(({ fact }) => fact);
  const names = new Set(facts.map(({ name }) => plain(name)));
  const unmade = facts.filter(({ label }) => !label);
  const groups = new Set(
    unmade.flatMap(({ kinds, allergens }) => [...kinds.map((kind) => `kind: ${kind}`), ...allergens.map((each) => `holds: ${each}`)]),
  );
  const fit = ROWS.filter((row) => row.needs.includes(need) && !holds(row.item, need, book));
  const named = fit.filter((row) => names.has(plain(row.fact)));
  return (named.length > 0 ? named : fit.filter((row) => groups.has(row.fact))).map(
    ({ item: instead, function: does, ratio, changes }) => ({ item: instead, function: does, ratio, changes }),
  );
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
