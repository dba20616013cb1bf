import { fromDecimal, type Exact } from '../exact';
import { isAllergen, type Allergen, type Diet } from '../allergens';
import { inUnit, unitOf, type Dimension, type Quantity, type UnitCode } from '../quantity';
import { SHIPPED_FACTS } from './shipped';

export type Origin = 'plant' | 'dairy' | 'egg' | 'fish' | 'meat' | 'honey' | 'alcohol';

/** What is known of one ingredient. Figures are estimates from household measures; see `shipped.ts` for sources. */
export interface IngredientFact {
  readonly name: string;
  readonly otherNames: readonly string[];
  /** Grams in a millilitre, or null where nobody measures it by volume. */
  readonly density: Exact | null;
  /** Grams of one, by the unit it is counted in. */
  readonly gramsOfOne: ReadonlyMap<UnitCode, Exact>;
  readonly allergens: readonly Allergen[];
  readonly origin: Origin;
  /** A strong spice: scaled tapered. */
  readonly strong: boolean;
}

function parseRow(row: string): IngredientFact {
  const [name = '', others = '', density = '', ofOne = '', marks = '', origin = 'plant'] = row.split('|').map((cell) => cell.trim());
  const split = (cell: string) => cell.split(',').filter(Boolean);
  return {
    name,
    otherNames: split(others),
    density: density ? fromDecimal(Number(density), 4) : null,
    gramsOfOne: new Map(
      split(ofOne).map((pair) => {
        const [unit, grams] = pair.split(':');
        return [unitOf(unit as UnitCode).code, fromDecimal(Number(grams), 4)];
      }),
    ),
    allergens: split(marks).filter(isAllergen),
    strong: split(marks).includes('strong'),
    origin: origin as Origin,
  };
}

/** Every ingredient fact that ships with Pelvo. */
export const INGREDIENT_FACTS: readonly IngredientFact[] = SHIPPED_FACTS.trim().split('\n').map(parseRow);

const byName = new Map<string, IngredientFact>();
for (const fact of INGREDIENT_FACTS) for (const name of [fact.name, ...fact.otherNames]) byName.set(plain(name), fact);

