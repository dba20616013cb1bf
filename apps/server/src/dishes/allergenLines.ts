import { dishAllergens, named, type Allergen, type AllergenList, type DishContent, type FactBook } from '@pelvo/core';

interface AllergensBy {
  readonly book: FactBook;
  /** Formulas of sub-preparations, by edition id. */
  readonly preparations: ReadonlyMap<string, DishContent>;
  readonly allergenList: AllergenList;
}

/** What a dish contains, may contain, and what is not known, as paper says it: nothing is claimed absent that is not known. */
export function allergenLines(dish: DishContent, { book, preparations, allergenList }: AllergensBy): readonly string[] {
  const { contains, mayContain, notKnown, labels } = dishAllergens([dish], { book, preparations });
  const ofList = (found: readonly { readonly allergen: Allergen }[]) =>
    named(
      found.map(({ allergen }) => allergen),
      allergenList,
    ).join(', ');
  return [
    `Contains: ${ofList(contains) || 'none that is known'}`,
    ...(mayContain.length > 0 ? [`May contain: ${ofList(mayContain)}`] : []),
    ...(notKnown.length > 0 ? [`Not known: ${notKnown.join(', ')}`] : []),
    ...(labels.length > 0 ? [`Read the label: ${labels.join(', ')}`] : []),
  ];
}
