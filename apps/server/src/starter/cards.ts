import { COOKING_CARDS } from './cookingCards';
import { FISH_AND_BIRD_CARDS } from './fishAndBirdCards';
import { HEAT_CARDS } from './heatCards';
import { toCard } from './card';
import { KNIFE_CARDS } from './knifeCards';
import { KNIFE_CUT_CARDS } from './knifeCutCards';
import { PLATING_CARDS } from './platingCards';
import { PLATING_MORE_CARDS } from './platingMoreCards';
import { SAUCE_AND_SWEET_CARDS } from './sauceAndSweetCards';
import { WATER_CARDS } from './waterCards';

const WRITTEN = [
  ...KNIFE_CARDS,
  ...KNIFE_CUT_CARDS,
  ...FISH_AND_BIRD_CARDS,
  ...WATER_CARDS,
  ...COOKING_CARDS,
  ...HEAT_CARDS,
  ...SAUCE_AND_SWEET_CARDS,
  ...PLATING_CARDS,
  ...PLATING_MORE_CARDS,
];

/** The cards every school begins with. */
export const STARTER_CARDS = WRITTEN.map(toCard);

/** What is to be met before each starter card, by name. */
export const STARTER_PREREQUISITES: ReadonlyMap<string, readonly string[]> = new Map(WRITTEN.map(({ name, after = [] }) => [name, after]));
