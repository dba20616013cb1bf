import type { Amount } from '../quantity';
import { FILED_BEHIND, NUMBERED_CAPITALS, TIMES_SO_MANY } from './sectionWords';
import { yieldSaid } from './yields';

export const NUMBERING =
  /^(?:(?:part|component|stage|section|task|exercise|activity)\s+(?:\d+|[A-Z])\b\s*[:.–—-]?\s*|recipe\s+\d{0,2}[a-h]?\s*[:.–—-]?\s+(?=\p{Lu})|[A-H][.)]\s+|[A-H]\s[–—-]\s|\d\s*[.)]\s*)/iu;
export const FOR_THE = /^(?:for|to make|making)\s+(?:the\s+|an?\s+)?(?=[^\d\s])/i;
const IN_BRACKETS = /\s*[([]([^()[\]]*)[)\]]\s*:?\s*$/;

/** "Pickling liquor 5L" */
const GIVES_BEHIND = /(?<=\p{L}{3})\s+(\d{1,4}(?:[.,]\d{1,3})?\s?(?:kg|g|ml|l|litres?))$/iu;
/** "Vanilla sauce per group", "Minestrone (per team of 2)" */
const PER_GROUP = /(?<=\p{L})\s+\(?(?:per|for each|for every|a)\s+(?:group|team|pair|bench|table|station)(?:\s+of\s+\w+)?\)?$/iu;
/** Titles, headings and yields are short: nothing is looked for beyond this, so that a pattern has little to go over again. */
export const LONGEST_NAME = 300;

