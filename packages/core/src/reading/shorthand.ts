import { exact } from '../exact';
import { isCountable, type FactBook } from '../ingredients';

/** A line with what cooks abbreviate written out: "à 150 g", "+ more for the tin", "s & p", "a walnut of yeast (say 20 g)". */
export const shorthandOut = (line: string): string =>
  line
    // "70% dark chocolate, 200 g, chopped", "7.5% brine 2 l": the share is part of the name where an amount stands behind it.
    .replace(/^(\d{1,2}(?:[.,]\d)?\s?%\s\p{L}[\p{L}\s-]{2,40}?),?\s+(\d[\d.,]{0,6}\s?(?:g|kg|ml|l|oz|lbs?))(?=\s*(?:,|$))/iu, '$2 $1')
    // "150g-180g beansprouts"
    .replace(/^(\d[\d.,]{0,6})\s?(g|kg|ml|l|oz|lb)\s?[-–]\s?(\d[\d.,]{0,6})\s?\2(?=\s)/i, '$1-$3 $2')
    // As old books divide them.
    .replace(/\b(tea|table|dessert)-(?=spoon)/gi, '$1')
    // "2 fillets à 150 g", "6 pears @ 180 g": what one weighs.
    .replace(/(?<=\p{L})\s+(?:à|@)\s?(\d[\d.,]{0,6}\s?(?:g|kg|ml|oz|lb))\b(?!\s*each)/u, ' ($1 each)')
    // "30 g olive oil + more for the tray": the more is not measured.
    .replace(
      /\s*\+\s+(?:(?:a (?:bit|little)\s+)?(?:more|extra)|a (?:knob|splash|drizzle|pinch|little|bit))\s+(?=(?:for|to)\s)/i,
      ', plus extra ',
    )
    // "Aubergines x 3", "Tahini x 2 tbsp", "Leeks 3, washed": the amount behind the name.
    .replace(/^(\p{L}[\p{L}\s-]{2,40}?)\s+[x×]\s?((?:\d{1,4}(?:[.,/]\d{1,2})?|[½¼¾⅓⅔])(?:\s?[a-z]{1,5})?)$/iu, '$2 $1')
    .replace(/^(\p{L}[\p{L}\s-]{2,40}?)\s([1-9]\d?),\s(?=\p{Ll})/u, '$2 $1, ')
    // "Garlic x 4 cloves"
    .replace(/^(\p{L}[\p{L}\s-]{2,40}?)\s+[x×]\s?(\d{1,3}\s(?:cloves|sprigs|bunches|sticks|heads|leaves|slices|bulbs))$/iu, '$2 $1')
    // "Shallots x 6 brunoise", "Parsley x 2 bch picked": what is done stands behind.
    .replace(
      /^(\p{L}[\p{L}\s-]{2,40}?)\s+[x×]\s?(\d{1,3}(?:\s?(?:kg|g|ml|l|bu|bch|bunch(?:es)?|tins?|packets?))?)\s+(\p{Ll}[\p{L}\s]{2,40})$/u,
      '$2 $1, $3',
    )
    // "Peaches, 2 ripe", "Tomatoes 4 firm, halved"
    .replace(
      /^(\p{L}[\p{L}\s-]{2,40}?),?\s([1-9]\d?)\s((?:(?:very|just) )?(?:ripe|firm|soft|fresh|whole|unwaxed|young|good|big|thick|thin))\b(?=\s*(?:,|$))/iu,
      '$2 $1, $3',
    )
    // "400g tin tomatoes x2, drained"
    .replace(
      /^(\d{2,4}\s?(?:g|ml|oz))\s+((?:tin|can|jar|packet|pack|bottle|carton)s?)\s+(?:of\s+)?(\p{L}.{2,40}?)\s+[x×]\s?(\d{1,2})(?=\s*(?:,|$))/iu,
      '$4 x $1 $2 $3',
    )
    // "Lemon (juice of 1)"
    .replace(
      /^(\p{L}[\p{L}\s-]{2,30}?)\s*\(((?:(?:finely )?grated )?(?:juice|zest|rind)(?:\s?(?:and|&)\s?(?:juice|zest|rind))?) of ((?:[½¼]|half|one|two|three|an?|\d)[^()]{0,6})\)$/iu,
      '$2 of $3 $1',
    )
    // "salt, 2% of flour weight", "yeast 1 %"
    .replace(
      /^(\p{L}[\p{L}\s-]{2,30}?),?\s+(\d{1,2}(?:[.,]\d{1,2})?)\s?%\s(?:of|on)\s(?:the\s)?[\p{L}\s]{3,30}$|^((?:fine |sea |table )?salt|(?:fresh |dry |dried |instant )?yeast|sugar|malt),?\s+(\d{1,2}(?:[.,]\d{1,2})?)\s?%$/iu,
      (_, name?: string, share?: string, alone?: string, its?: string) => `${(share ?? its)!}% ${(name ?? alone)!}`,
    )
    // "1/2 a small red cabbage"
    .replace(/^(1\/2|½|half|¼|¾)\san?\s(?=(?:small|medium|large|big)\s)/i, '$1 ')
    // "tinned plum toms 2.5kg tin x 2"
    .replace(
      /^(\p{L}[\p{L}\s-]{2,40}?),?\s+(\d[\d.,]{0,5}\s?(?:g|kg|ml|l))\s(tins?|cans?|jars?|packets?|bags?|bottles?|cartons?)\s[x×]\s?(\d{1,2})$/iu,
      '$4 x $2 $3 $1',
    )
    // "Lime – juice of 1", "Lemon, zest of ½"
    .replace(
      /^(\p{L}[\p{L}\s-]{2,30}?)\s*(?:\s[-–—]|[:,])\s((?:(?:finely )?grated )?(?:juice|zest|rind|seeds|flesh|pulp|leaves)(?:\s?(?:and|&)\s?(?:juice|zest|rind))?) of ((?:[½¼]|half|one|two|three|an?|\d)(?:\s\p{L}{3,6})?)$/iu,
      '$2 of $3 $1',
    )
    // "4 thick slices sourdough"
    .replace(
      /^(\d{1,3}|an?|one|two|three|four|six|eight)\s(thick|thin|chunky|generous|fat|nice)\s(slices?|wedges?|rashers?)\s(?:of\s)?(\p{L}[^,()]{2,40})$/iu,
      '$1 $3 $4, $2',
    )
    // "420 g Water 26C"
    .replace(/(?<=\d\s?(?:g|kg|ml|l)\s(?:\p{L}+\s)?(?:water|milk))\s(\d{1,2})\s?°?\s?C$/iu, ', $1 °C')
    // "a good grating of nutmeg": by eye.
    .replace(
      /^(?:an?|a few|1)\s(?:(?:very\s)?(?:good|generous|little|small|big|decent)\s)?(?:gratings?|scrapings?|scrapes?|twists?|grinds?|grindings?|shavings?|spritz|trickles?|licks?|squeezes?)\s(?:of\s)?(?=\p{L}{3})/iu,
      'a little ',
    )
    // "Onion 1 finely chopped", "Lemon 1 juice only"
    .replace(
      /^(\p{L}[\p{L}\s-]{2,30}?)\s([1-9]\d?|½)\s((?:(?:very |finely |roughly |thinly |coarsely )?\p{Ll}+(?:ed|cut)|juice only|zest only|juice and zest)(?:\s(?:and|in|into)\s[\p{L}\s]{3,30})?)$/u,
      '$2 $1, $3',
    )
    // "oil 3 EL"
    .replace(
      /^(\p{L}[\p{L}\s-]{2,30}?),?\s([\d½¼¾/]{1,4})\s(EL|TL)$/u,
      (_, name: string, count: string, unit: string) => `${count} ${unit === 'EL' ? 'tbsp' : 'tsp'} ${name}`,
    )
    // "2 c. AP flour"
    .replace(/^([\d½¼¾⅓⅔/ -]{1,8})\s?c\.\s+(?=\p{L}{2})/u, '$1 cups ')
    // "a scant half teaspoon of asafoetida"
    .replace(
      /^(?:an?\s+)?(?:scant|bare|generous|good|heaped|level|rounded)\s+(half|quarter|third)(?:\s+(?:an?|of an?))?\s+(?=(?:tea|table|dessert|soup)?spoon|cup|mug|pint|litre|kilo|pound|ounce|tsp|tbsp|lb|oz)/i,
      (_, part: string) => `${{ half: '1/2', quarter: '1/4', third: '1/3' }[part.toLowerCase()]!} `,
    )
    // "1 x 5cm stick cinnamon": how long it is.
    .replace(
      /^(\d{1,2}|an?|one|two)\s(?:[x×]\s)?(\d{1,2}(?:[.,]\d)?\s?(?:cm|inch|in))[- ]?(?:long\s)?(sticks?|sprigs?|stalks?)\s(?:of\s)?(\p{L}[\p{L} ]{2,30})(?=\s*(?:,|$))/iu,
      '$1 $3 $4 ($2)',
    )
    // "Flour T65 – 1 kg – 100%", "thumb of ginger"
    .replace(/\s[–—-]\s\d{1,3}(?:[.,]\d{1,2})?\s?%$/, '')
    .replace(/^thumb\s(?=(?:of\s)?\p{L}{3})/iu, '1 thumb ')
    // "4 (6-ounce) cod fillets": what stands between a count and its noun is of each.
    .replace(
      /^(\d{1,3}|an?|one|two|three|four|six|eight)\s\((\d[\d.,/]*(?:\s?[½¼¾])?)[\s-]?(ounces?|oz|grams?|g|pounds?|lbs?|ml)\.?\)\s(?=\p{L}{3})/iu,
      '$1 ($2 $3 each) ',
    )
    // ".5 kg", "exactly 10 g", "1 and 1/2 teaspoons"
    .replace(/^\.(?=\d{1,3}\s?\p{L})/u, '0.')
    .replace(/^(?:exactly|precisely|just)\s+(?=\d)/i, '')
    .replace(/^(\d{1,2})\s(?:and|&)\s(?=(?:\d\/\d|[½¼¾⅓⅔])\s)/, '$1 ')
    // "1 lemon's juice"
    .replace(/^(\d{1,2}|an?|one|two|½|half an?)\s(\p{L}{3,12})[’'](?:s\s)?(?:s\s)?(juice|zest|rind)$/iu, '$3 of $1 $2')
    // "1 medium-large sweet potato"
    .replace(/(?<=^(?:\d{1,3}|an?|one|two)\s)(?:small|medium)[-– ](?:to[-– ])?(?:large|medium)\s(?=\p{L})/iu, 'medium ')
    // "3 tbsp heaped cornflour", "chilled water 65 % = 650 g", "Thyme: a few sprigs"
    .replace(
      /^(\S{1,6}\s(?:tbsp|tsp|tablespoons?|teaspoons?|cups?))\s(heaped|level|rounded|scant)\s(?=\p{L})/iu,
      (_, amount: string, how: string) => `${amount.replace(/\s/, ` ${how} `)} `,
    )
    .replace(/\s\d{1,3}(?:[.,]\d)?\s?%\s?=\s?(?=\d)/, ' ')
    .replace(/^(\p{L}[\p{L} ]{2,30})(?::|,|\s[–—-])\sa few\s(sprigs|leaves|stalks|sticks|slices)$/iu, 'a few $2 of $1')
    .replace(
      /^(\p{L}[\p{L} ]{2,30})(?::|,|\s[–—-])\s(?:enough )?to cover,?\s(?:ca?\.|about|approx\.?)?\s?(\d[\d.,]*\s?(?:l|ml|litres?|pints?))$/iu,
      'about $2 $1, to cover',
    )
    // "100 g butter } for brushing": a brace drawn beside several lines.
    .replace(/\s\}\s*(?=(?:for|to)\s|$)/i, ' ')
    // "2 dozen mussels", "half-dozen radishes"
    .replace(
      /^(\d{1,2}|two|three|four|five|six)\s(?:dozen|doz\.?)\s(?:of\s)?(?=\p{L}{3})/iu,
      (_, count: string) => `${12 * (Number(count) || { two: 2, three: 3, four: 4, five: 5, six: 6 }[count.toLowerCase()]!)} `,
    )
    .replace(/^(?:a\s)?half[- ]dozen\s(?:of\s)?(?=\p{L}{3})/iu, '6 ')
    // "2.5cm/1in piece ginger", "1 ready-rolled sheet puff pastry"
    .replace(/^(\d{1,2}(?:[.,]\d)?\s?cm)\s?\/\s?\d{0,2}\s?[½¼¾]?\s?in(?:ch(?:es)?)?\b\s?/i, '$1 ')
    .replace(/^(\d{1,2}|an?|one|two)\s(ready[- ]rolled|ready[- ]made|frozen|fresh)\s(sheets?)\s(?:of\s)?(?=\p{L}{3})/iu, '$1 $3 $2 ')
    // "Lemon zest   3 lemons"
    .replace(
      /^(\p{L}{3,12})\s((?:finely grated |grated )?(?:zest|juice|rind|peel)(?:\s?(?:and|&)\s?(?:juice|zest))?),?\s+(?:of\s)?(\d{1,2}|[½¼]|half)\s\1(?:s|es)?$/iu,
      '$2 of $3 $1',
    )
    // "a sachet of dried yeast that's 7 grams"
    .replace(/,?\sthat(?:['’]?s| is)\s((?:about\s)?\d[\d.,]*\s?(?:g|grams?|ml|kg|oz))$/i, ' ($1)')
    // Spoons as they are shortened in German.
    .replace(
      /^([\d½¼¾/,.-]{1,6}|an?)\s(EL|TL)\s(?=\p{L}{3})/u,
      (_, count: string, unit: string) => `${count} ${unit === 'EL' ? 'tbsp' : 'tsp'} `,
    )
    // "2 halves of one vanilla pod", "4 quarters of preserved lemon"; three quarters of one onion are a number.
    .replace(
      /^(\d{1,3}|two|three|four|six|eight)\s+(halves(?=\s+of\s)|(?:quarters|thirds|eighths)(?=\s+of\s+(?!(?:an?|one)\s)))\s+of\s+(?:(?:an?|one|the)\s+)?(\p{L}[\p{L}\s-]{2,40}?)(?=\s*(?:[,(]|$))/iu,
      '$1 $3 $2',
    )
    // "1 dsp salt": a dessertspoon holds two teaspoons.
    .replace(
      /^(\d{1,2}|an?|one|two|½)\s*(?:level\s+|heaped\s+)?(?:dsp|dstsp|dessert ?sp(?:oon(?:ful)?s?)?)\.?\s+(?:of\s+)?(?=\p{L})/iu,
      (_, count: string) => `${/^\d/.test(count) ? 2 * Number(count) : ({ '½': 1, two: 4 }[count.toLowerCase()] ?? 2)} tsp `,
    )
    // "tinned tomatoes, 2 x 400g", "basil, a small bunch", "Leeks, white, 1.5kg sliced"
    .replace(
      /^(\p{L}[^,\d]{2,40}(?:,\s\p{Ll}[\p{L} ]{2,20})?),\s+(\d{1,2}\s?[x×]\s?\d{2,4}\s?(?:g|ml|kg|l|oz))\b(?!\s*(?:tins?|cans?|jars?|packs?|packets?|bottles?|cartons?)\b)(.*)$/iu,
      '$2 $1$3',
    )
    // "5-spice powder, 1 tsp": a figure in a name.
    .replace(/^(\d{1,2}-(?:spice|grain|seed|herb|bean|pepper|cheese)\b[^,\d]{0,30}),\s+(\d.{1,20})$/i, '$2 $1')
    // "600 g net weight mussels"
    .replace(/^(\d[\d.,]*\s?(?:g|kg|oz|lbs?|ml|l))\s(?:net|gross|drained)(?:\s(?:weight|wt\.?))?\s+(?=[a-z]{3})/i, '$1 ')
    .replace(/^(\d[\d½¼¾\s/]*)\s?hds?\.?\s+(?=[a-z]{3})/i, '$1 head ')
    // "black pepper, 20 turns of the mill"
    .replace(/^([a-z][^,\d]{3,30}),\s+(\d{1,2}|a few|several)\s(turns|grinds|twists)\b.*$/i, '$2 $3 of $1')
    // "3/4 of a cup of pearl barley", "two-and-a-half cups of flour"
    .replace(
      /^(\d\/\d|[½¼¾⅓⅔])\s+of\s+an?\s+(?=(?:cup|pint|litre|liter|lb|pound|kilo|tin|can|jar|pack|packet|teaspoon|tablespoon|tsp|tbsp|bunch)\b)/i,
      '$1 ',
    )
    .replace(
      /^(one|two|three|four|five|six)[- ]and[- ]a[- ]half\s+/i,
      (_, count: string) => `${['one', 'two', 'three', 'four', 'five', 'six'].indexOf(count.toLowerCase()) + 1} 1/2 `,
    )
    // "Butter 250 g x 2"
    .replace(/^([a-zà-ÿ][^\d(]{2,40}?)\s*[–—:,-]?\s+(\d{1,4}\s?(?:g|ml|kg|l|oz))\s?[x×]\s?(\d{1,2})$/i, '$3 x $2 $1')
    // "Tinned tomatoes 5 x 400 g", "Passata – 2 x 690 g jars"
    .replace(
      /^([a-zà-ÿ][^\d(]{2,40}?)\s*[–—:-]?\s+(\d{1,3}\s?[x×]\s?\d{1,4}\s?(?:g|ml|kg|l|oz)(?:\s(?:tins?|cans?|jars?|packs?|packets?|bottles?|cartons?))?)$/i,
      '$2 $1',
    )
    .replace(/^(\p{L}[^,\d]{2,40}),\s+an?\s+((?:small |large |big |good )?(?:bunch|handful|pinch|knob|sprig))\b(.*)$/iu, '1 $2 $1$3')
    .replace(
      /^(\p{L}[^,\d]{2,30}),\s+(\p{L}[^,\d]{2,20}),\s+(\d{1,4}(?:[.,]\d{1,2})?\s?(?:g|kg|ml|l|oz|lbs?))\s+(\p{Ll}[\p{L}\s]{2,40})$/iu,
      '$3 $1, $2, $4',
    )
    // "Feta 250 g | crumble"
    .replace(/(?<=[\p{L}\d])\s*\|\s*(?=\p{L})/gu, ', ')
    // "a few basil leaves": leaves, of which there are a few.
    .replace(
      /^(?:an? )?few\s+(\p{L}[\p{L} -]{2,30}?)\s+(lea(?:ves)|sprigs|sticks|stalks|slices|cloves|florets|heads|bulbs)(?=\s*(?:,|$))/iu,
      'a few $2 of $1',
    )
    .replace(/^few\s+(?=\p{L})/iu, 'a few ')
    // "olive oil, plenty", "lots of parsley"
    .replace(/^(\p{L}[^,\d]{2,40}),\s+(?:plenty|lots|loads|enough)$/iu, '$1 as needed')
    .replace(/^(?:plenty|lots|loads|a lot) of\s+(\p{L}[^,\d]{2,40})$/iu, '$1 as needed')
    // "stock to cover - about 3 pints"
    .replace(
      /^(?:enough )?(\p{L}[\p{L} ]{2,30}?)\s+to cover\s*[-–—:,(]\s*((?:about |approx\.? |around |~)?[\d½¼¾][^()]{0,20}?)\)?$/iu,
      '$2 $1, to cover',
    )
    .replace(/^(\d{1,2}|an?|one|two|half an?)\s+(?:recipe|batch)\s+quantit(?:y|ies)\s+of\s+/iu, '$1 batch of ')
    // "10 cloves, tied in muslin" are the spice; what is crushed or sliced is garlic.
    .replace(/^(\d{1,3})\s+cloves,\s+(?=.*\b(?:crush|chop|slic|minc|peel|grat|smash|bash)\w*)/i, '$1 garlic cloves, ')
    .replace(/^(\d{1,3})\s+cloves,\s+/i, '$1 whole cloves, ')
    // "turnips 1.2k"
    .replace(/(?<=(?:^|\s)\d[\d.,]{0,4})k(?=\s|$)/u, ' kg')
    // "TT kosher salt"
    .replace(/^TT\s+(\p{L}.{2,40})$/u, '$1 to taste')
    .replace(/^s\s?(?:&|\+|and)\s?p$/i, 'salt and pepper')
    // "a walnut of yeast (say 20 g)": the figure counts, not the walnut.
    .replace(
      /^an?\s+(?:walnut|nut|lump|bit|piece|slug|splash|hazelnut|egg)(?:[- ]sized (?:piece|lump|knob))?\s+of\s+(.{3,40}?)\s*\((?:say|about|around|roughly|or)\s+(\d[\d.,]{0,6}\s?(?:g|grams?|ml))\)$/i,
      'about $2 $1',
    );

/**
 * "150 hazelnuts", "80 sherry vin", "30 dextrose": so many small pieces, or so many of what is not said to be many, are grams of a cook in a
 * hurry.
 */
export function isShorthand(count: string, item: string, book: FactBook): boolean {
  const many = exact(count);
  if (many.compare(20) < 0) return false;
  const one = book.find(item)?.gramsOfOne.find(({ unit, size }) => unit === 'each' && size === '')?.grams;
  const small = one === undefined || exact(one).compare(5) < 0;
  const isSingular = !/s$/i.test(item) && (one === undefined || exact(one).compare(100) < 0);
  return isSingular || isHeavy(count, item, book) || (many.compare(50) >= 0 && small);
}

/** 600 shallots weigh 18 kg: grams, likelier. */
function isHeavy(count: string, item: string, book: FactBook): boolean {
  const one = book.find(item)?.gramsOfOne.find(({ unit, size }) => unit === 'each' && size === '')?.grams;
  return one !== undefined && exact(count).mul(exact(one)).compare(10_000) > 0 && exact(count).compare(100) >= 0;
}

/** Whether a bare number is likeliest grams: ten or more of what is never counted, or pieces nobody could carry. It is asked all the same. */
export const likelyGrams = (count: string, item: string, book: FactBook): boolean =>
  (!isCountable(item, book) && exact(count).compare(10) >= 0 && !/s$/i.test(item)) ||
  (isHeavy(count, item, book) && exact(count).compare(150) >= 0);

/** "3 mm dice", "2 cm cubes": how large it is cut, and nothing else. */
export const CUT_TO =
  /^\d{1,3}(?:[.,]\d)?\s?(?:x\s?\d{1,3}(?:[.,]\d)?\s?)?(?:mm|cm|inch(?:es)?)[\s-]*(?:dice[ds]?|cubes?d?|rings?|slices?d?|batons?|sticks?|rounds?|strips?|pieces?|chunks?|lengths?|wedges?|matchsticks?|ribbons?|discs?|squares?|thick|long)\b/i;
