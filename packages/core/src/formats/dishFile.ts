import type { DishContent } from '../dish';

export const DISH_FILE_VERSION = 1;

/** Pelvo's own file of dishes; its JSON Schema stands in docs/formats/dishes.schema.json. A round trip loses nothing. */
export interface DishFile {
  readonly format: 'pelvo-dishes';
  readonly version: typeof DISH_FILE_VERSION;
  readonly dishes: readonly DishContent[];
}

/**
 * The file that holds some dishes. Techniques and sub-preparations belong to one school and are left behind with their
 * ids; the lines that drew on a sub-preparation become bought lines.
 */
export function dishFile(dishes: readonly DishContent[]): DishFile {
  return { format: 'pelvo-dishes', version: DISH_FILE_VERSION, dishes };
}
