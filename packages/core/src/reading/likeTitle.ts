import type { Likeness } from './likeness';
import { isMeasured } from './measured';
import type { Seen } from './seen';
import { COUNTED_BEHIND, GIVES_DASHED, LABELLED, PREP_OF, PER_PORTION_BEHIND, PIECES_BEHIND } from './names';
import { FILED_BEHIND, INGREDIENTS, NUMBERED_CAPITALS, PREPARES, RUNNING_HEAD, TIMES_SO_MANY, TO_TASTE, TOOLS } from './sectionWords';
import { yieldSaid } from './yields';

const PART_ALONE =
  /^(?:the )?(?:pudding|cake|sponge|dough|sauce|base|topping|filling|pastry|icing|custard|crust|batter|dressing|marinade|glaze|syrup)$/i;
/** "Weeknight / Vegetarian", "Mains · Quick" */
const OF_A_SITE =
  /^(?=(?:.*\s[/·|›]\s)?(?:vegetarian|vegan|weeknight|weekend|dinners?|lunch(?:es)?|breakfasts?|brunch|desserts?|baking|mains?|main courses?|starters?|sides|snacks?|quick|easy|healthy|recipes|dairy[- ]free|gluten[- ]free)(?:\s(?:recipes|meals|dishes|ideas))?(?:$|\s[/·|›]\s))[\p{L}&’' -]{3,30}(?:\s[/·|›]\s[\p{L}&’' -]{3,30}){1,3}$/iu;

const FILM =
  /^[^|\d]{7,60}\s\|\s(?:[^|]{0,40}\b(?:easy|quick|simple|recipes?|vegan|best|cheap|healthy|asmr|delicious|homemade|dish(?:es)?|minutes?)\b[^|]{0,30}|[^|]{3,40}!)$/i;
const COURSE =
  /^(?:level|year|grade|stage|semester|term|nvq)\s\d\b.*\b(?:cookery|catering|hospitality|culinary|course|diploma|certificate|practical|food|kitchen|pastry|patisserie|larder|skills)\b/i;

/** The name of a dish of several things, under what it stands in. */
const OVER_A_NAME = /^[A-Z][a-zà-ÿ]+(?:\s[a-zà-ÿ]+){0,4}\s(?:with|and|in|on)\s[a-zà-ÿ][a-zà-ÿ\s,]*$/;

