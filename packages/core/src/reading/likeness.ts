import { unitOf } from '../quantity';
import { isTold, verbsIn } from '../verbs';
import { isTableHead } from './cells';
import { isMeasured } from './measured';
import { likeMore } from './likeMore';
import { likePage } from './likePage';
import { likeSection } from './likeSection';
import { likeTitle } from './likeTitle';
import type { Role } from './looks';
import { CAPS, type Seen } from './seen';
import { likeAround } from './likeAround';
import {
  TO_PLATE,
  TOOL,
  TOOL_LAST,
  BY_EYE_BEHIND,
  COMPONENT_WORDS,
  FOR_WORK,
  KEEPING,
  NOTE,
  SEASONING,
  STEP_ALONE,
  TO_TASTE,
  ON_WHAT,
} from './sectionWords';

/** How much a line looks like each role; more is likelier. */
export type Likeness = Record<Role, number>;

const FOR_THE = /^(?:for|to make|making)\s+(?:the\s+|an?\s+)?[^,\d]{2,60}:?$/i;
const PART =
  /^(?:part|component|stage|section)\s+(?:\d+|[A-Z])\b\s*[:.–-]?|^(?:task|exercise|activity)\s+(?:\d+|[A-Z])\b\s*[:.–—-]\s*(?=\p{L})|^[A-H]\s[–—-]\s(?=\p{Lu})|^[A-H][.)]\s+(?=\p{Lu})|^\d\s*[.)]\s*(?=for the\b)/iu;
const isSentence = (line: string): boolean => /[.!]$/.test(line) && line.split(' ').length >= 3;
const ZERO: Readonly<Record<Role, number>> = {
  title: 0,
  yield: -6,
  ingredients: -8,
  method: -8,
  component: -2,
  line: 0,
  step: 0,
  tools: -8,
  tool: -3,
  note: -1.5,
  aside: -2.5,
  more: -4,
};

const BARE_FIGURE = /^\p{L}[\p{L} ]{1,24}\s\d{1,4}(?:\s\p{L}.*)?$/u;
const BARE_ONLY = /^\p{L}[\p{L} ]{1,24}\s\d{1,4}$/u;

