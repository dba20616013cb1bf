import type { DishContent } from '../dish';
import { DISH, versionOfFormat } from '../document';

/** Files carry the version of the dishes in them; older ones are upgraded as stored dishes are. */
export const DISH_FILE_VERSION = versionOfFormat(DISH);

/** Pelvo's own file of dishes; its JSON Schema stands in docs/formats/dishes.schema.json. A round trip loses nothing. */
export interface DishFile {
  readonly format: 'pelvo-dishes';
  readonly version: number;
  readonly dishes: readonly DishContent[];
}

/**
 * The file that holds some dishes. Techniques and sub-preparations belong to one school and are left behind with their
 * ids; the lines that drew on a sub-preparation become bought lines.
 */
export function dishFile(dishes: readonly DishContent[]): DishFile {
  return { format: 'pelvo-dishes', version: DISH_FILE_VERSION, dishes };
}
