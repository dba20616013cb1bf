import { remembered } from '../remembered';
import { exact } from '../exact';
import { unitOf, type Amount, type UnitCode } from '../quantity';
import { readAmount } from './readAmount';
import { readNumber } from './numbers';

/** What a line says of how much a recipe gives. */
export interface YieldSaid {
  /** Portions, or pieces where nothing else is said; the lower end of a range. */
  readonly portions: number | null;
  /** A quantity that one making gives, besides or instead. */
  readonly gives: Amount | null;
  /** How much of the line is about something else: 0 where it says nothing but the yield. */
  readonly left: number;
}

const LEAD =
  /^\W*(?:(?:each|every)\s+(?:group|team|pair|student|person)\s+(?=makes\b))?(?:to make\s+(?=\d)|(?:this\s+)?(?:recipe\s+|standard\s+|batch\s+|total\s+)?(?:serves|serving|servings?|feeds|scale\s*:?\s*[×x]?\s?1(?=\s?=)|(?:we|there) (?:are|were)(?=\s+\d{1,3}(?:\s(?:of us|people))?[.,]?\s*$)|does(?=\s+\d)|output(?=\s*:)|(?:pieces|units|balls|rings|tins)(?=\s*:?\s+\d{1,3}\s(?:of|at|à|@|x|×)\s?\d)|(?:got|gave|made|filled)(?=\s(?:about\s)?\d{1,3}\s(?:jars?|bottles?|loaves|tins?|pots?|pieces|portions|buns|rolls|biscuits)\b)|per(?=\s+\d{2,4}\W*$)|fills|will (?:do|make|serve|feed)|batch(?:\s+size)?(?=\s*:|\s+(?:of\s+)?\d)|(?:pour|für|para|per|voor)(?=\s+\d{1,3}(?:\s+(?:pers[a-z]*|portionen|convives))?\.?\s*$)|yields?|makes(?:\s+enough(?=\s+for))?|gives|covers?|portions?|pax|quantity(?: to (?:produce|make))?|(?:dough|batch|total|finished) (?:yield|weight)(?=\s*[:|]|\s+\d)|enough|sufficient|for|(?:number|no\.?)(?: of)? (?:portions|covers|servings|people)|cuts? into)\b(?:\s+(?:for|to serve|to make|about))?)\s*[:\-–=]?\s*(?:(?:it\s+)?(?:serves|makes)\s+)?/i;
const ABOUT = /^(?:about|abt\.?|approx(?:imately)?\.?|around|roughly|up to|at least|~|ca?\.)\s*/i;
const EATERS =
  /^(?:(?:very\s+)?(?:hungry|greedy)\s+)?(?:people|pers(?:ons?)?\b\.?|portions?|ptns?\b\.?|servings?|covers?|plates?|pax|guests?|students?|diners?|serves|ppl|peeps|p(?=$)|personnes|personen|personas|persone|portionen|convives)\b/i;
/** What portions are counted in, where they are pieces. */
const PIECES =
  /^(?:(?:very\s+)?(?:small|large|big|medium|mini|little|generous|individual|good|fat|thin|thick)(?:\s+ones?)?\s*)?(?:pieces?|squares?|slices?|biscuits?|cookies?|crackers?|buns?|rolls?|muffins?|scones?|tarts?|tartlets?|cakes?|bars?|fingers?|balls?|pancakes?|pies|bowls?|glasses|cups?|ones?|tranches|items?|units?|each|ea|pcs?|samosas|pasties|parcels?|blinis?|shortbreads?)?\b/i;
const NOTHING_MORE =
  /^(?:\s*(?:easy|simple|moderate|challenging|vegetarian|vegan|(?:gluten|dairy|nut)[- ]free|(?:cost\s*)?(?:\/|per|a)\s*portions?\s*[£$€]?\s?\d[\d.,]*|takes\s+[\p{L}\s]+|(?:or\s+(?:for\s+)?\d{1,3}\s+)?as\s+(?:an?\s+|part of an?\s+)?[\p{L}\s]+|\+ a (?:bit|little)|and a bit|each|or so|approx(?:imately)?|about|ca|with\s+[\p{L}\s]+|in all|batch|per\s+(?:learner|student|pair|person|group|team)|to share|generously|(?:of|at|à|@|x|×)\s?\d+\s?(?:g|ml|cm)(?:\s+each)?|\([^)]*\)|[.,;:|/–-]))*\s*$/iu;