/** How much it looks like the title. */
export function likeTitle(
  {
    written,
    short,
    bare,
    bullet,
    number,
    marked,
    words,
    measured,
    counted,
    behind,
    food,
    sentence,
    told,
    verbs,
    times,
    headLike,
    nameLike,
    outside,
    before,
    next,
    first,
    blankBefore,
    blankAfter,
    underOther,
    named,
    manner: { mostlySmall },
  }: Seen,
  like: Likeness,
): void {
  if (words <= 10) like.title += 2;
  // What is told of it in brackets makes no name too long.
  if (outside.split(' ').length > 14 || outside.length > 110) like.title -= 6;
  if (/^#\s/.test(short)) like.title += 5;
  if (marked && !/:$/.test(bare)) like.title += 1.5;
  if (/[:–—-]$/.test(bare)) like.title -= 6;
  // "HILLSIDE TRAINING AGENCY": who hands the sheet out.
  if (
    /\b(?:agency|college|academy|institute|university|catering (?:dept|department)|training (?:centre|center)|school of|(?:learning|catering|education) services?|(?:community|training|teaching) kitchen)\b|\b(?:hotels?|restaurants?|rooms|bistro|brasserie|canteen|catering|trust)$/i.test(
      outside,
    )
  ) {
    like.title -= 7;
    like.aside += 7;
    like.component -= 7;
  }
  // "Autumn | Small plates": where in a book or a paper it stands.
  if (first && /^[\p{L}\s&’'-]{3,30}(?:\s[|»]\s[\p{L}\s&’'-]{3,30}){1,3}$/u.test(bare) && blankAfter) {
    like.title -= 6;
    like.aside += 6;
  }
  // "MISO ROAST CARROTS WITH DILL | easy side dish!!": how a film is called.
  if (first && food && FILM.test(bare)) {
    like.title += 22;
    like.step -= 6;
    like.aside -= 6;
  }
  // "Level 2 Practical Cookery" over the name of the dish.
  if (first && COURSE.test(bare) && words <= 8) {
    like.title -= 12;
    like.aside += 12;
    like.step -= 6;
  }
  // "nettle soup (4)"
  if (first && COUNTED_BEHIND.test(bare) && next !== null && !sentence) {
    like.title += 24;
    like.line -= 16;
  }
  // "PREP: ROASTED TOMATO SOUP"
  if (first && food && PREP_OF.test(bare)) {
    like.title += 26;
    like.note -= 12;
  }
  // "COOKERY SCHOOL HANDOUT 7: EMULSIONS"
  if (first && /\b(?:hand-?out|work ?sheet|fact ?sheet|leaflet|booklet)\s\d{1,3}\b/i.test(bare)) {
    like.title -= 12;
    like.aside += 12;
  }
  // "No. 48: What to do with a cabbage": a letter that goes out to many.
  if (first && /^(?:no|issue|vol(?:ume)?|letter|episode|ep|post|part)\b\.?\s?#?\d{1,4}\s*[:–—-]/i.test(bare) && !measured) {
    like.title -= 10;
    like.aside += 9;
  }
  // "My grandmother never measured."
  if (/^(?:My|I|We|Our|He|She|They)\s.*[.!]$/.test(bare)) like.title -= 10;
  // "Component: Salsify fritters" at the top of its own card.
  if (first && /^component\s*:\s*\p{L}/iu.test(bare)) {
    like.title += 14;
    like.component -= 8;
  }
  if (/\b(?:test|exam|assessment)\s\d/i.test(bare)) like.title -= 10;
  // "Weeknight / Vegetarian": where on a site it stands.
  if (OF_A_SITE.test(bare)) {
    like.title -= 12;
    like.aside += 14;
    like.component -= 10;
    like.line -= 8;
  }
  // "Each candidate prepares 2 portions of:" over the name of the dish.
  if (before !== null && PREPARES.test(before) && headLike) {
    like.title += 14;
  }
  // "Day 3 – stocks and soups" heads a plan.
  if (
    /^(?:day|week|unit|lesson|session|module|(?:practical |skills? )?(?:assessment|exam(?:ination)?|test))\s(?:\d|[A-H]\b)/i.test(bare) &&
    !told &&
    verbs === 0 &&
    !times
  ) {
    like.aside += 5;
    like.line -= 8;
    like.step -= 4;
  }
  if (/^day\s\d/i.test(bare) && words <= 3) like.component -= 8;
  // "RECIPE CARD NO. 31" counts the card.
  if (/^(?:recipe|production|spec|prep|standard|training) (?:card|sheet)\s*(?:no\.?|#|number)?\s*\w{0,6}$/i.test(bare)) {
    like.title -= 10;
    like.aside += 8;
    like.component -= 6;
  }
  // "09:00 Briefing, knives" is an hour of a plan.
  if (/^\d{1,2}[:.]\d{2}\s/.test(written)) like.title -= 10;
  if (sentence) like.title -= words > 8 ? 9 : 3;
  if (/^dear\s/i.test(bare)) like.title -= 14;
  // A mail says what it is about, where nothing else does.
  if (/^subject\s*:/i.test(bare)) like.title += 7;
  if (/^\p{Ll}/u.test(bare) && !mostlySmall) like.title -= 3;
  if (measured || behind) like.title -= 6;
  if (counted && food) like.title -= 3;
  if (TO_TASTE.test(bare)) like.title -= 4;
  if (told && !nameLike && (sentence || times || words > 5)) like.title -= 4;
  if (bullet || number !== null) like.title -= 4;
  if (like.aside > 3 || like.note > 3 || /,$/.test(bare)) like.title -= 6;
  if (like.yield > 3 && words <= 4) like.title -= 8;
  if (like.ingredients > 3 || like.method > 3) like.title -= 12;
  if (first) like.title += 2;
  if (first && words >= 2 && (NUMBERED_CAPITALS.test(bare) || FILED_BEHIND.test(bare))) {
    like.title += 13;
    like.line -= 10;
  }
  if (headLike && TIMES_SO_MANY.test(bare)) like.title += 12;
  // "Sorrel sauce (yield 600 ml)"
  if (first && /\p{L}\s*\((?:yields?|makes|gives|serves|feeds)\b[^()]*\)$/iu.test(bare)) like.title += 10;
  // "FISH FINGER BUNS — per portion / x40"
  else if (first && blankAfter && PER_PORTION_BEHIND.test(bare)) {
    like.title += 18;
    like.step -= 8;
    like.line -= 8;
  }
  // "SAUCE 4: CHARRED ONION GRAVY — 5 L"
  else if (first && blankAfter && GIVES_DASHED.test(bare)) {
    like.title += 18;
    like.line -= 16;
  }
  // "Fermented carrot sticks, 1 L jar"
  else if (first && blankAfter && /\p{L}{3},\s\d[\d.,]*\s?(?:l|ml|litres?)\s(?:jar|bottle|crock|tin|pot)s?$/iu.test(bare)) {
    like.title += 18;
    like.line -= 16;
  }
  // "SPELT LEVAIN  1.1 kg x 12"
  else if (first && (blankAfter || (next !== null && !isMeasured(next))) && PIECES_BEHIND.test(bare)) {
    like.title += 18;
    like.line -= 16;
  }
  // "SPICED PEAR CHUTNEY (6 x 340 g jars)"
  else if (/^\p{Lu}[^\p{Ll}()]{4,50}\(\d{1,3}\s?[x×]\s?\d{1,4}\s?(?:g|ml)\s\p{L}+\)$/u.test(bare)) {
    like.title += 14;
    like.line -= 12;
  }
  // "SPICY BEANS (feeds 4)": a dish feeds, a part of it is made.
  else if (headLike && /\p{L}\s*\((?:serves|feeds)\b[^()]*\)$/iu.test(bare)) like.title += 6;
  // "Module 6: Emulsion sauces" names the lesson; the dish stands further down.
  if (/^(?:module|unit|lesson|session|week|chapter|day)\s+\d/i.test(bare)) like.title -= 4;
  if (/^(?:practical |skills? )?(?:assessment|exam(?:ination)?|test)\s(?:\d|[A-H]\b)/i.test(bare)) like.title -= 12;
  if (/^(?:practical|recipe|dish)\s+(?:no\.?\s?)?\d{1,2}\s*[:.–-]/i.test(bare) && words <= 9 && !sentence) {
    like.title += 8;
    like.aside -= 6;
  }
  // "Task 3 – Vichy-style carrots" over "(two portions)"
  if (/^task\s\d{1,2}\s*[:.–—-]\s*\p{Lu}/iu.test(bare) && next !== null && (yieldSaid(next.slice(0, 80))?.left ?? 9) === 0) {
    like.title += 26;
    like.aside -= 9;
    like.component -= 14;
  }
  // "Recipe 5a  Glazed turnips"
  if (/^recipe\s+(?:\d{1,2}[a-h]?|[A-H])\s+\p{Lu}/u.test(bare.replace(/^R/, 'r')) && words <= 9 && !sentence) like.title += 8;
  // "Yes! Ours fight for these."
  if (/[.!]$/.test(bare) && !marked && !/\b(?:serves|feeds|makes)\b/i.test(bare)) like.title -= /[.!?]\s\p{Lu}/u.test(bare) ? 6 : 3;
  if (!first && blankBefore && headLike && food && next !== null && (TOOLS.test(next) || INGREDIENTS.test(next))) like.title += 9;
  // "Name: …" may be that of a student.
  if (LABELLED.test(bare) && !/^name\s*:/i.test(bare)) {
    like.title += 14;
    like.line -= 10;
    // Behind the aims of a lesson, too.
    like.aside -= 14;
  }
  // "SEASON'S BEST" over "Roast roots with labneh and dukkah", and a sentence under it.
  if (first && words <= 4 && !food && /^[^\p{Ll}]+$/u.test(bare) && next !== null && OVER_A_NAME.test(next) && next.length < 70) {
    like.title -= 6;
    like.aside += 6;
  }
  if (
    headLike &&
    food &&
    !first &&
    !bullet &&
    number === null &&
    before !== null &&
    next !== null &&
    next.length > 40 &&
    /[.!?]$/.test(next) &&
    /^[^a-z\d]{4,30}$/.test(before)
  ) {
    like.title += 10;
    like.step -= 6;
  }
  // "SUMMER TABLE" stands over the name of the dish.
  if (underOther && next !== null && !marked && food && /^(?:yields?|makes|serves)\b\s*:?\s*(?:about\s)?\d/i.test(next)) like.title += 15;
  // A name right above what the dish gives.
  if (headLike && next !== null && !marked && (yieldSaid(next.slice(0, 80))?.left ?? 9) === 0)
    like.title += /^(?:yields?|makes|serves|portions)\b/i.test(next) ? 9 : 5;
  // What many eat of is a dish, and no part of one.
  if (
    headLike &&
    marked &&
    food &&
    next !== null &&
    /\b(?:serves|covers|portions|people|persons)\b/i.test(next.slice(0, 60)) &&
    (yieldSaid(next.slice(0, 80))?.left ?? 9) === 0
  ) {
    like.title += 6;
    like.component -= 6;
  }
  if ((bare.match(/,/g)?.length ?? 0) >= 3) like.title -= 4;
  if (/^name\s*:\s*\p{L}/iu.test(bare) && food && words <= 10) like.title += 22;
  // "PUDDINGS AND SWEETS 87" over the name of the dish.
  if (RUNNING_HEAD.test(written) && /\d{2,}$|^\d{2,}/.test(written) && next !== null && first) {
    // Right over the list it is the name itself, with the number of the page.
    if (isMeasured(next)) {
      like.title += 12;
      like.aside -= 8;
    } else like.title -= 14;
  }
  // "THE GREEN SPOON" over a bar of a site
  if (first && next !== null && /^(?:search|menu|skip|home|log ?in|sign in|recipes?)\b/i.test(next) && !food) {
    like.title -= 12;
    like.aside += 10;
  }
  // "3.4 Cream of celery soup"
  if (/^\d{1,2}\.\d{1,2}\s+\p{Lu}\p{Ll}/u.test(written) && headLike && !told) like.title += 9;
  // A name over who wrote it.
  if (headLike && next !== null && /^(?:by|posted|published|written by)\s\p{L}/iu.test(next)) like.title += 7;
  // "12 comments / Baking / By Robyn"
  if (headLike && !first && next !== null && /^\d+ comments?\b|\s[/|·]\sby\s\p{Lu}/iu.test(next)) like.title += 12;
  // "Poached leeks, warm mayonnaise, rye crumbs" over "Leeks:"
  if (
    !first &&
    blankBefore &&
    blankAfter &&
    headLike &&
    food &&
    /,\s\p{Ll}/u.test(bare) &&
    next !== null &&
    /^\p{Lu}[^.:]{2,30}:$/u.test(next)
  ) {
    like.title += 16;
    like.line -= 8;
  }
  if (named) {
    like.title += 20;
    like.line -= 10;
  }
  // "Pudding" over what goes in, where another part has its own name: no dish is called no more than that.
  if (PART_ALONE.test(bare) && next !== null && isMeasured(next)) like.title -= 9;
  if (nameLike) like.title += 1;
  if (food) like.title += 0.5;
}
