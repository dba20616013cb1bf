import { plain } from '../text';
import { remembered } from '../remembered';
import { itemWords, singular } from './names';
import { SHIPPED, type IngredientFact } from './fact';

/** Where facts of ingredients are looked up: what ships with Pelvo, with a school's own facts laid over it. */
export interface FactBook {
  /** The fact of exactly this name, or null. */
  readonly named: (name: string) => IngredientFact | null;
  /** The fact that fits an item as written: the whole name, else the longest run of words at its end or start. */
  readonly find: (item: string) => IngredientFact | null;
  /** All facts whose names stand in an item, longest names first, no word used twice. */
  readonly within: (item: string) => readonly IngredientFact[];
  /** The key under which lines of one ingredient meet: lower case, no accents, singular. */
  readonly keyOf: (item: string) => string;
  readonly all: readonly IngredientFact[];
}

/**
 * A book of the shipped facts with `own` facts laid over them by name.
 *
 * @example factBook().find('dry white wine')?.name // 'white wine'
 */
export function factBook(own: readonly IngredientFact[] = []): FactBook {
  const facts = new Map([...SHIPPED, ...own].map((fact) => [plain(fact.name), fact]));
  const byName = new Map<string, IngredientFact>();
  for (const fact of facts.values()) for (const other of fact.otherNames) byName.set(plain(other), fact);
  for (const [name, fact] of facts) byName.set(name, fact);
  // No name has more words than this, so no longer run has to be looked up.
  const longest = Math.max(...[...byName.keys()].map((name) => name.split(' ').length));
  const run = (words: readonly string[]) => byName.get(words.join(' ')) ?? byName.get(words.map(singular).join(' ')) ?? null;

  const within = (words: readonly string[]): IngredientFact[] => {
    for (let length = Math.min(words.length, longest); length > 0; length -= 1) {
      for (let start = 0; start + length <= words.length; start += 1) {
        const found = run(words.slice(start, start + length));
        if (found) return [found, ...within(words.slice(0, start)), ...within(words.slice(start + length))];
      }
    }
    return [];
  };

  const find = (item: string): IngredientFact | null => {
    const words = itemWords(item);
    for (let length = Math.min(words.length, longest); length > 0; length -= 1) {
      const found = run(words.slice(words.length - length)) ?? run(words.slice(0, length));
      if (found) return found;
    }
    return null;
  };

  const keyOf = (item: string): string => {
    const key = plain(item);
    const fact = byName.get(key);
    // A plural spelling of a known ingredient meets its singular; a different variety ("red onion") does not.
    if (fact && singular(key) === singular(plain(fact.name))) return plain(fact.name);
    return key.split(' ').map(singular).join(' ');
  };

  return {
    named: remembered((name) => byName.get(plain(name)) ?? null),
    find: remembered(find),
    within: remembered((item) => within(itemWords(item))),
    keyOf: remembered(keyOf),
    all: [...facts.values()].sort((a, b) => a.name.localeCompare(b.name)),
  };
}

/** The facts that ship, without any of a school's own. */
export const SHIPPED_BOOK: FactBook = factBook();
