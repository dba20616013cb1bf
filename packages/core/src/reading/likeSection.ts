import type { Likeness } from './likeness';
import { INGREDIENTS, METHOD, METHOD_OF, ON_WHAT, TOOL, TOOL_LAST, TOOLS, TOOLS_LISTED } from './sectionWords';
import type { Seen } from './seen';

/** How much it looks like a heading that only names its section. */
export function likeSection({ bare, text, pointed, words, told, first }: Seen, like: Likeness): void {
  // "You need (per pair):"
  // "Zutaten / Ingredients (6 pers.)": in two languages.
  // "A. INGREDIENTS"
  const outside = bare
    .replace(/^[A-H][.)]\s+/, '')
    .replace(/^\p{L}{4,20}\s?\/\s?(?=\p{L})/u, '')
    .replace(/\s*\((?:per|for)\b[^()]*\)|\s*\[[^\]]{1,30}\]$/gi, '');
  if (INGREDIENTS.test(outside.replace(/^\((.*)\)$/, '$1')) || (pointed && INGREDIENTS.test(text))) like.ingredients += 18;
  // "You will need" may head tools as well; "You need" heads what goes in.
  if (/^you need\s*:?$/i.test(outside)) like.ingredients += 18;
  else if (/^you(?:[’']ll| will)? (?:also )?need\s*:?$/i.test(outside)) like.ingredients += 14;
  if (METHOD.test(bare) || INGREDIENTS.test(outside) || /^you(?:[’']ll| will)? (?:also )?need\s*:?$/i.test(outside)) like.component -= 8;
  if (METHOD.test(bare.replace(/^[A-H][.)]\s+/, '')) || (pointed && METHOD.test(text))) like.method += 18;
  // "Method – flatbreads": of which part.
  else if (METHOD_OF.test(bare) && words <= 7 && !told && !first) {
    like.method += 18;
    like.component -= 8;
    like.title -= 8;
  }
  const listed = TOOLS_LISTED.exec(bare)?.[1]?.split(/,\s*|\s+and\s+/) ?? [];
  if (listed.length > 0 && listed.every((tool) => TOOL.test(tool))) {
    like.tools += 24;
    like.component -= 8;
  }
  if (/^[A-H][.)]\s/.test(bare) && (INGREDIENTS.test(outside) || METHOD.test(outside))) like.component -= 14;
  if (TOOLS.test(bare)) like.tools += words <= 5 || /^[^:]{3,30}:\s*\S/.test(bare) ? 18 : 4;
  if (TOOL.test(bare) && words <= 8 && !told) like.tool += 3;
  // "Pastry brush" names no part of a dish.
  if (words <= 4 && !pointed && TOOL_LAST.test(bare)) like.component -= 6;
  if (ON_WHAT.test(bare)) {
    like.note += 10;
    like.line -= 6;
    like.component -= 8;
  }
}