function plain(text: string): string {
  return text
    .toLowerCase()
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[^a-z0-9 ]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

function singular(word: string): string {
  if (word.length > 4 && word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (word.length > 4 && /(?:oes|ches|shes|sses|xes)$/.test(word)) return word.slice(0, -2);
  if (word.endsWith('leaves')) return `${word.slice(0, -6)}leaf`;
  if (word.length > 3 && word.endsWith('s') && !/(?:ss|us|is)$/.test(word)) return word.slice(0, -1);
  return word;
}

/**
 * The key under which lines of one ingredient meet in an order: lower case, no accents, singular.
 *
 * @example itemKey('Red Onions') === itemKey('red onion') // true
 */
export function itemKey(item: string): string {
  const key = plain(item);
  const fact = byName.get(key);
  // A plural spelling of a known ingredient meets its singular; a different variety ("red onion") does not.
  if (fact && singular(key) === singular(plain(fact.name))) return plain(fact.name);
  return key.split(' ').map(singular).join(' ');
}

/**
 * The fact that fits an item as written: the whole name, else the longest run of words at its end or start.
 *
 * @returns null when nothing is known
 * @example findFact('dry white wine')?.name // 'white wine'
 */
export function findFact(item: string): IngredientFact | null {
  const words = plain(item).split(' ');
  for (let length = words.length; length > 0; length -= 1) {
    for (const start of [words.length - length, 0]) {
      const run = words.slice(start, start + length);
      const found = byName.get(run.join(' ')) ?? byName.get(run.map(singular).join(' '));
      if (found) return found;
    }
  }
  return null;
}

/** Why two units of one ingredient could not be brought together, and what fact would do it. */
export interface MissingFact {
  readonly item: string;
  readonly need: 'density' | 'weight of one';
  readonly unit: UnitCode;
}

export interface Bridged {
  readonly quantity: Quantity;
  /** The fact that was used, for the working; null when only units changed. */
  readonly by: string | null;
}

/** The weight of one piece as its own line gives it, e.g. "about 250 g each". */
export interface OneOf {
  readonly value: Exact;
  readonly unit: UnitCode;
}

/**
 * Brings a quantity of an ingredient to grams: by the weight of one from the line itself, else from the facts, or by
 * density.
 */
export function toGrams(item: string, quantity: Quantity, one: OneOf | null): Bridged | MissingFact {
  const unit = unitOf(quantity.unit);
  const fact = findFact(item);
  switch (unit.dimension) {
    case 'mass':
      return { quantity: inUnit(quantity, 'g'), by: null };
    case 'volume': {
      if (!fact?.density) return { item, need: 'density', unit: quantity.unit };
      const millilitres = inUnit(quantity, 'ml').value;
      return {
        quantity: { value: millilitres.mul(fact.density), unit: 'g' },
        by: `${fact.name} weighs about ${fact.density.valueOf()} g a ml`,
      };
    }
    case 'count': {
      if (one && unitOf(one.unit).dimension === 'mass') {
        const grams = inUnit({ value: one.value, unit: one.unit }, 'g').value;
        return { quantity: { value: quantity.value.mul(grams), unit: 'g' }, by: `${grams.valueOf()} g each, as written` };
      }
      const grams = fact?.gramsOfOne.get(quantity.unit);
      if (!grams) return { item, need: 'weight of one', unit: quantity.unit };
      return {
        quantity: { value: quantity.value.mul(grams), unit: 'g' },
        by: `one ${fact?.name ?? item}${unit.one ? ` ${unit.one}` : ''} weighs about ${grams.valueOf()} g`,
      };
    }
  }
}

export function isMissingFact(result: Bridged | MissingFact): result is MissingFact {
  return 'need' in result;
}

/** The dimension in which an ingredient is usually bought: liquids by volume, the rest as it comes. */
export function isLiquid(item: string): boolean {
  const fact = findFact(item);
  if (!fact?.density) return false;
  const density = fact.density.valueOf();
  return density >= 0.9 && density <= 1.1 && fact.gramsOfOne.size === 0 && !/butter|mayonnaise|mustard/.test(fact.name);
}

/** All facts whose names stand in an item as written, longest names first, no word used twice. */
function factsIn(words: readonly string[]): IngredientFact[] {
  for (let length = words.length; length > 0; length -= 1) {
    for (let start = 0; start + length <= words.length; start += 1) {
      const run = words.slice(start, start + length);
      const found = byName.get(run.join(' ')) ?? byName.get(run.map(singular).join(' '));
      if (found) return [found, ...factsIn(words.slice(0, start)), ...factsIn(words.slice(start + length))];
    }
  }
  return [];
}

/**
 * Allergens an item contains by what is known of every ingredient named in it; nothing is claimed when `known` is false.
 *
 * @example allergensOf('toasted hazelnuts with butter').allergens // ['nuts', 'milk']
 */
export function allergensOf(item: string): { readonly known: boolean; readonly allergens: readonly Allergen[] } {
  const facts = factsIn(plain(item).split(' '));
  return { known: facts.length > 0, allergens: [...new Set(facts.flatMap((fact) => fact.allergens))] };
}

const AGAINST: Readonly<Record<Diet, readonly Origin[]>> = {
  vegetarian: ['meat', 'fish'],
  vegan: ['meat', 'fish', 'dairy', 'egg', 'honey'],
  'no alcohol': ['alcohol'],
};

/** Whether an item goes against a diet by what is known of it. */
export function goesAgainst(item: string, diet: Diet): boolean {
  return factsIn(plain(item).split(' ')).some((fact) => AGAINST[diet].includes(fact.origin));
}

/** Whether a dimension makes sense for an item: "2 flour" does not. */
export function isCountable(item: string): boolean {
  const fact = findFact(item);
  if (!fact) return true;
  return fact.gramsOfOne.size > 0 || fact.density === null;
}

export type { Dimension };
