import { exact, exactText, fromDecimal, isExactText, type Exact, type ExactText } from '../exact';
import { isAllergen, type Allergen } from '../allergens';
import { findUnit, unitOf, type UnitCode } from '../quantity';
import type { FieldRefused } from '../words';
import { SHIPPED_FACTS, SHIPPED_TRIM } from './shipped';

export const ORIGINS = ['plant', 'dairy', 'egg', 'fish', 'meat', 'honey', 'alcohol'] as const;
export type Origin = (typeof ORIGINS)[number];

/** What is known of one ingredient, as it is stored and sent. Figures without a measurement of one's own are estimates. */
export interface IngredientFact {
  readonly name: string;
  readonly otherNames: readonly string[];
  /** Grams in a millilitre, or null where nobody measures it by volume. */
  readonly density: ExactText | null;
  /** Grams of one, by the unit it is counted in. */
  readonly gramsOfOne: readonly { readonly unit: UnitCode; readonly grams: ExactText }[];
  /** What is left of a kilogram as bought, by preparation. */
  readonly trim: readonly { readonly preparation: string; readonly fraction: ExactText }[];
  readonly allergens: readonly Allergen[];
  readonly mayContain: readonly Allergen[];
  readonly origin: Origin;
  /** A strong spice: scaled tapered. */
  readonly strong: boolean;
  /** What one kilogram, litre or piece costs the school; null where nobody has said. */
  readonly price: { readonly amount: ExactText; readonly per: 'kg' | 'l' | 'each' } | null;
  readonly source: string;
}

const MEASURES =
  'Household measures, USDA FoodData Central, rounded; allergens: Regulation (EU) 1169/2011, Annex II, for the plain ingredient.';
const TRIMS = ' Trim yields: USDA Agriculture Handbook 102, rounded.';

const decimal = (cell: string): ExactText => exactText(fromDecimal(Number(cell), 4));
const split = (cell: string) => cell.split(',').filter(Boolean);

function rows(table: string): string[][] {
  return table
    .trim()
    .split('\n')
    .map((row) => row.split('|').map((cell) => cell.trim()));
}

const trims = new Map(
  rows(SHIPPED_TRIM).map(([name = '', cell = '']) => [
    name,
    split(cell).map((pair) => {
      const [preparation = '', fraction = ''] = pair.split(':');
      return { preparation, fraction: decimal(fraction) };
    }),
  ]),
);

function parseRow([name = '', others = '', density = '', ofOne = '', marks = '', origin = 'plant']: string[]): IngredientFact {
  const trim = trims.get(name) ?? [];
  return {
    name,
    otherNames: split(others),
    density: density ? decimal(density) : null,
    gramsOfOne: split(ofOne).map((pair) => {
      const [unit = '', grams = ''] = pair.split(':');
      return { unit: unitOf(unit as UnitCode).code, grams: decimal(grams) };
    }),
    trim,
    allergens: split(marks).filter(isAllergen),
    mayContain: [],
    origin: origin as Origin,
    strong: split(marks).includes('strong'),
    price: null,
    source: MEASURES + (trim.length > 0 ? TRIMS : ''),
  };
}

/** Every ingredient fact that ships with Pelvo. */
export const SHIPPED: readonly IngredientFact[] = rows(SHIPPED_FACTS).map(parseRow);

/** What is wrong with a fact a person has typed; empty when it can be taken. */
export function checkFact(fact: IngredientFact): readonly FieldRefused[] {
  const problems: FieldRefused[] = [];
  const positive = (field: string, text: ExactText, most?: number) => {
    const value: Exact | null = isExactText(text) ? exact(text) : null;
    if (!value || value.compare(0) <= 0)
      problems.push({ field, problem: { code: 'no.not-above-nothing' }, remedy: { code: 'do.number-above-nothing' } });
    else if (most !== undefined && value.compare(most) > 0)
      problems.push({ field, problem: { code: 'no.cannot-be-more', most }, remedy: { code: 'do.fraction-at-most', most } });
  };
  if (fact.density !== null) positive('density', fact.density, 25);
  fact.gramsOfOne.forEach(({ grams, unit }, index) => {
    positive(`gramsOfOne.${index}.grams`, grams);
    if (findUnit(unit)?.dimension === 'mass')
      problems.push({
        field: `gramsOfOne.${index}.unit`,
        problem: { code: 'no.weight-of-weight' },
        remedy: { code: 'do.counted-unit' },
      });
  });
  fact.trim.forEach(({ fraction }, index) => positive(`trim.${index}.fraction`, fraction, 1));
  if (fact.price) positive('price.amount', fact.price.amount);
  const both = fact.mayContain.filter((allergen) => fact.allergens.includes(allergen));
  if (both.length > 0)
    problems.push({ field: 'mayContain', problem: { code: 'no.contained-already', allergens: both }, remedy: { code: 'do.one-of-two' } });
  return problems;
}