/** "A bowl for four": what it is made in, and for how many. */
const FOR_SO_MANY =
  /^(?:an?|one)\s+(?:(?:small|large|big|good|generous)\s+)?(?:bowl|bowlful|dish|pot|potful|pan|tray|loaf|cake|tart|pie|jug|lunch|supper|dinner|meal|starter|snack|breakfast)\s+for\s+(two|three|four|five|six|eight|ten|twelve|\d{1,3})(?:\s+(?:people|persons?|hungry\s+\p{L}+))?\.?$/iu;

/** "For one 20x30 tin (24 bars)" */
const FOR_ONE =
  /^(?:(?:sure(?: thing)?|ok(?:ay)?|right|of course)[!.,]?\s+)?(?:this is |it[’']s )?(?:for|makes|fills) (?:an?|one|1)\s[^()]{2,30}\b(?:tin|tray|dish|mould|pan|frame|sheet)\s*\((?:about\s|makes\s)?(\d{1,3})\s\p{L}+\)[:.]?$/iu;

/** "1 form, about 10 bits" */
const VESSEL_CUT =
  /^(?:1|one|an?)\s(?:\d{1,2}\s?(?:cm|inch)\s)?(?:form|tin|tray|loaf|cake|tart|pie|mould|dish|slab|sheet),?\s(?:about\s|ca\.?\s|approx\.?\s|makes\s|gives\s|cuts into\s)?(\d{1,3})\s(?:bits|pieces|slices|squares|portions|bars|wedges|fingers)\.?$/iu;

const isMeasure = (unit: UnitCode): boolean => unitOf(unit).dimension !== 'count';
/** What things are made in, and counted by. */
const MADE_IN: ReadonlySet<UnitCode> = new Set(['tin', 'jar', 'bottle', 'tub', 'loaf', 'batch', 'sheet', 'packet']);

/** What stands beside a yield and is about time: "Takes 45 mins", "Prep time 10 minutes". */
const TIMED =
  /^(?:about\s+)?\d{1,3}\s?(?:min(?:ute)?s?|hours?|hrs?)\s(?:hands[- ]on|altogether|in all|in total|total|active|prep(?:aration)?|cooking|baking|to (?:make|prepare|cook)|plus\s[\p{L}\s]{3,20})$|^(?:takes?|prep(?:aration)?(?: time)?|cook(?:ing)?(?: time)?|total(?: time)?|ready in|bak(?:e|ing)(?: time)?|time)\b\s*:?\s*(?:about\s+)?\d[\w\s½¼]{0,20}$/iu;

/** Between what a line says: signs, or nothing before what takes time ("SERVES 4  PREP 10 MINS  COOK 12 MINS"). */
const SIGNS = /\s*(?:[|•]|\s·\s|\/(?=\s)|,(?=\s*(?:about\s)?\d)|;)\s*/;
const BEFORE_TIMES = /\s+(?=(?:prep(?:aration)?|cook(?:ing)?|total|bak(?:e|ing)|ready in|takes)(?:\s+time)?\s*:?\s+(?:about\s+)?\d)/gi;
const PICTURE = /\s*(?![\d#*©®™])\p{Extended_Pictographic}\uFE0F?\s*/gu;
/** What stands in next to no line is looked for only where it may stand. */
const NO_ASCII = /[^\0-\x7f]/;
const MAY_TAKE_TIME = /\d.*\s(?:prep|cook|total|bak|ready|takes)/i;

interface Count {
  readonly count: number;
  readonly rest: string;
}

function countAt(text: string): Count | null {
  const bare = text.replace(ABOUT, '');
  const dozens = /^(?:(half a|a|one|two|three|four|five|six|\d{1,2})\s+)?dozen\b/i.exec(bare);
  if (dozens) {
    const of = dozens[1] ? (/half/i.test(dozens[1]) ? exact('1/2') : readNumber(dozens[1])!.value) : exact(1);
    return { count: of.mul(12).valueOf(), rest: bare.slice(dozens[0].length).trim() };
  }
  const number = readNumber(bare);
  if (!number) return null;
  const range = /^\s*(?:-|–|—|to|or)\s*\d{1,3}\b/i.exec(number.rest);
  const count = number.value.valueOf();
  return Number.isInteger(count) && count > 0 && count <= 2000 ? { count, rest: number.rest.slice(range?.[0].length ?? 0).trim() } : null;
}

/** "10 x 150 g portions", "1 x 23 cm tart": how many, and how large each is. */
const SIZED =
  /^(\d{1,3}|one|two|three|four)(?:\s?[x×]\s?\d{1,4}\s?(?:g|ml|cm|mm|in(?:ch)?)|\s\d{1,2}[- ]?(?:cm|in(?:ch(?:es)?)?)(?=\s(?:square|round|cake|tart|tin|loaf|pie)s?\b))\b\s*/i;

/** One part of a line, "8 tins of 500 g", "12 covers", "about 40". */
function partSaid(
  part: string,
  told: boolean,
): { portions: number | null; gives: Amount | null; left: string; eaters?: true; pieces?: boolean } | null {
  const amount = readAmount(part.replace(ABOUT, ''));
  const bracket =
    /\(\s*(?:about\s+|approx\.?\s+|ca?\.\s?|[≈~]\s?)?(\d{1,3})\s?(?:[x×]\s?\d[\d.,]*\s?(?:fl\.? ?oz|oz|g|ml|cl|l)|\s[\p{L}\s]{3,20})\)/u.exec(
      part,
    );
  if (amount?.unitWritten && amount.amount.unit !== 'each' && (isMeasure(amount.amount.unit) || MADE_IN.has(amount.amount.unit))) {
    const left = amount.rest.replace(/\([^)]*\)|^of\s+\d[\d.,]*\s?(?:kg|g|ml|cl|l)\b/gi, '');
    // Bare tins are a yield where nothing is in them: "8 tins of 500 g".
    return told || isMeasure(amount.amount.unit) || /^(?:of\s+)?\d/.test(amount.rest.trim()) || NOTHING_MORE.test(amount.rest) || amount.one
      ? { portions: bracket ? Number(bracket[1]) : null, gives: amount.amount, left: left.replace(/^\d[\d.,]*\s?(?:kg|g|ml|cl|l)\b/, '') }
      : null;
  }
  const counted = countAt(part.replace(SIZED, '$1 '));
  if (!counted) return null;
  const eaters = EATERS.exec(counted.rest);
  if (eaters) return { portions: counted.count, gives: null, left: counted.rest.slice(eaters[0].length), eaters: true };
  // "makes a good supper", "for 2 minutes"
  if (/^an?\b/i.test(part) || /^(?:min|sec|hour|hr|day|week|h\b)/i.test(counted.rest)) return null;
  const pieces = PIECES.exec(counted.rest);
  const after = counted.rest.slice(pieces?.[0].length ?? 0);
  if (!told && !pieces?.[0]) return null;
  const word =
    /^\s*(?!(?:as|at|of|x|à|per)\b)(?:(?:half|quarter|full)\s+)?(?:[\p{L}]+)(?:\s+(?:tins?|trays?|moulds?|rings?|loaf|loaves|sheets?))?/iu.exec(
      after,
    );
  // "1 loaf (12 slices)", "1 tray 60 x 40 cm": what it is made in, in words.
  const eat = bracket ? EATERS.test(bracket[0].replace(/^\(\s*(?:about\s+)?\d{1,3}\s*/, '')) : false;
  if (told && bracket && (eat || Number(bracket[1]) > counted.count)) return { portions: Number(bracket[1]), gives: null, left: '' };
  return { portions: counted.count, gives: null, left: told && word ? after.slice(word[0].length) : after, pieces: Boolean(pieces?.[0]) };
}

/**
 * How many or how much a line says that a recipe gives; null where it does not say.
 *
 * @example yieldSaid('Covers 14')?.portions // 14
 * @example yieldSaid('enough for two dozen')?.portions // 24
 * @example yieldSaid('8 tins of 500 g', true)?.gives // { min: '8', max: '8', unit: 'tin', about: false }
 * @param told - whether it is known that the line is about the yield, as behind "Yield:"
 */
export function yieldSaid(line: string, told = false): YieldSaid | null {
  if (line.length > 200) return null;
  return told ? saidOf(line, true) : saidUntold(line);
}

const saidUntold = remembered((line) => saidOf(line, false));

function saidOf(line: string, told: boolean): YieldSaid | null {
  // "⏲ 35 min 👥 4 servings": pictures part what they stand before.
  // "One bowl": what it is made in, and no yield.
  if (!told && /^\W*(?:one|1|two|2)[- ](?:bowl|pot|pan|tray|sheet|skillet)s?\W*$/i.test(line)) return null;
  const bare = (NO_ASCII.test(line) ? line.replace(PICTURE, ' | ') : line)
    .replace(/^[\s*_>#|–—•-]+|(?<![\s*_|])[\s*_|]+$/g, '')
    // "12 slices — 1 terrine mould 1.2 l"
    .replace(
      /^(\d{1,3}\s\p{L}+)\s[–—]\s(?:(?:one|\d{1,2})\s)?(?:(?:terrine|loaf|bread|cake)\s)?(?:mould|tin|tray|ring|dish|frame)s?\b.*$/iu,
      '$1',
    )
    // "(two portions)"
    .replace(/^\(([^()]*)\)$/, '$1')
    // "24ish", "4 jars-ish": about so many; "yep. for 25": said in a chat.
    .replace(/(?<=\d|\p{L}-)\s?-?ish\b/giu, '')
    .replace(/(?<=\p{L})-(?=\s|$|\))/gu, '')
    // "Enough for four as a side dish, two as a meal", "serves 2 hungry ppl or 3 normal"
    .replace(/,\s(?:\d{1,3}|two|three|four|five|six|eight)\s(?:as|after|before|with|if)\s[\p{L}\s]{2,40}[.!]?$/iu, '')
    .replace(/(?<=\d.*)\sor\s\d{1,3}\s(?:normal|small|light|polite|less|not)\b[\p{L}\s]*$/iu, '')
    // "Serves two, or one with plans"
    .replace(
      /^((?:serves|feeds|for)\s(?:\d{1,3}|\p{L}+)),?\sor\s(?:\d{1,3}|one|two|three|four|five|six|eight|ten)\s\p{L}[\p{L} ]{2,30}$/iu,
      '$1',
    )
    .replace(/^(?:yep|yes|yeah|yup|ok(?:ay)?|sure|so)[.,!:]*\s+(?=(?:for|makes|serves|feeds|does|gives)\s)/i, '')
    .trim();
  if (!bare || bare.length > 120) return null;
  // "For one 20x30 tin (24 bars):"
  const tin = FOR_ONE.exec(bare);
  // "x24" under the name of a dish
  const times = /^[x×]\s?(\d{1,3})$/i.exec(bare);
  if (times) return { portions: Number(times[1]) || null, gives: null, left: 0 };
  // "20 x 300 ml" with nothing behind it
  const sized = /^(\d{1,3})\s?[x×]\s?\d{1,4}(?:[.,]\d)?\s?(?:g|ml|kg|l|cl)\.?$/i.exec(bare);
  if (sized) return { portions: Number(sized[1]) || null, gives: null, left: 0 };
  const cut = VESSEL_CUT.exec(bare);
  if (cut) return { portions: Number(cut[1]) || null, gives: null, left: 0 };
  if (tin) return { portions: Number(tin[1]) || null, gives: null, left: 0 };
  const vessel = FOR_SO_MANY.exec(bare);
  if (vessel) {
    const eaters = readNumber(vessel[1]!)!.value.valueOf();
    return { portions: Number.isInteger(eaters) && eaters > 1 ? eaters : null, gives: null, left: 0 };
  }
  const lead = LEAD.exec(bare);
  const isFor = lead !== null && /^\W*for\b/i.test(lead[0]);
  const body = lead ? bare.slice(lead[0].length) : bare;
  let portions: number | null = null;
  let gives: Amount | null = null;
  let left = '';
  let [plate, leads, eaten, inPieces] = [false, 0, false, false];
  // "1 kg paste = 10 individual pies"
  // "Portions: 6 (12 tomatoes)": who eats is counted, not what they eat.
  const eats =
    lead !== null && /\b(?:serves|servings?|feeds|covers?|portions?|pax)\b/i.test(lead[0]) && /^\d{1,3}\s*\(\d{1,3}\s\p{L}+\)$/u.test(body);
  const said = eats
    ? body.replace(/\s*\(.*$/, '')
    : lead
      ? body.replace(/^(\d[\d.,]*\s?(?:kg|g|l|ml|litres?))\b[^=\d]{0,20}=\s*(?=\d)/i, '$1 / ')
      : body;
  const parts = (MAY_TAKE_TIME.test(said) ? said.replace(BEFORE_TIMES, ' | ') : said)
    .split(SIGNS)
    .filter((part, index) => part || index === 0);
  for (const [index, part] of parts.entries()) {
    // "Portion 140 g fish, 90 g beans" says what lies on a plate.
    const led = index > 0 ? LEAD.exec(part) : null;
    if (led) leads += 1;
    plate ||= index > 0 && /^portions?\b/i.test(part);
    if (plate) continue;
    if ((lead === null || index > 0) && TIMED.test(part)) continue;
    const said = led ? partSaid(part.slice(led[0].length), true) : partSaid(part, told || (lead !== null && index === 0));
    // Nor is the time it takes.
    if (
      !said &&
      (portions !== null || parts.length > 1) &&
      /^(?:about\s+)?\d{1,3}\s?(?:min(?:ute)?s?|h|hrs?|hours?)\b(?:\s\d{1,2}\s?min\w*)?\.?$/i.test(part)
    )
      continue;
    // What it is made in is no other matter: "1 tray 60 x 40 cm, 24 portions".
    if (!said)
      left += ` ${part.replace(/^\d{1,2}\s+(?:\p{L}+\s+)?(?:trays?|tins?|moulds?|frames?|rings?|sheets?|loaf|loaves)\b.*$/iu, '')}`;
    else {
      // "1 terrine / 14 slices", "2 tarts / 24 covers": what it is made in counts for nothing beside the slices, or those who eat.
      portions =
        said.portions !== null &&
        (portions === null || (portions === 1 && said.portions > 1) || (said.eaters && !eaten) || (said.pieces && !inPieces && !eaten))
          ? said.portions
          : portions;
      eaten ||= said.eaters === true;
      inPieces ||= said.pieces === true;
      gives ??= said.gives;
      left += ` ${said.left}`;
    }
  }
  if (portions === null && gives === null) return null;
  // "For 6" and "For 6 people", but not "For 2 minutes" or "for 20 g of yeast".
  if (isFor && gives) return null;
  // "Batch 2.0 kg dough": what there is so much of.
  if (lead)
    left = left.replace(/^\s*(?:of\s+)?(?:finished\s+)?(?:dough|mix(?:ture)?|batter|paste|mass|liquid|product|net|gross|finished)\b/i, '');
  const rest = NOTHING_MORE.test(left) ? '' : left.replace(/\([^)]*\)/g, '').trim();
  // "90 ml oil" and "1 large egg" say what goes in.
  if (!lead && !told && leads === 0 && rest) return null;
  return { portions, gives, left: rest.replace(/[^\p{L}\d]/gu, '').length };
}
