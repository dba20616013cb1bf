import { plain, singular } from '../text';
import { remembered } from '../remembered';
import { beforeJoin, isState, itemWords, saysNothing, withoutForm } from './names';
import { SHIPPED, type IngredientFact } from './fact';

/** What is known of an item by the words it is made of. */
export interface ItemReading {
  /** Facts that stand in it, whole phrases before words, with the words they stand there by. */
  readonly found: readonly { readonly fact: IngredientFact; readonly as: string }[];
  /** Words that no fact covers and that may mean food. */
  readonly notKnown: readonly string[];
}

/** Where facts of ingredients are looked up: what ships with Pelvo, with a school's own facts laid over it. */
export interface FactBook {
  /** The fact of exactly this name, or null. */
  readonly named: (name: string) => IngredientFact | null;
  /**
   * The fact whose figures an item takes: the longest run of words at the end of what names it. Null where the last word is not
   * known, since "walnut crispbread" weighs as crispbread does.
   */
  readonly find: (item: string) => IngredientFact | null;
  /** All facts that stand in an item, and the words that none of them covers. */
  readonly read: (item: string) => ItemReading;
  /** The key under which lines of one ingredient meet: lower case, no accents, singular, without words of state. */
  readonly keyOf: (item: string) => string;
  readonly all: readonly IngredientFact[];
}

/** Whatever was done to it, water comes from the same tap; ice comes from elsewhere. */
const isTapWater = (words: readonly string[]) => words.at(-1) === 'water' && words.slice(0, -1).every((word) => WATER_IS.has(word));
const WATER_IS: ReadonlySet<string> = new Set(['boiled', 'tap', 'iced', 'ice', 'hot', 'cold', 'filtered', 'clean', 'drinking']);
const FROZEN: ReadonlySet<string> = new Set(['frozen', 'thawed', 'defrosted']);
const isIce = (words: readonly string[]) => words[0] === 'ice' && !words.includes('water');

/**
 * A book of the shipped facts with `own` facts laid over them by name.
 *
 * @example factBook().find('dry white wine')?.name // 'white wine'
 * @example factBook().read('hake in parsley sauce').notKnown // ['sauce']
 */
export function factBook(own: readonly IngredientFact[] = []): FactBook {
  const facts = new Map([...SHIPPED, ...own].map((fact) => [plain(fact.name), fact]));
  const byName = new Map<string, IngredientFact>();
  for (const fact of facts.values()) for (const other of fact.otherNames) byName.set(plain(other), fact);
  for (const [name, fact] of facts) byName.set(name, fact);
  // What a school calls by a name of its own is meant, even where another shipped fact bears that name too.
  for (const fact of own) for (const other of fact.otherNames) byName.set(plain(other), fact);
  // No name has more words than this, so no longer run has to be looked up.
  const longest = Math.max(...[...byName.keys()].map((name) => name.split(' ').length));
  const run = (words: readonly string[]) => byName.get(words.join(' ')) ?? byName.get(words.map(singular).join(' ')) ?? null;

  const read = (words: readonly string[]): ItemReading => {
    for (let length = Math.min(words.length, longest); length > 0; length -= 1) {
      for (let start = 0; start + length <= words.length; start += 1) {
        const named = words.slice(start, start + length);
        const fact = run(named);
        if (!fact) continue;
        const [before, after] = [read(words.slice(0, start)), read(words.slice(start + length))];
        return {
          found: [{ fact, as: named.join(' ') }, ...before.found, ...after.found],
          notKnown: [...before.notKnown, ...after.notKnown],
        };
      }
    }
    return { found: [], notKnown: words.filter((word) => word && !saysNothing(word)) };
  };

  const find = (item: string): IngredientFact | null => {
    const whole = itemWords(item);
    const asIs = run(whole);
    if (asIs) return asIs;
    const named = beforeJoin(whole);
    for (const words of [named, withoutForm(named)])
      for (let length = Math.min(words.length, longest); length > 0; length -= 1) {
        const found = run(words.slice(words.length - length));
        if (found) return found;
      }
    return null;
  };

  const keyOf = (item: string): string => {
    const words = itemWords(item);
    // What is frozen is bought elsewhere than the fresh; thawed it was frozen.
    const key = freshKeyOf(words);
    return words.some((word) => FROZEN.has(word)) && !key.startsWith('frozen ') ? `frozen ${key}` : key;
  };
  const freshKeyOf = (words: readonly string[]): string => {
    const whole = run(words);
    const bare = words.filter((word) => !isState(word));
    // "Cold butter" is butter, but fresh pasta is not pasta: a name that means something else keeps its words.
    const key = bare.length > 0 && bare.length < words.length && (!whole || run(bare) === whole) ? bare : words;
    const fact = byName.get(key.join(' ')) ?? (isTapWater(key) ? byName.get('water') : undefined);
    if (fact?.name === 'water' && !isIce(key)) return 'water';
    // A plural spelling of a known ingredient meets its singular; a different variety ("red onion") does not.
    if (fact && singular(key.join(' ')) === singular(plain(fact.name))) return plain(fact.name);
    return key.map(singular).join(' ');
  };

  return {
    named: remembered((name) => byName.get(plain(name)) ?? null),
    find: remembered(find),
    read: remembered((item) => read(itemWords(item))),
    keyOf: remembered(keyOf),
    all: [...facts.values()].sort((a, b) => a.name.localeCompare(b.name)),
  };
}

/** The facts that ship, without any of a school's own. */
export const SHIPPED_BOOK: FactBook = factBook();
