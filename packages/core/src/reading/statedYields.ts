import type { FactBook } from '../ingredients';
import { unitOf, type Amount } from '../quantity';
import type { YieldStep } from '../dish/types';

/**
 * States that change how much there is, as facts name them. "Cooked" leaves open by what way: the first that the fact has, and soaked
 * only where nothing else cooks it, as with bulgur.
 */
const STATES = /^(cooked|boiled|steamed|soaked|peeled|cored|podded|shelled|picked|filleted|segmented|stoned|seeded|pitted|trimmed)\b/i;
/** "450 g rice (cooked weight)", "400 g potatoes, peeled weight" */
const WEIGHT_OF =
  /^(?:weighed\s+)?(cooked|boiled|steamed|soaked|peeled|podded|shelled|picked|filleted|segmented|stoned|pitted|cored|seeded|deseeded|trimmed|cleaned|prepared|net|edible|usable)\s+weight$|^(?:weighed\s+|weight\s+)(?:when\s+|after\s+|once\s+)?(cooked|boiled|steamed|soaked|peeled|podded|shelled|picked|filleted|stoned|pitted|cored|seeded|trimmed|cleaned|prepared|cooking|boiling|soaking|peeling|podding|shelling|picking|filleting|stoning|coring|trimming|cleaning)$/i;
/** Other words for what facts name. */
const WAYS: Readonly<Record<string, string>> = { pitted: 'stoned', deseeded: 'seeded' };
/** What is left to use, by whatever it loses first. */
const USABLE = /^(?:cleaned|prepared|net|edible|usable)$/;

const STATE_BEFORE = /^(boiled|steamed|soaked|podded|shelled|picked|trimmed|stoned|pitted)\s+(?=\p{L}{3})/iu;
const wayOf = (state: string): string => {
  const done = state.toLowerCase().replace(/ing$/, 'ed');
  return WAYS[done] ?? done;
};

/** A state before the noun that is no part of its name, since a fact says what it does: "boiled rice", "podded broad beans". */
export function stateOf(item: string, book: FactBook): RegExpExecArray | null {
  const state = STATE_BEFORE.exec(item);
  if (!state) return null;
  const fact = book.find(item.slice(state[0].length));
  const whole = book.find(item);
  const way = wayOf(state[1]!);
  const knows = fact?.cooked.some((each) => each.way === way) || fact?.trim.some(({ preparation }) => preparation === way);
  return knows && (whole === null || whole.name === fact!.name) ? state : null;
}

/**
 * What trimming or cooking left of an ingredient whose amount is that of the prepared one. A state before the noun says what is weighed,
 * "200 g cooked rice", "500 g peeled carrots"; behind a comma it says what is done afterwards, "200 g rice, cooked".
 *
 * @param before - what stands before the noun; empty where nothing does
 * @param inside - what stands in brackets and behind commas
 * @returns empty where nothing is said, the amount is a count, or no fact knows what the state does
 * @source the convention of recipe writing that what stands before the noun is done before measuring
 */
export function statedYields(
  item: string,
  amount: Amount | null,
  before: string,
  inside: readonly string[],
  book: FactBook,
): readonly YieldStep[] {
  if (!amount || unitOf(amount.unit).dimension !== 'mass') return [];
  const state =
    STATES.exec(before)?.[1] ??
    inside
      .map((part) => WEIGHT_OF.exec(part.trim()))
      .find(Boolean)
      ?.slice(1)
      .find(Boolean);
  const fact = state ? book.find(item) : null;
  if (!state || !fact) return [];
  const way = wayOf(state);
  const trim = fact.trim.find(({ preparation }) => preparation === way) ?? (USABLE.test(way) ? fact.trim[0] : undefined);
  if (trim) return [{ kind: 'trim', fraction: trim.fraction }];
  const cooked =
    fact.cooked.find((each) => each.way === way) ??
    (way === 'cooked'
      ? (fact.cooked.find((each) => each.way !== 'baked' && each.way !== 'soaked') ?? fact.cooked.find((each) => each.way === 'soaked'))
      : undefined);
  return cooked ? [{ kind: 'cooking', fraction: cooked.factor }] : [];
}
