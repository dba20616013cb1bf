import { SHIPPED_BOOK, type FactBook } from '../ingredients';
import { heatsIn } from '../quantity';
import { isTold } from '../verbs';
import { readAmount } from './readAmount';
import { COMPONENT_WORDS, PART_OF } from './sectionWords';

/** Longer paragraphs are prose, whatever stands in them. */
const LONGEST = 1200;
/** What leads to a list in a sentence: "You need", "For the batter –", "Topping:". */
const ASKED =
  /^(?:(?:so|and|now|first|then|for (?:service|us|today)),?\s+)?(?:(?:per|for (?:each|every)) (?:pair|team|group|student|person|bench|station),?\s+(?=you\b))?(?:you(?:[’']ll| will)?(?: also)? (?:need|want|take|use)|it takes|takes?|i (?:use|take|used|took)|we (?:use|take|used|took)|ingredients?(?:\s+are)?|(?:get|buy|shopping)(?=\s*:))(?:\s+(?:per|(?:for|in) (?:each|every|a))\s+(?:pair|team|group|student|person|bench|station))?\s*[:–—-]?\s+/i;
const HEADED =
  /^(?!you\b)((?:[Ff]or|[Tt]o)\s+(?:the\s+|an?\s+)?[\p{L}][\p{L}\s’'-]{1,40}|\p{Lu}[\p{L}’'-]{2,20}(?:\s[\p{L}’'-]{2,20}){0,2})(?:\s\([^()]{1,30}\))?\s*(?::|\s[–—-]|\s=)\s+(?=\S)/u;
/** "For the dough I take", "For rolling you need": a heading inside the sentence. */
const HEADED_ASKED =
  /^(for\s+(?:the\s+|an?\s+)?\p{L}[\p{L}\s’'-]{1,40}?),?\s+(?:i|we|you|she|he|they)\s+(?:(?:[’']ll|will|always|also|only)\s+)*(?:need|take|use|want|took|used)\s*[:–—-]?\s+(?=\S)/iu;
/** "ok so for the potato bread its 250 floury potatoes, …": said into a telephone. */
const HEADED_SPOKEN =
  /^(?:(?:ok(?:ay)?|so|right|well|um+|now),?\s+){0,3}(for\s+(?:the\s+|an?\s+)?\p{L}[\p{L}\s’'-]{1,40}?),?\s+it(?:[’']?s| is)\s+(?=[\d½¼¾]|an?\s|half\s)/iu;
/** "The pastry is 250 g flour, …", "For the filling 3 eggs, 200 ml cream": a heading without a sign behind it. */
const HEADED_BARE =
  /^(?:(?:the|my)\s+(\p{L}[\p{L} ]{1,24}?)\s+(?:is|are|takes?|needs?|has)|(for\s+the\s+\p{L}[\p{L} ]{1,24}?))\s+(?=(?:about\s)?(?:\d|[½¼¾]|an?\s)[^.]{3,60}(?:,|\sand\s))/iu;

/** "dough first. 300 flour, 150 butter": a part named in a word before what goes in. */
const HEADED_FIRST =
  /^((?:the )?\p{L}{3,14}(?: (?!first|then|next)\p{L}{3,14})?)(?: first| then| next)?\.\s+(?=(?:about\s)?(?:\d|[½¼¾]|an?\s|one\s|two\s|three\s|half\s)[^.]{3,160},\s)/iu;

/** A heading inside a sentence, with its name first. */
function headedIn(written: string): readonly [all: string, heading: string] | null {
  const word = HEADED_FIRST.exec(written);
  if (word && COMPONENT_WORDS.test(word[1]!) && !isTold(written.slice(word[0].length))) return [word[0], word[1]!];
  const asked = HEADED_ASKED.exec(written) ?? HEADED_SPOKEN.exec(written);
  // "For service we use" names no part.
  if (asked) return /^for (?:service|us|this|that|it|one|each|every|today)$/i.test(asked[1]!) ? null : [asked[0], asked[1]!];
  const bareHead = HEADED_BARE.exec(written);
  return bareHead ? [bareHead[0], bareHead[1] ?? bareHead[2]!] : null;
}

/** Words that lead to a list and name nothing. */
const LEADS = /\b(?:get|buy|shopping|ingredients?|you|need|needs|want|take|takes|use|bag|box|list|provides?|bring)\b/i;
/** Headings that are about something else than what goes in. */
const NOT_FOOD =
  /^(?:to plate|plat(?:e|ing)(?: up)?$|per plate$|product|style|item|name|allergens?|contains|equipment|tools?|utensils|method|notes?|tips?|serves|portions?|yield|to serve with|drinks?|wine|keeps?|storage|time|prep|cook|oven|season|rev|ref|dish|recipe|title)\b/i;
const BULLETS = /\s*[•·|]\s*/;
/** A word that says how, and belongs to what stands before it: "butter, softened", "leeks, finely sliced". */
const SAYS_HOW =
  /^(?:juice|zest)(?:\s(?:and|&)\s(?:juice|zest))?$|^(?:(?:very|finely|thinly|coarsely|roughly|freshly|lightly|well)\s+)*\p{Ll}+(?:ed|cut|torn|ground|peeled|skinless|boneless|whole|raw)\b/u;

const bare = (part: string): string =>
  part
    .replace(/^(?:and|plus|then|some|the|also|with|\+|&)\s+/i, '')
    .replace(/^(?:a )?(?:good|generous|heaped|scant|walnut of)\s+(?=\d)/i, '');

/** "olive oil 150ml", "sugar 1 tbsp" */
const AMOUNT_LAST =
  /^\p{L}[^\d,:]{1,30}\s(?:\d{1,4}(?:[.,]\d{1,2})?|[½¼¾]|1\/[234])\s?(?:kg|g|ml|cl|dl|l|tbsp|tsp|cups?|oz|lbs?)\.?(?:\s*\([^)]{1,30}\))?(?:,\s.{2,30}|\s\p{L}+ed)?$/iu;
/** "chilli 1", "garlic 2 cloves" */
const COUNT_LAST =
  /^\p{L}[^\d,:]{1,30}\s\d{1,2}(?:\s(?:cloves?|bunch(?:es)?|sprigs?|sticks?|heads?|leaves|leaf|tins?|pcs?|no)\.?)?(?:,\s.{2,30})?$/iu;

/** "pinch yeast", "a handful of dill" */
const BY_EYE_FIRST =
  /^(?:an?\s+)?(?:(?:small|large|good|big)\s+)?(?:(?:pinch|handful|bunch|knob|splash|drizzle|dash|squeeze|sprig)\s+(?:of\s+)?|(?:bit|lump|drop|blade|little) of\s+|(?:tsp|tbsp)\s+(?:of\s+)?)\p{L}/iu;
/** "tin chickpeas", "thumb ginger" */
const PACK_FIRST = /^(?:tin|can|packet|thumb|bag|tub)\s+(?:of\s+)?\p{L}/iu;

const isAmount = (part: string, book: FactBook): boolean => {
  if (AMOUNT_LAST.test(part) || BY_EYE_FIRST.test(part)) return true;
  if ((COUNT_LAST.test(part) || PACK_FIRST.test(part)) && book.read(part).found.length > 0) return true;
  const read = readAmount(bare(part));
  if (read === null) return false;
  const rest = read.rest.slice(0, 60);
  return book.read(rest).found.length > 0 || (read.unitWritten && /^(?:of\s+)?\p{L}{3}/u.test(rest) && !NO_FOOD.test(rest));
};
/** What a portion feeds is no list of what goes in. */
const NUTRITION =
  /\b(?:kcals?|calories|kj)\b|\d\s?cal\b|\b(?:fat|carb(?:ohydrate)?s|protein|fibre|saturates)\b.*\b(?:fat|carb(?:ohydrate)?s|protein|fibre|saturates)\b/i;
/** What stands behind an amount that measures and names nothing. */
const NO_FOOD = /^(?:each|long|wide|thick|high|across|apart|per|in all|total|for|until|before|after|at|or|left|later|more|less|than|on)\b/i;

/** "2 tsp each cumin, coriander and fennel seed": as much of every one of them. */
const EACH_OF =
  /^((?:(?:\d{1,4}(?:[.,/]\d{1,2})?|[½¼¾]|an?|one|two|three|half an?)\s?)?(?:kg|g|ml|tsp\.?|tbsp\.?|teaspoons?|tablespoons?|pinch(?:es)?|handfuls?|bunch(?:es)?|sprigs?|sticks?))\s+each\s*(?::\s*|\s(?:of\s+)?)(\p{L}.{3,120})$/iu;

function eachOf(text: string, book: FactBook): InlineList | null {
  const [, amount = '', rest = ''] = EACH_OF.exec(text) ?? [];
  const [, bareRest = rest, done = ''] = /^(.+?)(,\s+(?:(?:finely|roughly|freshly)\s)?\p{L}+(?:ed|torn|cut))$/u.exec(rest) ?? [];
  const items = bareRest.split(/\s*,\s*(?:and\s+)?|\s+(?:and|&)\s+/).filter(Boolean);
  if (items.length < 2 || items.some((item) => item.split(' ').length > 4 || book.read(item).found.length === 0)) return null;
  const [, state = ''] = /^(ground|dried|fresh|chopped)\s/i.exec(items[0]!) ?? [];
  return {
    lead: '',
    heading: '',
    lines: items.map((item) => {
      // "ground cumin, coriander": both are ground.
      const named = state && !item.includes(' ') ? `${state} ${item}` : item;
      return `${/^[\d½¼¾]|^(?:an?|one|two|three|half)\s/i.test(amount) ? '' : '1 '}${amount} ${named}${done}`;
    }),
    after: '',
  };
}

const NAME_THEN_AMOUNT =
  /^\p{L}[^\d,:;.()]{1,24}\s(?:\d{1,4}(?:[.,]\d{1,2})?\s?(?:kg|g|ml|l|tbsp|tsp|cloves?|sprigs?|sticks?|bunch(?:es)?|leaves|heads?|bulbs?)?|to taste|pinch)$/iu;

/** "Bay 3, thyme 6 sprigs", "White pepper 3 g, salt to taste": two in a line, each with its amount behind it. */
function twoBehind(text: string, book: FactBook): InlineList | null {
  // "garlic 1 head, ginger 100 g - both grated"
  const [, list = text, done = ''] = /^(.+?)\s+[-–,]\s*(?:both|all)\s+(\p{L}[\p{L} ]{2,30})$/u.exec(text) ?? [];
  const parts = list.split(/,\s+/);
  const isTwo =
    parts.length === 2 && parts.every((part) => NAME_THEN_AMOUNT.test(part) && book.read(part.replace(/\d.*$/, '')).found.length > 0);
  const lines = parts.map((part) => (done ? `${part}, ${done}` : part));
  return isTwo && !isTold(text) ? { lead: '', heading: '', lines, after: '' } : null;
}

/** "1 egg and 1 yolk", "2 large eggs + 2 egg yolks" */
const EGGS_AND_PARTS =
  /^[-*•]?\s*((?:\d{1,2}|one|two|three|four)\s(?:whole\s)?(?:(?:small|medium|large)\s)?eggs?)\s*(?:,|\+|&|and|plus)\s*(?:and\s|plus\s)?(\d{1,2}|an?|one|two|three|four)\s(?:extra\s)?(?:egg\s)?(yolks?|whites?)$/i;

/** "2 t. salt, ¼ t. pepper", "1 cup cornmeal + ½ cup crumbs": two in a line, each measured. */
function twoMeasured(text: string, book: FactBook): InlineList | null {
  const eggs = EGGS_AND_PARTS.exec(text);
  if (eggs) return { lead: '', heading: '', lines: [eggs[1]!, `${eggs[2]!} egg ${eggs[3]!}`], after: '' };
  // "50 g carrot, 50 g onion, both in fine dice"
  const [, list = text, done = ''] =
    (/,\s+(?:both|all)\s/.test(text) && /^(.+?),\s+(?:both|all)\s+(\p{L}[\p{L} ]{2,30})$/u.exec(text)) || [];
  const parts = list.split(/\s*(?:,\s+(?=[\d½¼¾⅓⅔])|\s\+\s)/);
  const isOne = (part: string) => {
    const read = readAmount(part);
    return (
      read !== null &&
      read.unitWritten &&
      // "500 g flour, 50 g of it rye" is one.
      !/[\d,]|^(?:it|which|them|these)\b/.test(read.rest) &&
      !isTold(read.rest) &&
      book.read(read.rest.slice(0, 60)).found.length > 0
    );
  };
  if (parts.length !== 2 || !parts.every(isOne)) return null;
  return { lead: '', heading: '', lines: done ? parts.map((part) => `${part}, ${done}`) : parts, after: '' };
}

/**
 * "To each hundred walnuts put two quarts of vinegar, two ounces of pepper": old books give proportions. What they are for is the first of
 * the list.
 */
const PROPORTION =
  /^to (?:every|each) ((?:hundred|dozen|score|pound|pint|quart|gallon|ounce|kilo|kilogram|litre|kg|lb|\d[\d.,]* ?(?:g|kg|lb|l|ml))) (?:of (?:the )?)?(\p{L}[\p{L} -]{2,30}?),? (?:put|allow|add|take|use|give)\s+(.+?)\.(?:\s+(.*))?$/iu;
const IN_FIGURES: Readonly<Record<string, string>> = { hundred: '100', dozen: '12', score: '20' };

function proportions(text: string, book: FactBook): InlineList | null {
  const [, measure = '', of = '', rest = '', after = ''] = PROPORTION.exec(text) ?? [];
  if (!of) return null;
  const base = /^\d/.test(measure) ? measure : (IN_FIGURES[measure.toLowerCase()] ?? `1 ${measure}`);
  const lines = cutAtCommas(rest, book);
  return lines.every((line) => isAmount(line, book)) ? { lead: '', heading: '', lines: [`${base} ${of}`, ...lines], after } : null;
}

const RUNS_ON = /^(?:\d|½).*\p{L}\s(?:\d{1,2}|½)\s\p{L}/u;
/** "1 carrot 1 stick celery 1 small onion all tiny dice": commas left out, by who types on a telephone. */
function runOn(text: string, book: FactBook): InlineList | null {
  if (!RUNS_ON.test(text)) return null;
  const [, list = text, done = ''] = /^(.+?),?\s(?:all|both)\s(\p{L}[\p{L} ]{2,30})$/u.exec(text) ?? [];
  const parts = list.split(/\s+(?=(?:\d{1,2}|½)\s\p{L})/u);
  const isOne = (part: string) =>
    !/,/.test(part) &&
    part.split(' ').length <= 5 &&
    /^(?:\d{1,4}\s|½)/.test(part) &&
    !/\s(?:min|mins|minutes|hrs?|hours?|cm|mm)\b/i.test(part) &&
    !/\s(?:of|or|and|in|with|for|x|per|to|into|about|plus)$/i.test(part) &&
    book.read(readAmount(part)?.rest ?? '').found.length > 0;
  if (parts.length < 2 || !parts.every(isOne) || isTold(text)) return null;
  return { lead: '', heading: '', lines: parts.map((part) => (done ? `${part}, ${done}` : part)), after: '' };
}

const OLD_LIST = /^(?:take|get)\s+((?:an?|one|two|three|half|\d)\b[^.;]{3,80}(?:;[^.;]{3,80}){2,20})\.\s*(.*)$/i;

/** Cut at commas and at "and" that stand outside brackets and before another amount or food. */
export function cutAtCommas(text: string, book: FactBook): string[] {
  // "broad beans, dried, split 500 g; onion 150 g; …": commas stand inside of what semicolons part.
  const apart = text.split(/\s*;\s*/).filter(Boolean);
  if (apart.length >= 3 && apart.every((part) => isAmount(part, book) || /\d/.test(part))) return apart;
  const pieces: string[] = [];
  let depth = 0;
  let from = 0;
  for (let at = 0; at < text.length; at += 1) {
    const sign = text[at]!;
    if (sign === '(' || sign === '[') depth += 1;
    else if ((sign === ')' || sign === ']') && depth > 0) depth -= 1;
    else if (depth === 0 && ((sign === ',' && /\s/.test(text[at + 1] ?? '')) || sign === ';')) {
      pieces.push(text.slice(from, at));
      from = at + 1;
    }
  }
  pieces.push(text.slice(from));
  return pieces.flatMap((piece) => {
    // "600g mayo 200g yoghurt": a comma was left out.
    const run = /^(\d{1,4}\s?(?:g|kg|ml|l)\s\p{L}[^\d]{2,30})\s(\d{1,4}\s?(?:g|kg|ml|l)\s\p{L}[^\d]{2,30})$/u.exec(piece.trim());
    // "mayo 1.2kg yog 800g": the same with the amounts behind.
    const behind = /^(\p{L}[^\d,]{2,30}\s\d[\d.,]{0,6}\s?(?:g|kg|ml|l))\s(\p{L}[^\d,]{2,30}\s\d[\d.,]{0,6}\s?(?:g|kg|ml|l))$/u.exec(
      piece.trim(),
    );
    if (behind && isAmount(behind[1]!, book) && isAmount(behind[2]!, book)) return [behind[1]!, behind[2]!];
    if (run && !/\s(?:and|&|or|with|plus|for)$/i.test(run[1]!) && isAmount(run[1]!, book) && isAmount(run[2]!, book))
      return [run[1]!, run[2]!];
    const joined = /^(.+?)\s+(?:and|&|plus)\s+(.+)$/i.exec(piece.trim());
    return joined && (isAmount(joined[1]!, book) || PART_OF.test(joined[1]!)) && isAmount(joined[2]!, book)
      ? [joined[1]!, joined[2]!]
      : [piece.trim()];
  });
}

/**
 * What is to be done with ingredients that stand before it in the same line: "2 long cucumbers. Peel and slice …", and in numbered lines
 * "3. 150 g almonds — work in."
 */
function toldBehind(text: string, numbered: boolean, book: FactBook): { readonly list: string; readonly after: string } | null {
  const parted =
    /^(.{4,300}?)\s(?:->|→|=>|⇒)\s(\p{L}.{2,})$/u.exec(text) ??
    (numbered ? /^(.{4,200}?)\s[—–-]\s(\p{L}.{2,})$/u.exec(text) : /^(.{4,40}?\p{Ll})\.\s+(\p{Lu}.{6,})$/u.exec(text));
  const [, list = '', after = ''] = parted ?? [];
  // "1 Wash and slice the leeks. Peel …" is a numbered step.
  return parted &&
    !/^(?:with|in|of|on|to|for|and|from)\s|^\d{1,2}[.)]\s/i.test(list) &&
    (isAmount(list, book) || (HEADED.test(list) && isAmount(list.replace(HEADED, ''), book))) &&
    !isTold(list) &&
    // "2 lb. tin, 350°F, 1 hr. Turn out …"
    heatsIn(list).length === 0 &&
    // "3 Dress lentils while warm. Cool …"
    !/\s(?:while|until|when|then)\s/i.test(list) &&
    !isTold(list.replace(/^\S+\s+/, '')) &&
    isTold(after)
    ? { list, after }
    : null;
}

/** A heading and what stands in one row behind it; the heading is empty where there is none. */
export interface InlineList {
  /** Words that lead to it and name nothing: "You need"; empty where there are none. */
  readonly lead: string;
  readonly heading: string;
  readonly lines: readonly string[];
  /** What is said after the list, in the same paragraph. */
  readonly after: string;
}

/** "For the rice you need 400 g rice": one ingredient under a heading of its own. */
function headedOne(text: string, book: FactBook): InlineList | null {
  const headed = HEADED_ASKED.exec(text);
  const line = headed ? text.slice(headed[0].length).trim() : '';
  return headed && isAmount(line, book) && !isTold(line) ? { lead: '', heading: headed[1]!, lines: [line], after: '' } : null;
}

/** "… and for the sauce 2 mangoes, 1 tin of …": where another list begins inside a sentence. */
const NEXT_LIST = /\s*(?:,|;|\band\b)\s*(?:and\s+)?for\s+the\s+(\p{L}[\p{L} ]{1,30}?)\s+(?=(?:\d|[½¼¾]|an?\s|half\s))/iu;

/**
 * A paragraph whose list does not stand at its beginning: what is said before it, and the list. Null where there is none.
 *
 * @example listInside('This is easy. You need 200 g flour, 2 eggs and 1 tsp salt. Mix.')?.before // 'This is easy.'
 */
export function listInside(raw: string, book: FactBook = SHIPPED_BOOK): { readonly before: string; readonly row: InlineList } | null {
  if (raw.length < 60 || raw.length > LONGEST) return null;
  // "… is really easy, you want a whole lemon": a sentence goes on to the list.
  const sentences = raw.trim().split(/(?<=[.!?])\s+(?=\p{Lu})|,\s+(?=you (?:want|need|take)\s)|(?<=!)\s+(?=\d)/u);
  for (let at = 1; at < sentences.length; at += 1) {
    const row = isTold(sentences[at]!) ? null : inlineList(sentences.slice(at).join(' '), book);
    if (row && (row.lines.length >= 2 || row.heading)) return { before: sentences.slice(0, at).join(' '), row };
  }
  return null;
}

/**
 * Ingredients that stand in one row: behind bullets or commas, with or without a heading, or in a sentence ("You need 500 g of flour,
 * a pinch of salt and two eggs."). Null where a paragraph is none such: three measured parts at least, and nobody told what to do.
 *
 * @example inlineList('For the batter – 200 g flour • 2 eggs • 1 tsp salt')?.lines.length // 3
 * @example inlineList('Whisk 200 g flour, 2 eggs and 1 tsp salt.') // null
 */
export function inlineList(raw: string, book: FactBook = SHIPPED_BOOK): InlineList | null {
  if (NUTRITION.test(raw) || /^\s*\d{1,2}[:.]\d{2}\s?[-–]/.test(raw)) return null;
  const two = raw.length < 80 ? (twoBehind(raw.trim(), book) ?? twoMeasured(raw.trim(), book) ?? runOn(raw.trim(), book)) : null;
  if (two) return two;
  if (raw.length < 24 || raw.length > LONGEST || /^\s*\||\t/.test(raw)) return null;
  const numbered = /^\s*\d{1,2}[.)]\s+(?=[\d½¼¾]|an?\s)/i.exec(raw);
  const whole = raw
    .slice(numbered?.[0].length ?? 0)
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/^[-*•]\s+/, '');
  // "Take one pound of butter, beaten to a cream; one pound of sugar; eight eggs. Mix …": as old books list.
  const old = OLD_LIST.exec(whole);
  if (old) {
    const lines = old[1]!.split(/\s*;\s*(?:and\s+)?/).filter(Boolean);
    if (lines.every((line) => isAmount(line, book))) return { lead: '', heading: '', lines, after: old[2]!.trim() };
  }
  const each = eachOf(whole, book) ?? proportions(whole, book);
  if (each) return each;
  const next = NEXT_LIST.exec(whole);
  if (next && next.index > 12) {
    const first =
      inlineList(whole.slice(0, next.index), book) ?? (HEADED_ASKED.test(whole) ? headedOne(whole.slice(0, next.index), book) : null);
    const after = `For the ${next[1]!}: ${whole.slice(next.index + next[0].length)}`;
    if (first) return { ...first, after: [first.after, after].filter(Boolean).join(' ') };
  }
  const told = toldBehind(whole, numbered !== null, book);
  const written = told?.list ?? whole;
  if (!/[,;•·|+]|\s\/\s|\sand\s/.test(written) || (!/[,;•·|+]|\s\/\s/.test(written) && !ASKED.test(written)))
    return told ? { lead: '', heading: '', lines: [told.list], after: told.after } : null;
  const headedAsked = headedIn(written);
  const asked = headedAsked
    ? null
    : (ASKED.exec(written) ??
      /^(?!(?:for|to)\b)[^:.•]{3,140}:\s+(?=(?:about |half |an? )?[\d½¼¾]|(?:one|two|three|four|six|half an?)\s\p{L}|(?:tops|juice|zest|leaves) of\b)/iu.exec(
        HEADED.test(written) ? '' : written,
      ));
  const headed = asked ? null : (headedAsked ?? HEADED.exec(written));
  if (headed && (NOT_FOOD.test(headed[1]!) || readAmount(headed[1]!))) return null;
  const body = written.slice((asked ?? headed)?.[0].length ?? 0);
  if (!asked && isTold(headed ? body : written)) return null;
  const bullets = body.split(BULLETS).filter(Boolean);
  const byBullets = bullets.length >= 3;
  // A list in a sentence ends where the sentence does; bullets go on to the end of the line.
  // Where nothing is written large, any letter begins a sentence.
  const end = byBullets
    ? -1
    : body.search(
        /\p{Lu}/u.test(body)
          ? /(?<=\p{L}{2}|\))[.!]\s+(?=\p{Lu})/u
          : /(?<=\p{L}{3})(?<!\b(?:tbsp|tbs|tsp|lbs|pkts?|approx|med|lge|sml|inch|mins?|hrs?|deg))[.!]\s+(?=\p{L})/u,
      );
  const listed = (end < 0 ? body : body.slice(0, end)).replace(/[.]$/, '');
  let after = told?.after ?? (end < 0 ? '' : body.slice(end + 1).trim());
  const sums = listed.split(/\s+\+\s+/);
  const strokes = listed.split(/\s+\/\s+/);
  // "rye 300 g / water 300 g / starter 30 g — 14 h": what is done stands behind a dash.
  const [, lastOne, dashed] = /^(.{3,60}?)\s[—–]\s(.{2,80})$/u.exec(strokes.length >= 3 ? strokes.at(-1)! : '') ?? [];
  if (lastOne && dashed) strokes[strokes.length - 1] = lastOne;
  const byStrokes = strokes.length >= 3 && strokes.filter((part) => isAmount(part, book)).length >= strokes.length * 0.6;
  if (byStrokes && dashed) after = [dashed, after].filter(Boolean).join('. ');
  let parts = byBullets
    ? bullets
    : sums.length >= 3 || (sums.length === 2 && headed && sums.every((part) => isAmount(part, book)))
      ? sums
      : byStrokes
        ? strokes
        : cutAtCommas(listed, book);
  // "Leek oil: 200 g leek greens, 300 g oil, blend 6 min, hang": what is done stands behind what goes in.
  const work = headed && !byBullets ? parts.findIndex((part) => isTold(part) && !isAmount(part, book)) : -1;
  if (work >= 2) {
    after = [parts.slice(work).join(', '), after].filter(Boolean).join('. ');
    parts = parts.slice(0, work);
  }
  const lines: string[] = [];
  for (const part of parts.map((each) => bare(each.trim())).filter(Boolean)) {
    const own = isAmount(part, book) || (book.read(part.slice(0, 80)).found.length > 0 && !SAYS_HOW.test(part));
    if (own || lines.length === 0) lines.push(...(eachOf(part, book)?.lines ?? [part]));
    else lines[lines.length - 1] += `, ${part}`;
  }
  const measured = lines.filter((line) => isAmount(line, book)).length;
  const named = (line: string) => {
    const outside = line.replace(/\s*\([^)]*\)|\s+(?:for\s+\p{L}+ing|to\s+(?:fry|serve|finish|garnish|coat|crumb|dust))$/gu, '');
    return outside.split(' ').length <= 4 && book.read(outside).notKnown.length === 0 && book.read(outside).found.length > 0;
  };
  const isList =
    measured >=
      (told
        ? 1
        : work >= 2 || asked || headedAsked || (headed && byStrokes) || (byStrokes && dashed) || /^(?:for|to)\b/i.test(headed?.[1] ?? '')
          ? 2
          : 3) && measured >= lines.length * 0.6;
  // "thyme, garlic, olive oil 150ml, salt": foods alone, some of them measured.
  const areFoods =
    lines.length >= 3 &&
    measured >= 1 &&
    // "2 Blend half with cream cheese, horseradish, lemon juice" is a step that is numbered.
    !/^\d{1,2}\s+\p{Lu}/u.test(listed) &&
    lines.filter((line) => isAmount(line, book) || named(line)).length >= lines.length * (measured >= 2 ? 0.75 : 1) &&
    !/[.!]$/.test(end < 0 ? body : listed);
  const isNamed =
    headed !== null &&
    lines.length >= 2 &&
    lines.every((line) => isAmount(line, book) || named(line)) &&
    !/[.!]$/.test(end < 0 ? body : listed);
  if (!isList && !isNamed && !areFoods) return null;
  // What leads to a list stands before it: see `listInside`.
  if (lines.some((line) => /^you (?:want|need|take)\s/i.test(line)) || /[\p{L}\d][.!]\s+(?:I|We|You)\s|!\s+\d/u.test(lines[0]!))
    return null;
  // "warm water 60 ml" is no order.
  if (lines.some((line) => (isTold(line) && !AMOUNT_LAST.test(line)) || line.length > 160)) return null;
  // "dressing: 4 tbsp oil, …" heads what follows, in small letters too.
  const short =
    asked && /^\p{L}[\p{L}\s-]{2,24}:$/u.test(asked[0].trim()) && asked[0].trim().split(/\s+/).length <= 3 && !LEADS.test(asked[0]);
  if (short && !NOT_FOOD.test(asked[0])) return { lead: '', heading: asked[0].trim().slice(0, -1), lines, after };
  return { lead: asked ? asked[0].trim() : '', heading: headed ? headed[1]! : '', lines, after };
}
