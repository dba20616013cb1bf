import { exact, exactText, fromDecimal, isExactText, type Exact, type ExactText } from '../exact';
import { isAllergen, type Allergen } from '../allergens';
import { findUnit, unitOf, type UnitCode } from '../quantity';
import type { FieldRefused } from '../words';
import { MOST_GAIN } from './gain';
import { FOOD_KINDS, type FoodKind } from './kinds';
import { COOKED, TABLES, TRIM } from './shipped';

/**
 * How counted pieces are given to several makings: `whole` to each (a fish, a bay leaf); `shared`, cut and passed on, a making's
 * part coming from one piece (a celeriac, a lemon); `weighed`, measured out once broken up (egg white).
 */
export const PIECES = ['whole', 'shared', 'weighed'] as const;
export type Piece = (typeof PIECES)[number];

/** What is known of one ingredient, as it is stored and sent. Figures without a measurement of one's own are estimates. */
export interface IngredientFact {
  readonly name: string;
  readonly otherNames: readonly string[];
  /** Grams in a millilitre, or null where nobody measures it by volume. */
  readonly density: ExactText | null;
  /** Whether it is bought and given out by volume. */
  readonly liquid: boolean;
  /** Grams of one, by the unit it is counted in and by its size or grade; the size is empty where none is said. */
  readonly gramsOfOne: readonly { readonly unit: UnitCode; readonly size: string; readonly grams: ExactText }[];
  readonly piece: Piece;
  /** What is left of a kilogram as bought, by preparation. */
  readonly trim: readonly { readonly preparation: string; readonly fraction: ExactText }[];
  /** What one part becomes, by mass, by the way it is cooked or soaked: above 1 where it takes up water. */
  readonly cooked: readonly { readonly way: string; readonly factor: ExactText }[];
  readonly allergens: readonly Allergen[];
  readonly mayContain: readonly Allergen[];
  /** What kinds of food are in it; diets follow from them. */
  readonly kinds: readonly FoodKind[];
  /** Kinds that some makers put into it and others do not. */
  readonly mayBe: readonly FoodKind[];
  /** Made, so that only its maker's label says all that it holds. */
  readonly label: boolean;
  /** A strong spice: scaled tapered. */
  readonly strong: boolean;
  /** Salt, curing salt, leavening, gelling and thickening agents: a small rounding changes the result. */
  readonly exacting: boolean;
  /** What one kilogram, litre or piece costs the school; null where nobody has said. */
  readonly price: { readonly amount: ExactText; readonly per: 'kg' | 'l' | 'each' } | null;
  readonly source: string;
}

/** Where each kind of shipped figure comes from, and how sure it is. */
export const FACT_SOURCES = {
  density: {
    what: 'grams in a millilitre',
    source: 'Household measures of USDA FoodData Central, rounded to two figures',
    sure: 'estimate: how it is filled and shaken changes a powder by a tenth and more',
  },
  gramsOfOne: {
    what: 'grams of one',
    source:
      'Household measures of USDA FoodData Central, rounded; eggs by the mid weight of the grades of Regulation (EU) 2023/2465 without shell and yolk to white as one to two, US grades of FoodData Central; leaf gelatine by the usual sheet of each bloom',
    sure: 'estimate: pieces differ by a quarter and more',
  },
  trim: {
    what: 'left after trimming',
    source: 'USDA Agriculture Handbook 102, rounded to the nearest twentieth',
    sure: 'estimate: a school weighs its own',
  },
  cooked: {
    what: 'becomes, cooked or soaked',
    source: 'USDA Agriculture Handbook 102 and USDA Table of Cooking Yields, middle of the range, rounded to the nearest twentieth',
    sure: 'estimate: a tenth more or less',
  },
  allergens: {
    what: 'contains',
    source: 'Regulation (EU) No 1169/2011, Annex II, for the plain ingredient; for made things what is usual',
    sure: 'by definition for plain ingredients; for made things the label decides',
  },
  mayContain: {
    what: 'may contain',
    source: 'what labels of the kind often say, our own reading',
    sure: 'no more than a reason to read the label',
  },
  kinds: { what: 'kind of food', source: 'by definition', sure: 'by definition for plain ingredients; for made things the label decides' },
} as const;

