import type { FoodKind } from '../kinds';
import { DAIRY_AND_EGGS } from './dairyAndEggs';
import { DRINKS } from './drinks';
import { FISH } from './fishAndShellfish';
import { FRUIT } from './fruit';
import { GRAINS } from './grains';
import { HERBS_AND_SPICES } from './herbsAndSpices';
import { MEAT } from './meat';
import { NUTS_AND_SEEDS } from './nutsAndSeeds';
import { OILS } from './oilsAndFats';
import { PANTRY } from './pantry';
import { VEGETABLES } from './vegetables';

export { COOKED, TRIM } from './yields';

/** How a counted piece is given to several makings; see `Piece`. */
type PieceOf = 'whole' | 'shared';

interface Table {
  readonly group: string;
  readonly rows: string;
  /** Of rows that say no other. */
  readonly kind: FoodKind;
  readonly piece: PieceOf;
}

/**
 * The facts that ship, one row each:
 * name | other names | grams per ml | grams of one (unit:grams, unit/size:grams) | contains | may contain | kinds;may be | marks
 *
 * Marks: `strong` is scaled tapered; `exacting` must not be rounded freely; `liquid` is bought by volume; `label` is made, so that
 * its maker's label decides what it holds; `whole`, `shared` and `weighed` say how a piece is given to several makings.
 */
export const TABLES: readonly Table[] = [
  { group: 'Vegetables', rows: VEGETABLES, kind: 'plant', piece: 'shared' },
  { group: 'Fruit', rows: FRUIT, kind: 'plant', piece: 'shared' },
  { group: 'Herbs and spices', rows: HERBS_AND_SPICES, kind: 'plant', piece: 'whole' },
  { group: 'Fish and shellfish', rows: FISH, kind: 'fish', piece: 'whole' },
  { group: 'Meat and poultry', rows: MEAT, kind: 'other mammal', piece: 'whole' },
  { group: 'Milk, cheese and eggs', rows: DAIRY_AND_EGGS, kind: 'milk', piece: 'shared' },
  { group: 'Cereals, doughs and pulses', rows: GRAINS, kind: 'plant', piece: 'shared' },
  { group: 'Nuts and seeds', rows: NUTS_AND_SEEDS, kind: 'plant', piece: 'whole' },
  { group: 'Oils and fats', rows: OILS, kind: 'plant', piece: 'shared' },
  { group: 'Wines, spirits and drinks', rows: DRINKS, kind: 'plant', piece: 'shared' },
  { group: 'Pantry', rows: PANTRY, kind: 'plant', piece: 'shared' },
];
