/**
 * What is doubtful or missing in the reading of a line, as a code with its values. The words are made in `words`; what a
 * doubt means for the order is decided here, by its code.
 */
export type Doubt =
  | { readonly code: 'scanned'; readonly read: string }
  | { readonly code: 'per-plate' }
  | { readonly code: 'dash-or-minus' }
  | { readonly code: 'percent-of-what'; readonly percent: string }
  | { readonly code: 'amounts-disagree' }
  | { readonly code: 'second-amount'; readonly amount: string }
  | { readonly code: 'several-items' }
  | { readonly code: 'another-item'; readonly text: string }
  | { readonly code: 'which-amount'; readonly other: string }
  | { readonly code: 'which-item'; readonly one: string; readonly other: string }
  | { readonly code: 'no-item' }
  | { readonly code: 'no-allowance' }
  | { readonly code: 'no-amount'; readonly instead: string }
  | { readonly code: 'unreadable' }
  /** Longer than any ingredient line. */
  | { readonly code: 'too-long' }
  | { readonly code: 'unknown-unit'; readonly word: string }
  | { readonly code: 'not-counted'; readonly count: string; readonly item: string }
  | { readonly code: 'very-large' }
  | { readonly code: 'weight-of-piece'; readonly size: string }
  | { readonly code: 'which-comma'; readonly one: string; readonly other: string }
  | { readonly code: 'which-pint' }
  /** It stands in a sentence of the method, and in no list. */
  | { readonly code: 'told-in-step' }
  /** The name of the item still holds an amount, a unit or a joint. */
  | { readonly code: 'left-over'; readonly text: string }
  /** Kept as somebody put it: from a file, or from before doubts had codes. */
  | { readonly code: 'said'; readonly text: string };

export type DoubtCode = Doubt['code'];

/** Doubts with which a line cannot be ordered: what it is, or how much, is open. The others are ordered and asked about. */
const HOLDING: ReadonlySet<DoubtCode> = new Set([
  'dash-or-minus',
  'percent-of-what',
  'no-item',
  'no-amount',
  'unreadable',
  'too-long',
  'unknown-unit',
  'not-counted',
  'several-items',
]);

export const holds = ({ code }: Doubt): boolean => HOLDING.has(code);

export const DOUBT_CODES: readonly DoubtCode[] = [
  ...HOLDING,
  'scanned',
  'per-plate',
  'amounts-disagree',
  'second-amount',
  'another-item',
  'which-amount',
  'which-item',
  'no-allowance',
  'very-large',
  'weight-of-piece',
  'which-comma',
  'which-pint',
  'left-over',
  'told-in-step',
  'said',
];

/** What values doubts carry, over all codes. */
export const DOUBT_VALUES = ['read', 'percent', 'amount', 'text', 'other', 'one', 'instead', 'word', 'count', 'item', 'size'] as const;
