/*
 * Words by which lines of a text are known: headings of its sections, tools, notes, and what surrounds a recipe. From the manners of the
 * corpora in `test/corpus`; each word stands there in a text.
 */

export const INGREDIENTS =
  /^(?:the\s+)?(?:(?:for\s+[^:]{3,30}\s)?(?:each|every) (?:child|student|pupil|learner|person|pair|team|group) (?:should|must|will|needs? to|has to)(?: please)? (?:bring|need|have|collect)|(?:each|every|(?:an? )?(?:group|team|pair)s? of \w+) ?(?:student|pupil|person|pair|group|team|learner|cook|bench|station)?(?: will)? (?:needs?|requires?)|ingredients? (?:per|for each|for every) (?:student|pupil|person|pair|group|team|learner|bench|station)|ingredients?|commodit(?:y|ies)|materials?|supplies|provisions|(?:so,? )?(?:you|u) need|(?:you (?:will |[’']ll )?need to )?bring(?: from home)?|(?:the )?(?:school|college|kitchen|tutor|we|i) (?:will )?(?:provides?|suppl(?:y|ies)|haves?|has)|you[’']ll want|shopping list|we need|what(?: do)? you(?:[’']ll| will)? (?:need|want)|material list|what goes in|mise en place|(?:in|from) (?:your|the) (?:box|bag|kit|cupboard|pantry|kitchen|stores?|storeroom|fridge|larder))(?:\s+(?:supplied|provided|needed|required|you[’']ll need|you need))?(?:\s+list)?(?:\s*\([^()]*\))?(?:\s*\(?\s*(?:for|serves|to serve)\b.*|\s+baker[’']?s\s?%|\s+%|\s+(?:tick|check|amount|quantity|qty|weighed)\b.{0,30})?\s*[:!]?$/i;
export const METHOD =
  /^(?:the\s+)?(?:method(?:\s+of\s+(?:work|preparation))?|directions?|instructions?|steps?|procedure|process|preparation(?:\s+method)?|to make(?:\s+it)?|how to(?:\s+make(?:\s+it)?)?|what to do|do(?: this)?|how|here[’']s how|the doing|what you do|do it|make it|let[’']?s (?:cook|go)|how it[’']s done|how (?:you|to|i|we) (?:make|do|cook|bake) (?:it|this|them)|order of (?:work|preparation)|sequence|steps to follow|tasks|work plan|working steps|work(?:ing)? order|cooking|assembly and cooking|the work|work|(?:demo(?:nstration)?|working|cooking|class)\s+(?:sequence|order|steps|plan))(?:\s*\([^()]{3,60}\))?\s*[:!]?$/i;
export const TOOLS =
  /^(?:special\s+)?(?:equipment|tools?|utensils|kit|you will (?:also )?need|you[’']ll also need|hardware|small equipment)(?:\s+(?:list|needed|required|(?:per|for each) \p{L}+))?\b\s*(?::|$)/iu;
export const TOOL =
  /\b(?:cutters?|sheet|brush|sieve|pan|pot|blender|mixer|whisk|thermometer|probe|tin|tray|mould|ring|rolling pin|knife|board|bowl|scales?|jug|spatula|piping bag|nozzle|thermostat|fryer|spider|tongs|cloth|foil|parchment|paper|rack|grater|mandolin|peeler|ladle|spoons?|container|lunch ?box|apron|skewers?|string|film|processor|siphon|chinois|colander|casserole|ramekins?|(?:ovenproof|baking|serving|gratin|pie) dish(?:es)?)\b/i;
/** "You'll need: a blender, a baking tray" */
export const TOOLS_LISTED = /^you(?:[’']ll| will)? (?:also )?need\s*:\s*(\S.{3,120})$/i;
export const TOOL_LAST =
  /\b(?:cutter|sheet|brush|sieve|pan|pot|blender|mixer|whisk|thermometer|probe|tray|mould|ring|pin|scraper|ricer|zester|knife|board|bowl|scales|jug|spatula|bag|nozzle|fryer|tongs|cloth|rack|grater|peeler|ladle|processor)s?$/i;
export const NOTE =
  /^(?:\*?\s*)(?:n\.?\s?b\b|p\.?\s?s\b\.?|notes?\s*(?::|$|[–—-]\s)|tips?\s*(?::|$|[–—-]\s)|safety\s*:|hygiene\s*:|hold(?:ing)?\s*:|critical (?:limits?|(?:control )?points?)\s*:|day[- ]of\s*:|\d{1,2} (?:jars?|bottles?|loaves|tins?)\.\s(?:keeps|lasts|freezes)\b|also (?:good|nice|great|lovely) with\b|chef[’']?s? (?:tip|note)|cook[’']?s? (?:tip|note)|hint|variations?\b|store\b\s*:|storage|shelf[- ]life|keeps\b|store (?:in (?:an? )?(?:airtight|tin|jar|box|container|tub|fridge|freezer)|airtight|covered|for up|up to)\b|keep (?:for|in|refrigerated|chilled|cool|dry|airtight|up to)\b(?!.{0,30}\boven\b)|reheat(?:ing)?\s*:|best (?:eaten|served|enjoyed|made|kept)\b|allergens?\s*:|allergy|contains\s*:|make[- ]ahead|get[- ]ahead\b|recipe (?:tips?|notes?)\b|freez(?:es|ing)\b|to store|serving suggestion|wine|oven\s*(?::|temp|\d)|(?:gas|regulo)\s(?:mark\s)?\d\b|(?:and )?to drink\b|m\.?e\.?p\.?\b.{0,30}$|(?:the )?(?:day|night|evening|morning) before\s*:?$|(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|resting|chill(?:ing)?|hands[- ]on|active|inactive|difficulty|time)(?:\s+time)?\s*:|(?:ready in|time allowed|time limit|cost per \w+)\s*:|(?:prep(?:aration)?|total|active|inactive|hands[- ]on|ready in|(?:cook(?:ing)?|bak(?:e|ing)|resting|chilling) time)(?:\s+time)?\s+(?:about\s+)?(?:\d|½|an?\b)|demo\s*:|demonstration\s*:|difficulty|level\s*:|cost\s*:|season\s*:|source\s*:|portion (?:size|weight)\s*:|ref\b\.?|rev\b\.?|version\b|code\s*:|cuisine|course\s*:|category|author\s*:|important\s*:|warning\s*:|caution\s*:|critical\s*:|haccp|ccp\s?\d{0,2}\b|key points?\b|(?:points?|things?) to (?:remember|note|watch)\b|remember\s*:|watch out\b|(?:for (?:the |more on )?\p{L}[\p{L} ]{0,40},? )?see (?:also )?(?:page|p\.)|recipe (?:no|number|ref))/iu;
/** What is told of the dish when the work is over. */
export const KEEPING =
  /\b(?:keeps? (?:for|well|up to)|can be (?:made|prepared|frozen|kept|stored)|will keep|better (?:on )?the (?:second|next)|even better|tastes? best|made (?:a|one|two|three|\d) days? (?:ahead|before)|if you (?:like|prefer|have)|easier to|best result|nice with|goes well|serve[sd]? well with|freezes well|leftovers?|instead of|works? (?:just )?as well|any will do|just let it down)\b/i;
export const ASIDE =
  /^(?:lesson plan\b|(?:lesson|learning|session) (?:outcomes?|aims?|objectives?)\s*:|please (?:find|see)\b|(?:trainer|tutor|teacher|instructor)[’']?s? (?:notes?|copy|guide)\b[^:]{0,30}$|(?:a )?big (?:hugs?|kiss(?:es)?)\b|hugs\b|take care\b|all the best\b|(?:warm )?greetings\b|(?:speak|talk) soon\b|bye\b|students (?:then|will|each|now|make|work|cook)\b|(?:instructor|teacher|tutor|student|learner)(?:[’']?s)? (?:copy|notes?|sheet|version)$|(?:kitchen|room|venue|site|campus|location|base)\s*:|(?:please|pls|plz) (?:bring|wear|arrive|remember|let|be\b|come|tell|ask|send|reply|sign|read)\b|skip to\b|jump to\b|home\b(?:$|\s*[»>|/]|\s+(?:recipes|about|shop|blog|contact|search)\b)|menu\b|search\b|log ?in\b|sign (?:in|up)\b|share\b|pin\b|print\b|save\b|rate this|subscribe|unsubscribe|newsletter|advert|advertisement|sponsored|continue reading|read (?:more|next)\b|(?:next|previous) recipe\b|show more|load more|related\b|you (?:may|might) also (?:like|enjoy)|more (?:recipes|from|like)|popular|trending|comments?\b|leave (?:me )?a (?:reply|comment)|tried (?:it|this|them)\?|reply\b|reviews?\b|\d+ (?:comments|reviews|ratings|thoughts|votes|likes|replies|shares|views|posts)|.{1,40}\b(?:wrote|writes|says|asked)\b.{0,20}:$|did you make|tag (?:us|me)|follow (?:us|me|for|along)|nutrition|calories|per serving\b|get ingredients|buy (?:now|ingredients)|shop\b|us customary|metric\b|imperial\b|\d+(?:\/\d+)?x(?:\s|$)|cook mode|prevent your screen|copyright|©|all rights|posted|published|updated|by [A-Z]\p{Ll}+(?:\s[A-Z]\p{Ll}+){0,2}(?:\s*[|•·].*)?$|from \d[\d.]* votes|\d\.\d+ (?:from|out of|\/)|time ?plan\b|(?:stretch|extension|challenge|extra task)\s*:|practical \d|(?:could|can|would|will) you\b.{0,30}\b(?:send|share|give|mail|post)\b|learning (?:aims?|outcomes?|objectives?)|aims?\b\s*:?$|objectives?\b|outcomes?\b|by the end of|criteria|assessment\b|questions?\b\s*:?$|discussion|homework|evaluation|tutor\b|teacher\b|student\b|learner\b|name\s*[:_]|date\s*[:_]|signature|signed|unit \d|chapter \d|(?:section|station|session|(?:group|class) size|menu|department|dept|outlet|shift|chef|cook|(?:prepared|checked|approved|issued|written|tested) by|supervisor|tutor|instructor)\s*:|section \d|(?:re|fwd?|subject|from|to|date)\s?:\s|session \d|lesson \d|week \d|day (?:\d|one|two|three)\b|module \d|handout\b|page \d|p\. ?\d+$|www\.|https?:|cookies?\b policy|privacy|terms\b|view in browser|forward to|sent from my|regards|kind regards|best wishes|best,?$|cheers|love\b(?:,|\s+(?:to|from))|yours\b|until next|see you|thank(?:s| you)|hi\b|hello\b|(?:my )?dear(?:est)?\b|with (?:a kiss|love|best|kind|warm(?:est)?) |hey\b|good (?:morning|evening)\b|let me know|hope (?:you|this|that|it)|enjoy!?$|bon app|total\b\s*\|?|item\s*[|\t]|ingredient\s*[|\t]|ingredients?\s+(?:qty|quantity|weight|amount|unit)|qty\b|quantity\s+unit|column)/iu;
/** What is said about a text, or around a lesson, by its form: who sent it and when, how a paper is filed, what is filled in by hand. */
export const AROUND =
  /^(?:contents\b|(?:de)?select all\b|\d\.\d$|\(\d{1,5}\)$|[\d.,]+\s?[KMkm]?\s(?:views|likes|followers|subscribers|shares|plays)\b|music\s*:|(?:ok(?:ay)?|so|right|well|um+|here goes)(?:,?\s(?:ok(?:ay)?|so|its|it[’']s|here (?:goes|it is)|then|now))*\W*$|how (?:many|much) (?:does|do|is|will)\b[^.]{0,40}$|(?:of course|no problem|here you go)\W*$|sorry\b|here (?:it|they|you) (?:is|are|go)\b|scale\s+[\d½]{1,2}\s?x\b|sop\s?\d|by\s[^.\d]{2,60}\s[·•|]\s|(?:level|stage|grade|semester|nvq|diploma)\s\d\b[^:]{0,60}(?:week|lesson|session|day|unit|module|practical)\s\d{1,2}$|rating\s*:|evidence\s*:|(?:shout|give (?:me|us) a shout)\b|\d\.\d\s*\(\d+\)|(?:session |lesson )?aims?\b[^:]{0,20}:|this post\b|disclosure\b|(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\.?\s\d{1,2},?\s\d{4}\b|skills?(?: \p{L}+)?\s*:|from\s["“‘'][^"”’']{3,60}["”’'](?:,?(?:\s(?:page|p\.)\s?\d{1,3})?)?$|from (?:the|my|our|an?)\s[^.\d]{3,60}(?:handouts?|books?|class|course|magazine|kitchen|collection|notes|folder|archive|website|blog|jar|packet|tin|box)\)?$|(?:year|grade|class|form)\s\d{1,2}\b|q\s?:\s|recipe (?:from|by|adapted|courtesy)\b|(?:good\s+)?(?:morning|afternoon|evening)\b[^.]{0,20},$|(?:any|if you have) (?:problems?|questions?|queries)\b|(?:tell|remind|ring|call|text) \p{L}+\b(?! until)|(?:updated|last updated)\b|word ?bank\b|iddsi\b|diet\s*:|doc\b|(?:next|this) (?:week|month|time)\b|edit(?:ed)?\s*:|update\s*:|need (?:any )?help\b|from\s.{3,60}\b(?:19|20)\d{2}\b|printed (?:from|on|by)\b|\((?:from|via|by|adapted|courtesy)\b[^()]*\)$|(?:scaling|quantit(?:y|ies)|weighing|recipe|ingredients?) (?:table|sheet)$|(?:photo|picture|tags?|keywords?|image)s?\s*:|(?:mon|tues|wednes|thurs|fri|satur|sun)day\b[^:]{0,30}$|here(?:[’']s| is| are)\b.{0,60}\b(?:promised|asked|mentioned|recipe)\b|[^.]{0,60}\bhere[’']?s (?:what|how|the list)\b|\d{1,2}\s+(?:ingredients|method|procedure|directions|notes?|variations?|references|see also|equipment)$|(?:st(?:an)?d(?:ard)?\.?\s+|chef[’']?s?\s+)?recipe (?:\d{2,6}\b|card|sheet|file|spec(?:ification)?|no\b)|inspired by\b|category\s*:|find our\b|[[(]?\d{1,2}[:.]\d{2}(?:\s?[ap]\.?m\.?)?[\])]?,?\s+[^:]{1,30}:|(?:contributed|submitted|shared|sent in|donated|adapted|compiled|prepared|approved|checked|written) (?:by|from)\b|(?:recipe )?courtesy of|from the kitchen of|candidates?\b|marks?\s*:|marking\b|key ?words?\s*:|vocabulary\b|risks?\s*:|hazards?\s*:|(?:document|doc|form|code|issue|sheet)\s*(?:no\.?\s*)?\d|task [A-Z\d]\b|how did (?:you|it)\b|one thing\b|next time\b.*_|what went well|["“][^"”]*["”]$)|[★☆]|\bkcals?\b.*(?:protein|fat|carb|fibre|\d)|\b(?:protein|carbs?|carbohydrates?|fibre)\s*:?\s*\d+\s?g\b|\b\d+ (?:votes|ratings)\b|\b(?:approved by|task [A-Z]\b)/iu;
/** Headings under which everything is about something else. */
export const ASIDE_HEADS =
  /^(?:why (?:you|we|this|it|i)\b.{0,40}|faqs?|frequently asked.*|comments?,? (?:questions?|tips?|reviews?)\b.*|(?:please )?like (?:and|&|\+) (?:subscribe|share|follow).*|(?:video )?chapters|timings?|timetable|purpose|scope|records?|responsibilit(?:y|ies)|references|learning (?:aims?|outcomes?|objectives?)|aims?|objectives?|outcomes?|(?:common|typical|usual) (?:faults?|mistakes?|errors?|problems?)|faults(?: and (?:their )?(?:causes|remedies))?|troubleshooting|what can go wrong|(?:assessment|marking) criteria|(?:candidates?|students|learners|you) must|(?:review |check )?questions?|check your (?:learning|understanding|knowledge)|test yourself|activit(?:y|ies)|exercises?|discussion|homework|nutrition(?:\s+(?:facts|information).*)?(?:\s*\([^()]*\))?|reviews?(?:\s*\(\d+\))?|comments?(?:\s*\(\d+\))?|\d+ (?:comments|reviews|thoughts).*|you (?:may|might) also (?:like|enjoy)|related.*|leave a (?:reply|comment)|did you make.*|more recipes.*)\s*:?$/i;
/** "There is nothing better on a rainy evening …": told of the dish, not how to make it. */
/** What a sheet of a lesson says of marks and of clearing away. */
export const OF_THE_LESSON =
  /^(?:(?:cook|work)(?:ing)? in (?:pairs|teams|groups|threes|fours)\b|(?:(?:candidates?|students|learners|you) must\s*:?$|each (?:candidate|student|learner|pair|team) (?:prepares|makes|cooks|produces|will (?:prepare|make|cook|produce))\b.{0,40}$|judges? tastes?\b)|(?:you (?:are|will be)|students are|plates are) (?:marked|assessed|graded|judged) (?:on|for|by)\b|(?:\d{1,2}[:.]\d{2}\s+)?(?:clean|clear|wash|pack)(?:ing)?[- ](?:down|up|away)\b\s*[:(–-]?\s*(?:\d|by\s\d|$)|\d{1,2}[:.]\d{2}\s+(?:break|lunch|briefing|debrief|register|registration|tasting)\b[^.]{0,50}$|\d{1,2}[:.]\d{2}\s+(?:practical|demo(?:nstration)?|theory|assessment|arrival|service|evaluation|end|finish)\b[^.:,]{0,40}$|(?:break|lunch|briefing|debrief|registration)(?:\s*[:(–-]?\s*\d{1,3}\s?min\w*\)?)?$|hand in (?:your|the|all)\b|(?:food\s+)?costs?\s+(?:per|a|each)\s+\p{L}+|(?:food )?cost\s*:?\s*[£$€]|(?:gp|gross profit|selling price)\b[^.]{0,20}\d|marks? available|total marks)|(?:\s#\p{L}{3,}){2,}\s*$/iu;
export const ABOUT_IT =
  /^(?:\p{L}.{0,60}\b(?:are everywhere|right now|all you need is|you[’']ll love|so good|my favou?rite|game[- ]changer)|there (?:is|are|was|were)|there[’']s|this (?:is|was|recipe|dish|soup|cake|bread|one)|these (?:are|were)|it(?:[’']s| is| was) (?:an?|the|my|our|so|perfect|great)|when i was|growing up|nothing (?:beats|better)|we (?:will|shall|are going to) (?:make|cook|bake|prepare)|perfect for|(?:a|an) (?:classic|simple|quick|great|lovely|family)|(?:she|he|they) (?:made|makes|used|always|called|swore|loved)|(?:i|we)(?:[’']ve| have| had)? (?:made|had|ate|got|first|used to|love|loved|always|never|learned|remember|think|found|grew)|(?:my|our) (?:\p{L}+ ){0,2}(?:used to|always|loves?|loved|made|taught|swears))\b/iu;
export const SIGN_OFF =
  /^(?:(?:[Ee]ver\s)?[Yy]ours?,?\s\p{Lu}\p{Ll}+|(?:Aunt|Uncle|Grand\p{Ll}+|Mum|Mom|Dad|Chef)(?:\s\p{Lu}\p{Ll}+)?|\p{Lu}\.|\p{Lu}\p{Ll}{1,12}|[-–—]\s?\p{Lu}\p{Ll}+|x{1,3}(?:\s\p{Lu}\p{Ll}*)?|xox\w*)$/u;
export const RUNNING_HEAD = /^(?:\d{1,4}\s{1,8}\p{Lu}[\p{Lu}\s'’&-]{3,}|\p{Lu}[\p{Lu}\s'’&-]{3,}\s{1,8}\d{1,4}|\d{1,4})$/u;

/** "Pears - 3", "Shallots: 2, finely chopped". */
export const COUNT_BEHIND = /^\p{L}[^\d]{2,50}(?:\s[-–—]|:)\s?\d{1,3}(?:\s(?:no|ea)\.?)?(?:,\s.{2,40})?$/u;
/** "tin toms x2", "spinach - whole bag" */
export const TIMES_BEHIND =
  /^\p{L}[^\d:]{2,40}\s[x×]\s?\d{1,2}(?:\s\p{L}+)?$|^\p{L}[^\d:]{2,40}\s[-–]\s(?:an?\s|one\s|the\s)?(?:whole|half|small|large|big)\s(?:bag|pack|tin|bunch|jar|tub|box|head)$/iu;
/** "3. COURGETTE FRITTERS": a dish by its number in a book, in capitals to the end. */
export const NUMBERED_CAPITALS = /^\d{1,2}[.)]\s+(?=[^\p{Ll}]{5,60}$)/u;
/** "Broth bowl (x 50)" */
export const TIMES_SO_MANY = /(?<=\p{L})\s+\([x×]\s?(\d{1,4})\)$/iu;
/** "LEEK CHOWDER / batch 6L / station: soups": how a sheet is filed, behind its name. */
export const FILED_BEHIND =
  /(?<=\p{L}{3})\s+\/\s+(?:batch|station|section|rev|chef|yield|covers|portions|\d{1,4}\s(?:covers|portions|ptns?|pax))\b.*$/iu;
/** "the rind of a lemon" */
export const PART_OF =
  /^(?:the\s+)?(?:finely\s+)?(?:grated\s+)?(?:(?:juice|zest|rind|peel)\s+(?:of|from)\s|(?:(?:white|brown)\s+)?(?:seeds?|flesh|pulp|leaves|kernels|meat|segments)\s+(?:of|from)\s+(?:\d|[½¼¾]|an?\s|one\s|two\s|three\s|half\s))/i;
/** What is said of an amount behind a name, without a figure. */
export const BY_EYE_BEHIND =
  /^\p{L}[^.:]{2,50}(?:,\s|\s(?=to\s(?:serve|finish|garnish|decorate)$))(?:an?\s+)?(?:(?:good|small|large|big|generous)\s+)?(?:(?:pinch|handful|knob|splash|dash|drizzle|squeeze|glug|slug|few (?:sprigs|leaves|drops)|little|bit)(?:es|s)?|(?:to|for)\s+(?:serve|serving|garnish|finish|finishing|decorate|frying|greasing|dusting|the (?:tin|pan|tray|top)))$/iu;
/** "Oil for frying" */
export const FOR_WORK =
  /^\p{L}[\p{L}\s,]{1,40}\bfor\s+(?:deep[- ]|shallow[- ])?(?:frying|greasing|brushing|dusting|rolling|sprinkling|coating|oiling|tossing|drizzling|the (?:pan|tin|tray|board))\s*$/iu;

/** "plums (1 kg)", "star anise (2)": the amount stands in brackets behind a name. */
export const IN_BRACKETS_BEHIND =
  /^\p{L}[^()\d]{1,50}\((?:about\s+|ca?\.?\s?)?(?:\d[\d.,/]*\s?[½¼¾]?|[½¼¾⅓⅔])(?:\s?(?:kg|g|mg|ml|cl|dl|l|oz|lbs?|tbsp|tsp|cups?|pcs?|ea)\.?)?\)(?:,\s.{2,40})?$/iu;
export const COMPONENT_WORDS =
  /\b(?:base|filling|topping|sauce|dressing|glaze|icing|dough|pastry|sponge|crumb|crust|batter|marinade|brine|syrup|garnish|tempering|assembly|plating|soaker|starter|salad|broth|stock|cream|custard|compote|relish|pickle|salsa|oil|puree|jam|jelly|caramel|mousse|meringue|frosting|streusel|crumble|fritters?|fish|beans?|vegetables?|finish|serve|plate|component)\b/i;

export const AMOUNT_BEHIND =
  /[\s:,–—-]\s*(?:about\s+)?(?:\d[\d.,/]*|[½¼¾⅓⅔])\s?(?:kg|g|mg|ml|cl|dl|l|oz|lbs?|tbsp|tsp|cups?|no\.?|ea\.?|spoons?|spoonfuls?|cloves?|bunch(?:es)?|sprigs?|handfuls?|pinch(?:es)?|sticks?|tins?|cans?|jars?)\b|\s[-–—:]\s?(?:an?|one|two|three|four|half an?)\s+(?:\p{L}+\s+)?(?:cups?|spoons?|spoonfuls?|cloves?|bunch|bunches|sprigs?|handfuls?|pinch|sticks?|tins?|cans?|jars?|knob|splash|glass(?:es)?)\b/iu;
/** "leeks, 12 medium, trimmed", "waxy potatoes, 1 kg, boiled": name, amount, what is done. */
export const BETWEEN_COMMAS =
  /^\p{L}[^,\d]{2,40},\s(?:about\s|ca?\.?\s)?(?:\d{1,4}(?:[.,]\d{1,2})?|[½¼¾⅓⅔])(?:\s?(?:kg|g|ml|cl|dl|l|oz|lbs?|tbsp|tsp|cups?|small|medium|large|bunch(?:es)?|cloves?|sprigs?|sticks?|heads?|tins?|cans?))?(?:,\s.{2,60})?$/iu;

export const SEASONING =
  /^(?:(?:sea|fine|flaky|coarse|table|black|white|ground|freshly)\s+)*(?:s\s?(?:&|\+)\s?p$|salt|pepper|seasoning)(?:\s*(?:and|&|,|\/)\s*(?:(?:freshly|ground|black|white|milled)\s+)*pepper)?(?:\s+from the mill)?$/i;
export const TO_TASTE = /\b(?:to taste|as needed|q\.?s\.?)\b|\bt\.\s?t\.|^TT\s/i;

export const TO_PLATE =
  /^(?:to|for)\s+(?:plate|serve|serving|finish|finishing|garnish|assemble|assembly|decorate|plating)(?:\s+up)?\s*:?$/i;

/** Figures in circles, as steps are numbered by: their value is how far they stand behind the first of their row. */
export const CIRCLED = /^([①-⑳❶-❿➀-➉➊-➓])\s*/u;

export const NUMBERED =
  /^(?:step\s*)?(\d{1,2})\s*(?:(?<=step\s*\d{1,2}\s*)(?=\p{Lu})|\.\d{1,2}\.?(?=\s)|[.):]|[–-](?=\s)|\/(?=\s))\s*(?=\p{L}|\(\p{L})/iu;
export const STEP_ALONE = /^step\s*(\d{1,2})\s*[.:]?$/i;
export const LETTERED = /^[a-hj-z]\s?[.)]\s+(?=\p{L})/u;

/** A sign that begins a line of a list: whatever is drawn there. */
export const BULLET = /^(?:[-*•·‣–—→»›]|(?![°©®™])\p{So}|\[\s?\])\s+/u;

/** A row of dots or strokes, to be filled in by hand: at the end of a line, or strokes inside it. */
export const TO_FILL_IN = /[_.]{6,}$|_{3,}(?=\s|[.°])/;
/** An empty box at the end of a line, to be ticked. */
export const TO_TICK = /\s+(?:\[\s?\]|[☐□▢]|_{2,})$/u;

/** "Each candidate prepares 2 portions of:" stands over the name of the dish. */
export const PREPARES = /\b(?:prepares?|makes?|cooks?|produces?)\b.{0,40}:$/i;
