/*
 * Words by which the parts of an ingredient line are known: what is used of a thing, what is done to it, what it is for. Each stands in a
 * line of the corpora in `test/corpus`.
 */

export const JUICE =
  /^(?:(?:the|finely|grated|freshly squeezed|squeezed)\s+)*((?:juice|zest|rind|peel|grated zest)(?:\s*(?:and|&)\s*(?:finely\s+)?(?:grated\s+)?(?:juice|zest|rind))?)\s+(?:(?:of|from)\s+(?!(?:the\s+)?(?:tins?|cans?|jars?|pan|cooking|roast|above)\b)|(?=[\d½¼]))(.+)$/i;
/** "seeds of 1 pomegranate", "white meat of 1 crab": what is used of so many whole ones. */
export const USED_OF =
  /^(?:(?:the|picked|scraped|chopped)\s+)*((?:(?:white|brown|dark)\s+)?(?:seeds?|flesh|pulp|leaves|kernels|meat|cheeks|segments|hearts?|fronds))\s+(?:of|from)\s+(?=\d|[½¼¾⅓⅔]|(?:an?|one|two|three|four|five|six|half|a couple of)\s)(.+)$/i;
export const TRAILING_JUICE = /^(.*?),?\s+((?:juice|zest)(?:\s*(?:and|&)\s*(?:juice|zest))?)(?:\s+only)?$/i;
export const EXTRA = /[,;]?\s*\b((?:plus|and)\s+(?:a little\s+|some\s+)?(?:extra|more)\b.*)$/i;
export const EXTRA_BIT = /[,;]\s*\b(plus\s+(?:a|an|some)\s+.+)$/i;
export const OR_OTHER = /^or\s+(?!(?:more|less|so|to|as|until|enough|thereabouts|a (?:bit|little|few|handful)|if|just|your)\b)(.{3,60})$/i;
export const TASTE =
  /^(?:p\.?\s?m\.?|q\.?\s?b\.?|a\/[nr]|t\.?t\.?)(?=\s+\p{L}{3})|[,;]?\s*\(?\b(?:(?:or )?to taste|q\.?\s?b\b\.?|as needed|as required|q\.?\s?s\.?|t\.\s?t\.?|for seasoning|to season)\)?/iu;
export const OPTIONAL =
  /[,;]?\s*\(?\b(?:optional|if (?:you )?(?:like|liked|wish|want(?:ed)?|using|available|desired|needed|necessary|required))\b\)?/i;
/** What has a percentage of its own: cream by its fat, chocolate by its cocoa, vinegar by its acid. */
export const OWN_PERCENT =
  /\b(?:cream|milk|chocolate|couverture|cocoa|vinegar|rum|brandy|spirit|alcohol|quark|yoghurt|yogurt|cheese|butter|fat|purée|puree|acid)$/i;
export const OPTIONAL_ALONE = /^(?:optional|if (?:you )?(?:like|liked|wish|want(?:ed)?|desired))$/i;
/** "peeled, cored and sliced apples": two or more things done, before the noun. */
export const LEADING_LIST =
  /^((?:(?:finely|coarsely|roughly|thinly|thickly|freshly|lightly|well)\s+)?(?:\p{L}{3,}ed|torn|cut)(?:,\s*(?:(?:finely|coarsely|roughly|thinly|well)\s+)?(?:\p{L}{3,}ed|torn|cut))*,?\s+(?:and|&|then)\s+(?:(?:finely|coarsely|roughly|thinly|well)\s+)?(?:\p{L}{3,}ed|torn|cut))\s+(?=\p{L})/iu;
/** States that fats are asked for in: not part of what they are. */
export const STATE_OF_FAT =
  /^((?:(?:very|ice[- ])?cold|soft|chilled|room[- ]temperature|softened|melted))\s+(?=(?:unsalted |salted )?(?:butter|lard|margarine|shortening|cream cheese|ghee)\b)/i;
export const DONE_BEHIND =
  /^(\p{L}[\p{L}\s’'-]*?)\s+((?:(?:very|finely|thinly|thickly|roughly|coarsely|freshly|lightly|well|deeply)\s+)*(?:peeled|unpeeled|halved|quartered|chopped|sliced|diced|minced|grated|crushed|shredded|trimmed|washed|rinsed|drained|softened|melted|toasted|beaten|cored|stoned|pitted|deseeded|seeded|zested|juiced|torn|picked|snipped|crumbled|scrubbed|cubed|mashed|soaked|sifted|separated|thawed|defrosted|shelled|podded|bashed|bruised|cut|left whole)\b(?:,?\s+(?:and|then|into|in|to|on|for|with|lengthways|lengthwise|crosswise|across|thin|thick|fine|small|as|thinly|finely|roughly|very|from|off)\b.*)?)$/iu;
export const SEASONINGS =
  /^(?:good[- ]quality\s+)?(?:(?:sea|fine|flaky|coarse|table|kosher|rock)\s+)*salt(?:\s+flakes)?(?:\s*(?:and|&|\/|,)\s*(?:freshly\s+)?(?:ground\s+|milled\s+)?(?:black\s+|white\s+)?pepper)?$|^(?:freshly\s+)?(?:ground\s+)?(?:black\s+|white\s+)?pepper$|^seasoning$/i;
export const NUMBER_WORDS: Readonly<Record<string, string>> = { two: '2', three: '3', four: '4' };
/** "Pinch salt", "pinch of salt"; of what things come in only with the "of": tin foil is none. */
export const COUNTED_BARE =
  /^(?:(?:pinch|dash|splash|drizzle|knob|handful|bunch|sprig|zest|stick(?=\s(?:celery|cinnamon|butter|rhubarb|lemongrass)))\s|(?:tin|can|jar|packet|pack|bag|carton|tub|sachet|punnet|bottle|head)\s+of\s)/i;
export const KEEP_GROUND =
  /^ground\s+\p{L}|^(?:crushed|toasted|chopped)\s+(?:almonds?|ginger|cinnamon|cumin|cloves|turmeric|tomatoes|coriander|black pepper|pepper|cardamom|nutmeg|paprika)/iu;
export const PURPOSE =
  /[,;]?\s*\b((?:for|to)\s+(?:the\s+)?(?:deep[- ]?|shallow[- ]?)?(?:fry|frying|greas|brush|dust|serv|garnish|finish|boil|cook|roast|sprinkl|drizzl|decorat)[a-z]*\b.*|for\s+the\s+[a-z]+)$/i;

export const WITHIN =
  /(?:\bwith|\bw\/|\bin|\band)\s+((?:about\s+)?(?:\d{1,4}|[½¼¾⅓⅔])\s?(?:cups?|c\.|g|ml|l|tbsp|tsp|oz)\s+(?!(?:pieces?|portions?|lots|balls?|slices?|fillets?|chunks?|each)\b)\p{L}.{2,40})$/iu;