/** The name and what it gives, of the heading of a component. */
export function headingOf(text: string): { readonly name: string; readonly gives: Amount | null } {
  const bare = text
    .slice(0, LONGEST_NAME)
    .replace(/\*\*/g, '')
    .replace(/^\d{1,2}[:.]\d{2}\s+(?=\p{L})/u, '')
    .replace(/^[\s#>*_–—•-]+|[\s:*_–—-]+$/g, '')
    .trim();
  // "1. Tomato jam – 2 kg (need 1.6)"
  const dashed = /\s+[–—-]\s+((?:about\s)?\d[\d.,]*\s?(?:kg|g|ml|l|litres?|ptns?|portions?|pcs|pieces))\.?(?:\s*\([^()]*\))?$/i.exec(bare);
  if (dashed && dashed.index > 3)
    return { name: headingOf(bare.slice(0, dashed.index)).name, gives: yieldSaid(dashed[1]!, true)?.gives ?? null };
  const brackets = IN_BRACKETS.exec(bare);
  const behind = brackets ? null : GIVES_BEHIND.exec(bare);
  const said = brackets ? yieldSaid(brackets[1]!, true) : behind ? yieldSaid(behind[1]!, true) : null;
  const named = said ? bare.slice(0, (brackets ?? behind)!.index) : bare;
  const unnumbered = named
    .replace(NUMBERING, '')
    .replace(FOR_THE, '')
    .replace(/^the\s+(?=\p{L}+(?:\s\p{L}+)?:?$)/iu, '')
    .replace(/:$/, '')
    .trim();
  // "Stage 1 (evening)" has no other name than its number.
  const name = (/^[^([]/.test(unnumbered) ? unnumbered : named).replace(PER_GROUP, '');
  return { name: capital(name), gives: said?.gives ?? null };
}

function capital(text: string): string {
  const bare = /\p{Lu}{2}/u.test(text) && !/\p{Ll}/u.test(text) ? text.toLowerCase() : text;
  return bare.charAt(0).toUpperCase() + bare.slice(1);
}

/** "CHARRED ONION GRAVY — 5 L" */
export const GIVES_DASHED = /(?<=\p{L}{3})\s+[–—-]\s+(?:batch\s|about\s)?(\d{1,4}(?:[.,]\d{1,3})?\s?(?:kg|g|ml|l|litres?))$/iu;
/** "nettle soup (4)" */
export const COUNTED_BEHIND = /^([^()\d.:\s][^()\d.:]{3,50}?)\s*\((?:for\s)?(\d{1,3})\)$/;
/** "PREP: ROASTED TOMATO SOUP" */
export const PREP_OF = /^(?:prep|make|production|batch)\s*:\s*(?=[a-z]{3}[^\d:.]{2,60}$)/i;
/** "FISH FINGER BUNS — per portion / x40" */
export const PER_PORTION_BEHIND = /(?<=\p{L}{3})\s*[–—(,-]\s*per (?:portion|cover|person|plate|serving|head)\b[^.]{0,20}$/iu;
/** "SPELT LEVAIN  1.1 kg x 12", "Focaccia 12 x 600 g": how many, and how large, behind the name. */
export const PIECES_BEHIND =
  /(?<=\p{L}{3})[\s,–—-]+(?:\d{1,4}(?:[.,]\d{1,3})?\s?(?:kg|g|ml|l)\s?[x×]\s?(\d{1,3})|(\d{1,3})\s?[x×]\s?\d{1,4}(?:[.,]\d{1,3})?\s?(?:kg|g|ml|l))$/iu;
/** "Pickled beetroot      Page 3 of 9" */
export const PAGE_BEHIND = /\s+page \d{1,3}(?: of \d{1,3})?$/i;
/** "Product: mushroom velouté" */
export const LABELLED =
  /^(?:here[’']?s what[’']?s cookin(?:g|[’'])?|(?:candidates?|students|learners|trainees|you)\s(?:must|should|will|are to|have to)\s(?:produce|prepare|cook|make)(?=\s*:)|(?:today[’']?s |our |the )?dish(?: of the (?:day|week|month))?|practical(?: task)?(?=\s*:)|demo(?:nstration)? dish|you(?:[’']ll| will)? (?:make|cook|prepare)(?=\s*:)|(?:sub-?|base )?recipe(?:\s+\d{1,2})?|(?:recipe )?title|name of (?:the )?dish|product|(?:set )?menu|menu item(?:\s\d{1,2})?|item|(?:dish|recipe) name|name of recipe|name)\s*:\s*(?=\p{L})|^menu item\s\d{1,2}\s*[–—-]\s*(?=\p{L})|^(?:item|dish|recipe|product|name of dish|recipe name)(?:\t|\s{3,})(?=\p{L})/iu;
const YIELD_BEHIND =
  /\s*\(\d{1,3}\s?[x×]\s?\d{1,4}\s?(?:g|ml)\s+\p{L}+\)$|\s+\d{1,3}\s?p(?:ax|tns?|ers)?\.?$|(?:,\s+(?:tray|tin|mould|frame|ring)\s\d[\d x×]{1,12}\s?cm)?(?:\s+[–—-]|,)\s+\d{1,3}\s+(?:portions?|ptns?|covers?|servings?|people|pax|pieces|pcs)\s*$|\s+[–—-]\s+\d{1,3}\s+(?:small|large|medium|pieces?|pcs)\s*$|,\s+\d[\d.,]*\s?(?:kg|g|ml|l|litres?)\s+batch\s*$|\s*[,;([–—-]*\s*\b(?:serves|makes|feeds|(?:enough |sufficient )?for|yields?|covers|batch(?: of)?)\s+[^()[\]]{1,40}[)\]]?\s*$|\s*[([]\s*(?:[^()[\]]{1,30},\s*)?\d{1,3}\s+(?:portions?|ptns?|covers?|servings?|people|pers(?:ons?)?\.?|pax|plates|bowls|glasses|pieces|pcs|slices|wedges|squares|rolls|buns)\s*[)\]]\s*$/iu;

/** The title without signs, and what stands in it of how much there is: "Warm lentils (serves 6)", "Sorrel sauce (yield 600 ml)". */
export function titleOf(text: string): { readonly title: string; readonly portions: number | null; readonly gives: Amount | null } {
  const bare = text
    .slice(0, LONGEST_NAME)
    .replace(/^\s*\|\s*|(?:\s*\|)+\s*$/g, '')
    .replace(/^[\s#>*_•·~]+|(?<![\s*_•·~])[\s*_•·~]+$/g, '')
    // "V, GF, DF": for whom it is.
    .replace(/\s+(?:(?:VG?|VE|GF|DF|NF)\b,?\s?){2,}$/, '')
    .replace(/\*\*|(?<=\p{L})[*_](?=\s|$)/gu, '')
    .replace(PAGE_BEHIND, (page, at: number) => (at > 8 ? '' : page))
    .replace(/\s+[–—-]\s+(?:from|by|courtesy of|adapted)\b.*$/i, '')
    .replace(/^(?:sure|ok(?:ay)?|so|well|right|here you (?:go|are))[.,!:]\s+/i, '')
    .replace(/^\d{1,2}\.\d{1,2}\s+(?=\p{Lu}\p{Ll})/u, '')
    .replace(/^table\s+\d{1,3}(?:\.\d{1,2})?\s*[:.–-]?\s+(?=\p{L})/iu, '')
    .replace(/[\p{Extended_Pictographic}\u{FE0F}\u{200D}]+/gu, (sign) => (/[©®™\d#*]/.test(sign) ? sign : ''))
    .replace(/^re\s*:\s*(?:(?:the|that|those|these|your|our|my)\s+)?/i, '')
    .replace(/^how (?:to|we|i) make(?: it)?\s*[:–-]?\s+(?:(?:our|my|the|your)\s)?(?=\p{L}{3})/iu, '')
    .replace(/^subject\s*:\s*(?:(?:re|fwd?|aw|wg)\s*:\s*)*(?:(?:that|those|these|the|your|my)\s+)?(?:recipe for\s+)?/i, '')
    .replace(NUMBERED_CAPITALS, '')
    .replace(/^\d{1,2}[:.]\d{2}\s+(?=\p{L})/u, '')
    .replace(
      /^(?:practical|task|demo|sauce|soup|dish|item|bread|salad|(?:tech|technique|recipe|method|skills?|demonstration|production|lesson)\s+(?:sheet|card|no\.?))\s+\d{1,3}\s*[:.|–-]\s+(?=\p{L})/iu,
      '',
    )
    .replace(/^recipe\s+(?:no\.?\s*)?\d{1,3}(?:\.\d{1,2}|[a-h])?\s*[:.–-]?\s+(?=\p{L})/iu, '')
    // "ROSEWATER PANNA COTTA | PISTACHIO | STRAWBERRIES": what is on the plate.
    .replace(/^[^a-z|]{4,40}(?:\s\|\s[^a-z|]{3,30}){1,4}$/, (plate) => plate.replace(/\s\|\s/g, ', '))
    .replace(/(?<=\p{L}{3})\s+[|·]\s.*$/u, '')
    .replace(FILED_BEHIND, '')
    // "(2 h 30)": how long the lesson takes.
    .replace(/\s*\(\d{1,2}\s?(?:h|hrs?|hours?)(?:\s?\d{1,2}(?:\s?min\w*)?)?\)$/i, '')
    .replace(/^component\s*:\s*(?=\p{L})/iu, '')
    .replace(/^(?:exercise|experiment|lab|practical)\s\d{1,2}(?:\.\d{1,2})?\s*[:.–-]?\s+(?=\p{L}{3})/iu, '')
    .replace(/^(?:demo(?:nstration)?|lesson|training)\s(?:script|plan|notes?)\s*[:–—-]\s*(?=\p{L}{3})/iu, '')
    .replace(/\s*\(\d{1,3}\s?min\b[^()]*\)$/i, '')
    .replace(/\s*\((?:sent in|contributed|given|submitted|shared|donated) by [^()]{2,40}\)$/i, '')
    .replace(/^[Rr]ecipe\s+(?=\p{Lu}\p{Ll}{2,})/u, '')
    // "recipe for the lentil salad pls"
    .replace(/^(?:(?:the|that|your)\s)?recipe for:?\s(?:(?:the|that|your|my|our)\s)?(?=\p{L}{3})/iu, '')
    // "ok dal recipe as promised"
    .replace(/^(?:ok(?:ay)?|so|right)\s+(?=\p{L}.{2,60}\srecipe\b)/iu, '')
    .replace(/(?<=\p{L}{3})\s+recipe\s+(?:as\s)?(?:promised|requested|asked(?: for)?|for you)\W*$/iu, '')
    .replace(/\s+(?:pls|plz|please)\W*$/i, '')
    .replace(/\s+(?:code|ref|rev|no)\b\.?:?\s\d{2,6}$/i, '')
    .replace(/\s+\((?:V|VE|VG|GF|DF)(?:,\s?(?:V|VE|VG|GF|DF))*\)$/, '')
    .replace(
      /\s*\((?:(?:one|1|two|2)\s+)?(?:per|for each|each)\s+(?:pair|group|team|student|learner|person|bench|station)(?:\s+of\s+\w+)?\)\s*$/i,
      '',
    )
    .replace(LABELLED, '')
    .replace(/^Item\s+(?=\p{Lu}\p{Ll})/u, '')
    .replace(PREP_OF, '')
    .trim();
  const counted = COUNTED_BEHIND.exec(bare);
  if (counted) return { title: counted[1]!, portions: Number(counted[2]) || null, gives: null };
  const times = TIMES_SO_MANY.exec(bare);
  if (times) return { title: bare.slice(0, times.index).trim(), portions: Number(times[1]) || null, gives: null };
  // "BROAD BEAN FRITTERS."
  if (/^[^\p{Ll}]{4,60}\.$/u.test(bare)) return titleOf(bare.slice(0, -1));
  // "CHEESE AND WALNUT LOAF     59": the number of the page.
  const paged = /^([^\p{Ll}\d]{8,60}?)\s+\d{2,4}$/u.exec(bare);
  if (paged) return titleOf(paged[1]!);
  const dashed = GIVES_DASHED.exec(bare);
  if (dashed) return { title: bare.slice(0, dashed.index).trim(), portions: null, gives: yieldSaid(dashed[1]!, true)?.gives ?? null };
  const one = PER_PORTION_BEHIND.exec(bare);
  if (one) return { title: bare.slice(0, one.index).trim(), portions: 1, gives: null };
  const pieces = PIECES_BEHIND.exec(bare);
  if (pieces) return { title: bare.slice(0, pieces.index).trim(), portions: Number(pieces[1] ?? pieces[2]) || null, gives: null };
  const tail = YIELD_BEHIND.exec(bare);
  const told = tail?.[0].replace(/^[\s,;([–—-]+|[)\]\s]+$/g, '').replace(/^[^()]{1,30},\s*(?=\d)/, '');
  // "Herb dressing, for about half a litre"
  const first = told === undefined ? null : (yieldSaid(told) ?? yieldSaid(told.replace(/^for\s+(?=about\s|half\s|\d)/i, 'makes ')));
  // "(feeds 4, about 85p each)"
  const said = told !== undefined && (first?.left ?? 9) > 0 ? (yieldSaid(told.split(',')[0]!) ?? first) : first;
  const title = (said?.portions || said?.gives) && said.left < 4 ? bare.slice(0, tail!.index) : bare;
  // "Tomato jelly (for 30)" leaves no half bracket.
  const whole = /\([^)]*$/.test(title) ? title.slice(0, title.lastIndexOf('(')) : title;
  return {
    title: whole.replace(/[\s,;:–—-]+$/, '').trim(),
    portions: said?.left === 0 ? said.portions : null,
    gives: said?.left === 0 ? said.gives : null,
  };
}

/** "Quantities below are for 10": said of all that follows. */
export function portionsOfAll(text: string): number | null {
  const said =
    /\b(?:quantities|amounts|(?:this|the) recipe|everything)\b[^.\d]{0,20}?\b(?:for|serves|feeds)\s+(\d{1,3})\b(?!\s?(?:min|hour|h\b|g\b|ml|kg|%|°))/i.exec(
      text.slice(0, LONGEST_NAME),
    );
  return said && Number(said[1]) > 0 ? Number(said[1]) : null;
}

/** "You asked for the way I do the gooseberry fool": what a letter is about. */
export function titleInProse(text: string): string | null {
  const said =
    /\b(?:recipe for|[Hh]ere[’']?s|[Yy]ou (?:wanted|asked (?:me )?for|were asking (?:about|for))(?! the way| how)|(?:we[’']re|we are|we[’']ll be|you[’']re|you will be) (?:doing|making|cooking|baking)|[Gg]oing with|[Tt]his is(?= (?:the|my|our) (?!way|recipe|dish|one|best|first|last|only|list|plan))|wants?|would like|[Aa]ny(?:one|body) (?:got|have|has)|(?:letter|question|mail|message|note|call) about|(?:way|how) (?:I|we|she|he|they|you) (?:do|make|cook|did|made|cooked)|how (?:do|did|does) (?:I|we|you|she|he) (?:do|make|cook)|how to (?:make|cook))\s+(?:the\s|my\s|our\s|her\s|his\s|an?\s)?(?:recipe for\s+(?:the\s|my\s|our\s|an?\s)?)?(\p{L}[\p{L}\s’'&-]{3,40}?)(?=[.,;:!?]|\s?\(|\s[–—-]\s|\s(?:as|served|from|for|at|when|last|which|that|you|I|we|serves|serving)\b)/u.exec(
      text.slice(0, 500).replace(/\*\*/g, ''),
    );
  // "could you send the lemon bars again?"
  const asked =
    said ??
    /\b(?:could|can|would|will) (?:you|u) (?:please )?(?:send|share|give|post|write down)(?: (?:me|us))? (?:the|your|that)\s(?:recipe for (?:the )?)?(\p{L}[\p{L}\s’'-]{3,40}?)(?=[?.,!]|\s(?:again|recipe|please|from|you|thing|one)\b)/u.exec(
      text.slice(0, 500),
    );
  return asked ? capital(asked[1]!.trim()) : null;
}

export function portionsOfHeading(text: string): number | null {
  const group = /\b(?:per|for each|for every)\s+(?:group|team|bench|table)\s+of\s+(\d{1,2}|two|three|four|five|six)\b/i.exec(
    text.slice(0, LONGEST_NAME),
  );
  if (group) return yieldSaid(`for ${group[1]!}`)?.portions ?? null;
  const brackets = IN_BRACKETS.exec(text.slice(0, LONGEST_NAME));
  // "For the dough (makes 12)" tells of the dish, where no weight is given.
  const made = brackets && /^makes\s/i.test(brackets[1]!) ? yieldSaid(brackets[1]!) : null;
  if (made && made.gives === null) return made.portions;
  return brackets && /^(?:serves|feeds|covers|for\s(?:about\s)?\d|\d{1,3}\s(?:portions|covers|servings|people)$)/i.test(brackets[1]!)
    ? (yieldSaid(brackets[1]!)?.portions ?? null)
    : null;
}

/** "Ingredient   4 portions   10 portions", "Amount (10 ptn)   Amount (30 ptn)": the first of the columns is the one that is read. */
export const portionsOfColumns = (text: string): number | null => {
  const columns =
    /\b(\d{1,3})\s(?:portions?|ptns?|covers|servings?|people|pax)\)?\s+(?:(?:amount|qty|quantity|weight)s?\s)?\(?\d{1,3}\s(?:portions?|ptns?|covers|servings?|people|pax)\b/i.exec(
      text.slice(0, LONGEST_NAME),
    );
  const named = columns ?? /\bfor (\d{1,4})\s*[|\s]\s*for \d{1,4}\b/i.exec(text.slice(0, LONGEST_NAME));
  // "Per portion   Per 25"
  if (/\bper (?:portion|person|head|cover)\s*[|\s]\s*per \d/i.test(text.slice(0, LONGEST_NAME))) return 1;
  return named ? Number(named[1]) : null;
};

/** "RECIPE 0417 / 40 covers / rev 2", "Prep 10 min | Servings: 4": one of the things a line says. */
export function portionsOfParts(text: string): number | null {
  // "Servings: 6 servings  Calories: 380kcal  Author: Dora"
  const parts = text
    .slice(0, LONGEST_NAME)
    .split(/\s+[/|·•]\s+|\s+(?=(?:calories|author|course|cuisine|keywords?|prep|cook|total|servings?|yields?|difficulty)\b[^:]{0,8}:)/i);
  if (parts.length < 2) return null;
  const said = parts.map((part) => yieldSaid(part)).find((each) => each !== null && each.left === 0 && each.portions !== null);
  return said?.portions ?? null;
}

/** "Mix just before eating. Enough for 4 as a side." */
export function portionsAmong(text: string): number | null {
  // "For eight people I take …"
  const eaters =
    /(?:^|[.!,]\s)for\s(?:about\s)?(\d{1,3}|two|three|four|five|six|eight|ten|twelve|twenty)\s(?:people|persons|guests)\b/i.exec(
      text.slice(0, LONGEST_NAME),
    );
  if (eaters) return yieldSaid(`for ${eaters[1]!} people`)?.portions ?? null;
  // "It does for six in small glasses."
  // "Cook in pairs. Each pair produces two portions."
  const each =
    /\b(?:each|every) (?:pair|team|group|student|learner|candidate|person)s? (?:makes|produces|cooks|prepares|plates)\s(\d{1,3}|one|two|three|four|five|six|eight|ten)\s(?:portions?|plates?|covers?|servings?)\b/i.exec(
      text.slice(0, LONGEST_NAME),
    );
  if (each) return yieldSaid(`for ${each[1]!} people`)?.portions ?? null;
  const does =
    /=\s?(\d{1,4})\s(?:portions|ptns?|covers|servings|guests|people)\b|\b(?:(?:it|this|that) (?:does|will do|is enough|is for)|(?:it |this |that |which )?serves)(?: for)?(?: about)?\s(\d{1,3}|two|three|four|five|six|eight|ten|twelve|twenty)\b(?!\s?(?:min|hour|day|g\b|ml|kg))/i.exec(
      text.slice(0, 2000),
    );
  if (does) return yieldSaid(`for ${(does[1] ?? does[2])!} people`)?.portions ?? null;
  // "My daughter's school wants a steamed ginger sponge for 6"
  const wanted =
    /\b(?:wants?|would like|need(?:s|ed)?|makes?|enough)\b[^.\d]{3,60}\bfor\s(\d{1,3})\b(?!\s?(?:min|hours?|hrs?|g\b|ml|kg|cm|days?|weeks?|%|°))/i.exec(
      text.slice(0, LONGEST_NAME),
    );
  if (wanted) return Number(wanted[1]) || null;
  // "Batch A = 20, Batch B = 60"
  const sized = /^(?:batch|size|quantity|column)\s[A-D1-3]\s*[=:]\s*(?:for\s)?(\d{1,4})\b(?=.*\s[A-D1-3]\s*[=:]\s*(?:for\s)?\d)/i.exec(
    text.slice(0, LONGEST_NAME),
  );
  if (sized) return Number(sized[1]) || null;
  // "We were 14.", "There are six of us."
  const we =
    /^(?:we (?:are|were)|there (?:are|were))\s(\d{1,3}|four|five|six|eight|ten|twelve|twenty)(?:\s(?:of us|people|at (?:the )?table))?[.,;]/i.exec(
      text,
    );
  if (we) return yieldSaid(`for ${we[1]!} people`)?.portions ?? null;
  // "Serve in glasses. (6 persons)"
  const bracket =
    /\((?:for\s|serves\s|makes\s)?(\d{1,3})\s(?:(?:small|large|good|generous)\s)?(?:persons?|people|servings?|portions?|covers)\)\s*$/i.exec(
      text.slice(-80),
    ) ??
    /\((?:makes\s)?(\d{1,4})\s(?:covers|guests|pax|portions|rolls|buns|loaves|squares|bars|biscuits|cookies|scones|slices)\b/i.exec(
      text.slice(0, LONGEST_NAME),
    );
  if (bracket) return Number(bracket[1]) || null;
  const said =
    /(?:^|[.!;,|—–]\s|→\s?|\b(?:that|which)\s)(?:that[’']s\s|this is\s)?(cuts into\s\d{1,3}\s\p{L}+|(?:enough for|sufficient for|serves|feeds)\s[^.,;]{1,30}|(?:(?:the |this )?recipe )?makes\s(?:about\s)?\d{1,3}(?:\s(?:servings?|portions?|pieces|loaves|buns|rolls|biscuits|tarts|cakes)\b|\.?\s*$)|for\s\d{1,3}(?:\s(?:people|persons?|portions?|servings?|as\san?\s\p{L}+(?:\s\p{L}+)?)|[.:]?\s*$)|(?<=[—–|]\s)\d{1,3}\s(?:covers|portions|pax)\s*$)/iu.exec(
      text.slice(-80),
    );
  return said ? (yieldSaid(said[1]!)?.portions ?? null) : null;
}