/** How much it looks like a line of ingredients. */
function likeLine(
  {
    bare,
    cells,
    pointed,
    number,
    marked,
    words,
    amount,
    measured,
    counted,
    behind,
    food,
    sentence,
    told,
    verbs,
    times,
    heats,
    before,
    next,
  }: Seen,
  like: Likeness,
): void {
  if (measured && amount) like.line += unitOf(amount.amount.unit).dimension === 'count' ? 4 : 6;
  if (counted) like.line += food ? 4 : 1;
  if (behind) like.line += 5;
  if (TO_TASTE.test(bare) || SEASONING.test(bare)) like.line += 4;
  if (words <= 9 && TOOL.test(bare) && !food && /^(?:an?|your)\s/i.test(bare)) like.line -= 6;
  // "3.4 Cream of celery soup": the number of a chapter.
  if (/^\d{1,2}\.\d{1,2}\s+\p{Lu}\p{Ll}/u.test(bare) && !measured) like.line -= 8;
  // "1. Purpose": a number with a point counts headings and steps.
  if (pointed && !measured && !food) like.line -= 3;
  if (words <= 5 && (TOOL_LAST.test(bare) || (TOOL.test(bare) && !food))) like.line -= 4;
  if (food) like.line += amount || behind ? 1 : words <= 5 ? 2 : 0.5;
  if (cells !== null) like.line += 3;
  if (told && !measured) like.line -= behind && words <= 6 && !sentence ? 1 : 5;
  if (sentence && (words > 7 || (!measured && !food) || (/!$/.test(bare) && !measured))) like.line -= 4;
  // "A spring soup, to be made with the first young" tells of it.
  if (counted && words >= 8 && /^an?\s/i.test(bare) && !/\(/.test(bare) && /\b(?:to be|is|are|was|made|which|that)\b/i.test(bare))
    like.line -= 9;
  if (words > 16) like.line -= 2;
  if (verbs > 2) like.line -= 2;
  if (number !== null && told) like.line -= 4;
  if ((heats || (times && !measured)) && !behind) like.line -= 3;
  if (marked && !amount && !behind) like.line -= 3;
  if (PART.test(bare)) like.line -= 6;
  if (food && FOR_WORK.test(bare)) {
    like.line += 5;
    like.component -= 6;
  }

  // "ratte 600 smoked 40min skin on" over "milk 300": a cook in a hurry.
  if (!sentence && words <= 8 && BARE_FIGURE.test(bare) && next !== null && BARE_ONLY.test(next)) {
    like.line += 9;
    like.step -= 6;
    like.note -= 6;
  }

  // "2 lb. tin, 350°F, 1 hr."
  if (heats && times && !food) like.line -= 8;

  // "cinnamon on top", the last of a list
  if (food && words <= 3 && !sentence && /^\p{L}+ on top$/u.test(bare) && before !== null && isMeasured(before)) {
    like.line += 12;
    like.step -= 10;
  }
  // "Salt, but only at the end"
  if (/^(?:salt|pepper),? (?:but|only|to|as)\b/i.test(bare) && words <= 7) {
    like.line += 9;
    like.step -= 8;
  }

  // "squeeze lemon": by eye, and no order.
  if (food && words <= 3 && !sentence && /^(?:squeeze|splash|dash|drizzle|glug|grating|grind|pinch|knob)\s+(?:of\s+)?\p{L}/iu.test(bare)) {
    like.line += 10;
    like.step -= 8;
  }
  // "Salt, a pinch", "Toasted coconut, to serve"
  if (food && words <= 8 && BY_EYE_BEHIND.test(bare)) {
    like.line += 9;
    like.step -= 6;
    like.component -= 8;
  }
}

/** Who tells of a dish, and does not say how it is made. */
const NARRATED =
  /^(?:these|this|it|they)(?:\s[a-z]+)?\s(?:takes?|is|are|was|were|makes?|keeps?|came|comes)\b|\b(?:this is (?:what|how|why|the (?:dish|one|recipe)|my|our)|you can have it|we (?:eat|ate|love|make|made|always|used to)|i (?:love|make|made|grew|learned|always))\b/i;

/** How much it looks like a step. */
function likeStep(
  { bare, alone, number, heading, words, amount, measured, behind, sentence, told, verbs, times, heats, nameLike, box, done, before }: Seen,
  like: Likeness,
): void {
  if (told) like.step += nameLike ? 2.5 : behind && words <= 6 && !sentence ? 1 : 5;
  if (number !== null && number > 0) like.step += 3;
  if (number === 0) like.step += 2;
  if (alone) like.step += 8;
  if (done) {
    like.step += 8;
    like.line -= 8;
    like.component -= 8;
  }
  // "35-40 mins simmer" counts minutes, and nothing that goes in.
  if (
    (before === null ||
      /[.!?:]$/.test(before) ||
      (before.length < 50 && !/\b(?:for|about|of|in|the|an?|and|with|to|until|another|then)$/i.test(before))) &&
    /^(?:about\s)?\d{1,3}(?:\s?(?:-|–|to)\s?\d{1,3})?\s?(?:mins?|minutes?|hrs?|hours?|secs?|seconds?)\b\s+\p{L}/iu.test(bare)
  ) {
    like.step += 8;
    like.line -= 10;
  }
  if (box) {
    like.step += 9;
    like.line -= 9;
    like.component -= 4;
  }
  // "noodles 4 min", "miso into the hot stock": told in a hurry.
  if (
    !measured &&
    number === null &&
    /^(?!prep|cook|total|time|takes|ready|active|hands|oven|resting|chill|standing)\p{L}[\p{L}\s]{2,30}\s\d{1,3}\s?(?:min|mins|minutes|hrs?|hours?|secs?)$/iu.test(
      bare,
    )
  ) {
    like.step += 7;
    like.line -= 8;
  }
  if (!amount && words <= 10 && /\binto (?:the )?(?:hot |boiling |cold )?(?:stock|water|pan|pot|oven|bowl|oil|milk|syrup)\b/i.test(bare)) {
    like.step += 6;
    like.line -= 6;
  }
  // Under "To plate" stands what is done, be it a row of names.
  if (
    before !== null &&
    /^(?:to plate|plating|plate up|pick ?-?up|assembly|build|dressing the plate)\b/i.test(before) &&
    (bare.match(/,\s/g)?.length ?? 0) >= 2
  ) {
    like.step += 10;
    like.line -= 8;
  }
  // "chickpeas + coconut milk, simmer 15", "spinach, lime, done"
  const last =
    amount || behind || words > 8 || KEEPING.test(bare) || NOTE.test(bare) || (before !== null && STEP_ALONE.test(before))
      ? ''
      : (/,\s([^,]+)$/.exec(bare)?.[1] ?? '');
  if (/^done\W*$/i.test(last) || (/\d/.test(last) && isTold(last))) {
    like.step += 8;
    like.line -= 8;
  }
  // "cherries on top", "lid on": where it goes, told without a verb.
  if (
    !amount &&
    words <= 6 &&
    /\b(?:on top|lid on|to the side|on the side|back in|straight in|at the end|(?<=!\s.*)at end)[.!]?$/i.test(bare)
  ) {
    like.step += 5;
    like.line -= 5;
  }
  // "rings 2mm, hot pickle over, 1hr min."
  if (times && !amount && number === null && /\b\d{1,2}\s?(?:mm|cm)\b/.test(bare) && /,\s/.test(bare)) {
    like.step += 8;
    like.line -= 8;
  }
  // "gloves on! wash nettles"
  if (!amount && words <= 8 && bare.indexOf('! ') > 2 && isTold(bare.slice(bare.indexOf('!') + 1).trim())) {
    like.step += 8;
    like.line -= 8;
  }
  if (times) like.step += 2;
  if (heats) like.step += 1.5;
  if (sentence) like.step += 1.5;
  // "When the rain won't stop, this is what we eat. You can have it on the table in 40 minutes."
  if (sentence && !told && number === null && words <= 32 && NARRATED.test(bare)) {
    like.step -= 6;
    like.note += 4;
  }
  if (words > 12) like.step += 1.5;
  if (verbs > 1) like.step += 1;
  if (words <= 3 && !told && !alone) like.step -= 3;
  if ((measured || behind) && !told && number === null && !sentence) like.step -= 4;
  if (heading && number === null) like.step -= 5;
  // "SERVICE: quenelle of pate, cucumber, toast"
  if (
    /^(?:service|plat(?:e|ing)|to plate|pick ?-?up|to finish|assembly|build|presentation)\s*:\s+\S/i.test(bare) &&
    (!behind || /^(?:to )?plat(?:e|ing)\b/i.test(bare)) &&
    !ON_WHAT.test(bare)
  ) {
    like.step += 8;
    like.line -= 8;
  }
  if (/:$/.test(bare) && words <= 6) like.step -= 4;
}

/** How much it looks like the heading of a component. */
function likeComponent(
  {
    bare,
    food,
    text,
    bullet,
    alone,
    pointed,
    heading,
    marked,
    words,
    plain,
    amount,
    measured,
    told,
    headLike,
    among,
    before,
    next,
    first,
    overIndented,
    again,
    blankBefore,
    blankAfter,
    manner: { mostlySmall },
  }: Seen,
  like: Likeness,
): void {
  if (again && headLike) {
    like.component += 10;
    like.line -= 8;
  }
  if (overIndented) {
    like.component += measured ? 20 : 9;
    like.line -= measured ? 16 : 8;
  }
  if (FOR_THE.test(plain) && !amount) like.component += 6;
  if (TO_PLATE.test(bare)) like.component += 8;
  if (PART.test(bare)) like.component += 7;
  // "liquid", "finish" between what is weighed
  if (
    /^(?:veg(?:etables|gies)?|liquids?|finish|dry|wet|base|sauce|topping|garnish|spices?|dressing|filling|dough|marinade|crumb)$/i.test(
      bare,
    ) &&
    next !== null &&
    isMeasured(next) &&
    before !== null &&
    (isMeasured(before) || blankBefore)
  ) {
    like.component += 16;
    like.line -= 10;
    like.step -= 10;
  }
  // "2. COATING" among lines and steps: the number counts the parts.
  if (pointed && headLike && words <= 5 && CAPS.test(text)) {
    like.component += 9;
    like.step -= 8;
    like.line -= 6;
  }
  if (heading) like.component += 4;
  if (marked && headLike) like.component += 4;
  if (headLike && blankBefore) like.component += 2;
  if (headLike && COMPONENT_WORDS.test(bare) && !amount) like.component += 2.5;
  if (headLike && blankAfter) like.component += 1;
  // "beetroot tartlets - 60" over a row of what goes in.
  if (blankBefore && /^\p{L}[^\d:]{3,40}\s[-–]\s\d{1,3}$/u.test(bare) && next !== null && (next.match(/,\s/g)?.length ?? 0) >= 2) {
    like.component += 12;
    like.line -= 6;
  }
  // A bare name among lines that are all measured is that of a component.
  if (among) {
    like.component += told ? 8 : 7;
    like.title += 2;
  }
  if (among && !first) like.line -= 1;
  if (first) like.component -= 5;
  if (headLike && !marked && !FOR_THE.test(plain) && !TO_PLATE.test(bare) && !blankBefore && !blankAfter && !among) like.component -= 2;
  // Nothing stands under the last line of a text.
  if (next === null) like.component -= 8;
  // "Pass" between sentences: a heading, though it is a verb.
  if (
    headLike &&
    !alone &&
    words <= 2 &&
    !mostlySmall &&
    /^\p{Lu}/u.test(bare) &&
    before !== null &&
    /[.!]$/.test(before) &&
    next !== null &&
    isSentence(next)
  ) {
    like.component += 7;
    like.step -= 3;
  }
  if (!headLike) like.component -= 5;
  // "easy -" leads to what follows, and names nothing.
  if (/\s[–—-]$/.test(bare) && !heading) {
    like.component -= 8;
    like.aside += 6;
  }
  if (amount && !/\(/.test(bare)) like.component -= 4;
  if (told && !FOR_THE.test(plain) && !TO_PLATE.test(bare) && !marked) like.component -= 3;
  // "Thyme, bay, wine vinegar"
  if (food && (bare.match(/,\s/g)?.length ?? 0) >= 2 && !marked && before !== null && isMeasured(before)) {
    like.component -= 10;
    like.line += 5;
  }
  if (bullet) like.component -= 3;
  if (/^\p{Ll}/u.test(bare)) like.component -= 2;
}

/** A weighed food and no more: most lines of most texts. */
const isPlainLine = ({
  measured,
  food,
  words,
  verbs,
  number,
  sentence,
  times,
  heats,
  said,
  overIndented,
  noted,
  done,
  box,
  hour,
  cells,
}: Seen): boolean =>
  measured &&
  food &&
  words <= 9 &&
  verbs === 0 &&
  number === null &&
  hour === null &&
  cells === null &&
  said === null &&
  !(sentence || times || heats || overIndented || noted || done || box);

/**
 * How much a line looks like each role, from what is seen of it and of the lines around it.
 *
 * @param as - what is known of it: an ingredient out of a row of them
 */
export function likenessOf(seen: Seen, as?: Role): Readonly<Likeness> {
  const like: Likeness = { ...ZERO };
  likeLine(seen, like);
  if (isPlainLine(seen) && !as) {
    // Nothing else is worth looking for in "250 g plain flour".
    like.step -= 4;
    like.component -= 9;
    like.title -= 10;
    like.aside -= 4;
    likeMore(seen, like);
    return like;
  }
  likeStep(seen, like);
  // No name is so long.
  const isLong = seen.words > 30;
  if (isLong) {
    like.component -= 20;
    like.title -= 20;
  } else likeComponent(seen, like);
  likeSection(seen, like);
  likePage(seen, like);
  likeAround(seen, like);
  if (!isLong) likeTitle(seen, like);
  likeMore(seen, like);
  if (as) like[as] += as === 'more' ? 40 : as === 'ingredients' ? 24 : 14;
  if (seen.hour) {
    like.more -= 20;
    like.step += 3;
  }
  if (seen.hour && (isTold(seen.bare) || verbsIn(seen.bare) > 0 || seen.times)) like.step += 8;
  if (isTableHead(seen.raw)) {
    like.aside += 16;
    like.component -= 8;
  }
  return like;
}
