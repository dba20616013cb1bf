import type { IngredientLine, MethodStep } from '../dish/types';
import { unitOf, type Amount } from '../quantity';
import { readAmount } from './readAmount';
import { SHIPPED_BOOK, type FactBook } from '../ingredients';
import { readLine } from './readLine';
import { readNumber } from './numbers';

export interface ReadComponent {
  readonly name: string;
  readonly lines: readonly Omit<IngredientLine, 'id'>[];
}

/** What a pasted text means. `portions` is null when the text does not say; it is then asked for. */
export interface RecipeReading {
  readonly title: string;
  readonly portions: number | null;
  /** "Makes 1 litre": what one making gives besides portions. */
  readonly gives: Amount | null;
  readonly components: readonly ReadComponent[];
  readonly method: readonly Pick<MethodStep, 'text' | 'minutes'>[];
}

const SERVES =
  /\b(?:serves|servings?|feeds|yields?|makes|portions?|for)\s*[:\-–]?\s*(?:about\s+|approx\.?\s+)?(\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|twelve)(?:\s*(?:[-–]|to)\s*(\d{1,3}))?(?:\s*(?:people|persons|portions?|servings?|plates?|pieces?|as a\b.*))?/i;
const PORTIONS_AFTER = /\b(\d{1,3})\s*(?:portions?|servings?|serves|people|covers)\b/i;
const INGREDIENTS = /^(?:the\s+)?ingredients?(?:\s+list)?\s*:?$/i;
const METHOD =
  /^(?:the\s+)?(?:method|directions?|instructions?|steps?|procedure|preparation(?: method)?|to make|what to do|how to make(?: it)?)\s*:?$/i;
