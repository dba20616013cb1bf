import type { Doubt } from '../dish';
import { isJson } from './format';

const OLDER: readonly (readonly [RegExp, (found: RegExpExecArray) => Doubt])[] = [
  [/^Read as "(.+)": the text looks scanned\.$/, (m) => ({ code: 'scanned', read: m[1]! })],
  [/^Per plate: it is multiplied by the portions\.$/, () => ({ code: 'per-plate' })],
  [/^Is this a list dash or a negative amount\?/, () => ({ code: 'dash-or-minus' })],
  [/^(\S+) % of what\?/, (m) => ({ code: 'percent-of-what', percent: m[1]! })],
  [/^The two amounts on this line do not agree\./, () => ({ code: 'amounts-disagree' })],
  [/^A second amount: plus (.+)\. Add it to the first/, (m) => ({ code: 'second-amount', amount: m[1]! })],
  [/^Is this several ingredients/, () => ({ code: 'several-items' })],
  [/^Is "(.+)" another ingredient\?/, (m) => ({ code: 'another-item', text: m[1]! })],
  [/^Which amount will be used: the first, or (.+)\?$/, (m) => ({ code: 'which-amount', other: m[1]! })],
  [/^Which one will be used: (.+) or (.+)\?$/, (m) => ({ code: 'which-item', one: m[1]!, other: m[2]! })],
  [/^Of what\? No ingredient/, () => ({ code: 'no-item' })],
  [/^How much is set aside for a portion\?/, () => ({ code: 'no-allowance' })],
  [/^How much\? No amount was found(?: \("(.+)"\))?\.$/, (m) => ({ code: 'no-amount', instead: m[1] ?? '' })],
  [/^Nothing on this line could be read\.$/, () => ({ code: 'unreadable' })],
  [/^Is "(.+)" a unit\?/, (m) => ({ code: 'unknown-unit', word: m[1]! })],
  [/^(\S+) of what\? (.+) is not counted in pieces\.$/, (m) => ({ code: 'not-counted', count: m[1]!, item: m[2]! })],
  [/^Is this amount right\? It is very large\.$/, () => ({ code: 'very-large' })],
  [/^How much does a piece of (.+) weigh\?$/, (m) => ({ code: 'weight-of-piece', size: m[1]! })],
  [/^Which pint\?/, () => ({ code: 'which-pint' })],
];

/** A doubt as it was stored before doubts had codes, in English words; one that is not known is kept as it was said. */
export function readDoubt(stored: unknown): Doubt {
  if (isJson(stored) && typeof stored.code === 'string') return stored as unknown as Doubt;
  const text = String(stored);
  for (const [pattern, make] of OLDER) {
    const found = pattern.exec(text);
    if (found) return make(found);
  }
  return { code: 'said', text };
}
