import { remembered } from './remembered';

/** What steps begin with: verbs that are hardly ever the name of a food. */
const PLAIN =
  'accompany add adjust allow arrange assemble bake baste batch beat bind blanch blend blitz bloom bone boil braise break brine bring brown brush build bulk burst butterfly caramelise caramelize carve char check chill choose chop clarify clean coat combine compact cook cool core correct cover crack crimp crisp crumble crush cube cure cut cutlet decant deep-fry deglaze degrease dehydrate dice dilute dimple dip discard dissolve divide dollop drain dredge drizzle drop dry dunk dust emulsify ensure enrich evaporate extract fan fasten fill filter finish fish flake flambé flame flatten flip float fold form fry gather gently give glaze grate grease griddle grill grind halve hang heat hold hollow infuse insert invert keep knead knock label ladle lay leave let level lift light line loosen lower lukewarm make marinate mash massage measure melt mince mix moisten mould mount move nestle open pack pan-fry parboil pass pat peel pick pierce pipe pit place plate pluck poach pop portion garnish position pot pound pour pre-heat prebake preheat prep prepare press prick prove pull pulse purée put quarter raise reduce refresh refrigerate reheat release remove render repeat rescale reserve rest retain return rinse roast roll rotate rub sauté sauce save scald scale scatter scoop score scrape scrub seal sear season secure select segment separate serve set shake shape shave shell shock shred sieve sift simmer skewer skim skin slice slide slow-cook smash smear smoke smooth snip soak soften souse spatchcock spear spit split spoon spray spread sprinkle squash squeeze stack stand start steam steep sterilise sterilize stew stir store strain stretch string strip stud stuff submerge suspend sweat sweeten swirl take taste tear temper test thicken thin thread throw tie tilt tip top toss transfer trim truss try turn turnout twist unmould uncover unroll unwrap use wait warm wash weigh whip whisk whizz wilt wipe wrap work';
/** Verbs that are foods too: only with something done to something behind them. */
const FOODS_TOO =
  'julienne brunoise chiffonade jar layer bottle butter cream dress flour fan ice juice oil pepper pickle salt spice stock stone sugar toast top water zest score pinch round cap core crust batter char scallop';

export const VERBS: ReadonlySet<string> = new Set(PLAIN.split(' '));
const FOOD_VERBS: ReadonlySet<string> = new Set(FOODS_TOO.split(' '));

/** Behind a verb that is a food too: what it is done to. "Salt and pepper" is not. */
const FOOD_OBJECT = /^(?:the|a|it|them|all|each|both|in|into|with|over|well|lightly|generously|your|inside|from|until|while|when)\b/i;
/** Two words done to something are verbs, whatever food they name: "char and peel the peppers", "top and tail the beans". */
const TWO_VERBS = /^[\p{L}-]+ and [\p{L}-]+ (?:the|it|them)\b/iu;
/** Words before the verb that change nothing. */
const LEAD =
  /^(?:(?:and|so|so then|then|next|now|you just|we|first|firstly|second|secondly|third|finally|lastly|meanwhile|afterwards|carefully|gently|quickly|slowly|lightly|roughly|finely|thinly|coarsely|thoroughly|generously|immediately|just|also|please|you can|you|always|never|do not|don[’']t|simply|to (?:start|begin|finish|serve|assemble|plate)),?\s+)+/i;
/** "When it is cold, cut …", "For the oil, blanch …", "On a floured board, roll …". */
const CLAUSE =
  /^(?:when|once|while|after|as|if|in|on|using|with|to|for|off|at|over|until|before|by|working|without|meanwhile|unless|from)\b[^,:.]{2,70}[,:]\s*(?:then\s+|and\s+)?(.{3,60})/i;

const isVerb = (word: string, after: string): boolean => {
  const plain = word.toLowerCase().replace(/[^\p{L}-]/gu, '');
  // "peel of an orange"
  if (/^of\b/i.test(after)) return false;
  // "Cream butter and sugar." is a sentence; "cream cheese" is none.
  if (FOOD_VERBS.has(plain))
    return (
      FOOD_OBJECT.test(after) ||
      /^to order\b/i.test(after) ||
      // "Julienne celeriac and apple, drop straight into …"
      VERBS.has(/^\p{L}[^,.]{2,50},\s(?:then\s)?(\p{Ll}+)\s\p{L}/u.exec(after)?.[1] ?? '') ||
      (/^\p{L}{3}/u.test(after) && !/^(?:and|or)\b/i.test(after) && /[.!]$/.test(after))
    );
  return VERBS.has(plain);
};

/**
 * Whether a text begins by telling somebody what to do.
 *
 * @example isTold('Once cold, cut into squares') // true
 * @example isTold('butter, softened') // false
 */
export const isTold = remembered((text: string): boolean => {
  const bare = text.slice(0, 160).replace(LEAD, '');
  const [, word = '', after = ''] = /^([\p{L}’'-]+)[,:]?\s*(.*)$/u.exec(bare) ?? [];
  if (word && (isVerb(word, after) || TWO_VERBS.test(bare))) return true;
  const clause = CLAUSE.exec(bare);
  return clause !== null && isTold(clause[1]!);
});

/** How many of the words of a text are verbs of the kitchen, wherever they stand. */
export const verbsIn = (text: string): number =>
  text
    .slice(0, 400)
    .toLowerCase()
    .split(/[^\p{L}-]+/u)
    .filter((word) => VERBS.has(word) && !FOOD_VERBS.has(word)).length;