const NOTES = /^(?:notes?|tips?|cook'?s notes?|equipment)\s*:?$/i;
const NUMBERED = /^\s*(?:step\s*)?(\d{1,2})\s*[.):]\s+(?=\p{L})/iu;
const FOR_THE = /^(?:for|to make)\s+(?:the\s+|an?\s+)?([^,\d]{2,60}?)\s*:?$/i;
const HEAD_COLON = /^([^\d,][^,:]{1,60}):$/;
const CAPS = /^[A-Z][A-Z\s'&-]{2,50}$/;
const ACTION =
  /^(?:first,?\s+|then,?\s+|meanwhile,?\s+|next,?\s+|to serve,?\s+|finally,?\s+|in an?\s|preheat|heat|bring|add|stir|mix|whisk|cook|bake|roast|fry|simmer|boil|blanch|drain|season|serve|chop|slice|cut|peel|trim|wash|rinse|place|put|pour|spread|fold|knead|rest|leave|chill|remove|combine|melt|toast|beat|warm|strain|reduce|sweat|poach|plate|garnish|arrange|spoon|sprinkle|toss|set|make|prepare|line|cover|blend|turn|divide|roll|taste|halve|rub|dress|trim|score|sift|brush|braise|glaze|steam|press|skim|stew|hang)\b/i;

/** Minutes named in a step: the sum of its spans, the longer end of a range. Null when it names none. */
export function minutesIn(text: string): number | null {
  let total = 0;
  for (const match of text.matchAll(/(\d{1,3})(?:\s*(?:[-–]|to)\s*(\d{1,3}))?\s*(minutes?|mins?|hours?|hrs?|h)\b/gi)) {
    const amount = Number(match[2] ?? match[1]);
    total += /^h/i.test(match[3]!) ? amount * 60 : amount;
  }
  return total > 0 ? total : null;
}

function portionsIn(text: string): number | null {
  const match = SERVES.exec(text) ?? PORTIONS_AFTER.exec(text);
  if (!match) return null;
  const count = readNumber(match[1]!)?.value.valueOf() ?? 0;
  return Number.isInteger(count) && count > 0 ? count : null;
}

/** A line that only says how many it serves, and nothing else. */
function isPortionsLine(line: string): boolean {
  if (/^\d{1,3}\s*(?:portions?|servings?|covers)\.?$/i.test(line)) return true;
  const match = SERVES.exec(line);
  if (!match || (/^for\b/i.test(match[0].trim()) && !/\b(?:people|persons|portions?|servings?)\b/i.test(line))) return false;
  return line.replace(match[0], '').replace(/[\s().,:;-]/g, '').length < 4;
}

function headingOf(line: string): string | null {
  const bare = line.replace(/^#+\s*|\*\*/g, '').trim();
  const forThe = FOR_THE.exec(bare);
  if (forThe && (bare.endsWith(':') || bare.length < 40)) return capital(forThe[1]!);
  const colon = HEAD_COLON.exec(bare);
  if (colon) return capital(colon[1]!);
  if (CAPS.test(bare) && !readAmount(bare)) return capital(bare.toLowerCase());
  return null;
}

function capital(text: string): string {
  const bare = CAPS.test(text.trim()) ? text.trim().toLowerCase() : text.trim();
  return bare.charAt(0).toUpperCase() + bare.slice(1);
}

function isProse(line: string): boolean {
  const isSentence = /^\p{Lu}\p{Ll}+\s.*[.!]$/u.test(line) && line.split(' ').length >= 6;
  return (ACTION.test(line) && line.length > 18) || isSentence || (line.length > 110 && /[.;]\s/.test(line));
}

/**
 * A dish holds 200 lines, 80 steps and 20 components: a text of more lines than this becomes none that can be saved, whatever is
 * in it, and is refused with its number of lines as it stands. What comes after is not worth anybody's time.
 */
const MOST_LINES_READ = 1000;

/**
 * Reads a whole recipe: title, portions, headed components with their lines, and the method. A pure function; every
 * line of the text ends up as title, portions, heading, ingredient line or method step.
 */
export function readRecipe(text: string, book: FactBook = SHIPPED_BOOK): RecipeReading {
  const lines = text
    .replace(/\r\n?/g, '\n')
    .split('\n')
    // Runs of blanks mean nothing here, and patterns would try each of their blanks.
    .map((line) => line.replace(/\s+/g, ' ').trim());
  let title = '';
  let portions: number | null = null;
  let gives: Amount | null = null;
  let section: 'top' | 'ingredients' | 'method' = 'top';
  const components: { name: string; lines: Omit<IngredientLine, 'id'>[] }[] = [{ name: '', lines: [] }];
  const method: { text: string; minutes: number | null }[] = [];
  let blankBefore = true;
  let read = 0;

  for (const line of lines) {
    if (!line) {
      blankBefore = true;
      continue;
    }
    read += 1;
    if (read > MOST_LINES_READ) break;
    const afterBlank = blankBefore;
    blankBefore = false;

    const counted = /^(?:the\s+)?ingredients?\s+(?:\(?\s*(?:for|serves)\b.*)$/i.test(line);
    if (INGREDIENTS.test(line) || counted) {
      if (counted) portions ??= portionsIn(line);
      section = 'ingredients';
      continue;
    }
    if (METHOD.test(line.replace(/^#+\s*|\*\*/g, ''))) {
      section = 'method';
      continue;
    }
    if (NOTES.test(line)) {
      section = 'method';
      continue;
    }
    const quantity = /^(?:makes|yields?|gives)\s*:?\s*(.+)$/i.exec(line);
    const amount = quantity ? readAmount(quantity[1]!) : null;
    if (amount?.unitWritten && !amount.rest.trim() && unitOf(amount.amount.unit).dimension !== 'count') {
      gives = amount.amount;
      continue;
    }
    if (portions === null && isPortionsLine(line)) {
      portions = portionsIn(line);
      continue;
    }
    if (!title && section === 'top' && components.length === 1 && components[0]!.lines.length === 0 && looksLikeTitle(line)) {
      const inTitle = portionsIn(line);
      if (inTitle !== null && portions === null) portions = inTitle;
      title = line
        .replace(/^#+\s*|\*\*/g, '')
        .replace(/\s*[([–-]?\s*\b(?:serves|makes|for)\s+\w+(?:\s*(?:people|portions|persons|servings))?\s*[)\]]?\s*$/i, (tail) =>
          portionsIn(tail) === null ? tail : '',
        )
        .replace(/[\s,;:–-]+$/, '')
        .trim();
      continue;
    }
    const numbered = NUMBERED.exec(line);
    if (section !== 'method' && numbered && isProse(line.slice(numbered[0].length))) section = 'method';
    if (section !== 'method' && !readAmount(line) && isProse(line) && (afterBlank || /[.!]$/.test(line))) section = 'method';

    if (section === 'method') {
      const step = numbered ? line.slice(numbered[0].length) : line.replace(/^[-*•]\s+/, '');
      const previous = method.at(-1);
      // A line broken by hand goes on in lower case.
      if (previous && !numbered && !afterBlank && /^[a-z]/.test(step)) {
        previous.text += ` ${step}`;
        previous.minutes = minutesIn(previous.text);
      } else method.push({ text: step, minutes: minutesIn(step) });
      continue;
    }
    const heading = headingOf(line);
    if (heading !== null) {
      section = 'ingredients';
      components.push({ name: heading, lines: [] });
      continue;
    }
    section = 'ingredients';
    components.at(-1)!.lines.push(readLine(line, book));
  }
  return { title, portions, gives, components: components.filter((part) => part.lines.length > 0 || part.name), method };
}

function looksLikeTitle(line: string): boolean {
  if (/^[-*•]\s/.test(line) || (headingOf(line.replace(/[()]/g, '')) !== null && !CAPS.test(line))) return false;
  const read = readAmount(line);
  if (read && !read.doubts.length && (read.unitWritten || /^\d/.test(line))) return false;
  return !/,\s*to taste$/i.test(line);
}
