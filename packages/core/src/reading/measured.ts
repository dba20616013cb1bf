import { remembered } from '../remembered';
import { isTold } from '../verbs';
import { fromCells } from './cells';
import { readAmount } from './readAmount';
import {
  AMOUNT_BEHIND,
  BULLET,
  COUNT_BEHIND,
  BETWEEN_COMMAS,
  IN_BRACKETS_BEHIND,
  PART_OF,
  SEASONING,
  TIMES_BEHIND,
  TO_TASTE,
} from './sectionWords';

/** Whether a line begins with an amount in a unit, or ends with one. */
export const isMeasured = remembered((line: string): boolean => {
  const bare = line.slice(0, 200).replace(BULLET, '');
  // "in 120 g portions" goes on with what stands before it.
  if (/^(?:in|on|with|for|at|until|to|of|and|or|then|into|over)\s/.test(bare)) return false;
  return (
    readAmount(bare)?.unitWritten === true ||
    TO_TASTE.test(bare) ||
    SEASONING.test(bare) ||
    PART_OF.test(bare) ||
    TIMES_BEHIND.test(bare) ||
    COUNT_BEHIND.test(bare) ||
    BETWEEN_COMMAS.test(bare) ||
    (IN_BRACKETS_BEHIND.test(bare) && /\p{Ll}{2}.*\(/u.test(bare)) ||
    fromCells(line) !== null ||
    (bare.length < 80 && AMOUNT_BEHIND.test(` ${bare}`)) ||
    (/^(?:\d{1,3}(?:\s?\/\s?\d{1,2})?|[½¼¾⅓⅔]|an?|one|two|three|four|six)\s+\p{L}{2}/iu.test(bare) &&
      bare.length < 60 &&
      !isTold(bare.replace(/^\S+\s+/, '')))
  );
});

/**
 * Lines that are numbered on from a step, and begin with no amount: "2. Honey, vanilla, lemon. Oven 190 °C." behind "1. Peel, halve, core."
 * What they name is what was listed.
 */
export function countedSteps(lines: readonly string[]): ReadonlySet<number> {
  const found = new Set<number>();
  let last: { readonly number: number; readonly step: boolean } | null = null;
  lines.forEach((line, at) => {
    const numbered = /^\s*(?:(\d{1,2})[.)]|[A-Z](\d{1,2})[.):]?)\s+(\p{L}.*)$/u.exec(line);
    if (!numbered) return;
    const number = Number(numbered[1] ?? numbered[2]);
    // "P2 Layer: 1.1 kg aubergine …"
    const text = numbered[3]!.replace(/^\p{L}+:\s+/u, '');
    const step = isTold(text) || (last !== null && last.step && number === last.number + 1 && readAmount(numbered[3]!) === null);
    if (step && last?.step && number === last.number + 1) found.add(at);
    last = { number, step };
  });
  return found;
}

/** "1 Rice", "2 Sauce", "3 Crumb & fry", each over what is done: boxes that are counted, not amounts. */
export function numberedBoxes(lines: readonly string[]): ReadonlySet<number> {
  const found: number[] = [];
  lines.forEach((line, index) => {
    const number = /^(\d{1,2})\s+\p{Lu}[^.\d]{2,40}$/u.exec(line);
    if (number && Number(number[1]) === found.length + 1 && isTold(lines[index + 1] ?? '')) found.push(index);
  });
  return new Set(found.length >= 3 ? found : []);
}