const decimal = (cell: string): ExactText => exactText(fromDecimal(Number(cell), 4));
const split = (cell: string) =>
  cell
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean);

function rows(table: string): string[][] {
  return table
    .trim()
    .split('\n')
    .map((row) => row.split('|').map((cell) => cell.trim()));
}

/** A table of `name | way:number, …` by name. */
const pairsByName = (table: string) =>
  new Map(
    rows(table).map(([name = '', cell = '']) => [
      name,
      split(cell).map((pair) => {
        const [way = '', value = ''] = pair.split(':');
        return { way, value: decimal(value) };
      }),
    ]),
  );

const trims = pairsByName(TRIM);
const cookings = pairsByName(COOKED);

/** @throws RangeError for a cell that names no allergen, kind or mark, so that a slip in a table cannot pass as "free of" */
function among<T extends string>(cell: string, isOne: (word: string) => word is T, row: string): T[] {
  return split(cell).map((word) => {
    if (!isOne(word)) throw new RangeError(`"${word}" in the row of ${row} is not known`);
    return word;
  });
}

const MARKS = ['strong', 'exacting', 'liquid', 'label', ...PIECES] as const;
type Mark = (typeof MARKS)[number];
const isMark = (word: string): word is Mark => (MARKS as readonly string[]).includes(word);
const isKind = (word: string): word is FoodKind => (FOOD_KINDS as readonly string[]).includes(word);

function parseRow(cells: readonly string[], { kind, piece }: { kind: FoodKind; piece: Piece }): IngredientFact {
  const [name = '', others = '', density = '', ofOne = '', contains = '', may = '', kindCell = '', markCell = ''] = cells;
  const [sure = '', perhaps = ''] = kindCell.split(';');
  const marks = new Set(among(markCell, isMark, name));
  const kinds = among(sure, isKind, name);
  return {
    name,
    otherNames: split(others),
    density: density ? decimal(density) : null,
    liquid: marks.has('liquid'),
    gramsOfOne: split(ofOne).map((pair) => {
      const [of = '', grams = ''] = pair.split(':');
      const [unit = '', size = ''] = of.split('/');
      return { unit: unitOf(unit as UnitCode).code, size, grams: decimal(grams) };
    }),
    piece: PIECES.find((each) => marks.has(each)) ?? piece,
    trim: (trims.get(name) ?? []).map(({ way, value }) => ({ preparation: way, fraction: value })),
    cooked: (cookings.get(name) ?? []).map(({ way, value }) => ({ way, factor: value })),
    allergens: among(contains, isAllergen, name),
    mayContain: among(may, isAllergen, name),
    kinds: kinds.length > 0 ? kinds : [kind],
    mayBe: among(perhaps, isKind, name),
    label: marks.has('label'),
    strong: marks.has('strong'),
    exacting: marks.has('exacting'),
    price: null,
    source: marks.has('label') ? 'Ships with Pelvo; made, so its label decides.' : 'Ships with Pelvo; see the sources of its figures.',
  };
}

/** Facts that ship, by the group they stand in. */
export const SHIPPED_GROUPS: readonly { readonly group: string; readonly facts: readonly IngredientFact[] }[] = TABLES.map((table) => ({
  group: table.group,
  facts: rows(table.rows).map((row) => parseRow(row, table)),
}));

/** Every ingredient fact that ships with Pelvo. */
export const SHIPPED: readonly IngredientFact[] = SHIPPED_GROUPS.flatMap(({ facts }) => facts);

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
  fact.cooked.forEach(({ factor }, index) => positive(`cooked.${index}.factor`, factor, MOST_GAIN));
  if (fact.price) positive('price.amount', fact.price.amount);
  const both = fact.mayContain.filter((allergen) => fact.allergens.includes(allergen));
  if (both.length > 0)
    problems.push({ field: 'mayContain', problem: { code: 'no.contained-already', allergens: both }, remedy: { code: 'do.one-of-two' } });
  return problems;
}
